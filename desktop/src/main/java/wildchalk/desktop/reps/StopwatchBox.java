package wildchalk.desktop.reps;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.value.ChangeListener;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.RoleId;
import wildchalk.core.edit.Wholes;
import wildchalk.core.path.Path;
import wildchalk.core.reps.Filling;
import wildchalk.core.stopwatch.LearnedPace;
import wildchalk.core.stopwatch.StoppedTimes;
import wildchalk.core.words.PaceWriter;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Worker;
import wildchalk.desktop.ui.Shown;
import wildchalk.desktop.ui.Tips;
import wildchalk.desktop.ui.Ui;

/** Stopped times are typed; what they say about the pace stands below, and one press takes it. */
final class StopwatchBox extends VBox {

    private final DrillDocument document;
    private final Worker worker;
    private final TextField times = new TextField();
    private final ChoiceBox<Optional<RoleId>> whose = new ChoiceBox<>();
    private final VBox said = new VBox(4);
    private final Button use = new Button(Ui.text("stopwatch.use"));
    private final ChangeListener<Object> refresh = (o, a, b) -> refresh();
    private Optional<LearnedPace> learned = Optional.empty();

    StopwatchBox(DrillDocument document) {
        super(6);
        this.document = document;
        this.worker = document.helper();
        setId("stopwatch");
        times.setId("stopwatch-times");
        times.setPromptText(Ui.text("stopwatch.times"));
        times.setAccessibleText(Ui.text("stopwatch.times"));
        times.textProperty().addListener((o, a, b) -> ask());
        whose.setId("stopwatch-whose");
        whose.setConverter(Shown.by(this::name));
        whose.setValue(Optional.empty());
        Tips.on(whose, Ui.text("stopwatch.whose"));
        whose.valueProperty().addListener((o, a, b) -> ask());
        use.setId("stopwatch-use");
        Tips.on(use, Ui.text("stopwatch.use.tip"));
        use.setOnAction(e -> learned.flatMap(LearnedPace::factor).ifPresent(f -> {
            Optional<RoleId> role = whose.getValue();
            times.clear();
            document.edit(Ui.text("edit.pace"), Wholes.pace(role, f));
        }));
        said.setId("stopwatch-said");
        getChildren().setAll(times, new HBox(8, whose, use), said);
        document.toldProperty().addListener(refresh);
        refresh();
    }

    private String name(Optional<RoleId> role) {
        return role.flatMap(document.path()::role).map(r -> r.label()).orElseGet(() -> Ui.text("stopwatch.everybody"));
    }

    private void refresh() {
        List<Optional<RoleId>> all = new ArrayList<>(List.of(Optional.empty()));
        document.path().roles().stream().filter(Filling::isPlayer).forEach(r -> all.add(Optional.of(r.id())));
        if (!all.equals(whose.getItems())) {
            Optional<RoleId> now = whose.getValue();
            whose.getItems().setAll(all);
            whose.setValue(all.contains(now) ? now : Optional.empty());
        }
        ask();
    }

    private void ask() {
        List<Double> typed;
        try {
            typed = StoppedTimes.typed(times.getText());
        } catch (IllegalArgumentException no) {
            show(Optional.empty(), List.of(Ui.text("stopwatch.no", no.getMessage())));
            return;
        }
        if (typed.isEmpty() || document.timeline().seconds() <= 0) {
            worker.forget();
            show(Optional.empty(), List.of());
            return;
        }
        Drill drill = document.told().drill();
        Path path = document.told().path();
        Optional<RoleId> role = whose.getValue() == null ? Optional.empty() : whose.getValue();
        String who = name(role);
        worker.ask(
                () -> LearnedPace.of(drill, path, role, StoppedTimes.of(typed)),
                l -> show(
                        Optional.of(l), PaceWriter.said(l, who, drill.audience().paceBand())));
    }

    private void show(Optional<LearnedPace> what, List<String> lines) {
        learned = what;
        said.getChildren().setAll(lines.stream().map(StopwatchBox::line).toList());
        said.setVisible(!lines.isEmpty());
        said.setManaged(!lines.isEmpty());
        boolean usable = what.flatMap(LearnedPace::factor).isPresent();
        use.setVisible(usable);
        use.setManaged(usable);
    }

    private static Label line(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    void dispose() {
        document.toldProperty().removeListener(refresh);
        worker.close();
    }
}
