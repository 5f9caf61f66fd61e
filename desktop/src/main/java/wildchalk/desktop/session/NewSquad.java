package wildchalk.desktop.session;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import javafx.stage.Window;
import wildchalk.core.binder.SquadFile;
import wildchalk.core.drill.Limits;
import wildchalk.core.squad.Player;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Squad;
import wildchalk.core.squad.SquadId;
import wildchalk.core.text.Slugs;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Ui;

/** A squad from names that are typed or pasted in, a line each; what more there is to say of them stands in its file. */
final class NewSquad {

    private NewSquad() {}

    /** Makes the file of a squad; empty if nobody wanted one, or it could not be written, which is told. */
    static Optional<SquadId> ask(Window owner, SessionDesk desk) {
        TextField title = new TextField();
        title.setId("squad-title");
        title.setPromptText(Ui.text("squad.title"));
        TextArea names = new TextArea();
        names.setId("squad-names");
        names.setPromptText(Ui.text("squad.names"));
        names.setPrefRowCount(12);
        Label how = new Label(Ui.text("squad.how"));
        how.setWrapText(true);
        Dialog<ButtonType> dialog = Dialogs.widen(Dialogs.dress(new Dialog<>(), owner), 460);
        dialog.setTitle(Ui.text("squad.new"));
        dialog.getDialogPane().setContent(new VBox(8, title, names, how));
        dialog.getDialogPane().getButtonTypes().setAll(ButtonType.OK, ButtonType.CANCEL);
        Node ok = dialog.getDialogPane().lookupButton(ButtonType.OK);
        ok.disableProperty()
                .bind(title.textProperty().isEmpty().or(names.textProperty().isEmpty()));
        return dialog.showAndWait()
                .filter(b -> b == ButtonType.OK)
                .flatMap(b -> write(desk, title.getText(), names.getText()));
    }

    private static Optional<SquadId> write(SessionDesk desk, String title, String names) {
        try {
            Path folder = Files.createDirectories(desk.binder().squadsFolder());
            SquadId id = new SquadId(Slugs.of(title));
            Path file = folder.resolve(id + SquadFile.SUFFIX);
            if (Files.exists(file)) {
                throw new IOException(Ui.text("squad.there", title));
            }
            SquadFile.ofNew(squad(id, title, names)).save(file);
            return Optional.of(id);
        } catch (IOException | IllegalArgumentException failed) {
            desk.faults().told(Faults.Kind.REFUSED, failed);
            return Optional.empty();
        }
    }

    /** Each name once. */
    static Squad squad(SquadId id, String title, String names) {
        List<Player> players = new ArrayList<>();
        List<String> each = names.lines()
                .map(String::strip)
                .filter(n -> !n.isEmpty())
                .map(n -> Limits.fitting(n, Limits.WORD))
                .distinct()
                .collect(Collectors.toList());
        for (int i = 0; i < each.size(); i++) {
            players.add(Player.named(new PlayerId("p" + (i + 1)), each.get(i)));
        }
        return new Squad(id, Limits.fitting(title.strip(), Limits.LINE), List.of(), players, List.of(), List.of());
    }
}
