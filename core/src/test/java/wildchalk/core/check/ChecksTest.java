package wildchalk.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Weight;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.RandomDrills;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.FindingWriter;

class ChecksTest {

    static LongStream seeds() {
        return LongStream.range(0, 60);
    }

    /** Anything may be wrong in these: what is found can be said, and a figure in the sentence is one of the finding. */
    @ParameterizedTest
    @MethodSource("seeds")
    void whateverIsFoundHasItsSentencesAndComesWorstFirst(long seed) {
        Progression p = RandomDrills.of(seed, 6, 3, 10);
        RunThrough run = Drills.run(p, AgeBand.U14);
        List<Finding> found = Checks.of(run);
        FindingWriter writer = new FindingWriter(run, LengthUnit.METRES);
        for (Finding f : found) {
            for (String said : List.of(writer.message(f), writer.remedy(f))) {
                assertFalse(said.contains("{") || said.contains("["), said);
                assertTrue(said.endsWith("."), said);
            }
        }
        List<Finding> worstFirst = found.stream()
                .sorted((a, b) -> a.severity().compareTo(b.severity()))
                .toList();
        assertEquals(worstFirst, found);
    }

    /** A pass that comes down short says by how much, whatever it is that kept it from going on. */
    @Test
    void whatAPassLacksIsTheWayFromWhereItStopsToItsSpot() {
        int found = 0;
        for (PassKind kind : PassKind.values()) {
            for (double far = 4; far <= 30; far += 2) {
                Point spot = new Point(-15 + far, 0);
                Progression p = Drills.blank()
                        .role("a", Side.ATTACK, -15, 0)
                        .ballWith("a")
                        .move(new Pass(
                                new MoveId("m1"),
                                new RoleId("a"),
                                Optional.empty(),
                                false,
                                new Target.ToPlace(spot, Optional.empty()),
                                kind,
                                Weight.SOFT))
                        .progression();
                RunThrough run = Drills.run(p, AgeBand.U8);
                for (Finding f : Checks.of(run)) {
                    if (f.rule().equals("pass-too-soft")) {
                        Point stops = run.timeline()
                                .ballAt(new BallId("b0"), run.timeline().seconds() + 60);
                        double missing = f.figures().get(Quantity.METRES);
                        assertEquals(stops.distanceTo(spot), missing, 0.01, kind + " over " + far + " m");
                        assertTrue(missing > 0.04, kind + " over " + far + " m");
                        found++;
                    }
                }
            }
        }
        assertTrue(found > 5, "some are too soft for their way");
    }

    @Test
    void everyFindingHasARemedyAndTheOtherWayRound() {
        Set<String> findings = new TreeSet<>();
        Set<String> remedies = new TreeSet<>();
        for (String key : Collections.list(
                ResourceBundle.getBundle("wildchalk.core.text.core").getKeys())) {
            if (key.startsWith("finding.")) {
                findings.add(key.substring("finding.".length()));
            } else if (key.startsWith("remedy.")) {
                remedies.add(key.substring("remedy.".length()));
            }
        }
        assertEquals(findings, remedies);
        assertTrue(findings.size() > 20);
    }
}
