package wildchalk.core.binder;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import wildchalk.core.drill.Slugs;

/**
 * The folder that holds everything. A file that cannot be read is listed with its problem; the others open.
 *
 * @param folder the binder's folder; drills lie in {@code drills} inside it
 */
public record Binder(Path folder) {

    /** A file of the binder: its drill, or why it cannot be used. */
    public record Entry(Path file, Optional<DrillFile> content, Optional<FormatProblem> problem) {}

    public Path drillsFolder() {
        return folder.resolve("drills");
    }

    /** All drill files by title, those that cannot be read last. */
    public List<Entry> drills() throws IOException {
        if (!Files.isDirectory(drillsFolder())) {
            return List.of();
        }
        List<Entry> entries = new ArrayList<>();
        try (Stream<Path> files = Files.list(drillsFolder())) {
            files.filter(f -> f.getFileName().toString().endsWith(DrillFile.SUFFIX))
                    .filter(f -> !f.getFileName().toString().startsWith("."))
                    .sorted()
                    .forEach(f -> entries.add(open(f)));
        }
        entries.sort(Comparator.comparing((Entry e) -> e.content().isEmpty())
                .thenComparing(e -> e.content().map(c -> c.drill().title()).orElse(""))
                .thenComparing(Entry::file));
        return entries;
    }

    private static Entry open(Path file) {
        try {
            return new Entry(file, Optional.of(DrillFile.read(file)), Optional.empty());
        } catch (FormatProblem e) {
            return new Entry(file, Optional.empty(), Optional.of(e));
        } catch (IOException e) {
            return new Entry(
                    file, Optional.empty(), Optional.of(new FormatProblem(file, "Cannot be read: " + e.getMessage())));
        }
    }

    /** A file name for a new drill that no file has yet. */
    public Path newFile(String title) {
        String stem = Slugs.of(title);
        Path file = drillsFolder().resolve(stem + DrillFile.SUFFIX);
        for (int n = 2; Files.exists(file); n++) {
            file = drillsFolder().resolve(stem + "-" + n + DrillFile.SUFFIX);
        }
        return file;
    }
}
