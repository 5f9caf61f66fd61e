package wildchalk.desktop.session;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonType;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.Window;
import wildchalk.core.binder.BinderFile;
import wildchalk.core.binder.SafeFiles;
import wildchalk.core.binder.SquadFile;
import wildchalk.core.binder.SquadTable;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Limits;
import wildchalk.core.squad.Player;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Squad;
import wildchalk.core.squad.SquadId;
import wildchalk.core.squad.SquadText;
import wildchalk.core.text.Slugs;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.FileDialogs;
import wildchalk.desktop.ui.Ui;

/** The squad, player by player: what is needed to put groups together, and nothing else. What is typed counts at once. */
final class SquadDialog {

    private static final double LIST_WIDTH = 200;

    private final SessionDesk desk;
    private final Dialog<ButtonType> dialog;
    private final ObservableList<String> names = FXCollections.observableArrayList();
    private final ListView<String> list = new ListView<>(names);
    private final TextField more = new TextField();
    private final TextField name = new TextField();
    private final TextField positions = new TextField();
    private final ComboBox<String> level = new ComboBox<>();
    private final ComboBox<Hand> hand = new ComboBox<>();
    private final CheckBox keeper = new CheckBox(Ui.text("squad.keeper"));
    private final TextField pace = new TextField();
    private final TextField bibs = new TextField();
    private final TextField restraints = new TextField();
    private final TextField levels = new TextField();
    private final TextArea together = new TextArea();
    private final TextArea apart = new TextArea();
    private final Label wrong = new Label();
    private Squad squad;
    private boolean filling;

    private SquadDialog(Window owner, SessionDesk desk, Squad squad) {
        this.desk = desk;
        this.squad = squad;
        dialog = Dialogs.widen(Dialogs.dress(new Dialog<>(), owner), 780);
        dialog.setTitle(squad.title());
        lay(owner);
        fill(0);
    }

    /** Changes a squad in its file; whether it did, which is told where it cannot. */
    static boolean ask(Window owner, SessionDesk desk, SquadId id) {
        Path file = desk.binder().squadsFolder().resolve(id + SquadFile.SUFFIX);
        try {
            BinderFile<Squad> content = SquadFile.read(file);
            SquadDialog ask = new SquadDialog(owner, desk, content.value());
            boolean ok =
                    ask.dialog.showAndWait().filter(b -> b == ButtonType.OK).isPresent();
            if (ok && !ask.squad.equals(content.value())) {
                content.with(ask.squad).save(file);
            }
            return ok;
        } catch (IOException e) {
            desk.faults().told(Faults.Kind.FOLDER, e);
            return false;
        }
    }

    // ---- parts ----

    private void lay(Window owner) {
        list.setId("squad-list");
        list.setPrefSize(LIST_WIDTH, 380);
        list.setMinWidth(LIST_WIDTH);
        list.getSelectionModel().selectedIndexProperty().addListener((o, a, b) -> show());
        more.setId("squad-more");
        more.setPromptText(Ui.text("squad.more"));
        more.setOnAction(e -> add());
        level.setId("squad-level");
        hand.setId("squad-hand");
        hand.getItems().setAll(Hand.values());
        hand.setConverter(wildchalk.desktop.ui.Shown.by(h -> Ui.text("squad.hand." + h)));
        keeper.setId("squad-is-keeper");
        keeper.setOnAction(e -> change());
        level.setOnAction(e -> change());
        hand.setOnAction(e -> change());
        GridPane grid = new GridPane(12, 8);
        int row = 0;
        for (Object[] each : new Object[][] {
            {"squad.name", name, "squad-name", null},
            {"squad.positions", positions, "squad-positions", "squad.positions.hint"},
            {"squad.level", level, null, null},
            {"squad.hand", hand, null, null},
            {"", keeper, null, null},
            {"squad.pace", pace, "squad-pace", null},
            {"squad.bibs", bibs, "squad-bibs", "squad.bibs.hint"},
            {"squad.restraints", restraints, "squad-restraints", "squad.restraints.hint"}
        }) {
            Label label = new Label(((String) each[0]).isEmpty() ? "" : Ui.text((String) each[0]));
            label.setMinWidth(Region.USE_PREF_SIZE);
            grid.addRow(row++, label, (javafx.scene.Node) each[1]);
            if (each[1] instanceof TextField field) {
                field.setId((String) each[2]);
                field.setAccessibleText(label.getText());
                if (each[3] != null) {
                    field.setPromptText(Ui.text((String) each[3]));
                }
                typed(field, this::change);
            }
        }
        levels.setId("squad-levels");
        together.setId("squad-together");
        apart.setId("squad-apart");
        grid.addRow(row++, whole("squad.levels"), levels);
        grid.addRow(row++, whole("squad.together"), together);
        grid.addRow(row, whole("squad.apart"), apart);
        for (TextInputControl field : List.of(levels, together, apart)) {
            typed(field, this::changeAll);
        }
        together.setPrefRowCount(2);
        apart.setPrefRowCount(2);
        together.setPromptText(Ui.text("squad.bond.hint"));
        apart.setPromptText(Ui.text("squad.bond.hint"));
        GridPane.setHgrow(name, Priority.ALWAYS);
        wrong.getStyleClass().add("alert");
        wrong.setWrapText(true);
        wrong.setMaxWidth(640);
        Button out = button("squad-out", "squad.out", this::remove);
        Button take = button("squad-take", "squad.take", () -> take(owner));
        Button write = button("squad-write", "squad.write", () -> write(owner));
        Label private_ = new Label(Ui.text("squad.private"));
        private_.getStyleClass().add("quiet");
        private_.setWrapText(true);
        VBox left = new VBox(8, list, more, out);
        VBox.setVgrow(list, Priority.ALWAYS);
        VBox all = new VBox(12, new HBox(16, left, grid), new HBox(8, take, write), private_, wrong);
        all.setPadding(new Insets(16));
        HBox.setHgrow(grid, Priority.ALWAYS);
        dialog.getDialogPane().setContent(all);
        dialog.getDialogPane().getButtonTypes().setAll(ButtonType.OK, ButtonType.CANCEL);
    }

    private static Label whole(String key) {
        Label label = new Label(Ui.text(key));
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    private static Button button(String id, String key, Runnable action) {
        return SessionView.button(id, key, action);
    }

    private static void typed(TextInputControl field, Runnable change) {
        field.textProperty().addListener((o, a, b) -> change.run());
    }

    // ---- showing ----

    private void fill(int chosen) {
        filling = true;
        names.setAll(squad.players().stream().map(Player::name).toList());
        level.getItems().setAll("");
        level.getItems().addAll(squad.levels());
        levels.setText(String.join(", ", squad.levels()));
        together.setText(SquadText.bonds(squad, squad.together()));
        apart.setText(SquadText.bonds(squad, squad.apart()));
        filling = false;
        if (!names.isEmpty()) {
            list.getSelectionModel().select(Math.min(chosen, names.size() - 1));
        }
        show();
    }

    private Optional<Player> chosen() {
        int at = list.getSelectionModel().getSelectedIndex();
        return at < 0 || at >= squad.players().size()
                ? Optional.empty()
                : Optional.of(squad.players().get(at));
    }

    private void show() {
        if (filling) {
            return;
        }
        filling = true;
        chosen().ifPresent(p -> {
            name.setText(p.name());
            positions.setText(String.join(" ", p.positions()));
            level.setValue(p.level());
            hand.setValue(p.hand());
            keeper.setSelected(p.keeper());
            pace.setText(wildchalk.core.text.Numbers.brief(p.pace(), 2));
            bibs.setText(SquadText.bibs(p.bibs()));
            restraints.setText(SquadText.restraints(p.restraints()));
        });
        filling = false;
    }

    // ---- changing ----

    /** What cannot be is said, and what was before stays until it can. */
    private void attempt(Supplier<Squad> change) {
        if (filling) {
            return;
        }
        String problem = "";
        try {
            squad = change.get();
        } catch (NumberFormatException noNumber) {
            problem = Ui.text("squad.pace.wrong");
        } catch (IllegalArgumentException e) {
            problem = e.getMessage();
        }
        wrong.setText(problem);
        dialog.getDialogPane().lookupButton(ButtonType.OK).setDisable(!problem.isEmpty());
    }

    private void change() {
        int at = list.getSelectionModel().getSelectedIndex();
        Optional<Player> was = chosen();
        if (filling || was.isEmpty()) {
            return;
        }
        attempt(() -> {
            Player p = new Player(
                    was.get().id(),
                    Limits.fitting(name.getText().strip(), Limits.WORD),
                    List.of(positions.getText().strip().split("\\s+")).stream()
                            .filter(t -> !t.isEmpty())
                            .toList(),
                    hand.getValue(),
                    level.getValue() == null ? "" : level.getValue(),
                    keeper.isSelected(),
                    SquadText.restraints(restraints.getText()),
                    Double.parseDouble(pace.getText().strip().replace(',', '.')),
                    SquadText.bibs(bibs.getText()));
            List<Player> all = new ArrayList<>(squad.players());
            all.set(at, p);
            return squad.withPlayers(all);
        });
        if (wrong.getText().isEmpty()) {
            filling = true;
            names.set(at, squad.players().get(at).name());
            filling = false;
            list.getSelectionModel().select(at);
        }
    }

    private void changeAll() {
        attempt(() -> {
            List<String> words = SquadText.words(levels.getText());
            Squad plain = new Squad(
                    squad.id(),
                    squad.title(),
                    words,
                    squad.players(),
                    SquadText.bonds(squad, together.getText()),
                    SquadText.bonds(squad, apart.getText()));
            filling = true;
            level.getItems().setAll("");
            level.getItems().addAll(words);
            filling = false;
            return plain;
        });
        show();
    }

    private void add() {
        String typed = Limits.fitting(more.getText().strip(), Limits.WORD);
        if (typed.isEmpty()) {
            return;
        }
        attempt(() -> {
            List<Player> all = new ArrayList<>(squad.players());
            List<String> taken = all.stream().map(p -> p.id().text()).toList();
            all.add(Player.named(new PlayerId(Slugs.next("p", taken)), typed));
            return squad.withPlayers(all);
        });
        more.clear();
        fill(squad.players().size() - 1);
    }

    private void remove() {
        int at = list.getSelectionModel().getSelectedIndex();
        chosen().ifPresent(p -> attempt(() -> SquadText.without(squad, p.id())));
        fill(at);
    }

    // ---- tables ----

    private void take(Window owner) {
        dialogs().open(owner, desk.binder().folder()).ifPresent(file -> {
            try {
                squad = SquadTable.read(file, squad);
                fill(0);
            } catch (IOException | IllegalArgumentException e) {
                wrong.setText(e.getMessage());
            }
        });
    }

    private void write(Window owner) {
        dialogs().save(owner, desk.binder().folder(), squad.id() + ".csv").ifPresent(file -> {
            try {
                boolean sheet = file.getFileName().toString().endsWith(".xlsx");
                SafeFiles.replace(
                        file,
                        sheet ? SquadTable.xlsx(squad) : SquadTable.csv(squad).getBytes(StandardCharsets.UTF_8));
            } catch (IOException e) {
                wrong.setText(e.getMessage());
            }
        });
    }

    private FileDialogs dialogs() {
        return desk.dialogs();
    }
}
