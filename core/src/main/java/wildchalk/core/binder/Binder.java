package wildchalk.core.binder;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.stream.Stream;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.DrillId;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.progress.Progress;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.Slugs;
import wildchalk.core.text.Texts;

/**
 * The folder that holds everything. A file that cannot be read is listed with its problem; the others open.
 *
 * @param folder the binder's folder; drills lie in {@code drills} inside it, own surfaces in {@code surfaces}
 */
public record Binder(Path folder) {

    /**
     * A file of the binder: its drill, or why it cannot be used.
     *
     * @param changed when it was written last
     */
    public record Entry(
            Path file, Optional<BinderFile<Drill>> content, Optional<FormatProblem> problem, Instant changed) {}

    /** A surface file of the binder. */
    public record SurfaceEntry(Path file, Optional<BinderFile<Surface>> content, Optional<FormatProblem> problem) {}

    public Path drillsFolder() {
        return folder.resolve("drills");
    }

    public Path surfacesFolder() {
        return folder.resolve("surfaces");
    }

    public Path squadsFolder() {
        return folder.resolve("squads");
    }

    /** Each session has a folder of its own in it. */
    public Path sessionsFolder() {
        return folder.resolve("sessions");
    }

    /** Where drills go that are not wanted in the list for now. */
    public Path archiveFolder() {
        return folder.resolve("archive");
    }

    /** All drill files by title, those that cannot be read last. */
    public List<Entry> drills() throws IOException {
        return entries(drillsFolder());
    }

    public List<Entry> archived() throws IOException {
        return entries(archiveFolder());
    }

    private static List<Entry> entries(Path from) throws IOException {
        List<Entry> entries = new ArrayList<>(
                files(from, DrillFile.SUFFIX).parallelStream().map(Binder::open).toList());
        entries.sort(Order.TITLE.comparator());
        return entries;
    }

    private static List<Path> files(Path from, String suffix) throws IOException {
        if (!Files.isDirectory(from)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(from)) {
            return files.filter(f -> f.getFileName().toString().endsWith(suffix))
                    .filter(f -> !f.getFileName().toString().startsWith("."))
                    .sorted()
                    .toList();
        }
    }

    private static Entry open(Path file) {
        try {
            return new Entry(file, Optional.of(DrillFile.read(file)), Optional.empty(), changed(file));
        } catch (IOException e) {
            return new Entry(file, Optional.empty(), Optional.of(asProblem(file, e)), changed(file));
        }
    }

    private static Instant changed(Path file) {
        try {
            return Files.getLastModifiedTime(file).toInstant();
        } catch (IOException gone) {
            return Instant.EPOCH;
        }
    }

    private static FormatProblem asProblem(Path file, IOException e) {
        return e instanceof FormatProblem problem
                ? problem
                : new FormatProblem(file, "Cannot be read: " + e.getMessage());
    }

    /** Own surfaces by the names of their files; those that cannot be read with their problem. */
    public List<SurfaceEntry> surfaces() throws IOException {
        List<SurfaceEntry> entries = new ArrayList<>();
        for (Path file : files(surfacesFolder(), SurfaceFile.SUFFIX)) {
            try {
                entries.add(new SurfaceEntry(file, Optional.of(SurfaceFile.read(file)), Optional.empty()));
            } catch (IOException e) {
                entries.add(new SurfaceEntry(file, Optional.empty(), Optional.of(asProblem(file, e))));
            }
        }
        return entries;
    }

    /** All squad files by name. */
    public List<Path> squads() throws IOException {
        return files(squadsFolder(), SquadFile.SUFFIX);
    }

    /** All session files, the earliest day first: their folders begin with it. */
    public List<Path> sessions() throws IOException {
        if (!Files.isDirectory(sessionsFolder())) {
            return List.of();
        }
        try (Stream<Path> folders = Files.list(sessionsFolder())) {
            return folders.sorted()
                    .map(f -> f.resolve(SessionFile.NAME))
                    .filter(Files::isRegularFile)
                    .toList();
        }
    }

    /** Sessions of which a run was left: a crash has, or somebody who closed the program. */
    public List<Path> runs() throws IOException {
        return sessions().stream()
                .filter(s -> Files.isRegularFile(RunJournal.beside(s)))
                .toList();
    }

    /** A file for a new session, in a folder that there is not yet. */
    public Path newSession(LocalDate day, String title) {
        return free(sessionsFolder(), day + "-" + Slugs.of(title), "").resolve(SessionFile.NAME);
    }

    /** A file name for a new drill that no file has yet. */
    public Path newFile(String title) {
        return free(drillsFolder(), Slugs.of(title), DrillFile.SUFFIX);
    }

    static Path free(Path folder, String stem, String suffix) {
        Path file = folder.resolve(stem + suffix);
        for (int n = 2; Files.exists(file); n++) {
            file = folder.resolve(stem + "-" + n + suffix);
        }
        return file;
    }

    // ---- what can be done with a file ----

    /**
     * Copies everything of the binder, with what it keeps beside, into a new folder inside another. Where it does not succeed
     * nothing stays there.
     *
     * @return the copy
     */
    public Binder copyInto(Path parent, Progress progress) throws IOException {
        Path from = folder.toRealPath();
        if (parent.toRealPath().startsWith(from)) {
            throw new IOException(Texts.CORE.get("binder.into-itself", folder));
        }
        Path to = parent.resolve(folder.getFileName());
        for (int n = 2; Files.exists(to); n++) {
            to = parent.resolve(folder.getFileName() + " " + n);
        }
        try {
            copyAll(from, to, progress);
        } catch (IOException | CancellationException e) {
            deleteAll(to);
            throw e;
        }
        return new Binder(to);
    }

    private static void copyAll(Path from, Path to, Progress progress) throws IOException {
        List<Path> all;
        try (Stream<Path> walk = Files.walk(from)) {
            all = walk.toList();
        }
        for (int i = 0; i < all.size(); i++) {
            Progress.tell(progress, (double) i / all.size());
            Path copy = to.resolve(from.relativize(all.get(i)).toString());
            if (Files.isDirectory(all.get(i))) {
                Files.createDirectories(copy);
            } else {
                Files.copy(all.get(i), copy, StandardCopyOption.COPY_ATTRIBUTES);
            }
        }
    }

    private static void deleteAll(Path made) throws IOException {
        if (Files.exists(made)) {
            try (Stream<Path> walk = Files.walk(made)) {
                for (Path path : walk.sorted(Comparator.reverseOrder()).toList()) {
                    Files.delete(path);
                }
            }
        }
    }

    /** Another file with the same drill under another title. */
    public Path duplicate(Path file, String title) throws IOException {
        BinderFile<Drill> content = DrillFile.read(file);
        return saveNew(content.with(renamed(content.value(), title)));
    }

    /** Saves something in a file of its own, under a name that goes with its title and that nobody has taken. */
    public <T> Path saveNew(BinderFile<T> content) throws IOException {
        FileKind<T> kind = content.kind();
        Path home = folder.resolve(kind.folder());
        try (FolderLock turn = FolderLock.of(home)) {
            Path file = free(home, Slugs.of(kind.title().apply(content.value())), kind.suffix());
            content.save(file, Expected.NOTHING);
            return file;
        }
    }

    /** Gives a drill another title, and its file the name that goes with it. */
    public Path rename(Path file, String title) throws IOException {
        try (FolderLock turn = FolderLock.of(file.toAbsolutePath().getParent())) {
            BinderFile<Drill> content = DrillFile.read(file);
            boolean stays = stem(file).equals(Slugs.of(title));
            Path to = stays ? file : free(file.getParent(), Slugs.of(title), DrillFile.SUFFIX);
            content.with(renamed(content.value(), title)).save(to);
            if (!stays) {
                Backups.follow(file, to);
                Files.deleteIfExists(file);
                Favourites.follow(this, file, to);
            }
            return to;
        }
    }

    /** What {@link #rename} makes of a drill. */
    public static Drill renamed(Drill drill, String title) {
        return drill.withTitle(title).withId(new DrillId(Slugs.of(title)));
    }

    /** Takes a drill out of the list without losing it. */
    public Path archive(Path file) throws IOException {
        return move(file, archiveFolder());
    }

    public Path restore(Path archived) throws IOException {
        return move(archived, drillsFolder());
    }

    private Path move(Path file, Path folder) throws IOException {
        // always in the same order, so that two who move in opposite directions do not wait for each other
        List<Path> both = Stream.of(file.toAbsolutePath().getParent(), folder.toAbsolutePath())
                .sorted()
                .toList();
        try (FolderLock first = FolderLock.of(both.get(0));
                FolderLock second = FolderLock.of(both.get(1))) {
            Path to = Files.move(file, free(folder, stem(file), DrillFile.SUFFIX), StandardCopyOption.ATOMIC_MOVE);
            Backups.follow(file, to);
            Favourites.follow(this, file, to);
            return to;
        }
    }

    /**
     * Takes a file from elsewhere in: a drill, a surface, or a bundle of them.
     *
     * @param progress of a bundle, which it may stop: then nothing of it is taken in
     * @return what was taken in, a line each
     */
    public List<String> takeIn(Path file, Progress progress) throws IOException {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        if (name.endsWith(Bundle.SUFFIX)) {
            return BundleIntake.takeIn(file, this, progress);
        }
        FileKind<?> kind = name.endsWith(SurfaceFile.SUFFIX) ? SurfaceFile.KIND : DrillFile.KIND;
        return List.of(saveNew(kind.read(file)).getFileName().toString());
    }

    /** The name of a drill file without its ending: by it favourites are remembered. */
    public static String stem(Path file) {
        return file.getFileName().toString().replaceFirst("\\.[a-z]+\\.json$", "");
    }
}
