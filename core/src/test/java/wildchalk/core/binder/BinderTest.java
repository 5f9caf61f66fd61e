package wildchalk.core.binder;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.Demo;
import wildchalk.core.SmallDisk;
import wildchalk.core.drill.Drill;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.progress.Progress;
import wildchalk.core.session.Session;
import wildchalk.core.surface.OwnSurfaces;
import wildchalk.core.surface.Size;
import wildchalk.core.surface.Surface;

/** A folder of drills: what can be done with them, and that nothing is lost. */
class BinderTest {

    @TempDir
    Path folder;

    private Binder binder;

    @BeforeEach
    void fill() throws IOException {
        binder = new Binder(folder.resolve("binder"));
        for (String id : List.of("crossing-backs", "breakwater-breakout", "second-wave-from-the-left")) {
            DrillFile.ofNew(Demo.read(id)).save(file(id));
        }
    }

    private Path file(String id) {
        return binder.drillsFolder().resolve(id + DrillFile.SUFFIX);
    }

    private List<Path> files() throws IOException {
        return binder.drills().stream().map(Binder.Entry::file).toList();
    }

    private static List<String> titles(List<Binder.Entry> entries) {
        return entries.stream()
                .flatMap(e -> e.content().stream())
                .map(c -> c.value().title())
                .toList();
    }

    @Test
    void tenBrokenFilesAreListedAndTheOthersOpen() throws IOException {
        int good = binder.drills().size();
        String text = Files.readString(file("crossing-backs"));
        List<String> broken = List.of(
                "",
                "{",
                "[]",
                "null",
                text.substring(0, text.length() / 2),
                text.replaceFirst("\"version\": \\d+", "\"version\": 99"),
                text.replace("\"title\"", "\"titel\""),
                text.replace("\"attack\"", "\"atack\""),
                text.replace("[", "{"),
                "\u0000\u0001\u0002");
        for (int i = 0; i < broken.size(); i++) {
            Files.writeString(file("broken-" + i), broken.get(i));
        }
        List<Binder.Entry> all = binder.drills();
        assertEquals(good + 10, all.size());
        assertEquals(good, titles(all).size());
        for (Binder.Entry e : all.subList(good, all.size())) {
            String problem = e.problem().orElseThrow().getMessage();
            assertTrue(e.content().isEmpty() && problem.contains("broken-"), "the broken ones come last: " + problem);
        }
        for (int i = 0; i < broken.size(); i++) {
            assertEquals(broken.get(i), Files.readString(file("broken-" + i)), "a broken file is left as it is");
        }
    }

    @Test
    void aDuplicateIsAFileOfItsOwn() throws IOException {
        Path copy = binder.duplicate(file("crossing-backs"), "Crossing backs, again");
        Drill drill = DrillFile.read(copy).value();
        assertEquals("crossing-backs-again.drill.json", copy.getFileName().toString());
        assertEquals("Crossing backs, again", drill.title());
        assertEquals(Demo.read("crossing-backs").base(), drill.base());
        assertTrue(Files.exists(file("crossing-backs")));
    }

    @Test
    void renamingMovesTheFileAndNeverOverAnother() throws IOException {
        Path to = binder.rename(file("crossing-backs"), "Breakwater breakout");
        assertEquals("breakwater-breakout-2.drill.json", to.getFileName().toString());
        assertFalse(Files.exists(file("crossing-backs")));
        assertEquals(
                2,
                titles(binder.drills()).stream()
                        .filter("Breakwater breakout"::equals)
                        .count());
        Path wave = binder.rename(file("second-wave-from-the-left"), "Second wave, from the left");
        assertEquals(file("second-wave-from-the-left"), wave, "the same name in a file keeps its file");
    }

    @Test
    void whatIsArchivedComesBackWhole() throws IOException {
        Drill before = DrillFile.read(file("crossing-backs")).value();
        Path away = binder.archive(file("crossing-backs"));
        assertFalse(titles(binder.drills()).contains(before.title()));
        assertEquals(List.of(before.title()), titles(binder.archived()));
        // meanwhile somebody makes another drill of that name
        DrillFile.ofNew(before.withTitle("Another")).save(file("crossing-backs"));
        Path back = binder.restore(away);
        assertEquals(before, DrillFile.read(back).value());
        assertEquals("Another", DrillFile.read(file("crossing-backs")).value().title());
        assertEquals(List.of(), binder.archived());
    }

    @Test
    void copiesOfASyncToolAreKnownByTheirNamesAndWhatIsInThem() throws IOException {
        Path original = file("crossing-backs");
        String text = Files.readString(original);
        List<String> names = List.of(
                "crossing-backs (conflicted copy 2026-11-25).drill.json",
                "crossing-backs.sync-conflict-20261125-101500-ABC.drill.json",
                "crossing-backs (1).drill.json",
                "crossing-backs (Anna\u2019s conflicted copy).drill.json",
                "crossing-backs~machine-2.drill.json");
        for (String name : names) {
            Files.writeString(binder.drillsFolder().resolve(name), text);
        }
        // another drill, whose name happens to go on
        Files.writeString(
                binder.drillsFolder().resolve("crossing-backs-conflict.drill.json"),
                text.replace("\"id\": \"crossing-backs\"", "\"id\": \"another\""));
        Map<Path, Path> copies = ConflictingCopies.among(binder.drills());
        assertEquals(names.size(), copies.size(), copies.toString());
        assertTrue(copies.values().stream().allMatch(original::equals));
        Path first = binder.drillsFolder().resolve(names.get(0));
        ConflictingCopies.putAway(first, original);
        assertFalse(Files.exists(first));
        assertEquals(text, Files.readString(Backups.of(original).get(0).file()), "it can be brought back");
    }

    @Test
    void starsOfTwoWindowsAreBothKeptAndFollowARename() throws IOException {
        Favourites one = Favourites.of(binder);
        Favourites other = Favourites.of(binder);
        one.set(file("crossing-backs"), true);
        other.set(file("breakwater-breakout"), true);
        Favourites now = Favourites.of(binder);
        assertTrue(now.has(file("crossing-backs")) && now.has(file("breakwater-breakout")));
        Path renamed = binder.rename(file("crossing-backs"), "Another name");
        assertTrue(Favourites.of(binder).has(renamed));
        assertFalse(Favourites.of(binder).has(file("crossing-backs")));
    }

    @Test
    void aBrokenListOfFavouritesHidesNoDrillAndIsNotWrittenOver() throws IOException {
        Path list = binder.folder().resolve("binder.json");
        Files.writeString(list, "{ broken");
        Favourites none = Favourites.of(binder);
        assertTrue(none.problem().isPresent());
        assertFalse(none.has(file("crossing-backs")));
        assertThrows(IOException.class, () -> none.set(file("crossing-backs"), true));
        assertEquals("{ broken", Files.readString(list));
        assertFalse(binder.drills().isEmpty());
        binder.rename(file("crossing-backs"), "It can still be renamed");
    }

    @Test
    void favouritesAreRememberedBesideTheDrills() throws IOException {
        Favourites.of(binder).set(file("crossing-backs"), true);
        assertTrue(Favourites.of(binder).has(file("crossing-backs")));
        assertFalse(Favourites.of(binder).has(file("breakwater-breakout")));
        Favourites.of(binder).set(file("crossing-backs"), false);
        assertFalse(Favourites.of(binder).has(file("crossing-backs")));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "crossing | crossing-backs",
                "CROSS backs | crossing-backs",
                "ice puck | breakwater-breakout",
                "handball fast | second-wave-from-the-left",
                "handball positional | crossing-backs",
                "pole | crossing-backs"
            })
    void searchingFindsTheBeginningsOfWordsAnywhere(String query, String expected) throws IOException {
        Catalogue catalogue = new Catalogue();
        List<Path> all = files();
        for (Path f : all) {
            catalogue.add(f, DrillFile.read(f).value());
            catalogue.addTalk(f, DrillFile.read(f).value());
        }
        assertEquals(List.of(file(expected)), catalogue.find(all, query));
        assertEquals(List.of(), catalogue.find(all, query + " zebra"));
        assertEquals(all, catalogue.find(all, "  "));
    }

    // ---- bundles ----

    @Test
    void aBundleCarriesDrillsAndOwnSurfacesToAnotherBinder() throws IOException {
        Surface yard = OwnSurfaces.blank("yard", "The yard", new Size(18, 12));
        binder.saveNew(SurfaceFile.ofNew(yard));
        Path bundle = folder.resolve("all.chalk");
        Bundle.pack(bundle, files(), binder, Progress.NONE);
        Binder other = new Binder(folder.resolve("other"));
        assertEquals(4, other.takeIn(bundle, Progress.NONE).size());
        assertEquals(titles(binder.drills()), titles(other.drills()));
        assertEquals(yard, other.surfaces().get(0).content().orElseThrow().value());
        assertEquals(List.of(), other.takeIn(bundle, Progress.NONE), "what is there already is left");
        Path there = other.drillsFolder().resolve("crossing-backs.drill.json");
        BinderFile<Drill> mine = DrillFile.read(there);
        mine.with(mine.value().withTitle("Mine")).save(there);
        assertEquals(
                List.of("crossing-backs-2.drill.json"),
                other.takeIn(bundle, Progress.NONE),
                "a changed one is put beside");
        assertEquals("Mine", DrillFile.read(there).value().title());
    }

    /** A session goes with its drills; the squad and the log, in which more stands, only where somebody asked. */
    @Test
    void aSessionGoesWithoutItsSquadUnlessItIsForTheStaff() throws IOException {
        Path demo = Demo.files().get(0).getParent().getParent();
        Binder from = new Binder(demo);
        Path session = from.sessions().stream()
                .filter(f -> Files.exists(LogFile.beside(f)))
                .findFirst()
                .orElseThrow();
        Path open = folder.resolve("open.chalk");
        Bundle.pack(open, files(), List.of(session), false, from, Progress.NONE);
        Binder players = new Binder(folder.resolve("players"));
        players.takeIn(open, Progress.NONE);
        assertEquals(1, players.sessions().size());
        assertEquals(List.of(), players.squads());
        assertTrue(LogFile.of(players.sessions().get(0)).isEmpty());
        String names =
                SquadFile.read(from.squads().get(0)).value().players().get(0).name();
        assertFalse(String.join("", Bundle.read(open).values()).contains(names), "nobody's name is in it");
        Path whole = folder.resolve("staff.chalk");
        Bundle.pack(whole, files(), List.of(session), true, from, Progress.NONE);
        Binder staff = new Binder(folder.resolve("staff"));
        assertTrue(staff.takeIn(whole, Progress.NONE).size() >= 6);
        assertEquals(1, staff.squads().size());
        assertTrue(LogFile.of(staff.sessions().get(0)).isPresent());
        assertEquals(List.of(), staff.takeIn(whole, Progress.NONE), "what is there already is left");
        BinderFile<Session> mine = SessionFile.read(staff.sessions().get(0));
        mine.with(mine.value().withTitle("Mine")).save(staff.sessions().get(0));
        assertEquals(2, staff.takeIn(whole, Progress.NONE).size(), "a changed one is put beside, with its log");
        assertEquals(2, staff.sessions().size());
    }

    @Test
    void theSameDrillsGiveTheSameBundle() throws IOException {
        Bundle.pack(folder.resolve("a.chalk"), files(), binder, Progress.NONE);
        Bundle.pack(folder.resolve("b.chalk"), files(), binder, Progress.NONE);
        assertArrayEquals(Files.readAllBytes(folder.resolve("a.chalk")), Files.readAllBytes(folder.resolve("b.chalk")));
    }

    private Path zip(Map<String, byte[]> entries) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> e : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(e.getKey()));
                zip.write(e.getValue());
                zip.closeEntry();
            }
        }
        return Files.write(folder.resolve("hostile.chalk"), bytes.toByteArray());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "../evil.drill.json",
                "drills/../../evil.drill.json",
                "/etc/evil.drill.json",
                "drills\\..\\evil.drill.json",
                "drills/sub/evil.drill.json",
                "drills/evil.sh",
                "drills/.drill.json",
                "C:evil.drill.json"
            })
    void aNameThatLeadsElsewhereIsRefusedAndNothingIsWritten(String name) throws IOException {
        byte[] honest = Files.readAllBytes(file("crossing-backs"));
        Map<String, byte[]> entries = new LinkedHashMap<>();
        entries.put("drills/honest.drill.json", honest);
        entries.put(name, honest);
        Path bundle = zip(entries);
        Binder other = new Binder(folder.resolve("other"));
        FormatProblem problem = assertThrows(FormatProblem.class, () -> other.takeIn(bundle, Progress.NONE));
        assertTrue(problem.getMessage().contains("does not belong"), problem.getMessage());
        assertFalse(Files.exists(other.folder()), "not even the honest part");
    }

    @Test
    void aBundleWithOneBrokenDrillBringsNothing() throws IOException {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        entries.put("drills/a.drill.json", Files.readAllBytes(file("crossing-backs")));
        entries.put("drills/b.drill.json", "{}".getBytes(StandardCharsets.UTF_8));
        Path bundle = zip(entries);
        Binder other = new Binder(folder.resolve("other"));
        assertThrows(FormatProblem.class, () -> other.takeIn(bundle, Progress.NONE));
        assertFalse(Files.exists(other.folder()));
    }

    @Test
    void aBombIsStoppedWhileItUnpacks() throws IOException {
        Path bundle = zip(Map.of("drills/bomb.drill.json", new byte[40 * 1024 * 1024]));
        assertTrue(Files.size(bundle) < 100_000, "small outside");
        Binder other = new Binder(folder.resolve("other"));
        FormatProblem problem = assertThrows(FormatProblem.class, () -> other.takeIn(bundle, Progress.NONE));
        assertTrue(problem.getMessage().contains("more than a drill can be"), problem.getMessage());
    }

    @Test
    void aCutOffBundleSaysSo() throws IOException {
        Path whole = folder.resolve("all.chalk");
        Bundle.pack(whole, files(), binder, Progress.NONE);
        byte[] bytes = Files.readAllBytes(whole);
        Binder other = new Binder(folder.resolve("other"));
        Path cut = Files.write(folder.resolve("cut.chalk"), Arrays.copyOf(bytes, bytes.length / 3));
        assertThrows(FormatProblem.class, () -> other.takeIn(cut, Progress.NONE));
        Path no = Files.writeString(folder.resolve("no.chalk"), "not a zip at all");
        FormatProblem problem = assertThrows(FormatProblem.class, () -> other.takeIn(no, Progress.NONE));
        assertTrue(problem.getMessage().contains("no bundle"), problem.getMessage());
    }

    @Test
    void whatIsHandedOnIsTakenInWhateverItsFilesAreCalled() throws IOException {
        String text = Files.readString(file("crossing-backs"));
        List<Path> odd = new ArrayList<>();
        for (String name : List.of(
                "Crossing backs",
                "crossing-backs (conflicted copy)",
                "Überzahl [2]",
                "a.b.c",
                "-x-",
                "漢",
                "crossing backs")) {
            odd.add(Files.writeString(binder.drillsFolder().resolve(name + ".drill.json"), text));
        }
        Path bundle = folder.resolve("odd.chalk");
        Bundle.pack(bundle, odd, binder, Progress.NONE);
        Binder other = new Binder(folder.resolve("other"));
        other.takeIn(bundle, Progress.NONE);
        assertEquals(odd.size(), other.drills().size());
        assertTrue(other.drills().stream().allMatch(e -> e.content().isPresent()));
        Path broken = Files.writeString(binder.drillsFolder().resolve("broken.drill.json"), "{");
        FormatProblem problem = assertThrows(
                FormatProblem.class,
                () -> Bundle.pack(folder.resolve("b.chalk"), List.of(odd.get(0), broken), binder, Progress.NONE));
        assertTrue(problem.getMessage().contains("broken.drill.json"), problem.getMessage());
        assertFalse(Files.exists(folder.resolve("b.chalk")));
    }

    @Test
    void aBundleThatIsCutAnywhereBringsNothing() throws IOException {
        Path whole = folder.resolve("all.chalk");
        Bundle.pack(whole, files(), binder, Progress.NONE);
        byte[] bytes = Files.readAllBytes(whole);
        Binder other = new Binder(folder.resolve("other"));
        for (int length = bytes.length - 1; length > 0; length -= 1 + bytes.length / 200) {
            Path cut = Files.write(folder.resolve("cut.chalk"), Arrays.copyOf(bytes, length));
            assertThrows(FormatProblem.class, () -> other.takeIn(cut, Progress.NONE), length + " bytes");
        }
        assertEquals(List.of(), other.drills());
    }

    @Test
    void onADiskThatIsTooSmallABundleBringsNothing() throws Exception {
        String text = Files.readString(file("crossing-backs"));
        List<Path> many = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            many.add(Files.writeString(binder.drillsFolder().resolve("many-" + i + ".drill.json"), text));
        }
        Path bundle = folder.resolve("many.chalk");
        Bundle.pack(bundle, many, binder, Progress.NONE);
        Optional<SmallDisk> mounted = SmallDisk.of(160);
        assumeTrue(mounted.isPresent());
        try (SmallDisk disk = mounted.get()) {
            Binder small = new Binder(disk.folder().resolve("binder"));
            assertThrows(IOException.class, () -> small.takeIn(bundle, Progress.NONE));
            assertEquals(List.of(), small.drills());
            try (Stream<Path> all = Files.walk(disk.folder())) {
                assertTrue(all.noneMatch(f -> f.toString().endsWith(".json")), "nothing of it is left lying about");
            }
        }
    }
}
