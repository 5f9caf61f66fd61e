package wildchalk.core.binder;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BiConsumer;
import java.util.function.Function;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Layout;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.Note;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Point;
import wildchalk.core.json.Extras;
import wildchalk.core.json.Fields;
import wildchalk.core.ladder.Changes;
import wildchalk.core.ladder.ListChange;

/** Turns one version of a drill into JSON: whole, or as what it changes in another. */
final class ProgressionWriter {

    private static final JsonNodeFactory MAKE = JsonNodeFactory.instance;

    private final Extras extras;
    private final MoveWriter moves;
    private final CourseWriter courses;

    ProgressionWriter(Extras extras) {
        this.extras = extras;
        this.moves = new MoveWriter(extras);
        this.courses = new CourseWriter(extras, moves);
    }

    ObjectNode write(Progression p, Optional<Progression> base, String path) {
        return base.isPresent() ? changed(p, Changes.between(base.get(), p), path) : whole(p, path);
    }

    private ObjectNode whole(Progression p, String path) {
        ObjectNode o = MAKE.objectNode();
        o.put("id", p.id().text()).put("title", p.title());
        list(o, path, "gear", p.gear(), g -> g.id().text(), this::gear);
        list(o, path, "lines", p.lines(), l -> l.id().text(), this::line);
        list(o, path, "roles", p.roles(), r -> r.id().text(), this::role);
        list(o, path, "balls", p.balls(), b -> b.id().text(), this::ball);
        Layout l = p.layout();
        layout(o, path, l.zones(), l.notes(), l.gaps());
        if (!l.groups().isEmpty()) {
            groups(o, l.groups());
        }
        if (!l.locked().isEmpty()) {
            o.set("locked", texts(ElementNames.write(l.locked())));
        }
        if (!l.labels().isEmpty()) {
            labels(o, l.labels());
        }
        steps(o, path, p.steps(), s -> Head.WHERE_ANY);
        Course c = p.course();
        course(o, path, c.forks(), c.calls(), c.rules(), c.rotation());
        c.launch().ifPresent(x -> courses.launch(o.putObject("launch"), x, path));
        if (!c.suits().isEmpty()) {
            courses.suits(o.putObject("suits"), c.suits(), path);
        }
        extras.addTo(path, o);
        return o;
    }

    private ObjectNode changed(Progression p, Changes c, String path) {
        ObjectNode o = MAKE.objectNode();
        o.put("id", p.id().text())
                .put("title", p.title())
                .put("basedOn", p.basedOn().orElseThrow().text());
        some(o, path, "gear", c.gear().set(), g -> g.id().text(), this::gear);
        some(o, path, "lines", c.lines().set(), l -> l.id().text(), this::line);
        some(o, path, "roles", c.roles().set(), r -> r.id().text(), this::role);
        some(o, path, "balls", c.balls().set(), b -> b.id().text(), this::ball);
        layout(o, path, c.zones().set(), c.notes().set(), c.gaps().set());
        c.groups().ifPresent(g -> groups(o, g));
        c.locked().ifPresent(l -> o.set("locked", texts(ElementNames.write(l))));
        c.labels().ifPresent(l -> labels(o, l));
        List<Step> steps = p.steps().stream()
                .filter(s ->
                        c.moves().containsKey(s.id().text()) || c.steps().set().contains(s.withMoves(List.of())))
                .map(s -> s.withMoves(
                        c.moves().getOrDefault(s.id().text(), ListChange.none()).set()))
                .toList();
        if (!steps.isEmpty()) {
            steps(o, path, steps, s -> c.steps().set().contains(s.withMoves(List.of())) ? Head.WHOLE : Head.NONE);
        }
        course(
                o,
                path,
                c.forks().set(),
                c.calls().set(),
                c.rules().set(),
                c.rotation().set());
        c.launch()
                .ifPresent(l -> l.ifPresentOrElse(
                        x -> courses.launch(o.putObject("launch"), x, path), () -> o.put("noLaunch", true)));
        c.suits().ifPresent(s -> courses.suits(o.putObject("suits"), s, path));
        removed(o, c);
        order(o, c);
        extras.addTo(path, o);
        return o;
    }

    private static void removed(ObjectNode o, Changes c) {
        List<String> names = new ArrayList<>();
        named(c).forEach(
                        (kind, change) -> change.removed().stream().sorted().forEach(id -> names.add(kind + "/" + id)));
        c.moves().values().forEach(m -> m.removed().stream().sorted().forEach(id -> names.add("move/" + id)));
        if (!names.isEmpty()) {
            o.set("remove", texts(names));
        }
    }

    private static Map<String, ListChange<?>> named(Changes c) {
        Map<String, ListChange<?>> map = new LinkedHashMap<>();
        map.put("gear", c.gear());
        map.put("line", c.lines());
        map.put("role", c.roles());
        map.put("ball", c.balls());
        map.put("zone", c.zones());
        map.put("note", c.notes());
        map.put("gap", c.gaps());
        map.put("step", c.steps());
        map.put("fork", c.forks());
        map.put("calls", c.calls());
        map.put("rule", c.rules());
        map.put("rotation", c.rotation());
        return map;
    }

    private static void order(ObjectNode o, Changes c) {
        ObjectNode order = MAKE.objectNode();
        named(c).forEach((kind, change) -> {
            boolean same = kind.equals("gear") || kind.equals("calls") || kind.equals("rotation");
            if (!change.order().isEmpty()) {
                order.set(same ? kind : kind + "s", texts(change.order()));
            }
        });
        c.moves().forEach((step, change) -> {
            if (!change.order().isEmpty()) {
                order.set("moves/" + step, texts(change.order()));
            }
        });
        if (!order.isEmpty()) {
            o.set("order", order);
        }
    }

    /** How much of a step is written beside its moves. */
    private enum Head {
        /** What there is. */
        WHERE_ANY,
        /** All, so that nothing is inherited. */
        WHOLE,
        /** Nothing, so that all is inherited. */
        NONE
    }

    private void steps(ObjectNode o, String path, List<Step> list, Function<Step, Head> heads) {
        ArrayNode steps = o.putArray("steps");
        for (Step step : list) {
            String at = path + "/steps/" + step.id();
            ObjectNode s = steps.addObject();
            s.put("id", step.id().text());
            Head head = heads.apply(step);
            step.on().filter(x -> head != Head.NONE).ifPresent(on -> {
                ObjectNode n = s.putObject("on");
                n.put("fork", on.fork().text()).put("branch", on.branch().text());
                extras.addTo(at + "/on", n);
            });
            ArrayNode all = s.putArray("moves");
            step.moves().forEach(m -> all.add(moves.move(m, at + "/moves/" + m.id())));
            if (head == Head.WHOLE || head == Head.WHERE_ANY && !step.points().isEmpty()) {
                s.set("points", texts(step.points()));
            }
            step.question().filter(x -> head != Head.NONE).ifPresent(q -> {
                ObjectNode n = s.putObject("question");
                q.at().ifPresent(m -> n.put("start", m.text()));
                n.put("ask", q.ask());
                if (!q.answer().isEmpty()) {
                    n.put("answer", q.answer());
                }
                extras.addTo(at + "/question", n);
            });
            extras.addTo(at, s);
        }
    }

    private void course(
            ObjectNode o, String path, List<Fork> forks, List<CallSet> calls, List<Rule> rules, List<Rotation> turns) {
        some(o, path, "forks", forks, f -> f.id().text(), (n, f) -> courses.fork(n, f, path + "/forks/" + f.id()));
        some(o, path, "calls", calls, c -> c.id().text(), courses::calls);
        some(o, path, "rules", rules, r -> r.id().text(), (n, r) -> courses.rule(n, r, path + "/rules/" + r.id()));
        if (!turns.isEmpty()) {
            ArrayNode array = o.putArray("rotation");
            for (int i = 0; i < turns.size(); i++) {
                ObjectNode n = array.addObject();
                courses.rotation(n, turns.get(i));
                extras.addTo(path + "/rotation/" + i, n);
            }
        }
    }

    private void layout(ObjectNode o, String path, List<MarkedZone> zones, List<Note> notes, List<Gap> gaps) {
        some(o, path, "zones", zones, z -> z.id().text(), this::zone);
        some(o, path, "notes", notes, n -> n.id().text(), this::note);
        some(o, path, "gaps", gaps, g -> g.id().text(), this::gap);
    }

    private static void groups(ObjectNode o, List<Set<ElementId>> all) {
        ArrayNode groups = o.putArray("groups");
        all.forEach(g -> groups.add(texts(ElementNames.write(g))));
    }

    private static void labels(ObjectNode o, Map<ElementId, Point> all) {
        Map<String, Point> sorted = new TreeMap<>();
        all.forEach((of, by) -> sorted.put(ElementNames.write(Set.of(of)).get(0), by));
        ArrayNode labels = o.putArray("labels");
        sorted.forEach((of, by) -> labels.addObject().put("of", of).set("by", point(by)));
    }

    /** A list that is left out where it is empty. */
    private <T> void some(
            ObjectNode into,
            String path,
            String name,
            List<T> items,
            Function<T, String> id,
            BiConsumer<ObjectNode, T> fill) {
        if (!items.isEmpty()) {
            list(into, path, name, items, id, fill);
        }
    }

    private <T> void list(
            ObjectNode into,
            String path,
            String name,
            List<T> items,
            Function<T, String> id,
            BiConsumer<ObjectNode, T> fill) {
        ArrayNode array = into.putArray(name);
        for (T item : items) {
            ObjectNode o = array.addObject();
            o.put("id", id.apply(item));
            fill.accept(o, item);
            extras.addTo(path + "/" + name + "/" + id.apply(item), o);
        }
    }

    private void zone(ObjectNode o, MarkedZone z) {
        o.put("name", z.name()).put("kind", Fields.nameOf(z.kind()));
        o.set("outline", SurfaceWriter.points(z.outline()));
    }

    private void note(ObjectNode o, Note n) {
        o.put("text", n.text());
        o.set("at", point(n.at()));
        n.target().ifPresent(p -> o.set("pointsAt", point(p)));
    }

    private void gap(ObjectNode o, Gap g) {
        o.put("number", g.number());
        o.set("from", point(g.from()));
        o.set("to", point(g.to()));
    }

    private void gear(ObjectNode o, Gear g) {
        o.put("kind", Fields.nameOf(g.kind()));
        if (g.colour() != Chalk.ORANGE) {
            o.put("colour", Fields.nameOf(g.colour()));
        }
        o.set("at", point(g.at()));
        heading(o, g.facingDegrees());
        if (!g.size().equals(g.kind().footprint())) {
            o.set("size", point(new Point(g.size().widthMetres(), g.size().depthMetres())));
        }
        if (!g.label().isEmpty()) {
            o.put("label", g.label());
        }
        if (g.count() != (g.kind().isSupply() ? Gear.USUAL_SUPPLY : 1)) {
            o.put("count", g.count());
        }
    }

    private void line(ObjectNode o, WaitingLine l) {
        o.put("label", l.label());
        o.set("at", point(l.at()));
        heading(o, l.facingDegrees());
        ArrayNode feeds = o.putArray("feeds");
        l.feeds().forEach(r -> feeds.add(r.text()));
        o.put("standing", l.standing());
    }

    private void role(ObjectNode o, Role r) {
        o.put("label", r.label()).put("side", Fields.nameOf(r.side()));
        r.at().ifPresent(p -> o.set("at", point(p)));
        heading(o, r.facingDegrees());
        if (r.pace() != 1) {
            number(o, "pace", r.pace());
        }
        r.team().ifPresent(t -> o.put("team", Fields.nameOf(t)));
        if (r.hand() != Hand.NONE) {
            o.put("hand", Fields.nameOf(r.hand()));
        }
        if (!r.task().isEmpty()) {
            o.put("task", r.task());
        }
    }

    private void ball(ObjectNode o, Ball b) {
        b.start().match(with -> o.put("with", with.role().text()), loose -> o.set("at", point(loose.at())));
    }

    private static void heading(ObjectNode o, double degrees) {
        DrillWriter.heading(o, degrees);
    }

    private static ArrayNode point(Point p) {
        return SurfaceWriter.point(p);
    }

    private static ArrayNode texts(List<String> list) {
        return DrillWriter.texts(list);
    }

    private static void number(ObjectNode o, String name, double value) {
        DrillWriter.number(o, name, value);
    }
}
