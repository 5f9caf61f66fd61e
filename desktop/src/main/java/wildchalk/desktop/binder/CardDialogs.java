package wildchalk.desktop.binder;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.event.ActionEvent;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputDialog;
import javafx.scene.layout.GridPane;
import javafx.stage.Window;
import wildchalk.core.binder.BinderFile;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Limits;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Limited;
import wildchalk.desktop.ui.Ui;

/** Small questions about a drill in the Binder. */
final class CardDialogs {

    private CardDialogs() {}

    static Optional<String> title(Window owner, String now) {
        TextInputDialog dialog = new TextInputDialog(now);
        Limited.to(dialog.getEditor(), Limits.LINE);
        Dialogs.dress(dialog, owner);
        dialog.setHeaderText(Ui.text("binder.rename.title"));
        return dialog.showAndWait()
                .map(String::strip)
                .filter(t -> !t.isEmpty())
                .map(t -> Limits.fitting(t, Limits.LINE));
    }

    /** Tags, players and minutes. */
    static Optional<BinderFile<Drill>> about(Window owner, BinderFile<Drill> file) {
        Drill drill = file.value();
        TextField tags = new TextField(String.join(", ", drill.themes()));
        tags.setId("about-tags");
        tags.setPrefColumnCount(28);
        var people = drill.audience().players();
        TextField min = number("about-min", people.min());
        TextField best = number("about-best", people.best());
        TextField max = number("about-max", people.max());
        TextField minutes = number("about-minutes", drill.audience().minutes());
        Label wrong = new Label();
        wrong.getStyleClass().add("finding");
        GridPane grid = new GridPane();
        grid.setHgap(14);
        grid.setVgap(10);
        grid.addRow(0, new Label(Ui.text("about.tags")), tags);
        grid.addRow(1, new Label(Ui.text("about.min")), min);
        grid.addRow(2, new Label(Ui.text("about.best")), best);
        grid.addRow(3, new Label(Ui.text("about.max")), max);
        grid.addRow(4, new Label(Ui.text("about.minutes")), minutes);
        grid.add(wrong, 0, 5, 2, 1);
        Dialog<ButtonType> dialog = new Dialog<>();
        Dialogs.dress(dialog, owner);
        dialog.setHeaderText(drill.title());
        dialog.getDialogPane().setContent(grid);
        dialog.getDialogPane().getButtonTypes().addAll(ButtonType.OK, ButtonType.CANCEL);
        Drill[] changed = {drill};
        dialog.getDialogPane().lookupButton(ButtonType.OK).addEventFilter(ActionEvent.ACTION, e -> {
            try {
                List<String> themes = Arrays.stream(tags.getText().split(","))
                        .map(t -> Limits.clean(t.strip()))
                        .filter(t -> !t.isEmpty())
                        .distinct()
                        .toList();
                changed[0] = drill.withThemes(themes)
                        .withAudience(drill.audience()
                                .withPlayers(new Audience.HeadCount(whole(min), whole(best), whole(max)))
                                .withMinutes(whole(minutes)));
            } catch (IllegalArgumentException refused) {
                wrong.setText(refused.getMessage());
                e.consume();
            }
        });
        return dialog.showAndWait().filter(b -> b == ButtonType.OK).map(b -> file.with(changed[0]));
    }

    private static TextField number(String id, int value) {
        TextField field = new TextField(String.valueOf(value));
        field.setId(id);
        return field;
    }

    private static int whole(TextField field) {
        try {
            return Integer.parseInt(field.getText().strip());
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(Ui.text("typed.no-number", field.getText()));
        }
    }
}
