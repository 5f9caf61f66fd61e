package wildchalk.desktop.session;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.stage.Window;
import wildchalk.core.drill.GearKind;
import wildchalk.core.session.Kit;
import wildchalk.core.text.Texts;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Ui;

/** Asks how many of everything there is; what is left empty is not counted. */
final class KitDialog {

    private static final int COLUMNS = 3;

    private KitDialog() {}

    static Optional<Kit> ask(Window owner, Kit now) {
        Dialog<Kit> dialog = Dialogs.dress(new Dialog<>(), owner);
        dialog.setTitle(Ui.text("session.kit"));
        dialog.setHeaderText(Ui.text("session.kit.how"));
        GridPane grid = new GridPane(12, 8);
        grid.setPadding(new Insets(16));
        TextField balls = field("kit-balls", now.balls() < 0 ? "" : String.valueOf(now.balls()));
        grid.addRow(0, new Label(Ui.text("session.kit.balls")), balls);
        Map<GearKind, TextField> fields = new EnumMap<>(GearKind.class);
        int at = 1;
        for (GearKind kind : GearKind.values()) {
            Integer count = now.gear().get(kind);
            TextField field = field("kit-" + kind, count == null ? "" : String.valueOf(count));
            fields.put(kind, field);
            grid.add(new Label(Texts.CORE.get("gears." + kind)), 2 * (at % COLUMNS), at / COLUMNS);
            grid.add(field, 2 * (at % COLUMNS) + 1, at / COLUMNS);
            at++;
        }
        dialog.getDialogPane().setContent(grid);
        dialog.getDialogPane().getButtonTypes().setAll(ButtonType.OK, ButtonType.CANCEL);
        dialog.setResultConverter(b -> b == ButtonType.OK ? read(balls, fields) : null);
        return dialog.showAndWait();
    }

    /** Figures alone can be typed. */
    private static TextField field(String id, String text) {
        TextField field = new TextField(text);
        field.setId(id);
        field.setPrefColumnCount(4);
        field.setTextFormatter(new javafx.scene.control.TextFormatter<String>(
                c -> c.getControlNewText().matches("\\d{0,4}") ? c : null));
        return field;
    }

    private static Kit read(TextField balls, Map<GearKind, TextField> fields) {
        Map<GearKind, Integer> gear = new EnumMap<>(GearKind.class);
        fields.forEach((kind, field) -> {
            if (!field.getText().isBlank()) {
                gear.put(kind, Integer.parseInt(field.getText()));
            }
        });
        return new Kit(gear, balls.getText().isBlank() ? -1 : Integer.parseInt(balls.getText()));
    }
}
