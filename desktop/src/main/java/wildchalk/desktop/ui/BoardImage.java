package wildchalk.desktop.ui;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.IntBuffer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Legend;
import wildchalk.picture.paint.Painter;
import wildchalk.picture.paint.Viewport;
import wildchalk.picture.style.Ground;
import wildchalk.picture.style.StrokeCode;

/**
 * A picture that the painter draws for the window. What stands still while a step plays
 * (surface, gear, strokes) is painted once and copied under every frame; what has changed is shown anew, tile by tile.
 */
public final class BoardImage {

    /** Tiles are about so wide and high, in pixels: small enough that little is shown anew, few enough to be quick. */
    private static final int TILE = 112;

    private final int width;
    private final int height;
    private final BufferedImage picture;
    private final int[] pixels;
    private final List<Tile> tiles = new ArrayList<>();
    private final Group node = new Group();
    private int[] stillPixels;
    private Object stillKey;

    /** A part of the picture. What it shows may be read at any moment, so it only ever holds a whole part. */
    private static final class Tile {
        final int left;
        final int top;
        final int width;
        final int height;
        final int[] shown;
        final PixelBuffer<IntBuffer> shared;

        Tile(int left, int top, int width, int height) {
            this.left = left;
            this.top = top;
            this.width = width;
            this.height = height;
            this.shown = new int[width * height];
            this.shared = new PixelBuffer<>(width, height, IntBuffer.wrap(shown), PixelFormat.getIntArgbPreInstance());
        }

        ImageView view(double scale) {
            ImageView view = new ImageView(new WritableImage(shared));
            view.setFitWidth(width / scale);
            view.setFitHeight(height / scale);
            view.relocate(left / scale, top / scale);
            return view;
        }

        /** Shows its part of a picture, if that has changed. */
        void take(int[] from, int scanline) {
            boolean changed = false;
            for (int y = 0; y < height; y++) {
                int row = (top + y) * scanline + left;
                if (!Arrays.equals(from, row, row + width, shown, y * width, (y + 1) * width)) {
                    System.arraycopy(from, row, shown, y * width, width);
                    changed = true;
                }
            }
            if (changed) {
                shared.updateBuffer(b -> null);
            }
        }
    }

    public BoardImage(int width, int height) {
        this(width, height, 1);
    }

    /** @param scale pixels of the picture to a point of the window */
    public BoardImage(int width, int height, double scale) {
        this.width = width;
        this.height = height;
        this.picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
        this.pixels = ((DataBufferInt) picture.getRaster().getDataBuffer()).getData();
        int across = Math.max(1, Math.round((float) width / TILE));
        int down = Math.max(1, Math.round((float) height / TILE));
        for (int row = 0; row < down; row++) {
            for (int column = 0; column < across; column++) {
                int left = column * width / across;
                int top = row * height / down;
                Tile tile = new Tile(left, top, (column + 1) * width / across - left, (row + 1) * height / down - top);
                tiles.add(tile);
                node.getChildren().add(tile.view(scale));
            }
        }
        // a picture that is painted anew would ask for a layout, and that for another painting, for ever
        node.setManaged(false);
        node.setAutoSizeChildren(false);
        node.setMouseTransparent(true);
    }

    public boolean hasSize(int w, int h) {
        return w == width && h == height;
    }

    /** What shows it. */
    public Node node() {
        return node;
    }

    /** Paints a frame; to be called on the FX thread. */
    public void paint(Frame frame, Viewport viewport, Ground ground, StrokeCode code, boolean legend) {
        Painter painter = new Painter(ground, code);
        Object key = List.of(
                frame.drill(),
                frame.timeline(),
                frame.currentStep(),
                frame.selected(),
                viewport,
                ground,
                code,
                legend,
                frame.extra().still());
        if (!key.equals(stillKey)) {
            Graphics2D g = picture.createGraphics();
            painter.paintStill(g, frame, viewport);
            if (legend) {
                Legend.of(frame.path(), frame.timeline(), code)
                        .paintCard(g, ground, viewport, frame.drill().surface().ballName());
            }
            g.dispose();
            stillPixels = pixels.clone();
            stillKey = key;
        } else {
            System.arraycopy(stillPixels, 0, pixels, 0, pixels.length);
        }
        Graphics2D g = picture.createGraphics();
        painter.paintMoving(g, frame, viewport);
        g.dispose();
        tiles.forEach(t -> t.take(pixels, width));
    }
}
