package wildchalk.desktop.document;

import java.io.IOException;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import wildchalk.core.binder.BinderFile;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.binder.Journal;
import wildchalk.core.drill.Backdrop;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.StepId;
import wildchalk.core.edit.Edit;
import wildchalk.core.edit.EditKind;
import wildchalk.core.edit.Edited;
import wildchalk.core.edit.Wholes;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Choices;
import wildchalk.core.path.Path;
import wildchalk.picture.export.Reader;
import wildchalk.picture.export.Told;
import wildchalk.picture.paint.Frame;

/**
 * An open drill. There is one door through which it is changed, {@link #edit}. Its {@link #told()} always belongs to some
 * recent value of the drill and soon to the present one; whatever is drawn is drawn from it, so that marks, words and strip
 * agree.
 */
public final class DrillDocument implements AutoCloseable {

    private final ReadOnlyObjectWrapper<Drill> drill = new ReadOnlyObjectWrapper<>();
    private final Playhead playhead = new Playhead(this::timeline);
    private final ObjectProperty<Selection> selection = new SimpleObjectProperty<>(Selection.NONE);
    private final Faults faults;
    private final Showing showing;

    /** A picture to trace that is shown while the drill is open and kept in no file. */
    private final ObjectProperty<Optional<Backdrop>> tracing = new SimpleObjectProperty<>(Optional.empty());

    private final History<Drill> history;
    private final Storage<Drill> storage;
    private Consent consent = Consent.ALWAYS;

    /** Opens a drill for the usual reader; faults are heard by nobody. */
    public DrillDocument(BinderFile<Drill> content, java.nio.file.Path file) {
        this(Stored.of(content, Optional.ofNullable(file)), Reader.USUAL, new Faults());
    }

    /** Opens a drill for somebody, and works it out. */
    public DrillDocument(Stored<Drill> stored, Reader reader, Faults faults) {
        this(Opened.of(stored, reader), faults);
    }

    /** Opens a drill that has been worked out. */
    public DrillDocument(Opened opened, Faults faults) {
        Stored<Drill> stored = opened.stored();
        Drill start = stored.content().value();
        this.faults = faults;
        this.history = new History<>(start, stored.file().isPresent());
        this.storage = Storage.ofDrill(stored, history);
        this.showing = new Showing(opened.told(), faults);
        drill.set(start);
        if (stored.file().isEmpty()) {
            playhead.goToStep(path().steps().size() - 1);
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
    public Progression version() {
        return path().version();
    }

    /** The path through the open version that is shown, of the newest value; nothing can be edited through it. */
    public Path path() {
        return showing.path();
    }

    public ReadOnlyObjectProperty<ProgressionId> versionProperty() {
        return showing.open.getReadOnlyProperty();
    }

    public ReadOnlyObjectProperty<Choices> choicesProperty() {
        return showing.choices.getReadOnlyProperty();
    }

    /** Opens another version of the drill, at its beginning. */
    public void show(ProgressionId wanted) {
        if (!wanted.equals(showing.open.get())) {
            show(wanted, Choices.USUAL, () -> playhead.seek(0));
        }
    }

    /** Opens a version along a path; nothing happens if the drill does not have it. @param then done once it is shown */
    public void show(ProgressionId wanted, Choices way, Runnable then) {
        if (wanted.equals(showing.open.get())) {
            playhead.stop();
            choose(way, then);
        } else if (drill.get().progression(wanted).isPresent()) {
            playhead.stop();
            selection.set(Selection.NONE);
            showing.settle(drill(), wanted, way);
            showing.workOut(drill(), then);
        }
    }

    /** Shows another path; what it has in common with the one before stays where it is. */
    public void choose(Choices way) {
        choose(way, () -> {});
    }

    /** @param then done once the other path is shown */
    public void choose(Choices way, Runnable then) {
        if (way.equals(showing.choices.get())) {
            then.run();
            return;
        }
        showing.settle(drill(), showing.open.get(), way);
        forgetWhatIsGone(path());
        showing.workOut(drill(), () -> {
            playhead.clip();
            then.run();
        });
    }

    public ReadOnlyObjectProperty<Told> toldProperty() {
        return showing.told.getReadOnlyProperty();
    }

    public Told told() {
        return showing.told.get();
    }

    public Timeline timeline() {
        return told().timeline();
    }

    /** Whether {@link #told()} is that of the present drill, version and path. */
    public boolean isUpToDate() {
        return showing.isWorkedOut(drill());
    }

    /** The step that is being drawn or played, from 0. */
    public IntegerProperty stepProperty() {
        return playhead.step();
    }

    /** The id of that step; the last one where the path has become shorter. */
    public StepId currentStep() {
        return path().steps()
                .get(Math.max(0, Math.min(playhead.step().get(), path().steps().size() - 1)))
                .id();
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
        Told r = told();
        Set<MoveId> selected = new HashSet<>();
        selection.get().ids().forEach(id -> {
            if (id instanceof MoveId move) {
                selected.add(move);
            }
        });
        int current =
                Math.max(0, Math.min(playhead.step().get(), r.path().steps().size() - 1));
        Drill shown = tracing.get().isPresent() ? r.drill().withBackdrop(tracing.get()) : r.drill();
        return new Frame(shown, r.path(), r.timeline(), playhead.seconds().get(), current, true, selected);
    }

    /** A picture that lies under the drawing in this window only. */
    public ObjectProperty<Optional<Backdrop>> tracingProperty() {
        return tracing;
    }

    // ---- changes ----

    /** Who is asked when versions that are based on the open one would lose something of their own. */
    public void setConsent(Consent asked) {
        consent = asked;
    }

    /**
     * One user action, applied to the newest value: named for undo, dropped if it changes nothing. What it makes is chosen
     * then. An edit that cannot be made is told and changes nothing.
     *
     * @return whether something has changed
     */
    public boolean edit(String label, Edit edit) {
        Edited after;
        try {
            after = edit.applyTo(drill.get(), showing.open.get());
            List<Edit.Loss> losses = edit.losses(drill.get(), showing.open.get(), after.drill());
            if (!losses.isEmpty()) {
                Optional<Edit.Flow> flow = consent.to(label, losses);
                if (flow.isEmpty()) {
                    return false;
                }
                after = edit.applyTo(drill.get(), showing.open.get(), flow.get());
            }
        } catch (IllegalArgumentException | IllegalStateException | NoSuchElementException refused) {
            faults.told(Faults.Kind.REFUSED, refused);
            return false;
        }
        faults.mended(Faults.Kind.REFUSED);
        boolean changed = history.apply(label, after.drill());
        if (changed) {
            playhead.stop();
            refresh(after.open());
        }
        if (!after.made().isEmpty()) {
            boolean first = edit.kind() == EditKind.TELL;
            selection.set(first ? Selection.of(after.made().iterator().next()) : new Selection(after.made()));
        }
        return changed;
    }

    /** Another worker for what is asked about the drill; what fails there is told with the rest. */
    public Worker helper() {
        return new Worker(e -> faults.told(Faults.Kind.WORK, e));
    }

    /** Whom words and figures are for. */
    public Reader reader() {
        return showing.reader();
    }

    /** Works everything out again for another reader. */
    public void setReader(Reader who) {
        showing.setReader(who);
        showing.workOut(drill(), () -> {});
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
            refresh(showing.open.get());
        }
    }

    public void undo() {
        goToEdit(history.doneLabels().size() - 1);
    }

    public void redo() {
        goToEdit(history.doneLabels().size() + 1);
    }

    public Optional<String> undoLabel() {
        return history.undoLabel();
    }

    public Optional<String> redoLabel() {
        return history.redoLabel();
    }

    /** Brings everything up to the newest value of the history, with a version open. */
    private void refresh(ProgressionId version) {
        Path old = path();
        drill.set(history.now());
        storage.keep();
        boolean same = version.equals(old.id());
        showing.settle(drill(), version, same ? showing.choices.get().withRep(Choices.Rep.DRAWN) : Choices.USUAL);
        Path path = path();
        // who has just drawn a move goes on from where it ends
        if (same && path.moves().size() > old.moves().size()) {
            playhead.stayAtEndOfStep();
        }
        int steps = path.steps().size();
        IntegerProperty step = playhead.step();
        boolean longer = same && steps > old.steps().size();
        step.set(longer ? firstNew(old, path) : same ? Math.min(step.get(), steps - 1) : 0);
        forgetWhatIsGone(path);
        showing.workOut(drill(), playhead::fit);
    }

    /** The last step that was not there before. */
    private static int firstNew(Path old, Path fresh) {
        for (int i = fresh.steps().size() - 1; i > 0; i--) {
            if (old.step(fresh.steps().get(i).id()).isEmpty()) {
                return i;
            }
        }
        return 0;
    }

    private void forgetWhatIsGone(Path now) {
        Set<ElementId> there = new LinkedHashSet<>(selection.get().ids());
        there.retainAll(new HashSet<>(Elements.all(now)));
        if (there.size() < selection.get().ids().size()) {
            selection.set(new Selection(there));
        }
    }

    // ---- time ----

    /** Goes to a step and shows everybody where it ends, ready to be drawn on from there. */
    public void goToStep(int index) {
        playhead.goToStep(Math.max(0, Math.min(index, path().steps().size() - 1)));
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

    /** Keeps every change in a journal from now on. */
    public void keepIn(Journal<BinderFile<Drill>> keeper) {
        storage.keepIn(keeper);
    }

    /** Waits a little until everything that was done is in the journal. @throws IOException when it is not */
    public void flush() throws IOException {
        storage.flush();
    }

    /** The file it is stored in; empty for one that was never saved. */
    public Optional<java.nio.file.Path> file() {
        return storage.file();
    }

    /**
     * Its file has another name from now on, and perhaps another title, since it was renamed in the binder.
     *
     * @throws IOException when it cannot be read there
     */
    public void movedTo(java.nio.file.Path file) throws IOException {
        Stored<Drill> there = Stored.read(DrillFile.KIND, file);
        Drill renamed = there.content().value();
        boolean wasSaved = history.isSaved();
        String before = storage.stored().content().value().title();
        storage.movedTo(there);
        if (!renamed.title().equals(before)) {
            edit(renamed.title(), Wholes.renamed(renamed.title(), renamed.id()));
        }
        if (wasSaved && history.now().equals(renamed)) {
            history.markSaved(renamed);
            storage.keep();
        }
    }

    /** What is stored there as far as is known here; what a change outside is compared with. */
    public Stored<Drill> stored() {
        return storage.stored();
    }

    public boolean isSaved() {
        return history.isSaved();
    }

    /** Whether another window or program has written the file since it was read or written here. */
    public boolean isChangedOutside() {
        return storage.isChangedOutside();
    }

    /** What somebody else has written to the file has been looked at: saving may write over it. */
    public void seen(Stored<Drill> there) {
        storage.seen(there);
    }

    /** Saves over whatever another file holds, since somebody has chosen it; the drill is stored there from now on. */
    public void saveOver(java.nio.file.Path target) throws IOException {
        storage.saveOver(target);
    }

    /** Saves where the drill is stored, or at {@code target} from now on, which must be free. */
    public void save(java.nio.file.Path target) throws IOException {
        storage.save(target);
    }

    /** Ends with what is not saved thrown away. */
    @Override
    public void close() {
        playhead.stop();
        showing.close();
        storage.close();
    }
}
