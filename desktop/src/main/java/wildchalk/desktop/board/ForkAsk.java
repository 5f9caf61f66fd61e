package wildchalk.desktop.board;

import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import wildchalk.core.motion.Turnings;
import wildchalk.core.motion.Turnings.Turning;
import wildchalk.core.words.CourseWords;

/** Asks which way the rep goes, over the board, when playing has come to a fork. */
final class ForkAsk extends VBox {

    /** More ways than these stand in several rows. */
    private static final int ONE_ROW = 6;

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
            Pane ways = t.ways().size() <= ONE_ROW ? new HBox(8) : new FlowPane(8, 8);
            for (Turnings.Option option : t.ways()) {
                Button way = new Button(option.label());
                way.setId("ask-" + option.id());
                way.setMnemonicParsing(false);
                way.setOnAction(e -> {
                    board.playback().take(option);
                    board.requestFocus();
                });
                ways.getChildren().add(way);
            }
            getChildren().addAll(question, ways);
            Platform.runLater(() -> ways.getChildren().get(0).requestFocus());
        });
    }
}
