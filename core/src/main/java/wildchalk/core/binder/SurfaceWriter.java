package wildchalk.core.binder;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import wildchalk.core.geometry.Point;
import wildchalk.core.json.Extras;
import wildchalk.core.json.Fields;
import wildchalk.core.json.JsonText;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.Ink;
import wildchalk.core.surface.Marking;
import wildchalk.core.surface.OwnSurfaces;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.View;

/** Turns an own surface into the JSON of its file. The counterpart of {@link SurfaceReader}. */
final class SurfaceWriter {

    private final Extras extras;
    private final String path;

    private SurfaceWriter(Extras extras, String path) {
        this.extras = extras;
        this.path = path;
    }

    static ObjectNode file(Surface surface, Extras extras) {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        ObjectNode format = o.putObject("format");
        format.put("name", SurfaceReader.FORMAT).put("version", SurfaceReader.VERSION);
        extras.addTo("/format", format);
        new SurfaceWriter(extras, "").fill(o, surface);
        return o;
    }

    /** Inside a drill, where it has no format of its own. */
    static void inside(ObjectNode o, Surface surface, Extras extras, String path) {
        new SurfaceWriter(extras, path).fill(o, surface);
    }

    private void fill(ObjectNode o, Surface s) {
        o.put("id", s.id()).put("title", s.title());
        if (!s.sport().equals(OwnSurfaces.NO_SPORT)) {
            o.put("like", s.sport());
        }
        o.put("ground", Fields.nameOf(s.medium()));
        o.set("size", point(new Point(s.lengthMetres(), s.widthMetres())));
        number(o, "corner", s.cornerRadiusMetres(), 0);
        if (s.boards()) {
            o.put("boards", true);
        }
        number(o, "runOff", s.runOffMetres(), 0);
        ArrayNode markings = o.putArray("markings");
        for (int i = 0; i < s.markings().size(); i++) {
            ObjectNode m = markings.addObject();
            marking(m, s.markings().get(i));
            extras.addTo(path + "/markings/" + i, m);
        }
        ArrayNode landmarks = o.putArray("landmarks");
        s.landmarks().forEach(l -> {
            ObjectNode n = named(landmarks, "landmarks", l.id(), l.name());
            n.set("at", point(l.at()));
        });
        ArrayNode zones = o.putArray("zones");
        s.zones().forEach(z -> {
            ObjectNode n = named(zones, "zones", z.id(), z.name());
            n.set("outline", points(z.outline()));
        });
        ArrayNode goals = o.putArray("goals");
        s.goals().forEach(g -> goal(named(goals, "goals", g.id(), g.name()), g));
        ArrayNode views = o.putArray("views");
        OwnSurfaces.ownViews(s).forEach(v -> view(named(views, "views", v.id(), v.name()), v));
        extras.addTo(path, o);
    }

    private ObjectNode named(ArrayNode list, String kind, String id, String name) {
        ObjectNode n = list.addObject();
        n.put("id", id).put("name", name);
        extras.addTo(path + "/" + kind + "/" + id, n);
        return n;
    }

    private static void goal(ObjectNode n, GoalMouth g) {
        n.set("at", point(g.centre()));
        n.set("width", JsonText.number(g.widthMetres()));
        n.set("depth", JsonText.number(g.depthMetres()));
        n.set("facing", JsonText.number(g.facingDegrees()));
        n.put("shape", Fields.nameOf(g.shape()));
    }

    private static void view(ObjectNode n, View v) {
        n.putArray("x").add(JsonText.number(v.minX())).add(JsonText.number(v.maxX()));
        n.putArray("y").add(JsonText.number(v.minY())).add(JsonText.number(v.maxY()));
    }

    private static void marking(ObjectNode o, Marking marking) {
        marking.match(
                l -> {
                    o.put("draw", "line");
                    o.set("from", point(l.from()));
                    o.set("to", point(l.to()));
                    return pen(o, l.widthMetres(), l.dashed());
                },
                a -> {
                    o.put("draw", "arc");
                    o.set("at", point(a.centre()));
                    o.set("radius", JsonText.number(a.radiusMetres()));
                    o.set("start", JsonText.number(a.startDegrees()));
                    o.set("sweep", JsonText.number(a.sweepDegrees()));
                    return pen(o, a.widthMetres(), a.dashed());
                },
                s -> {
                    o.put("draw", "spot");
                    o.set("at", point(s.centre()));
                    return o.set("diameter", JsonText.number(s.diameterMetres()));
                },
                area -> o.put("draw", "area").set("outline", points(area.outline())));
        if (marking.ink() != Ink.LINE) {
            o.put("ink", Fields.nameOf(marking.ink()));
        }
    }

    private static ObjectNode pen(ObjectNode o, double width, boolean dashed) {
        number(o, "width", width, 0.05);
        return dashed ? o.put("dashed", true) : o;
    }

    private static void number(ObjectNode o, String name, double value, double usual) {
        if (value != usual) {
            o.set(name, JsonText.number(value));
        }
    }

    static ArrayNode points(List<Point> list) {
        ArrayNode array = JsonNodeFactory.instance.arrayNode();
        list.forEach(p -> array.add(point(p)));
        return array;
    }

    static ArrayNode point(Point p) {
        ArrayNode array = JsonNodeFactory.instance.arrayNode();
        array.add(JsonText.number(p.x()));
        array.add(JsonText.number(p.y()));
        return array;
    }
}
