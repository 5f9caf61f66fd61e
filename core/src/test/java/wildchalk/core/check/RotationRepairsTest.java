package wildchalk.core.check;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.Progression;
import wildchalk.core.finding.Finding;
import wildchalk.core.motion.Drills;
import wildchalk.core.path.Path;
import wildchalk.core.reps.RandomRotations;
import wildchalk.core.reps.Rotations;
import wildchalk.core.runthrough.RunThrough;

/** What is offered for a rotation that loses people, or leaves a place to two or to nobody, mends it when it is played. */
class RotationRepairsTest {

    private static final Set<String> ROTATION = Set.of("line-empties", "rotation-twice", "rotation-empty", "same-part");

    @Test
    void repairsRepair() {
        int found = 0;
        int mended = 0;
        for (long seed : IntStream.range(0, 500).asLongStream().toArray()) {
            Path path = RandomRotations.of(seed);
            Drill drill = Drills.drill(path.version(), AgeBand.U16);
            RunThrough run = RunThrough.of(drill, path);
            for (Finding f : Checks.of(run).stream()
                    .filter(x -> ROTATION.contains(x.rule()))
                    .toList()) {
                found++;
                List<Remedy> remedies = Remedies.of(run, f);
                mended += remedies.isEmpty() ? 0 : 1;
                for (Remedy remedy : remedies) {
                    Progression changed = remedy.change().apply(path.version());
                    if (f.rule().equals("line-empties")) {
                        Map<LineId, Integer> drift = Rotations.of(changed).drift();
                        LineId line = (LineId) f.about().stream()
                                .filter(LineId.class::isInstance)
                                .findFirst()
                                .orElseThrow();
                        assertTrue(drift.get(line) >= 0, "seed " + seed + ": " + drift);
                    }
                    Set<Object> left = Checks.of(RunThrough.of(drill.withProgression(changed), changed)).stream()
                            .map(x -> List.of(x.rule(), x.about()))
                            .collect(Collectors.toSet());
                    assertTrue(!left.contains(List.of(f.rule(), f.about())), "seed " + seed + ": " + remedy.kind());
                }
            }
        }
        assertTrue(found > 100, found + " faults among 500 rotations");
        assertTrue(mended > 0.8 * found, mended + " of " + found + " mended");
    }
}
