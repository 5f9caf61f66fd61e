package wildchalk.desktop.session;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.IntBuffer;
import java.util.List;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.Region;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.session.SetUp;
import wildchalk.desktop.document.Worker;
import wildchalk.picture.paint.FloorPainter;
import wildchalk.picture.paint.Viewport;
import wildchalk.picture.style.Ground;

/** The floor with all stations of a block, painted beside the window. */
final class FloorView extends Region {

    private final Worker worker;
    private final ImageView view = new ImageView();
    private SurfaceUse floor;
    private List<SetUp> stations = List.of();
    private Ground ground = Ground.SLATE;
    private Object shown;

    FloorView(Worker worker) {
        this.worker = worker;
        setId("floor");
        getChildren().add(view);
        setMinSize(120, 80);
        setPrefHeight(190);
    }

    void show(SurfaceUse use, List<SetUp> there) {
        floor = use;
        stations = there;
        requestLayout();
    }

    void dress(Ground other) {
        ground = other;
        requestLayout();
    }

    @Override
    protected void layoutChildren() {
        int w = (int) Math.round(getWidth());
        int h = (int) Math.round(getHeight());
        Object wanted = List.of(w, h, ground, stations, String.valueOf(floor));
        if (floor == null || w < 2 || h < 2 || wanted.equals(shown)) {
            return;
        }
        shown = wanted;
        SurfaceUse use = floor;
        List<SetUp> there = stations;
        Ground on = ground;
        worker.ask(() -> picture(use, there, on, w, h), view::setImage);
    }

    private static WritableImage picture(SurfaceUse use, List<SetUp> there, Ground on, int w, int h) {
        BufferedImage image = new BufferedImage(w, h, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = image.createGraphics();
        new FloorPainter(on).paint(g, use, there, Viewport.fitting(use, w, h).withUnit(0.7));
        g.dispose();
        int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        return new WritableImage(new PixelBuffer<>(w, h, IntBuffer.wrap(pixels), PixelFormat.getIntArgbPreInstance()));
    }
}
