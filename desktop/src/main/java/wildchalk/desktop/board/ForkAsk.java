package wildchalk.desktop.board;

import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import wildchalk.core.motion.Turnings.Turning;
import wildchalk.core.words.CourseWords;
import wildchalk.desktop.ui.Beside;
import wildchalk.desktop.ui.WayButtons;

/** Asks which way the rep goes, over the board, when playing has come to a fork. */
final class ForkAsk extends VBox {

    private final BoardView board;

    ForkAsk(BoardView board) {
        super(10);
        this.board = board;
        setId("ask");
        getStyleClass().add("present-card");
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        board.playback().askingProperty().addListener((o, a, turning) -> show(turning));
        show(Optional.empty());
    }

    private void show(Optional<Turning> turning) {
        getChildren().clear();
        setVisible(turning.isPresent());
        turning.ifPresent(t -> {
            Label question = new Label(CourseWords.question(t.by()));
            question.getStyleClass().add("side-title");
            Pane ways = WayButtons.of(t, "ask-", (n, label) -> label, way -> {
                board.playback().take(way);
                board.requestFocus();
            });
            getChildren().addAll(question, ways);
            Beside.ball(this, board.frame(), board.viewport());
            Platform.runLater(() -> ways.getChildren().get(0).requestFocus());
        });
    }
}
