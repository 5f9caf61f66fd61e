package wildchalk.picture.handout;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.Map;

/** A link as a square that a phone's camera reads. */
public final class LinkCode {

    /** Modules of white round it, as the standard asks. */
    private static final int QUIET = 4;

    private LinkCode() {}

    /** @param pixels of a side, at least; it is a whole number for each module */
    public static BufferedImage of(String link, int pixels) {
        BitMatrix modules = modules(link);
        int scale = Math.max(1, (int) Math.ceil((double) pixels / modules.getWidth()));
        int side = scale * modules.getWidth();
        Path2D path = new Path2D.Double();
        for (int y = 0; y < modules.getHeight(); y++) {
            for (int x = 0; x < modules.getWidth(); x++) {
                if (modules.get(x, y)) {
                    path.append(new Rectangle2D.Double(x * scale, y * scale, scale, scale), false);
                }
            }
        }
        BufferedImage image = new BufferedImage(side, side, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, side, side);
        g.setColor(Color.BLACK);
        g.fill(path);
        g.dispose();
        return image;
    }

    private static BitMatrix modules(String link) {
        try {
            return new QRCodeWriter()
                    .encode(
                            link,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(
                                    EncodeHintType.ERROR_CORRECTION,
                                    ErrorCorrectionLevel.M,
                                    EncodeHintType.MARGIN,
                                    QUIET));
        } catch (WriterException e) {
            throw new IllegalArgumentException("No link is as long as this: " + link.length(), e);
        }
    }
}
