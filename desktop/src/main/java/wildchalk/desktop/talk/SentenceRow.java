package wildchalk.desktop.talk;

import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.MoveId;
import wildchalk.core.words.Phrase;
import wildchalk.core.words.Sentence;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ui.LazyMenu;
import wildchalk.desktop.ui.Ui;

/** One sentence of the talk-through: its letter, its words, some of which can be changed, and what it measures. */
final class SentenceRow {

    /** The width at which sentences break before the view has been laid out. */
    private static final double WRAP = 252;

    /** Under this property a slot says which one it is: "m3-MANNER". */
    static final String SLOT = "slot";

    private SentenceRow() {}

    /**
     * A row that stays while the words do.
     *
     * @param now the sentence as it is when somebody presses one of its slots: the words are the same, what can be chosen instead
     *     may have changed
     * @param choose makes a move the one that is chosen
     */
    static Node of(DrillDocument document, Supplier<Sentence> now, Consumer<MoveId> choose) {
        Sentence sentence = now.get();
        Label letter = new Label(sentence.letter());
        letter.getStyleClass().add("letter");
        FlowPane words = new FlowPane();
        words.getStyleClass().add("words");
        boolean unsaid = false;
        for (int i = 0; i < sentence.phrases().size(); i++) {
            int at = i;
            Phrase phrase = sentence.phrases().get(i);
            unsaid |= isUnsaid(phrase);
            if (!phrase.text().isEmpty()) {
                words.getChildren().add(phrase.match(p -> plain(p.text()), s -> slot(document, now, at, s, choose)));
            }
        }
        if (unsaid) {
            words.getChildren().add(more(document, now, choose));
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

    private static boolean isUnsaid(Phrase phrase) {
        return phrase instanceof Phrase.Slot slot && slot.text().isEmpty();
    }

    /** What the sentence could say besides, behind one sign: the sentence itself reads as it is said. */
    private static Node more(DrillDocument document, Supplier<Sentence> now, Consumer<MoveId> choose) {
        LazyMenu more = new LazyMenu("+", menu -> {
            Sentence sentence = now.get();
            choose.accept(sentence.move());
            menu.getItems().clear();
            for (Phrase phrase : sentence.phrases()) {
                if (phrase instanceof Phrase.Slot slot && isUnsaid(slot)) {
                    Menu group = new Menu(slot.prompt());
                    group.setMnemonicParsing(false);
                    SlotMenu.fill(group, document, sentence.move(), slot);
                    menu.getItems().add(group);
                }
            }
        });
        more.getStyleClass().addAll("slot", "unsaid", "plain");
        more.getProperties().put(SLOT, now.get().move() + "-MORE");
        more.setAccessibleText(Ui.text("talk.more", now.get().text()));
        return more;
    }

    private static Node slot(
            DrillDocument document, Supplier<Sentence> now, int at, Phrase.Slot slot, Consumer<MoveId> choose) {
        MoveId move = now.get().move();
        Button button = new Button(slot.text());
        button.getStyleClass().addAll("slot", "plain");
        // no id: each would have the looks of its button worked out anew
        button.getProperties().put(SLOT, move + "-" + slot.what());
        button.setAccessibleText(Ui.text("talk.slot", button.getText()));
        button.setWrapText(true);
        button.setMaxWidth(WRAP);
        button.setOnAction(e -> {
            choose.accept(move);
            SlotMenu.of(document, move, (Phrase.Slot) now.get().phrases().get(at))
                    .show(button, Side.BOTTOM, 0, 2);
        });
        return button;
    }
}
