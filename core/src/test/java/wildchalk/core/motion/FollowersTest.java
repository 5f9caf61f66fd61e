package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Following;
import wildchalk.core.drill.Following.How;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Mark;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;

/** Those who go by where others are: where they are against a twin with steps of 1 ms, and who can keep up. */
class FollowersTest {

    private static final RoleId A = new RoleId("a");
    private static final RoleId D = new RoleId("d");
    private static final MoveId BY = new MoveId("by");
    private static final Mark GOAL = new Mark.TheGoal("left");
    private static final Pace PACE = Pace.of(AgeBand.ADULT, Drills.HANDBALL);

    private static Timeline compile(Progression version) {
        return Timeline.of(Path.usual(version), Drills.HANDBALL, PACE);
    }

    private static Travel by(Following following, Manner manner, Effort effort) {
        return new Travel(BY, D, Optional.empty(), false, manner, effort, List.of(Waypoint.smooth(0, 0)))
                .withFollows(Optional.of(following));
    }

    private static Following following(How how) {
        Mark a = new Mark.Somebody(A);
        return switch (how) {
            case TOWARDS, MIDWAY -> Following.between(how, a, GOAL);
            default -> Following.of(how, A);
        };
    }

    /** Runs about with a hard cut, a curve and a stop, then off again. */
    private static Drills about() {
        return Drills.blank()
                .role("a", Side.ATTACK, 2, 1)
                .role("d", Side.DEFENCE, -2, 2.5)
                .travel(
                        "m1",
                        "a",
                        Optional.empty(),
                        Manner.FORWARD,
                        Effort.STEADY,
                        List.of(
                                new Waypoint(new Point(6, 5), true),
                                Waypoint.smooth(1, 6),
                                Waypoint.smooth(-3, 3),
                                Waypoint.smooth(-8, 4)))
                .travel(
                        "m2",
                        "a",
                        Optional.empty(),
                        Manner.SHUFFLE,
                        Effort.STEADY,
                        List.of(Waypoint.smooth(-8, 0), Waypoint.smooth(-4, -2)));
    }

    // ---- the twin: the law of motion in steps of 1 ms, from what the leader did in the end ----

    private static final class Twin {
        private static final double STEP = 0.001;
        private final Timeline t;
        private final Following following;
        private final Gait gait;
        private final double late;
        private final Point own0;
        private final Point of0;
        private final List<Point> seen = new ArrayList<>();

        Twin(Timeline t, Following following, Gait gait) {
            this.t = t;
            this.following = following;
            this.gait = gait;
            this.late = PACE.reactionSeconds(Cue.OPPONENT, 1);
            this.own0 = t.placeAt(D, 0);
            this.of0 = t.placeAt(A, 0);
        }

        private Point leader(double at) {
            double then = Math.max(0, at - late);
            Point here = t.placeAt(A, then);
            Point before = t.placeAt(A, Math.max(0, then - 0.1));
            return here.plus(here.minus(before).times(late / 0.1));
        }

        private Point spot(double at, Point own) {
            Point a = leader(at);
            double m = following.metres();
            Point goal = Drills.HANDBALL.goal("left").orElseThrow().centre();
            return switch (following.how()) {
                case TRAIL -> trail(at, a, m);
                case BESIDE -> a.plus(own0.minus(of0).times(m / own0.distanceTo(of0)));
                case INSIDE -> new Point(a.x(), a.y() - m * Math.signum(of0.y()));
                case TOWARDS -> a.towards(goal, m / a.distanceTo(goal));
                case MIDWAY -> a.plus(goal).times(0.5);
                case PRESS -> a.towards(own, m / a.distanceTo(own));
                case MIRROR -> {
                    Point n = of0.minus(own0).times(1 / of0.distanceTo(own0));
                    double off = a.minus(of0.plus(own0).times(0.5)).dot(n);
                    yield a.minus(n.times(2 * off));
                }
                case GOAL_LINE -> new Point(a.x(), 0);
            };
        }

        private Point trail(double at, Point a, double m) {
            double until = Math.max(0, at - late);
            Point near = a;
            for (double s = Math.floor(until / 0.02) * 0.02; s > -0.03; s -= 0.02) {
                Point far = s < -0.01 ? own0 : t.placeAt(A, Math.max(0, s));
                if (far.distanceTo(a) >= m) {
                    Point inside = near;
                    double low = 0;
                    double high = 1;
                    for (int i = 0; i < 40; i++) {
                        double middle = (low + high) / 2;
                        boolean in = inside.towards(far, middle).distanceTo(a) < m;
                        low = in ? middle : low;
                        high = in ? high : middle;
                    }
                    return inside.towards(far, low);
                }
                near = far;
            }
            return own0;
        }

        /** Places at every tenth of a second. */
        List<Point> run(double seconds) {
            List<Point> places = new ArrayList<>();
            Point p = own0;
            Point v = Point.ORIGIN;
            int steps = (int) Math.round(seconds / STEP);
            for (int i = 0; i <= steps; i++) {
                if (i % 100 == 0) {
                    places.add(p);
                }
                double at = i * STEP;
                v = v.plus(push(at, p, v).times(STEP));
                p = p.plus(v.times(STEP));
            }
            return places;
        }

        private Point push(double at, Point p, Point v) {
            Point spot = spot(at, p);
            Point carried = spot.minus(spot(Math.max(0, at - 0.1), p)).times(10);
            double far = spot.distanceTo(p);
            double brakes = Shadow.BRAKES_SHARE * gait.brakeAt(gait.fastest());
            double catchUp = Math.min(far / Shadow.CATCH_UP_SECONDS, Math.sqrt(2 * brakes * far));
            Point wanted = far < 1e-9 ? carried : carried.plus(spot.minus(p).times(catchUp / far));
            if (wanted.length() > gait.fastest()) {
                wanted = wanted.times(gait.fastest() / wanted.length());
            }
            Point push = wanted.minus(v).times(1 / Shadow.LEGS_SECONDS);
            double speed = v.length();
            if (speed < Shadow.SLOW) {
                double most = gait.pushAt(speed);
                return push.length() > most ? push.times(most / push.length()) : push;
            }
            Point ahead = v.times(1 / speed);
            double along = Math.max(-gait.brakeAt(speed), Math.min(gait.pushAt(speed), push.dot(ahead)));
            double aside = Math.max(-PACE.lateral(), Math.min(PACE.lateral(), ahead.cross(push)));
            return ahead.times(along).plus(new Point(-ahead.y(), ahead.x()).times(aside));
        }
    }

    @ParameterizedTest
    @EnumSource(How.class)
    void isWhereATwinWithStepsOfAMillisecondIs(How how) {
        Following following = following(how);
        Timeline t =
                compile(about().move(by(following, Manner.FORWARD, Effort.HARD)).progression());
        double end = t.move(BY).end();
        List<Point> twin = new Twin(t, following, PACE.gait(Manner.FORWARD, Effort.HARD, false, 1)).run(end - 0.05);
        assertTrue(twin.size() > 30, "it lasts");
        for (int i = 0; i < twin.size(); i++) {
            double off = t.placeAt(D, i * 0.1).distanceTo(twin.get(i));
            assertTrue(off < 0.05, how + " at " + i * 0.1 + " s: " + off + " m");
        }
    }

    @ParameterizedTest
    @EnumSource(How.class)
    void keepsWithinHisOwnLegs(How how) {
        Timeline t = compile(
                about().move(by(following(how), Manner.SHUFFLE, Effort.HARD)).progression());
        Gait gait = PACE.gait(Manner.SHUFFLE, Effort.HARD, false, 1);
        double before = 0;
        for (double at = 0; at < t.move(BY).end(); at += 0.02) {
            double speed = t.poseAt(D, at).speed();
            assertTrue(speed <= gait.top() + 1e-6, how + " at " + at + ": " + speed);
            assertTrue(speed - before <= gait.push() * 0.02 + 0.01, how + " speeds up at " + at);
            before = speed;
        }
    }

    /** Metres after so many seconds from standing: Furusawa, Hill and Parkinson 1927. */
    private static double ramp(Gait legs, double t) {
        double settle = legs.top() / legs.push();
        return legs.top() * (t - settle * (1 - Math.exp(-t / settle)));
    }

    /** Two in a straight line: behind by what their legs differ. */
    @Test
    void whoIsSlowerFallsBehindByWhatTheirLegsDiffer() {
        Timeline t = compile(Drills.blank()
                .role("a", Side.ATTACK, -18, 0)
                .role("d", Side.DEFENCE, -18, 1)
                .travel("m1", "a", Optional.empty(), Manner.FORWARD, Effort.FLAT_OUT, List.of(Waypoint.smooth(18, 0)))
                .move(by(Following.of(How.BESIDE, A), Manner.BACKWARD, Effort.FLAT_OUT))
                .progression());
        double one = 3;
        double other = 4;
        double grows = t.metresOff(D, other).orElseThrow() - t.metresOff(D, one).orElseThrow();
        double leader = t.placeAt(A, other).distanceTo(t.placeAt(A, one));
        Gait legs = PACE.gait(Manner.BACKWARD, Effort.FLAT_OUT, false, 1);
        double late = PACE.reactionSeconds(Cue.OPPONENT, 1);
        assertEquals(leader - (ramp(legs, other - late) - ramp(legs, one - late)), grows, 0.05);
        assertTrue(t.metresOff(D, other).orElseThrow() > 2);
    }

    @Test
    void whoIsQuickEnoughStaysHipToHip() {
        Timeline t = compile(Drills.blank()
                .role("a", Side.ATTACK, -15, 0)
                .role("d", Side.DEFENCE, -15, 0.9)
                .travel("m1", "a", Optional.empty(), Manner.FORWARD, Effort.EASY, List.of(Waypoint.smooth(15, 0)))
                .move(by(Following.of(How.BESIDE, A), Manner.FORWARD, Effort.HARD))
                .progression());
        for (double at = 2; at < t.move(new MoveId("m1")).end() - 1.5; at += 0.1) {
            assertTrue(t.metresOff(D, at).orElseThrow() < 0.15, "at " + at);
            assertEquals(0.9, t.placeAt(D, at).distanceTo(t.placeAt(A, at)), 0.1);
        }
    }

    /** One by one they are followed, and two who would follow each other are told so. */
    @Test
    void aChainIsFollowedAndACircleIsNot() {
        Travel second = new Travel(
                        new MoveId("by2"),
                        new RoleId("e"),
                        Optional.empty(),
                        false,
                        Manner.FORWARD,
                        Effort.HARD,
                        List.of(Waypoint.smooth(0, 0)))
                .withFollows(Optional.of(Following.of(How.TRAIL, D)));
        Timeline chain = compile(about().role("e", Side.DEFENCE, -4, 3)
                .move(by(Following.of(How.TRAIL, A), Manner.FORWARD, Effort.HARD))
                .move(second)
                .progression());
        assertEquals(List.of(), chain.findings());
        double late = chain.move(new MoveId("by2")).end();
        assertEquals(1.5, chain.placeAt(new RoleId("e"), late).distanceTo(chain.placeAt(D, late)), 0.3);

        Timeline circle = compile(about().role("e", Side.DEFENCE, -4, 3)
                .move(by(Following.of(How.TRAIL, new RoleId("e")), Manner.FORWARD, Effort.HARD))
                .move(second)
                .progression());
        assertEquals(
                List.of("follow-circle"),
                circle.findings().stream().map(f -> f.flaw().id()).toList());
        assertTrue(circle.seconds() < 60);
    }

    @Test
    void goesOnUntilWhatEndsIt() {
        Travel open = by(Following.of(How.TRAIL, A), Manner.FORWARD, Effort.HARD)
                .withUntil(Optional.of(new Event.Ends(new MoveId("m1"))));
        Timeline t = compile(about().move(open).progression());
        assertEquals(t.move(new MoveId("m1")).end(), t.move(BY).end(), 1e-9);
        // he cannot stand at once: he runs out
        assertTrue(t.move(BY).runOutMetres() > 0);
        assertEquals(0, t.poseAt(D, t.seconds() + 5).speed());
    }

    /** Whom nobody can follow any more since he stands: the step goes on. */
    @Test
    void theStepAfterComesWhenTheLeaderHasStood() {
        Timeline t = compile(about().move(by(Following.of(How.BESIDE, A), Manner.FORWARD, Effort.HARD))
                .nextStep()
                .run("m9", "d", 5, 5)
                .progression());
        assertEquals(List.of(), t.findings());
        double leader = t.move(new MoveId("m2")).end();
        assertTrue(t.move(BY).end() >= leader && t.move(BY).end() < leader + 2, "" + t.move(BY));
        assertTrue(t.move(new MoveId("m9")).start() >= t.move(BY).end());
        assertTrue(t.placeAt(D, t.seconds()).isWithin(0.01, new Point(5, 5)));
    }

    @Test
    void looksAtTheBallWhileHeRuns() {
        Timeline t = compile(Drills.blank()
                .role("a", Side.ATTACK, 0, 8)
                .role("d", Side.DEFENCE, -5, 0)
                .ballWith("a")
                .move(new Travel(
                                BY,
                                D,
                                Optional.empty(),
                                false,
                                Manner.BACKWARD,
                                Effort.STEADY,
                                List.of(Waypoint.smooth(5, 0)))
                        .withFaces(Optional.of(new Mark.TheBall(new BallId("b0")))))
                .progression());
        for (double at = 0.2; at < t.move(BY).end() - 0.1; at += 0.2) {
            Pose pose = t.poseAt(D, at);
            double wanted = new Point(0, 8).minus(pose.at()).headingDegrees();
            assertEquals(0, Headings.between(wanted, pose.facingDegrees()), 1e-6);
        }
        assertFalse(t.findings().stream().anyMatch(f -> f.flaw().id().startsWith("follow")));
    }
}
