package wildchalk.desktop.talk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import wildchalk.core.drill.Repeat;
import wildchalk.core.drill.Role;
import wildchalk.core.edit.Courses;
import wildchalk.core.path.Path;
import wildchalk.core.telling.Repeating;
import wildchalk.core.words.StepWords;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ui.LazyMenu;
import wildchalk.desktop.ui.Tips;
import wildchalk.desktop.ui.Ui;

/** Under the steps that are done again: that they are, how often, and no longer. */
final class AgainCard {

    private AgainCard() {}

    /** @param index of the first step that is one again */
    static Node of(DrillDocument document, StepWords words, Repeat repeat, int index) {
        String id = repeat.id().text();
        Button said = new Button(
                words.lines().isEmpty() ? words.title() : words.lines().get(0).text());
        said.getStyleClass().addAll("plain", "again");
        said.setWrapText(true);
        said.setMinHeight(Region.USE_PREF_SIZE);
        said.setId("again-" + id);
        said.setOnAction(e -> document.goToStep(index));
        HBox.setHgrow(said, Priority.ALWAYS);
        said.setMaxWidth(Double.MAX_VALUE);
        said.setAlignment(Pos.CENTER_LEFT);
        HBox row = new HBox(
                said,
                button(
                        "again-less-" + id,
                        "\u2212",
                        "talk.again.less",
                        repeat.times() > 2,
                        () -> document.edit(
                                Ui.text("edit.again"), Courses.repeat(repeat.withTimes(repeat.times() - 1)))),
                button(
                        "again-more-" + id,
                        "+",
                        "talk.again.more",
                        repeat.times() < Repeat.MOST_TIMES,
                        () -> document.edit(
                                Ui.text("edit.again"), Courses.repeat(repeat.withTimes(repeat.times() + 1)))),
                until(document, repeat),
                button(
                        "again-gone-" + id,
                        "\u00d7",
                        "talk.again.gone",
                        true,
                        () -> document.edit(Ui.text("edit.again-gone"), Courses.removeRepeat(repeat.id()))));
        row.getStyleClass().add("again-row");
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /**
     * Who comes in, and what he does then.
     *
     * @param from the first line that says so
     * @param index of the step in which it is done for the first time
     */
    static List<Node> joining(DrillDocument document, StepWords words, int from, int index) {
        List<Node> all = new ArrayList<>();
        for (int i = from; i < words.lines().size(); i++) {
            Button line = new Button(words.lines().get(i).text());
            line.getStyleClass().addAll("plain", "again");
            line.setId("joins-" + index + "-" + i);
            line.setWrapText(true);
            line.setMinHeight(Region.USE_PREF_SIZE);
            line.setMaxWidth(Double.MAX_VALUE);
            line.setAlignment(Pos.CENTER_LEFT);
            line.setOnAction(e -> document.goToStep(index));
            all.add(line);
        }
        return all;
    }

    /** What is called when it is enough: one of what may be called anyway, or a word of its own. */
    private static LazyMenu until(DrillDocument document, Repeat repeat) {
        LazyMenu menu = new LazyMenu("\u2026", m -> {
            List<String> words = new ArrayList<>(document.version().course().calls().stream()
                    .flatMap(c -> c.options().stream())
                    .distinct()
                    .toList());
            if (words.isEmpty()) {
                words.addAll(List.of(Ui.text("talk.again.word.change"), Ui.text("talk.again.word.enough")));
            }
            List<MenuItem> items = new ArrayList<>();
            words.forEach(w -> items.add(
                    item("talk.again.until", "again-until-" + w, w, document, repeat.withUntil(Optional.of(w)))));
            items.add(item(
                    "talk.again.counted",
                    "again-counted",
                    String.valueOf(repeat.times()),
                    document,
                    repeat.withUntil(Optional.empty())));
            List<MenuItem> growth = growth(document, repeat);
            if (!growth.isEmpty()) {
                items.add(new SeparatorMenuItem());
                items.addAll(growth);
            }
            MenuItem written = new MenuItem(Ui.text("talk.again.write-out"));
            written.setId("again-write-out");
            written.setDisable(!Path.canBeWrittenOut(document.version(), repeat));
            written.setOnAction(e -> document.edit(Ui.text("edit.write-out"), Courses.writeOut(repeat.id())));
            items.add(new SeparatorMenuItem());
            items.add(written);
            m.getItems().setAll(items);
        });
        menu.setId("again-ends-" + repeat.id().text());
        menu.getStyleClass().add("plain");
        Tips.on(menu, Ui.text("talk.again.ends"));
        menu.setAccessibleText(Ui.text("talk.again.ends"));
        return menu;
    }

    /** One more of those who act in the steps each time, or one touch fewer. */
    private static List<MenuItem> growth(DrillDocument document, Repeat repeat) {
        List<MenuItem> items = new ArrayList<>();
        for (Role role : Repeating.whoMayJoin(document.version(), repeat)) {
            boolean joins = repeat.growth().joining().contains(role.id());
            items.add(item(
                    joins ? "talk.again.from-start" : "talk.again.joins",
                    "again-joins-" + role.id(),
                    role.label(),
                    document,
                    repeat.withGrowth(repeat.growth().withJoining(role.id(), !joins))));
        }
        if (Repeating.limitsTouches(document.version())) {
            boolean fewer = repeat.growth().touchFewer();
            items.add(item(
                    fewer ? "talk.again.touch-same" : "talk.again.touch-fewer",
                    "again-touch-fewer",
                    "",
                    document,
                    repeat.withGrowth(repeat.growth().withTouchFewer(!fewer))));
        }
        return items;
    }

    private static MenuItem item(String key, String id, String word, DrillDocument document, Repeat repeat) {
        MenuItem item = new MenuItem(Ui.text(key, word));
        item.setMnemonicParsing(false);
        item.setId(id);
        item.setOnAction(e -> document.edit(Ui.text("edit.again"), Courses.repeat(repeat)));
        return item;
    }

    private static Button button(String id, String sign, String tip, boolean on, Runnable action) {
        Button button = new Button(sign);
        button.setId(id);
        button.getStyleClass().add("plain");
        button.setDisable(!on);
        button.setOnAction(e -> action.run());
        Tips.on(button, Ui.text(tip));
        button.setAccessibleText(Ui.text(tip));
        return button;
    }
}
