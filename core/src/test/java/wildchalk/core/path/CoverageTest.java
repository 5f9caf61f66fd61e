package wildchalk.core.path;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.CallId;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Called;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Passing;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Drills;

/** Where not every way can be looked at, everything that may be called is met, and every two that meet in one role. */
class CoverageTest {

    private static final CallId CALL = new CallId("call");

    /** One runner goes where the first and the second call say, another where the third does. */
    private static Progression called(int options) {
        List<String> words = new ArrayList<>();
        for (int i = 1; i <= options; i++) {
            words.add(String.valueOf(i));
        }
        return Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("b", Side.ATTACK, 0, 3)
                .travel("m1", "a", Optional.empty(), Manner.FORWARD, Effort.HARD, List.of(at(1), at(2)))
                .travel("m2", "b", Optional.empty(), Manner.FORWARD, Effort.HARD, List.of(at(3)))
                .under(Course.PLAIN.with(new CallSet(CALL, words, 3, false, 0)))
                .progression();
    }

    private static Waypoint at(int pick) {
        return new Waypoint(new Point(3 * pick, 2), Passing.CURVE).withCalled(Optional.of(new Called(CALL, pick)));
    }

    @Test
    void fewWaysAreAllLookedAt() {
        Coverage all = Coverage.of(called(6), 240); // 6 * 5 * 5 calls, since only neighbours differ
        assertEquals(150, all.of());
        assertEquals(150, new HashSet<>(all.choices()).size());
        assertFalse(all.orMore());
    }

    @Test
    void ofManyWaysEveryWordIsMetAtEveryPlaceAndEveryTwoThatOneRunnerGoesBy() {
        Coverage some = Coverage.of(called(12), 240);
        assertEquals(12 * 11 * 11, some.of());
        assertTrue(some.choices().size() < some.of(), some.choices().size() + " of " + some.of());
        Set<List<String>> pairs = new HashSet<>();
        Set<String> third = new HashSet<>();
        for (Choices c : some.choices()) {
            pairs.add(c.calls().get(Ask.of(CALL)).subList(0, 2));
            third.add(c.calls().get(Ask.of(CALL)).get(2));
        }
        assertEquals(12 * 11, pairs.size(), "each first call with each second that may follow it");
        assertEquals(12, third.size());
    }

    @Test
    void theSameDrillIsLookedAtInTheSameWays() {
        assertEquals(Coverage.of(called(12), 240), Coverage.of(called(12), 240));
    }
}
