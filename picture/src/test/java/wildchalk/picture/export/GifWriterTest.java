package wildchalk.picture.export;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageInputStream;
import org.junit.jupiter.api.Test;

/** Frames that are stored as differences add up to the frames that were given. */
class GifWriterTest {

    private static BufferedImage frame(int x) {
        BufferedImage image = new BufferedImage(120, 80, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(new Color(0x20, 0x30, 0x38));
        g.fillRect(0, 0, 120, 80);
        g.setColor(new Color(0xF8, 0x90, 0x78));
        g.fillRect(x, 30, 20, 20);
        g.setColor(new Color(0x80, 0xE0, 0xB0));
        g.fillRect(5, 5, 10, 10);
        g.dispose();
        return image;
    }

    @Test
    void everyFrameComesBackAsItWas() throws IOException {
        List<BufferedImage> given = new ArrayList<>();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (GifWriter writer = new GifWriter(bytes)) {
            for (int i = 0; i < 12; i++) {
                BufferedImage image = frame(i == 7 ? 48 : i * 8); // frame 7 repeats an earlier place
                given.add(image);
                writer.add(image, 8);
            }
            writer.add(given.get(11), 50); // nothing changes: still a frame
            given.add(given.get(11));
        }
        BufferedImage canvas = new BufferedImage(120, 80, BufferedImage.TYPE_INT_ARGB);
        ImageReader reader = ImageIO.getImageReadersByFormatName("gif").next();
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes.toByteArray()))) {
            reader.setInput(in);
            assertEquals(given.size(), reader.getNumImages(true));
            for (int i = 0; i < given.size(); i++) {
                IIOMetadataNode root =
                        (IIOMetadataNode) reader.getImageMetadata(i).getAsTree("javax_imageio_gif_image_1.0");
                IIOMetadataNode place = (IIOMetadataNode)
                        root.getElementsByTagName("ImageDescriptor").item(0);
                Graphics2D g = canvas.createGraphics();
                g.drawImage(
                        reader.read(i),
                        Integer.parseInt(place.getAttribute("imageLeftPosition")),
                        Integer.parseInt(place.getAttribute("imageTopPosition")),
                        null);
                g.dispose();
                assertSame(given.get(i), canvas, i);
            }
        } finally {
            reader.dispose();
        }
    }

    private static void assertSame(BufferedImage expected, BufferedImage found, int frame) {
        for (int y = 0; y < 80; y++) {
            for (int x = 0; x < 120; x++) {
                assertEquals(
                        expected.getRGB(x, y) & 0xFFFFFF, found.getRGB(x, y) & 0xFFFFFF, frame + ": " + x + ", " + y);
            }
        }
    }

    @Test
    void whatStaysIsNotStoredAgain() throws IOException {
        ByteArrayOutputStream once = new ByteArrayOutputStream();
        ByteArrayOutputStream often = new ByteArrayOutputStream();
        try (GifWriter writer = new GifWriter(once)) {
            writer.add(frame(3), 8);
        }
        try (GifWriter writer = new GifWriter(often)) {
            for (int i = 0; i < 30; i++) {
                writer.add(frame(3), 8);
            }
        }
        assertTrue(often.size() < 4 * once.size(), once.size() + " and " + often.size());
    }
}
