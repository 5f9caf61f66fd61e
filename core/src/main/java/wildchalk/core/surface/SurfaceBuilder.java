package wildchalk.core.surface;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Symmetry;
import wildchalk.core.text.SportTexts;
import wildchalk.core.text.Texts;

/** Collects a surface from its +x end: what is added with {@code both} stands at the other end too. */
final class SurfaceBuilder {

    /** The painted width of a usual line, m. */
    static final double LINE = 0.05;

    static final double FOOT = 0.3048;
    static final double YARD = 0.9144;

    private final String sport;
    private final double halfLength;
    private final double halfWidth;
    private final List<Marking> markings = new ArrayList<>();
    private final List<Landmark> landmarks = new ArrayList<>();
    private final List<Zone> zones = new ArrayList<>();
    private final List<GoalMouth> goals = new ArrayList<>();
    private final List<View> views = new ArrayList<>();
    private double cornerRadius;
    private boolean boards;
    private double lineWidth = LINE;

    SurfaceBuilder(String sport, double length, double width) {
        this.sport = sport;
        this.halfLength = length / 2;
        this.halfWidth = width / 2;
        view("whole", -halfLength, -halfWidth, halfLength, halfWidth);
        view("half-right", 0, -halfWidth, halfLength, halfWidth);
        view("half-left", -halfLength, -halfWidth, 0, halfWidth);
    }

    /** The painted width of the lines that follow. */
    SurfaceBuilder pen(double metres) {
        lineWidth = metres;
        return this;
    }

    /** Walls round the playing area, with round corners of a radius. */
    SurfaceBuilder boards(double radius) {
        boards = true;
        cornerRadius = radius;
        return this;
    }

    /** Zero has one sign here, so that equal places are equal records. */
    private static Point at(double x, double y) {
        return new Point(x + 0.0, y + 0.0);
    }

    // ---- lines ----

    void line(double x1, double y1, double x2, double y2, double width, boolean dashed, Ink ink) {
        markings.add(new Marking.Line(at(x1, y1), at(x2, y2), width, dashed, ink));
    }

    void line(double x1, double y1, double x2, double y2) {
        line(x1, y1, x2, y2, lineWidth, false, Ink.LINE);
    }

    /** At both ends. */
    void bothLine(double x1, double y1, double x2, double y2, double width, boolean dashed, Ink ink) {
        line(x1, y1, x2, y2, width, dashed, ink);
        line(-x1, y1, -x2, y2, width, dashed, ink);
    }

    void bothLine(double x1, double y1, double x2, double y2) {
        bothLine(x1, y1, x2, y2, lineWidth, false, Ink.LINE);
    }

    /** At both ends and on both sides. */
    void fourLines(double x1, double y1, double x2, double y2, boolean dashed) {
        bothLine(x1, y1, x2, y2, lineWidth, dashed, Ink.LINE);
        bothLine(x1, -y1, x2, -y2, lineWidth, dashed, Ink.LINE);
    }

    void fourLines(double x1, double y1, double x2, double y2) {
        fourLines(x1, y1, x2, y2, false);
    }

    /** From side line to side line, at both ends. */
    void across(double x, boolean dashed) {
        bothLine(x, -halfWidth, x, halfWidth, lineWidth, dashed, Ink.LINE);
    }

    void halfway() {
        line(0, -halfWidth, 0, halfWidth);
    }

    /** A box on each end line: its front at {@code x}, its sides at {@code ±y}. */
    void bothBoxes(double x, double y) {
        fourLines(halfLength, y, x, y);
        bothLine(x, -y, x, y);
    }

    // ---- arcs and spots ----

    void arc(double x, double y, double r, double start, double sweep, double width, boolean dashed, Ink ink) {
        markings.add(new Marking.Arc(at(x, y), r, start, sweep, width, dashed, ink));
    }

    void circle(double x, double y, double r) {
        arc(x, y, r, 0, 360, lineWidth, false, Ink.LINE);
    }

    void bothArc(double x, double y, double r, double start, double sweep, double width, boolean dashed, Ink ink) {
        arc(x, y, r, start, sweep, width, dashed, ink);
        arc(-x, y, r, Headings.normalise(180 - start - sweep), sweep, width, dashed, ink);
    }

    void bothArc(double x, double y, double r, double start, double sweep) {
        bothArc(x, y, r, start, sweep, lineWidth, false, Ink.LINE);
    }

    /** An arc that faces the middle of the surface, {@code halfAngle} degrees to each side. */
    void facingArc(double x, double r, double halfAngle) {
        bothArc(x, 0, r, 180 - halfAngle, 2 * halfAngle);
    }

    void spot(double x, double y, double diameter, Ink ink) {
        markings.add(new Marking.Spot(at(x, y), diameter, ink));
    }

    void bothSpots(double x, double y, double diameter) {
        spot(x, y, diameter, Ink.LINE);
        spot(-x, y, diameter, Ink.LINE);
    }

    void bothArea(List<Point> outline, Ink ink) {
        area(outline, ink);
        area(outline.stream().map(Symmetry.ACROSS_LENGTH::apply).toList(), ink);
    }

    void area(List<Point> outline, Ink ink) {
        markings.add(new Marking.Area(outline, ink));
    }

    // ---- names ----

    /** A landmark whose name is the text {@code landmark.<sport>.<id>}. */
    void landmark(String id, double x, double y) {
        landmarks.add(new Landmark(id, name("landmark", id), at(x, y)));
    }

    /** A landmark of the attacked end and its partner "own-…" at the other. */
    void bothLandmark(String id, double x, double y) {
        landmark(id, x, y);
        landmarks.add(new Landmark("own-" + id, own(name("landmark", id)), at(-x, y)));
    }

    /** The landmarks "left-…" at +y and "right-…" at -y, at both ends. */
    void sidesLandmark(String id, double x, double y) {
        bothLandmark("left-" + id, x, y);
        bothLandmark("right-" + id, x, -y);
    }

    /** The centre, the ends of halfway and the corners. */
    void usualLandmarks() {
        landmark("centre", 0, 0);
        landmark("left-halfway", 0, halfWidth);
        landmark("right-halfway", 0, -halfWidth);
        sidesLandmark("corner", halfLength, halfWidth);
    }

    void bothZone(String id, List<Point> outline) {
        zones.add(new Zone(id, name("zone", id), outline));
        zones.add(new Zone(
                "own-" + id,
                own(name("zone", id)),
                outline.stream().map(Symmetry.ACROSS_LENGTH::apply).toList()));
    }

    void bothZone(String id, double minX, double minY, double maxX, double maxY) {
        bothZone(id, Zone.rectangle(id, "", minX, minY, maxX, maxY).outline());
    }

    void rectangleZone(String id, double minX, double minY, double maxX, double maxY) {
        zones.add(Zone.rectangle(id, name("zone", id), minX, minY, maxX, maxY));
    }

    /** Three lanes in each half, the middle one {@code 2 · y} wide; they cover the whole area. */
    void lanes(double y) {
        for (String end : new String[] {"", "own-"}) {
            double a = end.isEmpty() ? 0 : -halfLength;
            double b = end.isEmpty() ? halfLength : 0;
            rectangleZone(end + "left-lane", a, y, b, halfWidth);
            rectangleZone(end + "middle-lane", a, -y, b, y);
            rectangleZone(end + "right-lane", a, -halfWidth, b, -y);
        }
    }

    // ---- goals and views ----

    void bothGoal(double x, double width, double depth) {
        bothGoal(x, width, depth, GoalShape.NET);
    }

    void bothGoal(double x, double width, double depth, GoalShape shape) {
        goals.add(new GoalMouth("right", name("goal", "right"), new Point(x, 0), width, depth, 180, shape));
        goals.add(new GoalMouth("left", name("goal", "left"), new Point(-x, 0), width, depth, 0, shape));
    }

    /** A part that can be shown, named by {@code view.<sport>.<id>}. */
    SurfaceBuilder view(String id, double minX, double minY, double maxX, double maxY) {
        views.add(new View(id, name("view", id), minX, minY, maxX, maxY));
        return this;
    }

    /** The attacked end from {@code x} on, the whole width. */
    SurfaceBuilder endView(String id, double x) {
        return view(id, x, -halfWidth, halfLength, halfWidth);
    }

    /** The three thirds of the length. */
    SurfaceBuilder thirds() {
        double x = halfLength / 3;
        view("third-right", x, -halfWidth, halfLength, halfWidth);
        view("third-middle", -x, -halfWidth, x, halfWidth);
        return view("third-left", -halfLength, -halfWidth, -x, halfWidth);
    }

    List<View> views() {
        return List.copyOf(views);
    }

    Surface build(String id, Medium medium, double runOffMetres) {
        return new Surface(
                id,
                Texts.CORE.get("surface." + id),
                sport,
                medium,
                2 * halfLength,
                2 * halfWidth,
                cornerRadius,
                boards,
                runOffMetres,
                markings,
                landmarks,
                zones,
                goals,
                views);
    }

    private String name(String kind, String id) {
        return SportTexts.get(kind, sport, id);
    }

    /** "the left corner" becomes "the left corner at the near end". */
    private static String own(String name) {
        return Texts.CORE.get("landmark.own", name);
    }
}
