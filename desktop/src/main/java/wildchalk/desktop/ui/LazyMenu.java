package wildchalk.desktop.ui;

import java.util.function.Consumer;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.css.PseudoClass;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;

/**
 * A button with a menu that is made and filled only when somebody opens it, since there are many of them and a menu that waits
 * costs as much as a small window.
 */
public final class LazyMenu extends Button {

    private static final PseudoClass SHOWING = PseudoClass.getPseudoClass("showing");

    private final Consumer<LazyMenu> fill;
    private final ObservableList<MenuItem> items = FXCollections.observableArrayList();

    /** @param fill puts the items in, each time before they are shown */
    public LazyMenu(String text, Consumer<LazyMenu> fill) {
        super(text);
        this.fill = fill;
        setMinWidth(Region.USE_PREF_SIZE);
        setOnAction(e -> open());
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.DOWN) {
                e.consume();
                open();
            }
        });
    }

    /** With a sign in place of words. */
    public LazyMenu with(Icon icon) {
        setGraphic(icon.node());
        return this;
    }

    /** With a sign that there is more behind it. */
    public LazyMenu withArrow() {
        Region arrow = new Region();
        arrow.getStyleClass().add("menu-arrow");
        setGraphic(arrow);
        setContentDisplay(ContentDisplay.RIGHT);
        return this;
    }

    /** What is shown the next time. */
    public ObservableList<MenuItem> getItems() {
        return items;
    }

    private void open() {
        fill.accept(this);
        ContextMenu menu = new ContextMenu();
        menu.getItems().setAll(items);
        pseudoClassStateChanged(SHOWING, true);
        menu.setOnHidden(e -> pseudoClassStateChanged(SHOWING, false));
        menu.show(this, Side.BOTTOM, 0, 0);
    }
}
