package wildchalk.desktop.document;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;

/** Whole values that can be gone back to and forward to, without limit while they are open. */
public final class History<T> {

    /** One step between two values, which undo takes back and redo makes again. */
    private record Done<T>(String label, T before, T after) {}

    private final Deque<Done<T>> done = new ArrayDeque<>();
    private final Deque<Done<T>> undone = new ArrayDeque<>();
    private T now;
    private T saved;

    public History(T start, boolean isSaved) {
        this.now = start;
        this.saved = isSaved ? start : null;
    }

    public T now() {
        return now;
    }

    /** Makes a change; one that changes nothing is dropped. */
    public boolean apply(String label, T after) {
        if (after.equals(now)) {
            return false;
        }
        done.push(new Done<>(label, now, after));
        undone.clear();
        now = after;
        return true;
    }

    public boolean undo() {
        if (done.isEmpty()) {
            return false;
        }
        Done<T> step = done.pop();
        undone.push(step);
        now = step.before();
        return true;
    }

    public boolean redo() {
        if (undone.isEmpty()) {
            return false;
        }
        Done<T> step = undone.pop();
        done.push(step);
        now = step.after();
        return true;
    }

    /** What undo would take back. */
    public Optional<String> undoLabel() {
        return Optional.ofNullable(done.peek()).map(Done::label);
    }

    public Optional<String> redoLabel() {
        return Optional.ofNullable(undone.peek()).map(Done::label);
    }

    /** The first edit first. */
    public List<String> doneLabels() {
        List<String> labels = new ArrayList<>();
        done.descendingIterator().forEachRemaining(e -> labels.add(e.label()));
        return labels;
    }

    /** The next to be done again first. */
    public List<String> undoneLabels() {
        return undone.stream().map(Done::label).toList();
    }

    /** The value that is stored now; it may be older than {@link #now()}. */
    public void markSaved(T stored) {
        saved = stored;
    }

    public boolean isSaved() {
        return now.equals(saved);
    }
}
