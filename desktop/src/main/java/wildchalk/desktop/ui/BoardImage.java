package wildchalk.desktop.ui;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.IntBuffer;
import java.util.List;
import javafx.scene.image.Image;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Legend;
import wildchalk.picture.paint.Painter;
import wildchalk.picture.paint.Viewport;
import wildchalk.picture.style.Ground;
import wildchalk.picture.style.StrokeCode;

/**
 * A picture that the painter draws for the window. What stands still while a step plays
 * (surface, gear, strokes) is painted once and copied under every frame.
 */
public final class BoardImage {

    private final int width;
    private final int height;
    private final BufferedImage picture;
    private final int[] pixels;
    /** What the window shows. It may be read at any moment, so it only ever holds whole pictures. */
    private final int[] shown;

    private final PixelBuffer<IntBuffer> shared;
    private final WritableImage image;
    private int[] stillPixels;
    private Object stillKey;

    public BoardImage(int width, int height) {
        this.width = width;
        this.height = height;
        this.picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
        this.pixels = ((DataBufferInt) picture.getRaster().getDataBuffer()).getData();
        this.shown = new int[pixels.length];
        this.shared = new PixelBuffer<>(width, height, IntBuffer.wrap(shown), PixelFormat.getIntArgbPreInstance());
        this.image = new WritableImage(shared);
    }

    public boolean hasSize(int w, int h) {
        return w == width && h == height;
    }

    public Image image() {
        return image;
    }

    /** Paints a frame; to be called on the FX thread. */
    public void paint(Frame frame, Viewport viewport, Ground ground, StrokeCode code, boolean legend) {
        Painter painter = new Painter(ground, code);
        Object key = List.of(
                frame.drill(),
                frame.timeline(),
                frame.currentStep(),
                frame.selected(),
                viewport,
                ground,
                code,
                legend,
                frame.extra().still());
        if (!key.equals(stillKey)) {
            Graphics2D g = picture.createGraphics();
            painter.paintStill(g, frame, viewport);
            if (legend) {
                Legend.of(frame.path(), frame.timeline(), code)
                        .paintCard(g, ground, viewport, frame.drill().surface().ballName());
            }
            g.dispose();
            stillPixels = pixels.clone();
            stillKey = key;
        } else {
            System.arraycopy(stillPixels, 0, pixels, 0, pixels.length);
        }
        Graphics2D g = picture.createGraphics();
        painter.paintMoving(g, frame, viewport);
        g.dispose();
        System.arraycopy(pixels, 0, shown, 0, pixels.length);
        shared.updateBuffer(b -> null);
    }
}
