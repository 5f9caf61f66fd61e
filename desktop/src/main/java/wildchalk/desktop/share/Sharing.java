package wildchalk.desktop.share;

import java.io.IOException;
import java.nio.file.Path;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar.ButtonData;
import javafx.scene.control.ButtonType;
import javafx.stage.Stage;
import wildchalk.core.binder.SafeFiles;
import wildchalk.core.text.Slugs;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Errand;
import wildchalk.desktop.ui.Failures;
import wildchalk.desktop.ui.FileDialogs;
import wildchalk.desktop.ui.SaveQuestion;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Export;
import wildchalk.picture.export.ExportOptions;
import wildchalk.picture.export.Told;
import wildchalk.picture.style.Ground;

/** Exports the open drill: asks how and where to, works beside the window, says what became of it, and opens it. */
public final class Sharing {

    private static final ButtonType OPEN = new ButtonType(Ui.text("share.open"), ButtonData.LEFT);

    private final Stage owner;
    private final FileDialogs dialogs;
    private final Habits habits;

    public Sharing(Stage owner, FileDialogs dialogs, Habits habits) {
        this.owner = owner;
        this.dialogs = dialogs;
        this.habits = habits;
    }

    /**
     * @param ground for the first time; then as it was chosen
     * @param step index from 0, for pictures of one step
     */
    public void share(Export kind, Told told, Ground ground, int step) {
        ExportOptions usual = habits.options(kind, kind.usual(ground, step));
        try {
            ExportDialog.ask(owner, kind, told, usual).ifPresent(how -> {
                habits.keep(kind, how);
                save(kind, told, how);
            });
        } catch (IOException why) {
            tell(Alert.AlertType.ERROR, Ui.text("share.failed") + ": " + Failures.said(why));
        }
    }

    private void save(Export kind, Told told, ExportOptions how) {
        SaveQuestion.ask(dialogs, owner, habits.folder(), Slugs.of(told.drill().title()), "." + kind.suffix())
                .ifPresent(target -> {
                    habits.keepFolder(target.toAbsolutePath().getParent());
                    write(kind, told, how, target);
                });
    }

    private void write(Export kind, Told told, ExportOptions how, Path target) {
        Errand.run(
                owner,
                Ui.text("share.working", target.getFileName()),
                progress -> {
                    SafeFiles.replace(target, kind.make(told, how, progress));
                    return target;
                },
                made -> done(told, made),
                why -> tell(Alert.AlertType.ERROR, Ui.text("share.failed") + ": " + Failures.said(why)),
                () -> tell(Alert.AlertType.INFORMATION, Ui.text("share.stopped")));
    }

    private void done(Told told, Path target) {
        String text = Ui.text("share.done", target);
        String said = told.isPrintable() ? text : text + "\n" + Ui.text("share.replaced");
        Alert alert = alert(Alert.AlertType.INFORMATION, said, OPEN, ButtonType.OK);
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
