package wildchalk.core.reps;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.Launches;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Pace;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;

/** Who is where while reps follow one another: nobody vanishes, nobody jumps, everybody gets a turn. */
class RepFlowTest {

    private static final RoleId A = new RoleId("a");

    private static Drill oneLine(int standing) {
        Progression plain = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .run("m1", "a", 10, 0)
                .progression();
        WaitingLine line = new WaitingLine(new LineId("p"), "P", new Point(0, 0), 0, List.of(A), standing);
        Role fed = new Role(A, "A", Side.ATTACK, Optional.empty(), 0, 1);
        Progression version = plain.withPeople(List.of(line), List.of(fed), plain.balls(), plain.steps())
                .withCourse(
                        plain.course().with(Rotation.toLine(A, line.id())).withLaunch(Optional.of(Launch.WHEN_OVER)));
        return Drills.drill(version, AgeBand.U16);
    }

    private static RepFlow flow(Drill drill) {
        RunThrough run = RunThrough.of(drill, drill.base());
        return RepFlow.of(run.path(), run.timeline(), Pace.of(drill));
    }

    @Test
    void aLineOfThreeTakesTurnsAndMovesUp() {
        Drill drill = oneLine(3);
        RepFlow flow = flow(drill);
        double rep = Timeline.of(drill, Path.usual(drill.base())).seconds();
        assertEquals(0, flow.startOf(0));
        assertEquals(rep, flow.startOf(1), 1e-9);
        for (int turn = 0; turn < 3; turn++) {
            int wanted = turn;
            List<Somebody> all = flow.at(flow.startOf(turn) + 0.01);
            assertEquals(3, all.size());
            assertTrue(all.get(wanted).plays(), "it is the turn of person " + wanted);
            assertEquals(0, all.get(wanted).at().distanceTo(new Point(0, 0)), 0.1);
        }
        // one second after the first has gone the others stand a metre farther up
        List<Somebody> later = flow.at(1.0);
        assertEquals(0, later.get(1).at().distanceTo(new Point(0, 0)), 1e-9);
        assertEquals(0, later.get(2).at().distanceTo(new Point(-1, 0)), 1e-9);
        // and the first walks back to the tail
        Somebody back = flow.at(rep + 2).get(0);
        assertTrue(!back.plays() && back.at().x() < 10 && back.at().x() > -2, back.toString());
    }

    @Test
    void withNobodyToSpareTheNextRepWaitsForWhoIsOnTheWay() {
        Drill drill = oneLine(1);
        RepFlow flow = flow(drill);
        double rep = Timeline.of(drill, Path.usual(drill.base())).seconds();
        double walk = 10
                / Pace.of(drill).topSpeed(wildchalk.core.drill.Manner.FORWARD, wildchalk.core.drill.Effort.WALK, false);
        assertEquals(rep + RepScript.AFTERWARDS_SECONDS + walk, flow.startOf(1), 1e-6, "the rep, and the walk back");
        assertEquals(0, flow.repAt(rep + walk / 2));
    }

    @Test
    void aDrillInWhichNothingHappensHasRepsThatPass() {
        Drill still = Drills.drill(Drills.blank().role("a", Side.ATTACK, 3, 0).progression(), AgeBand.U16);
        assertEquals(1, flow(still).at(100).size());
        WaitingLine nobodys = new WaitingLine(new LineId("p"), "P", new Point(0, 0), 0, List.of(), 3);
        Progression bare = Drills.blank().progression();
        Drill empty =
                Drills.drill(bare.withPeople(List.of(nobodys), List.of(), bare.balls(), bare.steps()), AgeBand.U16);
        assertEquals(List.of(), flow(empty).at(100));
    }

    static Stream<Drill> everyDrill() {
        return Demo.everything();
    }

    /** In every drill over its first reps: as many people at every moment, none of whom is faster than a sprint. */
    @ParameterizedTest
    @MethodSource("everyDrill")
    void peopleAreKeptAndNobodyJumps(Drill drill) {
        RepFlow flow = flow(drill);
        double until = Math.min(120, flow.startOf(4) + 10);
        List<Somebody> before = flow.at(0);
        int people = before.size();
        Map<Integer, Double> most = new HashMap<>();
        for (double t = 0.05; t < until; t += 0.05) {
            List<Somebody> now = flow.at(t);
            assertEquals(people, now.size());
            for (int i = 0; i < people; i++) {
                assertEquals(i, now.get(i).number());
                double moved = now.get(i).at().distanceTo(before.get(i).at());
                most.merge(i, moved, Math::max);
            }
            before = now;
        }
        Path path = RunThrough.byClock(drill, Path.usual(drill.base()));
        boolean overlaps = Launches.period(path, Timeline.of(drill, path)).orElse(1e9)
                < Timeline.of(drill, path).seconds() - 1e-6;
        if (!overlaps) {
            most.forEach((person, metres) ->
                    assertTrue(metres <= 0.75, drill.title() + ": person " + person + " jumps " + metres + " m"));
        }
    }

    /** Whatever happens in a rep is done by one person who is just where the drill has that part. */
    @ParameterizedTest
    @MethodSource("everyDrill")
    void everyMoveIsDoneBySomebodyInItsPlace(Drill drill) {
        RepFlow flow = flow(drill);
        for (int rep = 0; rep < 4; rep++) {
            Path path = flow.scriptOf(rep).path;
            Timeline timeline = flow.scriptOf(rep).timeline;
            for (Move move : path.moves()) {
                MoveSpan span = timeline.move(move.id());
                if (!span.happens()
                        || path.lineFeeding(move.role())
                                .filter(l -> l.standing() < 2)
                                .isPresent()) {
                    continue;
                }
                double t = flow.startOf(rep) + span.start();
                Point wanted = timeline.poseAt(move.role(), span.start()).at();
                long there = flow.at(t).stream()
                        .filter(s -> s.plays() && s.role().equals(move.role()) && s.at().isWithin(0.02, wanted))
                        .count();
                assertEquals(1, there, drill.title() + ", rep " + rep + ", " + move.id() + " at " + t);
            }
        }
    }
}
