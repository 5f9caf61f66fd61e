package wildchalk.desktop.app;

import java.nio.file.Path;
import java.util.Optional;
import java.util.Random;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.stage.Stage;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Role;
import wildchalk.core.geometry.Point;

/**
 * The real window, edited without a pause until it is killed: every edit is numbered in the drill's title, and said on
 * standard output with the time once it has been made. Now and then the drill is saved.
 */
public final class KillTrial extends Application {

    @Override
    public void start(Stage stage) throws Exception {
        Path home = Path.of(getParameters().getRaw().get(0));
        Path drill = Path.of(getParameters().getRaw().get(1));
        Shell shell = WildChalkApp.show(
                stage, new Settings(home), drill.getParent().getParent(), Optional.of(drill), NoDialogs.NONE);
        Random random = new Random(Long.parseLong(getParameters().getRaw().get(2)));
        new AnimationTimer() {
            private int edits;
            private int frames;

            @Override
            public void handle(long now) {
                if (++frames % 3 != 0) {
                    return;
                }
                int number = ++edits;
                shell.document().orElseThrow().changeDrill("edit " + number, d -> edited(d, number, random));
                System.out.println("edit " + number + " " + System.currentTimeMillis());
                if (random.nextInt(12) == 0) {
                    shell.save();
                    System.out.println("saved " + number + " " + System.currentTimeMillis());
                }
            }
        }.start();
    }

    static Drill edited(Drill drill, int number, Random random) {
        Role role = drill.base().roles().get(random.nextInt(drill.base().roles().size()));
        Point to = new Point(random.nextInt(300) / 10.0 - 15, random.nextInt(160) / 10.0 - 8);
        return drill.withTitle("Edit " + number).withProgression(drill.base().with(role.withAt(to)));
    }

    /** Starts it from a class that is no application. */
    public static final class Start {
        private Start() {}

        public static void main(String[] arguments) {
            Application.launch(KillTrial.class, arguments);
        }
    }
}
