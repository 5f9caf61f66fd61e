package wildchalk.desktop.ladder;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.value.ChangeListener;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextInputDialog;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.edit.Edit;
import wildchalk.core.edit.Versions;
import wildchalk.core.ladder.Ladder;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Way;
import wildchalk.core.text.Numbers;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Limited;
import wildchalk.desktop.ui.Tips;
import wildchalk.desktop.ui.Ui;

/** The versions of the open drill in a row, and the paths through the one that is shown. */
public final class LadderBar extends HBox {

    /** Titles are cut after so many characters on the row. */
    private static final int SHOWN = 24;
    /** More paths than a menu can show. */
    private static final int MOST_WAYS = 40;

    private final DrillDocument document;
    private final Consumer<ProgressionId> compare;
    private final HBox rungs = new HBox();
    private final Button add = new Button(Ui.text("ladder.add"));
    private final MenuButton more = new MenuButton(Ui.text("ladder.more"));
    private final MenuButton way = new MenuButton();
    private final ChangeListener<Object> refresh = (o, a, b) -> refresh();

    /** @param compare shows the open version beside another */
    public LadderBar(DrillDocument document, Consumer<ProgressionId> compare) {
        this.document = document;
        this.compare = compare;
        getStyleClass().add("ladder");
        setAlignment(Pos.CENTER_LEFT);
        rungs.getStyleClass().add("rungs");
        rungs.setAlignment(Pos.CENTER_LEFT);
        ScrollPane scroll = new ScrollPane(rungs);
        scroll.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFitToHeight(true);
        scroll.setFocusTraversable(false);
        scroll.getStyleClass().add("rung-scroll");
        scroll.setMinWidth(100);
        add.setId("ladder-add");
        Tips.on(add, Ui.text("ladder.add.tip"));
        add.setOnAction(e -> add());
        more.setId("ladder-more");
        Tips.on(more, Ui.text("ladder.more.tip"));
        more.setOnShowing(e -> fillMore());
        way.setId("way");
        Tips.on(way, Ui.text("ladder.way.tip"));
        way.setOnShowing(e -> fillWays());
        way.managedProperty().bind(way.visibleProperty());
        for (Region part : List.of(add, more, way)) {
            part.setMinWidth(USE_PREF_SIZE);
        }
        way.setMaxWidth(280);
        way.setMinWidth(80);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        getChildren().addAll(scroll, add, more, gap, way);
        document.drillProperty().addListener(refresh);
        document.versionProperty().addListener(refresh);
        document.choicesProperty().addListener(refresh);
        refresh();
    }

    private void refresh() {
        Drill drill = document.drill();
        rungs.getChildren().clear();
        int number = 1;
        for (Progression p : drill.progressions()) {
            String title = p.title().length() > SHOWN ? p.title().substring(0, SHOWN - 1) + "…" : p.title();
            ToggleButton rung = new ToggleButton(Ui.text("ladder.rung", number++, title));
            rung.setId("rung-" + p.id());
            rung.getStyleClass().add("rung");
            rung.setMnemonicParsing(false);
            rung.setMinWidth(USE_PREF_SIZE);
            rung.setSelected(p.id().equals(document.versionProperty().get()));
            Tips.on(rung, about(p));
            rung.setOnAction(e -> {
                document.show(p.id());
                rung.setSelected(true);
            });
            if (p.basedOn().isPresent()) {
                int base = drill.progressions()
                        .indexOf(drill.progression(p.basedOn().get()).orElseThrow());
                boolean next = base == drill.progressions().indexOf(p) - 1;
                Label step = new Label(next ? "›" : Ui.text("ladder.on", base + 1));
                step.getStyleClass().add("quiet");
                rungs.getChildren().add(step);
            }
            rungs.getChildren().add(rung);
        }
        boolean many = Outcomes.areMany(document.version());
        way.setVisible(many);
        if (many) {
            way.setText(Ui.text("ladder.way", document.told().run().label()));
        }
        fillMore();
    }

    private String about(Progression p) {
        String base = p.basedOn()
                .flatMap(document.drill()::progression)
                .map(b -> Ui.text("ladder.based", b.title()))
                .orElse(Ui.text("ladder.alone"));
        String suits = p.course().suits().inWords();
        return suits.isEmpty() ? base : base + "\n" + Ui.text("ladder.level.is", suits);
    }

    // ---- versions ----

    private void add() {
        ask(
                        Ui.text("ladder.add.title"),
                        Ui.text(
                                "ladder.add.name",
                                document.drill().progressions().size() + 1))
                .ifPresent(title -> {
                    document.edit(Ui.text("edit.version", title), Versions.add(title));
                });
    }

    private Optional<String> ask(String header, String text) {
        TextInputDialog dialog = new TextInputDialog(text);
        Limited.to(dialog.getEditor(), Limits.LINE);
        Dialogs.dress(dialog, getScene().getWindow());
        dialog.setHeaderText(header);
        return dialog.showAndWait()
                .map(String::strip)
                .filter(t -> !t.isEmpty())
                .map(t -> Limits.fitting(t, Limits.LINE));
    }

    private void fillMore() {
        Drill drill = document.drill();
        Progression now = document.version();
        ProgressionId id = now.id();
        MenuItem rename = item(
                "ladder.rename",
                () -> ask(Ui.text("ladder.rename.title"), now.title())
                        .ifPresent(t -> document.edit(Ui.text("edit.version-title"), Versions.title(t))));
        MenuItem level = item(
                "ladder.level",
                () -> new SuitsDialog(now.course().suits(), getScene().getWindow())
                        .showAndWait()
                        .ifPresent(whom -> document.edit(Ui.text("edit.level"), Versions.suits(whom))));
        MenuItem detach = item("ladder.detach", () -> change("edit.detach", Versions.detach()));
        detach.setDisable(now.basedOn().isEmpty());
        MenuItem left = item("ladder.left", () -> change("edit.order-versions", Versions.move(-1)));
        left.setDisable(!Ladder.canMove(drill, id, -1));
        MenuItem right = item("ladder.right", () -> change("edit.order-versions", Versions.move(1)));
        right.setDisable(!Ladder.canMove(drill, id, 1));
        MenuItem remove = item("ladder.remove", () -> change("edit.remove-version", Versions.remove()));
        remove.setDisable(drill.progressions().size() == 1);
        more.getItems().setAll(rename, level, left, right, detach, remove, new SeparatorMenuItem());
        for (Progression other : drill.progressions()) {
            if (!other.id().equals(id)) {
                MenuItem item = new MenuItem(Ui.text("ladder.compare", other.title()));
                item.setId("compare-" + other.id());
                item.setMnemonicParsing(false);
                item.setOnAction(e -> compare.accept(other.id()));
                more.getItems().add(item);
            }
        }
        if (drill.progressions().size() == 1) {
            MenuItem none = new MenuItem(Ui.text("ladder.compare.none"));
            none.setDisable(true);
            more.getItems().add(none);
        }
    }

    private void change(String key, Edit edit) {
        document.edit(Ui.text(key), edit);
    }

    private static MenuItem item(String key, Runnable action) {
        MenuItem item = new MenuItem(Ui.text(key));
        item.setId(key.replace('.', '-'));
        item.setOnAction(e -> action.run());
        return item;
    }

    // ---- paths ----

    private void fillWays() {
        way.getItems().clear();
        List<Way> ways = Outcomes.ways(document.version());
        String now = document.told().run().label();
        for (Way one : ways.subList(0, Math.min(MOST_WAYS, ways.size()))) {
            CheckMenuItem item =
                    new CheckMenuItem(Ui.text("ladder.way.chance", one.label(), Numbers.brief(100 * one.chance(), 0)));
            item.setMnemonicParsing(false);
            item.setSelected(one.label().equals(now));
            item.setOnAction(e -> document.choose(one.choices()));
            way.getItems().add(item);
        }
        if (ways.size() > MOST_WAYS) {
            MenuItem rest = new MenuItem(Ui.text("ladder.way.more", ways.size() - MOST_WAYS));
            rest.setDisable(true);
            way.getItems().add(rest);
        }
    }

    public void dispose() {
        document.drillProperty().removeListener(refresh);
        document.versionProperty().removeListener(refresh);
        document.choicesProperty().removeListener(refresh);
    }
}
