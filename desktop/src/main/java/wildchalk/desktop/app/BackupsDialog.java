package wildchalk.desktop.app;

import java.io.IOException;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.ButtonBar.ButtonData;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.Window;
import wildchalk.core.binder.Backups.Backup;
import wildchalk.core.binder.BinderFile;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Reader;
import wildchalk.picture.style.Ground;

/** What a drill was before: each state with its picture and what differs; it can be brought back, or kept beside. */
final class BackupsDialog {

    /** What is to be done with a state. */
    enum What {
        BRING_BACK,
        SOME,
        KEEP_BOTH
    }

    /** @param versions those that were ticked; only for {@link What#SOME} */
    record Answer(What what, BinderFile<Drill> content, List<Progression> versions) {}

    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofLocalizedDateTime(
                    FormatStyle.MEDIUM, FormatStyle.SHORT)
            .withLocale(Locale.ENGLISH)
            .withZone(ZoneId.systemDefault());

    private final Drill now;
    private final ProgressionId open;
    private final Reader reader;
    private final DrillPicture picture;
    private final DifferenceList differences = new DifferenceList();
    private final Label about = new Label();
    private Optional<BinderFile<Drill>> shown = Optional.empty();

    private BackupsDialog(Drill now, ProgressionId open, Ground ground, Reader reader) {
        this.now = now;
        this.open = open;
        this.reader = reader;
        this.picture = new DrillPicture(ground, reader);
    }

    /** Asks. @param backups the newest first, at least one */
    static Optional<Answer> ask(
            Window owner, Drill now, ProgressionId open, List<Backup> backups, Ground ground, Reader reader) {
        return new BackupsDialog(now, open, ground, reader).ask(owner, backups);
    }

    private Optional<Answer> ask(Window owner, List<Backup> backups) {
        Dialog<ButtonType> dialog = new Dialog<>();
        Dialogs.dress(dialog, owner);
        dialog.setHeaderText(Ui.text("backups.title", now.title()));
        ButtonType bring = new ButtonType(Ui.text("backups.bring"), ButtonData.YES);
        ButtonType some = new ButtonType(Ui.text("states.some"), ButtonData.OTHER);
        ButtonType both = new ButtonType(Ui.text("backups.both"), ButtonData.OTHER);
        ButtonType close = new ButtonType(Ui.text("backups.close"), ButtonData.CANCEL_CLOSE);
        dialog.getDialogPane().getButtonTypes().setAll(both, some, bring, close);
        Dialogs.widen(dialog, 860);
        dialog.getDialogPane().lookupButton(some).disableProperty().bind(differences.noneTicked());
        ListView<Backup> list = new ListView<>();
        list.setId("backups");
        list.getItems().setAll(backups);
        list.setPrefWidth(230);
        list.setMinWidth(230);
        list.setCellFactory(l -> new Cell());
        list.getSelectionModel().selectedItemProperty().addListener((o, was, is) -> {
            show(is);
            dialog.getDialogPane().lookupButton(bring).setDisable(shown.isEmpty());
            dialog.getDialogPane().lookupButton(both).setDisable(shown.isEmpty());
        });
        about.getStyleClass().add("quiet");
        about.setWrapText(true);
        Label head = new Label(Ui.text("backups.differs"));
        head.getStyleClass().add("side-title");
        VBox right = new VBox(8, about, picture, head, differences);
        HBox.setHgrow(right, Priority.ALWAYS);
        right.setPrefWidth(520);
        dialog.getDialogPane().setContent(new HBox(16, list, right));
        list.getSelectionModel().select(0);
        try (picture) {
            Optional<ButtonType> answer = dialog.showAndWait();
            if (answer.isEmpty() || answer.get() == close || shown.isEmpty()) {
                return Optional.empty();
            }
            What what = answer.get() == bring ? What.BRING_BACK : answer.get() == both ? What.KEEP_BOTH : What.SOME;
            return Optional.of(new Answer(what, shown.get(), differences.ticked()));
        }
    }

    private void show(Backup backup) {
        try {
            BinderFile<Drill> content = DrillFile.read(backup.file());
            shown = Optional.of(content);
            about.setText(Ui.text("backups.written", WHEN.format(backup.written())));
            picture.show(content.value(), open);
            differences.show(now, content.value(), reader.unit());
        } catch (IOException e) {
            shown = Optional.empty();
            about.setText(e.getMessage());
            picture.getChildren().clear();
        }
    }

    private static final class Cell extends ListCell<Backup> {
        @Override
        protected void updateItem(Backup backup, boolean empty) {
            super.updateItem(backup, empty);
            setText(empty || backup == null ? "" : WHEN.format(backup.written()));
        }
    }
}
