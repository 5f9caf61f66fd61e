package wildchalk.desktop.present;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.geometry.Point;

/** What is written over the drill, where it lies on the surface: whoever looks at it in another size sees it in the same place. */
final class InkMarks {

    private final List<List<Point>> strokes = new ArrayList<>();
    private final List<Runnable> listeners = new ArrayList<>();

    /** Runs whenever something is written or wiped away. */
    void onChanged(Runnable listener) {
        listeners.add(listener);
    }

    List<List<Point>> strokes() {
        return strokes;
    }

    void begin(Point at) {
        strokes.add(new ArrayList<>(List.of(at)));
        listeners.forEach(Runnable::run);
    }

    void on(Point to) {
        if (strokes.isEmpty()) {
            begin(to);
            return;
        }
        strokes.get(strokes.size() - 1).add(to);
        listeners.forEach(Runnable::run);
    }

    void clear() {
        strokes.clear();
        listeners.forEach(Runnable::run);
    }
}
