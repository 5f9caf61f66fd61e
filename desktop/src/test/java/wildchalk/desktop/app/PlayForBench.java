package wildchalk.desktop.app;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.motion.RandomDrills;

/** Plays a drill of 30 roles and 120 moves on the board of the real window, and counts frames. */
public final class PlayForBench extends Application {

    private static final double WARM_SECONDS = 3;
    private static final double MEASURED_SECONDS = 8;
    private static final double FRAME_SECONDS = 1 / 60.0;

    @Override
    public void start(Stage stage) throws Exception {
        Path folder = Files.createTempDirectory("wildchalk-bench");
        Shell shell = WildChalkApp.show(stage, new Settings(folder), folder, Optional.empty(), NoDialogs.NONE);
        Drill blank = Drill.blank("Bench", new SurfaceUse("handball", "whole"), Audience.USUAL);
        shell.startNew(blank.withProgression(RandomDrills.sensible(7, 30, 12, 120)));
        var document = shell.document().orElseThrow();
        document.seek(0);
        document.togglePlaying();
        new AnimationTimer() {
            private long first;
            private long before;
            private int frames;
            private int late;

            @Override
            public void handle(long now) {
                if (!document.playingProperty().get()) {
                    document.seek(0);
                    document.togglePlaying();
                }
                first = first == 0 ? now : first;
                double t = (now - first) / 1e9;
                if (t > WARM_SECONDS && before != 0) {
                    frames++;
                    late += (now - before) / 1e9 > 1.5 * FRAME_SECONDS ? 1 : 0;
                }
                before = now;
                if (t > WARM_SECONDS + MEASURED_SECONDS) {
                    stop();
                    System.out.println("frames " + frames / MEASURED_SECONDS + " late " + (double) late / frames);
                    Platform.exit();
                }
            }
        }.start();
    }

    /** Starts it from a class that is no application. */
    public static final class Start {
        private Start() {}

        public static void main(String[] arguments) {
            Application.launch(PlayForBench.class, arguments);
        }
    }
}
