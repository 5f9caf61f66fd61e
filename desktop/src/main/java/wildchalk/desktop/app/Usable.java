package wildchalk.desktop.app;

import java.lang.management.ManagementFactory;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;

/**
 * For measuring the start: with the property {@code wildchalk.exitWhenUsable} the program prints the milliseconds from the
 * start of its process to the third frame of its window, and ends.
 */
public final class Usable {

    private static final String PROPERTY = "wildchalk.exitWhenUsable";
    private static final int FRAMES = 3;

    private Usable() {}

    public static void report() {
        if (!Boolean.getBoolean(PROPERTY)) {
            return;
        }
        new AnimationTimer() {
            private int frames;

            @Override
            public void handle(long now) {
                if (++frames == FRAMES) {
                    stop();
                    long started = ManagementFactory.getRuntimeMXBean().getStartTime();
                    System.out.println("usable after " + (System.currentTimeMillis() - started) + " ms");
                    Platform.exit();
                }
            }
        }.start();
    }
}
