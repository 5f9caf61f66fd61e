package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedSet;
import java.util.TreeSet;
import wildchalk.core.drill.Passing;
import wildchalk.core.drill.Round;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Polyline;
import wildchalk.core.geometry.Splines;

/**
 * Where a travel goes: the coach's points, smoothed but for the hard cuts, with circles where somebody goes round.
 *
 * @param line the path, finely cut where it bends
 * @param corners indices of points of the line where the path turns hard, in rising order; ends are not among them
 * @param stops seconds of standing at corners where somebody stops or touches; the last point may be among them
 * @param keeps share of the speed that is kept at corners where somebody turns without stopping
 */
public record Route(Polyline line, List<Integer> corners, Map<Integer, Double> stops, Map<Integer, Double> keeps) {

    /** Spacing of points on a curve: on a turn of 1 m the chord stays within 5 mm of the arc. */
    static final double SPACING_METRES = 0.2;

    /** Nobody goes round a circle smaller than this, m. */
    private static final double LEAST_RADIUS_METRES = 0.1;

    /** A circle is cut into pieces of about so many degrees: the chord stays within 1/500 of the radius of the arc. */
    private static final double ARC_DEGREES = 7;

    /** On a curve the line turns by about a degree from point to point; by so many at once it is no curve. */
    private static final double TIGHT_COSINE = StrictMath.cos(Math.toRadians(25));

    public Route {
        corners = List.copyOf(corners);
        stops = Map.copyOf(stops);
        keeps = Map.copyOf(keeps);
    }

    public static Route of(Point start, Travel travel) {
        List<Point> line = new ArrayList<>();
        List<Integer> corners = new ArrayList<>();
        Map<Integer, Double> stops = new HashMap<>();
        List<Point> section = new ArrayList<>(List.of(start));
        for (Waypoint w : travel.path()) {
            section.add(w.at());
            boolean round =
                    w.round().isPresent() && w.at().distanceTo(w.round().get().centre()) > LEAST_RADIUS_METRES;
            if (w.cut() || round) {
                append(line, section);
                section = new ArrayList<>(List.of(w.at()));
            }
            if (w.cut()) {
                corners.add(line.size() - 1);
                if (w.how() != Passing.CUT) {
                    stops.put(line.size() - 1, pause(w));
                }
            }
            if (round) {
                List<Point> arc = circle(w.at(), w.round().get());
                line.addAll(arc.subList(1, arc.size()));
                section = new ArrayList<>(List.of(line.get(line.size() - 1)));
            }
        }
        if (section.size() > 1) {
            append(line, section);
        }
        corners.removeIf(c -> c == line.size() - 1);
        Route drawn = new Route(new Polyline(line), corners, stops, Map.of());
        return drawn.withTightBendsAsCorners();
    }

    private static double pause(Waypoint w) {
        return Math.max(w.pauseSeconds(), w.how() == Passing.TOUCH ? Pace.TOUCH_LINE_SECONDS : 0);
    }

    private static List<Point> circle(Point from, Round round) {
        Point spoke = from.minus(round.centre());
        int pieces = (int) Math.ceil(Math.abs(round.sweepDegrees()) / ARC_DEGREES);
        List<Point> arc = new ArrayList<>();
        for (int i = 0; i <= pieces; i++) {
            arc.add(round.centre()
                    .plus(Point.polar(spoke.length(), spoke.headingDegrees() + round.sweepDegrees() * i / pieces)));
        }
        arc.set(0, from);
        return arc;
    }

    /** Where a smooth path doubles back on itself nobody curves at a crawl: he plants and turns there too. */
    private Route withTightBendsAsCorners() {
        SortedSet<Integer> all = new TreeSet<>(corners);
        for (int i = 1; i + 1 < line.size(); i++) {
            if (isTight(line.point(i - 1), line.point(i), line.point(i + 1))) {
                all.add(i);
            }
        }
        return all.size() == corners.size() ? this : new Route(line, List.copyOf(all), stops, keeps);
    }

    private static boolean isTight(Point before, Point here, Point after) {
        Point in = here.minus(before);
        Point out = after.minus(here);
        double along = in.dot(out);
        return along < 0 || along * along < in.dot(in) * out.dot(out) * TIGHT_COSINE * TIGHT_COSINE;
    }

    private static void append(List<Point> line, List<Point> section) {
        List<Point> curve = Splines.centripetal(section, SPACING_METRES);
        line.addAll(line.isEmpty() ? curve : curve.subList(1, curve.size()));
    }

    /**
     * Routes one after the other, joined in one go; the joints become corners.
     *
     * @param kept for each route the share of the speed that is kept at the joint before it, where somebody turns or scoops
     *     on the run; 1 for none
     */
    static Route joined(List<Route> routes, List<Double> kept) {
        if (routes.size() == 1) {
            return routes.get(0);
        }
        List<Point> line = new ArrayList<>(List.of(routes.get(0).line.point(0)));
        List<Integer> corners = new ArrayList<>();
        Map<Integer, Double> stops = new HashMap<>();
        Map<Integer, Double> keeps = new HashMap<>();
        for (int i = 0; i < routes.size(); i++) {
            Route next = routes.get(i);
            int joint = line.size() - 1;
            if (i > 0) {
                corners.add(joint);
            }
            line.addAll(next.line.points().subList(1, next.line.size()));
            next.corners.forEach(c -> corners.add(c + joint));
            next.stops.forEach((c, s) -> stops.put(c + joint, s));
            next.keeps.forEach((c, s) -> keeps.put(c + joint, s));
            if (kept.get(i) < 1) {
                keeps.put(joint, kept.get(i));
            }
        }
        return new Route(new Polyline(line), corners, stops, keeps);
    }

    /** Its first part, of a length in metres that is less than its own. */
    Route upTo(double metres) {
        int kept = 1;
        while (line.metresAt(kept) < metres) {
            kept++;
        }
        int last = kept;
        List<Point> points = new ArrayList<>(line.points().subList(0, last));
        points.add(line.at(metres));
        Map<Integer, Double> earlyStops = new HashMap<>(stops);
        earlyStops.keySet().removeIf(i -> i >= last);
        Map<Integer, Double> earlyKeeps = new HashMap<>(keeps);
        earlyKeeps.keySet().removeIf(i -> i >= last);
        return new Route(
                new Polyline(points), corners.stream().filter(i -> i < last).toList(), earlyStops, earlyKeeps);
    }

    /** For each point of the line whether the path turns hard there. */
    boolean[] cornerMarks() {
        boolean[] marks = new boolean[line.size()];
        corners.forEach(c -> marks[c] = true);
        return marks;
    }

    /** Degrees by which the path turns at an inner point of the line. */
    double turnDegreesAt(int index) {
        double in = headingOfPiece(index - 1, -1);
        double out = headingOfPiece(index, 1);
        return Headings.between(in, out);
    }

    private double headingOfPiece(int piece, int step) {
        int i = piece;
        while (i > 0 && i < line.size() - 2 && line.metresAt(i + 1) - line.metresAt(i) <= 0) {
            i += step;
        }
        return line.point(i + 1).minus(line.point(i)).headingDegrees();
    }

    /** 1/m at an inner point that is no corner: the circle through it and its neighbours. */
    double curvatureAt(int index) {
        Point a = line.point(index - 1);
        Point b = line.point(index);
        Point c = line.point(index + 1);
        double sides = (line.metresAt(index + 1) - line.metresAt(index))
                * (line.metresAt(index) - line.metresAt(index - 1))
                * c.distanceTo(a);
        return sides > 0 ? 2 * Math.abs(b.minus(a).cross(c.minus(b))) / sides : 0;
    }
}
