package wildchalk.picture.export;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageOutputStream;
import wildchalk.picture.style.Ground;

/** One step as a PNG. */
public final class PngExport {

    /** 300 dots an inch over the 19 cm that an A4 page leaves between margins. */
    public static final int PRINT_WIDTH = 2244;

    /** 300 dots an inch. */
    private static final int DOTS_PER_METRE = 11_811;

    private static final String PNG_FORMAT = "javax_imageio_png_1.0";

    private PngExport() {}

    /**
     * @param step index from 0
     * @param width pixels, at least 200; the height follows
     */
    public static byte[] step(Told told, int step, Ground ground, int width) throws IOException {
        StepPicture picture = new StepPicture(told, step, ground, width);
        BufferedImage image = new BufferedImage(width, (int) Math.ceil(picture.height()), BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        picture.paint(g);
        g.dispose();
        return encode(image);
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
