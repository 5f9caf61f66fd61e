package wildchalk.desktop.document;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import wildchalk.core.binder.BinderFile;
import wildchalk.core.binder.Expected;
import wildchalk.core.binder.Fingerprint;
import wildchalk.core.binder.Journal;
import wildchalk.core.drill.Drill;
import wildchalk.desktop.ui.Aside;

/** Where something open is stored, and the journal that keeps what is not stored yet. */
final class Storage<T> implements AutoCloseable {

    /** So many names of the last edits go into the journal. */
    private static final int KEPT_LABELS = 50;

    private final History<T> history;
    private final Predicate<T> isEmpty;
    private Stored<T> stored;
    private boolean closed;

    private Optional<Journal<BinderFile<T>>> journal = Optional.empty();

    /** @param isEmpty whether a value holds nothing that would have to be kept */
    Storage(Stored<T> stored, History<T> history, Predicate<T> isEmpty) {
        this.isEmpty = isEmpty;
        this.stored = stored;
        this.history = history;
    }

    static Storage<Drill> ofDrill(Stored<Drill> stored, History<Drill> history) {
        return new Storage<>(
                stored,
                history,
                drill -> drill.progressions().size() == 1 && drill.base().isEmpty());
    }

    Optional<Path> file() {
        return stored.file();
    }

    /** What the file holds as far as is known here. */
    Stored<T> stored() {
        return stored;
    }

    boolean isChangedOutside() {
        return stored.isChangedOutside();
    }

    /**
     * Saves what the history stands at; it is stored there from now on.
     *
     * @throws wildchalk.core.binder.ChangedMeanwhile when somebody has written the file since it was read or written here
     * @throws IOException also when its folder has gone: a drive may be missing, and nothing is written in its place
     */
    void save(Path target) throws IOException {
        save(target, expected(target));
    }

    /** Saves over whatever another file holds: somebody has chosen it, and was asked. */
    void saveOver(Path target) throws IOException {
        save(target, isOwn(target) ? expected(target) : Expected.ANYTHING);
    }

    private void save(Path target, Expected expected) throws IOException {
        Path folder = target.toAbsolutePath().getParent();
        if (!Files.isDirectory(folder) && !Files.isDirectory(folder.getParent())) {
            throw new IOException(
                    folder + ": this folder is not there any more. Bring it back (is a drive missing?) and save"
                            + " again, or save somewhere else.");
        }
        T now = history.now();
        BinderFile<T> content = stored.content().with(now);
        Fingerprint written = Aside.call(() -> content.save(target, expected));
        stored = new Stored<>(content, Optional.of(target), Optional.of(written));
        history.markSaved(now);
        keep();
    }

    /** Its own file as it is known here; another name should be free, whoever takes it between looking and writing. */
    private Expected expected(Path target) {
        return isOwn(target) ? stored.known().map(Expected::exactly).orElse(Expected.NOTHING) : Expected.NOTHING;
    }

    private boolean isOwn(Path target) {
        return stored.file().equals(Optional.of(target));
    }

    /** What the file holds now has been looked at: saving may write over it. */
    void seen(Stored<T> there) {
        stored = new Stored<>(stored.content(), stored.file(), there.known());
        keep();
    }

    /** It is stored elsewhere from now on. */
    void movedTo(Stored<T> there) {
        stored = there;
        keep();
    }

    void keepIn(Journal<BinderFile<T>> keeper) {
        journal = Optional.of(keeper);
        keep();
    }

    /** Gives what is not saved to the journal, or lets it forget. */
    void keep() {
        if (closed) {
            return;
        }
        journal.ifPresent(j -> {
            if (history.isSaved() || isUntouched()) {
                j.clear();
            } else {
                List<String> labels = history.doneLabels();
                j.keep(
                        stored.content().with(history.now()),
                        new Journal.Belongs(stored.file(), stored.known(), Optional.empty()),
                        labels.subList(Math.max(0, labels.size() - KEPT_LABELS), labels.size()));
            }
        });
    }

    void flush() throws IOException {
        if (journal.isPresent()) {
            journal.get().flush();
        }
    }

    private boolean isUntouched() {
        return stored.file().isEmpty() && history.doneLabels().isEmpty() && isEmpty.test(history.now());
    }

    @Override
    public void close() {
        closed = true;
        journal.ifPresent(j -> {
            try {
                j.close();
            } catch (IOException e) {
                // what it holds is saved or not wanted; it will be offered once more, which is better than lost
                System.getLogger(Storage.class.getName())
                        .log(System.Logger.Level.WARNING, "The journal stays: {0}", e.getMessage());
            }
        });
    }
}
