package wildchalk.core.binder;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import wildchalk.core.drill.Accepted;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Backdrop;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.MovedGoal;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.geometry.Point;
import wildchalk.core.json.Extras;
import wildchalk.core.json.Fields;
import wildchalk.core.json.JsonText;
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
        ProgressionWriter progressions = new ProgressionWriter(extras);
        for (Progression p : drill.progressions()) {
            list.add(progressions.write(p, p.basedOn().flatMap(drill::progression), "/progressions/" + p.id()));
        }
        if (!drill.accepted().isEmpty()) {
            ArrayNode accepted = o.putArray("accepted");
            for (int i = 0; i < drill.accepted().size(); i++) {
                accepted(accepted.addObject(), drill.accepted().get(i), "/accepted/" + i);
            }
        }
        extras.addTo("", o);
        return o;
    }

    private void accepted(ObjectNode o, Accepted a, String path) {
        o.put("version", a.version().text()).put("rule", a.rule());
        o.set("about", texts(a.about()));
        if (!a.name().isEmpty()) {
            o.put("name", a.name());
        }
        if (!a.figures().isEmpty()) {
            ObjectNode figures = o.putObject("figures");
            a.figures().entrySet().stream()
                    .sorted(Map.Entry.comparingByKey())
                    .forEach(e -> number(figures, e.getKey(), e.getValue()));
            extras.addTo(path + "/figures", figures);
        }
        o.put("reason", a.reason());
        extras.addTo(path, o);
    }

    /** What a drill or a session stands on. */
    static void surface(ObjectNode o, SurfaceUse use, Extras extras) {
        new DrillWriter(extras).surface(o, use);
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

    static void heading(ObjectNode o, double degrees) {
        if (degrees != 0) {
            number(o, "facing", degrees);
        }
    }

    private static ArrayNode point(Point p) {
        return SurfaceWriter.point(p);
    }

    static ArrayNode texts(List<String> list) {
        ArrayNode array = MAKE.arrayNode();
        list.forEach(array::add);
        return array;
    }

    static ObjectNode number(ObjectNode o, String name, double value) {
        o.set(name, JsonText.number(value));
        return o;
    }
}
