package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.check.Checks;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Path;
import wildchalk.core.path.Way;
import wildchalk.core.runthrough.RunThrough;

/** Until a fork is met all its ways look alike: who plays it has not seen yet which way it goes. */
class ForkTimesTest {

    private static final double LOOK_SECONDS = 0.05;

    static Stream<Drill> forked() {
        List<Drill> drills = new ArrayList<>();
        Demo.ids().stream().map(Demo::read).forEach(drills::add);
        Drill court = Demo.read("crossing-backs");
        LongStream.range(0, 25)
                .mapToObj(seed -> court.withProgressions(List.of(RandomDrills.forked(seed))))
                .forEach(drills::add);
        return drills.stream()
                .filter(d -> d.progressions().stream()
                        .anyMatch(p -> !p.course().forks().isEmpty()));
    }

    @ParameterizedTest
    @MethodSource("forked")
    void waysThatPartAtAForkAreTheSameBeforeIt(Drill drill) {
        for (Progression whole : drill.progressions()) {
            List<Way> ways = Outcomes.ways(whole);
            for (int i = 0; i + 1 < ways.size(); i++) {
                Path one = Path.of(whole, ways.get(i).choices());
                Path other = Path.of(whole, ways.get(i + 1).choices());
                Timeline a = Timeline.of(drill, one);
                Timeline b = Timeline.of(drill, other);
                double parts = parting(whole, one, other, a);
                for (double t = 0; t < parts; t += LOOK_SECONDS) {
                    for (RoleId role : a.roles()) {
                        assertTrue(
                                a.poseAt(role, t)
                                        .at()
                                        .isWithin(0.02, b.poseAt(role, t).at()),
                                role + " at " + t + " before " + parts + " on "
                                        + ways.get(i).label());
                    }
                }
            }
        }
    }

    /** The second at which the first fork is met at which two ways go apart; 0 where a call parts them from the start. */
    private static double parting(Progression whole, Path one, Path other, Timeline timeline) {
        if (!one.course().calls().equals(other.course().calls())) {
            return 0;
        }
        for (Fork fork : whole.course().forks()) {
            var here = one.course().fork(fork.id());
            if (here.isPresent() && !here.equals(other.course().fork(fork.id()))) {
                return ForkTimes.at(one, timeline, here.get());
            }
        }
        return 0;
    }

    @ParameterizedTest
    @MethodSource("forked")
    void aForkIsMetWithinItsStep(Drill drill) {
        for (Progression whole : drill.progressions()) {
            for (Way way : Outcomes.ways(whole)) {
                Path path = Path.of(whole, way.choices());
                Timeline t = Timeline.of(drill, path);
                for (Fork fork : path.course().forks()) {
                    StepSpan step = t.step(fork.after());
                    double at = ForkTimes.at(path, t, fork);
                    assertTrue(at >= Math.max(0, step.start() - 0.01) && at <= step.end(), fork.id() + " at " + at);
                }
                assertTrue(
                        Checks.of(RunThrough.of(drill, path)).stream()
                                .noneMatch(f -> f.rule().equals("across-paths")),
                        "nobody waits for another way");
            }
        }
    }
}
