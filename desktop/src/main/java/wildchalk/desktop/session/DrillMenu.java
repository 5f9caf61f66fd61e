package wildchalk.desktop.session;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import wildchalk.core.drill.Drill;

/** The drills of the binder to choose from, by their surfaces. */
final class DrillMenu {

    private DrillMenu() {}

    static List<MenuItem> items(SessionDesk desk, Consumer<Drill> chosen) {
        Map<String, Menu> menus = new LinkedHashMap<>();
        for (Drill drill : desk.drills()) {
            Menu menu = menus.computeIfAbsent(drill.surface().title(), DrillMenu::menu);
            MenuItem item = new MenuItem(drill.title());
            item.setMnemonicParsing(false);
            item.setOnAction(e -> chosen.accept(drill));
            menu.getItems().add(item);
        }
        List<MenuItem> items = new ArrayList<>(menus.values());
        if (items.isEmpty()) {
            MenuItem none = new MenuItem(desk.noDrills());
            none.setDisable(true);
            items.add(none);
        }
        return items;
    }

    private static Menu menu(String title) {
        Menu menu = new Menu(title);
        menu.setMnemonicParsing(false);
        return menu;
    }
}
