package wildchalk.desktop.app;

import javafx.css.PseudoClass;
import javafx.scene.Parent;
import javafx.scene.control.Dialog;
import javafx.stage.Window;

/** Gives dialogs the looks of the window that they belong to. */
public final class Dialogs {

    private static final PseudoClass PAPER = PseudoClass.getPseudoClass("paper");

    private Dialogs() {}

    /** Sets the owner, and with it colours and sizes. */
    public static <T extends Dialog<?>> T dress(T dialog, Window owner) {
        dialog.initOwner(owner);
        dialog.getDialogPane().getStylesheets().setAll(owner.getScene().getStylesheets());
        dialog.getDialogPane().getStyleClass().add("shell");
        Parent root = owner.getScene().getRoot();
        dialog.getDialogPane()
                .pseudoClassStateChanged(PAPER, root.getPseudoClassStates().contains(PAPER));
        return dialog;
    }
}
