package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Board;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Weight;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Surface;

class FlightsTest {

    private static final Surface ICE = Drills.ICE; // 60 x 30 m, boards

    private static Pass pass(PassKind kind, Optional<Board> bank) {
        return new Pass(
                new MoveId("m"),
                new RoleId("a"),
                Optional.empty(),
                false,
                new Target.ToRole(new RoleId("b")),
                kind,
                Weight.FIRM,
                false,
                bank);
    }

    private static Lane lane(PassKind kind, Optional<Board> bank, Surface surface, Point from) {
        Pace pace = Pace.of(AgeBand.ADULT, surface);
        return new Lane(pass(kind, bank), surface, pace, from, 0, 1);
    }

    @Test
    void aBouncePassLosesSpeedAtTheFloor() {
        // 9 m at 10 m/s: 6 m before the bounce, 3 m after it at 7 m/s
        Flight f = new Flight(0, List.of(new Point(0, 0), new Point(6, 0), new Point(9, 0)), 10, 0, 0.7, true, false);
        assertEquals(0.6 + 3 / 7.0, f.end(), 1e-9);
        assertEquals(6 + 0.1 * 7, f.at(0.7).x(), 1e-9);
        assertEquals(f.secondsFor(7.4), 0.6 + 1.4 / 7, 1e-9);
    }

    @Test
    void aLoftedBallTakesTheTimeOfAThrow() {
        Flight f = lane(PassKind.LOFTED, Optional.empty(), Drills.HANDBALL, Point.ORIGIN)
                .to(new Point(10, 0))
                .orElseThrow();
        assertEquals(Math.sqrt(2 * 10 * Math.tan(Math.toRadians(35)) / 9.81), f.end(), 1e-9);
        assertTrue(lane(PassKind.LOFTED, Optional.empty(), Drills.HANDBALL, Point.ORIGIN)
                .to(new Point(200, 0))
                .isEmpty());
    }

    @Test
    void aBankLeavesTheBoardAtTheAngleAtWhichItComes() {
        Random random = new Random(7);
        int found = 0;
        for (int i = 0; i < 400; i++) {
            Point from = place(random);
            Point to = place(random);
            for (Board board : Board.values()) {
                Optional<Point> off = Banks.reflection(ICE, board, from, to);
                if (off.isPresent()) {
                    found++;
                    Point out = Point.polar(1, board.outwardDegrees());
                    double in =
                            Math.abs(off.get().minus(from).dot(out)) / off.get().distanceTo(from);
                    double back = Math.abs(to.minus(off.get()).dot(out)) / to.distanceTo(off.get());
                    assertEquals(in, back, 1e-9);
                    assertEquals(Banks.distance(ICE, board), off.get().dot(out), 1e-9, "it is on the board");
                }
            }
        }
        assertTrue(found > 500, "most places can be banked to: " + found);
    }

    private static Point place(Random random) {
        return new Point(random.nextDouble() * 50 - 25, random.nextDouble() * 24 - 12);
    }

    /** The twin tries every place on the board and every moment, and knows nothing of mirrors. */
    @Test
    void aBankMeetsAMovingReceiverAsEarlyAsAnythingCan() {
        Random random = new Random(11);
        int met = 0;
        for (int i = 0; i < 25; i++) {
            Point from = place(random);
            Point start = place(random);
            Point way = Point.polar(4 * random.nextDouble(), 360 * random.nextDouble());
            Lane lane = lane(PassKind.GROUND, Optional.of(Board.LEFT_SIDE), ICE, from);
            var solved = Intercepts.earliest(
                    0,
                    p -> lane.to(p).map(Flight::end).orElse(Double.POSITIVE_INFINITY),
                    t -> start.plus(way.times(t)));
            double brute = brute(lane.plain(from), from, start, way);
            if (solved.isPresent() && brute < 8) {
                met++;
                assertEquals(brute, solved.getAsDouble(), 0.03, "from " + from + " to " + start);
            }
        }
        assertTrue(met > 10, "enough of them meet: " + met);
    }

    private static double brute(Flight plain, Point from, Point start, Point way) {
        for (double t = 0; t < 8; t += 0.01) {
            Point there = start.plus(way.times(t));
            for (double x = -21.5; x <= 21.5; x += 0.05) {
                Point off = new Point(x, 15);
                Flight two =
                        new Flight(0, List.of(from, off, there), plain.speed(), plain.slowing(), 0.85, false, false);
                // a ball leaves the board as it came: of all ways over the board that is the shortest
                if (two.end() <= t && isReflected(from, off, there)) {
                    return t;
                }
            }
        }
        return 99;
    }

    private static boolean isReflected(Point from, Point off, Point to) {
        double in = (off.x() - from.x()) / (off.y() - from.y());
        double out = (to.x() - off.x()) / (off.y() - to.y());
        return Math.abs(in - out) < 0.06;
    }

    @Test
    void aRimFollowsTheBoards() {
        Flight f = lane(PassKind.RIM, Optional.empty(), ICE, new Point(28, 3))
                .to(new Point(20, 13.5))
                .orElseThrow();
        double previous = 0;
        for (Point p : f.path().subList(1, f.path().size() - 1)) {
            assertTrue(ICE.contains(p), "inside the boards: " + p);
            assertTrue(p.y() >= previous - 1e-9, "it goes round one way");
            previous = p.y();
        }
        assertTrue(f.length() > new Point(28, 3).distanceTo(new Point(20, 13.5)), "longer than straight");
    }
}
