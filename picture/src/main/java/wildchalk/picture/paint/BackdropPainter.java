package wildchalk.picture.paint;

import java.awt.AlphaComposite;
import java.awt.Composite;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import javax.imageio.ImageIO;
import wildchalk.core.drill.Backdrop;

/** Draws the picture under the drawing, dimmed. */
final class BackdropPainter {

    /** Pictures that were decoded last: decoding takes far longer than painting. */
    private static final Map<String, Optional<BufferedImage>> DECODED = new LinkedHashMap<>() {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Optional<BufferedImage>> eldest) {
            return size() > 2;
        }
    };

    private BackdropPainter() {}

    static void paint(Graphics2D g, Viewport v, Backdrop backdrop) {
        Optional<BufferedImage> picture;
        synchronized (DECODED) {
            picture = DECODED.computeIfAbsent(backdrop.picture(), BackdropPainter::decode);
        }
        picture.ifPresent(image -> draw(g, v, backdrop, image));
    }

    /** Nothing when it is no picture: a file that was mended by hand must still open. */
    private static Optional<BufferedImage> decode(String base64) {
        try {
            return Optional.ofNullable(
                    ImageIO.read(new ByteArrayInputStream(Base64.getDecoder().decode(base64))));
        } catch (IOException | IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    private static void draw(Graphics2D g, Viewport v, Backdrop backdrop, BufferedImage image) {
        Composite before = g.getComposite();
        g.setComposite(AlphaComposite.getInstance(AlphaComposite.SRC_OVER, (float) (1 - backdrop.dim())));
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        Point2D middle = v.toPixels(backdrop.at());
        double scale = backdrop.widthMetres() * v.pixelsPerMetre() / image.getWidth();
        AffineTransform place = AffineTransform.getTranslateInstance(middle.getX(), middle.getY());
        if (v.standing()) {
            place.rotate(-Math.PI / 2);
        }
        place.scale(scale, scale);
        place.translate(-image.getWidth() / 2.0, -image.getHeight() / 2.0);
        g.drawImage(image, place, null);
        g.setComposite(before);
    }
}
