package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Passing;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Round;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;

/** Travels that end when something happens. */
class UntilTest {

    private static final MoveId RUN = new MoveId("run");
    private static final MoveId CALL = new MoveId("call");
    private static final RoleId A = new RoleId("a");

    /** A runs 30 m straight ahead until the coach calls, some seconds after the whistle. */
    private static Progression straight(double seconds, Optional<Event> until) {
        return Drills.blank()
                .role("a", Side.ATTACK, -18, 0)
                .role("c", Side.COACH, 0, 8)
                .move(run(List.of(Waypoint.smooth(12, 0)), until))
                .move(call(seconds))
                .progression();
    }

    private static Travel run(List<Waypoint> path, Optional<Event> until) {
        return new Travel(RUN, A, Optional.empty(), false, Manner.FORWARD, Effort.HARD, path, until);
    }

    private static Act call(double seconds) {
        return new Act(
                CALL,
                new RoleId("c"),
                Optional.of(Trigger.onWhistle(seconds)),
                false,
                new Deed.Calling("now", Optional.empty()));
    }

    private static Timeline timed(Progression p) {
        return Timeline.of(Path.usual(p), Drills.HANDBALL, Pace.of(AgeBand.U16, Drills.HANDBALL));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.4, 1, 2, 3.5})
    void heRunsOnAsBeforeAndThenBrakesAsHardAsHeCan(double seconds) {
        Timeline whole = timed(straight(seconds, Optional.empty()));
        Timeline cut = timed(straight(seconds, Optional.of(new Event.Starts(CALL))));
        for (double t = 0; t <= seconds; t += 0.05) {
            assertEquals(whole.poseAt(A, t).at(), cut.poseAt(A, t).at());
        }
        double speed = (whole.poseAt(A, seconds).at().x()
                        - whole.poseAt(A, seconds - 1e-4).at().x())
                / 1e-4;
        Gait gait = Pace.of(AgeBand.U16, Drills.HANDBALL).gait(Manner.FORWARD, Effort.HARD, false, 1);
        double stops = whole.poseAt(A, seconds).at().x() + gait.stopMetres(speed);
        assertEquals(stops, cut.poseAt(A, cut.seconds()).at().x(), 0.15);
        assertEquals(seconds + gait.stopSeconds(speed), cut.move(RUN).end(), 0.15);
        assertEquals(List.of(), cut.findings());
    }

    @Test
    void goingRoundAndRoundEndsWhereTheCallFindsHim() {
        Point centre = new Point(0, 0);
        Waypoint rounds = new Waypoint(
                new Point(5, 0),
                Passing.CURVE,
                Hand.NONE,
                0,
                Optional.of(new Round(centre, 4, Hand.LEFT)),
                Optional.empty());
        Progression drill = Drills.blank()
                .role("a", Side.ATTACK, 5, -3)
                .role("c", Side.COACH, 0, 8)
                .move(run(List.of(rounds), Optional.of(new Event.Starts(CALL))))
                .move(call(8))
                .nextStep()
                .run("on", "a", 15, 0)
                .progression();
        Timeline timeline = timed(drill);
        double stands = timeline.move(RUN).end();
        assertTrue(8 < stands && stands < 10, "he stops soon after the call: " + stands);
        assertEquals(5, timeline.poseAt(A, 8).at().distanceTo(centre), 0.1);
        assertEquals(stands, timeline.move(new MoveId("on")).start(), 1e-6);
        assertEquals(List.of(), timeline.findings());
    }

    @Test
    void aNextRunThatIsKnownGoesOnWithoutAStop() {
        Progression drill = Drills.blank()
                .role("a", Side.ATTACK, -18, 0)
                .role("c", Side.COACH, 0, 8)
                .move(run(List.of(Waypoint.smooth(12, 0)), Optional.of(new Event.Starts(CALL))))
                .run("back", "a", -2, 9)
                .move(call(2.5))
                .progression();
        Timeline timeline = timed(drill);
        double joint = timeline.move(RUN).end();
        assertTrue(timeline.poseAt(A, joint).at().x() < 0, "the first run was cut short");
        double before = timeline.poseAt(A, joint - 0.01)
                .at()
                .distanceTo(timeline.poseAt(A, joint).at());
        assertTrue(before / 0.01 > 0.5, "he turns without standing still");
    }

    @Test
    void whatCannotEndItIsSaidAndItGoesToTheEndOfItsPath() {
        assertSays("until-early", straight(9, Optional.of(new Event.Starts(CALL))));
        assertSays("until-never", straight(1, Optional.of(new Event.Handles(A, Event.Handling.GETS))));
        Progression late = Drills.blank()
                .role("a", Side.ATTACK, -18, 0)
                .role("c", Side.COACH, 0, 8)
                .move(call(1))
                .nextStep()
                .move(run(List.of(Waypoint.smooth(12, 0)), Optional.of(new Event.Starts(CALL))))
                .progression();
        assertSays("until-before", late);
    }

    private static void assertSays(String rule, Progression version) {
        Timeline timeline = timed(version);
        assertEquals(
                List.of(rule), timeline.findings().stream().map(f -> f.rule()).toList());
        assertEquals(12, timeline.poseAt(A, timeline.seconds()).at().x(), 1e-6);
    }

    static LongStream seeds() {
        return LongStream.range(0, 150);
    }

    /** Nobody can know before it happens what will end somebody's run. */
    @ParameterizedTest
    @MethodSource("seeds")
    void whatHappensLaterChangesNothingBefore(long seed) {
        Random random = new Random(seed);
        Progression drill = RandomDrills.sensible(seed, 6, 3, 14);
        List<Move> moves = drill.moves();
        List<Travel> travels = moves.stream()
                .filter(m -> m instanceof Travel)
                .map(m -> (Travel) m)
                .toList();
        Travel travel = travels.get(random.nextInt(travels.size()));
        Move other = moves.get(random.nextInt(moves.size()));
        if (other.id().equals(travel.id())) {
            return;
        }
        Event event = random.nextBoolean() ? new Event.Starts(other.id()) : new Event.Ends(other.id());
        Timeline before = timed(drill);
        Progression changed = drill.withMove(travel.withUntil(Optional.of(event)));
        Timeline after = timed(changed);
        MoveSpan span = after.move(other.id());
        double at = event instanceof Event.Starts ? span.start() : span.end();
        for (Role role : drill.roles()) {
            for (int i = 0; i <= 40; i++) {
                double t = at * i / 40;
                Point was = before.poseAt(role.id(), t).at();
                Point is = after.poseAt(role.id(), t).at();
                assertTrue(was.isWithin(1e-6, is), role.label() + " at " + t + " of " + at);
            }
        }
        assertTrue(after.move(travel.id()).metres() <= before.move(travel.id()).metres() + 1e-6, "it is no longer");
    }
}
