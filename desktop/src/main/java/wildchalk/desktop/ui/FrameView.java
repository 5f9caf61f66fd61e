package wildchalk.desktop.ui;

import java.util.function.Supplier;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.layout.Region;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Viewport;
import wildchalk.picture.style.Ground;
import wildchalk.picture.style.StrokeCode;

/** Shows frames of a drill, and nothing else: for looking at, not for drawing on. */
public final class FrameView extends Region {

    private final Supplier<Frame> frame;
    private final StrokeCode code;
    private final ObjectProperty<Ground> ground = new SimpleObjectProperty<>();
    private BoardImage image = new BoardImage(1, 1);

    /** @param frame gives what is to be seen now */
    public FrameView(Supplier<Frame> frame, Ground ground, StrokeCode code) {
        this.frame = frame;
        this.code = code;
        this.ground.set(ground);
        getChildren().add(image.node());
        setMinSize(80, 60);
    }

    /** How metres lie on it now. */
    public Viewport viewport() {
        return Viewport.fitting(frame.get().drill().surfaceUse(), Math.max(1, getWidth()), Math.max(1, getHeight()));
    }

    /** Shows what is to be seen now. */
    public void paint() {
        int w = (int) Math.round(getWidth());
        int h = (int) Math.round(getHeight());
        if (w < 2 || h < 2) {
            return;
        }
        if (!image.hasSize(w, h)) {
            image = new BoardImage(w, h);
            getChildren().setAll(image.node());
        }
        image.paint(frame.get(), viewport(), ground.get(), code, false);
    }

    @Override
    protected void layoutChildren() {
        paint();
    }
}
