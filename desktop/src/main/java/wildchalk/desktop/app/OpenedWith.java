package wildchalk.desktop.app;

import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar.ButtonData;
import javafx.scene.control.ButtonType;
import wildchalk.core.binder.Bundle;
import wildchalk.core.binder.DrillFile;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Ui;

/** A file that somebody has opened with the application: a drill comes on the Board, what was handed on is taken in. */
final class OpenedWith {

    /** Names a bundle that is to be taken in. */
    static final String BUNDLE = "--bundle=";

    private static final String OPEN = "open";

    private OpenedWith() {}

    /** The file that is meant, where one is: it alone, or behind "open". */
    static Optional<Path> file(String[] arguments) {
        boolean alone = arguments.length == 1 && !arguments[0].equals(OPEN);
        boolean behind = arguments.length == 2 && arguments[0].equals(OPEN);
        if (!alone && !behind) {
            return Optional.empty();
        }
        String name = arguments[arguments.length - 1];
        try {
            return isDrill(name) || isBundle(name)
                    ? Optional.of(Path.of(name)).filter(Files::isRegularFile)
                    : Optional.empty();
        } catch (InvalidPathException none) {
            return Optional.empty();
        }
    }

    private static boolean isDrill(String name) {
        return name.toLowerCase(Locale.ROOT).endsWith(DrillFile.SUFFIX);
    }

    private static boolean isBundle(String name) {
        return name.toLowerCase(Locale.ROOT).endsWith(Bundle.SUFFIX);
    }

    /** For the window: a drill that lies in a binder is opened in that binder. */
    static String[] arguments(Path file) {
        if (isBundle(file.getFileName().toString())) {
            return new String[] {BUNDLE + file};
        }
        String drill = WildChalkApp.DRILL + file;
        Path folder = file.getParent();
        boolean inBinder = folder != null
                && folder.getParent() != null
                && folder.getFileName() != null
                && folder.getFileName().toString().equals("drills");
        return inBinder ? new String[] {drill, WildChalkApp.BINDER + folder.getParent()} : new String[] {drill};
    }

    /** Asks, and takes it into the binder that is open. */
    static void takeIn(Shell shell, Path bundle) {
        ButtonType yes = new ButtonType(Ui.text("bundle.take-in"), ButtonData.OK_DONE);
        String name = shell.binder().folder().getFileName().toString();
        Alert alert = Dialogs.dress(
                new Alert(
                        Alert.AlertType.CONFIRMATION,
                        Ui.text("bundle.ask", bundle.getFileName(), name),
                        yes,
                        ButtonType.CANCEL),
                shell.stage());
        alert.setHeaderText(null);
        alert.getDialogPane().lookupButton(yes).setId("bundle-take-in");
        alert.showAndWait().filter(yes::equals).ifPresent(b -> new BinderDesk(shell).takeIn(java.util.List.of(bundle)));
    }
}
