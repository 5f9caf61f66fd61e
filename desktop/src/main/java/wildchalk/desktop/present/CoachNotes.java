package wildchalk.desktop.present;

import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Question;
import wildchalk.core.words.Line;
import wildchalk.core.words.StepWords;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Told;

/** What the coach keeps to himself while players look at another screen: the time, what to say, what to ask, what comes next. */
final class CoachNotes extends VBox {

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm:ss", Locale.ENGLISH);
    private static final double WIDTH = 380;

    private final Label clock = new Label();
    private final Label since = new Label();
    private final VBox said = new VBox(6);
    private double shown;

    CoachNotes() {
        super(8);
        setId("coach-notes");
        getStyleClass().add("coach-notes");
        setPrefWidth(WIDTH);
        setMinWidth(WIDTH);
        clock.getStyleClass().add("coach-clock");
        clock.setId("coach-clock");
        since.setId("coach-since");
        since.getStyleClass().add("quiet");
        getChildren().setAll(clock, since, said);
    }

    /** The time goes on. @param elapsed seconds */
    void tick(double elapsed) {
        shown += elapsed;
        String now = CLOCK.format(LocalTime.now());
        if (!now.equals(clock.getText())) {
            clock.setText(now);
            int seconds = (int) shown;
            since.setText(Ui.text("present.since", seconds / 60, "%02d".formatted(seconds % 60)));
        }
    }

    /** What belongs to a step. */
    void show(Told told, int step) {
        List<StepWords> steps = told.talk().steps();
        said.getChildren().clear();
        if (steps.isEmpty()) {
            return;
        }
        StepWords now = steps.get(step);
        add(now.title(), "side-title");
        now.lines().stream().map(Line::text).forEach(l -> add(l, "present-caption"));
        now.points().forEach(p -> add(Ui.text("present.point", p), "course-title"));
        Optional<Question> question = told.path().steps().get(step).question();
        question.ifPresent(q -> {
            add(Ui.text("present.ask", q.ask()), "course-title");
            if (!q.answer().isEmpty()) {
                add(Ui.text("present.hear", q.answer()), "present-caption");
            }
        });
        if (step + 1 < steps.size()) {
            add(
                    Ui.text(
                            "present.then",
                            steps.get(step + 1).title(),
                            steps.get(step + 1).brief()),
                    "quiet");
        }
    }

    private void add(String text, String style) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        label.getStyleClass().add(style);
        said.getChildren().add(label);
    }
}
