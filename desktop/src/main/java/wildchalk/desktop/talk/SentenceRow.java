package wildchalk.desktop.talk;

import java.util.function.Consumer;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.MoveId;
import wildchalk.core.words.Phrase;
import wildchalk.core.words.Sentence;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ui.Ui;

/** One sentence of the talk-through: its letter, its words, some of which can be changed, and what it measures. */
final class SentenceRow {

    /** The width at which sentences break before the view has been laid out. */
    private static final double WRAP = 290;

    private SentenceRow() {}

    /** @param choose makes a move the one that is chosen */
    static Node of(DrillDocument document, Sentence sentence, Consumer<MoveId> choose) {
        Label letter = new Label(sentence.letter());
        letter.getStyleClass().add("letter");
        FlowPane words = new FlowPane();
        words.getStyleClass().add("words");
        for (Phrase phrase : sentence.phrases()) {
            words.getChildren().add(phrase.match(p -> plain(p.text()), s -> slot(document, sentence, s, choose)));
        }
        Label measure = new Label(sentence.measure());
        measure.getStyleClass().add("quiet");
        measure.setWrapText(true);
        VBox text = new VBox(words, measure);
        text.setMinWidth(0);
        words.setMinWidth(0);
        words.setPrefWrapLength(WRAP);
        HBox.setHgrow(text, Priority.ALWAYS);
        HBox row = new HBox(letter, text);
        row.getStyleClass().add("sentence");
        row.setUserData(sentence.move());
        row.setAccessibleText(sentence.text());
        row.setOnMouseClicked(e -> choose.accept(sentence.move()));
        return row;
    }

    private static Node plain(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("word");
        label.setWrapText(true);
        label.setMaxWidth(WRAP);
        return label;
    }

    private static Node slot(DrillDocument document, Sentence sentence, Phrase.Slot slot, Consumer<MoveId> choose) {
        boolean empty = slot.text().isEmpty();
        Button button = new Button(empty ? slot.prompt() : slot.text());
        button.getStyleClass().addAll("slot", "plain");
        if (empty) {
            button.getStyleClass().add("unsaid");
        }
        button.setId("slot-" + sentence.move() + "-" + slot.what());
        button.setAccessibleText(Ui.text("talk.slot", button.getText()));
        button.setWrapText(true);
        button.setMaxWidth(WRAP);
        button.setOnAction(e -> {
            choose.accept(sentence.move());
            SlotMenu.of(document, sentence.move(), slot).show(button, Side.BOTTOM, 0, 2);
        });
        return button;
    }
}
