package wildchalk.core.surface;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Symmetry;
import wildchalk.core.text.Texts;

/** Collects a surface from its +x end: what is added with {@code both} stands at the other end too. */
final class SurfaceBuilder {

    /** The painted width of a usual line, m. */
    static final double LINE = 0.05;

    private final String sport;
    private final List<Marking> markings = new ArrayList<>();
    private final List<Landmark> landmarks = new ArrayList<>();
    private final List<Zone> zones = new ArrayList<>();
    private final List<GoalMouth> goals = new ArrayList<>();

    SurfaceBuilder(String sport) {
        this.sport = sport;
    }

    void line(double x1, double y1, double x2, double y2, double width, boolean dashed, Ink ink) {
        markings.add(new Marking.Line(new Point(x1, y1), new Point(x2, y2), width, dashed, ink));
    }

    void bothLine(double x1, double y1, double x2, double y2, double width, boolean dashed, Ink ink) {
        line(x1, y1, x2, y2, width, dashed, ink);
        line(-x1, y1, -x2, y2, width, dashed, ink);
    }

    void arc(double x, double y, double r, double start, double sweep, double width, boolean dashed, Ink ink) {
        markings.add(new Marking.Arc(new Point(x, y), r, start, sweep, width, dashed, ink));
    }

    void bothArc(double x, double y, double r, double start, double sweep, double width, boolean dashed, Ink ink) {
        arc(x, y, r, start, sweep, width, dashed, ink);
        arc(-x, y, r, Headings.normalise(180 - start - sweep), sweep, width, dashed, ink);
    }

    void spot(double x, double y, double diameter, Ink ink) {
        markings.add(new Marking.Spot(new Point(x, y), diameter, ink));
    }

    void bothArea(List<Point> outline, Ink ink) {
        markings.add(new Marking.Area(outline, ink));
        markings.add(new Marking.Area(
                outline.stream().map(Symmetry.ACROSS_LENGTH::apply).toList(), ink));
    }

    /** A landmark whose name is the text {@code landmark.<sport>.<id>}. */
    void landmark(String id, double x, double y) {
        landmarks.add(new Landmark(id, name("landmark", id), new Point(x, y)));
    }

    /** A landmark of the attacked end and its partner "own-…" at the other. */
    void bothLandmark(String id, double x, double y) {
        landmark(id, x, y);
        landmarks.add(new Landmark("own-" + id, own(name("landmark", id)), new Point(-x, y)));
    }

    /** The landmarks "left-…" at +y and "right-…" at -y, at both ends. */
    void sidesLandmark(String id, double x, double y) {
        bothLandmark("left-" + id, x, y);
        bothLandmark("right-" + id, x, -y);
    }

    void zone(String id, List<Point> outline) {
        zones.add(new Zone(id, name("zone", id), outline));
    }

    void bothZone(String id, List<Point> outline) {
        zone(id, outline);
        zones.add(new Zone(
                "own-" + id,
                own(name("zone", id)),
                outline.stream().map(Symmetry.ACROSS_LENGTH::apply).toList()));
    }

    void rectangleZone(String id, double minX, double minY, double maxX, double maxY) {
        zones.add(Zone.rectangle(id, name("zone", id), minX, minY, maxX, maxY));
    }

    void bothGoal(double x, double width, double depth) {
        goals.add(new GoalMouth("right", name("goal", "right"), new Point(x, 0), width, depth, 180));
        goals.add(new GoalMouth("left", name("goal", "left"), new Point(-x, 0), width, depth, 0));
    }

    Surface build(
            String id, Medium medium, double length, double width, double radius, boolean boards, double runOffMetres) {
        double l = length / 2;
        double w = width / 2;
        List<View> views = List.of(
                new View("whole", viewName("whole"), -l, -w, l, w),
                new View("half-right", viewName("half-right"), 0, -w, l, w),
                new View("half-left", viewName("half-left"), -l, -w, 0, w));
        return new Surface(
                id,
                Texts.CORE.get("surface." + id),
                sport,
                medium,
                length,
                width,
                radius,
                boards,
                runOffMetres,
                markings,
                landmarks,
                zones,
                goals,
                views);
    }

    private String viewName(String id) {
        return Texts.CORE.get("view." + id);
    }

    private String name(String kind, String id) {
        return Texts.CORE.get(kind + "." + sport + "." + id);
    }

    /** "the left corner" becomes "the left corner at the home end". */
    private static String own(String name) {
        return Texts.CORE.get("landmark.own", name);
    }
}
