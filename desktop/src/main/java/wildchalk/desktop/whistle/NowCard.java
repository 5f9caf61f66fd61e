package wildchalk.desktop.whistle;

import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import wildchalk.core.whistle.Run;
import wildchalk.core.whistle.Signal;
import wildchalk.core.words.RunWriter;
import wildchalk.desktop.ui.Ui;

/** What runs, how long it still does, and the keys of the clock. */
final class NowCard extends VBox {

    private static final double MOST_FONT = 240;
    private static final double LEAST_FONT = 64;
    /** How wide a figure is beside its height, with what is round five of them. */
    private static final double WIDE = 2.9;

    private final Label title = new Label();
    private final VBox lines = new VBox(2);
    private final Label clock = new Label();
    private final StackPane middle = new StackPane(clock);
    private final ProgressBar bar = new ProgressBar();
    private final Label phase = new Label();
    private final Button start;
    private final Button freeze;
    private final Button byItself;
    private final FlowPane row;

    NowCard(Runnable startOrPause, Consumer<Signal> press, Runnable freezing) {
        super(8);
        getStyleClass().add("whistle-card");
        title.getStyleClass().add("whistle-title");
        title.setId("whistle-part");
        title.setWrapText(true);
        lines.setId("whistle-lines");
        clock.setId("whistle-clock");
        clock.getStyleClass().add("whistle-clock");
        clock.setMinSize(0, 0);
        middle.setMinHeight(LEAST_FONT);
        middle.setPrefHeight(LEAST_FONT);
        VBox.setVgrow(middle, Priority.ALWAYS);
        middle.heightProperty().addListener((o, a, b) -> size());
        middle.widthProperty().addListener((o, a, b) -> size());
        bar.setMaxWidth(Double.MAX_VALUE);
        bar.setMinHeight(14);
        phase.setId("whistle-phase");
        phase.getStyleClass().add("whistle-line");
        phase.managedProperty().bind(phase.textProperty().isNotEmpty());
        start = WhistleView.button("whistle-start", "whistle.begin", startOrPause);
        start.getStyleClass().add("accent-button");
        freeze = WhistleView.button("whistle-freeze", "whistle.freeze", freezing);
        byItself = WhistleView.button("whistle-by-itself", "whistle.by-itself.off", () -> {});
        byItself.setOnAction(e -> press.accept(new Signal.ByItself(!on)));
        row = WhistleView.row(
                start,
                WhistleView.button("whistle-next", "whistle.next", () -> press.accept(new Signal.Next())),
                WhistleView.button("whistle-longer", "whistle.longer", () -> press.accept(new Signal.Longer(1))),
                WhistleView.button("whistle-shorter", "whistle.shorter", () -> press.accept(new Signal.Longer(-1))),
                freeze,
                byItself);
        setMinHeight(Region.USE_PREF_SIZE);
        getChildren().setAll(title, lines, middle, bar, phase, row);
        setAlignment(Pos.TOP_LEFT);
    }

    private boolean on;
    private List<String> said = List.of();

    private void size() {
        double font =
                Math.max(LEAST_FONT, Math.min(MOST_FONT, Math.min(middle.getHeight() / 1.1, middle.getWidth() / WIDE)));
        clock.setStyle("-fx-font-size: " + Math.round(font) + "px;");
    }

    void show(Run run, RunWriter writer, boolean begun) {
        title.setText(run.part().map(writer::title).orElse(Ui.text("whistle.over")));
        List<String> now = writer.lines();
        if (!now.equals(said)) {
            said = now;
            lines.getChildren().setAll(now.stream().map(NowCard::line).toList());
        }
        clock.setText(run.part().isPresent() ? RunWriter.countdown(run.left()) : "0:00");
        clock.pseudoClassStateChanged(javafx.css.PseudoClass.getPseudoClass("late"), run.left() < 0);
        bar.setProgress(run.length() <= 0 ? 1 : Math.min(1, run.elapsed() / run.length()));
        String rounds = writer.beat()
                .map(b -> writer.round().map(r -> r + " · " + b).orElse(b))
                .orElse(writer.round().orElse(""));
        phase.setText(run.paused() && begun ? Ui.text("whistle.paused") : rounds);
        row.getChildren().stream().filter(n -> n != start).forEach(n -> n.setDisable(!begun));
        start.setText(Ui.text(!begun ? "whistle.begin" : run.paused() ? "whistle.resume" : "whistle.pause"));
        freeze.setText(Ui.text(run.frozen() ? "whistle.go" : "whistle.freeze"));
        on = run.byItself();
        byItself.setText(Ui.text(on ? "whistle.by-itself.on" : "whistle.by-itself.off"));
    }

    private static Label line(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("whistle-line");
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }
}
