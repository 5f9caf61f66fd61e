package wildchalk.desktop.session;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonType;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.Window;
import wildchalk.core.drill.DrillId;
import wildchalk.core.session.Proposal;
import wildchalk.core.session.Session;
import wildchalk.core.session.Simulations;
import wildchalk.core.session.Sketch;
import wildchalk.core.words.ProposalWriter;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.document.Worker;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Ui;

/** Asks what a session is to be like, and shows what comes of it before it is taken. */
final class ProposeDialog {

    private final SessionDesk desk;
    private final Session blank;
    private final Worker worker;
    private final Simulations simulations = new Simulations();
    private final TextField aims = new TextField();
    private final TextField minutes = new TextField();
    private final TextField people = new TextField();
    private final CheckBox game = new CheckBox(Ui.text("propose.game"));
    private final VBox said = new VBox(4);
    private final Dialog<Session> dialog;
    private Optional<Proposal> proposal = Optional.empty();
    private long seed = 1;

    private ProposeDialog(Window owner, SessionDesk desk, Session blank) {
        this.desk = desk;
        this.blank = blank;
        this.worker = new Worker(why -> desk.faults().told(Faults.Kind.WORK, why));
        dialog = Dialogs.widen(Dialogs.dress(new Dialog<>(), owner), 620);
        dialog.setTitle(Ui.text("session.propose"));
        lay();
    }

    /** What was taken; empty if nothing was. */
    static Optional<Session> ask(Window owner, SessionDesk desk, Session blank) {
        ProposeDialog ask = new ProposeDialog(owner, desk, blank);
        ask.show(Optional.empty(), List.of(desk.noDrills()));
        desk.readDrills(ask::propose);
        Optional<Session> taken = ask.dialog.showAndWait();
        ask.worker.close();
        return taken;
    }

    private void lay() {
        aims.setId("propose-aims");
        aims.setPromptText(Ui.text("propose.aims.hint"));
        minutes.setId("propose-minutes");
        minutes.setText(String.valueOf(blank.minutes()));
        minutes.setPrefColumnCount(4);
        people.setId("propose-people");
        people.setText(String.valueOf(desk.people(blank)));
        people.setPrefColumnCount(4);
        game.setId("propose-game");
        game.setSelected(true);
        Button again = new Button(Ui.text("propose.again"));
        again.setId("propose-again");
        again.setOnAction(e -> {
            seed++;
            propose();
        });
        for (TextField field : List.of(aims, minutes, people)) {
            field.textProperty().addListener((o, a, b) -> propose());
        }
        game.setOnAction(e -> propose());
        GridPane grid = new GridPane(12, 8);
        grid.addRow(0, new Label(Ui.text("propose.aims")), aims);
        grid.addRow(1, new Label(Ui.text("session.minutes")), minutes);
        grid.addRow(2, new Label(Ui.text("propose.people")), people);
        grid.add(game, 1, 3);
        GridPane.setHgrow(aims, javafx.scene.layout.Priority.ALWAYS);
        said.setId("propose-said");
        said.setMinHeight(160);
        VBox content = new VBox(12, grid, said, again);
        content.setPadding(new javafx.geometry.Insets(16));
        dialog.getDialogPane().setContent(content);
        dialog.getDialogPane().getButtonTypes().setAll(ButtonType.OK, ButtonType.CANCEL);
        dialog.setResultConverter(
                b -> b == ButtonType.OK ? proposal.map(Proposal::session).orElse(null) : null);
        dialog.setOnShown(e -> Platform.runLater(aims::requestFocus));
    }

    private Optional<Sketch> sketch(Map<DrillId, Integer> lately) {
        try {
            return Optional.of(new Sketch(
                    List.of(aims.getText().split(",")),
                    Integer.parseInt(minutes.getText().strip()),
                    Integer.parseInt(people.getText().strip()),
                    blank.kit(),
                    game.isSelected(),
                    lately,
                    seed));
        } catch (NumberFormatException noNumber) {
            show(Optional.empty(), List.of(Ui.text("propose.wrong")));
        } catch (IllegalArgumentException wrong) {
            show(Optional.empty(), List.of(wrong.getMessage()));
        }
        return Optional.empty();
    }

    /** Worked out beside the window, anew with every letter; of several the last is shown. */
    private void propose() {
        if (!desk.knowsDrills()) {
            show(Optional.empty(), List.of(desk.noDrills()));
            return;
        }
        sketch(desk.lately(blank.date()))
                .ifPresent(s -> worker.ask(
                        () -> Proposal.of(blank, s, desk.drills(), Optional.empty(), simulations),
                        p -> show(Optional.of(p), ProposalWriter.lines(p))));
    }

    private void show(Optional<Proposal> found, List<String> lines) {
        proposal = found;
        said.getChildren()
                .setAll(lines.stream()
                        .map(l -> {
                            Label label = new Label(l);
                            label.setWrapText(true);
                            label.setMinHeight(Region.USE_PREF_SIZE);
                            return label;
                        })
                        .toList());
        boolean some = found.filter(p -> !p.session().blocks().isEmpty()).isPresent();
        dialog.getDialogPane().lookupButton(ButtonType.OK).setDisable(!some);
        if (dialog.getDialogPane().getScene() != null && dialog.isShowing()) {
            dialog.getDialogPane().getScene().getWindow().sizeToScene();
        }
    }
}
