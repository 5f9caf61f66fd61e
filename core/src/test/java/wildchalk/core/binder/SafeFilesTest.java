package wildchalk.core.binder;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.Demo;
import wildchalk.core.drill.Drill;

/** A save leaves the old file or the new one, whole, where it was and for whom it was; what it held before is kept. */
class SafeFilesTest {

    private static final Instant NOW = Instant.parse("2026-11-26T10:00:00Z");

    @TempDir
    Path folder;

    private static byte[] bytes(String text) {
        return text.getBytes(java.nio.charset.StandardCharsets.UTF_8);
    }

    private static String mode(Path file) throws IOException {
        return PosixFilePermissions.toString(Files.getPosixFilePermissions(file));
    }

    @Test
    void whoMayReadAndWriteAFileStaysAsItWas() throws IOException {
        Path file = Files.writeString(folder.resolve("team.json"), "1");
        for (String rights : List.of("rw-rw-r--", "rw-r-----", "rwxrwxrwx")) {
            Files.setPosixFilePermissions(file, PosixFilePermissions.fromString(rights));
            SafeFiles.write(file, bytes(rights));
            assertEquals(rights, mode(file));
        }
        Path usual = Files.writeString(folder.resolve("usual.json"), "");
        Path fresh = folder.resolve("fresh.json");
        SafeFiles.write(fresh, bytes("2"));
        assertEquals(mode(usual), mode(fresh), "a new file is for those who may read new files here");
    }

    @Test
    void aLinkStaysALinkAndItsFileIsWritten() throws IOException {
        Path there = Files.createDirectory(folder.resolve("shared"));
        Path file = Files.writeString(there.resolve("real.json"), "old");
        Path link = Files.createSymbolicLink(folder.resolve("link.json"), Path.of("shared", "real.json"));
        SafeFiles.write(link, bytes("new"));
        assertTrue(Files.isSymbolicLink(link));
        assertEquals("new", Files.readString(file));
        assertEquals(1, Backups.of(file).size(), "the backup is beside the file");
        Path dangling = Files.createSymbolicLink(folder.resolve("to-come.json"), there.resolve("later.json"));
        SafeFiles.write(dangling, bytes("first"));
        assertTrue(Files.isSymbolicLink(dangling));
        assertEquals("first", Files.readString(there.resolve("later.json")));
    }

    @Test
    void whatCannotBeReadBackReplacesNothing() throws IOException {
        Path file = Files.writeString(folder.resolve("a.json"), "good");
        assertThrows(
                IOException.class,
                () -> SafeFiles.write(file, bytes("bad"), part -> {
                    assertEquals("bad", Files.readString(part));
                    throw new IOException("this would not come back");
                }));
        assertEquals("good", Files.readString(file));
        try (Stream<Path> all = Files.list(folder)) {
            assertEquals(
                    List.of(file),
                    all.filter(Files::isRegularFile).toList(),
                    "no part is left, and no backup of what was not replaced");
        }
        assertEquals(List.of(), Backups.of(file));
    }

    @Test
    void onlyChangesAreKept() throws IOException {
        Path file = folder.resolve("a.json");
        SafeFiles.write(file, bytes("one"));
        for (int i = 0; i < 20; i++) {
            SafeFiles.write(file, bytes("one"));
        }
        assertEquals(0, Backups.of(file).size());
        SafeFiles.write(file, bytes("two"));
        assertEquals(1, Backups.of(file).size());
    }

    @Test
    void tenSavesOfARuinedDrillLeaveWhatItWasYesterday() throws IOException {
        Path file = Files.writeString(folder.resolve("a.json"), "good");
        Files.setLastModifiedTime(file, FileTime.from(Instant.now().minus(Duration.ofDays(1))));
        for (int i = 0; i < 40; i++) {
            SafeFiles.write(file, bytes("ruined " + i));
        }
        List<Backups.Backup> all = Backups.of(file);
        assertEquals("good", Files.readString(all.get(all.size() - 1).file()));
        assertTrue(all.size() < 12, "and they are few: " + all.size());
    }

    /** Brute-force twin of what the rule says: one in every slot, the newest of it, and the newest five in any case. */
    @Test
    void backupsAreSpreadOverTime() {
        List<Backups.Backup> all = new ArrayList<>();
        for (int minutes = 1; minutes < 60 * 24 * 60; minutes += 7) {
            all.add(new Backups.Backup(Path.of("b" + minutes), NOW.minus(Duration.ofMinutes(minutes))));
        }
        List<Backups.Backup> left = new ArrayList<>(all);
        left.removeAll(Backups.tooClose(all, NOW));
        assertEquals(all.subList(0, 5), left.subList(0, 5));
        assertTrue(count(left, Duration.ofHours(1)) >= 6, "the last hour: every ten minutes");
        long day = count(left, Duration.ofDays(1)) - count(left, Duration.ofHours(1));
        assertTrue(day >= 22 && day <= 24, "the last day: every hour, " + day);
        long week = count(left, Duration.ofDays(7)) - count(left, Duration.ofDays(1));
        assertTrue(week >= 6 && week <= 7, "the last week: every day, " + week);
        long older = left.size() - count(left, Duration.ofDays(7));
        assertTrue(older >= 7 && older <= 9, "before that: every week, " + older);
        assertEquals(List.of(), Backups.tooClose(left, NOW), "what is left is left");
        // and as time goes on nothing comes too close that was let go before
        List<Backups.Backup> later = new ArrayList<>(left);
        later.removeAll(Backups.tooClose(left, NOW.plus(Duration.ofDays(30))));
        assertTrue(later.size() >= 5 && left.containsAll(later));
    }

    private static long count(List<Backups.Backup> all, Duration age) {
        return all.stream().filter(b -> b.written().isAfter(NOW.minus(age))).count();
    }

    @Test
    void backupsFollowARenameAndAMove() throws IOException {
        Binder binder = new Binder(folder);
        Drill drill = Demo.read("crossing-backs");
        Path file = binder.newFile("Crossing");
        DrillFile.ofNew(drill).save(file);
        DrillFile.ofNew(drill.withNotes("second")).save(file);
        DrillFile.ofNew(drill.withNotes("third")).save(file);
        assertEquals(2, Backups.of(file).size());
        Path renamed = binder.rename(file, "Something else");
        assertEquals(2, Backups.of(renamed).size());
        assertEquals(
                "second",
                DrillFile.read(Backups.of(renamed).get(0).file()).value().notes());
        assertEquals(0, Backups.of(file).size());
        Path archived = binder.archive(renamed);
        assertEquals(2, Backups.of(archived).size());
        assertEquals(2, Backups.of(binder.restore(archived)).size());
    }

    @Test
    void numberedBackupsOfEarlierVersionsAreStillThere() throws IOException {
        Path file = Files.writeString(folder.resolve("a.json"), "now");
        Path old = Files.createDirectories(folder.resolve(Backups.FOLDER)).resolve("a.json.3");
        Files.writeString(old, "before");
        assertEquals(
                List.of(old),
                Backups.of(file).stream().map(Backups.Backup::file).toList());
        assertFalse(Backups.of(folder.resolve("b.json")).stream().findAny().isPresent());
    }
}
