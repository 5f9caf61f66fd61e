package wildchalk.desktop.document;

import java.io.IOException;
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
import javafx.beans.property.SimpleObjectProperty;
import wildchalk.core.arrange.Copies;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.binder.Journal;
import wildchalk.core.drill.Backdrop;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Outcomes;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.ladder.Changes;
import wildchalk.core.ladder.Ladder;
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
    private final Playhead playhead = new Playhead(this::timeline);
    private final ObjectProperty<Selection> selection = new SimpleObjectProperty<>(Selection.NONE);
    /** Which version of the drill is open. */
    private final ReadOnlyObjectWrapper<ProgressionId> version = new ReadOnlyObjectWrapper<>();
    /** Which path through it is shown. */
    private final ReadOnlyObjectWrapper<Choices> choices = new ReadOnlyObjectWrapper<>(Choices.USUAL);

    private final ObjectProperty<Reader> reader = new SimpleObjectProperty<>(Reader.USUAL);
    private final Worker worker = new Worker();

    /** A picture to trace that is shown while the drill is open and kept in no file. */
    private final ObjectProperty<Optional<Backdrop>> tracing = new SimpleObjectProperty<>(Optional.empty());

    private final History history;
    private final Storage storage;
    /** Opens a drill for the usual reader. */
    public DrillDocument(DrillFile file, Path path) {
        this(file, path, Reader.USUAL);
    }

    /**
     * Opens a drill for somebody.
     *
     * @param path where it is stored; null for one that has not been stored yet
     */
    public DrillDocument(DrillFile file, Path path, Reader reader) {
        this.history = new History(file.drill(), path != null);
        this.storage = new Storage(file, path, history);
        drill.set(file.drill());
        this.reader.set(reader);
        version.set(file.drill().base().id());
        rep.set(Rep.of(file.drill(), file.drill().base(), reader));
        if (path == null) {
            playhead.goToStep(rep.get().progression().steps().size() - 1);
        }
    }

    // ---- values ----

    public ReadOnlyObjectProperty<Drill> drillProperty() {
        return drill.getReadOnlyProperty();
    }

    public Drill drill() {
        return drill.get();
    }

    /** The open version, with all its paths. */
    public Progression whole() {
        return wholeOf(drill.get());
    }

    private Progression wholeOf(Drill now) {
        return now.progression(version.get()).orElseGet(now::base);
    }

    /** The path through the open version that is shown and drawn on. */
    public Progression progression() {
        return pathOf(drill.get());
    }

    private Progression pathOf(Drill now) {
        return Outcomes.along(wholeOf(now), choices.get());
    }

    public ReadOnlyObjectProperty<ProgressionId> versionProperty() {
        return version.getReadOnlyProperty();
    }

    public ReadOnlyObjectProperty<Choices> choicesProperty() {
        return choices.getReadOnlyProperty();
    }

    /** Opens another version of the drill, at its beginning. */
    public void show(ProgressionId wanted) {
        if (!wanted.equals(version.get()) && drill.get().progression(wanted).isPresent()) {
            playhead.stop();
            selection.set(Selection.NONE);
            version.set(wanted);
            choices.set(Choices.USUAL);
            workOutNow();
            playhead.seek(0);
        }
    }

    /** Shows another path; what it has in common with the one before stays where it is. */
    public void choose(Choices way) {
        if (!way.equals(choices.get())) {
            choices.set(way);
            workOutNow();
            playhead.clip();
            forgetWhatIsGone(progression());
        }
    }

    private void workOutNow() {
        rep.set(Rep.of(drill.get(), whole(), choices.get(), reader.get()));
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
        return playhead.step();
    }

    /** The playhead. */
    public DoubleProperty secondsProperty() {
        return playhead.seconds();
    }

    public BooleanProperty playingProperty() {
        return playhead.playing();
    }

    public DoubleProperty speedProperty() {
        return playhead.speed();
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
        int current = Math.max(
                0, Math.min(playhead.step().get(), r.progression().steps().size() - 1));
        Drill shown = tracing.get().isPresent() ? r.drill().withBackdrop(tracing.get()) : r.drill();
        return new Frame(
                shown, r.progression(), r.timeline(), playhead.seconds().get(), current, true, selected);
    }

    /** A picture that lies under the drawing in this window only. */
    public ObjectProperty<Optional<Backdrop>> tracingProperty() {
        return tracing;
    }

    // ---- changes ----

    /**
     * One user action on the path that is shown: named for undo, dropped if it changes nothing. Steps of other paths stay,
     * and versions that are based on this one follow it.
     */
    public void change(String label, UnaryOperator<Progression> action) {
        changeDrill(label, d -> {
            Progression path = pathOf(d);
            Progression after = action.apply(path);
            Progression whole = wholeOf(d);
            return Ladder.edit(
                    d, path.equals(whole) ? after : Changes.between(path, after).within(whole));
        });
    }

    /** One user action on the open version with all its paths. */
    public void changeWhole(String label, UnaryOperator<Progression> action) {
        changeDrill(label, d -> Ladder.edit(d, action.apply(wholeOf(d))));
    }

    public void changeDrill(String label, UnaryOperator<Drill> action) {
        if (history.apply(label, action.apply(drill.get()))) {
            playhead.stop();
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
        Progression whole = wholeOf(now);
        Choices way = choices.get();
        worker.ask(() -> Rep.of(now, whole, way, who), rep::set);
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
            playhead.stop();
            refresh();
        }
    }

    public void undo() {
        if (history.undo()) {
            playhead.stop();
            refresh();
        }
    }

    public void redo() {
        if (history.redo()) {
            playhead.stop();
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
        storage.keepIn(keeper);
    }

    /** Whether another window or program has written the file since it was read or written here. */
    public boolean isChangedOutside() {
        return storage.isChangedOutside();
    }

    private void refresh() {
        Drill now = history.now();
        storage.keep();
        Progression old = progression();
        drill.set(now);
        if (now.progression(version.get()).isEmpty()) {
            version.set(now.base().id());
        }
        Progression fresh = progression();
        // who has just drawn a move goes on from where it ends
        if (fresh.moves().size() > old.moves().size()) {
            playhead.stayAtEndOfStep();
        }
        int steps = fresh.steps().size();
        boolean longer = steps > old.steps().size();
        IntegerProperty step = playhead.step();
        step.set(longer ? firstNew(old, fresh) : Math.min(step.get(), steps - 1));
        forgetWhatIsGone(fresh);
        Reader who = reader.get();
        Progression whole = whole();
        Choices way = choices.get();
        worker.ask(() -> Rep.of(now, whole, way, who), worked -> {
            rep.set(worked);
            playhead.fit();
        });
    }

    /** The last step that was not there before. */
    private static int firstNew(Progression old, Progression fresh) {
        for (int i = fresh.steps().size() - 1; i > 0; i--) {
            if (old.step(fresh.steps().get(i).id()).isEmpty()) {
                return i;
            }
        }
        return 0;
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
        playhead.goToStep(Math.max(0, Math.min(index, progression().steps().size() - 1)));
    }

    /** Goes to the moment at which a step starts. */
    public void goToStartOf(int index) {
        playhead.goToStartOf(index);
    }

    /** Moves the playhead; the step follows it. */
    public void seek(double t) {
        playhead.seek(t);
    }

    /** Moves the playhead to the whistle without leaving the step that is drawn, for setting things out. */
    public void showStart() {
        playhead.showStart();
    }

    public void togglePlaying() {
        playhead.togglePlaying();
    }

    // ---- file ----

    public Optional<Path> path() {
        return storage.path();
    }

    public boolean isSaved() {
        return history.isSaved();
    }

    /** Saves where the drill is stored, or at {@code target} from now on. */
    public void save(Path target) throws IOException {
        storage.save(target);
    }

    @Override
    public void close() {
        playhead.stop();
        worker.close();
        storage.close();
    }
}
