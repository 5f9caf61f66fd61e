package wildchalk.picture.export;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageOutputStream;
import wildchalk.core.text.Texts;

/** A picture as a PNG. */
public final class PngExport {

    /** 300 dots an inch over the 19 cm that an A4 page leaves between margins. */
    public static final int PRINT_WIDTH = 2244;

    /** 300 dots an inch. */
    private static final int DOTS_PER_METRE = 11_811;

    /** Four bytes each: more would not fit beside everything else. */
    private static final double MOST_PIXELS = 60e6;

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");

    private static final String PNG_FORMAT = "javax_imageio_png_1.0";

    private PngExport() {}

    /**
     * @param width pixels, at least 200; the height follows
     * @throws IOException when it would be larger than a picture can be
     */
    public static byte[] of(Still.Layout layout, int width) throws IOException {
        return encode(image(layout.at(width), width));
    }

    /** What it would be. @param lookWidth pixels of the picture to look at */
    public static Preview look(Still.Layout layout, int width, int lookWidth) throws IOException {
        long height = Math.round(Math.ceil(layout.at(width).height()));
        return new Preview(
                List.of(image(layout.at(lookWidth), lookWidth)),
                TEXTS.get("preview.pixels", String.valueOf(width), String.valueOf(height)));
    }

    static BufferedImage image(Still picture, int width) throws IOException {
        double height = Math.ceil(picture.height());
        if (height * width > MOST_PIXELS) {
            throw new IOException(
                    TEXTS.get("still.too-large", String.valueOf(width), String.valueOf(Math.round(height))));
        }
        BufferedImage image = new BufferedImage(width, (int) height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        picture.paint(g);
        g.dispose();
        return image;
    }

    private static byte[] encode(BufferedImage image) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("png").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            writer.setOutput(out);
            IIOMetadata metadata =
                    writer.getDefaultImageMetadata(ImageTypeSpecifier.createFromRenderedImage(image), null);
            // the native format: the standard one is written upside down by this Java
            IIOMetadataNode root = new IIOMetadataNode(PNG_FORMAT);
            IIOMetadataNode physical = new IIOMetadataNode("pHYs");
            physical.setAttribute("pixelsPerUnitXAxis", Integer.toString(DOTS_PER_METRE));
            physical.setAttribute("pixelsPerUnitYAxis", Integer.toString(DOTS_PER_METRE));
            physical.setAttribute("unitSpecifier", "meter");
            root.appendChild(physical);
            metadata.mergeTree(PNG_FORMAT, root);
            writer.write(new IIOImage(image, null, metadata));
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }
}
