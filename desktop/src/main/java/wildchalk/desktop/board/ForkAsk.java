package wildchalk.desktop.board;

import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.Fork;
import wildchalk.core.words.CourseWords;
import wildchalk.desktop.document.DrillDocument;

/** Asks which way the rep goes, over the board, when playing has come to a fork. */
final class ForkAsk extends VBox {

    private final DrillDocument document;
    private final BoardView board;

    ForkAsk(DrillDocument document, BoardView board) {
        super(10);
        this.document = document;
        this.board = board;
        setId("ask");
        getStyleClass().add("present-card");
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        board.playback().askingProperty().addListener((o, a, fork) -> show(fork));
        show(Optional.empty());
    }

    private void show(Optional<Fork> fork) {
        getChildren().clear();
        setVisible(fork.isPresent());
        fork.ifPresent(f -> {
            Label question =
                    new Label(new CourseWords(document.whole(), document.drill().surface()).question(f));
            question.getStyleClass().add("side-title");
            HBox ways = new HBox(8);
            for (Branch branch : f.branches()) {
                Button way = new Button(branch.label());
                way.setId("ask-" + branch.id());
                way.setMnemonicParsing(false);
                way.setOnAction(e -> {
                    board.playback().take(branch);
                    board.requestFocus();
                });
                ways.getChildren().add(way);
            }
            getChildren().addAll(question, ways);
            Platform.runLater(() -> ways.getChildren().get(0).requestFocus());
        });
    }
}
