package wildchalk.desktop.board;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.IntBuffer;
import java.util.List;
import javafx.scene.image.Image;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import wildchalk.core.surface.Surface;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Painter;
import wildchalk.picture.paint.Viewport;
import wildchalk.picture.style.Ground;

/**
 * A picture that the painter draws straight into the memory which the window shows. The surface is painted once per size
 * and ground, and copied under every frame.
 */
final class BoardImage {

    private final int width;
    private final int height;
    private final BufferedImage picture;
    private final int[] pixels;
    private final PixelBuffer<IntBuffer> shared;
    private final WritableImage image;
    private int[] surfacePixels;
    private Object surfaceKey;

    BoardImage(int width, int height) {
        this.width = width;
        this.height = height;
        this.picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
        this.pixels = ((DataBufferInt) picture.getRaster().getDataBuffer()).getData();
        this.shared = new PixelBuffer<>(width, height, IntBuffer.wrap(pixels), PixelFormat.getIntArgbPreInstance());
        this.image = new WritableImage(shared);
    }

    boolean hasSize(int w, int h) {
        return w == width && h == height;
    }

    Image image() {
        return image;
    }

    /** Paints a frame; to be called on the FX thread. */
    void paint(Frame frame, Viewport viewport, Ground ground) {
        Painter painter = new Painter(ground);
        Surface surface = frame.drill().surface();
        Object key = List.of(surface.id(), viewport, ground);
        if (!key.equals(surfaceKey)) {
            Graphics2D g = picture.createGraphics();
            painter.paintSurface(g, surface, viewport);
            g.dispose();
            surfacePixels = pixels.clone();
            surfaceKey = key;
        } else {
            System.arraycopy(surfacePixels, 0, pixels, 0, pixels.length);
        }
        Graphics2D g = picture.createGraphics();
        painter.paintMarks(g, frame, viewport);
        g.dispose();
        shared.updateBuffer(b -> null);
    }
}
