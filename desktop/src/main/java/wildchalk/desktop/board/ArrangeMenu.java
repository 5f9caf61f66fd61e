package wildchalk.desktop.board;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import wildchalk.core.arrange.Alignments.Axis;
import wildchalk.core.arrange.SecondStations;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Station;
import wildchalk.core.drill.Team;
import wildchalk.core.drill.TeamId;
import wildchalk.core.edit.Arrangements;
import wildchalk.core.edit.Courses;
import wildchalk.core.edit.Placements;
import wildchalk.core.surface.Position;
import wildchalk.core.telling.CourseOffers;
import wildchalk.core.words.StationWords;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Selection;
import wildchalk.desktop.ui.Ui;

/** What can be done with what is chosen, as a menu: under the other mouse button and in the head of the board. */
final class ArrangeMenu {

    private static final double ROW_WIDTH = 290;

    private ArrangeMenu() {}

    static void fill(List<MenuItem> items, BoardView board, DrillDocument document) {
        Arranging arrange = board.arranging();
        Selection s = document.selectionProperty().get();
        boolean some = !s.isNone();
        boolean several = s.isSeveral();
        items.clear();
        items.add(item("details", s.single().isPresent() && s.move().isEmpty(), board::details));
        if (s.role().isPresent() && !document.drill().surface().positions().isEmpty()) {
            items.add(positions(document, s));
        }
        items.add(item("colour", some, arrange::nextColour));
        items.add(new SeparatorMenuItem());
        items.add(item("copy", some, arrange::copy));
        items.add(item("paste", true, arrange::paste));
        items.add(item("duplicate", some, arrange::duplicate));
        items.add(item("other-end", true, arrange::duplicateAtOtherEnd));
        items.add(stations(document));
        items.add(item("mirror-length", some, () -> arrange.mirror(Axis.LENGTH)));
        items.add(item("mirror-width", some, () -> arrange.mirror(Axis.WIDTH)));
        items.add(item("turn", some, () -> arrange.turn(45)));
        items.add(new SeparatorMenuItem());
        items.add(item("align-length", several, () -> arrange.align(Axis.LENGTH)));
        items.add(item("align-width", several, () -> arrange.align(Axis.WIDTH)));
        items.add(item("spread-length", s.ids().size() > 2, () -> arrange.distribute(Axis.LENGTH)));
        items.add(item("spread-width", s.ids().size() > 2, () -> arrange.distribute(Axis.WIDTH)));
        items.add(new SeparatorMenuItem());
        items.add(item("group", several, arrange::group));
        items.add(item("ungroup", some, arrange::ungroup));
        items.add(team(document, s));
        items.add(item("lock", some, arrange::lock));
        items.add(item("front", some, () -> arrange.order(true)));
        items.add(item("back", some, () -> arrange.order(false)));
        items.add(item("all", true, arrange::selectAll));
    }

    /** What an item does, and the key for it at the right. */
    private static HBox row(String text, String key) {
        Label keys = new Label(key);
        keys.getStyleClass().add("menu-key");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox row = new HBox(24, new Label(text), gap, keys);
        row.setMinWidth(ROW_WIDTH);
        return row;
    }

    /** Where the drill can be run a second time; each is put down at once. */
    private static Menu stations(DrillDocument document) {
        Menu menu = new Menu(Ui.text("arrange.station"));
        menu.setId("arrange-station");
        List<Station> where =
                SecondStations.of(document.path(), document.drill().surface());
        for (int i = 0; i < where.size(); i++) {
            Station station = where.get(i);
            MenuItem item = new MenuItem(StationWords.of(
                            document.path(),
                            document.drill().surface(),
                            document.reader().unit())
                    .where(station));
            item.setId("arrange-station-" + i);
            item.setOnAction(e -> document.edit(Ui.text("edit.station"), Placements.station(station)));
            menu.getItems().add(item);
        }
        menu.setDisable(where.isEmpty());
        return menu;
    }

    /** The players among what is chosen become a team, in bibs of a colour that gives it its name. */
    private static Menu team(DrillDocument document, Selection s) {
        Menu menu = new Menu(Ui.text("arrange.team"));
        menu.setId("arrange-team");
        List<RoleId> players = document.path().roles().stream()
                .map(Role::id)
                .filter(s.ids()::contains)
                .toList();
        for (Chalk chalk : Chalk.values()) {
            String name = CourseOffers.teamName(chalk);
            menu.getItems().add(team(document, players, name, name, Optional.of(chalk)));
        }
        int number = document.version().course().teams().size() + 1;
        menu.getItems()
                .add(team(
                        document,
                        players,
                        Ui.text("arrange.team.as"),
                        Ui.text("talk.team.plain", number),
                        Optional.empty()));
        menu.setDisable(players.isEmpty());
        return menu;
    }

    private static MenuItem team(
            DrillDocument document, List<RoleId> players, String text, String name, Optional<Chalk> bibs) {
        MenuItem item = new MenuItem(text);
        item.setId("arrange-team-" + bibs.map(Enum::name).orElse("as"));
        item.setOnAction(e ->
                document.edit(Ui.text("edit.team"), Courses.addTeam(new Team(new TeamId("new"), name, players), bibs)));
        return item;
    }

    private static Menu positions(DrillDocument document, Selection s) {
        Menu menu = new Menu(Ui.text("arrange.position"));
        for (Position position : document.drill().surface().positions()) {
            MenuItem item = new MenuItem(position.label() + "  " + position.name());
            item.setOnAction(e -> document.edit(
                    Ui.text("edit.rename"),
                    Arrangements.role(s.role().orElseThrow(), r -> r.withLabel(position.label()))));
            menu.getItems().add(item);
        }
        return menu;
    }

    private static MenuItem item(String key, boolean enabled, Runnable action) {
        String[] parts = Ui.text("arrange." + key).split("\t");
        MenuItem item = new MenuItem("", row(parts[0], parts.length > 1 ? parts[1] : ""));
        item.setId("arrange-" + key);
        item.setDisable(!enabled);
        item.setOnAction(e -> action.run());
        return item;
    }
}
