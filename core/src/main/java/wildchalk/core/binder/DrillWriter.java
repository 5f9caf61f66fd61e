package wildchalk.core.binder;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BiConsumer;
import java.util.function.Function;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Backdrop;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Layout;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MovedGoal;
import wildchalk.core.drill.Note;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Overlay;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.surface.View;

/** Turns a drill into the JSON of its file, keys always in the same order. The counterpart of {@link DrillReader}. */
final class DrillWriter {

    private static final JsonNodeFactory MAKE = JsonNodeFactory.instance;

    private final Extras extras;

    private DrillWriter(Extras extras) {
        this.extras = extras;
    }

    static ObjectNode write(Drill drill, Extras extras) {
        return new DrillWriter(extras).drill(drill);
    }

    private ObjectNode drill(Drill drill) {
        ObjectNode o = MAKE.objectNode();
        ObjectNode format = o.putObject("format");
        format.put("name", DrillReader.FORMAT).put("version", DrillReader.VERSION);
        extras.addTo("/format", format);
        o.put("id", drill.id().text()).put("title", drill.title());
        surface(o.putObject("surface"), drill.surfaceUse());
        audience(o.putObject("for"), drill.audience());
        o.set("themes", texts(drill.themes()));
        if (!drill.notes().isEmpty()) {
            o.put("notes", drill.notes());
        }
        drill.backdrop().ifPresent(b -> backdrop(o.putObject("backdrop"), b));
        ArrayNode list = o.putArray("progressions");
        for (Progression p : drill.progressions()) {
            list.add(progression(p, "/progressions/" + p.id()));
        }
        extras.addTo("", o);
        return o;
    }

    private void surface(ObjectNode o, SurfaceUse use) {
        Surface floor = use.floor();
        if (use.isOwn()) {
            SurfaceWriter.inside(o.putObject("own"), floor, extras, "/surface/own");
        } else {
            o.put("use", floor.id());
            if (!floor.equals(Surfaces.find(floor.id()).orElseThrow())) {
                o.set("size", point(new Point(floor.lengthMetres(), floor.widthMetres())));
            }
        }
        View view = use.view();
        if (view.id().equals(View.CUSTOM)) {
            ObjectNode v = o.putObject("view");
            v.set("x", point(new Point(view.minX(), view.maxX())));
            v.set("y", point(new Point(view.minY(), view.maxY())));
            extras.addTo("/surface/view", v);
        } else {
            o.put("view", view.id());
        }
        if (use.standing()) {
            o.put("standing", true);
        }
        if (!use.overlays().isEmpty()) {
            ArrayNode list = o.putArray("overlays");
            for (int i = 0; i < use.overlays().size(); i++) {
                overlay(list.addObject(), use.overlays().get(i), "/surface/overlays/" + i);
            }
        }
        if (!use.goals().isEmpty()) {
            ArrayNode list = o.putArray("goals");
            for (MovedGoal goal : use.goals()) {
                ObjectNode g = list.addObject();
                g.put("id", goal.goal());
                g.set("at", point(goal.at()));
                heading(g, goal.facingDegrees());
                extras.addTo("/surface/goals/" + goal.goal(), g);
            }
        }
        extras.addTo("/surface", o);
    }

    private void overlay(ObjectNode o, Overlay laid, String path) {
        o.put("use", laid.surfaceId());
        o.set("at", point(laid.at()));
        if (laid.crosswise()) {
            o.put("crosswise", true);
        }
        if (laid.strong()) {
            o.put("strong", true);
        }
        o.put("ink", Fields.nameOf(laid.ink()));
        extras.addTo(path, o);
    }

    private void backdrop(ObjectNode o, Backdrop b) {
        o.put("picture", b.picture());
        o.set("at", point(b.at()));
        number(o, "width", b.widthMetres());
        number(o, "dim", b.dim());
        extras.addTo("/backdrop", o);
    }

    private void layout(ObjectNode o, String path, Layout layout) {
        if (!layout.zones().isEmpty()) {
            list(o, path, "zones", layout.zones(), z -> z.id().text(), this::zone);
        }
        if (!layout.notes().isEmpty()) {
            list(o, path, "notes", layout.notes(), n -> n.id().text(), this::note);
        }
        if (!layout.gaps().isEmpty()) {
            list(o, path, "gaps", layout.gaps(), g -> g.id().text(), this::gap);
        }
        if (!layout.groups().isEmpty()) {
            ArrayNode groups = o.putArray("groups");
            layout.groups().forEach(g -> groups.add(texts(ElementNames.write(g))));
        }
        if (!layout.locked().isEmpty()) {
            o.set("locked", texts(ElementNames.write(layout.locked())));
        }
        if (!layout.labels().isEmpty()) {
            Map<String, Point> sorted = new TreeMap<>();
            layout.labels()
                    .forEach((of, by) ->
                            sorted.put(ElementNames.write(Set.of(of)).get(0), by));
            ArrayNode labels = o.putArray("labels");
            sorted.forEach((of, by) -> labels.addObject().put("of", of).set("by", point(by)));
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

    private void audience(ObjectNode o, Audience audience) {
        ArrayNode ages = o.putArray("ages");
        audience.ages().forEach(a -> ages.add(a.label()));
        ObjectNode players = o.putObject("players");
        players.put("min", audience.players().min())
                .put("best", audience.players().best())
                .put("max", audience.players().max());
        extras.addTo("/for/players", players);
        if (audience.minutes() != Audience.USUAL_MINUTES) {
            o.put("minutes", audience.minutes());
        }
        extras.addTo("/for", o);
    }

    private ObjectNode progression(Progression p, String path) {
        ObjectNode o = MAKE.objectNode();
        o.put("id", p.id().text()).put("title", p.title());
        list(o, path, "gear", p.gear(), g -> g.id().text(), this::gear);
        list(o, path, "lines", p.lines(), l -> l.id().text(), this::line);
        list(o, path, "roles", p.roles(), r -> r.id().text(), this::role);
        list(o, path, "balls", p.balls(), b -> b.id().text(), this::ball);
        layout(o, path, p.layout());
        ArrayNode steps = o.putArray("steps");
        for (Step step : p.steps()) {
            String at = path + "/steps/" + step.id();
            ObjectNode s = steps.addObject();
            s.put("id", step.id().text());
            ArrayNode moves = s.putArray("moves");
            step.moves().forEach(m -> moves.add(move(m, at + "/moves/" + m.id())));
            if (!step.points().isEmpty()) {
                s.set("points", texts(step.points()));
            }
            extras.addTo(at, s);
        }
        extras.addTo(path, o);
        return o;
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

    private ObjectNode move(Move m, String path) {
        ObjectNode o = MAKE.objectNode();
        o.put("id", m.id().text()).put("role", m.role().text());
        m.match(t -> travel(o, t, path), p -> pass(o, p, path), s -> shot(o, s), u -> o.put("do", "pick-up"), w -> {
            o.put("do", "wait");
            return number(o, "seconds", w.seconds());
        });
        m.trigger().ifPresent(t -> trigger(o.putObject("when"), t, path));
        if (m.runsOn()) {
            o.put("runsOn", true);
        }
        extras.addTo(path, o);
        return o;
    }

    private ObjectNode travel(ObjectNode o, Travel t, String path) {
        o.put("do", "travel").put("manner", Fields.nameOf(t.manner())).put("effort", Fields.nameOf(t.effort()));
        ArrayNode points = o.putArray("path");
        for (int i = 0; i < t.path().size(); i++) {
            Waypoint w = t.path().get(i);
            ObjectNode whole = MAKE.objectNode();
            whole.set("at", point(w.at()));
            if (w.cut()) {
                whole.put("cut", true);
            }
            extras.addTo(path + "/path/" + i, whole);
            points.add(whole.size() == 1 ? point(w.at()) : whole);
        }
        return o;
    }

    private ObjectNode pass(ObjectNode o, Pass p, String path) {
        o.put("do", "pass");
        ObjectNode to = o.putObject("to");
        p.to().match(role -> to.put("role", role.role().text()), place -> to.set("at", point(place.at())));
        extras.addTo(path + "/to", to);
        return o.put("kind", Fields.nameOf(p.kind())).put("weight", Fields.nameOf(p.weight()));
    }

    private ObjectNode shot(ObjectNode o, Shot s) {
        return o.put("do", "shot")
                .put("goal", s.goal())
                .put("aim", Fields.nameOf(s.aim()))
                .put("weight", Fields.nameOf(s.weight()));
    }

    private void trigger(ObjectNode o, Trigger t, String path) {
        t.event()
                .match(
                        whistle -> o.put("whistle", true),
                        starts -> o.put("start", starts.move().text()),
                        ends -> o.put("end", ends.move().text()),
                        caught -> o.put("caught", caught.move().text()));
        if (t.plusSeconds() > 0) {
            number(o, "plus", t.plusSeconds());
        }
        extras.addTo(path + "/when", o);
    }

    private static void heading(ObjectNode o, double degrees) {
        if (degrees != 0) {
            number(o, "facing", degrees);
        }
    }

    private static ArrayNode point(Point p) {
        return SurfaceWriter.point(p);
    }

    private static ArrayNode texts(List<String> list) {
        ArrayNode array = MAKE.arrayNode();
        list.forEach(array::add);
        return array;
    }

    private static ObjectNode number(ObjectNode o, String name, double value) {
        o.set(name, JsonText.number(value));
        return o;
    }
}
