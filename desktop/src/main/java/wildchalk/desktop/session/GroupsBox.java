package wildchalk.desktop.session;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import wildchalk.core.session.Session;
import wildchalk.core.session.Sessions;
import wildchalk.core.squad.Group;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Squad;
import wildchalk.desktop.ui.LazyMenu;
import wildchalk.desktop.ui.Ui;

/** The groups, name by name: a press moves somebody to another one, or keeps him where he is when groups are made anew. */
final class GroupsBox extends VBox {

    private final BiConsumer<String, UnaryOperator<Session>> edit;
    /** Who stays in his group; for as long as the session is open. */
    private final Set<PlayerId> locked = new HashSet<>();

    GroupsBox(BiConsumer<String, UnaryOperator<Session>> edit) {
        super(6);
        this.edit = edit;
        setId("groups-box");
    }

    /** Who stays in which group, by its place among so many. */
    Map<PlayerId, Integer> locked(Session session, int count) {
        Map<PlayerId, Integer> places = new HashMap<>();
        for (int g = 0; g < Math.min(count, session.groups().size()); g++) {
            for (PlayerId p : session.groups().get(g).players()) {
                if (locked.contains(p)) {
                    places.put(p, g);
                }
            }
        }
        return places;
    }

    void show(Session session, Squad squad) {
        getChildren().clear();
        for (Group g : session.groups()) {
            Label name = new Label(Ui.text("session.group", g.name(), there(session, g)));
            name.getStyleClass().add("course-title");
            FlowPane row = new FlowPane(4, 4, name);
            row.setAlignment(Pos.CENTER_LEFT);
            g.players().stream()
                    .filter(p -> !session.absent().contains(p))
                    .forEach(p ->
                            squad.player(p).ifPresent(who -> row.getChildren().add(chip(session, g, p, who.name()))));
            getChildren().add(row);
        }
    }

    private static long there(Session session, Group g) {
        return g.players().stream().filter(p -> !session.absent().contains(p)).count();
    }

    private LazyMenu chip(Session session, Group g, PlayerId player, String name) {
        LazyMenu chip = new LazyMenu(
                locked.contains(player) ? Ui.text("session.group.kept", name) : name,
                m -> m.getItems().setAll(choices(session, g, player)));
        chip.setId("in-group-" + player);
        chip.setMnemonicParsing(false);
        chip.getStyleClass().add("group-chip");
        return chip;
    }

    private List<MenuItem> choices(Session session, Group here, PlayerId player) {
        List<MenuItem> items = new java.util.ArrayList<>();
        for (Group g : session.groups()) {
            if (g != here) {
                MenuItem to = new MenuItem(Ui.text("session.group.to", g.name()));
                to.setMnemonicParsing(false);
                to.setOnAction(e -> edit.accept("session.edit.groups", s -> Sessions.intoGroup(s, player, g.id())));
                items.add(to);
            }
        }
        CheckMenuItem keep = new CheckMenuItem(Ui.text("session.group.keep"));
        keep.setSelected(locked.contains(player));
        keep.setOnAction(e -> {
            if (!locked.remove(player)) {
                locked.add(player);
            }
            // nothing of the session changes: it is shown anew
            edit.accept("session.edit.groups", s -> s);
        });
        items.add(keep);
        return items;
    }
}
