package wildchalk.desktop.surface;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.IntBuffer;
import javafx.scene.image.Image;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.picture.paint.Painter;
import wildchalk.picture.paint.Viewport;
import wildchalk.picture.style.Ground;

/** Small pictures of surfaces. */
public final class SurfacePicture {

    private SurfacePicture() {}

    public static Image of(SurfaceUse use, Ground ground, int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = image.createGraphics();
        new Painter(ground)
                .paintSurface(
                        g, use.surface(), Viewport.fitting(use, width, height).withUnit(0.6));
        g.dispose();
        int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        return new WritableImage(
                new PixelBuffer<>(width, height, IntBuffer.wrap(pixels), PixelFormat.getIntArgbPreInstance()));
    }
}
