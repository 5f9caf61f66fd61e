package wildchalk.desktop.ui;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar.ButtonData;
import javafx.scene.control.ButtonType;
import javafx.stage.Window;

/**
 * Asks where to save: with the ending that such files have, whether somebody types it or not; and where the ending makes it the
 * name of a file that the system has not asked about, whether that may go.
 */
public final class SaveQuestion {

    private static final ButtonType REPLACE = new ButtonType(Ui.text("save.replace"), ButtonData.OK_DONE);
    private static final ButtonType OTHER_NAME = new ButtonType(Ui.text("save.other-name"), ButtonData.CANCEL_CLOSE);

    private SaveQuestion() {}

    /**
     * @param stem of the name that is offered
     * @param suffix with its dot, such as ".pdf"
     */
    public static Optional<Path> ask(FileDialogs dialogs, Window owner, Path folder, String stem, String suffix) {
        Optional<Path> chosen = dialogs.save(owner, folder, stem + suffix);
        while (chosen.isPresent()) {
            Path whole = withEnding(chosen.get(), suffix);
            if (whole.equals(chosen.get()) || !Files.exists(whole) || mayReplace(owner, whole)) {
                return Optional.of(whole);
            }
            chosen = dialogs.save(owner, folder, stem + suffix);
        }
        return Optional.empty();
    }

    /** A name with its ending, if it lacks it; of an ending in two parts the last alone is completed. */
    static Path withEnding(Path file, String suffix) {
        String name = file.getFileName().toString();
        String lower = name.toLowerCase(Locale.ROOT);
        if (lower.endsWith(suffix)) {
            return file;
        }
        String last = suffix.substring(suffix.lastIndexOf('.'));
        String stem = lower.endsWith(last) ? name.substring(0, name.length() - last.length()) : name;
        return file.resolveSibling(stem + suffix);
    }

    private static boolean mayReplace(Window owner, Path file) {
        Alert alert = new Alert(Alert.AlertType.CONFIRMATION, Ui.text("save.exists", file), REPLACE, OTHER_NAME);
        alert.setHeaderText(null);
        Dialogs.dress(alert, owner);
        return alert.showAndWait().filter(REPLACE::equals).isPresent();
    }
}
