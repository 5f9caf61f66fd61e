package wildchalk.desktop.talk;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.binding.Bindings;
import javafx.scene.Node;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextInputDialog;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Race;
import wildchalk.core.edit.Tellings;
import wildchalk.core.path.Outcomes;
import wildchalk.core.telling.Meanings;
import wildchalk.core.text.Numbers;
import wildchalk.core.words.CourseWords;
import wildchalk.core.words.Measure;
import wildchalk.core.words.RaceGoals;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.LazyMenu;
import wildchalk.desktop.ui.Limited;
import wildchalk.desktop.ui.Tips;
import wildchalk.desktop.ui.Ui;

/** A place in the talk-through from which the rep can go several ways: one button a way, the taken one pressed. */
final class ForkCard {

    private static final double[] WEIGHTS = {0.25, 0.5, 1, 2, 3, 5};

    private static final double MIN_WIDTH = 120;
    /** Left and right of what is in the card. */
    private static final double BORDERS = 24;

    private final DrillDocument document;
    private final Fork fork;

    private ForkCard(DrillDocument document, Fork fork) {
        this.document = document;
        this.fork = fork;
    }

    static Node of(DrillDocument document, Fork fork) {
        return new ForkCard(document, fork).build();
    }

    /** What decides; for a race also who is first by the clock. */
    private String question() {
        String asked = CourseWords.question(fork.by());
        // it was worked out with the words
        return document.told().talk().steps().stream()
                .filter(w -> fork.race().isPresent() && w.step().equals(fork.after()))
                .flatMap(w -> w.lines().stream())
                .filter(l -> l.measures().stream().anyMatch(m -> m.what() == Measure.Kind.AHEAD))
                .map(l -> asked + " " + l.text() + " (" + l.measure() + ")")
                .findFirst()
                .orElse(asked);
    }

    private Node build() {
        Progression whole = document.version();
        Label question = new Label(question());
        question.getStyleClass().add("fork-question");
        question.setWrapText(true);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        LazyMenu edit = new LazyMenu(Ui.text("talk.fork.edit"), this::fill).withArrow();
        edit.setId("fork-edit-" + fork.id());
        edit.getStyleClass().addAll("step-menu", "plain");
        Tips.on(edit, Ui.text("talk.fork.edit.tip"));
        HBox head = new HBox(question, gap, edit);
        FlowPane ways = new FlowPane(6, 6);
        Branch taken = Outcomes.taken(whole, fork, document.choicesProperty().get());
        double sum = fork.branches().stream().mapToDouble(Branch::weight).sum();
        for (Branch branch : fork.branches()) {
            // who is first is no matter of how likely it is
            ToggleButton way = new ToggleButton(
                    fork.race().isPresent()
                            ? branch.label()
                            : Ui.text("talk.fork.way", branch.label(), Numbers.brief(100 * branch.weight() / sum, 0)));
            way.setId("branch-" + fork.id() + "-" + branch.id());
            way.getStyleClass().add("branch");
            way.setMnemonicParsing(false);
            way.setSelected(branch.equals(taken));
            way.setOnAction(e -> {
                way.setSelected(true);
                take(branch);
            });
            // a long label goes on in a second line instead of out of the card
            way.setWrapText(true);
            way.setMinWidth(0);
            ways.getChildren().add(way);
        }
        ways.setMinWidth(0);
        VBox card = new VBox(6, head, ways);
        ways.getChildren()
                .forEach(n -> ((ToggleButton) n)
                        .maxWidthProperty()
                        .bind(Bindings.max(MIN_WIDTH, card.widthProperty().subtract(BORDERS))));
        card.getStyleClass().add("fork");
        return card;
    }

    private void take(Branch branch) {
        document.choose(Outcomes.towards(
                document.version(), fork, branch, document.choicesProperty().get()));
    }

    private void fill(LazyMenu edit) {
        MenuItem add = new MenuItem(Ui.text("talk.fork.add"));
        add.setId("fork-add");
        add.setOnAction(e -> ask(edit, Ui.text("talk.fork.add"), "")
                .filter(t -> !t.isEmpty())
                .ifPresent(t -> document.edit(Ui.text("edit.branch"), Tellings.addBranch(fork.id(), t))));
        edit.getItems().setAll(add);
        for (Branch branch : fork.branches()) {
            Menu menu = new Menu(branch.label());
            menu.setMnemonicParsing(false);
            MenuItem rename = new MenuItem(Ui.text("talk.fork.rename"));
            rename.setOnAction(e -> ask(edit, Ui.text("talk.fork.rename"), branch.label())
                    .filter(t -> !t.isEmpty())
                    .ifPresent(t -> change(branch, b -> b.withLabel(t))));
            CheckMenuItem ends = new CheckMenuItem(Ui.text("talk.fork.ends"));
            ends.setSelected(branch.ends());
            ends.setOnAction(e -> change(branch, b -> b.withEnds(ends.isSelected())));
            Menu weight = new Menu(Ui.text("talk.fork.weight"));
            for (double w : WEIGHTS) {
                CheckMenuItem item = new CheckMenuItem(Numbers.brief(w, 2));
                item.setSelected(w == branch.weight());
                item.setOnAction(e -> change(branch, b -> b.withWeight(w)));
                weight.getItems().add(item);
            }
            MenuItem remove = new MenuItem(Ui.text("talk.fork.remove-branch"));
            remove.setOnAction(
                    e -> document.edit(Ui.text("edit.branch"), Tellings.removeBranch(fork.id(), branch.id())));
            menu.getItems().setAll(rename, weight, ends, remove);
            List<Meanings.Meaning> meanings = Meanings.of(document.version(), fork, branch);
            if (!meanings.isEmpty()) {
                menu.getItems().add(1, meaning(branch, meanings));
            }
            edit.getItems().add(menu);
        }
        fork.race().ifPresent(r -> edit.getItems().add(race(r)));
        MenuItem remove = new MenuItem(Ui.text("talk.fork.remove"));
        remove.setOnAction(e -> document.edit(Ui.text("edit.fork"), Tellings.removeFork(fork.id())));
        edit.getItems().add(remove);
    }

    /** What a way stands for. */
    private Menu meaning(Branch branch, List<Meanings.Meaning> meanings) {
        Menu menu = new Menu(Ui.text("talk.fork.means"));
        menu.setId("fork-means-" + branch.id());
        for (Meanings.Meaning meaning : meanings) {
            CheckMenuItem item = new CheckMenuItem(meaning.text());
            item.setMnemonicParsing(false);
            item.setSelected(meaning.isThatOf(branch));
            item.setOnAction(e -> change(branch, b -> meaning.branch()));
            menu.getItems().add(item);
        }
        return menu;
    }

    /** What they race to. */
    private Menu race(Race now) {
        Menu menu = new Menu(Ui.text("talk.fork.race"));
        menu.setId("fork-race");
        for (RaceGoals.Goal goal :
                RaceGoals.of(document.path(), document.drill().surface(), now)) {
            CheckMenuItem item = new CheckMenuItem(goal.text());
            item.setMnemonicParsing(false);
            item.setSelected(goal.race().equals(now));
            item.setOnAction(e -> document.edit(Ui.text("edit.race"), Tellings.race(fork.id(), goal.race())));
            menu.getItems().add(item);
        }
        return menu;
    }

    private void change(Branch branch, UnaryOperator<Branch> change) {
        document.edit(Ui.text("edit.branch"), Tellings.branch(fork.id(), branch.id(), change));
    }

    private static Optional<String> ask(Node near, String header, String text) {
        TextInputDialog dialog = new TextInputDialog(text);
        Limited.to(dialog.getEditor(), Limits.WORD);
        Dialogs.dress(dialog, near.getScene().getWindow());
        dialog.setHeaderText(header);
        return dialog.showAndWait().map(String::strip).map(t -> Limits.fitting(t, Limits.WORD));
    }
}
