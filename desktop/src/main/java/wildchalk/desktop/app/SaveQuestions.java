package wildchalk.desktop.app;

import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar.ButtonData;
import javafx.scene.control.ButtonType;
import javafx.stage.Stage;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Ui;

/** What is asked before changes could be lost. */
final class SaveQuestions {

    /** What becomes of the changes to a drill that is left. */
    enum Leaving {
        SAVE,
        DISCARD,
        STAY
    }

    /** Where a drill goes whose file somebody else has written. */
    enum Outside {
        OVER,
        BESIDE,
        STAY
    }

    private SaveQuestions() {}

    static Leaving leaving(Stage owner, String title) {
        int answer = ask(
                owner,
                Ui.text("guard.title", title),
                Ui.text("guard.detail"),
                List.of(
                        new ButtonType(Ui.text("guard.save"), ButtonData.YES),
                        new ButtonType(Ui.text("guard.discard"), ButtonData.NO),
                        new ButtonType(Ui.text("guard.cancel"), ButtonData.CANCEL_CLOSE)));
        return Leaving.values()[answer];
    }

    static Outside changedOutside(Stage owner, Path file) {
        int answer = ask(
                owner,
                Ui.text("conflict.title", file.getFileName()),
                Ui.text("conflict.detail"),
                List.of(
                        new ButtonType(Ui.text("conflict.over"), ButtonData.NO),
                        new ButtonType(Ui.text("conflict.beside"), ButtonData.YES),
                        new ButtonType(Ui.text("conflict.stay"), ButtonData.CANCEL_CLOSE)));
        return Outside.values()[answer];
    }

    /** The index of the answer; the last one where the question is closed. */
    private static int ask(Stage owner, String title, String detail, List<ButtonType> answers) {
        Alert alert = new Alert(Alert.AlertType.CONFIRMATION, detail, answers.toArray(ButtonType[]::new));
        alert.setHeaderText(title);
        Dialogs.dress(alert, owner);
        return alert.showAndWait().map(answers::indexOf).filter(i -> i >= 0).orElse(answers.size() - 1);
    }
}
