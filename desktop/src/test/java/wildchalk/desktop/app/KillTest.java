package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;

/** A few kills while somebody edits, and while a session runs; {@code scripts/kill-run} makes 200 and 50. */
class KillTest {

    @Test
    void aKillBreaksNoFileAndLosesNothingOlderThanASecond() throws Exception {
        int kills = 4;
        KillRun run = KillRun.times(kills);
        System.out.println(run.figures(kills));
        assertTrue(run.isClean(), run.figures(kills));
    }

    @Test
    void aRunThatIsKilledGoesOn() throws Exception {
        RunKillRun run = RunKillRun.times(5);
        System.out.println(run.figures());
        assertTrue(run.isClean(), run.figures());
    }
}
