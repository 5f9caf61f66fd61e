package wildchalk.desktop.share;

import java.util.Optional;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.layout.HBox;
import javafx.stage.Window;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Ui;

/** Fields on the left, what would come of them on the right, and whether it is to be saved. */
final class AskingDialog {

    private AskingDialog() {}

    /**
     * Asks, and waits.
     *
     * @return how it is to be made; empty when somebody would rather not
     */
    static <O> Optional<O> ask(Window owner, String title, Asked<O> asked, PreviewPane preview) {
        ButtonType save = new ButtonType(Ui.text("share.save"), ButtonBar.ButtonData.OK_DONE);
        Dialog<O> dialog = Dialogs.dress(new Dialog<>(), owner);
        dialog.setHeaderText(title);
        dialog.getDialogPane().setContent(new HBox(24, asked.fields(), preview));
        dialog.getDialogPane().getButtonTypes().setAll(save, ButtonType.CANCEL);
        dialog.getDialogPane().lookupButton(save).setId("share-save");
        dialog.getDialogPane().lookupButton(save).disableProperty().bind(preview.refusedProperty());
        dialog.setResultConverter(button -> button == save ? asked.how() : null);
        dialog.setOnHidden(e -> preview.close());
        return dialog.showAndWait();
    }
}
