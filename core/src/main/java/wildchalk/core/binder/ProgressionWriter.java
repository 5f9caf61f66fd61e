package wildchalk.core.binder;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Kind;
import wildchalk.core.drill.Kinds;
import wildchalk.core.drill.Layout;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Step;
import wildchalk.core.geometry.Point;
import wildchalk.core.json.Extras;
import wildchalk.core.ladder.Changes;
import wildchalk.core.ladder.ListChange;

/** Turns one version of a drill into JSON: whole, or as what it changes in another. */
final class ProgressionWriter {

    private static final JsonNodeFactory MAKE = JsonNodeFactory.instance;

    private final Extras extras;
    private final MoveWriter moves;

    ProgressionWriter(Extras extras) {
        this.extras = extras;
        this.moves = new MoveWriter(extras);
    }

    ObjectNode write(Progression p, Optional<Progression> base, String path) {
        return base.isPresent() ? changed(p, Changes.between(base.get(), p), path) : whole(p, path);
    }

    private ObjectNode whole(Progression p, String path) {
        ObjectNode o = MAKE.objectNode();
        o.put("id", p.id().text()).put("title", p.title());
        KindFiles.BEFORE_STEPS.forEach(kind -> write(kind, o, path, p));
        Layout l = p.layout();
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
        KindFiles.BEHIND_STEPS.forEach(kind -> write(kind, o, path, p));
        c.launch().ifPresent(x -> CourseWriter.launch(o.putObject("launch"), x, path, extras));
        c.alternation().ifPresent(x -> CourseWriter.alternation(o.putObject("alternation"), x, path, extras));
        if (!c.stint().isUsual()) {
            CourseWriter.stint(o.putObject("stint"), c.stint(), path, extras);
        }
        if (c.scoring().isKept()) {
            CourseWriter.scoring(o.putObject("scoring"), c.scoring(), path, extras);
        }
        if (!c.suits().isEmpty()) {
            CourseWriter.suits(o.putObject("suits"), c.suits(), path, extras);
        }
        if (!c.conduct().isPlain()) {
            CourseWriter.conduct(o.putObject("conduct"), c.conduct(), path, extras);
        }
        extras.addTo(path, o);
        return o;
    }

    private ObjectNode changed(Progression p, Changes c, String path) {
        ObjectNode o = MAKE.objectNode();
        o.put("id", p.id().text())
                .put("title", p.title())
                .put("basedOn", p.basedOn().orElseThrow().text());
        KindFiles.BEFORE_STEPS.forEach(kind -> write(kind, o, path, c));
        c.groups().ifPresent(g -> groups(o, g));
        c.locked().ifPresent(l -> o.set("locked", texts(ElementNames.write(l))));
        c.labels().ifPresent(l -> labels(o, l));
        List<Step> steps = p.steps().stream()
                .filter(s -> c.moves().containsKey(s.id().text())
                        || c.of(Kinds.STEPS).set().contains(s.withMoves(List.of())))
                .map(s -> s.withMoves(
                        c.moves().getOrDefault(s.id().text(), ListChange.none()).set()))
                .toList();
        if (!steps.isEmpty()) {
            steps(
                    o,
                    path,
                    steps,
                    s -> c.of(Kinds.STEPS).set().contains(s.withMoves(List.of())) ? Head.WHOLE : Head.NONE);
        }
        KindFiles.BEHIND_STEPS.forEach(kind -> write(kind, o, path, c));
        c.launch()
                .ifPresent(l -> l.ifPresentOrElse(
                        x -> CourseWriter.launch(o.putObject("launch"), x, path, extras),
                        () -> o.put("noLaunch", true)));
        c.alternation()
                .ifPresent(a -> a.ifPresentOrElse(
                        x -> CourseWriter.alternation(o.putObject("alternation"), x, path, extras),
                        () -> o.put("noAlternation", true)));
        c.stint().ifPresent(s -> CourseWriter.stint(o.putObject("stint"), s, path, extras));
        c.scoring().ifPresent(s -> CourseWriter.scoring(o.putObject("scoring"), s, path, extras));
        c.suits().ifPresent(s -> CourseWriter.suits(o.putObject("suits"), s, path, extras));
        c.conduct().ifPresent(x -> CourseWriter.conduct(o.putObject("conduct"), x, path, extras));
        removed(o, c);
        order(o, c);
        extras.addTo(path, o);
        return o;
    }

    private static void removed(ObjectNode o, Changes c) {
        List<String> names = new ArrayList<>();
        for (Kind<?> kind : Kinds.ALL) {
            c.of(kind).removed().stream().sorted().forEach(id -> names.add(kind.one() + "/" + id));
        }
        c.moves().values().forEach(m -> m.removed().stream().sorted().forEach(id -> names.add("move/" + id)));
        if (!names.isEmpty()) {
            o.set("remove", texts(names));
        }
    }

    private static void order(ObjectNode o, Changes c) {
        ObjectNode order = MAKE.objectNode();
        for (Kind<?> kind : Kinds.ALL) {
            if (!c.of(kind).order().isEmpty()) {
                order.set(kind.many(), texts(c.of(kind).order()));
            }
        }
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

    private <T> void write(KindFile<T> kind, ObjectNode o, String path, Progression p) {
        List<T> all = kind.kind().of(p);
        if (!all.isEmpty() || KindFiles.isAlwaysWritten(kind.kind())) {
            kind.write(o, path, all, extras);
        }
    }

    private <T> void write(KindFile<T> kind, ObjectNode o, String path, Changes c) {
        List<T> set = c.of(kind.kind()).set();
        if (!set.isEmpty()) {
            kind.write(o, path, set, extras);
        }
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

    private static ArrayNode point(Point p) {
        return SurfaceWriter.point(p);
    }

    private static ArrayNode texts(List<String> list) {
        return DrillWriter.texts(list);
    }
}
