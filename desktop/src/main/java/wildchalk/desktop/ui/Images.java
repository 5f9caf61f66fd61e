package wildchalk.desktop.ui;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.IntBuffer;
import javafx.scene.image.Image;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;

/** Pictures that were drawn once, as the window shows them. */
public final class Images {

    private Images() {}

    public static Image of(BufferedImage drawn) {
        BufferedImage premultiplied = drawn;
        if (drawn.getType() != BufferedImage.TYPE_INT_ARGB_PRE) {
            premultiplied = new BufferedImage(drawn.getWidth(), drawn.getHeight(), BufferedImage.TYPE_INT_ARGB_PRE);
            Graphics2D g = premultiplied.createGraphics();
            g.drawImage(drawn, 0, 0, null);
            g.dispose();
        }
        int[] pixels = ((DataBufferInt) premultiplied.getRaster().getDataBuffer()).getData();
        return new WritableImage(new PixelBuffer<>(
                drawn.getWidth(), drawn.getHeight(), IntBuffer.wrap(pixels), PixelFormat.getIntArgbPreInstance()));
    }
}
