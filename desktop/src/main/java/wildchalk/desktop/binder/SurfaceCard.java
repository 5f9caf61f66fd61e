package wildchalk.desktop.binder;

import java.nio.file.Path;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.LengthUnit;
import wildchalk.desktop.surface.SurfacePicture;
import wildchalk.desktop.ui.Icon;
import wildchalk.desktop.ui.LazyMenu;
import wildchalk.desktop.ui.Miniature;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.style.Ground;

/** A surface of one's own in the Binder: what it looks like, and what can be done with it. */
final class SurfaceCard extends StackPane {

    SurfaceCard(Surface surface, Path file, Ground ground, BinderActions actions) {
        ImageView picture = new ImageView(
                SurfacePicture.of(SurfaceUse.of(surface), ground, 2 * Miniature.WIDTH, 2 * Miniature.HEIGHT));
        picture.setFitWidth(Miniature.WIDTH);
        picture.setFitHeight(Miniature.HEIGHT);
        Label title = new Label(surface.title());
        title.getStyleClass().add("card-title");
        Label about = new Label(Ui.text(
                "binder.surface.about",
                LengthUnit.METRES.exact(surface.lengthMetres()),
                LengthUnit.METRES.exact(surface.widthMetres()),
                surface.landmarks().size(),
                surface.zones().size()));
        about.getStyleClass().add("quiet");
        Button card = new Button();
        card.setGraphic(new VBox(picture, title, about));
        card.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        card.getStyleClass().add("card");
        card.getProperties().put(DrillCard.DRILL, surface.id());
        card.setAccessibleText(Ui.text("binder.surface.edit", surface.title()));
        card.setOnAction(e -> actions.editSurface(file));
        LazyMenu menu = new LazyMenu(
                        "",
                        m -> m.getItems()
                                .setAll(
                                        item("card-edit-surface", "card.EDIT_SURFACE", () -> actions.editSurface(file)),
                                        item("card-drill-on", "card.DRILL_ON", () -> actions.newDrillOn(surface))))
                .with(Icon.MORE);
        menu.getStyleClass().add("card-menu");
        menu.getProperties().put(DrillCard.DRILL, surface.id());
        menu.setAccessibleText(Ui.text("card.menu", surface.title()));
        HBox corner = new HBox(menu);
        corner.setAlignment(Pos.TOP_RIGHT);
        corner.setPickOnBounds(false);
        corner.setMaxHeight(Region.USE_PREF_SIZE);
        corner.getStyleClass().add("card-corner");
        StackPane.setAlignment(corner, Pos.TOP_RIGHT);
        getChildren().addAll(card, corner);
    }

    private static MenuItem item(String id, String text, Runnable action) {
        MenuItem item = new MenuItem(Ui.text(text));
        item.setId(id);
        item.setOnAction(e -> action.run());
        return item;
    }
}
