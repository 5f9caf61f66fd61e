package wildchalk.core.binder;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import wildchalk.core.drill.DrillId;

/**
 * Files that a sync tool has put beside a drill since it was changed on two machines: the name goes on behind the drill's own,
 * with something in brackets, after a tilde, or with the word conflict in it, and the drill inside has the same id.
 */
public final class ConflictingCopies {

    private static final Pattern REST = Pattern.compile("[ ._-]*(\\(.*\\)|~.*|.*conflict.*)", Pattern.CASE_INSENSITIVE);

    private ConflictingCopies() {}

    /** Each copy among some files, with the file that it is a copy of. */
    public static Map<Path, Path> among(List<Binder.Entry> entries) {
        // few drills share an id, so few names are compared
        Map<DrillId, List<Path>> byId = new LinkedHashMap<>();
        for (Binder.Entry entry : entries) {
            entry.content()
                    .ifPresent(c -> byId.computeIfAbsent(c.value().id(), i -> new ArrayList<>())
                            .add(entry.file()));
        }
        Map<Path, Path> copies = new LinkedHashMap<>();
        for (List<Path> same : byId.values()) {
            for (Path file : same.size() > 1 ? same : List.<Path>of()) {
                original(file, same).ifPresent(o -> copies.put(file, o));
            }
        }
        return copies;
    }

    private static Optional<Path> original(Path copy, List<Path> same) {
        String stem = Binder.stem(copy);
        return same.stream()
                .filter(o -> !o.equals(copy) && isCopy(stem, Binder.stem(o)))
                .max(Comparator.comparingInt(f -> Binder.stem(f).length()));
    }

    private static boolean isCopy(String stem, String original) {
        return stem.startsWith(original)
                && REST.matcher(stem.substring(original.length())).matches();
    }

    /** The copy has been looked at: it becomes an earlier state of the drill and is out of the list. */
    public static void putAway(Path copy, Path original) throws IOException {
        try (FolderLock turn = FolderLock.of(original.toAbsolutePath().getParent())) {
            Backups.take(copy, original);
            Files.deleteIfExists(copy);
        }
    }
}
