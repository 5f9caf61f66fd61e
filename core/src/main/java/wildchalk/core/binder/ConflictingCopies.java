package wildchalk.core.binder;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Files that a sync tool has put beside a drill since it was changed on two machines: the name goes on behind the drill's own,
 * with something in brackets, after a tilde, or with the word conflict in it, and the drill inside has the same id.
 */
public final class ConflictingCopies {

    private static final Pattern REST = Pattern.compile("[ ._-]*(\\(.*\\)|~.*|.*conflict.*)", Pattern.CASE_INSENSITIVE);

    private ConflictingCopies() {}

    /** Each copy among some files, with the file that it is a copy of. */
    public static Map<Path, Path> among(List<Binder.Entry> entries) {
        Map<Path, Path> copies = new LinkedHashMap<>();
        for (Binder.Entry entry : entries) {
            original(entry, entries).ifPresent(o -> copies.put(entry.file(), o));
        }
        return copies;
    }

    private static Optional<Path> original(Binder.Entry copy, List<Binder.Entry> entries) {
        String stem = Binder.stem(copy.file());
        return entries.stream()
                .filter(o -> !o.file().equals(copy.file()))
                .filter(o -> isCopy(stem, Binder.stem(o.file())) && sameId(copy, o))
                .map(Binder.Entry::file)
                .max(Comparator.comparingInt(f -> Binder.stem(f).length()));
    }

    private static boolean isCopy(String stem, String original) {
        return stem.startsWith(original)
                && REST.matcher(stem.substring(original.length())).matches();
    }

    private static boolean sameId(Binder.Entry a, Binder.Entry b) {
        return a.content().isPresent()
                && b.content().isPresent()
                && a.content()
                        .get()
                        .drill()
                        .id()
                        .equals(b.content().get().drill().id());
    }

    /** The copy has been looked at: it becomes an earlier state of the drill and is out of the list. */
    public static void putAway(Path copy, Path original) throws IOException {
        try (FolderLock turn = FolderLock.of(original.toAbsolutePath().getParent())) {
            Backups.take(copy, original);
            Files.deleteIfExists(copy);
        }
    }
}
