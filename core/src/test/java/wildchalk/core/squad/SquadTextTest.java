package wildchalk.core.squad;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A squad as text: there and back nothing is lost, and what cannot be is named. */
class SquadTextTest {

    static LongStream seeds() {
        return LongStream.range(0, 50);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void thereAndBack(long seed) {
        Squad squad = RandomSquads.of(seed, 12);
        for (Player p : squad.players()) {
            assertEquals(p.restraints(), SquadText.restraints(SquadText.restraints(p.restraints())));
            assertEquals(p.bibs(), SquadText.bibs(SquadText.bibs(p.bibs())));
        }
        for (List<Set<PlayerId>> bonds : List.of(squad.together(), squad.apart())) {
            assertEquals(
                    bonds.stream().map(HashSet::new).toList(),
                    SquadText.bonds(squad, SquadText.bonds(squad, bonds)).stream()
                            .map(HashSet::new)
                            .toList());
        }
    }

    /** Whoever leaves is named by nothing any more, and everybody else is as he was. */
    @ParameterizedTest
    @MethodSource("seeds")
    void whoLeavesIsNamedByNothing(long seed) {
        Squad squad = RandomSquads.of(seed, 8);
        PlayerId gone = squad.players().get((int) (seed % 8)).id();
        Squad left = SquadText.without(squad, gone);
        assertEquals(7, left.players().size());
        assertTrue(squad.players().containsAll(left.players()));
        assertTrue(left.together().stream().noneMatch(b -> b.contains(gone)));
        assertTrue(left.apart().stream().noneMatch(b -> b.contains(gone)));
    }

    @Test
    void whatCannotBeIsNamed() {
        Squad squad = RandomSquads.of(1, 6);
        for (Runnable wrong : List.<Runnable>of(
                () -> SquadText.restraints("flying"),
                () -> SquadText.restraints("jumps until soon"),
                () -> SquadText.bibs("plaid"),
                () -> SquadText.bonds(squad, "Nobody, Noone"),
                () -> SquadText.bonds(squad, squad.players().get(0).name()))) {
            String said =
                    assertThrows(IllegalArgumentException.class, wrong::run).getMessage();
            assertTrue(said.contains("\""), said);
        }
    }
}
