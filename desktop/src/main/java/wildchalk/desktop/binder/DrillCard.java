package wildchalk.desktop.binder;

import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Drill;
import wildchalk.core.json.FormatProblem;
import wildchalk.desktop.ui.Icon;
import wildchalk.desktop.ui.LazyMenu;
import wildchalk.desktop.ui.Miniature;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Told;
import wildchalk.picture.style.Ground;

/**
 * A card of the Binder: a picture that plays while it is looked at, what the drill is, and what can be done with it. One
 * card shows one drill after another, as they are searched for.
 */
final class DrillCard extends StackPane {

    /** The property of a card's button and of its menu that names the drill. */
    static final String DRILL = "drill";

    private static final PseudoClass CONFLICT = PseudoClass.getPseudoClass("conflict");

    private final Button card = new Button();
    private final StackPane frame = new StackPane();
    private final Label title = new Label();
    private final Label about = new Label();
    private final Label figures = new Label();
    private final LazyMenu menu = new LazyMenu("", m -> fillMenu()).with(Icon.MORE);
    private final CardPainters painters;
    private final BiConsumer<CardAction, Path> act;
    private Path file;
    private volatile Drill drill;
    private Ground ground;
    private boolean favourite;
    /** The file that this one is a conflicting copy of. */
    private Optional<Path> original = Optional.empty();

    private Miniature miniature;

    DrillCard(CardPainters painters, BiConsumer<CardAction, Path> act) {
        this.painters = painters;
        this.act = act;
        title.getStyleClass().add("card-title");
        about.getStyleClass().add("quiet");
        figures.getStyleClass().add("quiet");
        frame.setPrefSize(Miniature.WIDTH, Miniature.HEIGHT);
        VBox content = new VBox(frame, title, about, figures);
        content.setMaxWidth(Miniature.WIDTH);
        card.setGraphic(content);
        card.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        card.getStyleClass().add("card");
        card.setOnAction(e -> {
            rest();
            act.accept(CardAction.OPEN, file);
        });
        card.hoverProperty().addListener((o, was, is) -> play(is || card.isFocused()));
        card.focusedProperty().addListener((o, was, is) -> play(is || card.isHover()));
        menu.getStyleClass().add("card-menu");
        HBox corner = new HBox(menu);
        corner.setAlignment(Pos.TOP_RIGHT);
        corner.setPickOnBounds(false);
        corner.setMaxHeight(Region.USE_PREF_SIZE);
        corner.getStyleClass().add("card-corner");
        StackPane.setAlignment(corner, Pos.TOP_RIGHT);
        getChildren().addAll(card, corner);
    }

    /** Shows a drill at once, its picture and its figures as soon as they are worked out. */
    void show(Drill shown, Path where, Ground on, boolean marked, Optional<Path> copyOf) {
        boolean same = shown.equals(drill) && on == ground;
        drill = shown;
        file = where;
        ground = on;
        favourite = marked;
        title.setText(shown.title());
        if (marked != (title.getGraphic() != null)) {
            title.setGraphic(marked ? Icon.FAVOURITE.node() : null);
        }
        original = copyOf;
        about.pseudoClassStateChanged(CONFLICT, copyOf.isPresent());
        about.setText(
                copyOf.isPresent()
                        ? Ui.text("binder.copy-of", copyOf.get().getFileName())
                        : Ui.text("binder.about", shown.surface().title(), String.join(", ", shown.themes())));
        // no id of its own: a new id would have the looks of the whole card worked out anew
        card.getProperties().put(DRILL, shown.id().text());
        card.setAccessibleText(Ui.text("binder.open", shown.title()));
        menu.getProperties().put(DRILL, shown.id().text());
        menu.setAccessibleText(Ui.text("card.menu", shown.title()));
        if (same && miniature != null) {
            return;
        }
        rest();
        miniature = null;
        frame.getChildren().clear();
        figures.setText(figures(shown.audience()));
        painters.paint(shown, () -> {
            if (drill == shown) { // not dealt again meanwhile
                try {
                    Miniature.Painted painted = Miniature.Painted.of(Told.of(shown, shown.base()), on);
                    Platform.runLater(() -> picture(painted, shown, on));
                } catch (RuntimeException failed) {
                    Platform.runLater(() -> failed(shown, failed));
                }
            }
        });
    }

    private void picture(Miniature.Painted painted, Drill of, Ground on) {
        if (drill != of || ground != on) {
            return;
        }
        miniature = new Miniature(painted);
        frame.getChildren().setAll(miniature);
    }

    /** What a coach chooses by: ages, how many players, how many minutes. */
    private static String figures(Audience audience) {
        String ages = audience.ages().stream().map(AgeBand::label).collect(Collectors.joining(", "));
        var count = audience.players();
        String players = count.min() == count.max() ? "binder.players.one" : "binder.players";
        return Ui.text("binder.figures", ages, Ui.text(players, count.min(), count.max()), audience.minutes());
    }

    private void failed(Drill of, RuntimeException why) {
        if (drill == of) {
            figures.setText(Ui.text("states.no-picture", String.valueOf(why.getMessage())));
        }
    }

    private void fillMenu() {
        menu.getItems().clear();
        boolean archived = BinderView.isArchived(file);
        for (CardAction action : CardAction.values()) {
            if (action == CardAction.ARCHIVE && archived
                    || action == CardAction.RESTORE && !archived
                    || action == CardAction.RESOLVE && original.isEmpty()) {
                continue;
            }
            String key = action == CardAction.FAVOURITE && favourite ? "card.NO_FAVOURITE" : "card." + action;
            MenuItem item = new MenuItem(Ui.text(key));
            item.setId("card-" + action.name().toLowerCase(Locale.ROOT));
            item.setOnAction(e -> act.accept(action, file));
            menu.getItems().add(item);
        }
    }

    private void play(boolean on) {
        if (miniature == null) {
            return;
        }
        if (on) {
            miniature.play();
        } else {
            miniature.rest();
        }
    }

    void rest() {
        if (miniature != null) {
            miniature.rest();
        }
    }

    /** A file that cannot be read, and why. */
    static Node broken(FormatProblem problem) {
        Label title = new Label(Ui.text("binder.broken"));
        title.getStyleClass().addAll("card-title", "finding");
        Label why = new Label(problem.getMessage());
        why.setWrapText(true);
        why.setMaxWidth(Miniature.WIDTH);
        VBox box = new VBox(8, title, why);
        box.getStyleClass().addAll("card", "broken");
        box.setPrefWidth(Miniature.WIDTH + 28);
        return box;
    }
}
