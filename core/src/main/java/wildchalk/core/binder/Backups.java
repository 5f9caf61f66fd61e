package wildchalk.core.binder;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What files held before, spread over time: of the last ten minutes one a minute, of the last hour one every ten minutes, of
 * the last day one an hour, of the last week one a day, of the last year one a week, of what is older one a month; and the
 * newest five in any case. So a drill that is ruined and saved again and again never pushes out what it was yesterday.
 *
 * <p>They lie in {@value #FOLDER} beside the file, named after it and the moment at which that content had been written.
 */
public final class Backups {

    /** The folder beside a file that holds what it was before. */
    public static final String FOLDER = ".backups";

    /** So many of the newest stay whatever their age. */
    private static final int NEWEST = 5;

    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("uuuuMMdd-HHmmss-SSS", Locale.ROOT).withZone(ZoneOffset.UTC);

    /** One earlier content. @param written when it had been written */
    public record Backup(Path file, Instant written) {}

    /** Of what is younger than {@code age} one in every {@code slot} stays. */
    private record Spread(Duration age, Duration slot) {}

    private static final List<Spread> SPREAD = List.of(
            new Spread(Duration.ofMinutes(10), Duration.ofMinutes(1)),
            new Spread(Duration.ofHours(1), Duration.ofMinutes(10)),
            new Spread(Duration.ofDays(1), Duration.ofHours(1)),
            new Spread(Duration.ofDays(7), Duration.ofDays(1)),
            new Spread(Duration.ofDays(365), Duration.ofDays(7)),
            new Spread(Duration.ofDays(36_500), Duration.ofDays(30)));

    private Backups() {}

    /** Earlier contents of a file, the newest first. */
    public static List<Backup> of(Path file) throws IOException {
        Path folder = file.toAbsolutePath().resolveSibling(FOLDER);
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        String stem = file.getFileName() + ".";
        List<Backup> all = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder)) {
            for (Path p : files.toList()) {
                String name = p.getFileName().toString();
                if (name.startsWith(stem) && isStamp(name.substring(stem.length()))) {
                    all.add(new Backup(p, written(p, name.substring(stem.length()))));
                }
            }
        }
        all.sort(Comparator.comparing(Backup::written)
                .thenComparing(b -> b.file().getFileName().toString())
                .reversed());
        return all;
    }

    /** A time, perhaps numbered; or a bare number, as older versions wrote it. */
    private static boolean isStamp(String text) {
        return text.matches("\\d{8}-\\d{6}-\\d{3}(-\\d{1,3})?") || text.matches("\\d{1,9}");
    }

    private static Instant written(Path file, String stamp) throws IOException {
        try {
            return Instant.from(STAMP.parse(stamp.substring(0, Math.min(19, stamp.length()))));
        } catch (DateTimeParseException numbered) {
            return Files.getLastModifiedTime(file).toInstant();
        }
    }

    /** Keeps what a file holds now, before it is replaced, and lets go of those that stand too close. */
    static void keep(Path target, Instant now) throws IOException {
        take(target, target);
        for (Backup old : tooClose(of(target), now)) {
            Files.deleteIfExists(old.file());
        }
    }

    /** Makes what one file holds an earlier state of another, or of itself. */
    static void take(Path from, Path target) throws IOException {
        Path folder = target.resolveSibling(FOLDER);
        Files.createDirectories(folder);
        Instant written = Files.getLastModifiedTime(from).toInstant();
        String stem = target.getFileName() + "." + STAMP.format(written);
        Path to = folder.resolve(stem);
        for (int i = 2; Files.exists(to); i++) {
            to = folder.resolve(stem + "-" + i);
        }
        Path part = folder.resolve("." + to.getFileName() + ".part");
        Files.copy(from, part, StandardCopyOption.REPLACE_EXISTING);
        SafeFiles.rename(part, to);
    }

    /** Those of which a newer one stands in the same slot; none of the newest. @param all the newest first */
    static List<Backup> tooClose(List<Backup> all, Instant now) {
        List<Backup> gone = new ArrayList<>();
        Set<List<Long>> taken = new HashSet<>();
        for (int i = 0; i < all.size(); i++) {
            boolean first = taken.add(slot(all.get(i).written(), now));
            if (!first && i >= NEWEST) {
                gone.add(all.get(i));
            }
        }
        return gone;
    }

    private static List<Long> slot(Instant written, Instant now) {
        Duration age = Duration.between(written, now);
        Duration slot = SPREAD.stream()
                .filter(s -> age.compareTo(s.age()) < 0)
                .map(Spread::slot)
                .findFirst()
                .orElse(SPREAD.get(SPREAD.size() - 1).slot());
        return List.of(slot.toSeconds(), Math.floorDiv(written.getEpochSecond(), slot.toSeconds()));
    }

    /** A file has another name or another folder: its backups go with it. */
    static void follow(Path from, Path to) throws IOException {
        List<Backup> all = of(from);
        if (all.isEmpty()) {
            return;
        }
        Path folder = to.toAbsolutePath().resolveSibling(FOLDER);
        Files.createDirectories(folder);
        int stem = from.getFileName().toString().length();
        for (Backup backup : all) {
            String stamp = backup.file().getFileName().toString().substring(stem);
            Path there = folder.resolve(to.getFileName() + stamp);
            for (int i = 2; Files.exists(there); i++) {
                there = folder.resolve(to.getFileName() + "." + STAMP.format(backup.written()) + "-" + i);
            }
            Files.move(backup.file(), there);
        }
    }
}
