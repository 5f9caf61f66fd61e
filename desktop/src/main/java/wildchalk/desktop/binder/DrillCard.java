package wildchalk.desktop.binder;

import java.nio.file.Path;
import java.util.concurrent.Executor;
import java.util.function.BiConsumer;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import wildchalk.core.binder.Binder;
import wildchalk.core.drill.Drill;
import wildchalk.core.text.Numbers;
import wildchalk.desktop.app.Ui;
import wildchalk.picture.export.Rep;
import wildchalk.picture.style.Ground;

/** A drill of the Binder: a picture that plays while it is looked at, what it is, and what can be done with it. */
final class DrillCard extends StackPane {

    private final Path file;
    private final Button card = new Button();
    private final StackPane frame = new StackPane();
    private final Label figures = new Label();
    private Miniature miniature;

    DrillCard(
            Drill drill,
            Path file,
            Ground ground,
            boolean favourite,
            Executor worker,
            BiConsumer<CardAction, Path> act) {
        this.file = file;
        Label title = new Label((favourite ? "★ " : "") + drill.title());
        title.getStyleClass().add("card-title");
        Label about = new Label(Ui.text("binder.about", drill.surface().title(), String.join(", ", drill.themes())));
        about.getStyleClass().add("quiet");
        figures.getStyleClass().add("quiet");
        frame.setPrefSize(Miniature.WIDTH, Miniature.HEIGHT);
        VBox content = new VBox(frame, title, about, figures);
        content.setMaxWidth(Miniature.WIDTH);
        card.setGraphic(content);
        card.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        card.getStyleClass().add("card");
        card.setId("card-" + drill.id());
        card.setAccessibleText(Ui.text("binder.open", drill.title()));
        card.setOnAction(e -> {
            rest();
            act.accept(CardAction.OPEN, file);
        });
        card.hoverProperty().addListener((o, was, is) -> play(is || card.isFocused()));
        card.focusedProperty().addListener((o, was, is) -> play(is || card.isHover()));
        HBox corner = new HBox(menu(drill, favourite, act));
        corner.setAlignment(Pos.TOP_RIGHT);
        corner.setPickOnBounds(false);
        corner.setMaxHeight(Region.USE_PREF_SIZE);
        corner.getStyleClass().add("card-corner");
        StackPane.setAlignment(corner, Pos.TOP_RIGHT);
        getChildren().addAll(card, corner);
        worker.execute(() -> {
            Rep rep = Rep.of(drill, drill.base());
            Platform.runLater(() -> show(rep, ground));
        });
    }

    private void show(Rep rep, Ground ground) {
        miniature = new Miniature(rep, ground);
        frame.getChildren().setAll(miniature);
        figures.setText(Ui.text(
                "binder.figures",
                rep.progression().steps().size(),
                Numbers.seconds(rep.timeline().seconds()),
                rep.drill().audience().paceBand().label()));
    }

    private MenuButton menu(Drill drill, boolean favourite, BiConsumer<CardAction, Path> act) {
        MenuButton menu = new MenuButton("⋯");
        menu.setId("card-menu-" + drill.id());
        menu.setAccessibleText(Ui.text("card.menu", drill.title()));
        menu.getStyleClass().add("card-menu");
        for (CardAction action : CardAction.values()) {
            boolean archived = BinderView.isArchived(file);
            if (action == CardAction.ARCHIVE && archived || action == CardAction.RESTORE && !archived) {
                continue;
            }
            String key = action == CardAction.FAVOURITE && favourite ? "card.NO_FAVOURITE" : "card." + action;
            MenuItem item = new MenuItem(Ui.text(key));
            item.setId("card-" + action.name().toLowerCase(java.util.Locale.ROOT));
            item.setOnAction(e -> act.accept(action, file));
            menu.getItems().add(item);
        }
        return menu;
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
    static Node broken(Binder.Entry entry) {
        Label title = new Label(Ui.text("binder.broken"));
        title.getStyleClass().addAll("card-title", "finding");
        Label why = new Label(entry.problem().orElseThrow().getMessage());
        why.setWrapText(true);
        why.setMaxWidth(Miniature.WIDTH);
        VBox box = new VBox(8, title, why);
        box.getStyleClass().addAll("card", "broken");
        box.setPrefWidth(Miniature.WIDTH + 28);
        return box;
    }
}
