package wildchalk.core.binder;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.motion.RandomDrills;
import wildchalk.core.motion.Timeline;

/** What is written is read again; what is broken is named; nothing is lost. */
class DrillFileTest {

    private static final Path NAME = Path.of("x.drill.json");

    @TempDir
    Path folder;

    static LongStream seeds() {
        return LongStream.range(0, 80);
    }

    static Stream<Path> demos() {
        return Demo.files().stream();
    }

    private static Drill random(long seed) {
        Drill blank = Drill.blank("Random " + seed, new SurfaceUse("handball", "whole"), Audience.USUAL);
        return blank.withProgression(RandomDrills.of(seed, 5, 3, 14));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void writingAndReadingGivesTheSameValue(long seed) throws IOException {
        Drill drill = random(seed);
        Path file = folder.resolve("r.drill.json");
        DrillFile.ofNew(drill).save(file);
        assertEquals(drill, DrillFile.read(file).value());
        assertEquals(List.of(), Schemas.check(file), "what is written fits the schema");
    }

    @ParameterizedTest
    @MethodSource("demos")
    void demoFilesFitTheSchemaAndSurviveASave(Path demo) throws IOException {
        assertEquals(List.of(), Schemas.check(demo));
        BinderFile<Drill> read = DrillFile.read(demo);
        BinderFile<Drill> again = DrillFile.parse(NAME, read.toText());
        assertEquals(read.value(), again.value());
        assertEquals(read.toText(), again.toText(), "a second save changes nothing");
    }

    @Test
    void fieldsOfALaterVersionSurvive() throws IOException {
        String text = """
                {"format": {"name": "wild-chalk-drill", "version": 1, "by": "later"},
                 "id": "x", "title": "X", "surface": {"use": "handball", "view": "whole", "tilt": 90}, "mood": ["blue"],
                 "progressions": [{"id": "base", "title": "B", "weather": {"wind": 3},
                   "roles": [{"id": "a", "label": "A", "side": "attack", "at": [0, 0], "hand": "left"}],
                   "balls": [{"id": "b", "with": "a", "size": 3}],
                   "steps": [{"id": "s1", "question": {"ask": "Where?"}, "moves": [
                     {"id": "m1", "role": "a", "do": "travel", "path": [[1, 2], {"at": [3, 4], "loop": 2}],
                      "when": {"whistle": true, "loud": true}, "colour": "red"}]}]}]}
                """;
        BinderFile<Drill> read = DrillFile.parse(NAME, text);
        String written = read.with(read.value().withTitle("Y")).toText();
        for (String kept : List.of(
                "\"by\": \"later\"",
                "\"tilt\": 90",
                "\"mood\": [\"blue\"]",
                "\"wind\": 3",
                "\"hand\": \"left\"",
                "\"size\": 3",
                "\"ask\": \"Where?\"",
                "\"loop\": 2",
                "\"loud\": true",
                "\"colour\": \"red\"",
                "\"title\": \"Y\"")) {
            assertTrue(written.contains(kept), kept + " is lost in\n" + written);
        }
        assertEquals(written, DrillFile.parse(NAME, written).toText());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"format\": {\"name\": \"wild-chalk-drill\", | This is not valid JSON",
                "[1, 2] | Expected an object in braces",
                "{\"format\": {\"name\": \"other\", \"version\": 1}} | expected \"wild-chalk-drill\"",
                "{\"format\": {\"name\": \"wild-chalk-drill\", \"version\": 7}} | format version 7",
                "{\"format\": {\"name\": \"wild-chalk-drill\", \"version\": 1}} | \"id\" is missing",
                "{\"a\": 1, \"a\": 2} | Duplicate field",
                "{\"format\": {\"name\": \"x\", \"name\": \"y\"}} | Duplicate field \"name\""
            })
    void brokenFilesSayWhatIsWrong(String text, String expected) {
        FormatProblem problem = assertThrows(FormatProblem.class, () -> DrillFile.parse(NAME, text));
        assertTrue(problem.getMessage().contains(expected), problem.getMessage());
        assertTrue(problem.line() == 1 && problem.column() >= 1, problem.getMessage());
        assertFalse(problem.getMessage().contains("\n"));
    }

    @Test
    void whatWouldChangeTheMeaningIsNotPassedOver() {
        String text = DrillFile.ofNew(Demo.read("crossing-backs")).toText();
        for (String later : List.of(
                text.replace(
                        "{\n          \"id\": \"s2\"",
                        "{\n          \"on\": {\"fork\": \"f\", \"branch\": \"b\"}, \"id\": \"s2\""),
                text.replace("\"title\": \"Cross and shoot\"", "\"title\": \"Cross\", \"basedOn\": \"x\""))) {
            assertFalse(later.equals(text));
            FormatProblem problem = assertThrows(FormatProblem.class, () -> DrillFile.parse(NAME, later));
            assertTrue(problem.getMessage().contains("names the"), problem.getMessage());
        }
    }

    @Test
    void aFileThatWasCutOffSaysSo() {
        String text = DrillFile.ofNew(random(3)).toText();
        FormatProblem problem = assertThrows(
                FormatProblem.class, () -> DrillFile.parse(NAME, text.substring(0, text.indexOf("\"roles\"") + 9)));
        assertTrue(
                problem.getMessage().endsWith("The file is cut off; restore it from a backup."), problem.getMessage());
        assertFalse(problem.getMessage().contains("Source"), problem.getMessage());
    }

    @Test
    void anErrorKnowsItsLineAndColumn() {
        String text = DrillFile.ofNew(random(3)).toText().replaceFirst("\"side\": \"[a-z]+\"", "\"side\": \"goalie\"");
        FormatProblem problem = assertThrows(FormatProblem.class, () -> DrillFile.parse(NAME, text));
        String line = text.split("\n")[problem.line() - 1];
        assertTrue(line.substring(problem.column() - 1).startsWith("\"goalie\""), problem.getMessage());
        assertTrue(problem.getMessage().contains("attack, defence, neutral, keeper, coach"), problem.getMessage());
    }

    @Test
    void aNameThatPointsNowhereIsRefusedWithItsPlace() {
        String text =
                DrillFile.ofNew(Demo.read("crossing-backs")).toText().replace("\"with\": \"cb\"", "\"with\": \"zz\"");
        FormatProblem problem = assertThrows(FormatProblem.class, () -> DrillFile.parse(NAME, text));
        assertTrue(problem.getMessage().contains("names the role \"zz\""), problem.getMessage());
        assertTrue(problem.line() > 1);
    }

    @Test
    void filesThatAreNoFiles() throws IOException {
        Path huge = folder.resolve("huge.drill.json");
        try (RandomAccessFile file = new RandomAccessFile(huge.toFile(), "rw")) {
            file.setLength(200L * 1024 * 1024);
        }
        Path empty = Files.createFile(folder.resolve("empty.drill.json"));
        Path binary = Files.write(folder.resolve("binary.drill.json"), new byte[] {(byte) 0xC3, 0x28, 1});
        String deep = "[".repeat(5000);
        Path nested = Files.writeString(folder.resolve("deep.drill.json"), deep);
        for (Path file : List.of(huge, empty, binary, nested, folder, folder.resolve("none.json"))) {
            FormatProblem problem = Assertions.assertTimeoutPreemptively(
                    Duration.ofSeconds(20), () -> assertThrows(FormatProblem.class, () -> DrillFile.read(file)));
            assertTrue(problem.getMessage().startsWith(file.toString()), problem.getMessage());
        }
    }

    @Test
    void mutatedFilesGiveAClearErrorOrADrillAndNothingElse() {
        String whole = DrillFile.ofNew(Demo.read("breakwater-breakout")).toText();
        Random random = new Random(20261123);
        int refused = 0;
        for (int i = 0; i < 3000; i++) {
            String mutated = mutate(whole, random);
            try {
                BinderFile<Drill> read = DrillFile.parse(NAME, mutated);
                // what is accepted can be worked with
                read.value().progressions().forEach(p -> Timeline.of(read.value(), wildchalk.core.path.Path.usual(p)));
                assertEquals(read.value(), DrillFile.parse(NAME, read.toText()).value());
            } catch (FormatProblem e) {
                refused++;
                assertFalse(e.getMessage().isBlank());
            }
        }
        assertTrue(refused > 500, "the mutations hurt: " + refused);
    }

    private static String mutate(String text, Random random) {
        StringBuilder s = new StringBuilder(text);
        for (int k = 0; k <= random.nextInt(3); k++) {
            int at = random.nextInt(s.length());
            switch (random.nextInt(5)) {
                case 0 -> s.setCharAt(at, (char) (32 + random.nextInt(95)));
                case 1 -> s.deleteCharAt(at);
                case 2 -> s.insert(at, "\"{}[],:0-9etru".charAt(random.nextInt(14)));
                case 3 -> s.delete(at, Math.min(s.length(), at + random.nextInt(40)));
                default -> s.setLength(Math.max(1, at));
            }
        }
        return s.toString();
    }

    @Test
    void savingKeepsBackupsOfChangesAndLeavesNoParts() throws IOException {
        Path file = folder.resolve("drills").resolve("d.drill.json");
        Drill drill = random(1);
        for (int i = 0; i < 14; i++) {
            DrillFile.ofNew(drill.withTitle("Version " + i)).save(file);
            DrillFile.ofNew(drill.withTitle("Version " + i)).save(file); // no change, no backup
        }
        List<Backups.Backup> backups = Backups.of(file);
        for (int i = 0; i < 5; i++) {
            assertEquals(
                    "Version " + (12 - i),
                    DrillFile.read(backups.get(i).file()).value().title());
        }
        try (Stream<Path> all = Files.list(file.getParent())) {
            assertEquals(2, all.count(), "the file and the folder of backups, nothing else");
        }
    }

    @Test
    void aBinderOpensWhatItCanAndListsTheRest() throws IOException {
        Binder binder = new Binder(folder);
        DrillFile.ofNew(random(1).withTitle("B")).save(binder.newFile("b"));
        DrillFile.ofNew(random(2).withTitle("A")).save(binder.newFile("a"));
        Files.writeString(binder.drillsFolder().resolve("bad.drill.json"), "{");
        List<Binder.Entry> entries = binder.drills();
        assertEquals(
                List.of("A", "B"),
                entries.stream()
                        .flatMap(e -> e.content().stream())
                        .map(c -> c.value().title())
                        .toList());
        assertTrue(entries.get(2).problem().orElseThrow().getMessage().contains("bad.drill.json"));
        assertEquals(
                binder.drillsFolder().resolve("a-2.drill.json"), binder.newFile("A"), "a taken name gets a number");
    }
}
