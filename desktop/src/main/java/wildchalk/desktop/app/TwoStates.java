package wildchalk.desktop.app;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.ButtonBar.ButtonData;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.Window;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Reader;
import wildchalk.picture.style.Ground;

/** Two states of one drill side by side and what differs: either can be kept, both, or version by version. */
final class TwoStates {

    /** What is kept. */
    enum Keep {
        /** The one on the left; the other goes. */
        HERE,
        /** The one on the right, in place of the other. */
        THERE,
        /** Each as a drill of its own. */
        BOTH,
        /** The one on the left, with the ticked versions of the other. */
        SOME
    }

    /** @param versions those that were ticked; only for {@link Keep#SOME} */
    record Answer(Keep keep, List<Progression> versions) {}

    private final Ground ground;
    private final Reader reader;

    TwoStates(Ground ground, Reader reader) {
        this.ground = ground;
        this.reader = reader;
    }

    /**
     * Asks which to keep.
     *
     * @param key of the texts: its title, detail, and what the two are called
     * @return empty to be asked again another time
     */
    Optional<Answer> ask(Window owner, String key, String name, Drill here, Drill there) {
        Dialog<ButtonType> dialog = new Dialog<>();
        Dialogs.dress(dialog, owner);
        dialog.setHeaderText(Ui.text(key + ".title", name));
        DifferenceList differences = new DifferenceList();
        differences.show(here, there, reader.unit());
        ButtonType keepHere = new ButtonType(Ui.text(key + ".keep-here"), ButtonData.OTHER);
        ButtonType keepThere = new ButtonType(Ui.text(key + ".keep-there"), ButtonData.OTHER);
        ButtonType both = new ButtonType(Ui.text(key + ".keep-both"), ButtonData.YES);
        ButtonType some = new ButtonType(Ui.text("states.some"), ButtonData.OTHER);
        ButtonType later = new ButtonType(Ui.text(key + ".later"), ButtonData.CANCEL_CLOSE);
        dialog.getDialogPane().getButtonTypes().setAll(some, keepHere, keepThere, both, later);
        Dialogs.widen(dialog, 920);
        dialog.getDialogPane().lookupButton(some).disableProperty().bind(differences.noneTicked());
        try (DrillPicture left = new DrillPicture(ground, reader);
                DrillPicture right = new DrillPicture(ground, reader)) {
            left.show(here, here.base().id());
            right.show(there, there.base().id());
            HBox pictures = new HBox(16, side(key + ".here", here, left), side(key + ".there", there, right));
            Label detail = new Label(Ui.text(key + ".detail"));
            detail.setWrapText(true);
            detail.setMinHeight(Region.USE_PREF_SIZE);
            Label head = new Label(Ui.text(key + ".differs"));
            head.getStyleClass().add("side-title");
            VBox content = new VBox(10, detail, pictures, head, differences);
            dialog.getDialogPane().setContent(content);
            Optional<ButtonType> answer = dialog.showAndWait();
            if (answer.isEmpty() || answer.get() == later) {
                return Optional.empty();
            }
            Keep keep = answer.get() == keepHere
                    ? Keep.HERE
                    : answer.get() == keepThere ? Keep.THERE : answer.get() == both ? Keep.BOTH : Keep.SOME;
            return Optional.of(new Answer(keep, differences.ticked()));
        }
    }

    private static VBox side(String key, Drill drill, DrillPicture picture) {
        Label title = new Label(Ui.text(key));
        title.getStyleClass().add("side-title");
        int moves =
                drill.progressions().stream().mapToInt(p -> p.moves().size()).sum();
        Label about = new Label(Ui.text(
                "states.about",
                drill.progressions().size(),
                drill.base().roles().size(),
                drill.base().steps().size(),
                moves));
        about.getStyleClass().add("quiet");
        VBox box = new VBox(6, title, about, picture);
        HBox.setHgrow(box, Priority.ALWAYS);
        return box;
    }
}
