package wildchalk.desktop.share;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import wildchalk.picture.export.Preview;

@ExtendWith(ApplicationExtension.class)
class PreviewPaneTest {

    private PreviewPane pane;

    @Start
    void start(Stage stage) {
        pane = new PreviewPane();
        stage.setScene(new Scene(pane));
        stage.sizeToScene();
        stage.show();
    }

    @Test
    void whatIsAskedLastIsShownAndStopsWhatWasAskedBefore(FxRobot robot) throws Exception {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch stopped = new CountDownLatch(1);
        robot.interact(() -> pane.ask(progress -> {
            begun.countDown();
            while (progress.at(0.5)) {
                Thread.onSpinWait();
            }
            stopped.countDown();
            throw new CancellationException();
        }));
        begun.await();
        robot.interact(() -> pane.ask(progress -> preview("second", 3)));
        stopped.await();
        until("second", robot);
        assertEquals("1 of 3", which(robot));
        robot.clickOn("#preview-on").clickOn("#preview-on");
        assertEquals("3 of 3", which(robot));
        assertTrue(robot.lookup("#preview-on").query().isDisabled());
        robot.interact(() -> pane.ask(progress -> preview("third", 2)));
        until("third", robot);
        assertEquals("2 of 2", which(robot), "as near to where one was as there is");
    }

    @Test
    void whatCannotBeMadeIsSaidAndNothingIsShown(FxRobot robot) throws Exception {
        robot.interact(() -> pane.ask(progress -> preview("made", 1)));
        until("made", robot);
        assertFalse(pane.refusedProperty().get());
        robot.interact(() -> pane.ask(progress -> {
            throw new IOException("Far too long.");
        }));
        until("Far too long.", robot);
        assertTrue(pane.refusedProperty().get());
        assertEquals(
                null, robot.lookup("#preview-picture").queryAs(ImageView.class).getImage());
        robot.interact(() -> pane.ask(progress -> preview("made again", 1)));
        until("made again", robot);
        assertFalse(pane.refusedProperty().get());
    }

    private static Preview preview(String about, int pages) {
        return new Preview(
                IntStream.range(0, pages)
                        .mapToObj(i -> new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB))
                        .toList(),
                about);
    }

    private static void until(String about, FxRobot robot) throws Exception {
        WaitForAsyncUtils.waitFor(
                20,
                TimeUnit.SECONDS,
                () -> robot.lookup("#preview-about")
                        .queryAs(Label.class)
                        .getText()
                        .equals(about));
    }

    private static String which(FxRobot robot) {
        WaitForAsyncUtils.waitForFxEvents();
        return robot.lookup("#preview-which").queryAs(Label.class).getText();
    }
}
