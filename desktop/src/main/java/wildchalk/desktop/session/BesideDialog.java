package wildchalk.desktop.session;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.geometry.Insets;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.stage.Window;
import wildchalk.core.drill.Limits;
import wildchalk.core.session.Coach;
import wildchalk.core.session.Session;
import wildchalk.core.session.Sessions;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Roll;
import wildchalk.desktop.session.SessionDocument.Worked;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Ui;

/** Asks who does what beside the blocks, from when and how long: keepers by themselves, somebody who is injured. */
final class BesideDialog {

    private static final double USUAL_MINUTES = 10;

    private final Worked worked;
    private final TextField title = new TextField();
    private final TextField from = new TextField("0");
    private final TextField minutes = new TextField(String.valueOf((int) USUAL_MINUTES));
    private final TextField who = new TextField();
    private final ComboBox<String> coach = new ComboBox<>();
    private final Label wrong = new Label();
    private final Dialog<UnaryOperator<Session>> dialog;

    private BesideDialog(Window owner, Worked worked) {
        this.worked = worked;
        dialog = Dialogs.widen(Dialogs.dress(new Dialog<>(), owner), 460);
        dialog.setTitle(Ui.text("session.beside.more"));
        title.setId("beside-title");
        title.setPromptText(Ui.text("session.beside.what.hint"));
        from.setId("beside-from");
        minutes.setId("beside-minutes");
        who.setId("beside-who");
        who.setPromptText(Ui.text("session.beside.who.hint"));
        coach.setId("beside-coach");
        coach.getItems().add(Ui.text("session.nobody"));
        worked.plan().session().coaches().stream().map(Coach::name).forEach(coach.getItems()::add);
        coach.setValue(coach.getItems().get(0));
        wrong.setWrapText(true);
        wrong.getStyleClass().add("alert");
        GridPane grid = new GridPane(12, 8);
        grid.setPadding(new Insets(16));
        grid.addRow(0, new Label(Ui.text("session.beside.what")), title);
        grid.addRow(1, new Label(Ui.text("session.beside.from")), from);
        grid.addRow(2, new Label(Ui.text("session.block.minutes")), minutes);
        grid.addRow(3, new Label(Ui.text("session.beside.who")), who);
        grid.addRow(4, new Label(Ui.text("session.leads")), coach);
        grid.add(wrong, 0, 5, 2, 1);
        dialog.getDialogPane().setContent(grid);
        dialog.getDialogPane().getButtonTypes().setAll(ButtonType.OK, ButtonType.CANCEL);
        for (TextField field : List.of(title, from, minutes, who)) {
            field.textProperty().addListener((o, a, b) -> check());
        }
        check();
        dialog.setResultConverter(b -> b == ButtonType.OK ? read().orElse(null) : null);
    }

    static Optional<UnaryOperator<Session>> ask(Window owner, Worked worked) {
        return new BesideDialog(owner, worked).dialog.showAndWait();
    }

    private void check() {
        Optional<UnaryOperator<Session>> read = Optional.empty();
        String problem = "";
        try {
            read = read();
            read.ifPresent(r -> r.apply(worked.plan().session()));
        } catch (NumberFormatException noNumber) {
            problem = Ui.text("session.lost.wrong");
        } catch (IllegalArgumentException e) {
            problem = e.getMessage();
        }
        wrong.setText(problem);
        dialog.getDialogPane().lookupButton(ButtonType.OK).setDisable(read.isEmpty() || !problem.isEmpty());
    }

    private Optional<UnaryOperator<Session>> read() {
        String said = Limits.fitting(title.getText().strip(), Limits.LINE);
        if (said.isEmpty()) {
            return Optional.empty();
        }
        double begins = Double.parseDouble(from.getText().strip().replace(',', '.'));
        double lasts = Double.parseDouble(minutes.getText().strip().replace(',', '.'));
        List<PlayerId> players = worked.squad()
                .map(s -> Roll.of(s, who.getText()))
                .map(r -> {
                    if (!r.unclear().isEmpty()) {
                        throw new IllegalArgumentException(Ui.text("session.unclear", String.join(", ", r.unclear())));
                    }
                    return r.found();
                })
                .orElse(List.of());
        var leads = StaffBox.named(worked.plan().session(), coach.getValue());
        return Optional.of(s -> Sessions.besideMore(s, said, begins, lasts, players, leads));
    }
}
