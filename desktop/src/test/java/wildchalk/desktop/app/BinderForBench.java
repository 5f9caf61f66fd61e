package wildchalk.desktop.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Parent;
import javafx.scene.control.TextField;
import javafx.stage.Stage;
import javafx.stage.Window;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.DrillId;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.motion.RandomDrills;
import wildchalk.core.surface.Surfaces;
import wildchalk.desktop.binder.BinderView;
import wildchalk.desktop.ui.FileDialogs;

/** Opens a binder of 2,000 drills in the real window, searches it, and says how long each took. */
public final class BinderForBench extends Application {

    private static final int DRILLS = 2_000;
    private static final String[] QUERIES = {
        "k", "ki", "kit", "kite", "hockey", "left corner", "ball", "drill 77", "puck hard", "zebra", "u16", "ice passes"
    };
    private static final String[] WORDS = {"Kite", "Gull", "Pier", "Harbour", "Tide", "Lantern", "Buoy", "Anchor"};

    @Override
    public void start(Stage stage) throws Exception {
        Path folder = Files.createTempDirectory("wildchalk-bench-binder");
        fill(folder);
        Path home = Files.createTempDirectory("wildchalk-bench-home");
        Path empty = Files.createTempDirectory("wildchalk-bench-empty");
        Shell shell = WildChalkApp.show(stage, new Settings(home), empty, Optional.empty(), new Answering(folder));
        BinderView view = (BinderView) shell.shown();
        new AnimationTimer() {
            private int frames;
            private int after;
            private boolean open;
            private long begun;

            @Override
            public void handle(long now) {
                if (++frames == 60) {
                    begun = System.nanoTime();
                    shell.openBinderByDialog();
                }
                if (!open && view.found().size() == DRILLS && view.isDealt() && ++after == 2) {
                    open = true;
                    System.out.println("open " + (System.nanoTime() - begun) / 1e9);
                    searchField(view).setText(WORDS[0]); // finds nothing before all have been read for their words
                } else if (open && !view.found().isEmpty()) {
                    stop();
                    search(view);
                    Platform.exit();
                }
            }
        }.start();
    }

    /** Somebody chooses a folder. */
    private record Answering(Path chosen) implements FileDialogs {
        @Override
        public Optional<Path> open(Window owner, Path at) {
            return Optional.empty();
        }

        @Override
        public Optional<Path> save(Window owner, Path at, String name) {
            return Optional.empty();
        }

        @Override
        public Optional<Path> folder(Window owner, Path at) {
            return Optional.of(chosen);
        }
    }

    private static TextField searchField(BinderView view) {
        return (TextField) view.lookup("#binder-search");
    }

    private static void search(BinderView view) {
        TextField field = searchField(view);
        double[] seconds = new double[5 * QUERIES.length];
        for (int i = 0; i < seconds.length; i++) {
            long start = System.nanoTime();
            field.setText(QUERIES[i % QUERIES.length]);
            ((Parent) view).applyCss();
            view.layout();
            seconds[i] = (System.nanoTime() - start) / 1e9;
        }
        Arrays.sort(seconds);
        System.out.println("search " + seconds[seconds.length / 2]);
    }

    private static void fill(Path folder) throws IOException {
        Files.createDirectories(folder.resolve("drills"));
        var surfaces = Surfaces.all();
        for (int i = 0; i < DRILLS; i++) {
            String title = WORDS[i % WORDS.length] + " drill " + i;
            SurfaceUse use = SurfaceUse.of(surfaces.get(i % surfaces.size()));
            Drill drill = Drill.blank(title, use, Audience.USUAL)
                    .withId(new DrillId("drill-" + i))
                    .withProgression(RandomDrills.sensible(i % 40, 8, 4, 16));
            Files.writeString(
                    folder.resolve("drills/drill-" + i + DrillFile.SUFFIX),
                    DrillFile.ofNew(drill).toText());
        }
    }

    /** Starts it from a class that is no application. */
    public static final class Start {
        private Start() {}

        public static void main(String[] arguments) {
            Application.launch(BinderForBench.class, arguments);
        }
    }
}
