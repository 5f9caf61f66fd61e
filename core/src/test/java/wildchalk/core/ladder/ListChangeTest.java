package wildchalk.core.ladder;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Set;
import java.util.function.Function;
import org.junit.jupiter.api.Test;

/** Where something new lands in a list. */
class ListChangeTest {

    private static List<String> applied(List<String> base, List<String> fresh, List<String> order) {
        return new ListChange<>(fresh, Set.of(), order).applyTo(base, Function.identity());
    }

    @Test
    void whatIsNewLandsBehindAllUnlessItsNeighbourIsNamed() {
        List<String> base = List.of("m1", "m2", "m3");
        assertEquals(List.of("m1", "m2", "m3", "m9"), applied(base, List.of("m9"), List.of()));
        assertEquals(List.of("m1", "m9", "m2", "m3"), applied(base, List.of("m9"), List.of("m9", "m2")), "before m2");
        assertEquals(List.of("m1", "m9", "m2", "m3"), applied(base, List.of("m9"), List.of("m1", "m9")), "behind m1");
        assertEquals(List.of("m9", "m1", "m2", "m3"), applied(base, List.of("m9"), List.of("m9", "m1")), "first");
        assertEquals(
                List.of("m1", "m8", "m9", "m2", "m3"),
                applied(base, List.of("m8", "m9"), List.of("m1", "m8", "m9")),
                "two in a row");
    }

    @Test
    void aWholeOrderIsKept() {
        assertEquals(
                List.of("m3", "m9", "m1", "m2"),
                applied(List.of("m1", "m2", "m3"), List.of("m9"), List.of("m3", "m9", "m1", "m2")));
    }
}
