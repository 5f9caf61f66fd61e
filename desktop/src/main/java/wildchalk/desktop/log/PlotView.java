package wildchalk.desktop.log;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.IntBuffer;
import java.util.function.ToDoubleFunction;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.Region;
import wildchalk.core.season.Weeks;
import wildchalk.picture.paint.WeeksPainter;
import wildchalk.picture.style.Ground;

/** A plot as wide as there is room. */
final class PlotView extends Region {

    /** Paints it. */
    interface Plot {
        void paint(WeeksPainter painter, Graphics2D g, double width);
    }

    private static final double USUAL_SIZE = 14;

    private final ImageView view = new ImageView();
    private Plot plot = (p, g, w) -> {};
    /** Says how large everything is written, at any size of text. */
    private final Label ruler = new Label("0");

    private ToDoubleFunction<WeeksPainter> height = p -> 0;
    private Ground ground = Ground.SLATE;

    PlotView(String id) {
        setId(id);
        ruler.setVisible(false);
        getChildren().addAll(view, ruler);
        ruler.fontProperty().addListener((o, a, b) -> size());
        setMinWidth(0);
    }

    /** @param weeks what a reader of the screen is told is in it */
    void show(Weeks weeks, ToDoubleFunction<WeeksPainter> high, Plot next) {
        plot = next;
        height = high;
        setAccessibleText(String.join(", ", weeks.allThemes()));
        size();
    }

    /** How large is written at the moment. */
    double letterSize() {
        return ruler.getFont().getSize();
    }

    ReadOnlyObjectProperty<?> letterProperty() {
        return ruler.fontProperty();
    }

    private WeeksPainter painter() {
        return new WeeksPainter(ground, letterSize() / USUAL_SIZE);
    }

    private void size() {
        double high = height.applyAsDouble(painter());
        setPrefHeight(high);
        setMinHeight(high);
        paint();
    }

    void dress(Ground other) {
        ground = other;
        paint();
    }

    @Override
    protected void layoutChildren() {
        if (view.getImage() == null || Math.abs(view.getImage().getWidth() - Math.floor(getWidth())) >= 1) {
            paint();
        }
    }

    private void paint() {
        int w = (int) Math.floor(getWidth());
        int h = (int) Math.ceil(height.applyAsDouble(painter()));
        if (w < 2 || h < 2) {
            return;
        }
        BufferedImage image = new BufferedImage(w, h, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = image.createGraphics();
        plot.paint(painter(), g, w);
        g.dispose();
        int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        view.setImage(new WritableImage(
                new PixelBuffer<>(w, h, IntBuffer.wrap(pixels), PixelFormat.getIntArgbPreInstance())));
    }
}
