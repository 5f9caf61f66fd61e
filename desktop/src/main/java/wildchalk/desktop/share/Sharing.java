package wildchalk.desktop.share;

import java.io.IOException;
import java.nio.file.Path;
import javafx.stage.Stage;
import wildchalk.core.text.Slugs;
import wildchalk.desktop.ui.FileDialogs;
import wildchalk.desktop.ui.SaveQuestion;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Export;
import wildchalk.picture.export.ExportOptions;
import wildchalk.picture.export.Told;
import wildchalk.picture.style.Ground;

/** Exports the open drill: asks how and where to, works beside the window, says what became of it, and opens it. */
public final class Sharing {

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
            delivery().failed(why);
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
        delivery()
                .write(
                        target,
                        progress -> kind.make(told, how, progress),
                        told.isPrintable() ? "" : Ui.text("share.replaced"));
    }

    private Delivery delivery() {
        return new Delivery(owner, dialogs);
    }
}
