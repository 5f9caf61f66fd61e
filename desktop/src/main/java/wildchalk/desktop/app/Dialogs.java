package wildchalk.desktop.app;

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
        dialog.getDialogPane().setMinHeight(Region.USE_PREF_SIZE); // long words are wrapped, not cut off
        return dialog;
    }
}
