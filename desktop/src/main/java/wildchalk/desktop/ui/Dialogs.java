package wildchalk.desktop.ui;

import javafx.scene.Node;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.layout.Region;
import javafx.stage.Window;

/** Gives dialogs the looks of the window that they belong to. */
public final class Dialogs {

    private Dialogs() {}

    /** Sets the owner, and with it colours and sizes. */
    public static <T extends Dialog<?>> T dress(T dialog, Window owner) {
        dialog.initOwner(owner);
        dialog.getDialogPane().getStylesheets().setAll(owner.getScene().getStylesheets());
        dialog.getDialogPane().getStyleClass().add("shell");
        if (dialog instanceof Alert alert) {
            alert.setGraphic(Signs.of(alert.getAlertType()));
        }
        dialog.getDialogPane().setMinHeight(Region.USE_PREF_SIZE); // long words are wrapped, not cut off
        return dialog;
    }

    /** Lets a dialog be wide, with its buttons as wide as their words. */
    public static <T extends Dialog<?>> T widen(T dialog, double width) {
        dialog.setResizable(true);
        dialog.getDialogPane().getStyleClass().add("wide-dialog");
        dialog.getDialogPane().setPrefWidth(width);
        for (ButtonType type : dialog.getDialogPane().getButtonTypes()) {
            Node button = dialog.getDialogPane().lookupButton(type);
            ButtonBar.setButtonUniformSize(button, false);
            ((Region) button).setMinWidth(Region.USE_PREF_SIZE);
        }
        return dialog;
    }
}
