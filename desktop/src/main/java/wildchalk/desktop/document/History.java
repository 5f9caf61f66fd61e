package wildchalk.desktop.document;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Drill;

/** Whole values that can be gone back to and forward to, without limit while the drill is open. */
final class History {

    private final Deque<Edit> done = new ArrayDeque<>();
    private final Deque<Edit> undone = new ArrayDeque<>();
    private Drill now;
    private Drill saved;

    History(Drill start, boolean isSaved) {
        this.now = start;
        this.saved = isSaved ? start : null;
    }

    Drill now() {
        return now;
    }

    /** Makes a change; one that changes nothing is dropped. */
    boolean apply(String label, Drill after) {
        if (after.equals(now)) {
            return false;
        }
        done.push(new Edit(label, now, after));
        undone.clear();
        now = after;
        return true;
    }

    boolean undo() {
        if (done.isEmpty()) {
            return false;
        }
        Edit edit = done.pop();
        undone.push(edit);
        now = edit.before();
        return true;
    }

    boolean redo() {
        if (undone.isEmpty()) {
            return false;
        }
        Edit edit = undone.pop();
        done.push(edit);
        now = edit.after();
        return true;
    }

    /** What undo would take back. */
    Optional<String> undoLabel() {
        return Optional.ofNullable(done.peek()).map(Edit::label);
    }

    Optional<String> redoLabel() {
        return Optional.ofNullable(undone.peek()).map(Edit::label);
    }

    /** The first edit first. */
    List<String> doneLabels() {
        List<String> labels = new ArrayList<>();
        done.descendingIterator().forEachRemaining(e -> labels.add(e.label()));
        return labels;
    }

    /** The next to be done again first. */
    List<String> undoneLabels() {
        return undone.stream().map(Edit::label).toList();
    }

    void markSaved() {
        saved = now;
    }

    boolean isSaved() {
        return now.equals(saved);
    }
}
