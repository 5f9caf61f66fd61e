package wildchalk.desktop.talk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextInputDialog;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.OnBranch;
import wildchalk.core.drill.Question;
import wildchalk.core.drill.Repeat;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.edit.Courses;
import wildchalk.core.edit.Tellings;
import wildchalk.core.motion.MoveKinds;
import wildchalk.core.telling.Branching;
import wildchalk.core.telling.NewMoves;
import wildchalk.core.telling.Repeating;
import wildchalk.core.text.Texts;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.LazyMenu;
import wildchalk.desktop.ui.Limited;
import wildchalk.desktop.ui.Tips;
import wildchalk.desktop.ui.Ui;

/** What can be added to a step beside what is drawn, and what can be done with it. */
final class StepMenu {

    private final DrillDocument document;
    private final StepId id;
    private final Runnable addPoint;
    private final LazyMenu button;

    /** How often, and where. */
    private record Often(Repeat.How how, int times) {}

    private static final List<Often> AGAIN = List.of(
            new Often(Repeat.How.SAME, 2),
            new Often(Repeat.How.SAME, 3),
            new Often(Repeat.How.SAME, 5),
            new Often(Repeat.How.OTHER_SIDE, 2),
            new Often(Repeat.How.OTHER_END, 2),
            new Often(Repeat.How.TURNED, 3),
            new Often(Repeat.How.TURNED, 4),
            new Often(Repeat.How.ALONG, 2));

    private StepMenu(DrillDocument document, StepId id, Runnable addPoint) {
        this.document = document;
        this.id = id;
        this.addPoint = addPoint;
        this.button = new LazyMenu("+", m -> fill()).withArrow();
    }

    static LazyMenu of(DrillDocument document, StepId id, int number, Runnable addPoint) {
        StepMenu menu = new StepMenu(document, id, addPoint);
        menu.button.setId("step-menu-" + number);
        menu.button.getStyleClass().addAll("step-menu", "plain");
        Tips.on(menu.button, Ui.text("talk.step.tip"));
        menu.button.setAccessibleText(Ui.text("talk.step.tip"));
        return menu.button;
    }

    private void fill() {
        Optional<Step> found = document.path().step(id);
        if (found.isEmpty()) {
            return;
        }
        Step step = found.get();
        List<MenuItem> items = new ArrayList<>();
        items.add(item("talk.step.point", addPoint));
        items.add(item("talk.step.question", () -> question(step)));
        items.add(doing());
        items.add(play());
        items.add(new SeparatorMenuItem());
        Menu fork = new Menu(Ui.text("talk.step.fork"));
        fork.setId("talk-step-fork");
        for (Fork.By by : Fork.By.values()) {
            MenuItem way = new MenuItem(Ui.text("talk.fork." + by));
            way.setId("fork-by-" + by);
            way.setDisable(!Branching.canDecide(document.version(), step, by));
            way.setOnAction(e -> document.edit(Ui.text("edit.fork"), Tellings.fork(id, by)));
            fork.getItems().add(way);
        }
        items.add(fork);
        items.addAll(again());
        step.on().ifPresent(on -> items.add(item("talk.step.join", this::join)));
        if (step.on().isEmpty()) {
            joinable().forEach(on -> items.add(onlyOn(on)));
        }
        items.add(new SeparatorMenuItem());
        items.add(item(
                "talk.step.delete",
                () -> document.edit(Ui.text("edit.delete", Ui.text("talk.the-step")), Tellings.deleteStep(id))));
        button.getItems().setAll(items);
    }

    private static MenuItem item(String key, Runnable action) {
        MenuItem item = new MenuItem(Ui.text(key));
        item.setId(key.replace('.', '-'));
        item.setOnAction(e -> action.run());
        return item;
    }

    /** Those who are chosen, or all, play freely in this step. */
    private MenuItem play() {
        MenuItem item = item("talk.step.play", () -> {
            Set<RoleId> chosen = document.selectionProperty().get().ids().stream()
                    .filter(RoleId.class::isInstance)
                    .map(RoleId.class::cast)
                    .collect(Collectors.toSet());
            NewMoves.openPlay(document.path(), document.timeline(), id, chosen)
                    .ifPresent(m -> document.edit(Ui.text("edit.play"), Tellings.tell(id, List.of(m))));
        });
        item.setDisable(document.path().roles().size() < 2
                || document.told().path().step(id).isEmpty());
        return item;
    }

    /** The step, or all up to it, once more: here, on the other side, at the other end, round the corners. */
    private List<MenuItem> again() {
        List<StepId> told = document.version().steps().stream().map(Step::id).toList();
        List<MenuItem> menus = new ArrayList<>(List.of(again("talk.step.again", id)));
        if (told.indexOf(id) > 0) {
            menus.add(again("talk.step.all-again", told.get(0)));
        }
        return menus;
    }

    private Menu again(String key, StepId from) {
        Menu menu = new Menu(Ui.text(key));
        menu.setId(key.replace('.', '-'));
        AGAIN.forEach(a -> {
            MenuItem item = new MenuItem(Ui.text("talk.again." + a.how(), a.times()));
            item.setId(menu.getId() + "-" + a.how() + "-" + a.times());
            item.setOnAction(e -> document.edit(
                    Ui.text("edit.again"),
                    Courses.addRepeat(Repeating.of(
                            document.version(), document.drill().surface(), from, id, a.how(), a.times()))));
            menu.getItems().add(item);
        });
        return menu;
    }

    /** For every role, or for the chosen one alone, what it may do where it is. */
    private Menu doing() {
        Menu menu = new Menu(Ui.text("talk.step.do"));
        menu.setId("talk-step-do");
        Optional<Role> chosen = document.selectionProperty().get().role().flatMap(document.path()::role);
        List<Role> roles = chosen.map(List::of).orElse(document.path().roles());
        for (Role role : roles) {
            Menu own = chosen.isPresent() ? menu : new Menu(role.label());
            own.setMnemonicParsing(false);
            if (document.told().path().role(role.id()).isPresent()
                    && document.told().path().step(id).isPresent()) {
                for (Move move : NewMoves.offers(
                        document.path(), document.timeline(), document.drill().surface(), id, role.id())) {
                    own.getItems().add(add(role, move));
                }
            }
            if (own != menu) {
                menu.getItems().add(own);
            }
        }
        if (chosen.isPresent()) {
            menu.setText(Ui.text("talk.step.do.role", chosen.get().label()));
        }
        menu.setDisable(menu.getItems().isEmpty());
        return menu;
    }

    private MenuItem add(Role role, Move move) {
        String kind = Texts.CORE.get("move.kind." + MoveKinds.finely(move));
        MenuItem item = new MenuItem(kind);
        item.setId("do-" + MoveKinds.finely(move));
        item.setOnAction(e -> document.edit(Ui.text("edit.do", kind, role.label()), Tellings.tell(id, List.of(move))));
        return item;
    }

    private void question(Step step) {
        String now = step.question().map(Question::ask).orElse("");
        Optional<String> ask = ask(Ui.text("talk.question.ask"), now);
        if (ask.isEmpty()) {
            return;
        }
        if (ask.get().isEmpty()) {
            document.edit(Ui.text("edit.question"), Tellings.question(id, "", ""));
            return;
        }
        String before = step.question().map(Question::answer).orElse("");
        ask(Ui.text("talk.question.answer", ask.get()), before)
                .ifPresent(answer -> document.edit(Ui.text("edit.question"), Tellings.question(id, ask.get(), answer)));
    }

    private Optional<String> ask(String header, String text) {
        TextInputDialog dialog = new TextInputDialog(text);
        Limited.to(dialog.getEditor(), Limits.TEXT);
        Dialogs.dress(dialog, button.getScene().getWindow());
        dialog.setHeaderText(header);
        dialog.getEditor().setPrefColumnCount(36);
        return dialog.showAndWait().map(String::strip).map(t -> Limits.fitting(t, Limits.TEXT));
    }

    // ---- branches ----

    /** On every path from now on. */
    private void join() {
        document.edit(Ui.text("edit.join"), Tellings.stepOn(id, Optional.empty()));
    }

    /** Branches of forks that come before the step on this path. */
    private List<OnBranch> joinable() {
        List<OnBranch> list = new ArrayList<>();
        int own = document.path().steps().indexOf(document.path().step(id).orElseThrow());
        for (Fork fork : document.path().course().forks()) {
            int at = document.path()
                    .steps()
                    .indexOf(document.path().step(fork.after()).orElseThrow());
            if (at < own) {
                list.add(new OnBranch(fork.id(), fork.branches().get(0).id()));
            }
        }
        return list;
    }

    private MenuItem onlyOn(OnBranch on) {
        String label = document.version()
                .course()
                .fork(on.fork())
                .flatMap(f -> f.branch(on.branch()))
                .orElseThrow()
                .label();
        MenuItem item = new MenuItem(Ui.text("talk.step.only", label));
        item.setMnemonicParsing(false);
        item.setOnAction(e -> document.edit(Ui.text("edit.join"), Tellings.stepOn(id, Optional.of(on))));
        return item;
    }
}
