package wildchalk.desktop.talk;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import wildchalk.core.drill.MoveId;
import wildchalk.core.edit.Tellings;
import wildchalk.core.words.Phrase;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ui.Ui;

/** The choices of a slot: those without a group first, the others in a menu for each group. */
final class SlotMenu {

    private SlotMenu() {}

    static ContextMenu of(DrillDocument document, MoveId move, Phrase.Slot slot) {
        ContextMenu menu = new ContextMenu();
        menu.getItems().setAll(items(document, move, slot));
        return menu;
    }

    /** The same in a menu of its own. */
    static void fill(Menu menu, DrillDocument document, MoveId move, Phrase.Slot slot) {
        menu.getItems().setAll(items(document, move, slot));
    }

    private static List<MenuItem> items(DrillDocument document, MoveId move, Phrase.Slot slot) {
        List<MenuItem> items = new ArrayList<>();
        Map<String, Menu> groups = new LinkedHashMap<>();
        for (Phrase.Choice choice : slot.choices()) {
            CheckMenuItem item = new CheckMenuItem(choice.label());
            item.setMnemonicParsing(false);
            item.setSelected(choice.label().equals(slot.text()));
            item.setOnAction(
                    e -> document.edit(Ui.text("edit.say", choice.label()), Tellings.retell(move, choice.change())));
            if (choice.group().isEmpty()) {
                items.add(item);
            } else {
                groups.computeIfAbsent(choice.group(), g -> group(items, g))
                        .getItems()
                        .add(item);
            }
        }
        return items;
    }

    private static Menu group(List<MenuItem> items, String name) {
        Menu group = new Menu(name);
        group.setMnemonicParsing(false);
        items.add(group);
        return group;
    }
}
