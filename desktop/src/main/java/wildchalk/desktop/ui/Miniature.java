package wildchalk.desktop.ui;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.IntBuffer;
import javafx.animation.AnimationTimer;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import wildchalk.core.arrange.ActionBox;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.surface.View;
import wildchalk.picture.export.Told;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Painter;
import wildchalk.picture.paint.Viewport;
import wildchalk.picture.style.Ground;

/** A small picture of a drill that plays while it is looked at. */
public final class Miniature extends ImageView {

    public static final int WIDTH = 258;
    public static final int HEIGHT = 146;
    /** Painted at twice the size, so that it is sharp. */
    private static final int SCALE = 2;

    /** A drill with its first step painted: made by whoever has the time, before the FX thread takes it over. */
    public record Painted(Told told, Painter painter, BufferedImage picture) {

        public static Painted of(Told told, Ground ground) {
            Painted painted = new Painted(
                    told,
                    new Painter(ground),
                    new BufferedImage(WIDTH * SCALE, HEIGHT * SCALE, BufferedImage.TYPE_INT_ARGB_PRE));
            painted.firstStep();
            return painted;
        }

        private void firstStep() {
            paint(Frame.ofStep(told.drill(), told.path(), told.timeline(), 0));
        }

        private void at(double seconds) {
            paint(Frame.at(told.drill(), told.path(), told.timeline(), seconds));
        }

        private void paint(Frame frame) {
            SurfaceUse use = told.drill().surfaceUse();
            View part = Viewport.first(
                    use, ActionBox.of(told.path(), told.drill().surface()), WIDTH * SCALE, HEIGHT * SCALE);
            Viewport v = Viewport.fitting(part, use.standing(), WIDTH * SCALE, HEIGHT * SCALE)
                    .withUnit(1.15);
            Graphics2D g = picture.createGraphics();
            painter.paintSmall(g, frame, v);
            g.dispose();
        }
    }

    private final Painted painted;
    private final PixelBuffer<IntBuffer> shared;
    private boolean playing;
    private final AnimationTimer timer = new AnimationTimer() {
        private long started;

        @Override
        public void start() {
            started = 0;
            super.start();
        }

        @Override
        public void handle(long now) {
            started = started == 0 ? now : started;
            double whole = painted.told().timeline().seconds();
            painted.at(Math.min((now - started) / 1e9 % (whole + 1), whole));
            shared.updateBuffer(b -> null);
        }
    };

    public Miniature(Painted painted) {
        this.painted = painted;
        this.shared = new PixelBuffer<>(
                WIDTH * SCALE,
                HEIGHT * SCALE,
                IntBuffer.wrap(((DataBufferInt) painted.picture().getRaster().getDataBuffer()).getData()),
                PixelFormat.getIntArgbPreInstance());
        setImage(new WritableImage(shared));
        setFitWidth(WIDTH);
        setFitHeight(HEIGHT);
    }

    /** Plays from the whistle. */
    public void play() {
        if (!playing && painted.told().timeline().seconds() > 0) {
            playing = true;
            timer.start();
        }
    }

    /** Shows the first step as drawn. */
    public void rest() {
        if (playing) {
            playing = false;
            timer.stop();
            painted.firstStep();
            shared.updateBuffer(b -> null);
        }
    }
}
