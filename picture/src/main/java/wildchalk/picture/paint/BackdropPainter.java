package wildchalk.picture.paint;

import java.awt.AlphaComposite;
import java.awt.Color;
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
import wildchalk.core.drill.Backdrop;
import wildchalk.core.progress.Progress;
import wildchalk.core.text.Texts;
import wildchalk.picture.style.Fonts;

/** Draws the picture under the drawing, dimmed. */
final class BackdropPainter {

    /** Pictures that were decoded last: decoding takes far longer than painting. */
    private static final Map<String, BufferedImage> DECODED = new LinkedHashMap<>() {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, BufferedImage> eldest) {
            return size() > 2;
        }
    };

    /** Pictures are made no finer when they are laid; what is larger was put into the file by other means. */
    private static final int NEEDED_PIXELS = 1400;

    private static final long MOST_PIXELS = 16_000_000;

    private static final String TEXTS = "wildchalk.picture.picture";
    private static final int SIGN_WIDTH = 900;
    private static final int SIGN_HEIGHT = 300;
    private static final float SIGN_TEXT = 28;

    private BackdropPainter() {}

    static void paint(Graphics2D g, Viewport v, Backdrop backdrop) {
        BufferedImage picture;
        synchronized (DECODED) {
            picture = DECODED.computeIfAbsent(backdrop.picture(), BackdropPainter::decode);
        }
        draw(g, v, backdrop, picture);
    }

    /** A sign with the reason when it is no picture, or too large a one: a file that was mended by hand must still open. */
    private static BufferedImage decode(String base64) {
        try {
            byte[] bytes = Base64.getDecoder().decode(base64);
            return MeasuredPicture.read(new ByteArrayInputStream(bytes), NEEDED_PIXELS, MOST_PIXELS, Progress.NONE);
        } catch (IOException | IllegalArgumentException e) {
            return sign(
                    e instanceof IOException ? e.getMessage() : Texts.of(TEXTS).get("picture.none"));
        }
    }

    private static BufferedImage sign(String why) {
        BufferedImage sign = new BufferedImage(SIGN_WIDTH, SIGN_HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = sign.createGraphics();
        Painter.prepare(g);
        g.setColor(Color.DARK_GRAY);
        g.fillRect(0, 0, SIGN_WIDTH, SIGN_HEIGHT);
        g.setColor(Color.WHITE);
        g.setFont(Fonts.regular(SIGN_TEXT));
        float y = 2 * SIGN_TEXT;
        for (String line : why.split("(?<=[.;]) ")) {
            g.drawString(line, SIGN_TEXT, y);
            y += 1.5f * SIGN_TEXT;
        }
        g.dispose();
        return sign;
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
