package wildchalk.desktop.talk;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Alternation;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Conduct;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.Scoring;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Stint;
import wildchalk.core.drill.Team;
import wildchalk.core.drill.TeamId;
import wildchalk.core.drill.TeamTurn;
import wildchalk.core.edit.Courses;
import wildchalk.core.edit.Edit;
import wildchalk.core.telling.Branching;
import wildchalk.core.telling.CourseOffers;
import wildchalk.core.words.CourseWords;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ui.LazyMenu;
import wildchalk.desktop.ui.Tips;
import wildchalk.desktop.ui.Ui;

/** Below the steps: rules and calls, what comes after the rep, what the version changes, and cautions. */
final class CourseSection {

    private final DrillDocument document;

    private CourseSection(DrillDocument document) {
        this.document = document;
    }

    /** Of the version as it is now: the section stays while what it says does, and its menus are opened later. */
    private CourseWords words() {
        return new CourseWords(document.version(), document.drill().surface());
    }

    static List<Node> of(DrillDocument document) {
        CourseSection section = new CourseSection(document);
        List<Node> nodes = new ArrayList<>();
        if (!document.version().course().teams().isEmpty()) {
            nodes.add(TeamSection.of(document));
        }
        nodes.add(section.rules());
        nodes.add(section.after());
        if (!document.told().talk().changes().isEmpty()) {
            nodes.add(plain(Ui.text("talk.changes"), document.told().talk().changes()));
        }
        if (!document.told().talk().cautions().isEmpty()) {
            nodes.add(plain(Ui.text("talk.cautions"), document.told().talk().cautions()));
        }
        return nodes;
    }

    /** All that is to be read in it, and whom it offers choices for: where that stays, it stays. */
    static Object key(DrillDocument document) {
        CourseWords said = new CourseSection(document).words();
        Progression whole = document.version();
        return List.of(
                whole.course(),
                whole.roles(),
                whole.lines(),
                said.rules(),
                said.rotation(),
                whole.course().launch().map(said::launch),
                document.told().talk().changes(),
                document.told().talk().cautions());
    }

    private static Node plain(String title, List<String> lines) {
        VBox box = new VBox(3, head(title));
        box.getStyleClass().add("course");
        lines.forEach(l -> box.getChildren().add(line(l)));
        return box;
    }

    static HBox head(String title, Node... more) {
        Label label = new Label(title);
        label.getStyleClass().add("course-title");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox row = new HBox(6, label, gap);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getChildren().addAll(more);
        return row;
    }

    private static Label line(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    private HBox removable(String text, String id, Edit without) {
        return removable(document, text, id, without);
    }

    static HBox removable(DrillDocument document, String text, String id, Edit without) {
        Label label = line(text);
        HBox.setHgrow(label, Priority.ALWAYS);
        label.setMaxWidth(Double.MAX_VALUE);
        Button gone = new Button("×");
        gone.setId(id);
        gone.getStyleClass().addAll("plain", "gone");
        Tips.on(gone, Ui.text("talk.rule.remove"));
        gone.setAccessibleText(Ui.text("talk.rule.remove") + ": " + text);
        gone.setMinWidth(Region.USE_PREF_SIZE);
        gone.setOnAction(e -> document.edit(Ui.text("edit.rule"), without));
        return new HBox(6, label, gone);
    }

    // ---- rules ----

    private Node rules() {
        Progression whole = document.version();
        LazyMenu add = new LazyMenu(Ui.text("talk.rule.add"), this::fillRules).withArrow();
        add.setId("rule-add");
        add.getStyleClass().addAll("step-menu", "plain");
        VBox box = new VBox(3, head(Ui.text("talk.rules"), add));
        box.getStyleClass().add("course");
        for (Rule rule : whole.course().rules()) {
            HBox row = removable(words().rule(rule), "rule-gone-" + rule.id(), Courses.removeRule(rule.id()));
            if (rule instanceof Rule.Limit limit) {
                LazyMenu more = new LazyMenu("...", m -> fillLimit(m, limit));
                more.setId("rule-more-" + rule.id());
                more.getStyleClass().addAll("step-menu", "plain");
                more.setAccessibleText(Ui.text("talk.limit.more"));
                row.getChildren().add(1, more);
            }
            box.getChildren().add(row);
        }
        List<String> all = words().rules();
        for (int i = 0; i < whole.course().calls().size(); i++) {
            CallSet set = whole.course().calls().get(i);
            String text = all.get(whole.course().rules().size() + i);
            box.getChildren().add(removable(text, "calls-gone-" + set.id(), Courses.removeCalls(set.id())));
        }
        Conduct conduct = whole.course().conduct();
        if (conduct.tempo() != 1) {
            box.getChildren()
                    .add(removable(words().tempo(conduct.tempo()), "tempo-gone", Courses.conduct(c -> c.withTempo(1))));
        }
        conduct.situation()
                .ifPresent(s -> box.getChildren()
                        .add(removable(
                                words().situation(s),
                                "situation-gone",
                                Courses.conduct(c -> c.withSituation(Optional.empty())))));
        conduct.lost()
                .ifPresent(l -> box.getChildren()
                        .add(removable(
                                words().lost(l), "lost-gone", Courses.conduct(c -> c.withLost(Optional.empty())))));
        words().scoring(whole.course().scoring())
                .ifPresent(s -> box.getChildren().add(removable(s, "scoring-gone", Courses.scoring(Scoring.NONE))));
        return box;
    }

    /** Which way it binds, whom it is for and where it counts. */
    private void fillLimit(LazyMenu menu, Rule.Limit limit) {
        menu.getItems().clear();
        Map<String, Menu> groups = new LinkedHashMap<>();
        for (Rule.Bound bound : Rule.Bound.values()) {
            other(menu, limit, limit.withBound(bound));
        }
        Menu whom = menu(menu, groups, Ui.text("talk.limit.whom"));
        whom.getItems().add(otherItem(limit.withSide(Optional.empty())));
        for (Side side : Side.values()) {
            whom.getItems().add(otherItem(limit.withSide(Optional.of(side))));
        }
        for (Team team : document.version().course().teams()) {
            whom.getItems().add(otherItem(limit.withTeam(Optional.of(team.id()))));
        }
        Menu where = menu(menu, groups, Ui.text("talk.limit.where"));
        if (limit.kind() != Rule.Kind.ENTRIES) {
            where.getItems().add(otherItem(limit.withZone(Optional.empty())));
        }
        for (String zone :
                CourseOffers.zones(document.version(), document.drill().surface())) {
            where.getItems().add(otherItem(limit.withZone(Optional.of(zone))));
        }
    }

    private void other(LazyMenu menu, Rule.Limit now, Rule.Limit other) {
        if (!other.equals(now)) {
            menu.getItems().add(otherItem(other));
        }
    }

    private MenuItem otherItem(Rule.Limit other) {
        MenuItem item = new MenuItem(words().rule(other));
        item.setMnemonicParsing(false);
        item.setOnAction(e -> document.edit(Ui.text("edit.rule"), Courses.rule(other)));
        return item;
    }

    private void fillRules(LazyMenu add) {
        Progression whole = document.version();
        Map<String, Menu> groups = new LinkedHashMap<>();
        add.getItems().clear();
        for (Rule rule : CourseOffers.limits(whole, document.drill().surface())) {
            Rule.Limit limit = (Rule.Limit) rule;
            menu(add, groups, Ui.text("talk.rule." + limit.kind())).getItems().add(offer(rule));
        }
        for (Role role : whole.roles()) {
            Menu menu = menu(add, groups, Ui.text("talk.rule.hold", role.label()));
            CourseOffers.holds(whole, document.drill().surface(), role.id())
                    .forEach(r -> menu.getItems().add(offer(r)));
        }
        for (Rule rule : CourseOffers.duties(whole, document.drill().surface())) {
            menu(add, groups, Ui.text("talk.rule.duty")).getItems().add(offer(rule));
        }
        CourseOffers.tempos().forEach(t -> conduct(add, groups, "talk.tempo", words().tempo(t), c -> c.withTempo(t)));
        CourseOffers.situations()
                .forEach(s -> conduct(
                        add, groups, "talk.situation", words().situation(s), c -> c.withSituation(Optional.of(s))));
        for (Conduct.Lost lost : Conduct.Lost.values()) {
            conduct(add, groups, "talk.lost", words().lost(lost), c -> c.withLost(Optional.of(lost)));
        }
        MenuItem calls = new MenuItem(Ui.text("talk.rule.calls"));
        calls.setId("calls-add");
        calls.setOnAction(e -> addCalls(add));
        MenuItem scoring = new MenuItem(Ui.text("talk.rule.scoring"));
        scoring.setId("scoring-set");
        scoring.setOnAction(e -> setScoring(add));
        add.getItems().addAll(calls, scoring);
    }

    private void conduct(
            LazyMenu add, Map<String, Menu> groups, String group, String text, UnaryOperator<Conduct> change) {
        MenuItem item = new MenuItem(text);
        item.setMnemonicParsing(false);
        item.setOnAction(e -> document.edit(Ui.text(group), Courses.conduct(change)));
        menu(add, groups, Ui.text(group)).getItems().add(item);
    }

    private void setScoring(Node near) {
        new ScoringDialog(document.version().course().scoring(), near.getScene().getWindow())
                .showAndWait()
                .ifPresent(s -> document.edit(Ui.text("edit.scoring"), Courses.scoring(s)));
    }

    private static Menu menu(LazyMenu add, Map<String, Menu> groups, String name) {
        return groups.computeIfAbsent(name, n -> {
            Menu menu = new Menu(n);
            menu.setMnemonicParsing(false);
            add.getItems().add(menu);
            return menu;
        });
    }

    private MenuItem offer(Rule rule) {
        MenuItem item = new MenuItem(words().rule(rule));
        item.setMnemonicParsing(false);
        item.setOnAction(e -> document.edit(Ui.text("edit.rule"), Courses.addRule(rule)));
        return item;
    }

    private void addCalls(Node near) {
        CallSet usual = Branching.usualCalls(document.version());
        new CallsDialog(usual, near.getScene().getWindow())
                .showAndWait()
                .ifPresent(set -> document.edit(Ui.text("edit.calls"), Courses.addCalls(set)));
    }

    // ---- after the rep ----

    private Node after() {
        Progression whole = document.version();
        LazyMenu add = new LazyMenu(Ui.text("talk.rotation.add"), this::fillRotation).withArrow();
        add.setId("rotation-add");
        add.getStyleClass().addAll("step-menu", "plain");
        VBox box = new VBox(3, head(Ui.text("talk.rotation"), add));
        box.getStyleClass().add("course");
        whole.course()
                .launch()
                .ifPresent(l -> box.getChildren()
                        .add(removable(words().launch(l), "launch-gone", Courses.launch(Optional.empty()))));
        if (!whole.course().stint().isUsual()) {
            box.getChildren()
                    .add(removable(words().stint(whole.course().stint()), "stint-gone", Courses.stint(Stint.ONE_REP)));
        }
        whole.course()
                .alternation()
                .ifPresent(a -> box.getChildren()
                        .add(removable(words().alternation(a), "sides-gone", Courses.alternation(Optional.empty()))));
        for (TeamTurn turn : whole.course().teamTurns()) {
            box.getChildren()
                    .add(removable(
                            words().teamTurn(turn),
                            "team-turn-gone-" + turn.first(),
                            Courses.removeTeamTurn(turn.first())));
        }
        for (Rotation turn : whole.course().rotation()) {
            box.getChildren()
                    .add(removable(
                            words().rotation(turn),
                            "rotation-gone-" + turn.role(),
                            Courses.removeRotation(turn.role())));
        }
        return box;
    }

    private Menu sides() {
        Progression whole = document.version();
        Menu menu = new Menu(Ui.text("talk.sides"));
        menu.setId("sides");
        List<Alternation> all =
                CourseOffers.alternations(whole, document.drill().surface());
        for (int i = 0; i < all.size(); i++) {
            Alternation a = all.get(i);
            CheckMenuItem item = new CheckMenuItem(words().alternation(a));
            item.setId("sides-" + i);
            item.setMnemonicParsing(false);
            item.setSelected(whole.course().alternation().equals(Optional.of(a)));
            item.setOnAction(e -> document.edit(Ui.text("edit.sides"), Courses.alternation(Optional.of(a))));
            menu.getItems().add(item);
        }
        return menu;
    }

    /** One menu for every two teams. */
    private List<Menu> teamTurns() {
        Progression whole = document.version();
        Map<String, Menu> menus = new LinkedHashMap<>();
        for (TeamTurn turn : CourseOffers.teamTurns(whole)) {
            String both = Ui.text("talk.teams", name(turn.first()), name(turn.second()));
            Menu menu = menus.computeIfAbsent(both, Menu::new);
            menu.setMnemonicParsing(false);
            menu.setId("teams-" + turn.first() + "-" + turn.second());
            CheckMenuItem item = new CheckMenuItem(words().teamTurn(turn));
            item.setId("teams-" + turn.first() + "-" + turn.second() + "-" + turn.how());
            item.setMnemonicParsing(false);
            item.setSelected(whole.course().teamTurns().contains(turn));
            item.setOnAction(e -> document.edit(Ui.text("edit.team-turn"), Courses.teamTurn(turn)));
            menu.getItems().add(item);
        }
        return List.copyOf(menus.values());
    }

    private String name(TeamId team) {
        return document.version().course().team(team).map(Team::name).orElse("");
    }

    private void fillRotation(LazyMenu add) {
        Progression whole = document.version();
        boolean goesOn = whole.course().launch().filter(Launch::goesOn).isPresent();
        Menu launch = new Menu(Ui.text("talk.launch"));
        for (Launch l : CourseOffers.launches(document.path())) {
            CheckMenuItem item = new CheckMenuItem(words().launch(l.withGoesOn(goesOn)));
            item.setMnemonicParsing(false);
            item.setSelected(whole.course().launch().equals(Optional.of(l.withGoesOn(goesOn))));
            item.setOnAction(
                    e -> document.edit(Ui.text("edit.launch"), Courses.launch(Optional.of(l.withGoesOn(goesOn)))));
            launch.getItems().add(item);
        }
        Menu stint = new Menu(Ui.text("talk.stint"));
        for (Stint s : CourseOffers.stints()) {
            CheckMenuItem item = new CheckMenuItem(words().stint(s));
            item.setMnemonicParsing(false);
            item.setSelected(whole.course().stint().equals(s));
            item.setOnAction(e -> document.edit(Ui.text("edit.stint"), Courses.stint(s)));
            stint.getItems().add(item);
        }
        CheckMenuItem same = new CheckMenuItem(Ui.text("talk.launch.goes-on"));
        same.setId("launch-goes-on");
        Launch now = whole.course().launch().orElse(Launch.WHEN_OVER);
        same.setSelected(now.goesOn());
        same.setOnAction(
                e -> document.edit(Ui.text("edit.launch"), Courses.launch(Optional.of(now.withGoesOn(!now.goesOn())))));
        launch.getItems().addAll(new SeparatorMenuItem(), same);
        add.getItems().setAll(launch, stint, sides());
        add.getItems().addAll(teamTurns());
        for (Role role : whole.roles()) {
            Menu menu = new Menu(Ui.text("talk.rotation.role", role.label()));
            menu.setMnemonicParsing(false);
            for (Rotation r : CourseOffers.rotations(whole, role.id())) {
                CheckMenuItem item = new CheckMenuItem(words().rotation(r));
                item.setMnemonicParsing(false);
                item.setSelected(whole.course().rotation().contains(r));
                item.setOnAction(e -> document.edit(Ui.text("edit.rotation"), Courses.rotation(r)));
                menu.getItems().add(item);
            }
            add.getItems().add(menu);
        }
    }
}
