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
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.Saying;

/** Plays a drill of 30 roles and 120 moves on the board of the real window, and counts frames. */
public final class PlayForBench extends Application {

    private static final double WARM_SECONDS = 3;
    private static final double MEASURED_SECONDS = 8;
    private static final double FRAME_SECONDS = 1 / 60.0;

    @Override
    public void start(Stage stage) throws Exception {
        Path folder = Files.createTempDirectory("wildchalk-bench");
        Shell shell = WildChalkApp.show(stage, new Settings(folder), folder, Optional.empty(), NoDialogs.NONE);
        boolean reps = getParameters().getRaw().contains("reps");
        shell.startNew(reps ? twentyPeople() : largest());
        shell.board().orElseThrow().view().repsProperty().set(reps);
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

    private static Drill largest() {
        Drill blank = Drill.blank("Bench", new SurfaceUse("handball", "whole"), Audience.USUAL);
        return blank.withProgression(RandomDrills.sensible(7, 30, 12, 120));
    }

    /** Four lines of five, who pass, run and shoot at both ends, and a new rep as soon as the first has shot. */
    private static Drill twentyPeople() {
        Drill blank = Drill.blank("Bench", new SurfaceUse("ice-60x30", "whole"), Audience.USUAL);
        var path = wildchalk.core.path.Path.usual(blank.base());
        Drill drill = Saying.edit(
                        blank,
                        path,
                        path.steps().get(0).id(),
                        LengthUnit.METRES,
                        "lines at -24,9 and -24,-9 and 24,9 and 24,-9; pucks at A1 and A4; A2 skates to -8,-8 and 2,-4;"
                                + " A3 skates to 8,8 and -2,4; A1 passes to A2; A4 passes to A3; next;"
                                + " A2 carries to 16,-3; A3 carries to -16,3; A2 shoots at right; A3 shoots at left;"
                                + " A1 joins line Q; A2 joins line R; A3 joins line P; A4 joins line S;"
                                + " next rep when A2 shoots")
                .applyTo(blank, path.id())
                .drill();
        return drill.withProgression(drill.base()
                .withPeople(
                        drill.base().lines().stream()
                                .map(l -> l.withStanding(5))
                                .toList(),
                        drill.base().roles(),
                        drill.base().balls(),
                        drill.base().steps()));
    }

    /** Starts it from a class that is no application. */
    public static final class Start {
        private Start() {}

        public static void main(String[] arguments) {
            Application.launch(PlayForBench.class, arguments);
        }
    }
}
