package wildchalk.desktop.ladder;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.value.ChangeListener;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextInputDialog;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.edit.Edit;
import wildchalk.core.edit.Versions;
import wildchalk.core.ladder.Ladder;
import wildchalk.core.path.Choices;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Path;
import wildchalk.core.path.Way;
import wildchalk.core.text.Numbers;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Limited;
import wildchalk.desktop.ui.Tips;
import wildchalk.desktop.ui.Ui;

/** For the head of the board: the versions of the open drill, and the paths through the one that is shown. */
public final class LadderParts {

    /** Titles are cut after so many characters on the row. */
    private static final int SHOWN = 24;
    /** More paths than a menu can show. */
    private static final int MOST_WAYS = 40;

    private static final double MOST_WIDE = 220;

    private final DrillDocument document;
    private final Consumer<ProgressionId> compare;
    private final HBox rungs = new HBox();
    /** What of the versions is shown. */
    private List<Object> shown = List.of();

    private final MenuButton brief = new MenuButton();
    private final Button add = new Button(Ui.text("ladder.add"));
    private final MenuButton more = new MenuButton(Ui.text("ladder.more"));
    private final MenuButton way = new MenuButton();
    private final ChangeListener<Object> refresh = (o, a, b) -> refresh();
    /** What a way is called is known once it is worked out. */
    private final ChangeListener<Object> refreshWay = (o, a, b) -> refreshWay();

    /** @param compare shows the open version beside another */
    public LadderParts(DrillDocument document, Consumer<ProgressionId> compare) {
        this.document = document;
        this.compare = compare;
        rungs.getStyleClass().add("rungs");
        rungs.setAlignment(Pos.CENTER_LEFT);
        rungs.setMinWidth(Region.USE_PREF_SIZE);
        brief.setId("rungs");
        brief.setMnemonicParsing(false);
        brief.getStyleClass().add("rung");
        Tips.on(brief, Ui.text("ladder.rungs.tip"));
        brief.setOnShowing(e -> fillBrief());
        add.setId("ladder-add");
        Tips.on(add, Ui.text("ladder.add.tip"));
        add.setOnAction(e -> addVersion());
        more.setId("ladder-more");
        Tips.on(more, Ui.text("ladder.more.tip"));
        more.setOnShowing(e -> fillMore());
        way.setId("way");
        Tips.on(way, Ui.text("ladder.way.tip"));
        way.setOnShowing(e -> fillWays());
        way.managedProperty().bind(way.visibleProperty());
        for (Region part : List.of(add, more, way, brief)) {
            part.setMinWidth(Region.USE_PREF_SIZE);
        }
        way.setMaxWidth(MOST_WIDE);
        way.setPrefWidth(Region.USE_COMPUTED_SIZE);
        document.drillProperty().addListener(refresh);
        document.versionProperty().addListener(refresh);
        document.choicesProperty().addListener(refresh);
        document.toldProperty().addListener(refreshWay);
        refresh();
    }

    /** One button a version. */
    public Node rungs() {
        return rungs;
    }

    /** The open version, with the others in a menu. */
    public Node brief() {
        return brief;
    }

    public Node add() {
        return add;
    }

    /** What can be done with the open version. */
    public Node more() {
        return more;
    }

    /** Which way is shown. */
    public Node way() {
        return way;
    }

    private void fillBrief() {
        brief.getItems().clear();
        int number = 1;
        for (Progression p : document.drill().progressions()) {
            RadioMenuItem item = new RadioMenuItem(Ui.text("ladder.rung", number++, p.title()));
            item.setId("brief-" + p.id());
            item.setMnemonicParsing(false);
            item.setSelected(p.id().equals(document.versionProperty().get()));
            item.setOnAction(e -> document.show(p.id()));
            brief.getItems().add(item);
        }
    }

    private void refresh() {
        refreshWay();
        Drill drill = document.drill();
        Progression now = document.version();
        List<Object> key = new ArrayList<>(List.of(now.id()));
        for (Progression p : drill.progressions()) {
            key.addAll(List.of(p.id(), p.title(), p.basedOn(), p.course().suits()));
        }
        if (!key.equals(shown)) {
            shown = key;
            showVersions(drill, now);
        }
    }

    /** Made anew only when something of it has changed: with many versions it takes as long as all else. */
    private void showVersions(Drill drill, Progression now) {
        boolean one = drill.progressions().size() == 1;
        brief.setText(Ui.text(
                one ? "ladder.rung" : "ladder.brief",
                drill.progressions().indexOf(now) + 1,
                cut(now.title()),
                drill.progressions().size()));
        rungs.getChildren().clear();
        int number = 1;
        for (Progression p : drill.progressions()) {
            ToggleButton rung = new ToggleButton(Ui.text("ladder.rung", number++, cut(p.title())));
            rung.setId("rung-" + p.id());
            rung.getStyleClass().add("rung");
            rung.setMnemonicParsing(false);
            rung.setMinWidth(Region.USE_PREF_SIZE);
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
        fillBrief(); // a menu without items never opens
        fillMore();
    }

    private void refreshWay() {
        boolean many = Path.hasLater(document.version())
                || Outcomes.areMany(document.version())
                || document.version().course().alternation().isPresent();
        way.setVisible(many);
        if (many) {
            String label = document.told().run().label();
            way.setText(Ui.text("ladder.way", label.isEmpty() ? Ui.text("ladder.way.drawn") : label));
        }
    }

    private static String cut(String title) {
        return title.length() > SHOWN ? title.substring(0, SHOWN - 1) + "…" : title;
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

    private void addVersion() {
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
        Dialogs.dress(dialog, add.getScene().getWindow());
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
                () -> new SuitsDialog(now.course().suits(), add.getScene().getWindow())
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

    /** As drawn, the other way round, or the first rep. */
    private MenuItem rep(Choices.Rep rep) {
        CheckMenuItem item = new CheckMenuItem(Ui.text("ladder.way." + rep));
        item.setId("way-" + rep.name().toLowerCase(Locale.ROOT).replace('_', '-'));
        Choices now = document.choicesProperty().get();
        item.setSelected(now.rep() == rep);
        item.setOnAction(e -> document.choose(now.withRep(rep)));
        return item;
    }

    private void fillWays() {
        way.getItems().clear();
        boolean sides = document.version().course().alternation().isPresent();
        boolean later = Path.hasLater(document.version());
        if (sides || later) {
            way.getItems().add(rep(Choices.Rep.DRAWN));
            if (sides) {
                way.getItems().add(rep(Choices.Rep.OTHER_SIDE));
            }
            if (later) {
                way.getItems().add(rep(Choices.Rep.FIRST));
            }
            if (!Outcomes.areMany(document.version())) {
                return;
            }
            way.getItems().add(new SeparatorMenuItem());
        }
        List<Way> ways = Outcomes.ways(document.version());
        Choices now = Outcomes.way(
                        document.version(), document.choicesProperty().get())
                .choices();
        for (Way one : ways.subList(0, Math.min(MOST_WAYS, ways.size()))) {
            CheckMenuItem item =
                    new CheckMenuItem(Ui.text("ladder.way.chance", one.label(), Numbers.brief(100 * one.chance(), 0)));
            item.setMnemonicParsing(false);
            item.setSelected(one.choices().equals(now));
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
        document.toldProperty().removeListener(refreshWay);
    }
}
