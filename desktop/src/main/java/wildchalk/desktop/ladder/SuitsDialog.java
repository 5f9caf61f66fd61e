package wildchalk.desktop.ladder;

import java.util.EnumMap;
import java.util.Map;
import javafx.geometry.Pos;
import javafx.scene.control.ButtonType;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.stage.Window;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.Suits;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Limited;
import wildchalk.desktop.ui.Ui;

/** Asks whom a version suits: ages, and a level in the coach's words. */
final class SuitsDialog extends Dialog<Suits> {

    private final Map<AgeBand, CheckBox> ages = new EnumMap<>(AgeBand.class);
    private final TextField level = Limited.to(new TextField(), Limits.LINE);

    SuitsDialog(Suits usual, Window owner) {
        Dialogs.dress(this, owner);
        setHeaderText(Ui.text("ladder.level.title"));
        HBox row = new HBox(12);
        row.setAlignment(Pos.CENTER_LEFT);
        for (AgeBand band : AgeBand.values()) {
            CheckBox box = new CheckBox(band.label());
            box.setId("suits-" + band);
            box.setSelected(usual.ages().contains(band));
            ages.put(band, box);
            row.getChildren().add(box);
        }
        level.setId("suits-level");
        level.setText(usual.level());
        level.setPromptText(Ui.text("ladder.level.example"));
        level.setPrefColumnCount(40);
        Label none = new Label(Ui.text("ladder.level.none"));
        none.getStyleClass().add("quiet");
        getDialogPane()
                .setContent(new VBox(
                        8,
                        new Label(Ui.text("ladder.level.ages")),
                        row,
                        none,
                        new Label(Ui.text("ladder.level.words")),
                        level));
        getDialogPane().getButtonTypes().setAll(ButtonType.OK, ButtonType.CANCEL);
        setOnShown(e -> level.requestFocus());
        setResultConverter(button -> button == ButtonType.OK ? read() : null);
    }

    private Suits read() {
        return new Suits(
                ages.keySet().stream().filter(a -> ages.get(a).isSelected()).toList(),
                level.getText().strip());
    }
}
