package wildchalk.desktop.share;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.stage.Window;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.text.Slugs;
import wildchalk.desktop.ui.FileDialogs;
import wildchalk.desktop.ui.SaveQuestion;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Paper;
import wildchalk.picture.handout.Handout;
import wildchalk.picture.handout.Handout.Choice;
import wildchalk.picture.handout.HandoutOptions;
import wildchalk.picture.handout.HandoutOptions.Names;
import wildchalk.picture.handout.HourTold;

/** Makes something of an hour to hand out: asks how, shows what comes of it, asks where to, makes it beside the window. */
public final class HandingOut {

    /** Works out what is told. */
    public interface Telling {
        HourTold tell() throws IOException;
    }

    private final FileDialogs dialogs;

    /** As it was handed out last, until the program ends: first names and A4 to begin with. */
    private HandoutOptions last = HandoutOptions.USUAL;

    public HandingOut(FileDialogs dialogs) {
        this.dialogs = dialogs;
    }

    /**
     * Asks, and makes it.
     *
     * @param title of the session
     * @param told worked out beside the window, when somebody looks and when it is made
     * @param players who is there, by name
     * @param open what does not go together in it yet; nothing if all does
     */
    public void ask(
            Window owner,
            Handout kind,
            String title,
            Path folder,
            Telling told,
            Map<PlayerId, String> players,
            List<String> open) {
        PreviewPane preview = new PreviewPane();
        Asked<HandoutOptions> asked = new Asked<>(last, how -> look(preview, kind, told, how));
        if (kind.asks().contains(Choice.PLAYER)) {
            List<Optional<PlayerId>> all = new ArrayList<>(List.of(Optional.empty()));
            players.keySet().forEach(p -> all.add(Optional.of(p)));
            asked.choose(
                    "PLAYER",
                    all,
                    p -> p.map(players::get).orElse(Ui.text("share.everybody")),
                    Optional.empty(),
                    HandoutOptions::withPlayer);
        }
        if (kind.asks().contains(Choice.PAPER)) {
            asked.choose("PAPER", List.of(Paper.values()), Paper::title, last.paper(), HandoutOptions::withPaper);
        }
        if (kind.asks().contains(Choice.NAMES)) {
            asked.choose(
                    "NAMES",
                    List.of(Names.values()),
                    n -> Ui.text("share.names." + n),
                    last.names(),
                    HandoutOptions::withNames);
        }
        if (!open.isEmpty()) {
            asked.tell(Ui.text("share.open-clashes", String.join(" ", open)));
        }
        look(preview, kind, told, last);
        AskingDialog.ask(owner, kind.title(), asked, preview).ifPresent(how -> {
            last = how.withPlayer(Optional.empty());
            SaveQuestion.ask(dialogs, owner, folder, Slugs.of(title) + "-" + kind.name(), "." + kind.suffix())
                    .ifPresent(target -> new Delivery(owner, dialogs)
                            .write(target, progress -> kind.make(told.tell(), how, progress), ""));
        });
    }

    private static void look(PreviewPane preview, Handout kind, Telling told, HandoutOptions how) {
        preview.ask(progress -> kind.look(told.tell(), how, PreviewPane.WIDTH, progress));
    }
}
