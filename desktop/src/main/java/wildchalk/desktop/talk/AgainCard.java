package wildchalk.desktop.talk;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import wildchalk.core.drill.Repeat;
import wildchalk.core.edit.Courses;
import wildchalk.core.words.StepWords;
import wildchalk.desktop.document.DrillDocument;
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
