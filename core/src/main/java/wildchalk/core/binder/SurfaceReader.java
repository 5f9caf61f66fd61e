package wildchalk.core.binder;

import java.util.List;
import wildchalk.core.geometry.Point;
import wildchalk.core.json.Fields;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.GoalShape;
import wildchalk.core.surface.Ink;
import wildchalk.core.surface.Landmark;
import wildchalk.core.surface.Marking;
import wildchalk.core.surface.Medium;
import wildchalk.core.surface.OwnSurfaces;
import wildchalk.core.surface.Size;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.surface.View;
import wildchalk.core.surface.Zone;
import wildchalk.core.text.SportTexts;

/** Turns the JSON of an own surface into a surface. The counterpart of {@link SurfaceWriter}. */
final class SurfaceReader {

    static final String FORMAT = "wild-chalk-surface";
    static final int VERSION = 1;

    private static final int NAME_LENGTH = 200;
    private static final int MOST_MARKS = 5_000;

    private SurfaceReader() {}

    static Surface file(Fields f) throws FormatProblem {
        f.object("format").readAll(g -> g.format(FORMAT, VERSION));
        return surface(f);
    }

    /** A surface without a format of its own: inside a drill. */
    static Surface surface(Fields f) throws FormatProblem {
        String id = f.slug("id");
        if (Surfaces.find(id).isPresent()) {
            throw f.problem("\"%s\" is a surface that comes with Wild Chalk; give your own another id.".formatted(id));
        }
        String title = f.text("title", NAME_LENGTH);
        String sport = f.has("like") ? f.slug("like") : OwnSurfaces.NO_SPORT;
        if (!SportTexts.has("sport", sport, "name")) {
            throw f.problem("\"like\" is \"%s\", which is no sport that Wild Chalk knows.".formatted(sport));
        }
        Medium medium = f.choiceOr("ground", Medium.class, Medium.FLOOR);
        Point size = f.point("size");
        Size area = new Size(size.x(), size.y());
        double corner = f.numberOr("corner", 0, 0, Math.min(area.lengthMetres(), area.widthMetres()) / 2);
        boolean boards = f.flagOr("boards", false);
        double runOff = f.numberOr("runOff", 0, 0, 20);
        List<Marking> markings = few(f, "markings", f.elements("markings", SurfaceReader::marking));
        List<Landmark> landmarks = few(f, "landmarks", f.elements("landmarks", SurfaceReader::landmark));
        List<Zone> zones = few(f, "zones", f.elements("zones", SurfaceReader::zone));
        List<GoalMouth> goals = few(f, "goals", f.elements("goals", SurfaceReader::goal));
        List<View> views = few(f, "views", f.elements("views", SurfaceReader::view));
        Surface drawn = new Surface(
                id,
                title,
                sport,
                medium,
                area.lengthMetres(),
                area.widthMetres(),
                corner,
                boards,
                runOff,
                markings,
                landmarks,
                zones,
                goals,
                OwnSurfaces.standardViews(area));
        return OwnSurfaces.of(drawn, views);
    }

    private static <T> List<T> few(Fields f, String name, List<T> list) throws FormatProblem {
        if (list.size() > MOST_MARKS) {
            throw f.problem("\"%s\" has %d elements; %d is the most.".formatted(name, list.size(), MOST_MARKS));
        }
        return list;
    }

    private static Marking marking(Fields f) throws FormatProblem {
        Ink ink = f.choiceOr("ink", Ink.class, Ink.LINE);
        String kind = f.text("draw", 20);
        return switch (kind) {
            case "line" -> new Marking.Line(f.point("from"), f.point("to"), width(f), f.flagOr("dashed", false), ink);
            case "arc" ->
                new Marking.Arc(
                        f.point("at"),
                        f.number("radius", 0.01, Fields.MAX_METRES),
                        f.numberOr("start", 0, -720, 720),
                        f.numberOr("sweep", 360, -360, 360),
                        width(f),
                        f.flagOr("dashed", false),
                        ink);
            case "spot" -> new Marking.Spot(f.point("at"), f.number("diameter", 0.01, 50), ink);
            case "area" -> new Marking.Area(f.points("outline", 3, 500), ink);
            default ->
                throw f.problem(
                        f.raw("draw"),
                        "\"draw\" should be one of line, arc, spot, area; found \"%s\".".formatted(kind));
        };
    }

    private static double width(Fields f) throws FormatProblem {
        return f.numberOr("width", 0.05, 0.005, 2);
    }

    private static Landmark landmark(Fields f) throws FormatProblem {
        return new Landmark(f.slug("id"), f.text("name", NAME_LENGTH), f.point("at"));
    }

    private static Zone zone(Fields f) throws FormatProblem {
        return new Zone(f.slug("id"), f.text("name", NAME_LENGTH), f.points("outline", 3, 500));
    }

    private static GoalMouth goal(Fields f) throws FormatProblem {
        return new GoalMouth(
                f.slug("id"),
                f.text("name", NAME_LENGTH),
                f.point("at"),
                f.number("width", 0.1, 20),
                f.numberOr("depth", 1, 0, 10),
                f.numberOr("facing", 0, -360, 360),
                f.choiceOr("shape", GoalShape.class, GoalShape.NET));
    }

    private static View view(Fields f) throws FormatProblem {
        List<Double> x = f.pair("x");
        List<Double> y = f.pair("y");
        return new View(f.slug("id"), f.text("name", NAME_LENGTH), x.get(0), y.get(0), x.get(1), y.get(1));
    }
}
