package wildchalk.desktop.present;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Screen;
import javafx.stage.Stage;
import wildchalk.desktop.ui.Beside;
import wildchalk.desktop.ui.FrameView;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.style.Ground;
import wildchalk.picture.style.StrokeCode;

/** What players see on a projector or another screen: the picture, what is written over it and what is asked, no words, no buttons. */
final class PlayersWindow {

    private static final double WIDTH = 960;
    private static final double HEIGHT = 600;

    private final Supplier<Frame> frame;
    private final FrameView view;
    private final Label card = new Label();
    private final Stage stage = new Stage();

    PlayersWindow(Stage coach, Supplier<Frame> frame, InkMarks marks, Ground ground, StrokeCode code) {
        this.frame = frame;
        this.view = new FrameView(frame, ground, code);
        view.setId("players-view");
        Ink ink = new Ink(marks, view::viewport, ground.alert());
        card.setId("players-card");
        card.getStyleClass().addAll("present-card", "present-question");
        card.setWrapText(true);
        card.setVisible(false);
        card.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        StackPane board = new StackPane(view, ink, card);
        StackPane.setAlignment(card, Pos.TOP_LEFT);
        ink.over(board);
        VBox root = new VBox(board);
        VBox.setVgrow(board, javafx.scene.layout.Priority.ALWAYS);
        root.getStyleClass().addAll("shell", "present");
        Scene scene = new Scene(root, WIDTH, HEIGHT);
        Bindings.bindContent(scene.getStylesheets(), coach.getScene().getStylesheets());
        scene.setOnMouseClicked(e -> {
            if (e.getClickCount() == 2) {
                stage.setFullScreen(!stage.isFullScreen());
            }
        });
        scene.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                stage.close();
            } else {
                // whatever is pressed here is meant for the coach's window
                coach.getScene()
                        .getRoot()
                        .fireEvent(e.copyFor(
                                coach.getScene().getRoot(), coach.getScene().getRoot()));
            }
        });
        stage.initOwner(coach);
        stage.setScene(scene);
        stage.setFullScreenExitHint("");
        stage.setTitle(Ui.text("present.players.title"));
    }

    /** Over all of another screen where there is one; else beside the coach's own window. @return whether there is one */
    boolean open(Stage coach) {
        Optional<Screen> other = other(coach);
        other.ifPresent(s -> {
            Rectangle2D bounds = s.getBounds();
            stage.setX(bounds.getMinX());
            stage.setY(bounds.getMinY());
            stage.setFullScreen(true);
        });
        stage.show();
        return other.isPresent();
    }

    private static Optional<Screen> other(Stage coach) {
        List<Screen> own = Screen.getScreensForRectangle(
                coach.getX(), coach.getY(), Math.max(1, coach.getWidth()), Math.max(1, coach.getHeight()));
        return Screen.getScreens().stream().filter(s -> !own.contains(s)).findFirst();
    }

    void onClosed(Runnable then) {
        stage.setOnHidden(e -> then.run());
    }

    void close() {
        stage.close();
    }

    void paint() {
        view.paint();
    }

    /** Shows words beside the ball; no words show none. */
    void ask(String words) {
        card.setText(words);
        card.setVisible(!words.isEmpty());
        if (!words.isEmpty()) {
            card.setMaxWidth(view.getWidth() / 2);
            Beside.ball(card, frame.get(), view.viewport());
        }
    }
}
