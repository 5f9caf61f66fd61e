package wildchalk.desktop.document;

import java.util.List;
import java.util.function.Supplier;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleIntegerProperty;
import wildchalk.core.motion.StepSpan;
import wildchalk.core.motion.Timeline;

/**
 * The moment that is shown and the step that is drawn. They part only while a step is drawn: then the moment is the step's
 * end, and stays it when times change.
 */
final class Playhead {

    private final Supplier<Timeline> timeline;
    private final IntegerProperty step = new SimpleIntegerProperty();
    private final DoubleProperty seconds = new SimpleDoubleProperty();
    private final BooleanProperty playing = new SimpleBooleanProperty();
    private final DoubleProperty speed = new SimpleDoubleProperty(1);
    private boolean atEndOfStep = true;

    /** @param timeline the one that is shown now */
    Playhead(Supplier<Timeline> timeline) {
        this.timeline = timeline;
    }

    IntegerProperty step() {
        return step;
    }

    DoubleProperty seconds() {
        return seconds;
    }

    BooleanProperty playing() {
        return playing;
    }

    DoubleProperty speed() {
        return speed;
    }

    void stop() {
        playing.set(false);
    }

    /** Goes to a step and to where it ends. */
    void goToStep(int index) {
        stop();
        step.set(index);
        stayAtEndOfStep();
        fit();
    }

    void goToStartOf(int index) {
        List<StepSpan> spans = timeline.get().steps();
        seek(spans.get(Math.max(0, Math.min(index, spans.size() - 1))).start());
    }

    /** From the next {@link #fit()} on the moment is the end of the step. */
    void stayAtEndOfStep() {
        atEndOfStep = true;
    }

    /** Times have changed: the moment is the end of the step where it was that, else it stays within the rep. */
    void fit() {
        double end = timeline.get().seconds();
        seconds.set(atEndOfStep ? endOfStep() : Math.min(seconds.get(), end));
    }

    /** Another path is shown: moment and step stay where they are, or within it. */
    void clip() {
        seconds.set(Math.min(seconds.get(), timeline.get().seconds()));
        step.set(Math.min(step.get(), timeline.get().steps().size() - 1));
    }

    /** When everybody stands as the step that is drawn leaves them. */
    private double endOfStep() {
        List<StepSpan> spans = timeline.get().steps();
        return spans.subList(0, Math.min(step.get() + 1, spans.size())).stream()
                .mapToDouble(StepSpan::end)
                .max()
                .orElse(0);
    }

    /** Moves the moment; the step follows it. */
    void seek(double t) {
        atEndOfStep = false;
        double clipped = Math.max(0, Math.min(t, timeline.get().seconds()));
        seconds.set(clipped);
        step.set(timeline.get().stepIndexAt(clipped));
    }

    /** Moves the moment to the whistle without leaving the step that is drawn. */
    void showStart() {
        atEndOfStep = false;
        stop();
        seconds.set(0);
    }

    void togglePlaying() {
        double end = timeline.get().seconds();
        if (!playing.get() && seconds.get() >= end - 1e-9) {
            seek(0);
        }
        playing.set(!playing.get() && end > 0);
    }
}
