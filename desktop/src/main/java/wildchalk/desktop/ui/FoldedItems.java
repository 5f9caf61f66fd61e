package wildchalk.desktop.ui;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.ToggleButton;

/** What a control is in a menu, where there is no room for it in its row. */
final class FoldedItems {

    private static final String FOLDED = "folded-";

    private FoldedItems() {}

    /** Of a control, or of all that stand in a box. */
    static List<MenuItem> of(Node node) {
        if (!node.isVisible()) {
            return List.of();
        } else if (node instanceof MenuButton button) {
            return List.of(menu(button));
        } else if (node instanceof ToggleButton toggle) {
            CheckMenuItem item = new CheckMenuItem(name(toggle));
            item.setSelected(toggle.isSelected());
            item.setOnAction(e -> toggle.fire());
            return List.of(named(item, toggle));
        } else if (node instanceof ButtonBase button) {
            MenuItem item = new MenuItem(name(button));
            item.setOnAction(e -> button.fire());
            return List.of(named(item, button));
        } else if (node instanceof ChoiceBox<?> box) {
            return List.of(named(choice(box), box));
        } else if (node instanceof Parent parent) {
            List<MenuItem> all = new ArrayList<>();
            parent.getChildrenUnmodifiable().forEach(n -> all.addAll(of(n)));
            return all;
        }
        return List.of();
    }

    private static <T extends MenuItem> T named(T item, Node of) {
        item.setMnemonicParsing(false);
        item.setId(FOLDED + of.getId());
        item.setDisable(of.isDisabled());
        return item;
    }

    private static String name(ButtonBase button) {
        return Optional.ofNullable(button.getAccessibleText())
                .filter(t -> !t.isEmpty())
                .orElse(button.getText());
    }

    /** The items of a menu button belong to it, and go back to it. */
    private static Menu menu(MenuButton button) {
        if (button.getOnShowing() != null) {
            button.getOnShowing().handle(null);
        }
        Menu menu = named(new Menu(name(button)), button);
        List<MenuItem> items = List.copyOf(button.getItems());
        button.getItems().clear();
        menu.getItems().setAll(items);
        menu.setUserData(button);
        return menu;
    }

    /** Returns the items of menu buttons to them. */
    static void giveBack(List<MenuItem> shown) {
        for (MenuItem item : shown) {
            if (item instanceof Menu menu && menu.getUserData() instanceof MenuButton button) {
                List<MenuItem> items = List.copyOf(menu.getItems());
                menu.getItems().clear();
                menu.setUserData(null);
                button.getItems().setAll(items);
            }
        }
    }

    private static <T> Menu choice(ChoiceBox<T> box) {
        Menu menu = new Menu(Optional.ofNullable(box.getAccessibleText()).orElse(said(box, box.getValue())));
        for (T value : box.getItems()) {
            RadioMenuItem item = new RadioMenuItem(said(box, value));
            item.setMnemonicParsing(false);
            item.setSelected(value.equals(box.getValue()));
            item.setOnAction(e -> box.setValue(value));
            menu.getItems().add(item);
        }
        return menu;
    }

    private static <T> String said(ChoiceBox<T> box, T value) {
        return box.getConverter() == null
                ? String.valueOf(value)
                : box.getConverter().toString(value);
    }
}
