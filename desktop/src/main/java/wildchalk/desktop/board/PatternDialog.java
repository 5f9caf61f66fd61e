package wildchalk.desktop.board;

import java.util.Optional;
import java.util.OptionalDouble;
import javafx.application.Platform;
import javafx.event.ActionEvent;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.stage.Window;
import wildchalk.core.arrange.Pattern;
import wildchalk.core.arrange.PatternKind;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.GearKind;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.Numbers;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Shown;
import wildchalk.desktop.ui.Ui;

/** Asks for the measures of a pattern; lengths are typed freely. */
final class PatternDialog {

    private final PatternKind kind;
    private final LengthUnit unit;
    private final Spinner<Integer> count;
    private final TextField spacing = new TextField();
    private final TextField second = new TextField();
    private final CheckBox oddLeft = new CheckBox(Ui.text("pattern.odd-left"));
    private final ComboBox<GearKind> gear = new ComboBox<>();
    private final ComboBox<Chalk> colour = new ComboBox<>();
    private final Label wrong = new Label();

    private PatternDialog(PatternKind kind, LengthUnit unit) {
        this.kind = kind;
        this.unit = unit;
        Pattern usual = Pattern.usual(kind);
        count = new Spinner<>(kind.fewest(), kind.most(), usual.count());
        count.setId("pattern-count");
        count.setEditable(true);
        spacing.setId("pattern-spacing");
        second.setId("pattern-second");
        spacing.setText(unit.exact(usual.spacingMetres()));
        second.setText(secondIsLength() ? unit.exact(usual.second()) : Numbers.brief(usual.second(), 1));
        oddLeft.setSelected(true);
        gear.getItems().setAll(GearKind.CONE, GearKind.DISC, GearKind.POLE, GearKind.HOOP, GearKind.MANNEQUIN);
        gear.setConverter(Shown.by(k -> Ui.text("tray." + k)));
        gear.setValue(GearKind.CONE);
        colour.getItems().setAll(Chalk.values());
        colour.setConverter(Shown.by(c -> Ui.text("chalk." + c)));
        colour.setValue(Chalk.ORANGE);
        wrong.getStyleClass().add("finding");
    }

    /** The pattern, or nothing if it was given up. */
    static Optional<Pattern> ask(PatternKind kind, LengthUnit unit, Window owner) {
        return new PatternDialog(kind, unit).ask(owner);
    }

    private boolean secondIsLength() {
        return kind != PatternKind.GRID && kind != PatternKind.ANGLE;
    }

    private Optional<Pattern> ask(Window owner) {
        Dialog<Pattern> dialog = new Dialog<>();
        Dialogs.dress(dialog, owner);
        String called = Ui.text("pattern." + kind);
        dialog.setHeaderText(Character.toUpperCase(called.charAt(0)) + called.substring(1));
        GridPane grid = new GridPane();
        grid.setHgap(16);
        grid.setVgap(10);
        int row = 0;
        if (kind.fewest() < kind.most()) {
            grid.addRow(row++, new Label(Ui.text("pattern.count." + kind)), count);
        }
        grid.addRow(row++, new Label(Ui.text("pattern.spacing." + kind)), spacing);
        if (kind.usesSecond()) {
            grid.addRow(row++, new Label(Ui.text("pattern.second." + kind)), second);
        }
        if (kind == PatternKind.GAPS) {
            grid.add(oddLeft, 0, row++, 2, 1);
        }
        if (kind != PatternKind.LINES) {
            grid.addRow(row++, new Label(Ui.text("pattern.gear")), gear);
            grid.addRow(row++, new Label(Ui.text("pattern.colour")), colour);
        }
        grid.add(wrong, 0, row, 2, 1);
        dialog.getDialogPane().setContent(grid);
        ButtonType place = new ButtonType(Ui.text("pattern.place"), ButtonBar.ButtonData.OK_DONE);
        dialog.getDialogPane().getButtonTypes().addAll(place, ButtonType.CANCEL);
        dialog.getDialogPane().lookupButton(place).addEventFilter(ActionEvent.ACTION, e -> {
            try {
                read();
            } catch (IllegalArgumentException refused) {
                wrong.setText(refused.getMessage());
                dialog.getDialogPane().getScene().getWindow().sizeToScene();
                e.consume();
            }
        });
        dialog.setResultConverter(button -> button == place ? read() : null);
        Platform.runLater(() -> {
            spacing.requestFocus();
            spacing.selectAll();
        });
        return dialog.showAndWait();
    }

    private Pattern read() {
        return new Pattern(
                kind,
                count.getValue(),
                length(spacing),
                !kind.usesSecond() ? 0 : secondIsLength() ? length(second) : number(second),
                oddLeft.isSelected(),
                gear.getValue(),
                colour.getValue());
    }

    private double length(TextField field) {
        OptionalDouble metres = unit.parse(field.getText());
        return metres.orElseThrow(() -> new IllegalArgumentException(Ui.text("typed.no-length", field.getText())));
    }

    private static double number(TextField field) {
        try {
            return Double.parseDouble(field.getText().replace('°', ' ').strip().replace(',', '.'));
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(Ui.text("typed.no-number", field.getText()));
        }
    }
}
