package wildchalk.desktop.ui;

import javafx.animation.AnimationTimer;

/** Does something with the next frame, so that long work can be done in parts between frames. */
public final class NextFrame {

    private NextFrame() {}

    /** Runs once, on the FX thread. */
    public static void run(Runnable work) {
        new AnimationTimer() {
            @Override
            public void handle(long now) {
                stop();
                work.run();
            }
        }.start();
    }
}
