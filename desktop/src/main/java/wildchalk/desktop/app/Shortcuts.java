package wildchalk.desktop.app;

import javafx.beans.property.BooleanProperty;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import wildchalk.core.geometry.Symmetry;

/** Keys that work everywhere in the window. */
final class Shortcuts {

    private Shortcuts() {}

    /** Runs what a key means; false if it means nothing here. */
    static boolean run(Shell shell, KeyEvent e) {
        boolean typing = shell.getScene().getFocusOwner() instanceof TextInputControl;
        if (e.getCode() == KeyCode.F1) {
            shell.showKeys();
            return true;
        }
        if (e.getCode() == KeyCode.F7 || e.getCode() == KeyCode.F8 || e.getCode() == KeyCode.F9) {
            BooleanProperty part = e.getCode() == KeyCode.F7
                    ? shell.sizes().trayProperty()
                    : e.getCode() == KeyCode.F8
                            ? shell.sizes().panelProperty()
                            : shell.sizes().lanesProperty();
            part.set(!part.get());
            return true;
        }
        if (!e.isShortcutDown()) {
            return false;
        }
        switch (e.getCode()) {
            case S -> {
                if (e.isShiftDown()) {
                    shell.saving().saveAs();
                } else {
                    shell.save();
                }
            }
            case O -> shell.openByDialog();
            case N -> shell.newDrill();
            case G -> shell.toggleGround();
            case DIGIT1 -> shell.showBinder();
            case DIGIT2 -> shell.showBoard();
            case DIGIT3 -> shell.hour().showSession();
            case DIGIT4 -> shell.hour().showWhistle();
            case DIGIT5 -> shell.hour().showLog();
            case M -> shell.mirror(Symmetry.ACROSS_WIDTH);
            case Z, Y -> {
                if (typing) {
                    return false;
                }
                boolean redo = e.getCode() == KeyCode.Y || e.isShiftDown();
                if (redo) {
                    shell.redo();
                } else {
                    shell.undo();
                }
            }
            default -> {
                return false;
            }
        }
        return true;
    }
}
