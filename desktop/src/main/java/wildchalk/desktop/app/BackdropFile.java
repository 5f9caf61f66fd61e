package wildchalk.desktop.app;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import javax.imageio.ImageIO;
import wildchalk.core.drill.Backdrop;
import wildchalk.core.geometry.Point;
import wildchalk.core.progress.Progress;
import wildchalk.core.surface.View;
import wildchalk.picture.paint.MeasuredPicture;

/** Reads a picture to trace, made small enough to be kept in the drill. */
final class BackdropFile {

    private static final int MOST_PIXELS = 1400;
    /** A scan of a large sheet; more takes minutes. */
    private static final long MOST_IN_FILE = 400_000_000;

    private static final double DIM = 0.5;

    private BackdropFile() {}

    /** The picture as wide as the part of the surface that is shown. */
    static Backdrop read(Path file, View view, Progress progress) throws IOException {
        BufferedImage image;
        try (InputStream in = Files.newInputStream(file)) {
            image = MeasuredPicture.read(in, MOST_PIXELS, MOST_IN_FILE, progress);
        }
        double scale = Math.min(1, (double) MOST_PIXELS / Math.max(image.getWidth(), image.getHeight()));
        int w = (int) Math.max(1, Math.round(image.getWidth() * scale));
        int h = (int) Math.max(1, Math.round(image.getHeight() * scale));
        BufferedImage small = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = small.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        g.drawImage(image, 0, 0, w, h, null);
        g.dispose();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(small, "jpg", bytes);
        Point middle = new Point((view.minX() + view.maxX()) / 2, (view.minY() + view.maxY()) / 2);
        return new Backdrop(Base64.getEncoder().encodeToString(bytes.toByteArray()), middle, view.width(), DIM);
    }
}
