package wildchalk.desktop.share;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonType;
import javafx.stage.Stage;
import wildchalk.core.text.Slugs;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Errand;
import wildchalk.desktop.ui.FileDialogs;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Export;
import wildchalk.picture.export.Told;
import wildchalk.picture.style.Ground;

/** Exports the open drill: asks where to, works beside the window, and says what became of it. */
public final class Sharing {

    private final Stage owner;
    private final FileDialogs dialogs;
    private final Ground ground;

    public Sharing(Stage owner, FileDialogs dialogs, Ground ground) {
        this.owner = owner;
        this.dialogs = dialogs;
        this.ground = ground;
    }

    /** @param step index from 0, for pictures of one step */
    public void share(Export kind, Told told, int step) {
        String name = Slugs.of(told.drill().title()) + "." + kind.suffix();
        Path home = Path.of(System.getProperty("user.home"));
        dialogs.save(owner, home, name).ifPresent(target -> run(kind, told, step, target));
    }

    private void run(Export kind, Told told, int step, Path target) {
        Errand.run(
                owner,
                Ui.text("share.working", target.getFileName()),
                progress -> Files.write(target, kind.make(told, Export.Options.usual(ground, step), progress)),
                made -> tell(Alert.AlertType.INFORMATION, done(told, target)),
                why -> tell(Alert.AlertType.ERROR, Ui.text("share.failed") + ": " + why.getMessage()),
                () -> tell(Alert.AlertType.INFORMATION, Ui.text("share.stopped")));
    }

    private static String done(Told told, Path target) {
        String text = Ui.text("share.done", target);
        return told.isPrintable() ? text : text + "\n" + Ui.text("share.replaced");
    }

    private void tell(Alert.AlertType type, String message) {
        Alert alert = new Alert(type, message, ButtonType.OK);
        alert.setHeaderText(null);
        Dialogs.dress(alert, owner);
        alert.show();
    }
}
