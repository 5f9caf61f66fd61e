package wildchalk.picture.export;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.awt.image.DataBufferInt;
import java.awt.image.IndexColorModel;
import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageOutputStream;

/**
 * Writes frames of one size as a GIF that repeats for ever. All share the palette of the first frame's most frequent
 * colours; of each frame only the rectangle that changed is stored, with what stayed the same left transparent.
 */
final class GifWriter implements AutoCloseable {

    private static final int TRANSPARENT = 255;
    /** The three low bits of a channel are told apart by nobody in motion. */
    private static final int COARSE = 0xF8F8F8;

    private final ImageWriter writer =
            ImageIO.getImageWritersByFormatName("gif").next();
    private final ImageOutputStream out;
    private final Map<Integer, Byte> indexOf = new HashMap<>();
    private int[] palette;
    private IndexColorModel model;
    private int[] before;

    GifWriter(OutputStream stream) throws IOException {
        out = ImageIO.createImageOutputStream(stream);
        writer.setOutput(out);
    }

    /** Adds a frame (TYPE_INT_RGB) that stands for some hundredths of a second. */
    void add(BufferedImage image, int hundredths) throws IOException {
        int width = image.getWidth();
        int height = image.getHeight();
        int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        boolean first = before == null;
        if (first) {
            makePalette(pixels);
        }
        int[] box = first ? new int[] {0, 0, width, height} : changed(pixels, width, height);
        BufferedImage part = new BufferedImage(box[2], box[3], BufferedImage.TYPE_BYTE_INDEXED, model);
        byte[] indices = ((DataBufferByte) part.getRaster().getDataBuffer()).getData();
        for (int y = 0; y < box[3]; y++) {
            for (int x = 0; x < box[2]; x++) {
                int at = (box[1] + y) * width + box[0] + x;
                boolean same = !first && pixels[at] == before[at];
                indices[y * box[2] + x] = same ? (byte) TRANSPARENT : index(pixels[at]);
            }
        }
        write(part, box, hundredths, first);
        before = first ? pixels.clone() : before;
        System.arraycopy(pixels, 0, before, 0, pixels.length);
    }

    /** x, y, width, height of what differs from the frame before; one pixel when nothing does. */
    private int[] changed(int[] pixels, int width, int height) {
        int minX = width;
        int minY = height;
        int maxX = -1;
        int maxY = -1;
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                if (pixels[y * width + x] != before[y * width + x]) {
                    minX = Math.min(minX, x);
                    maxX = Math.max(maxX, x);
                    minY = Math.min(minY, y);
                    maxY = Math.max(maxY, y);
                }
            }
        }
        return maxX < 0 ? new int[] {0, 0, 1, 1} : new int[] {minX, minY, maxX - minX + 1, maxY - minY + 1};
    }

    private void makePalette(int[] pixels) {
        Map<Integer, Integer> counts = new HashMap<>();
        for (int p : pixels) {
            counts.merge(p & COARSE, 1, Integer::sum);
        }
        List<Integer> colours = new ArrayList<>(counts.keySet());
        colours.sort(Comparator.comparing((Integer c) -> -counts.get(c)).thenComparing(c -> c));
        palette = new int[256];
        int n = Math.min(TRANSPARENT, colours.size());
        // the exact colour that stands most often for a coarse one: flat areas keep their true shade
        Map<Integer, Map<Integer, Integer>> exact = new HashMap<>();
        for (int p : pixels) {
            exact.computeIfAbsent(p & COARSE, c -> new HashMap<>()).merge(p & 0xFFFFFF, 1, Integer::sum);
        }
        for (int i = 0; i < n; i++) {
            palette[i] = exact.get(colours.get(i)).entrySet().stream()
                    .max(Comparator.comparing((Map.Entry<Integer, Integer> e) -> e.getValue())
                            .thenComparing(Map.Entry::getKey))
                    .orElseThrow()
                    .getKey();
        }
        Arrays.fill(palette, n, 256, palette[0]);
        byte[] r = new byte[256];
        byte[] g = new byte[256];
        byte[] b = new byte[256];
        for (int i = 0; i < 256; i++) {
            r[i] = (byte) (palette[i] >> 16);
            g[i] = (byte) (palette[i] >> 8);
            b[i] = (byte) palette[i];
        }
        model = new IndexColorModel(8, 256, r, g, b, TRANSPARENT);
    }

    private byte index(int rgb) {
        return indexOf.computeIfAbsent(rgb & 0xFFFFFF, this::nearest);
    }

    private byte nearest(int rgb) {
        int best = 0;
        int least = Integer.MAX_VALUE;
        for (int i = 0; i < TRANSPARENT; i++) {
            int dr = (rgb >> 16 & 255) - (palette[i] >> 16 & 255);
            int dg = (rgb >> 8 & 255) - (palette[i] >> 8 & 255);
            int db = (rgb & 255) - (palette[i] & 255);
            int distance = 2 * dr * dr + 4 * dg * dg + 3 * db * db;
            if (distance < least) {
                least = distance;
                best = i;
            }
        }
        return (byte) best;
    }

    private void write(BufferedImage part, int[] box, int hundredths, boolean first) throws IOException {
        ImageWriteParam param = writer.getDefaultWriteParam();
        IIOMetadata metadata = writer.getDefaultImageMetadata(ImageTypeSpecifier.createFromRenderedImage(part), param);
        String format = metadata.getNativeMetadataFormatName();
        IIOMetadataNode root = (IIOMetadataNode) metadata.getAsTree(format);
        IIOMetadataNode place = child(root, "ImageDescriptor");
        place.setAttribute("imageLeftPosition", Integer.toString(box[0]));
        place.setAttribute("imageTopPosition", Integer.toString(box[1]));
        IIOMetadataNode control = child(root, "GraphicControlExtension");
        control.setAttribute("disposalMethod", "doNotDispose");
        control.setAttribute("userInputFlag", "FALSE");
        control.setAttribute("transparentColorFlag", first ? "FALSE" : "TRUE");
        control.setAttribute("transparentColorIndex", Integer.toString(TRANSPARENT));
        control.setAttribute("delayTime", Integer.toString(hundredths));
        if (first) {
            IIOMetadataNode loop = new IIOMetadataNode("ApplicationExtension");
            loop.setAttribute("applicationID", "NETSCAPE");
            loop.setAttribute("authenticationCode", "2.0");
            loop.setUserObject(new byte[] {1, 0, 0});
            child(root, "ApplicationExtensions").appendChild(loop);
        }
        removeChild(root, "LocalColorTable"); // all frames share the table of the stream
        metadata.setFromTree(format, root);
        if (first) {
            writer.prepareWriteSequence(stream(param));
        }
        writer.writeToSequence(new IIOImage(part, null, metadata), param);
    }

    /** The stream's own head: size, and the palette. Left to itself, the writer would put in a palette of its own. */
    private IIOMetadata stream(ImageWriteParam param) throws IOException {
        IIOMetadata metadata = writer.getDefaultStreamMetadata(param);
        String format = metadata.getNativeMetadataFormatName();
        IIOMetadataNode root = (IIOMetadataNode) metadata.getAsTree(format);
        removeChild(root, "GlobalColorTable");
        IIOMetadataNode table = new IIOMetadataNode("GlobalColorTable");
        table.setAttribute("sizeOfGlobalColorTable", "256");
        table.setAttribute("backgroundColorIndex", "0");
        table.setAttribute("sortFlag", "FALSE");
        for (int i = 0; i < palette.length; i++) {
            IIOMetadataNode entry = new IIOMetadataNode("ColorTableEntry");
            entry.setAttribute("index", Integer.toString(i));
            entry.setAttribute("red", Integer.toString(palette[i] >> 16 & 255));
            entry.setAttribute("green", Integer.toString(palette[i] >> 8 & 255));
            entry.setAttribute("blue", Integer.toString(palette[i] & 255));
            table.appendChild(entry);
        }
        root.appendChild(table);
        metadata.setFromTree(format, root);
        return metadata;
    }

    private static void removeChild(IIOMetadataNode root, String name) {
        for (int i = root.getLength() - 1; i >= 0; i--) {
            if (root.item(i).getNodeName().equals(name)) {
                root.removeChild(root.item(i));
            }
        }
    }

    private static IIOMetadataNode child(IIOMetadataNode root, String name) {
        for (int i = 0; i < root.getLength(); i++) {
            if (root.item(i).getNodeName().equals(name)) {
                return (IIOMetadataNode) root.item(i);
            }
        }
        IIOMetadataNode node = new IIOMetadataNode(name);
        root.appendChild(node);
        return node;
    }

    @Override
    public void close() throws IOException {
        if (before != null) {
            writer.endWriteSequence();
        }
        writer.dispose();
        out.close();
    }
}
