package wildchalk.desktop.share;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import javafx.stage.Window;
import wildchalk.core.drill.Drill;
import wildchalk.core.progress.Progress;
import wildchalk.core.text.Slugs;
import wildchalk.desktop.ui.FileDialogs;
import wildchalk.desktop.ui.SaveQuestion;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.ContactSheet;
import wildchalk.picture.export.PngExport;
import wildchalk.picture.export.Preview;
import wildchalk.picture.export.Still;
import wildchalk.picture.export.SvgExport;
import wildchalk.picture.style.Ground;

/** Makes one picture of many drills: asks how, shows what comes of it, asks where to, makes it beside the window. */
public final class ContactSheets {

    /** Reads the drills. */
    public interface Drills {
        List<Drill> read() throws IOException;
    }

    /** What kind of picture. */
    private enum Kind {
        PNG,
        SVG
    }

    private record How(Kind kind, Ground ground) {

        How withKind(Kind other) {
            return new How(other, ground);
        }

        How withGround(Ground other) {
            return new How(kind, other);
        }

        Preview look(Still.Layout layout) throws IOException {
            return kind == Kind.PNG
                    ? PngExport.look(layout, PngExport.PRINT_WIDTH, PreviewPane.WIDTH)
                    : SvgExport.look(layout, PreviewPane.WIDTH);
        }

        byte[] make(Still.Layout layout) throws IOException {
            return kind == Kind.PNG ? PngExport.of(layout, PngExport.PRINT_WIDTH) : SvgExport.of(layout);
        }

        String ending() {
            return kind == Kind.PNG ? ".png" : ".svg";
        }
    }

    private final Window owner;
    private final FileDialogs dialogs;

    public ContactSheets(Window owner, FileDialogs dialogs) {
        this.owner = owner;
        this.dialogs = dialogs;
    }

    /**
     * Asks, and makes it.
     *
     * @param title above the drills
     * @param drills read beside the window, when somebody looks and when it is made
     */
    public void ask(String title, Path folder, Drills drills) {
        PreviewPane preview = new PreviewPane();
        Asked<How> asked = new Asked<>(new How(Kind.PNG, Ground.PAPER), how -> look(preview, title, drills, how));
        asked.choose("KIND", List.of(Kind.values()), k -> Ui.text("share.kind." + k), Kind.PNG, How::withKind);
        asked.choose(
                "GROUND", List.of(Ground.values()), g -> Ui.text("share.ground." + g), Ground.PAPER, How::withGround);
        look(preview, title, drills, asked.how());
        AskingDialog.ask(owner, Ui.text("share.contact"), asked, preview)
                .ifPresent(how -> SaveQuestion.ask(
                                dialogs,
                                owner,
                                folder,
                                Slugs.of(title) + "-" + Ui.text("share.contact.file"),
                                how.ending())
                        .ifPresent(target -> new Delivery(owner, dialogs)
                                .write(target, progress -> how.make(layout(title, drills, how, progress)), "")));
    }

    private static void look(PreviewPane preview, String title, Drills drills, How how) {
        preview.ask(progress -> how.look(layout(title, drills, how, progress)));
    }

    private static Still.Layout layout(String title, Drills drills, How how, Progress progress) throws IOException {
        return ContactSheet.of(title, drills.read(), how.ground(), progress);
    }
}
