package wildchalk.desktop.whistle;

import java.io.IOException;
import wildchalk.core.whistle.Signal;

/** Opens a run's hand to trials that stand elsewhere. */
public final class RunTrials {

    private RunTrials() {}

    public static void begin(RunDocument run) throws IOException {
        run.begin();
    }

    /** Presses, and says where the clock is. */
    public static double press(RunDocument run, Signal signal) {
        run.press(signal);
        return run.now().now();
    }
}
