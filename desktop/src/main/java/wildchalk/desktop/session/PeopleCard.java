package wildchalk.desktop.session;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Chalk;
import wildchalk.core.session.Session;
import wildchalk.core.session.Sessions;
import wildchalk.core.squad.Grouping;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Player;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Roll;
import wildchalk.core.squad.Squad;
import wildchalk.core.squad.SquadId;
import wildchalk.core.squad.Wanted;
import wildchalk.core.words.GroupWriter;
import wildchalk.core.words.PlanWriter;
import wildchalk.desktop.session.SessionDocument.Worked;
import wildchalk.desktop.ui.LazyMenu;
import wildchalk.desktop.ui.Ui;

/** Who is there, in which groups, and who leads. */
final class PeopleCard extends VBox {

    private static final int MOST_GROUPS = 6;
    private static final List<Chalk> COLOURS =
            List.of(Chalk.BLUE, Chalk.RED, Chalk.YELLOW, Chalk.GREEN, Chalk.ORANGE, Chalk.WHITE);

    private final SessionDesk desk;
    private final BiConsumer<String, UnaryOperator<Session>> edit;
    private final LazyMenu squad = new LazyMenu("", this::squads).withArrow();
    private final LazyMenu make = new LazyMenu(Ui.text("session.groups"), this::counts).withArrow();
    private final TextField away = new TextField();
    private final Label unclear = new Label();
    private final GroupsBox groups;
    private final FlowPane there = new FlowPane(6, 6);
    private Worked worked;
    private Runnable readAnew = () -> {};
    /** Goes up each time groups are made, so that the same number gives others. */
    private long seed = 1;

    private Wanted.Sort sort = Wanted.Sort.EVEN;
    private Wanted.Odd odd = Wanted.Odd.ONE_MORE;
    /** Others together than in earlier sessions. */
    private boolean mixed;

    PeopleCard(SessionDesk desk, BiConsumer<String, UnaryOperator<Session>> edit) {
        super(8);
        this.desk = desk;
        this.edit = edit;
        setId("people-card");
        getStyleClass().add("card-content");
        squad.setId("session-squad");
        make.setId("session-groups");
        away.setId("session-away");
        away.setPromptText(Ui.text("session.away"));
        away.setAccessibleText(Ui.text("session.away"));
        away.setOnAction(e -> takeAway());
        groups = new GroupsBox(edit);
        unclear.getStyleClass().add("alert");
        unclear.setWrapText(true);
        unclear.managedProperty().bind(unclear.textProperty().isNotEmpty());
        FlowPane row = new FlowPane(8, 6, title("session.people.title"), make, squad);
        row.setAlignment(Pos.CENTER_LEFT);
        getChildren().setAll(row, groups, title("session.there"), there, away, unclear);
    }

    private static Label title(String key) {
        Label label = new Label(Ui.text(key));
        label.getStyleClass().add("course-title");
        return label;
    }

    /** Runs when the squad's file was written. */
    void onSquad(Runnable changed) {
        readAnew = changed;
    }

    // ---- squad and groups ----

    private void squads(LazyMenu menu) {
        menu.getItems().clear();
        Session session = worked.plan().session();
        for (SquadId id : desk.squads()) {
            CheckMenuItem item = new CheckMenuItem(id.text());
            item.setMnemonicParsing(false);
            item.setSelected(session.squad().equals(Optional.of(id)));
            item.setOnAction(e -> choose(Optional.of(id)));
            menu.getItems().add(item);
        }
        CheckMenuItem none = new CheckMenuItem(Ui.text("session.no-squad"));
        none.setSelected(session.squad().isEmpty());
        none.setOnAction(e -> choose(Optional.empty()));
        MenuItem fresh = new MenuItem(Ui.text("squad.new"));
        fresh.setId("squad-new");
        fresh.setOnAction(e -> NewSquad.ask(getScene().getWindow(), desk).ifPresent(id -> choose(Optional.of(id))));
        MenuItem change = new MenuItem(Ui.text("squad.change"));
        change.setId("squad-change");
        change.setDisable(worked.squad().isEmpty());
        change.setOnAction(e -> worked.squad().ifPresent(s -> {
            if (SquadDialog.ask(getScene().getWindow(), desk, s.id())) {
                readAnew.run();
            }
        }));
        menu.getItems().addAll(none, fresh, change);
    }

    /** Groups of another squad are nobody's: they go. */
    private void choose(Optional<SquadId> id) {
        edit.accept("session.edit.squad", s -> Sessions.groups(s, List.of()).withSquad(id));
    }

    private void counts(LazyMenu menu) {
        menu.getItems().clear();
        for (int n = 1; n <= MOST_GROUPS; n++) {
            int count = n;
            MenuItem item = new MenuItem(Ui.text(n == 1 ? "session.groups.none" : "session.groups.count", n));
            item.setId("groups-" + n);
            item.setDisable(worked.squad().isEmpty() && n > 1);
            item.setOnAction(e -> group(count));
            menu.getItems().add(item);
        }
        menu.getItems().addAll(ways());
    }

    /** How groups are made from now on. */
    private List<MenuItem> ways() {
        List<MenuItem> items = new ArrayList<>();
        items.add(new SeparatorMenuItem());
        for (Wanted.Sort each : Wanted.Sort.values()) {
            items.add(way("session.groups.sort." + each, sort == each, () -> sort = each));
        }
        items.add(new SeparatorMenuItem());
        for (Wanted.Odd each : Wanted.Odd.values()) {
            items.add(way("session.groups.odd." + each, odd == each, () -> odd = each));
        }
        items.add(new SeparatorMenuItem());
        items.add(way("session.groups.mixed", mixed, () -> mixed = !mixed));
        return items;
    }

    private static CheckMenuItem way(String key, boolean is, Runnable choose) {
        CheckMenuItem item = new CheckMenuItem(Ui.text(key));
        item.setId(key.replace('.', '-'));
        item.setSelected(is);
        item.setOnAction(e -> choose.run());
        return item;
    }

    private void group(int count) {
        if (count == 1) {
            edit.accept("session.edit.groups", s -> Sessions.groups(s, List.of()));
            return;
        }
        Session session = worked.plan().session();
        Wanted wanted = Wanted.even(count, seed++)
                .withColours(COLOURS.subList(0, count))
                .withSort(sort)
                .withOdd(odd)
                .withLocked(groups.locked(session, count))
                .withBefore(mixed ? desk.before(session.date()) : List.of());
        Grouping made = Groups.of(worked.squad().orElseThrow(), worked.plan().present(), wanted);
        tell(made);
        edit.accept("session.edit.groups", s -> Sessions.groups(s, made.groups()));
    }

    /** Who is over, and what could not be kept. */
    private void tell(Grouping made) {
        GroupWriter said = new GroupWriter(worked.squad().orElseThrow());
        List<String> lines = new ArrayList<>(said.broken(made));
        if (!made.over().isEmpty()) {
            lines.add(said.over(made, odd));
        }
        unclear.setText(String.join(" ", lines));
    }

    // ---- who is there ----

    private void takeAway() {
        worked.squad().ifPresent(all -> {
            Roll roll = Roll.of(all, away.getText());
            unclear.setText(
                    roll.unclear().isEmpty() ? "" : Ui.text("session.unclear", String.join(", ", roll.unclear())));
            if (!roll.found().isEmpty()) {
                edit.accept("session.edit.away", s -> {
                    Session then = s;
                    for (PlayerId p : roll.found()) {
                        then = Sessions.absent(then, p, true);
                    }
                    return then;
                });
            }
            away.setText(String.join(", ", roll.unclear()));
        });
    }

    // ---- showing ----

    void show(Worked now, PlanWriter writer) {
        worked = now;
        Session session = now.plan().session();
        squad.setText(now.squad().map(Squad::title).orElse(Ui.text("session.no-squad")));
        groups.getChildren().clear();
        now.squad().ifPresent(all -> groups.show(session, all));
        there.getChildren().clear();
        now.squad()
                .ifPresent(all -> all.players().forEach(p -> there.getChildren().add(toggle(session, p))));
        away.setDisable(now.squad().isEmpty());
    }

    private ToggleButton toggle(Session session, Player player) {
        ToggleButton button = new ToggleButton(player.name());
        button.setId("there-" + player.id());
        button.setMnemonicParsing(false);
        boolean is = !session.absent().contains(player.id());
        button.setSelected(is);
        button.getStyleClass().add("chip");
        if (!player.takesPartOn(session.date())) {
            button.setSelected(false);
            button.setDisable(true);
            button.setText(Ui.text("session.out-for-now", player.name()));
        }
        button.setOnAction(e -> edit.accept("session.edit.away", s -> Sessions.absent(s, player.id(), is)));
        return button;
    }
}
