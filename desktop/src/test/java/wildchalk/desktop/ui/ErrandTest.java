package wildchalk.desktop.ui;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import wildchalk.core.progress.Progress;
import wildchalk.desktop.app.Window;

@ExtendWith(ApplicationExtension.class)
class ErrandTest {

    private Stage stage;
    private final List<String> answers = new CopyOnWriteArrayList<>();
    private final AtomicBoolean onWindowThread = new AtomicBoolean();

    /** As large as the other windows: tests of one run share a stage. */
    @Start
    void start(Stage shown) {
        stage = shown;
        stage.setScene(new Scene(new StackPane(), 1280, 800));
        stage.show();
    }

    private void run(Errand.Work<String> work) {
        Platform.runLater(() -> Errand.run(
                stage,
                "Working …",
                work,
                made -> answers.add("made " + made),
                why -> answers.add("failed " + why.getMessage()),
                () -> answers.add("stopped")));
    }

    @Test
    void whatIsQuickShowsNothingAndIsDoneElsewhere(FxRobot robot) throws Exception {
        run(progress -> {
            onWindowThread.set(Platform.isFxApplicationThread());
            return "it";
        });
        Window.until(() -> !answers.isEmpty());
        assertEquals(List.of("made it"), answers);
        assertFalse(onWindowThread.get());
        assertTrue(robot.lookup(n -> n instanceof ProgressBar).queryAll().isEmpty());
    }

    @Test
    void whatFailsIsTold() throws Exception {
        run(progress -> {
            throw new IOException("the disk has gone");
        });
        Window.until(() -> !answers.isEmpty());
        assertEquals(List.of("failed the disk has gone"), answers);
    }

    @Test
    void whatTakesLongShowsHowFarItIsAndCanBeStopped(FxRobot robot) throws Exception {
        CountDownLatch never = new CountDownLatch(1);
        run(progress -> {
            double done = 0;
            while (never.getCount() > 0) {
                done = Math.min(0.9, done + 1e-7);
                Progress.tell(progress, done);
            }
            return "never";
        });
        Window.until(() -> robot.lookup(n -> n instanceof ProgressBar bar && bar.getProgress() > 0)
                .tryQuery()
                .isPresent());
        Window.press(robot, Ui.text("errand.stop"));
        Window.until(() -> !answers.isEmpty());
        assertEquals(List.of("stopped"), answers);
        assertTrue(robot.lookup(n -> n instanceof ProgressBar).queryAll().isEmpty(), "the bar is gone");
        never.countDown();
    }

    /** Whoever closes the window is shown nothing of it any more, and the work ends. */
    @Test
    void whatNobodyWaitsForEndsWithItsWindow(FxRobot robot) throws Exception {
        AtomicBoolean ended = new AtomicBoolean();
        CountDownLatch begun = new CountDownLatch(1);
        Stage[] own = new Stage[1];
        Window.fx(() -> {
            own[0] = new Stage();
            own[0].setScene(new Scene(new StackPane(), 300, 200));
            own[0].show();
            Errand.run(
                    own[0],
                    "Working …",
                    progress -> {
                        begun.countDown();
                        try {
                            while (true) {
                                Progress.tell(progress, 0.5);
                            }
                        } finally {
                            ended.set(true);
                        }
                    },
                    made -> answers.add("made"),
                    why -> answers.add("failed"),
                    () -> answers.add("stopped"));
        });
        begun.await();
        Window.fx(() -> own[0].hide());
        Window.until(ended::get);
        // whatever is done with it is done by now
        Window.fx(() -> {});
        Window.fx(() -> {});
        assertEquals(List.of(), answers);
        assertTrue(robot.lookup(n -> n instanceof ProgressBar).queryAll().isEmpty());
    }
}
