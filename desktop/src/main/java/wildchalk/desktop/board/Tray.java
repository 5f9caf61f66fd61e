package wildchalk.desktop.board;

import java.awt.Graphics2D;
import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.util.Locale;
import javafx.geometry.Orientation;
import javafx.geometry.Side;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Labeled;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wildchalk.core.arrange.PatternKind;
import wildchalk.desktop.ui.Folding;
import wildchalk.desktop.ui.Images;
import wildchalk.desktop.ui.Tips;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.paint.TrayArt;
import wildchalk.picture.style.Ground;

/** Gear and people beside the board: press one, then the place; or drag it there. */
public final class Tray extends VBox {

    private static final int ICON = 26;

    private final BoardView board;

    public Tray(BoardView board) {
        this.board = board;
        getStyleClass().add("tray");
        Folding column = new Folding(Orientation.VERTICAL, 0, more());
        int rank = TrayItem.values().length;
        for (TrayItem item : TrayItem.values()) {
            if (item.isOpen() || item.isDrawn()) {
                column.add(button(item), rank--);
            } else if (item == TrayItem.PATTERN) {
                column.add(patterns(), rank--);
            }
        }
        VBox.setVgrow(column, Priority.ALWAYS);
        getChildren().add(column);
    }

    /** Everything that has no place of its own in the tray. */
    private MenuButton more() {
        MenuButton more = menu("more", TrayItem.HURDLE);
        for (TrayItem item : TrayItem.values()) {
            if (!item.isOpen() && !item.isDrawn() && item != TrayItem.PATTERN) {
                MenuItem entry = new MenuItem(Ui.text("tray." + item), new ImageView(icon(item, Ground.SLATE)));
                entry.setId("tray-" + item.name().toLowerCase(Locale.ROOT));
                entry.setOnAction(e -> arm(item));
                more.getItems().add(entry);
            }
        }
        return more;
    }

    private MenuButton patterns() {
        MenuButton patterns = menu("pattern", TrayItem.PATTERN);
        for (PatternKind kind : PatternKind.values()) {
            MenuItem entry = new MenuItem(Ui.text("pattern." + kind) + "…");
            entry.setId("pattern-" + kind.name().toLowerCase(Locale.ROOT));
            entry.setOnAction(
                    e -> PatternDialog.ask(kind, board.unit(), getScene().getWindow())
                            .ifPresent(pattern -> {
                                board.patternProperty().set(pattern);
                                arm(TrayItem.PATTERN);
                            }));
            patterns.getItems().add(entry);
        }
        return patterns;
    }

    private MenuButton menu(String key, TrayItem sign) {
        MenuButton button = new MenuButton(Ui.text("tray." + key));
        button.setId("tray-" + key + "-menu");
        button.setContentDisplay(ContentDisplay.TOP);
        button.setMaxWidth(Double.MAX_VALUE);
        button.setPopupSide(Side.RIGHT);
        picture(button, sign);
        return button;
    }

    private void picture(Labeled button, TrayItem sign) {
        ImageView icon = new ImageView();
        button.setGraphic(icon);
        Runnable draw = () -> icon.setImage(icon(sign, board.groundProperty().get()));
        board.groundProperty().addListener((o, a, b) -> draw.run());
        draw.run();
    }

    private void arm(TrayItem item) {
        board.armedProperty().set(item);
        board.requestFocus();
    }

    private ToggleButton button(TrayItem item) {
        ToggleButton button = new ToggleButton(name(item));
        button.setId("tray-" + item.name().toLowerCase(Locale.ROOT));
        button.setContentDisplay(ContentDisplay.TOP);
        button.setMaxWidth(Double.MAX_VALUE);
        Tips.on(
                button,
                item.key()
                        .map(key -> Ui.text("tray.tip", name(item), key))
                        .orElseGet(() -> Ui.text("tray.tip." + item)));
        picture(button, item);
        button.setOnAction(e -> {
            board.armedProperty().set(button.isSelected() ? item : null);
            board.requestFocus();
        });
        board.armedProperty().addListener((o, was, is) -> button.setSelected(is == item));
        button.addEventHandler(MouseEvent.MOUSE_RELEASED, e -> drop(item, e));
        return button;
    }

    /** A ball is called what the sport calls it. */
    private String name(TrayItem item) {
        return item == TrayItem.BALL ? board.ballName() : Ui.text("tray." + item);
    }

    /** Dragged out of the tray and let go over the board. */
    private void drop(TrayItem item, MouseEvent e) {
        var at = board.sceneToLocal(e.getSceneX(), e.getSceneY());
        if (board.contains(at) && !item.isDrawn()) {
            board.place(item, at.getX(), at.getY());
            board.armedProperty().set(null);
            board.requestFocus();
        }
    }

    private static Image icon(TrayItem item, Ground ground) {
        BufferedImage image = new BufferedImage(ICON, ICON, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = image.createGraphics();
        TrayArt.paint(g, ground, item.name(), new Point2D.Double(ICON / 2.0, ICON / 2.0));
        g.dispose();
        return Images.of(image);
    }
}
