package wildchalk.desktop.binder;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Insets;
import javafx.geometry.Orientation;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.desktop.ui.Folding;
import wildchalk.desktop.ui.Icon;
import wildchalk.desktop.ui.Tips;
import wildchalk.desktop.ui.Ui;

/** What stands over the cards: finding by words, the shelves, what can be done with all of them, the notice of the demo, the chips. */
final class BinderHead extends VBox {

    private static final double LEAST_SEARCH = 120;
    private static final double MOST_SEARCH = 300;
    private static final double GAP = 12;

    private final BinderActions actions;
    private final Label count = new Label();
    private final TextField search = new TextField();
    private final FilterRow filters;
    private Shelf shelf = Shelf.ALL;

    /**
     * @param filters the chips
     * @param asked is told that other words are looked for
     * @param left is told the shelf that was shown before another
     * @param found gives the drills that are shown
     */
    BinderHead(
            BinderActions actions,
            FilterRow filters,
            Runnable asked,
            Consumer<Shelf> left,
            Supplier<List<Path>> found) {
        this.actions = actions;
        this.filters = filters;
        search.setId("binder-search");
        search.setPromptText(Ui.text("binder.search"));
        search.setMinWidth(LEAST_SEARCH);
        search.setPrefWidth(MOST_SEARCH);
        search.setMaxWidth(MOST_SEARCH);
        search.textProperty().addListener((o, was, is) -> asked.run());
        count.getStyleClass().add("quiet");
        count.setId("binder-count");
        count.setMinWidth(0);
        count.setMaxWidth(Double.MAX_VALUE);
        HBox notice = notice();
        VBox.setMargin(notice, new Insets(0, 0, GAP, 0));
        getChildren().addAll(row(left, found), notice, filters);
    }

    /** The words that are looked for. */
    String asked() {
        return search.getText();
    }

    Shelf shelf() {
        return shelf;
    }

    /** How many there are, or why there are none. */
    void say(String text) {
        count.setText(text);
    }

    FilterRow filters() {
        return filters;
    }

    private Node row(Consumer<Shelf> left, Supplier<List<Path>> found) {
        Label title = new Label(Ui.text("binder.title"));
        title.getStyleClass().add("page-title");
        title.setMinWidth(Region.USE_PREF_SIZE);
        MenuButton more = new MenuButton("", Icon.MORE.node());
        more.setId("binder-more");
        more.setAccessibleText(Ui.text("fold.more.tip"));
        more.setMinWidth(Region.USE_PREF_SIZE);
        Button add = button("new", actions::newDrill);
        add.setId("new-drill");
        add.getStyleClass().add("accent-button");
        Folding row = new Folding(Orientation.HORIZONTAL, GAP, more)
                .add(title, 0)
                .stretch(search)
                .stretch(count)
                .keep(shelves(left))
                .add(button("take-in", actions::takeIn), 2)
                .add(button("hand-on", () -> actions.handOn(found.get())), 1)
                .add(button("contact-sheet", () -> actions.contactSheet(found.get())), 3)
                .keep(add);
        row.getStyleClass().add("binder-head");
        return row;
    }

    private HBox shelves(Consumer<Shelf> left) {
        HBox box = new HBox();
        box.setAlignment(Pos.CENTER_LEFT);
        ToggleGroup group = new ToggleGroup();
        for (Shelf s : Shelf.values()) {
            ToggleButton button = new ToggleButton(Ui.text("binder.shelf." + s));
            button.setId("shelf-" + s.name().toLowerCase(Locale.ROOT));
            if (s == Shelf.FAVOURITES) {
                button.setGraphic(Icon.FAVOURITE.node());
                button.setAccessibleText(Ui.text("binder.favourites"));
                Tips.on(button, Ui.text("binder.favourites"));
            }
            button.setToggleGroup(group);
            button.setSelected(s == shelf);
            button.setMinWidth(Region.USE_PREF_SIZE);
            button.getStyleClass().add(pill(s));
            button.setOnAction(e -> {
                button.setSelected(true);
                Shelf before = shelf;
                shelf = s;
                left.accept(before);
            });
            box.getChildren().add(button);
        }
        return box;
    }

    private static String pill(Shelf shelf) {
        return switch (shelf) {
            case ALL -> "left-pill";
            case FAVOURITES, SURFACES -> "middle-pill";
            case ARCHIVE -> "right-pill";
        };
    }

    /** Says that what is saved here does not stay, where that is so. */
    private HBox notice() {
        Label said = new Label(Ui.text("demo.notice"));
        said.setWrapText(true);
        HBox.setHgrow(said, Priority.ALWAYS);
        HBox row = new HBox(GAP, said, button("keep-demo", actions::keepDemo));
        row.setId("demo-notice");
        row.getStyleClass().add("notice");
        row.setAlignment(Pos.CENTER_LEFT);
        row.visibleProperty().bind(actions.demo());
        row.managedProperty().bind(actions.demo());
        return row;
    }

    private static Button button(String key, Runnable action) {
        Button button = new Button(Ui.text("binder." + key));
        button.setId("binder-" + key);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(e -> action.run());
        return button;
    }
}
