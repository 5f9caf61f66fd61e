package wildchalk.desktop.document;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.binder.Journal;
import wildchalk.core.drill.Drill;

/** Where an open drill is stored, and the journal that keeps what is not stored yet. */
final class Storage implements AutoCloseable {

    /** So many names of the last edits go into the journal. */
    private static final int KEPT_LABELS = 50;

    private final History history;
    private DrillFile file;
    private Optional<Path> path;
    /** What the file held when it was read or written here last; empty when there is none. */
    private Optional<String> known;

    private Optional<Journal> journal = Optional.empty();

    /** @param path null for a drill that has not been stored yet */
    Storage(DrillFile file, Path path, History history) {
        this.file = file;
        this.path = Optional.ofNullable(path);
        this.known = this.path.flatMap(Fingerprints::of);
        this.history = history;
    }

    Optional<Path> path() {
        return path;
    }

    /** Whether another window or program has written the file since it was read or written here. */
    boolean isChangedOutside() {
        return path.isPresent()
                && known.isPresent()
                && !Fingerprints.of(path.get()).equals(known);
    }

    /** Saves what the history stands at; it is stored there from now on. */
    void save(Path target) throws IOException {
        file = file.withDrill(history.now());
        file.save(target);
        path = Optional.of(target);
        known = Fingerprints.of(target);
        history.markSaved();
        keep();
    }

    void keepIn(Journal keeper) {
        journal = Optional.of(keeper);
        keep();
    }

    /** Writes what is not saved to the journal, or clears it. */
    void keep() {
        journal.ifPresent(j -> {
            if (history.isSaved() || isUntouched()) {
                try {
                    j.clear();
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            } else {
                List<String> labels = history.doneLabels();
                j.keep(
                        file.withDrill(history.now()),
                        labels.subList(Math.max(0, labels.size() - KEPT_LABELS), labels.size()));
            }
        });
    }

    private boolean isUntouched() {
        Drill now = history.now();
        return path.isEmpty()
                && history.doneLabels().isEmpty()
                && now.progressions().size() == 1
                && now.base().isEmpty();
    }

    @Override
    public void close() {
        journal.ifPresent(j -> {
            try {
                j.close();
            } catch (IOException e) {
                System.getLogger(Storage.class.getName())
                        .log(System.Logger.Level.WARNING, "The journal stays: {0}", e.getMessage());
            }
        });
    }
}
