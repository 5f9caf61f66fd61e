package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.runthrough.RunThrough;

/** Notes a turn off the inner foot: a crossing step, where a cut is usually pushed off the outer one. */
final class FootCheck {

    private static final Flaw INSIDE = Flaw.note("plant-inside");

    /** A smaller turn (degrees) is done off either foot, and one right round too. */
    private static final double LEAST_DEGREES = 25;

    private static final double MOST_DEGREES = 160;

    private FootCheck() {}

    static List<Finding> of(RunThrough run) {
        List<Finding> found = new ArrayList<>();
        for (Move move : run.path().moves()) {
            if (move instanceof Travel travel && run.timeline().move(move.id()).happens()) {
                inside(run, travel, found);
            }
        }
        return found;
    }

    private static void inside(RunThrough run, Travel travel, List<Finding> found) {
        Point from = start(run, travel);
        for (int i = 0; i + 1 < travel.path().size(); i++) {
            Waypoint w = travel.path().get(i);
            double turn = turn(from, w, travel.path().get(i + 1).at());
            if (w.foot() != Hand.NONE && isInner(w.foot(), turn)) {
                found.add(Finding.of(INSIDE, travel.id(), travel.role())
                        .with(Quantity.DEGREES, Math.abs(turn))
                        .named(w.foot() == Hand.LEFT ? "left" : "right")
                        .at(w.at(), timeAt(run, travel, w.at())));
                return;
            }
            from = w.leave();
        }
    }

    private static Point start(RunThrough run, Travel travel) {
        return run.timeline()
                .placeAt(travel.role(), run.timeline().move(travel.id()).start());
    }

    /** How far he turns, degrees, counter-clockwise above 0. */
    private static double turn(Point from, Waypoint w, Point to) {
        return w.at().equals(from) || w.leave().equals(to)
                ? 0
                : Headings.normalise(to.minus(w.leave()).headingDegrees()
                        - w.at().minus(from).headingDegrees());
    }

    private static boolean isInner(Hand foot, double turn) {
        double size = Math.abs(turn);
        return size >= LEAST_DEGREES && size <= MOST_DEGREES && (turn > 0) == (foot == Hand.LEFT);
    }

    /** When he is nearest to a place. */
    private static double timeAt(RunThrough run, Travel travel, Point place) {
        MoveSpan span = run.timeline().move(travel.id());
        double best = span.start();
        for (double t = span.start(); t < span.end(); t += 0.05) {
            boolean nearer = run.timeline().placeAt(travel.role(), t).distanceTo(place)
                    < run.timeline().placeAt(travel.role(), best).distanceTo(place);
            best = nearer ? t : best;
        }
        return best;
    }

    /** With the outer foot planted at every turn off the inner one. */
    static Travel outerFoot(RunThrough run, Travel travel) {
        Point from = start(run, travel);
        List<Waypoint> points = new ArrayList<>(travel.path());
        for (int i = 0; i + 1 < points.size(); i++) {
            Waypoint w = points.get(i);
            if (w.foot() != Hand.NONE
                    && isInner(w.foot(), turn(from, w, points.get(i + 1).at()))) {
                points.set(i, w.withFoot(w.foot().swapped()));
            }
            from = w.leave();
        }
        return travel.withPath(points);
    }
}
