package wildchalk.desktop.talk;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Menu;
import wildchalk.core.drill.MoveId;
import wildchalk.core.edit.Tellings;
import wildchalk.core.words.Phrase;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ui.Ui;

/** The choices of a slot: those without a group first, the others in a menu for each group. */
final class SlotMenu {

    private SlotMenu() {}

    static ContextMenu of(DrillDocument document, MoveId move, Phrase.Slot slot) {
        return of(document, move, slot.choices(), slot.text());
    }

    private static ContextMenu of(DrillDocument document, MoveId move, List<Phrase.Choice> choices, String now) {
        ContextMenu menu = new ContextMenu();
        Map<String, Menu> groups = new LinkedHashMap<>();
        for (Phrase.Choice choice : choices) {
            CheckMenuItem item = new CheckMenuItem(choice.label());
            item.setMnemonicParsing(false);
            item.setSelected(choice.label().equals(now));
            item.setOnAction(
                    e -> document.edit(Ui.text("edit.say", choice.label()), Tellings.retell(move, choice.change())));
            if (choice.group().isEmpty()) {
                menu.getItems().add(item);
            } else {
                groups.computeIfAbsent(choice.group(), g -> group(menu, g))
                        .getItems()
                        .add(item);
            }
        }
        return menu;
    }

    private static Menu group(ContextMenu menu, String name) {
        Menu group = new Menu(name);
        group.setMnemonicParsing(false);
        menu.getItems().add(group);
        return group;
    }
}
