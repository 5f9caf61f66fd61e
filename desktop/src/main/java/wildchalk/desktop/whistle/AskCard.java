package wildchalk.desktop.whistle;

import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Question;
import wildchalk.core.whistle.Ready;
import wildchalk.core.whistle.Run;
import wildchalk.core.whistle.Signal;
import wildchalk.desktop.ui.Ui;

/** While everybody stands: the drill's questions, one after the other; the answer stays hidden until it is asked for. */
final class AskCard extends VBox {

    private final Consumer<Signal> press;
    private final Label question = new Label();
    private final Label answer = new Label();
    private final Button next;
    private List<Question> questions = List.of();
    private int at = -1;
    private boolean answered;

    AskCard(Consumer<Signal> press) {
        super(16);
        this.press = press;
        getStyleClass().add("whistle-over");
        setId("whistle-ask");
        setAlignment(Pos.CENTER_LEFT);
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        StackPane.setAlignment(this, Pos.CENTER_RIGHT);
        StackPane.setMargin(this, new Insets(14));
        question.getStyleClass().add("whistle-title");
        question.setId("whistle-question");
        answer.getStyleClass().add("whistle-line");
        answer.setId("whistle-answer");
        for (Label label : List.of(question, answer)) {
            label.setWrapText(true);
            label.setMaxWidth(460);
            label.setMinHeight(Region.USE_PREF_SIZE);
        }
        answer.managedProperty().bind(answer.textProperty().isNotEmpty());
        next = WhistleView.button("whistle-question-next", "whistle.ask", this::ask);
        managedProperty().bind(visibleProperty());
        setVisible(false);
        getChildren()
                .setAll(
                        question,
                        answer,
                        WhistleView.row(
                                next,
                                WhistleView.button("whistle-go", "whistle.go", () -> press.accept(new Signal.Go()))));
    }

    /** The first question, its answer, the next question. */
    void ask() {
        if (questions.isEmpty() || !isVisible()) {
            return;
        }
        if (at >= 0 && !answered && !questions.get(at).answer().isBlank()) {
            answered = true;
            answer.setText(questions.get(at).answer());
            return;
        }
        at = (at + 1) % questions.size();
        answered = false;
        question.setText(questions.get(at).ask());
        answer.setText("");
        press.accept(new Signal.Asked(questions.get(at).ask()));
    }

    void show(Run run, Ready ready) {
        if (!ready.questions().equals(questions)) {
            questions = ready.questions();
            at = -1;
        }
        if (run.frozen() && !isVisible()) {
            question.setText(Ui.text("whistle.frozen"));
            answer.setText("");
        }
        next.setVisible(!questions.isEmpty());
        boolean hides = at >= 0 && !answered && !questions.get(at).answer().isBlank();
        next.setText(Ui.text(hides ? "whistle.answer" : "whistle.ask"));
        setVisible(run.frozen());
    }
}
