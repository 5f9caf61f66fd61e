package wildchalk.desktop.ui;

import java.util.function.DoubleConsumer;
import javafx.animation.AnimationTimer;

/** Tells with every frame of the window how many seconds have gone by. */
public final class Ticker {

    private static final double NANOS = 1e9;
    /** A window that was held up goes on where it stood, it does not leap. */
    private static final double LONGEST = 0.1;

    private final AnimationTimer timer;

    private Ticker(DoubleConsumer tick) {
        timer = new AnimationTimer() {
            private long before;

            @Override
            public void handle(long now) {
                tick.accept(before == 0 ? 0 : Math.min(LONGEST, (now - before) / NANOS));
                before = now;
            }
        };
    }

    /** Begins to tick. */
    public static Ticker start(DoubleConsumer tick) {
        Ticker ticker = new Ticker(tick);
        ticker.timer.start();
        return ticker;
    }

    public void stop() {
        timer.stop();
    }
}
