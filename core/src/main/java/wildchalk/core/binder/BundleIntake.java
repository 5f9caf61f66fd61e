package wildchalk.core.binder;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import wildchalk.core.json.JsonTree;
import wildchalk.core.progress.Progress;

/**
 * Takes a bundle into a binder: all of it or, when something in it cannot be read, nothing. What is there already with the same content
 * is left; what has another content is put beside it.
 */
final class BundleIntake {

    private static final String STEM = "[A-Za-z0-9][A-Za-z0-9_-]{0,99}";

    /** What may be in a bundle, in the order in which it is moved in: what others name comes first. */
    private static final Map<Pattern, FileKind<?>> KINDS = kinds();

    private final Path bundle;
    private final Binder binder;
    private final Progress progress;
    private final List<Path> done = new ArrayList<>();

    private BundleIntake(Path bundle, Binder binder, Progress progress) {
        this.bundle = bundle;
        this.binder = binder;
        this.progress = progress;
    }

    private static Map<Pattern, FileKind<?>> kinds() {
        Map<Pattern, FileKind<?>> kinds = new LinkedHashMap<>();
        for (FileKind<?> kind : List.of(SurfaceFile.KIND, DrillFile.KIND, SquadFile.KIND)) {
            kinds.put(Pattern.compile(kind.folder() + "/" + STEM + Pattern.quote(kind.suffix())), kind);
        }
        for (FileKind<?> kind : List.of(SessionFile.KIND, LogFile.KIND)) {
            kinds.put(Pattern.compile(kind.folder() + "/" + STEM + "/" + Pattern.quote(kind.suffix())), kind);
        }
        return kinds;
    }

    /** What a name in a bundle stands for; empty for what does not belong there. */
    static Optional<FileKind<?>> kind(String name) {
        return KINDS.entrySet().stream()
                .filter(e -> e.getKey().matcher(name).matches())
                .<FileKind<?>>map(Map.Entry::getValue)
                .findFirst();
    }

    /**
     * @param progress may stop it until everything is ready to be moved in
     * @return a line for each file
     */
    static List<String> takeIn(Path bundle, Binder binder, Progress progress) throws IOException {
        return new BundleIntake(bundle, binder, progress).takeIn();
    }

    private List<String> takeIn() throws IOException {
        Map<String, String> texts = Bundle.read(bundle);
        Map<String, BinderFile<?>> files = new LinkedHashMap<>();
        double all = 2.0 * texts.size();
        for (Map.Entry<String, String> e : texts.entrySet()) {
            Progress.tell(progress, files.size() / all);
            Path inside = Path.of(bundle.getFileName() + "!" + e.getKey().replace('/', '_'));
            files.put(e.getKey(), kind(e.getKey()).orElseThrow().parse(inside, e.getValue()));
        }
        // first everything is written and read back in a folder of its own, then it is moved, then it is there
        Path staged = Files.createDirectories(binder.folder().resolve(".wild-chalk-" + UUID.randomUUID()));
        try {
            int written = 0;
            for (Map.Entry<String, BinderFile<?>> e : files.entrySet()) {
                Progress.tell(progress, 0.5 + written++ / all);
                Path file = staged.resolve(e.getKey());
                Files.createDirectories(file.getParent());
                e.getValue().save(file);
            }
            Progress.tell(progress, 1);
            try (FolderLock surfaces = FolderLock.of(binder.surfacesFolder());
                    FolderLock drills = FolderLock.of(binder.drillsFolder())) {
                return moveIn(staged, files);
            }
        } finally {
            remove(staged);
        }
    }

    private List<String> moveIn(Path staged, Map<String, BinderFile<?>> files) throws IOException {
        try {
            for (Pattern known : KINDS.keySet()) {
                for (Map.Entry<String, BinderFile<?>> e : files.entrySet()) {
                    if (known.matcher(e.getKey()).matches() && !e.getKey().startsWith("sessions/")) {
                        place(e.getKey(), e.getValue()).ifPresent(to -> move(staged.resolve(e.getKey()), to));
                    }
                }
            }
            for (String folder : files.keySet().stream()
                    .filter(n -> n.startsWith("sessions/"))
                    .map(n -> n.substring(0, n.lastIndexOf('/')))
                    .distinct()
                    .toList()) {
                session(staged, folder, files);
            }
        } catch (MoveFailed failed) {
            for (Path there : done) {
                Files.deleteIfExists(there); // none of them was there before
            }
            throw failed.why;
        }
        return done.stream()
                .map(f -> f.endsWith(SessionFile.NAME) || f.endsWith(LogFile.NAME)
                        ? f.getParent().getFileName() + "/" + f.getFileName()
                        : f.getFileName().toString())
                .toList();
    }

    /** A session goes in with its log, or stays out with it. */
    private void session(Path staged, String folder, Map<String, BinderFile<?>> files) {
        Map<String, String> wanted = new LinkedHashMap<>();
        files.forEach((name, content) -> {
            if (name.startsWith(folder + "/")) {
                wanted.put(name.substring(folder.length() + 1), content.toText());
            }
        });
        try {
            Path home = binder.folder().resolve(folder);
            boolean same = true;
            for (Map.Entry<String, String> e : wanted.entrySet()) {
                same &= isThere(home.resolve(e.getKey()), e.getValue());
            }
            if (same) {
                return;
            }
            Path free = Binder.free(binder.sessionsFolder(), home.getFileName().toString(), "");
            Files.createDirectories(free);
            wanted.keySet().forEach(n -> move(staged.resolve(folder).resolve(n), free.resolve(n)));
        } catch (IOException e) {
            throw new MoveFailed(e);
        }
    }

    /** What goes wrong while files are moved. */
    private static final class MoveFailed extends RuntimeException {
        private static final long serialVersionUID = 1;
        private final transient IOException why;

        private MoveFailed(IOException why) {
            super(why);
            this.why = why;
        }
    }

    private void move(Path from, Path to) {
        try {
            Files.createDirectories(to.getParent());
            SafeFiles.rename(from, to);
            done.add(to);
        } catch (IOException e) {
            throw new MoveFailed(e);
        }
    }

    /** Where a file goes; empty when it is there already. */
    private Optional<Path> place(String name, BinderFile<?> content) {
        try {
            Path there = binder.folder().resolve(name);
            if (isThere(there, content.toText())) {
                return Optional.empty();
            }
            String file = there.getFileName().toString();
            String suffix = content.kind().suffix();
            return Optional.of(
                    Binder.free(there.getParent(), file.substring(0, file.length() - suffix.length()), suffix));
        } catch (IOException e) {
            throw new MoveFailed(e);
        }
    }

    private static boolean isThere(Path file, String text) throws IOException {
        return Files.isRegularFile(file)
                && Files.size(file) < JsonTree.MAX_BYTES
                && Files.readString(file, StandardCharsets.ISO_8859_1)
                        .equals(new String(text.getBytes(StandardCharsets.UTF_8), StandardCharsets.ISO_8859_1));
    }

    private static void remove(Path folder) throws IOException {
        List<Path> all;
        try (Stream<Path> walk = Files.walk(folder)) {
            all = walk.sorted(Comparator.reverseOrder()).toList();
        }
        for (Path p : all) {
            Files.deleteIfExists(p);
        }
    }
}
