package wildchalk.picture.style;

import java.awt.BasicStroke;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.RoundRectangle2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import wildchalk.core.drill.Side;

/** The sign of the application: a run in chalk round somebody, with the ball. */
public final class AppIcon {

    /** In which systems ask for it, pixels. */
    public static final List<Integer> SIZES = List.of(16, 32, 48, 128, 256);

    private AppIcon() {}

    public static BufferedImage of(int pixels) {
        BufferedImage image = new BufferedImage(pixels, pixels, BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.scale(pixels / 64.0, pixels / 64.0);
        g.setColor(Ground.SLATE.surround());
        g.fill(new RoundRectangle2D.Double(1, 1, 62, 62, 16, 16));
        Path2D run = new Path2D.Double();
        run.moveTo(13, 46);
        run.curveTo(15, 18, 39, 8, 47, 25);
        run.curveTo(50, 33, 47, 40, 42, 45);
        g.setColor(Ground.SLATE.text());
        g.setStroke(new BasicStroke(5, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        g.draw(run);
        Path2D head = new Path2D.Double();
        head.moveTo(41, 35);
        head.lineTo(41, 46);
        head.lineTo(52, 44);
        g.draw(head);
        g.setColor(Ground.SLATE.side(Side.ATTACK));
        g.fill(new Ellipse2D.Double(6, 40, 15, 15));
        g.setColor(Ground.SLATE.side(Side.DEFENCE));
        g.fill(new RoundRectangle2D.Double(25, 29, 11, 11, 3, 3));
        g.dispose();
        return image;
    }

    /** Writes it in each size into a folder, for whoever packs the application. */
    public static void main(String[] arguments) throws IOException {
        for (int size : SIZES) {
            ImageIO.write(
                    of(size),
                    "png",
                    Path.of(arguments[0], "wild-chalk-" + size + ".png").toFile());
        }
    }
}
