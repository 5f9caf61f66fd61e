package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;

/** A few kills while somebody edits; {@code scripts/kill-run} makes 200. */
class KillTest {

    @Test
    void aKillBreaksNoFileAndLosesNothingOlderThanASecond() throws Exception {
        int kills = 4;
        KillRun run = KillRun.times(kills);
        System.out.println(run.figures(kills));
        assertTrue(run.isClean(), run.figures(kills));
    }
}
