package wildchalk.desktop.binder;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.IntBuffer;
import javafx.animation.AnimationTimer;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import wildchalk.picture.export.Told;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Painter;
import wildchalk.picture.paint.Viewport;
import wildchalk.picture.style.Ground;

/** A small picture of a drill that plays while it is looked at. */
final class Miniature extends ImageView {

    static final int WIDTH = 258;
    static final int HEIGHT = 146;
    /** Painted at twice the size, so that it is sharp. */
    private static final int SCALE = 2;

    private final Told told;
    private boolean playing;
    private final Painter painter;
    private final BufferedImage picture =
            new BufferedImage(WIDTH * SCALE, HEIGHT * SCALE, BufferedImage.TYPE_INT_ARGB_PRE);
    private final PixelBuffer<IntBuffer> shared = new PixelBuffer<>(
            WIDTH * SCALE,
            HEIGHT * SCALE,
            IntBuffer.wrap(((DataBufferInt) picture.getRaster().getDataBuffer()).getData()),
            PixelFormat.getIntArgbPreInstance());
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
            double t = (now - started) / 1e9 % (told.timeline().seconds() + 1);
            paint(Frame.at(
                    told.drill(),
                    told.path(),
                    told.timeline(),
                    Math.min(t, told.timeline().seconds())));
        }
    };

    Miniature(Told told, Ground ground) {
        this.told = told;
        this.painter = new Painter(ground);
        setImage(new WritableImage(shared));
        setFitWidth(WIDTH);
        setFitHeight(HEIGHT);
        paintFirstStep();
    }

    /** Plays from the whistle. */
    void play() {
        if (!playing && told.timeline().seconds() > 0) {
            playing = true;
            timer.start();
        }
    }

    /** Shows the first step as drawn. */
    void rest() {
        if (playing) {
            playing = false;
            timer.stop();
            paintFirstStep();
        }
    }

    private void paintFirstStep() {
        paint(Frame.ofStep(told.drill(), told.path(), told.timeline(), 0));
    }

    private void paint(Frame frame) {
        Viewport v = Viewport.fitting(told.drill().surfaceUse(), WIDTH * SCALE, HEIGHT * SCALE)
                .withUnit(1.15);
        Graphics2D g = picture.createGraphics();
        painter.paint(g, frame, v);
        g.dispose();
        shared.updateBuffer(b -> null);
    }
}
