package wildchalk.desktop.app;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar.ButtonData;
import javafx.scene.control.ButtonType;
import javafx.stage.Window;
import wildchalk.core.edit.Edit;
import wildchalk.desktop.document.Consent;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Ui;

/** Asks before an edit takes away what other versions have added to what it is about. */
final class LossQuestion implements Consent {

    private final Window owner;

    LossQuestion(Window owner) {
        this.owner = owner;
    }

    @Override
    public Optional<Edit.Flow> to(String label, List<Edit.Loss> losses) {
        String whose = losses.stream()
                .map(l -> Ui.text(
                        l.moves() > 0 ? "loss.version.moves" : "loss.version",
                        l.version().title(),
                        l.moves(),
                        l.keys().size()))
                .collect(Collectors.joining("\n"));
        ButtonType here = new ButtonType(Ui.text("loss.here"), ButtonData.YES);
        ButtonType all = new ButtonType(Ui.text("loss.all"), ButtonData.NO);
        ButtonType stay = new ButtonType(Ui.text("loss.stay"), ButtonData.CANCEL_CLOSE);
        Alert alert = new Alert(Alert.AlertType.CONFIRMATION, Ui.text("loss.detail", whose), here, all, stay);
        alert.setHeaderText(Ui.text("loss.title", label));
        Dialogs.dress(alert, owner);
        Optional<ButtonType> answer = alert.showAndWait();
        return answer.filter(a -> a != stay).map(a -> a == here ? Edit.Flow.HERE : Edit.Flow.DOWN);
    }
}
