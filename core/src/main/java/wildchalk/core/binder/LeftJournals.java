package wildchalk.core.binder;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import wildchalk.core.json.Extras;
import wildchalk.core.json.Fields;
import wildchalk.core.json.JsonTree;

/**
 * Journals whose windows are gone, each on its own: one that cannot be read hides no other.
 *
 * @param <T> what they hold
 * @param left those that can be brought back
 * @param damaged those that cannot be read, and why
 */
public record LeftJournals<T>(List<Left<T>> left, List<Damaged> damaged) {

    /** Where damaged ones are put aside. */
    private static final String ASIDE = "damaged";

    /**
     * One that a crash has left.
     *
     * @param belongs to what, and what that held then
     * @param edits what had been done since it was saved, the first first
     */
    public record Left<T>(Path journal, Journal.Belongs belongs, List<String> edits, T content) {

        /** How the file fares that it belongs to. */
        public enum State {
            /** It never had a file, or that is gone. */
            NO_FILE,
            /** The file holds what it held then. */
            AS_THEN,
            /** Somebody has written it since. */
            CHANGED_SINCE
        }

        public State state() {
            Optional<Path> file = belongs.file().filter(Files::isRegularFile);
            if (file.isEmpty()) {
                return State.NO_FILE;
            }
            return Fingerprint.of(file.get()).equals(belongs.base()) ? State.AS_THEN : State.CHANGED_SINCE;
        }

        /** Throws it away: it was brought back, or is not wanted. */
        public void discard() throws IOException {
            Journal.remove(journal);
            Files.deleteIfExists(Journal.beside(journal));
        }
    }

    /** One that cannot be read. */
    public record Damaged(Path journal, String why) {

        /** Puts it where it is not asked about again, and where somebody who knows can look at it. */
        public Path putAside() throws IOException {
            Path folder = journal.resolveSibling(ASIDE);
            Files.createDirectories(folder);
            Path to = folder.resolve(journal.getFileName());
            for (Path part : List.of(journal, Journal.kept(journal))) {
                if (Files.exists(part)) {
                    SafeFiles.rename(part, folder.resolve(part.getFileName()));
                }
            }
            Files.deleteIfExists(Journal.beside(journal));
            return to;
        }
    }

    public LeftJournals {
        left = List.copyOf(left);
        damaged = List.copyOf(damaged);
    }

    /** Those in a folder; none where there is no such folder. */
    public static <T> LeftJournals<T> in(Path folder, Format<T> format) throws IOException {
        List<Left<T>> left = new ArrayList<>();
        List<Damaged> damaged = new ArrayList<>();
        for (Path journal : journals(folder)) {
            try {
                if (!isHeld(journal)) {
                    left.add(read(journal, format));
                }
            } catch (IOException | RuntimeException | StackOverflowError e) {
                damaged.add(new Damaged(journal, e.getMessage() == null ? e.toString() : e.getMessage()));
            }
        }
        return new LeftJournals<>(left, damaged);
    }

    private static List<Path> journals(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            // one that was killed between two moves has left only the state before
            return files.map(f -> f.resolveSibling(f.getFileName().toString().replaceFirst("\\.kept$", "")))
                    .filter(f -> f.getFileName().toString().endsWith(Journal.SUFFIX))
                    .filter(f -> !f.getFileName().toString().startsWith("."))
                    .distinct()
                    .sorted()
                    .toList();
        }
    }

    private static boolean isHeld(Path journal) throws IOException {
        Path lockFile = Journal.beside(journal);
        if (!Files.exists(lockFile)) {
            return false;
        }
        try (FileChannel channel = FileChannel.open(lockFile, StandardOpenOption.WRITE);
                FileLock mine = channel.tryLock()) {
            return mine == null;
        } catch (OverlappingFileLockException e) {
            return true; // another window of this very process
        }
    }

    /** The present state, or the one before where the present one was cut off. */
    private static <T> Left<T> read(Path journal, Format<T> format) throws IOException {
        try {
            return read(journal, journal, format);
        } catch (IOException | RuntimeException now) {
            if (!Files.exists(Journal.kept(journal))) {
                throw now;
            }
            return read(journal, Journal.kept(journal), format);
        }
    }

    private static <T> Left<T> read(Path journal, Path from, Format<T> format) throws IOException {
        String text = Files.readString(from);
        int end = text.indexOf('\n');
        Fields f = new Fields(journal, new Extras(), JsonTree.parse(journal, text.substring(0, Math.max(0, end))), "");
        if (f.has("format")) {
            f.object("format").readAll(g -> g.format(Journal.FORMAT, Journal.VERSION));
        }
        Journal.Belongs belongs = new Journal.Belongs(
                f.has("file") ? Optional.of(path(f.text("file", 4096))) : Optional.empty(),
                f.has("base") ? Optional.of(new Fingerprint(f.text("base", 64))) : Optional.empty(),
                f.has("version") ? Optional.of(f.text("version", 60)) : Optional.empty());
        List<String> edits = f.texts("edits", 1000);
        return new Left<>(journal, belongs, edits, format.parse(journal, text.substring(end + 1)));
    }

    private static Path path(String text) throws IOException {
        try {
            return Path.of(text);
        } catch (InvalidPathException e) {
            throw new IOException("The journal names a file that cannot be one: " + text, e);
        }
    }
}
