package wildchalk.desktop.app;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.stage.Window;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Ui;

/** One sheet with all the keys. The text file {@code keys.txt} is the one place for them. */
final class HelpSheet {

    private HelpSheet() {}

    static void show(Window owner) {
        Dialog<ButtonType> dialog = new Dialog<>();
        Dialogs.dress(dialog, owner);
        dialog.setTitle(Ui.text("help.title"));
        dialog.setHeaderText(Ui.text("help.title"));
        dialog.getDialogPane().getButtonTypes().add(ButtonType.CLOSE);
        dialog.getDialogPane().getStyleClass().add("wide-dialog");
        HBox columns = new HBox(28);
        columns.setId("keys");
        GridPane grid = null;
        int row = 0;
        for (String line : lines()) {
            if (line.startsWith("== ")) {
                grid = new GridPane();
                grid.setHgap(14);
                grid.setVgap(5);
                columns.getChildren().add(grid);
                row = 0;
            } else if (line.startsWith("# ")) {
                Label title = new Label(line.substring(2));
                title.getStyleClass().add("side-title");
                grid.add(title, 0, row++, 2, 1);
            } else if (line.contains("\t")) {
                Label key = new Label(line.substring(0, line.indexOf('\t')));
                key.getStyleClass().add("key");
                key.setMinWidth(Region.USE_PREF_SIZE);
                grid.add(key, 0, row);
                Label what = new Label(line.substring(line.indexOf('\t') + 1));
                what.setMinWidth(Region.USE_PREF_SIZE);
                grid.add(what, 1, row++);
            }
        }
        dialog.getDialogPane().setContent(columns);
        dialog.showAndWait();
    }

    private static String[] lines() {
        try (InputStream in = HelpSheet.class.getResourceAsStream("/wildchalk/desktop/keys.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).split("\\R");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
