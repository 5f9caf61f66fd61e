package wildchalk.core.binder;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import wildchalk.core.drill.Drill;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.json.JsonTree;
import wildchalk.core.progress.Progress;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.Slugs;

/**
 * Drills and surfaces in one file to hand on: a zip with {@code drills/…} and {@code surfaces/…}. Reading trusts nothing:
 * names are only looked at, never followed; sizes are counted while unpacking; every file must be one that opens.
 */
public final class Bundle {

    /** How bundles end. */
    public static final String SUFFIX = ".chalk";

    private static final int MOST_ENTRIES = 5_000;
    private static final long MOST_BYTES = 256L * 1024 * 1024;
    private static final int BUFFER = 8192;

    private Bundle() {}

    /**
     * Packs files of a binder under names that every binder takes; own surfaces of the binder go along.
     *
     * @throws FormatProblem when one of the drills cannot be read: nobody could take the bundle in
     */
    public static void pack(Path target, List<Path> drills, Binder binder, Progress progress) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            Set<String> taken = new HashSet<>();
            for (int i = 0; i < drills.size(); i++) {
                Progress.tell(progress, (double) i / drills.size());
                Path drill = drills.get(i);
                String text = DrillFile.read(drill).toText();
                add(zip, name("drills/", drill, DrillFile.SUFFIX, taken), text);
            }
            for (Binder.SurfaceEntry surface : binder.surfaces()) {
                if (surface.content().isPresent()) {
                    String text = surface.content().get().toText();
                    add(zip, name("surfaces/", surface.file(), SurfaceFile.SUFFIX, taken), text);
                }
            }
        }
        Progress.tell(progress, 1);
        SafeFiles.replace(target, bytes.toByteArray());
    }

    /** The file's name as small letters, digits and dashes, which no system minds; numbered where two would be the same. */
    private static String name(String folder, Path file, String suffix, Set<String> taken) {
        String stem = Slugs.of(Binder.stem(file));
        String name = folder + stem + suffix;
        for (int n = 2; !taken.add(name); n++) {
            name = folder + stem + "-" + n + suffix;
        }
        return name;
    }

    private static void add(ZipOutputStream zip, String name, String text) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        entry.setTime(0); // the same drills give the same bundle
        zip.putNextEntry(entry);
        zip.write(text.getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
    }

    /** The texts in a bundle by name, in their order, as its directory at the end lists them; nothing is written. */
    static Map<String, String> read(Path bundle) throws IOException {
        if (!Files.isRegularFile(bundle)) {
            throw new FormatProblem(bundle, "There is no such bundle; check the name and the folder.");
        }
        if (!isZip(bundle)) {
            throw new FormatProblem(bundle, "It is no bundle, or an empty one.");
        }
        Map<String, String> texts = new LinkedHashMap<>();
        long[] left = {MOST_BYTES};
        try (ZipFile zip = new ZipFile(bundle.toFile())) {
            if (zip.size() > MOST_ENTRIES) {
                throw new FormatProblem(bundle, "It holds more than %d files.".formatted(MOST_ENTRIES));
            }
            for (ZipEntry entry : Collections.list(zip.entries())) {
                if (entry.isDirectory()) {
                    continue;
                }
                String name = entry.getName();
                check(bundle, name);
                try (InputStream in = zip.getInputStream(entry)) {
                    if (texts.put(name, text(bundle, name, in, left)) != null) {
                        throw new FormatProblem(bundle, "It holds \"%s\" twice.".formatted(printable(name)));
                    }
                }
            }
        } catch (ZipException | IllegalArgumentException e) {
            throw new FormatProblem(bundle, "It is damaged or cut off; get it again. (%s)".formatted(e.getMessage()));
        } catch (java.io.EOFException e) {
            throw new FormatProblem(bundle, "It is cut off; get it again.");
        }
        if (texts.isEmpty()) {
            throw new FormatProblem(bundle, "It is no bundle, or an empty one.");
        }
        return texts;
    }

    private static boolean isZip(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return in.read() == 'P' && in.read() == 'K';
        }
    }

    /** One folder deep, in a folder that we know, with a name like ours: nothing else is in an honest bundle. */
    private static void check(Path bundle, String name) throws FormatProblem {
        boolean drill = name.matches("drills/[A-Za-z0-9][A-Za-z0-9_-]{0,99}\\.drill\\.json");
        boolean surface = name.matches("surfaces/[A-Za-z0-9][A-Za-z0-9_-]{0,99}\\.surface\\.json");
        if (!drill && !surface) {
            throw new FormatProblem(
                    bundle, "It holds \"%s\", which does not belong in a bundle.".formatted(printable(name)));
        }
    }

    private static String printable(String name) {
        String cut = name.length() > 80 ? name.substring(0, 80) + "…" : name;
        return cut.replaceAll("\\p{Cntrl}", "?");
    }

    private static String text(Path bundle, String name, InputStream zip, long[] left) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        byte[] buffer = new byte[BUFFER];
        for (int n = zip.read(buffer); n >= 0; n = zip.read(buffer)) {
            left[0] -= n;
            if (left[0] < 0 || bytes.size() + n > JsonTree.MAX_BYTES) {
                throw new FormatProblem(
                        bundle, "\"%s\" unpacks to more than a drill can be.".formatted(printable(name)));
            }
            bytes.write(buffer, 0, n);
        }
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes.toByteArray()))
                    .toString();
        } catch (CharacterCodingException e) {
            throw new FormatProblem(bundle, "\"%s\" is not UTF-8 text.".formatted(printable(name)));
        }
    }

    /**
     * Takes everything in a bundle into a binder: all of it or, when something in it cannot be read, nothing. A file that
     * is there already with the same content is left; one with another content is put beside it.
     *
     * @param progress may stop it until everything is ready to be moved in
     * @return a line for each file
     */
    static List<String> takeIn(Path bundle, Binder binder, Progress progress) throws IOException {
        Map<String, String> texts = read(bundle);
        Map<String, BinderFile<Drill>> drills = new LinkedHashMap<>();
        Map<String, BinderFile<Surface>> surfaces = new LinkedHashMap<>();
        double all = 2.0 * texts.size();
        for (Map.Entry<String, String> e : texts.entrySet()) {
            Progress.tell(progress, (drills.size() + surfaces.size()) / all);
            Path inside = Path.of(bundle.getFileName() + "!" + e.getKey().replace('/', '_'));
            if (e.getKey().startsWith("drills/")) {
                drills.put(e.getKey().substring("drills/".length()), DrillFile.parse(inside, e.getValue()));
            } else {
                surfaces.put(e.getKey().substring("surfaces/".length()), SurfaceFile.parse(inside, e.getValue()));
            }
        }
        // first everything is written and read back in a folder of its own, then it is moved, then it is there
        Path staged = Files.createDirectories(binder.folder().resolve(".wild-chalk-" + UUID.randomUUID()));
        try {
            for (Map.Entry<String, BinderFile<Surface>> e : surfaces.entrySet()) {
                e.getValue().save(staged.resolve(e.getKey()));
            }
            int written = surfaces.size();
            for (Map.Entry<String, BinderFile<Drill>> e : drills.entrySet()) {
                Progress.tell(progress, 0.5 + written++ / all);
                e.getValue().save(staged.resolve(e.getKey()));
            }
            Progress.tell(progress, 1);
            try (FolderLock surfacesTurn = FolderLock.of(binder.surfacesFolder());
                    FolderLock drillsTurn = FolderLock.of(binder.drillsFolder())) {
                return moveIn(binder, staged, surfaces, drills);
            }
        } finally {
            remove(staged);
        }
    }

    private static List<String> moveIn(
            Binder binder,
            Path staged,
            Map<String, BinderFile<Surface>> surfaces,
            Map<String, BinderFile<Drill>> drills)
            throws IOException {
        List<Path> done = new ArrayList<>();
        try {
            for (Map.Entry<String, BinderFile<Surface>> e : surfaces.entrySet()) {
                String text = e.getValue().toText();
                moveIn(staged, place(binder.surfacesFolder(), e.getKey(), SurfaceFile.SUFFIX, text), e.getKey(), done);
            }
            for (Map.Entry<String, BinderFile<Drill>> e : drills.entrySet()) {
                String text = e.getValue().toText();
                moveIn(staged, place(binder.drillsFolder(), e.getKey(), DrillFile.SUFFIX, text), e.getKey(), done);
            }
        } catch (IOException e) {
            for (Path there : done) {
                Files.deleteIfExists(there); // none of them was there before
            }
            throw e;
        }
        return done.stream().map(f -> f.getFileName().toString()).toList();
    }

    private static void moveIn(Path staged, Path to, String name, List<Path> done) throws IOException {
        if (to != null) {
            SafeFiles.rename(staged.resolve(name), to);
            done.add(to);
        }
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

    /** Where a file goes; null when it is there already. */
    private static Path place(Path folder, String name, String suffix, String text) throws IOException {
        Path there = folder.resolve(name);
        if (Files.isRegularFile(there) && Files.size(there) < JsonTree.MAX_BYTES) {
            if (Files.readString(there, StandardCharsets.ISO_8859_1)
                    .equals(new String(text.getBytes(StandardCharsets.UTF_8), StandardCharsets.ISO_8859_1))) {
                return null;
            }
        }
        return Binder.free(folder, name.substring(0, name.length() - suffix.length()), suffix);
    }
}
