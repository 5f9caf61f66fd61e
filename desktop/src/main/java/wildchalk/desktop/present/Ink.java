package wildchalk.desktop.present;

import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import wildchalk.core.geometry.Point;
import wildchalk.picture.paint.Viewport;

/** Shows what is written over the board by hand. */
final class Ink extends Canvas {

    private static final double PIXELS = 4;

    private final InkMarks marks;
    private final Supplier<Viewport> viewport;
    private final Color colour;

    /** @param viewport how metres lie on the board now */
    Ink(InkMarks marks, Supplier<Viewport> viewport, java.awt.Color colour) {
        this.marks = marks;
        this.viewport = viewport;
        this.colour = Color.rgb(colour.getRed(), colour.getGreen(), colour.getBlue());
        setManaged(false);
        setMouseTransparent(true);
        marks.onChanged(this::draw);
    }

    /** Lies over a part of the window from now on. */
    void over(Region board) {
        widthProperty().bind(board.widthProperty());
        heightProperty().bind(board.heightProperty());
        widthProperty().addListener((o, was, is) -> draw());
        heightProperty().addListener((o, was, is) -> draw());
    }

    /** Likewise, and follows the pointer there while somebody writes. */
    void over(Region board, BooleanSupplier writes) {
        over(board);
        board.setOnMousePressed(e -> {
            if (writes.getAsBoolean()) {
                marks.begin(viewport.get().toMetres(e.getX(), e.getY()));
            }
        });
        board.setOnMouseDragged(e -> {
            if (writes.getAsBoolean()) {
                marks.on(viewport.get().toMetres(e.getX(), e.getY()));
            }
        });
    }

    private void draw() {
        GraphicsContext g = getGraphicsContext2D();
        g.clearRect(0, 0, getWidth(), getHeight());
        g.setStroke(colour);
        g.setLineWidth(PIXELS);
        g.setLineCap(StrokeLineCap.ROUND);
        Viewport v = viewport.get();
        for (List<Point> stroke : marks.strokes()) {
            g.beginPath();
            for (int i = 0; i < stroke.size(); i++) {
                var p = v.toPixels(stroke.get(i));
                if (i == 0) {
                    g.moveTo(p.getX(), p.getY());
                }
                g.lineTo(p.getX(), p.getY());
            }
            g.stroke();
        }
    }
}
