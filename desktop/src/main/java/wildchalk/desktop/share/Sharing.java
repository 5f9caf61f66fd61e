package wildchalk.desktop.share;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonType;
import javafx.stage.Stage;
import wildchalk.core.progress.Progress;
import wildchalk.core.text.Slugs;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Errand;
import wildchalk.desktop.ui.FileDialogs;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.GifExport;
import wildchalk.picture.export.PageExport;
import wildchalk.picture.export.PngExport;
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
        Errand.run(
                owner,
                Ui.text("share.working", target.getFileName()),
                progress -> Files.write(target, bytes(kind, told, step, progress)),
                made -> tell(Alert.AlertType.INFORMATION, done(told, target)),
                why -> tell(Alert.AlertType.ERROR, Ui.text("share.failed") + ": " + why.getMessage()),
                () -> tell(Alert.AlertType.INFORMATION, Ui.text("share.stopped")));
    }

    private static String done(Told told, Path target) {
        String text = Ui.text("share.done", target);
        return told.isPrintable() ? text : text + "\n" + Ui.text("share.replaced");
    }

    private byte[] bytes(Kind kind, Told told, int step, Progress progress) throws IOException {
        return switch (kind) {
            case SVG -> SvgExport.step(told, step, ground);
            case PNG -> PngExport.step(told, step, ground, PngExport.PRINT_WIDTH);
            case PDF -> SheetExport.of(told, SheetExport.Paper.A4, progress);
            case GIF -> GifExport.of(told, ground, progress);
            case GIF_PATHS -> GifExport.of(told.everyWay(MOST_WAYS), ground, progress);
            case HTML -> PageExport.of(told, ground, progress);
        };
    }

    private void tell(Alert.AlertType type, String message) {
        Alert alert = new Alert(type, message, ButtonType.OK);
        alert.setHeaderText(null);
        Dialogs.dress(alert, owner);
        alert.show();
    }
}
