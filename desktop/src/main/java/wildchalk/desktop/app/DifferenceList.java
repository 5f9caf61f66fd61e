package wildchalk.desktop.app;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.beans.binding.BooleanBinding;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.Differences;
import wildchalk.desktop.ui.Ui;

/** What differs between two states of a drill; each version that differs can be ticked. */
final class DifferenceList extends ScrollPane {

    /** So many lines of a version are shown. */
    private static final int MOST_LINES = 12;

    private final VBox box = new VBox(4);
    private final Map<CheckBox, Progression> ticks = new LinkedHashMap<>();
    private final BooleanProperty any = new SimpleBooleanProperty();

    DifferenceList() {
        super();
        box.getStyleClass().add("compare-words");
        setContent(box);
        setFitToWidth(true);
        setPrefHeight(190);
        setMinHeight(110);
        getStyleClass().add("talk-scroll");
        setId("differences");
    }

    /** Shows what the second has otherwise than the first. */
    void show(Drill here, Drill there, LengthUnit unit) {
        box.getChildren().clear();
        ticks.clear();
        any.set(false);
        Differences.ofDrill(here, there).forEach(this::line);
        for (Differences.OfVersion version : Differences.ofVersions(here, there, unit)) {
            CheckBox tick = new CheckBox(Ui.text("states.version", version.title()));
            tick.setId("take-" + version.id());
            tick.setMnemonicParsing(false);
            version.there().ifPresentOrElse(p -> ticks.put(tick, p), () -> tick.setDisable(true));
            tick.setOnAction(e -> any.set(!ticked().isEmpty()));
            box.getChildren().add(tick);
            List<String> lines = version.lines();
            lines.subList(0, Math.min(MOST_LINES, lines.size())).forEach(this::line);
            if (lines.size() > MOST_LINES) {
                line(Ui.text("states.more", lines.size() - MOST_LINES));
            }
        }
        if (box.getChildren().isEmpty()) {
            line(Ui.text("states.same"));
        }
    }

    private void line(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        box.getChildren().add(label);
    }

    /** The ticked versions as they are in the second state. */
    List<Progression> ticked() {
        List<Progression> all = new ArrayList<>();
        ticks.forEach((tick, version) -> {
            if (tick.isSelected()) {
                all.add(version);
            }
        });
        return all;
    }

    BooleanBinding noneTicked() {
        return any.not();
    }
}
