package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Step;
import wildchalk.core.motion.Turnings.Option;
import wildchalk.core.motion.Turnings.Turning;
import wildchalk.core.path.Choices;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Path;
import wildchalk.core.path.Way;

/** Whoever answers what is asked on the way gets everywhere, and nowhere else. */
class TurningsTest {

    static Stream<Progression> many() {
        Stream<Progression> demo = Demo.ids().stream()
                .map(Demo::read)
                .map(Drill::progressions)
                .flatMap(List::stream)
                .filter(Outcomes::areMany);
        return Stream.concat(demo, LongStream.range(0, 25).mapToObj(RandomDrills::forked));
    }

    private static List<Turning> turnings(Progression whole, Choices choices) {
        Path path = Path.of(whole, choices);
        return Turnings.on(path, Timeline.of(path, Drills.HANDBALL, Pace.of(AgeBand.U16, Drills.HANDBALL)));
    }

    @ParameterizedTest
    @MethodSource("many")
    void answeringEveryQuestionEveryWayLeadsAlongEveryPath(Progression whole) {
        Set<List<Step>> reached = new HashSet<>();
        answer(whole, Choices.USUAL, new HashSet<>(), reached);
        Set<List<Step>> all = new HashSet<>();
        for (Way way : Outcomes.ways(whole)) {
            all.add(Path.of(whole, way.choices()).steps());
        }
        assertEquals(all.size(), reached.size());
        assertEquals(all, reached);
    }

    private static void answer(Progression whole, Choices choices, Set<String> said, Set<List<Step>> reached) {
        var next = turnings(whole, choices).stream()
                .filter(t -> !said.contains(t.id()))
                .findFirst();
        if (next.isEmpty()) {
            reached.add(Path.of(whole, choices).steps());
            return;
        }
        Set<String> more = new HashSet<>(said);
        more.add(next.get().id());
        for (Option option : next.get().ways()) {
            answer(whole, option.choices(), more, reached);
        }
    }

    @ParameterizedTest
    @MethodSource("many")
    void eachComesWithinItsStepAndInOrder(Progression whole) {
        for (Way way : Outcomes.ways(whole)) {
            Path path = Path.of(whole, way.choices());
            Timeline timeline = Timeline.of(path, Drills.HANDBALL, Pace.of(AgeBand.U16, Drills.HANDBALL));
            double before = 0;
            for (Turning turning : Turnings.on(path, timeline)) {
                StepSpan span = timeline.step(turning.step());
                assertTrue(turning.seconds() >= Math.max(0, span.start() - 0.01), turning.id());
                assertTrue(turning.seconds() <= span.end() + 1e-6, turning.id());
                assertTrue(turning.seconds() >= before);
                before = turning.seconds();
                assertTrue(turning.ways().size() > 1, "nothing is asked that has one answer");
                if (turning.by() == Fork.By.CALL) {
                    assertTrue(turning.ways().size() <= Turnings.MOST_CALLS);
                }
            }
        }
    }
}
