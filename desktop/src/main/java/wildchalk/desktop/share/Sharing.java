package wildchalk.desktop.share;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.CancellationException;
import javafx.concurrent.Task;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.ProgressBar;
import javafx.stage.Stage;
import wildchalk.core.drill.Slugs;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.FileDialogs;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.GifExport;
import wildchalk.picture.export.PageExport;
import wildchalk.picture.export.PngExport;
import wildchalk.picture.export.Progress;
import wildchalk.picture.export.SheetExport;
import wildchalk.picture.export.SvgExport;
import wildchalk.picture.export.Told;
import wildchalk.picture.style.Ground;

/** Exports the open drill: asks where to, works beside the window, and says what became of it. */
public final class Sharing {

    /** What can be made. */
    public enum Kind {
        HTML,
        PDF,
        GIF,
        GIF_PATHS,
        PNG,
        SVG;

        String suffix() {
            return this == GIF_PATHS ? "gif" : name().toLowerCase(Locale.ROOT);
        }
    }

    /** More paths than one clip can show. */
    private static final int MOST_WAYS = 12;

    private final Stage owner;
    private final FileDialogs dialogs;
    private final Ground ground;

    public Sharing(Stage owner, FileDialogs dialogs, Ground ground) {
        this.owner = owner;
        this.dialogs = dialogs;
        this.ground = ground;
    }

    /** @param step index from 0, for pictures of one step */
    public void share(Kind kind, Told told, int step) {
        String name = Slugs.of(told.drill().title()) + "." + kind.suffix();
        Path home = Path.of(System.getProperty("user.home"));
        dialogs.save(owner, home, name).ifPresent(target -> run(kind, told, step, target));
    }

    private void run(Kind kind, Told told, int step, Path target) {
        Task<Void> task = new Task<>() {
            @Override
            protected Void call() throws IOException {
                byte[] bytes = bytes(kind, told, step, fraction -> {
                    updateProgress(fraction, 1);
                    return !isCancelled();
                });
                if (!isCancelled()) {
                    Files.write(target, bytes);
                }
                return null;
            }
        };
        Dialog<ButtonType> dialog = progress(task, target);
        task.setOnSucceeded(e -> finish(dialog, Alert.AlertType.INFORMATION, Ui.text("share.done", target)));
        task.setOnCancelled(e -> finish(dialog, Alert.AlertType.INFORMATION, Ui.text("share.stopped")));
        task.setOnFailed(e -> finish(
                dialog,
                task.getException() instanceof CancellationException
                        ? Alert.AlertType.INFORMATION
                        : Alert.AlertType.ERROR,
                task.getException() instanceof CancellationException
                        ? Ui.text("share.stopped")
                        : Ui.text("share.failed") + ": " + task.getException().getMessage()));
        Thread thread = new Thread(task, "wildchalk-export");
        thread.setDaemon(true);
        thread.start();
        dialog.show();
    }

    private byte[] bytes(Kind kind, Told told, int step, Progress progress) throws IOException {
        return switch (kind) {
            case SVG -> SvgExport.step(told, step, ground);
            case PNG -> PngExport.step(told, step, ground, PngExport.PRINT_WIDTH);
            case PDF -> SheetExport.of(told, SheetExport.Paper.A4, progress);
            case GIF -> GifExport.of(told, ground, progress);
            case GIF_PATHS -> GifExport.of(told.everyWay(MOST_WAYS), ground, progress);
            case HTML -> PageExport.of(told, ground);
        };
    }

    private Dialog<ButtonType> progress(Task<Void> task, Path target) {
        ProgressBar bar = new ProgressBar();
        bar.setPrefWidth(360);
        bar.progressProperty().bind(task.progressProperty());
        Dialog<ButtonType> dialog = new Dialog<>();
        Dialogs.dress(dialog, owner);
        dialog.setHeaderText(Ui.text("share.working", target.getFileName()));
        dialog.getDialogPane().setContent(bar);
        ButtonType stop = new ButtonType(Ui.text("share.cancel"), ButtonBar.ButtonData.CANCEL_CLOSE);
        dialog.getDialogPane().getButtonTypes().add(stop);
        dialog.setOnHidden(e -> {
            if (task.isRunning()) {
                task.cancel(false);
            }
        });
        return dialog;
    }

    private void finish(Dialog<ButtonType> dialog, Alert.AlertType type, String message) {
        dialog.close();
        Alert alert = new Alert(type, message, ButtonType.OK);
        alert.setHeaderText(null);
        Dialogs.dress(alert, owner);
        alert.show();
    }
}
