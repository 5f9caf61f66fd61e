package wildchalk.core.whistle;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What a clock says after a sleep, a crash, and somebody who sets it. */
class ReadingTest {

    private static Reading linux(double wall, String process, double steady, String boot, double up) {
        return new Reading(wall, process, steady, boot, OptionalDouble.of(up));
    }

    private static Reading plain(double wall, String process, double steady) {
        return new Reading(wall, process, steady, "", OptionalDouble.empty());
    }

    @Test
    void aMachineThatTellsHowLongItIsUpIsSureWhateverTheWallSays() {
        Reading before = linux(1000, "a", 50, "boot", 500);
        assertEquals(new Reading.Gap(30, true), before.to(linux(99_000, "a", 80, "boot", 530)), "set forward");
        assertEquals(new Reading.Gap(30, true), before.to(linux(-5000, "a", 80, "boot", 530)), "set back");
        assertEquals(new Reading.Gap(630, true), before.to(linux(1630, "a", 80, "boot", 1130)), "slept ten minutes");
        assertEquals(new Reading.Gap(12, true), before.to(linux(1012, "b", 3, "boot", 512)), "a crash");
    }

    @Test
    void anotherBootGoesByTheWallAsLongAsThatIsLikely() {
        Reading before = linux(1000, "a", 50, "boot", 500);
        assertEquals(90, before.to(linux(1090, "b", 3, "other", 20)).seconds());
        assertFalse(before.to(linux(1090, "b", 3, "other", 20)).sure());
        assertEquals(0, before.to(linux(900, "b", 3, "other", 20)).seconds(), "never back");
        assertEquals(0, before.to(linux(1000 + 7 * 3600, "b", 3, "other", 20)).seconds(), "nobody runs on for so long");
    }

    @Test
    void withoutThatASleepIsAGuessAndAClockSetBackIsNone() {
        Reading before = plain(1000, "a", 50);
        assertEquals(new Reading.Gap(30, true), before.to(plain(1030.4, "a", 80)));
        assertEquals(new Reading.Gap(30, true), before.to(plain(400, "a", 80)), "set back");
        assertEquals(new Reading.Gap(330, false), before.to(plain(1330, "a", 80)), "slept, or set forward");
        assertEquals(new Reading.Gap(30, true), before.to(plain(1000 + 9 * 3600, "a", 80)), "set to another day");
        assertEquals(new Reading.Gap(20, true), before.to(plain(1020, "b", 7)), "a crash and quickly back");
    }

    /** However the wall jumps, and however often it is looked at, the run's clock is the time that went by. */
    @Test
    void theRunsClockIsTheTimeThatWentBy() {
        Random random = new Random(3);
        Deque<Reading> readings = new ArrayDeque<>();
        double up = 100;
        double wall = 5000;
        for (int i = 0; i < 2000; i++) {
            readings.add(linux(wall, "a", up, "boot", up));
            double step = random.nextInt(300) / 1000.0;
            up += step;
            wall += random.nextInt(50) == 0 ? random.nextInt(9000) - 4500 : step;
        }
        double expected =
                ((ArrayDeque<Reading>) readings).peekLast().upSeconds().getAsDouble() - 100;
        RunClock clock = RunClock.started(readings::poll);
        double now = 0;
        while (readings.peek() != null) {
            double next = clock.now();
            assertTrue(next >= now, "never back");
            now = next;
        }
        assertEquals(expected, now, 1e-6);
        assertEquals(0, clock.guessedSeconds());
    }

    @Test
    void whatIsGuessedIsTold() {
        Deque<Reading> readings = new ArrayDeque<>(List.of(plain(0, "a", 0), plain(10, "a", 10), plain(400, "a", 11)));
        RunClock clock = RunClock.started(readings::poll);
        assertEquals(10, clock.now());
        assertEquals(400, clock.now());
        assertEquals(390, clock.guessedSeconds());
    }
}
