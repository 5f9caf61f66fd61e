package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Orientation;
import javafx.geometry.Pos;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.edit.Wholes;
import wildchalk.core.surface.View;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ladder.LadderParts;
import wildchalk.desktop.ui.Folding;
import wildchalk.desktop.ui.Icon;
import wildchalk.desktop.ui.Limited;
import wildchalk.desktop.ui.Tips;
import wildchalk.desktop.ui.Ui;

/** The one row over the board: title, ground and age, versions, which part is shown, and what pulling means. */
final class BoardHead extends StackPane {

    private static final double LEAST_TITLE = 96;
    private static final double STEP = 1.25;

    private final DrillDocument document;
    private final BoardView board;
    private final Runnable changeSurface;
    private final TextField title = new TextField();
    private final MenuButton about = new MenuButton();
    private final MenuButton part = new MenuButton();

    BoardHead(DrillDocument document, BoardView board, LadderParts ladder, Runnable changeSurface) {
        this.document = document;
        this.board = board;
        this.changeSurface = changeSurface;
        getStyleClass().add("head");
        title();
        about.setId("about-surface");
        about.getStyleClass().add("about-button");
        Tips.on(about, Ui.text("board.surface.tip"));
        about.setOnShowing(e -> fillAbout());
        fillAbout();
        part.setId("part-menu");
        Tips.on(part, Ui.text("board.part.tip"));
        part.setOnShowing(e -> fillPart());
        fillPart();
        MenuButton arrange = new MenuButton(Ui.text("arrange.title"));
        arrange.setId("arrange-menu");
        arrange.setOnShowing(e -> ArrangeMenu.fill(arrange.getItems(), board, document));
        ArrangeMenu.fill(arrange.getItems(), board, document);
        MenuButton more = new MenuButton("", Icon.MORE.node());
        more.setId("head-more");
        more.setAccessibleText(Ui.text("fold.more.tip"));
        for (Region r : List.of(about, part, arrange, more)) {
            r.setMinWidth(Region.USE_PREF_SIZE);
        }
        Region gap = new Region();
        gap.setMaxWidth(Double.MAX_VALUE);
        getChildren()
                .add(new Folding(Orientation.HORIZONTAL, 8, more)
                        .stretch(title)
                        .add(about, 4)
                        .add(ladder.rungs(), ladder.brief(), 8)
                        .add(ladder.add(), 2)
                        .add(ladder.more(), 1)
                        .stretch(gap)
                        .add(ladder.way(), 6)
                        .add(part, 5)
                        .add(arrange, 3)
                        .add(modes(), 7));
    }

    private void title() {
        title.setId("title");
        title.getStyleClass().add("title-field");
        title.setMinWidth(LEAST_TITLE);
        title.setMaxWidth(Region.USE_PREF_SIZE);
        Limited.to(title, Limits.LINE);
        Tips.on(title, Ui.text("board.title.tip"));
        title.setOnAction(e -> board.requestFocus());
        title.focusedProperty().addListener((o, was, is) -> {
            if (was) {
                String text = Limits.fitting(title.getText().strip(), Limits.LINE);
                if (text.isEmpty()) {
                    title.setText(document.drill().title());
                    board.tell(Ui.text("board.title.needed", document.drill().title()));
                } else {
                    document.edit(Ui.text("edit.title"), Wholes.title(text));
                }
            }
        });
    }

    /** Whether pulling a player says what happens or moves where it starts. */
    private HBox modes() {
        ToggleButton draw = new ToggleButton(Ui.text("board.draw"));
        ToggleButton arrange = new ToggleButton(Ui.text("board.arrange"));
        draw.setId("draw");
        arrange.setId("arrange");
        draw.getStyleClass().add("left-pill");
        arrange.getStyleClass().add("right-pill");
        Tips.on(draw, Ui.text("board.draw.tip"));
        Tips.on(arrange, Ui.text("board.arrange.tip"));
        draw.setSelected(true);
        draw.setOnAction(e -> arranging(false));
        arrange.setOnAction(e -> arranging(true));
        board.arrangingProperty().addListener((o, was, is) -> {
            draw.setSelected(!is);
            arrange.setSelected(is);
        });
        for (Region button : List.of(draw, arrange)) {
            button.setMinWidth(Region.USE_PREF_SIZE);
        }
        HBox both = new HBox(draw, arrange);
        both.setAlignment(Pos.CENTER);
        return both;
    }

    private void arranging(boolean on) {
        board.arrangingProperty().set(on);
        board.requestFocus();
    }

    private void fillAbout() {
        MenuItem surface = new MenuItem(Ui.text("board.surface.change"));
        surface.setId("change-surface");
        surface.setOnAction(e -> changeSurface.run());
        Menu age = new Menu(Ui.text("board.age"));
        age.setId("age");
        for (AgeBand band : AgeBand.values()) {
            RadioMenuItem item = new RadioMenuItem(band.label());
            item.setId("age-" + band);
            item.setSelected(band == document.drill().audience().paceBand());
            item.setOnAction(e -> document.edit(Ui.text("edit.age"), Wholes.age(band)));
            age.getItems().add(item);
        }
        about.getItems().setAll(surface, age);
    }

    private void fillPart() {
        List<MenuItem> items = new ArrayList<>();
        SurfaceUse use = document.drill().surfaceUse();
        for (View view : use.floor().views()) {
            RadioMenuItem item = new RadioMenuItem(view.name());
            item.setMnemonicParsing(false);
            item.setId("part-" + view.id());
            item.setSelected(view.equals(use.view()));
            item.setOnAction(e -> {
                board.fit();
                document.edit(Ui.text("edit.surface"), Wholes.surface(use.withView(view)));
            });
            items.add(item);
        }
        items.add(new SeparatorMenuItem());
        items.add(item("view.action", board::fitAction));
        items.add(item("view.fit", board::fit));
        items.add(item("view.nearer", () -> board.zoom(STEP, board.getWidth() / 2, board.getHeight() / 2)));
        items.add(item("view.farther", () -> board.zoom(1 / STEP, board.getWidth() / 2, board.getHeight() / 2)));
        items.add(new SeparatorMenuItem());
        CheckMenuItem standing = new CheckMenuItem(Ui.text("view.standing"));
        standing.setId("view-standing");
        standing.setSelected(use.standing());
        standing.setOnAction(
                e -> document.edit(Ui.text("edit.surface"), Wholes.surface(use.withStanding(standing.isSelected()))));
        items.add(standing);
        CheckMenuItem camera = new CheckMenuItem(Ui.text("view.camera"));
        camera.setId("view-camera");
        camera.setSelected(board.cameraProperty().get());
        camera.setOnAction(e -> board.cameraProperty().set(camera.isSelected()));
        items.add(camera);
        part.getItems().setAll(items);
    }

    private static MenuItem item(String key, Runnable action) {
        MenuItem item = new MenuItem(Ui.text(key));
        item.setId(key.replace('.', '-'));
        item.setOnAction(e -> action.run());
        return item;
    }

    /** After every change of the drill. */
    void refresh() {
        Drill drill = document.drill();
        if (!title.isFocused()) {
            title.setText(drill.title());
            title.setPrefColumnCount(Math.max(8, Math.min(34, drill.title().length() * 2 / 3 + 2)));
        }
        about.setText(Ui.text(
                "board.about",
                drill.surface().title(),
                drill.audience().paceBand().label()));
        part.setText(drill.surfaceUse().view().name());
    }
}
