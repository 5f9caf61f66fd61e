package wildchalk.desktop.talk;

import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Step;
import wildchalk.core.edit.Edit;
import wildchalk.core.edit.Edited;
import wildchalk.core.path.Path;
import wildchalk.core.words.Saying;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Worker;
import wildchalk.desktop.ui.Limited;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Reader;
import wildchalk.picture.export.Told;

/** A line in which the drill can be typed: what it would mean stands under it, Enter does it. */
final class SayLine extends VBox {

    private static final int LONGEST = 1000;

    private final DrillDocument document;
    private final Worker worker;
    private final TextField line = new TextField();
    private final Label meaning = new Label();

    /** What was understood, or why it was not. */
    private record Understood(boolean well, String text) {}

    /** @param done gives the keys back to the board */
    SayLine(DrillDocument document, Runnable done) {
        this.document = document;
        this.worker = document.helper();
        getStyleClass().add("say");
        line.setId("say");
        line.setPromptText(Ui.text("say.prompt"));
        line.setAccessibleText(Ui.text("say.accessible"));
        Limited.to(line, LONGEST);
        meaning.setId("say-meaning");
        meaning.getStyleClass().add("quiet");
        meaning.setWrapText(true);
        meaning.setMinHeight(Region.USE_PREF_SIZE);
        meaning.managedProperty().bind(meaning.visibleProperty());
        meaning.setVisible(false);
        getChildren().addAll(meaning, line);
        line.textProperty().addListener((o, was, is) -> tell(is));
        line.setOnAction(e -> say(done));
        line.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                line.clear();
                done.run();
                e.consume();
            }
        });
    }

    void focus() {
        line.requestFocus();
    }

    private void tell(String text) {
        if (text.isBlank()) {
            worker.forget();
            show(new Understood(true, ""));
            return;
        }
        Drill drill = document.drill();
        Path path = document.path();
        Step step = step();
        Reader reader = document.reader();
        worker.ask(() -> understood(drill, path, step, reader, text), this::show);
    }

    private Step step() {
        List<Step> steps = document.path().steps();
        return steps.get(Math.min(document.stepProperty().get(), steps.size() - 1));
    }

    /** The sentences that the tool would write of it. */
    private static Understood understood(Drill drill, Path path, Step step, Reader reader, String text) {
        try {
            Edited then = Saying.edit(
                            drill,
                            path,
                            path.told(step.id()),
                            reader.unit(),
                            reader.house().understood(text))
                    .applyTo(drill, path.id());
            Told told = Told.of(
                    then.drill(), Path.of(then.drill().progression(path.id()).orElseThrow(), path.choices()), reader);
            String sentences = then.made().stream()
                    .filter(id -> id instanceof MoveId)
                    .flatMap(id -> told.talk().sentence((MoveId) id).stream())
                    .map(s -> s.text())
                    .collect(Collectors.joining(" · "));
            long things =
                    then.made().stream().filter(id -> !(id instanceof MoveId)).count();
            String down = things == 0 ? "" : Ui.text("say.things", things);
            return new Understood(true, (down + (down.isEmpty() || sentences.isEmpty() ? "" : " · ") + sentences));
        } catch (IllegalArgumentException e) {
            return new Understood(false, e.getMessage());
        }
    }

    private void show(Understood what) {
        meaning.setText(what.text());
        meaning.setVisible(!what.text().isEmpty());
        meaning.getStyleClass().remove("alert");
        if (!what.well()) {
            meaning.getStyleClass().add("alert");
        }
    }

    private void say(Runnable done) {
        if (line.getText().isBlank()) {
            done.run();
            return;
        }
        try {
            Edit edit = Saying.edit(
                    document.drill(),
                    document.path(),
                    document.path().told(step().id()),
                    document.reader().unit(),
                    document.reader().house().understood(line.getText()));
            int steps = document.path().steps().size();
            document.edit(Ui.text("edit.typed"), edit);
            line.clear();
            if (document.path().steps().size() > steps) {
                document.goToStep(document.path().steps().size() - 1);
            }
            done.run();
        } catch (IllegalArgumentException e) {
            show(new Understood(false, e.getMessage()));
        }
    }

    void dispose() {
        worker.close();
    }
}
