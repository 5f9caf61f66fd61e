package wildchalk.desktop.document;

import javafx.beans.property.ReadOnlyObjectWrapper;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.path.Choices;
import wildchalk.core.path.Path;
import wildchalk.picture.export.Reader;
import wildchalk.picture.export.Told;

/**
 * Which version of an open drill and which path through it is shown, and to whom. The path is always that of the newest value;
 * what is worked out for it comes a little later, and only if nothing else has been asked for meanwhile.
 */
final class Showing implements AutoCloseable {

    final ReadOnlyObjectWrapper<ProgressionId> open = new ReadOnlyObjectWrapper<>();
    final ReadOnlyObjectWrapper<Choices> choices = new ReadOnlyObjectWrapper<>(Choices.USUAL);
    final ReadOnlyObjectWrapper<Told> told = new ReadOnlyObjectWrapper<>();

    private final Faults faults;
    private final Worker worker;
    private Reader reader;
    private Path path;

    /** @param first what is shown first, along the likeliest path */
    Showing(Told first, Faults faults) {
        this.faults = faults;
        this.reader = first.reader();
        this.worker = new Worker(e -> faults.told(Faults.Kind.WORK, e));
        path = first.path();
        open.set(path.id());
        told.set(first);
    }

    Path path() {
        return path;
    }

    Reader reader() {
        return reader;
    }

    void setReader(Reader who) {
        reader = who.forSport(told.get().drill().surface().sport());
    }

    /** Shows a version along a path from now on; the base where the drill does not have it. */
    void settle(Drill now, ProgressionId version, Choices way) {
        Progression shown = now.progression(version).orElseGet(now::base);
        path = Path.of(shown, way);
        choices.set(way);
        open.set(shown.id());
    }

    /** Works out what is shown, elsewhere; of what was asked before, nothing comes any more. */
    void workOut(Drill now, Runnable then) {
        Path shown = path;
        Reader who = reader;
        worker.ask(() -> Told.of(now, shown, who), worked -> {
            if (!worked.path().choices().equals(path.choices())) {
                // a race goes the way that the clock has it
                path = worked.path();
                choices.set(path.choices());
            }
            told.set(worked);
            faults.mended(Faults.Kind.WORK);
            then.run();
        });
    }

    /** Whether what was worked out is of this drill, and of the version and path that are shown. */
    boolean isWorkedOut(Drill now) {
        return told.get().drill().equals(now) && told.get().path().equals(path);
    }

    @Override
    public void close() {
        worker.close();
    }
}
