package wildchalk.desktop.app;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.stage.Window;
import wildchalk.core.binder.BinderFile;
import wildchalk.core.binder.LeftJournals;
import wildchalk.core.drill.Drill;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Ui;

/** Asks whether what a crash has left should come back, and says what that would be. */
final class JournalDialog {

    private static final int SHOWN = 6;

    private JournalDialog() {}

    /** True to bring it back, false to throw it away; empty to be asked again. */
    static Optional<Boolean> ask(Window owner, LeftJournals.Left<BinderFile<Drill>> left) {
        ButtonType bring = new ButtonType(Ui.text("journal.bring"), ButtonBar.ButtonData.YES);
        ButtonType discard = new ButtonType(Ui.text("journal.discard"), ButtonBar.ButtonData.NO);
        ButtonType later = new ButtonType(Ui.text("journal.later"), ButtonBar.ButtonData.CANCEL_CLOSE);
        Alert alert = new Alert(Alert.AlertType.CONFIRMATION, summary(left), bring, discard, later);
        alert.setHeaderText(Ui.text("journal.title"));
        Dialogs.dress(alert, owner);
        alert.getDialogPane().setMinWidth(480);
        Optional<ButtonType> answer = alert.showAndWait();
        return answer.filter(b -> b != later).map(b -> b == bring);
    }

    private static String summary(LeftJournals.Left<BinderFile<Drill>> left) {
        List<String> edits = left.edits();
        StringBuilder text = new StringBuilder(
                Ui.text("journal.detail", left.content().value().title(), edits.size()));
        int from = Math.max(0, edits.size() - SHOWN);
        if (from > 0) {
            text.append("\n").append(Ui.text("journal.more", from));
        }
        edits.subList(from, edits.size()).forEach(e -> text.append("\n\u2022 ").append(e));
        return text.toString();
    }
}
