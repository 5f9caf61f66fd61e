package wildchalk.core.binder;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.json.JsonTree;
import wildchalk.core.progress.Progress;
import wildchalk.core.session.Session;
import wildchalk.core.text.Slugs;

/**
 * Drills, surfaces and sessions in one file to hand on: a zip with {@code drills/…}, {@code surfaces/…}, {@code sessions/…/} and, only
 * where somebody asked for it, {@code squads/…}. {@link BundleIntake} takes one in. Reading trusts nothing:
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
        pack(target, drills, List.of(), false, binder, progress);
    }

    /**
     * Likewise with sessions.
     *
     * @param sessions session files of the binder
     * @param staff whether it is for the staff: then the squads that these sessions name and their logs go along; in both stands
     *     what is nobody else's business
     */
    public static void pack(
            Path target, List<Path> drills, List<Path> sessions, boolean staff, Binder binder, Progress progress)
            throws IOException {
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
            Set<String> squads = new TreeSet<>();
            for (Path file : sessions) {
                BinderFile<Session> session = SessionFile.read(file);
                String folder =
                        Slugs.of(file.toAbsolutePath().getParent().getFileName().toString());
                String home = "sessions/" + folder + "/";
                for (int n = 2; !taken.add(home); n++) {
                    home = "sessions/" + folder + "-" + n + "/";
                }
                add(zip, home + SessionFile.NAME, session.toText());
                Path log = LogFile.beside(file);
                if (staff && Files.isRegularFile(log)) {
                    add(zip, home + LogFile.NAME, LogFile.read(log).toText());
                }
                session.value().squad().ifPresent(q -> squads.add(q.text()));
            }
            for (String squad : squads) {
                Path file = binder.squadsFolder().resolve(squad + SquadFile.SUFFIX);
                if (staff && Files.isRegularFile(file)) {
                    add(
                            zip,
                            "squads/" + squad + SquadFile.SUFFIX,
                            SquadFile.read(file).toText());
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

    /** In a folder that we know, with a name like ours: nothing else is in an honest bundle. */
    private static void check(Path bundle, String name) throws FormatProblem {
        if (BundleIntake.kind(name).isEmpty()) {
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
}
