package wildchalk.desktop.session;

import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Chalk;
import wildchalk.core.session.Coach;
import wildchalk.core.session.CoachId;
import wildchalk.core.session.Session;
import wildchalk.core.session.Sessions;
import wildchalk.core.squad.Group;
import wildchalk.core.squad.Grouping;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Player;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Restraint;
import wildchalk.core.squad.Roll;
import wildchalk.core.squad.Squad;
import wildchalk.core.squad.SquadId;
import wildchalk.core.squad.Wanted;
import wildchalk.core.text.Slugs;
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
    private final TextField coach = new TextField();
    private final Label unclear = new Label();
    private final VBox groups = new VBox(4);
    private final FlowPane there = new FlowPane(6, 6);
    private final FlowPane leads = new FlowPane(6, 6);
    private Worked worked;
    /** Goes up each time groups are made, so that the same number gives others. */
    private long seed = 1;

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
        coach.setId("session-coach");
        coach.setPromptText(Ui.text("session.coach.add"));
        coach.setAccessibleText(Ui.text("session.coach.add"));
        coach.setOnAction(e -> addCoach());
        unclear.getStyleClass().add("alert");
        unclear.setWrapText(true);
        unclear.managedProperty().bind(unclear.textProperty().isNotEmpty());
        FlowPane row = new FlowPane(8, 6, title("session.people.title"), make, squad);
        row.setAlignment(Pos.CENTER_LEFT);
        getChildren()
                .setAll(
                        row,
                        groups,
                        title("session.there"),
                        there,
                        away,
                        unclear,
                        title("session.leads"),
                        leads,
                        coach);
    }

    private static Label title(String key) {
        Label label = new Label(Ui.text(key));
        label.getStyleClass().add("course-title");
        return label;
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
        menu.getItems().addAll(none, fresh);
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
    }

    private void group(int count) {
        if (count == 1) {
            edit.accept("session.edit.groups", s -> Sessions.groups(s, List.of()));
            return;
        }
        Wanted wanted = Wanted.even(count, seed++).withColours(COLOURS.subList(0, count));
        Grouping made = Groups.of(worked.squad().orElseThrow(), worked.plan().present(), wanted);
        edit.accept("session.edit.groups", s -> Sessions.groups(s, made.groups()));
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

    private void addCoach() {
        String name = coach.getText().strip();
        if (!name.isEmpty()) {
            edit.accept("session.edit.coach", s -> {
                List<String> taken =
                        s.coaches().stream().map(c -> c.id().text()).toList();
                Coach more = new Coach(new CoachId(Slugs.next("c", taken)), name);
                return s.withCoaches(
                        Stream.concat(s.coaches().stream(), Stream.of(more)).toList());
            });
            coach.clear();
        }
    }

    // ---- showing ----

    void show(Worked now, PlanWriter writer) {
        worked = now;
        Session session = now.plan().session();
        squad.setText(now.squad().map(Squad::title).orElse(Ui.text("session.no-squad")));
        groups.getChildren().clear();
        now.squad().ifPresent(all -> {
            GroupWriter said = new GroupWriter(all);
            for (Group g : session.groups()) {
                Label line = new Label(said.line(g));
                line.setWrapText(true);
                line.setMinHeight(Region.USE_PREF_SIZE);
                groups.getChildren().add(line);
            }
        });
        there.getChildren().clear();
        now.squad()
                .ifPresent(all -> all.players().forEach(p -> there.getChildren().add(toggle(session, p))));
        away.setDisable(now.squad().isEmpty());
        leads.getChildren().clear();
        for (Coach c : session.coaches()) {
            Label name = new Label(c.name());
            leads.getChildren().add(name);
        }
    }

    private ToggleButton toggle(Session session, Player player) {
        ToggleButton button = new ToggleButton(player.name());
        button.setId("there-" + player.id());
        button.setMnemonicParsing(false);
        boolean is = !session.absent().contains(player.id());
        button.setSelected(is);
        button.getStyleClass().add("chip");
        if (player.restraints().stream().anyMatch(r -> r.from() == Restraint.What.ALL && r.holdsOn(session.date()))) {
            button.setSelected(false);
            button.setDisable(true);
            button.setText(Ui.text("session.out-for-now", player.name()));
        }
        button.setOnAction(e -> edit.accept("session.edit.away", s -> Sessions.absent(s, player.id(), is)));
        return button;
    }
}
