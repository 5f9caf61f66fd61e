package wildchalk.desktop.board;

import java.awt.Graphics2D;
import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.IntBuffer;
import java.util.Locale;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import wildchalk.desktop.app.Ui;
import wildchalk.picture.paint.TrayArt;
import wildchalk.picture.style.Ground;

/** Gear and people, as under a school board: press one, then the place; or drag it there. */
public final class Tray extends HBox {

    private static final int ICON = 34;

    private final BoardView board;

    public Tray(BoardView board) {
        this.board = board;
        getStyleClass().add("tray");
        for (TrayItem item : TrayItem.values()) {
            ToggleButton button = button(item);
            HBox.setHgrow(button, Priority.ALWAYS);
            getChildren().add(button);
        }
    }

    private ToggleButton button(TrayItem item) {
        ToggleButton button = new ToggleButton(Ui.text("tray." + item));
        button.setId("tray-" + item.name().toLowerCase(Locale.ROOT));
        button.setContentDisplay(ContentDisplay.TOP);
        button.setMaxWidth(Double.MAX_VALUE);
        button.setTooltip(new Tooltip(Ui.text("tray.tip", Ui.text("tray." + item), item.key())));
        ImageView icon = new ImageView();
        button.setGraphic(icon);
        Runnable draw = () -> icon.setImage(icon(item, board.groundProperty().get()));
        board.groundProperty().addListener((o, a, b) -> draw.run());
        draw.run();
        button.setOnAction(e -> {
            board.armedProperty().set(button.isSelected() ? item : null);
            board.requestFocus();
        });
        board.armedProperty().addListener((o, was, is) -> button.setSelected(is == item));
        button.addEventHandler(MouseEvent.MOUSE_RELEASED, e -> drop(item, e));
        return button;
    }

    /** Dragged out of the tray and let go over the board. */
    private void drop(TrayItem item, MouseEvent e) {
        var at = board.sceneToLocal(e.getSceneX(), e.getSceneY());
        if (board.contains(at)) {
            board.place(item, at.getX(), at.getY());
            board.armedProperty().set(null);
            board.requestFocus();
        }
    }

    private static WritableImage icon(TrayItem item, Ground ground) {
        BufferedImage image = new BufferedImage(ICON, ICON, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = image.createGraphics();
        TrayArt.paint(g, ground, item.name(), new Point2D.Double(ICON / 2.0, ICON / 2.0));
        g.dispose();
        int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        return new WritableImage(
                new PixelBuffer<>(ICON, ICON, IntBuffer.wrap(pixels), PixelFormat.getIntArgbPreInstance()));
    }
}
