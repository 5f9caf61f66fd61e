package wildchalk.desktop.present;

import java.util.function.BooleanSupplier;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;

/** What is written over the board by hand, and wiped away again. */
final class Ink extends Canvas {

    private static final double PIXELS = 4;

    Ink(java.awt.Color colour) {
        setManaged(false);
        setMouseTransparent(true);
        GraphicsContext g = getGraphicsContext2D();
        g.setStroke(Color.rgb(colour.getRed(), colour.getGreen(), colour.getBlue()));
        g.setLineWidth(PIXELS);
        g.setLineCap(StrokeLineCap.ROUND);
    }

    /** Lies over a part of the window from now on, and follows the pointer there while somebody writes. */
    void over(Region board, BooleanSupplier writes) {
        widthProperty().bind(board.widthProperty());
        heightProperty().bind(board.heightProperty());
        GraphicsContext g = getGraphicsContext2D();
        board.setOnMousePressed(e -> {
            if (writes.getAsBoolean()) {
                g.beginPath();
                g.moveTo(e.getX(), e.getY());
            }
        });
        board.setOnMouseDragged(e -> {
            if (writes.getAsBoolean()) {
                g.lineTo(e.getX(), e.getY());
                g.stroke();
            }
        });
    }

    void clear() {
        getGraphicsContext2D().clearRect(0, 0, getWidth(), getHeight());
    }
}
