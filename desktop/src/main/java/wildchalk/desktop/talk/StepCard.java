package wildchalk.desktop.talk;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Question;
import wildchalk.core.drill.StepId;
import wildchalk.core.edit.Tellings;
import wildchalk.core.words.Sentence;
import wildchalk.core.words.StepWords;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ui.Limited;
import wildchalk.desktop.ui.Ui;

/** One step of the talk-through: its head, its sentences, its coaching points and its question. Sentences come bit by bit. */
final class StepCard extends VBox {

    /** As wide as the border on the other sides is empty, pixels. */
    private static final double BAR = 3;

    private final Region bar = new Region();
    private final DrillDocument document;
    private final int index;
    private final Consumer<MoveId> choose;
    private final Runnable rebuild;
    private final StepWords words;
    private final boolean writtenOut;
    private List<Sentence> sentences;
    private boolean headed;
    private int written;

    /**
     * @param index of the step, from 0
     * @param writtenOut whether its sentences are to be read; else it says how many there are
     * @param choose makes a move the one that is chosen
     * @param rebuild shows the talk-through as it is now
     */
    StepCard(
            DrillDocument document,
            StepWords words,
            int index,
            boolean writtenOut,
            Consumer<MoveId> choose,
            Runnable rebuild) {
        this.document = document;
        this.index = index;
        this.choose = choose;
        this.rebuild = rebuild;
        this.words = words;
        this.writtenOut = writtenOut;
        this.sentences = writtenOut ? words.sentences() : List.of();
        getStyleClass().add("step");
        bar.getStyleClass().add("step-bar");
        bar.setManaged(false);
        bar.setVisible(false);
        getChildren().add(bar);
    }

    /** A line down its side. Not a state of the card: all that is in it would be styled anew with every step. */
    void setCurrent(boolean current) {
        bar.setVisible(current);
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        bar.resizeRelocate(0, 0, BAR, getHeight());
    }

    /** All but the sentences. */
    private void writeHead() {
        headed = true;
        Button head = new Button(words.title());
        head.getStyleClass().addAll("step-head", "plain");
        head.setId("step-" + (index + 1));
        head.setOnAction(e -> document.goToStep(index));
        Label span = new Label(words.span());
        span.getStyleClass().add("quiet");
        Label numbers = new Label(words.numbers());
        numbers.getStyleClass().add("numbers");
        numbers.setVisible(!words.numbers().isEmpty());
        numbers.managedProperty().bind(numbers.visibleProperty());
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Node more = StepMenu.of(
                document, words.step(), index + 1, () -> getChildren().add(editor(words.step(), "", -1)));
        HBox row = new HBox(head, span, gap, more);
        row.getStyleClass().add("step-row");
        getChildren().addAll(row, numbers);
        if (!writtenOut) {
            Label folded = new Label(Ui.text("talk.folded", words.sentences().size()));
            folded.getStyleClass().add("quiet");
            getChildren().add(folded);
            return;
        }
        for (int i = 0; i < words.points().size(); i++) {
            getChildren().add(point(words.step(), words.points().get(i), i));
        }
        words.question().ifPresent(q -> getChildren().add(question(q)));
    }

    int index() {
        return index;
    }

    boolean isWhole() {
        return headed && written == sentences.size();
    }

    private Supplier<Sentence> sentence(int number) {
        return () -> sentences.get(number);
    }

    /** The same words were written anew: what can be chosen in their place is taken from these. */
    void take(StepWords words) {
        sentences = sentences.isEmpty() ? sentences : words.sentences();
    }

    /** Writes some more: the head, which counts as a sentence, then sentences. @return how many */
    int write(int most) {
        if (most <= 0) {
            return 0;
        }
        int heads = headed ? 0 : 1;
        if (!headed) {
            writeHead();
        }
        int now = Math.max(0, Math.min(most - heads, sentences.size() - written));
        for (int i = 0; i < now; i++) {
            // behind the bar, the head and the numbers
            getChildren().add(3 + written, SentenceRow.of(document, sentence(written), choose));
            written++;
        }
        return heads + now;
    }

    /** Whether somebody is writing in it. */
    boolean isEdited() {
        return getChildren().stream().anyMatch(n -> n instanceof TextArea);
    }

    private static Node question(Question q) {
        Label label = new Label(Ui.text("talk.question", q.ask(), q.answer()));
        label.getStyleClass().add("question");
        label.setWrapText(true);
        return label;
    }

    private Node point(StepId step, String text, int number) {
        Button label = new Button(text);
        label.getStyleClass().addAll("point", "plain");
        label.setWrapText(true);
        label.setMnemonicParsing(false);
        label.setAccessibleText(Ui.text("talk.edit-point", text));
        label.setOnAction(e -> getChildren().set(getChildren().indexOf(label), editor(step, text, number)));
        return label;
    }

    /** A field for one coaching point; emptied, the point goes. */
    private Node editor(StepId step, String text, int number) {
        TextArea field = Limited.to(new TextArea(text), Limits.TEXT);
        field.getStyleClass().add("point-editor");
        field.setWrapText(true);
        field.setPrefRowCount(2);
        field.setPromptText(Ui.text("talk.point-prompt"));
        field.setOnKeyPressed(e -> {
            switch (e.getCode()) {
                case ENTER -> {
                    e.consume();
                    keepPoint(step, field.getText().strip(), number);
                }
                case ESCAPE -> {
                    e.consume();
                    rebuild.run();
                }
                default -> {}
            }
        });
        field.focusedProperty().addListener((o, was, is) -> {
            if (was && !is && field.getScene() != null) {
                keepPoint(step, field.getText().strip(), number);
            }
        });
        Platform.runLater(field::requestFocus);
        return field;
    }

    private void keepPoint(StepId id, String text, int number) {
        document.edit(Ui.text("edit.point"), Tellings.coachingPoint(id, number, Limits.fitting(text, Limits.TEXT)));
        Platform.runLater(rebuild);
    }
}
