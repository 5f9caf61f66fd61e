package wildchalk.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.Side;
import wildchalk.core.finding.Severity;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.RandomDrills;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Path;
import wildchalk.core.path.Way;
import wildchalk.core.runthrough.OwnFigures;
import wildchalk.core.runthrough.RunThrough;

class EverywhereTest {

    static LongStream seeds() {
        return LongStream.range(0, 30);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whatAnyWayFindsIsFoundOnce(long seed) {
        Progression version = RandomDrills.forked(seed);
        Drill drill = Drills.drill(version, AgeBand.U14);
        Set<List<Object>> each = new HashSet<>();
        for (Way way : Outcomes.ways(version)) {
            RunThrough run = RunThrough.of(drill, Path.of(version, way.choices()));
            Checks.of(run).forEach(f -> each.add(List.of(f.rule(), f.about(), f.name())));
        }
        Everywhere all = Everywhere.of(drill);
        List<List<Object>> found = all.found().stream()
                .map(f -> List.<Object>of(
                        f.finding().rule(), f.finding().about(), f.finding().name()))
                .toList();
        if (all.looked() == Outcomes.ways(version).size()) {
            assertEquals(each, new HashSet<>(found));
        }
        assertEquals(found.size(), new HashSet<>(found).size(), "each once");
        assertTrue(all.looked() <= all.of());
    }

    @Test
    void anotherVersionIsLookedAtTooAndSaysThatItIsThere() {
        Progression base = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("b", Side.ATTACK, 5, 0)
                .ballWith("a")
                .pass("m1", "a", "b")
                .progression();
        Progression without = base.withBalls(List.of()).withId(new ProgressionId("p2"));
        Drill drill = Drills.drill(base, AgeBand.U16).withProgressions(List.of(base, without));
        Everywhere all = Everywhere.of(drill);
        assertEquals(1, all.found().size());
        Everywhere.Found only = all.found().get(0);
        assertEquals(Severity.STOP, only.finding().severity());
        assertEquals(Set.of(new ProgressionId("p2")), only.where().keySet());
        assertEquals(
                List.of(), Everywhere.of(drill, List.of(base), OwnFigures.NONE).found());
        assertEquals(2, all.looked());
    }
}
