package wildchalk.desktop.share;

import java.io.IOException;
import java.nio.file.Path;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar.ButtonData;
import javafx.scene.control.ButtonType;
import javafx.stage.Window;
import wildchalk.core.binder.SafeFiles;
import wildchalk.core.progress.Progress;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Errand;
import wildchalk.desktop.ui.Failures;
import wildchalk.desktop.ui.FileDialogs;
import wildchalk.desktop.ui.Ui;

/** Makes a file beside the window, says what became of it, and opens it. */
final class Delivery {

    private static final ButtonType OPEN = new ButtonType(Ui.text("share.open"), ButtonData.LEFT);

    private final Window owner;
    private final FileDialogs dialogs;

    /** Makes the bytes of a file. */
    interface Maker {
        byte[] make(Progress progress) throws IOException;
    }

    Delivery(Window owner, FileDialogs dialogs) {
        this.owner = owner;
        this.dialogs = dialogs;
    }

    /** @param also what more is said of it when it is there; perhaps nothing */
    void write(Path target, Maker maker, String also) {
        Errand.run(
                owner,
                Ui.text("share.working", target.getFileName()),
                progress -> {
                    SafeFiles.replace(target, maker.make(progress));
                    return target;
                },
                made -> done(made, also),
                this::failed,
                () -> tell(Alert.AlertType.INFORMATION, Ui.text("share.stopped")));
    }

    void failed(Throwable why) {
        tell(Alert.AlertType.ERROR, Ui.text("share.failed") + ": " + Failures.said(why));
    }

    private void done(Path target, String also) {
        String text = Ui.text("share.done", target);
        Alert alert =
                alert(Alert.AlertType.INFORMATION, also.isEmpty() ? text : text + "\n" + also, OPEN, ButtonType.OK);
        alert.setOnHidden(e -> {
            if (alert.getResult() == OPEN) {
                open(target);
            }
        });
        alert.show();
    }

    private void open(Path target) {
        try {
            dialogs.openOutside(target);
        } catch (IOException nothingThere) {
            tell(Alert.AlertType.INFORMATION, Ui.text("share.not-opened", target));
        }
    }

    private void tell(Alert.AlertType type, String message) {
        alert(type, message, ButtonType.OK).show();
    }

    private Alert alert(Alert.AlertType type, String message, ButtonType... buttons) {
        Alert alert = new Alert(type, message, buttons);
        alert.setHeaderText(null);
        return Dialogs.dress(alert, owner);
    }
}
