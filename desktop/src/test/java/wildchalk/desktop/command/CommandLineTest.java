package wildchalk.desktop.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.Demo;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.drill.Drill;
import wildchalk.core.motion.Timeline;
import wildchalk.core.reps.Outlook;
import wildchalk.core.reps.Setting;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.RepsWriter;

/** Commands, their exit codes, and one clear line when something is wrong. */
class CommandLineTest {

    private static final ObjectMapper JSON = new ObjectMapper();

    @TempDir
    Path folder;

    private record Result(int code, String out, String err) {}

    private static Result run(String... arguments) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        int code = CommandLineEntry.run(arguments, out, err);
        return new Result(code, out.toString(StandardCharsets.UTF_8), err.toString(StandardCharsets.UTF_8));
    }

    static Stream<Path> demos() {
        return Demo.files().stream();
    }

    @ParameterizedTest
    @MethodSource("demos")
    void everyCommandWorksOnTheDemoFiles(Path file) throws IOException {
        Drill drill = DrillFile.read(file).value();
        wildchalk.core.path.Path path = RunThrough.byClock(drill, wildchalk.core.path.Path.usual(drill.base()));
        Timeline timeline = Timeline.of(drill, path);
        JsonNode time = json("time", file.toString(), "--json");
        assertEquals(timeline.seconds(), time.get("seconds").asDouble(), 0.001);
        assertEquals(path.moves().size(), time.get("moves").size());
        assertEquals(timeline.happenings().size(), time.get("events").size());
        for (JsonNode move : time.get("moves")) {
            assertTrue(move.get("end").asDouble() >= move.get("start").asDouble());
        }
        JsonNode words = json("words", file.toString(), "--json");
        assertEquals(path.steps().size(), words.get("steps").size());
        for (JsonNode finding : json("check", file.toString(), "--json").get("findings")) {
            assertEquals("note", finding.get("severity").asText(), finding.toString());
        }
        assertEquals(
                1, json("validate", file.toString(), "--json").get("wellFormed").size());
        String role = drill.base().roles().get(0).label();
        assertTrue(run("words", file.toString(), "--role", role).out().startsWith("You are " + role + "."));
        for (String plain : new String[] {"time", "reps", "words", "check", "validate"}) {
            Result result = run(plain, file.toString());
            assertEquals(0, result.code(), result.err());
            assertFalse(result.out().isBlank());
            assertEquals("", result.err());
        }
    }

    /** A rep the other way round and the first rep are asked for like a way; where there are none that is said. */
    @Test
    void theOtherWayRoundAndTheFirstRepAreAskedForByName() throws IOException {
        String sides = Demo.folder().resolve("ferry-crossing.drill.json").toString();
        JsonNode drawn = json("time", sides, "--json");
        JsonNode other = json("time", sides, "--json", "--outcome", "other-side");
        assertEquals("lb", drawn.get("moves").get(0).get("role").asText());
        assertEquals("rb", other.get("moves").get(0).get("role").asText());
        assertEquals(drawn.get("seconds").asDouble(), other.get("seconds").asDouble(), 0.01);
        String later = Demo.folder().resolve("lantern-run.drill.json").toString();
        assertTrue(run("words", later).out().contains("T throws softly at R"));
        assertFalse(run("words", later, "--outcome", "first-rep").out().contains("T throws"));
        assertEquals(2, run("words", sides, "--outcome", "first-rep").code());
    }

    private static JsonNode json(String... arguments) throws IOException {
        Result result = run(arguments);
        assertEquals(0, result.code(), result.err());
        return JSON.readTree(result.out());
    }

    @ParameterizedTest
    @ValueSource(strings = {"svg", "png", "pdf", "gif", "html", "mp4"})
    void exportWritesTheKindThatWasAskedFor(String kind) throws IOException {
        Path target = folder.resolve("out." + kind);
        Path file = Demo.folder().resolve("crossing-backs.drill.json");
        Result result = run("export", file.toString(), "--to", kind, "--out", target.toString(), "--step", "2");
        assertEquals(0, result.code(), result.err());
        byte[] bytes = Files.readAllBytes(target);
        String head = new String(bytes, 0, 15, StandardCharsets.ISO_8859_1);
        Map<String, String> heads = Map.of(
                "svg",
                "<?xml",
                "png",
                "\u0089PNG",
                "pdf",
                "%PDF",
                "gif",
                "GIF89a",
                "html",
                "<!DOCTYPE html>",
                "mp4",
                "");
        assertTrue(head.startsWith(heads.get(kind)), head);
    }

    private static Path session() {
        return Demo.folder()
                .resolve("../sessions/2026-12-03-before-the-weekend/session.json")
                .normalize();
    }

    @ParameterizedTest
    @ValueSource(strings = {"pdf", "cards", "script", "parts", "message", "ics"})
    void whatIsHandedOutOfASessionIsTheKindThatWasAskedFor(String kind) throws IOException {
        Path target = folder.resolve("out." + kind);
        Result result = run("export", session().toString(), "--to", kind, "--out", target.toString());
        assertEquals(0, result.code(), result.err());
        String text = Files.readString(target, StandardCharsets.ISO_8859_1);
        Map<String, String> heads = Map.of("message", "Before the weekend", "ics", "BEGIN:VCALENDAR");
        assertTrue(text.startsWith(heads.getOrDefault(kind, "%PDF")), text.substring(0, 20));
    }

    @Test
    void aPartIsAskedForByName() throws IOException {
        Path target = folder.resolve("bo.txt");
        Result result =
                run("export", session().toString(), "--to", "message", "--player", "bo", "--out", target.toString());
        assertEquals(0, result.code(), result.err());
        String told = Files.readString(target);
        assertTrue(told.contains("For Bo: blue bib."));
        assertFalse(told.contains("For Ada"));
        Result nobody = run("export", session().toString(), "--to", "message", "--player", "Zorro");
        assertEquals(2, nobody.code());
        assertTrue(nobody.err()
                .startsWith("wildchalk: --player Zorro: nobody of that name is there; there are Ada Lind,"));
        Result what = run("export", session().toString(), "--to", "gif");
        assertEquals(2, what.code());
        assertTrue(
                what.err().contains("--to gif: no such file is made of a session; choose one of pdf, cards"),
                what.err());
    }

    @Test
    void aPathIsChosenByItsOutcomes() throws IOException {
        String file = Demo.folder().resolve("ebb-or-flow.drill.json").toString();
        JsonNode likeliest = json("time", file, "--json");
        assertEquals("save", likeliest.get("path").asText());
        JsonNode nested = json("time", file, "--json", "--outcome", "rebound,back to the point");
        assertEquals("rebound › back to the point", nested.get("path").asText());
        assertEquals("f=rebound", nested.get("choices").get(0).asText());
        assertTrue(run("words", file, "--outcome", "goal").out().contains("2 v 1 to the right"));
        Result wrong = run("time", file, "--outcome", "goal,back");
        assertEquals(2, wrong.code());
        assertEquals(1, wrong.err().strip().lines().count());
        assertTrue(wrong.err().contains("the paths are goal; save; rebound,shoots at once"), wrong.err());
        String flags = Demo.folder().resolve("signal-flags.drill.json").toString();
        assertTrue(run("words", flags, "--outcome", "green").out().contains("if green"));
        Path clip = folder.resolve("all.gif");
        Path one = folder.resolve("one.gif");
        assertEquals(
                0,
                run("export", file, "--to", "gif", "--all-paths", "--out", clip.toString())
                        .code());
        assertEquals(
                0, run("export", file, "--to", "gif", "--out", one.toString()).code());
        assertTrue(Files.size(clip) > 1.5 * Files.size(one), "four ways are longer than one");
    }

    @Test
    void wordsOfAVersionSayWhatItChanges() throws IOException {
        String file = Demo.folder().resolve("lantern-ladder.drill.json").toString();
        JsonNode words = json("words", file, "--json", "--progression", "screened");
        assertEquals("D1 (defence) joins.", words.get("changes").get(0).asText());
        assertTrue(words.get("cautions").get(0).asText().contains("governing body"));
        assertEquals(0, json("words", file, "--json").get("changes").size(), "the base changes nothing");
    }

    @Test
    void ofABinderThereIsAContactSheetAndOfADrillAPictureOfAllSteps() throws IOException {
        Path binder = Demo.folder().getParent();
        Path sheet = folder.resolve("all.svg");
        Result whole = run("export", binder.toString(), "--to", "svg", "--out", sheet.toString());
        assertEquals(0, whole.code(), whole.err());
        assertTrue(Files.readString(sheet).contains("Crossing backs"));
        assertEquals(2, run("export", binder.toString(), "--to", "pdf").code());
        String drill = Demo.folder().resolve("crossing-backs.drill.json").toString();
        Path picture = folder.resolve("steps.svg");
        assertEquals(
                0,
                run("export", drill, "--to", "svg", "--step", "all", "--out", picture.toString())
                        .code());
        assertTrue(Files.readString(picture).contains("all steps"));
        Result which = run("export", drill, "--to", "svg", "--step", "some");
        assertTrue(which.err().contains("--step some: write a number from 1, or 'all'."), which.err());
        Result slow = run("export", drill, "--to", "mp4", "--slow", "2,7");
        assertTrue(slow.err().contains("--slow 7: the drill has steps 1 to 3."), slow.err());
    }

    @Test
    void aDrillThatCannotRunExitsWithOne() throws IOException {
        String text = Files.readString(Demo.folder().resolve("crossing-backs.drill.json"));
        Path file = Files.writeString(
                folder.resolve("noball.drill.json"), text.replace("{\"id\": \"b1\", \"with\": \"cb\"}", ""));
        Result result = run("check", file.toString(), "--json");
        assertEquals(1, result.code());
        assertEquals(
                "no-ball",
                JSON.readTree(result.out()).get("findings").get(0).get("rule").asText());
        assertTrue(run("check", file.toString()).out().contains("CB has no ball"));
    }

    @Test
    void brokenInputGivesOneLineAndTwo() throws IOException {
        for (Map.Entry<String, Path> input : brokenFiles().entrySet()) {
            for (String command : new String[] {"time", "words", "check", "validate", "export"}) {
                String file = input.getValue().toString();
                Result result = command.equals("export")
                        ? run(
                                command,
                                file,
                                "--to",
                                "svg",
                                "--out",
                                folder.resolve("x.svg").toString())
                        : run(command, file);
                String what = command + " on a file that is " + input.getKey() + ": " + result.err();
                assertEquals(2, result.code(), what);
                assertEquals(1, result.err().strip().lines().count(), what);
                assertTrue(result.err().contains(file), what);
                assertEquals("", result.out(), what);
                assertFalse(Files.exists(folder.resolve("x.svg")), what);
            }
        }
    }

    private Map<String, Path> brokenFiles() throws IOException {
        String whole = Files.readString(Demo.folder().resolve("crossing-backs.drill.json"));
        Map<String, Path> files = new LinkedHashMap<>();
        files.put("truncated", Files.writeString(folder.resolve("cut.drill.json"), whole.substring(0, 700)));
        files.put(
                "of a wrong type",
                Files.writeString(
                        folder.resolve("type.drill.json"), whole.replace("\"at\": [4, -1]", "\"at\": \"here\"")));
        files.put(
                "of an unknown version",
                Files.writeString(
                        folder.resolve("new.drill.json"), whole.replaceFirst("\"version\": \\d+", "\"version\": 99")));
        files.put("missing", folder.resolve("missing.drill.json"));
        files.put("a folder", folder);
        files.put("empty", Files.createFile(folder.resolve("empty.drill.json")));
        Path huge = folder.resolve("huge.drill.json");
        try (RandomAccessFile out = new RandomAccessFile(huge.toFile(), "rw")) {
            out.setLength(200L << 20);
        }
        files.put("200 MB", huge);
        return files;
    }

    @Test
    void wrongOptionsAreExplained() {
        String file = Demo.folder().resolve("crossing-backs.drill.json").toString();
        String[][] wrong = {
            {"time"},
            {"fly", file},
            {"time", file, "--progression", "none"},
            {"words", file, "--role", "nobody"},
            {"export", file, "--to", "docx"},
            {"export", file, "--to", "svg", "--step", "9"},
            {"export", file, "--to", "png", "--width", "3"},
            {"export", file, "--to", "svg", "--out", folder.toString()},
            {
                "export",
                file,
                "--to",
                "svg",
                "--out",
                folder.resolve("no/such/folder/x.svg").toString()
            }
        };
        for (String[] arguments : wrong) {
            Result result = run(arguments);
            String what = String.join(" ", arguments) + ": " + result.err();
            assertEquals(2, result.code(), what);
            assertEquals(1, result.err().strip().lines().count(), what);
            assertTrue(result.err().startsWith("wildchalk: "), what);
        }
    }

    @Test
    void surfacesListTheirSizes() throws IOException {
        JsonNode list = json("surfaces", "--json");
        assertEquals(Surfaces.all().size(), list.size());
        for (JsonNode s : list) {
            Surface surface = Surfaces.find(s.get("id").asText()).orElseThrow();
            assertEquals(surface.lengthMetres(), s.get("length").asDouble(), 0.001);
            assertEquals(surface.widthMetres(), s.get("width").asDouble(), 0.001);
            assertEquals(surface.goals().size(), s.get("goals").size());
            assertEquals(surface.landmarks().size(), s.get("landmarks").size());
            assertEquals(Surfaces.range(surface.id()).isPresent(), s.has("permitted"), surface.id());
        }
        assertEquals(list.size(), run("surfaces").out().strip().lines().count());
    }

    /** Four stand in each line, nobody changes line: every fifth rep is the first again, in the table and as JSON. */
    @Test
    void repsSaysWhoPlaysWhat() throws IOException {
        String file =
                Demo.folder().resolve("second-wave-from-the-left.drill.json").toString();
        List<String> lines = run("reps", file, "--reps", "5").out().lines().toList();
        List<String> table = lines.subList(lines.size() - 5, lines.size());
        assertEquals(table.get(0).substring(1), table.get(4).substring(1));
        assertNotEquals(table.get(0).substring(1), table.get(1).substring(1));
        JsonNode json = json("reps", file, "--reps", "5", "--json");
        assertEquals(4, json.get("round").asInt());
        assertEquals(5, json.get("reps").size());
        assertEquals(json.get("reps").get(0), json.get("reps").get(4));
        json.get("drift").forEach(more -> assertEquals(0, more.asInt()));
        assertEquals(2, run("reps", file, "--reps", "0").code());
    }

    /** The command says what the engine says, in words, as a table and as JSON; what cannot be is refused with what can. */
    @Test
    void repsSaysWhatMinutesGive() throws IOException {
        Drill drill = Demo.read("gull-wing-draw-and-pass");
        String file =
                Demo.folder().resolve("gull-wing-draw-and-pass.drill.json").toString();
        wildchalk.core.path.Path path = wildchalk.core.path.Path.usual(drill.base());
        Outlook outlook = Outlook.of(
                drill, path, Setting.drawn(drill, path).withPeople(15).withMinutes(12));
        JsonNode json = json("reps", file, "--players", "15", "--minutes", "12", "--json");
        assertEquals(outlook.block().fewestTurns(), json.get("turnsFewest").asInt());
        assertEquals(outlook.block().reps(), json.get("reps").asInt());
        assertEquals(15, json.get("shares").size());
        assertEquals(outlook.fit().best(), json.get("fit").get("best").asInt());
        String text = run("reps", file, "--players", "15", "--minutes", "12").out();
        new RepsWriter(
                        outlook,
                        drill.surface(),
                        LengthUnit.spokenIn(drill.surface().sport()))
                .all()
                .forEach(l -> assertTrue(text.contains(l), l));
        assertEquals(2, run("reps", file, "--players", "0").code());
        assertEquals(2, run("reps", file, "--minutes", "500").code());
        assertTrue(run("reps", file, "--age", "U99").err().contains("U14"));
    }

    /** A session by the clock in words and as JSON; one whose drills are not there is told so, with exit 1. */
    @Test
    void planSaysTheHour() throws IOException {
        java.nio.file.Path demo = Demo.folder()
                .resolve("../sessions/2026-12-03-before-the-weekend/session.json")
                .normalize();
        String text = run("plan", demo.toString()).out();
        assertTrue(text.contains("18:00 to 18:03  Together, 3 min"), text);
        assertTrue(text.contains("Crossing backs: Red, 8 players, with Tove"), text);
        JsonNode json = json("plan", demo.toString(), "--json");
        assertEquals(16, json.get("present").size());
        assertEquals(0, json.get("clashes").size());
        double last = 0;
        for (JsonNode slot : json.get("slots")) {
            assertEquals(last, slot.get("from").asDouble(), 2e-3);
            last = slot.get("to").asDouble();
        }
        assertEquals(last / 60, json.get("minutes").get("planned").asDouble(), 2e-3);
        JsonNode ways = json("plan", demo.toString(), "--lost", "12", "--json");
        assertEquals(3, ways.size());
        assertTrue(run("plan", demo.toString(), "--lost", "12").out().contains("Leave out Six against six"));
        assertEquals(1, run("plan", demo.toString(), "--lost", "74").code());
        assertEquals(2, run("plan", demo.toString(), "--lost", "-1").code());
        // elsewhere its drills and its squad are not there
        java.nio.file.Path alone = folder.resolve("sessions/x/session.json");
        Files.createDirectories(alone.getParent());
        Files.copy(demo, alone);
        assertEquals(1, run("plan", alone.toString()).code());
        assertTrue(run("plan", alone.toString()).out().contains("There is no squad \"tern-point-u16\""));
        assertEquals(2, run("plan", folder.resolve("none.json").toString()).code());
    }

    /** A table becomes a squad, and the squad a table that is the same. */
    @Test
    void aTableBecomesASquad() throws IOException {
        java.nio.file.Path csv = Files.writeString(folder.resolve("in.csv"), "name,positions\nAda,LB CB\nBo,\n");
        String squad = folder.resolve("under-12.squad.json").toString();
        assertTrue(run("squad", squad, "--take", csv.toString()).out().contains("2 players, 2 of them new"));
        assertTrue(run("squad", squad, "--take", csv.toString()).out().contains("2 players, 0 of them new"));
        String out = folder.resolve("out.xlsx").toString();
        assertEquals(0, run("squad", squad, "--table", out).code());
        String again = folder.resolve("again.squad.json").toString();
        assertTrue(run("squad", again, "--take", out).out().contains("2 players"));
        assertEquals(2, run("squad", squad).code());
        assertEquals(2, run("squad", csv.toString(), "--take", csv.toString()).code());
    }

    /** Groups by name in words, by id alone as JSON; whoever is not known is asked for. */
    @Test
    void groupsAreMade() throws IOException {
        String squad = Demo.folder()
                .resolve("../squads/tern-point-u16.squad.json")
                .normalize()
                .toString();
        String text = run("groups", squad, "--groups", "3", "--bibs", "blue,red,green", "--absent", "Ada Lind")
                .out();
        assertTrue(text.contains("Blue (") && text.contains("Green (") && !text.contains("Ada Lind"), text);
        JsonNode json = json("groups", squad, "--groups", "4", "--odd", "joker", "--json");
        json.get("groups").forEach(g -> assertEquals(4, g.get("players").size()));
        assertEquals(2, json.get("over").size());
        assertFalse(json.toString().contains("Lind"));
        assertTrue(run("groups", squad, "--absent", "Nobody").err().contains("Nobody"));
        assertEquals(2, run("groups", squad, "--groups", "99").code());
        assertEquals(0, run("validate", squad).code());
    }

    @Test
    void everyRuleThatCanBeBrokenIsInTheManual() throws IOException {
        String manual =
                Files.readString(Demo.folder().resolve("../../../docs/cli.md").normalize());
        List<String> missing = ResourceBundle.getBundle("wildchalk.core.text.core").keySet().stream()
                .filter(k -> k.startsWith("finding."))
                .map(k -> k.substring("finding.".length()))
                .filter(rule -> !manual.contains("`" + rule + "`"))
                .toList();
        assertEquals(List.of(), missing);
    }
}
