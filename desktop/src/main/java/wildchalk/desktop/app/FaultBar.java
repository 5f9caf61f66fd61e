package wildchalk.desktop.app;

import java.util.Map;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.ui.Failures;
import wildchalk.desktop.ui.Ui;

/** One bar across the window: what is not being kept or not as it should be, why, and what to do. Not there while all is well. */
final class FaultBar extends VBox {

    private final Faults faults;
    private final Runnable saveElsewhere;

    /** @param saveElsewhere asks where else the open drill may be saved */
    FaultBar(Faults faults, Runnable saveElsewhere) {
        this.faults = faults;
        this.saveElsewhere = saveElsewhere;
        setId("faults");
        getStyleClass().add("fault-bar");
        faults.nowProperty().addListener((o, was, is) -> show(is));
        show(faults.nowProperty().get());
    }

    private void show(Map<Faults.Kind, Throwable> now) {
        getChildren().clear();
        now.forEach((kind, why) -> getChildren().add(row(kind, why)));
        setVisible(!now.isEmpty());
        setManaged(!now.isEmpty());
    }

    private HBox row(Faults.Kind kind, Throwable why) {
        Label text = new Label("!  " + Ui.text("fault." + kind, Failures.said(why)));
        text.setId("fault-" + kind);
        text.setWrapText(true);
        text.setMinHeight(Region.USE_PREF_SIZE);
        text.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(text, Priority.ALWAYS);
        HBox row = new HBox(10, text);
        row.setAlignment(Pos.CENTER_LEFT);
        if (kind == Faults.Kind.JOURNAL) {
            row.getChildren().add(button("fault.save-elsewhere", saveElsewhere));
        } else {
            row.getChildren().add(button("fault.seen", () -> faults.mended(kind)));
        }
        return row;
    }

    private static Button button(String key, Runnable action) {
        Button button = new Button(Ui.text(key));
        button.setId(key.replace('.', '-'));
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(e -> action.run());
        return button;
    }
}
