package wildchalk.desktop.whistle;

import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Limits;
import wildchalk.core.log.LoggedBlock;
import wildchalk.core.whistle.Caller;
import wildchalk.core.whistle.Ready;
import wildchalk.core.whistle.Run;
import wildchalk.core.words.RunWriter;
import wildchalk.desktop.ui.Ui;

/** Beside the clock: calls, the rep watch, what follows, and what is written down. */
final class SideCards extends VBox {

    private static final int MOST_THEN = 5;

    private final Label called = new Label();
    private final Label evenly = line();
    private final Button speak;
    private final VBox callCard;
    private final Label reps = new Label();
    private final Label repTimes = line();
    private final VBox repCard;
    private final VBox then = new VBox(4);
    private final Label counts = line();
    private final Label silent = line();
    private final TextField note = new TextField();
    private final TextField lost = new TextField();
    private final Label next = new Label(Ui.text("whistle.then"));
    private Consumer<Boolean> writing = is -> {};

    SideCards(
            Runnable rep,
            Runnable call,
            Runnable speaking,
            boolean voice,
            Consumer<String> noted,
            DoubleConsumer minutesLost,
            Runnable tally) {
        super(12);
        called.setId("whistle-called");
        called.getStyleClass().add("whistle-call");
        called.setWrapText(true);
        called.setMinHeight(Region.USE_PREF_SIZE);
        speak = WhistleView.button("whistle-speak", "whistle.speak.off", speaking);
        speak.setVisible(voice);
        speak.setManaged(voice);
        callCard = WhistleView.card(
                called, evenly, WhistleView.row(WhistleView.button("whistle-call", "whistle.call", call), speak));
        reps.setId("whistle-reps");
        reps.getStyleClass().add("whistle-title");
        repCard = WhistleView.card(
                WhistleView.row(WhistleView.button("whistle-rep", "whistle.rep", rep), reps), repTimes);
        note.setId("whistle-note");
        note.setPromptText(Ui.text("whistle.note"));
        note.getStyleClass().add("whistle-field");
        note.setOnAction(e -> {
            String text = Limits.fitting(note.getText().strip(), Limits.TEXT);
            if (!text.isEmpty()) {
                noted.accept(text);
            }
            note.clear();
            backTo();
        });
        lost.setId("whistle-lost");
        lost.setPromptText(Ui.text("whistle.lost"));
        lost.getStyleClass().add("whistle-field");
        lost.setOnAction(e -> {
            try {
                double minutes = Double.parseDouble(lost.getText().strip().replace(',', '.'));
                minutesLost.accept(minutes);
                lost.clear();
                backTo();
            } catch (IllegalArgumentException noNumber) {
                lost.clear();
                lost.setPromptText(Ui.text("whistle.lost.wrong"));
            }
        });
        for (TextField field : List.of(note, lost)) {
            field.setFocusTraversable(false);
            field.focusedProperty().addListener((o, was, is) -> writing.accept(is));
        }
        counts.setId("whistle-counts");
        HBox.setHgrow(note, Priority.ALWAYS);
        lost.setPrefColumnCount(7);
        note.setMinWidth(0);
        lost.setMinWidth(0);
        VBox write = WhistleView.card(
                new HBox(8, note, lost),
                WhistleView.row(WhistleView.button("whistle-tally", "whistle.tally", tally)),
                counts,
                silent);
        then.setId("whistle-then");
        next.getStyleClass().add("whistle-title");
        getChildren().setAll(callCard, repCard, WhistleView.card(next, then), write);
        for (VBox card : List.of(callCard, repCard)) {
            card.managedProperty().bind(card.visibleProperty());
        }
        setMinHeight(Region.USE_PREF_SIZE);
    }

    private static Label line() {
        return line("");
    }

    private static Label line(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("whistle-line");
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        label.managedProperty().bind(label.textProperty().isNotEmpty());
        return label;
    }

    private void backTo() {
        getScene().getRoot().requestFocus();
    }

    /** Hears when a field is gone to, so that it can be brought into view, and when it is left. */
    void onWriting(Consumer<Boolean> listener) {
        writing = listener;
    }

    void note() {
        note.requestFocus();
    }

    void lost() {
        lost.requestFocus();
    }

    void speaks(boolean is) {
        speak.setText(Ui.text(is ? "whistle.speak.on" : "whistle.speak.off"));
    }

    void show(Run run, RunWriter writer, Ready ready, boolean noSound) {
        callCard.setVisible(!ready.calls().isEmpty());
        for (Map.Entry<String, CallSet> e : ready.calls().entrySet()) {
            List<List<String>> calls = run.calls().getOrDefault(e.getKey(), List.of());
            called.setText(calls.isEmpty() ? "–" : String.join("  ·  ", calls.get(calls.size() - 1)));
            evenly.setText(RunWriter.called(
                    calls.size(), Caller.counts(e.getValue(), calls).values()));
            break;
        }
        boolean drills = run.part().filter(p -> !p.rounds().isEmpty()).isPresent();
        repCard.setVisible(drills);
        LoggedBlock counted = run.counts().orElse(null);
        reps.setText(counted == null ? "0" : String.valueOf(counted.reps()));
        repTimes.setText(RunWriter.reps(counted == null ? List.of() : counted.repSeconds(), ready.interval()));
        List<String> lines = writer.then();
        next.setText(Ui.text(lines.isEmpty() ? "whistle.then.none" : "whistle.then"));
        if (then.getChildren().size() != Math.min(MOST_THEN, lines.size())) {
            then.getChildren()
                    .setAll(lines.stream().limit(MOST_THEN).map(SideCards::line).toList());
        }
        for (int i = 0; i < then.getChildren().size(); i++) {
            ((Label) then.getChildren().get(i)).setText(lines.get(i));
        }
        counts.setText(
                counted == null
                        ? ""
                        : Ui.text(
                                "whistle.counts",
                                counted.stops(),
                                RunWriter.span(counted.talkSeconds()),
                                counted.tallies().values().stream()
                                        .mapToInt(Integer::intValue)
                                        .sum(),
                                counted.notes().size()));
        silent.setText(noSound ? Ui.text("whistle.silent") : "");
    }
}
