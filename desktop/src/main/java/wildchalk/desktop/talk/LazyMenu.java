package wildchalk.desktop.talk;

import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.Region;

/** A button with a menu that is worked out only when somebody opens it: the talk-through has many. */
final class LazyMenu {

    private LazyMenu() {}

    /** @param fill puts the items into the button */
    static MenuButton of(String text, String id, Runnable fill, MenuButton button) {
        button.setText(text);
        button.setId(id);
        button.getStyleClass().addAll("step-menu", "plain");
        button.setMinWidth(Region.USE_PREF_SIZE);
        // without an item nothing would be shown, and so never filled
        button.getItems().setAll(new MenuItem(text));
        button.setOnShowing(e -> fill.run());
        return button;
    }
}
