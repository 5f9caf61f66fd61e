package wildchalk.desktop.document;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;
import wildchalk.core.arrange.Copies;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.binder.Journal;
import wildchalk.core.drill.Backdrop;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.motion.Timeline;
import wildchalk.picture.export.Reader;
import wildchalk.picture.export.Rep;
import wildchalk.picture.paint.Frame;

/**
 * An open drill. Its {@link #rep()} always belongs to some recent value of the drill and soon to the present one; whatever
 * is drawn is drawn from it, so that marks, words and strip agree.
 */
public final class DrillDocument implements AutoCloseable {

    private final ReadOnlyObjectWrapper<Drill> drill = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Rep> rep = new ReadOnlyObjectWrapper<>();
    private final IntegerProperty step = new SimpleIntegerProperty();
    private final DoubleProperty seconds = new SimpleDoubleProperty();
    private final BooleanProperty playing = new SimpleBooleanProperty();
    private final DoubleProperty speed = new SimpleDoubleProperty(1);
    private final ObjectProperty<Selection> selection = new SimpleObjectProperty<>(Selection.NONE);
    private final ObjectProperty<Reader> reader = new SimpleObjectProperty<>(Reader.USUAL);
    private final Worker worker = new Worker();

    /** A picture to trace that is shown while the drill is open and kept in no file. */
    private final ObjectProperty<Optional<Backdrop>> tracing = new SimpleObjectProperty<>(Optional.empty());

    private History history;
    private DrillFile file;
    private Path path;
    private boolean showEndOfStep = true;
    private Optional<Journal> journal = Optional.empty();
    /** What the file held when it was read or written here last; empty when there is none. */
    private Optional<String> known = Optional.empty();

    /**
     * Opens a drill.
     *
     * @param path where it is stored; null for one that has not been stored yet
     */
    public DrillDocument(DrillFile file, Path path) {
        this(file, path, Reader.USUAL);
    }

    /**
     * Opens a drill for somebody.
     *
     * @param path where it is stored; null for one that has not been stored yet
     */
    public DrillDocument(DrillFile file, Path path, Reader reader) {
        this.file = file;
        this.path = path;
        this.history = new History(file.drill(), path != null);
        drill.set(file.drill());
        this.reader.set(reader);
        this.known = path == null ? Optional.empty() : Fingerprints.of(path);
        rep.set(Rep.of(file.drill(), file.drill().base(), reader));
        step.set(rep.get().progression().steps().size() - 1);
        seconds.set(path == null ? rep.get().timeline().seconds() : 0);
        step.set(path == null ? step.get() : 0);
    }

    // ---- values ----

    public ReadOnlyObjectProperty<Drill> drillProperty() {
        return drill.getReadOnlyProperty();
    }

    public Drill drill() {
        return drill.get();
    }

    public Progression progression() {
        return drill.get().base();
    }

    public ReadOnlyObjectProperty<Rep> repProperty() {
        return rep.getReadOnlyProperty();
    }

    public Rep rep() {
        return rep.get();
    }

    public Timeline timeline() {
        return rep.get().timeline();
    }

    /** Whether {@link #rep()} is that of the present drill. */
    public boolean isUpToDate() {
        return rep.get().drill().equals(drill.get());
    }

    /** The step that is being drawn or played, from 0. */
    public IntegerProperty stepProperty() {
        return step;
    }

    /** The playhead. */
    public DoubleProperty secondsProperty() {
        return seconds;
    }

    public BooleanProperty playingProperty() {
        return playing;
    }

    public DoubleProperty speedProperty() {
        return speed;
    }

    public ObjectProperty<Selection> selectionProperty() {
        return selection;
    }

    /** What the board shows now. */
    public Frame frame() {
        Rep r = rep.get();
        Set<MoveId> selected = new HashSet<>();
        selection.get().ids().forEach(id -> {
            if (id instanceof MoveId move) {
                selected.add(move);
            }
        });
        int current = Math.max(0, Math.min(step.get(), r.progression().steps().size() - 1));
        Drill shown = tracing.get().isPresent() ? r.drill().withBackdrop(tracing.get()) : r.drill();
        return new Frame(shown, r.progression(), r.timeline(), seconds.get(), current, true, selected);
    }

    /** A picture that lies under the drawing in this window only. */
    public ObjectProperty<Optional<Backdrop>> tracingProperty() {
        return tracing;
    }

    // ---- changes ----

    /** One user action on the progression: named for undo, dropped if it changes nothing. */
    public void change(String label, UnaryOperator<Progression> action) {
        changeDrill(label, d -> d.withProgression(action.apply(d.base())));
    }

    public void changeDrill(String label, UnaryOperator<Drill> action) {
        if (history.apply(label, action.apply(drill.get()))) {
            playing.set(false);
            refresh();
        }
    }

    /** Whom words and figures are for. */
    public Reader reader() {
        return reader.get();
    }

    /** Works everything out again for another reader. */
    public void setReader(Reader who) {
        reader.set(who);
        Drill now = drill.get();
        worker.ask(() -> Rep.of(now, now.base(), who), rep::set);
    }

    /** Several edits seen by the user as one. */
    public void changeAndSelect(String label, Function<Progression, Copies.Pasted> action) {
        Copies.Pasted result = action.apply(progression());
        change(label, before -> result.after());
        selection.set(new Selection(result.copies()));
    }

    /** What has been done since the drill was opened, the first first. */
    public List<String> doneLabels() {
        return history.doneLabels();
    }

    /** What was taken back and can be done again, the next first. */
    public List<String> undoneLabels() {
        return history.undoneLabels();
    }

    /** Goes back or forward until so many edits are done. */
    public void goToEdit(int count) {
        boolean moved = false;
        while (history.doneLabels().size() > count && history.undo()) {
            moved = true;
        }
        while (history.doneLabels().size() < count && history.redo()) {
            moved = true;
        }
        if (moved) {
            playing.set(false);
            refresh();
        }
    }

    public void undo() {
        if (history.undo()) {
            playing.set(false);
            refresh();
        }
    }

    public void redo() {
        if (history.redo()) {
            playing.set(false);
            refresh();
        }
    }

    public Optional<String> undoLabel() {
        return history.undoLabel();
    }

    public Optional<String> redoLabel() {
        return history.redoLabel();
    }

    /** Keeps every change in a journal from now on. */
    public void keepIn(Journal keeper) {
        journal = Optional.of(keeper);
        keep();
    }

    private void keep() {
        journal.ifPresent(j -> {
            boolean untouched = path == null
                    && history.doneLabels().isEmpty()
                    && history.now().base().isEmpty();
            if (history.isSaved() || untouched) {
                try {
                    j.clear();
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            } else {
                List<String> labels = history.doneLabels();
                j.keep(file.withDrill(history.now()), labels.subList(Math.max(0, labels.size() - 50), labels.size()));
            }
        });
    }

    /** Whether another window or program has written the file since it was read or written here. */
    public boolean isChangedOutside() {
        return path != null && known.isPresent() && !Fingerprints.of(path).equals(known);
    }

    private void refresh() {
        Drill now = history.now();
        keep();
        int before = drill.get().base().steps().size();
        // who has just drawn a move goes on from where it ends
        showEndOfStep |= now.base().moves().size() > drill.get().base().moves().size();
        drill.set(now);
        int steps = now.base().steps().size();
        step.set(steps > before ? steps - 1 : Math.min(step.get(), steps - 1));
        forgetWhatIsGone(now.base());
        Reader who = reader.get();
        worker.ask(() -> Rep.of(now, now.base(), who), fresh -> {
            rep.set(fresh);
            if (showEndOfStep) {
                showEndOfStep();
            } else {
                seconds.set(Math.min(seconds.get(), fresh.timeline().seconds()));
            }
        });
    }

    private void forgetWhatIsGone(Progression now) {
        Set<ElementId> there = new LinkedHashSet<>(selection.get().ids());
        there.retainAll(new HashSet<>(Elements.all(now)));
        if (there.size() < selection.get().ids().size()) {
            selection.set(new Selection(there));
        }
    }

    // ---- time ----

    /** Goes to a step and shows everybody where it ends, ready to be drawn on from there. */
    public void goToStep(int index) {
        playing.set(false);
        step.set(Math.max(0, Math.min(index, progression().steps().size() - 1)));
        showEndOfStep = true;
        showEndOfStep();
    }

    /** Goes to the moment at which a step starts. */
    public void goToStartOf(int index) {
        seek(timeline()
                .steps()
                .get(Math.max(0, Math.min(index, timeline().steps().size() - 1)))
                .start());
    }

    private void showEndOfStep() {
        var spans = timeline().steps();
        int index = Math.min(step.get(), spans.size() - 1);
        double end = 0;
        for (int i = 0; i <= index; i++) {
            end = Math.max(end, spans.get(i).end());
        }
        seconds.set(end);
    }

    /** Moves the playhead; the step follows it. */
    public void seek(double t) {
        showEndOfStep = false;
        double clipped = Math.max(0, Math.min(t, timeline().seconds()));
        seconds.set(clipped);
        step.set(timeline().stepIndexAt(clipped));
    }

    /** Moves the playhead to the whistle without leaving the step that is drawn, for setting things out. */
    public void showStart() {
        showEndOfStep = false;
        playing.set(false);
        seconds.set(0);
    }

    public void togglePlaying() {
        if (!playing.get() && seconds.get() >= timeline().seconds() - 1e-9) {
            seek(0);
        }
        playing.set(!playing.get() && timeline().seconds() > 0);
    }

    // ---- file ----

    public Optional<Path> path() {
        return Optional.ofNullable(path);
    }

    public boolean isSaved() {
        return history.isSaved();
    }

    /** Saves where the drill is stored, or at {@code target} from now on. */
    public void save(Path target) throws IOException {
        file = file.withDrill(drill.get());
        file.save(target);
        path = target;
        known = Fingerprints.of(target);
        history.markSaved();
        keep();
    }

    @Override
    public void close() {
        playing.set(false);
        worker.close();
        journal.ifPresent(j -> {
            try {
                j.close();
            } catch (IOException e) {
                System.getLogger(DrillDocument.class.getName())
                        .log(System.Logger.Level.WARNING, "The journal stays: {0}", e.getMessage());
            }
        });
    }
}
