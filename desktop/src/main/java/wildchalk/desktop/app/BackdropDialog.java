package wildchalk.desktop.app;

import java.util.Optional;
import java.util.OptionalDouble;
import javafx.event.ActionEvent;
import javafx.scene.control.ButtonType;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.stage.Window;
import wildchalk.core.drill.Backdrop;
import wildchalk.core.geometry.Point;
import wildchalk.core.text.LengthUnit;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Ui;

/** Asks how a picture lies under the drawing, and whether the drill's file keeps it. */
final class BackdropDialog {

    /** A picture as it is to lie, and where it is kept. */
    record Answer(Backdrop picture, boolean inFile) {}

    private final LengthUnit unit;
    private final TextField width = new TextField();
    private final TextField along = new TextField();
    private final TextField across = new TextField();
    private final Slider dim = new Slider(0, 0.9, 0.5);
    private final CheckBox keep = new CheckBox(Ui.text("backdrop.keep"));
    private final Label wrong = new Label();

    private BackdropDialog(LengthUnit unit) {
        this.unit = unit;
    }

    static Optional<Answer> ask(Window owner, Backdrop picture, boolean inFile, LengthUnit unit) {
        return new BackdropDialog(unit).ask(owner, picture, inFile);
    }

    private Optional<Answer> ask(Window owner, Backdrop picture, boolean inFile) {
        width.setId("backdrop-width");
        keep.setId("backdrop-keep");
        width.setText(unit.exact(picture.widthMetres()));
        along.setText(signed(picture.at().x()));
        across.setText(signed(picture.at().y()));
        dim.setValue(picture.dim());
        keep.setSelected(inFile);
        wrong.getStyleClass().add("finding");
        GridPane grid = new GridPane();
        grid.setHgap(16);
        grid.setVgap(10);
        grid.addRow(0, new Label(Ui.text("backdrop.width")), width);
        grid.addRow(1, new Label(Ui.text("details.x")), along);
        grid.addRow(2, new Label(Ui.text("details.y")), across);
        grid.addRow(3, new Label(Ui.text("backdrop.dim")), dim);
        grid.add(keep, 0, 4, 2, 1);
        grid.add(wrong, 0, 5, 2, 1);
        Dialog<Answer> dialog = new Dialog<>();
        Dialogs.dress(dialog, owner);
        dialog.setHeaderText(Ui.text("backdrop.title"));
        dialog.getDialogPane().setContent(grid);
        dialog.getDialogPane().getButtonTypes().addAll(ButtonType.OK, ButtonType.CANCEL);
        dialog.getDialogPane().lookupButton(ButtonType.OK).addEventFilter(ActionEvent.ACTION, e -> {
            try {
                read(picture);
            } catch (IllegalArgumentException refused) {
                wrong.setText(refused.getMessage());
                dialog.getDialogPane().getScene().getWindow().sizeToScene();
                e.consume();
            }
        });
        dialog.setResultConverter(
                button -> button == ButtonType.OK ? new Answer(read(picture), keep.isSelected()) : null);
        return dialog.showAndWait();
    }

    private Backdrop read(Backdrop picture) {
        return picture.withAt(new Point(metres(along), metres(across)))
                .withWidth(metres(width))
                .withDim(dim.getValue());
    }

    private String signed(double metres) {
        return (metres < 0 ? "-" : "") + unit.exact(Math.abs(metres));
    }

    private double metres(TextField field) {
        String text = field.getText().strip();
        boolean below = text.startsWith("-");
        OptionalDouble length = unit.parse(below ? text.substring(1) : text);
        if (length.isEmpty()) {
            throw new IllegalArgumentException(Ui.text("typed.no-length", field.getText()));
        }
        return below ? -length.getAsDouble() : length.getAsDouble();
    }
}
