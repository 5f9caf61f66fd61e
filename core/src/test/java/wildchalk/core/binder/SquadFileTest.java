package wildchalk.core.binder;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Hand;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.squad.Player;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.RandomSquads;
import wildchalk.core.squad.Squad;
import wildchalk.core.squad.SquadId;

/** Squads as files and as tables. */
class SquadFileTest {

    private static final Squad EMPTY = new Squad(new SquadId("s"), "S", List.of(), List.of(), List.of(), List.of());

    @TempDir
    Path folder;

    @Test
    void whatIsWrittenIsReadAgainAndFitsItsSchema() throws IOException {
        for (int seed = 0; seed < 40; seed++) {
            Squad squad = RandomSquads.of(seed, seed);
            Path file = folder.resolve("a" + seed + SquadFile.SUFFIX);
            SquadFile.ofNew(squad).save(file);
            assertEquals(squad, SquadFile.read(file).value());
            assertEquals(List.of(), Schemas.check(file));
        }
    }

    @Test
    void whatIsNotKnownStays() throws IOException {
        String text = """
                {"format": {"name": "wild-chalk-squad", "version": 1, "by": "x"}, "id": "a", "title": "A",
                 "players": [{"id": "p1", "name": "Ada", "shoe": 38, "restraints": [{"from": "jumps", "note": 1}]}], "later": [1]}
                """;
        String written = SquadFile.parse(Path.of("a.squad.json"), text).toText();
        for (String kept : List.of("\"by\": \"x\"", "\"shoe\": 38", "\"note\": 1", "\"later\"")) {
            assertTrue(written.contains(kept), kept);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{'id': 'p1', 'name': ''}|needs a name",
                "{'id': 'p1', 'name': 'A', 'level': 'Z'}|none of the squad's levels",
                "{'id': 'p1', 'name': 'A', 'restraints': [{'from': 'jumps', 'until': 'soon'}]}|a day like 2026-12-03",
                "{'id': 'p1', 'name': 'A', 'pace': 9}|pace",
                "{'id': 'p1', 'name': 'A'}, {'id': 'p1', 'name': 'B'}|twice"
            })
    void whatIsWrongIsSaidWithItsPlace(String players, String says) {
        String text =
                ("{\"format\": {\"name\": \"wild-chalk-squad\", \"version\": 1}, \"id\": \"a\", \"title\": \"A\",\n"
                                + " \"players\": [" + players + "]}")
                        .replace('\'', '"')
                        .replace("squad\"s", "squad's");
        FormatProblem problem = assertThrows(FormatProblem.class, () -> SquadFile.parse(Path.of("a.squad.json"), text));
        assertTrue(problem.getMessage().contains(says), problem.getMessage());
        assertTrue(problem.line() > 0, "it says where");
    }

    // ---- tables ----

    private Path file(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text);
    }

    /** Ids differ, what the table holds does not. */
    @ParameterizedTest
    @ValueSource(strings = {"csv", "xlsx"})
    void aTableHoldsWhatItHolds(String kind) throws IOException {
        for (int seed = 1; seed < 12; seed++) {
            Squad squad = RandomSquads.of(seed, 12);
            Path file = folder.resolve(seed + "." + kind);
            Files.write(
                    file,
                    kind.equals("csv")
                            ? SquadTable.csv(squad).getBytes(StandardCharsets.UTF_8)
                            : SquadTable.xlsx(squad));
            Squad read = SquadTable.read(file, EMPTY);
            for (int i = 0; i < 12; i++) {
                Player a = squad.players().get(i);
                Player b = read.players().get(i);
                assertEquals(
                        new Player(
                                a.id(),
                                a.name(),
                                a.positions(),
                                a.hand(),
                                a.level(),
                                a.keeper(),
                                List.of(),
                                a.pace(),
                                a.bibs()),
                        new Player(
                                a.id(),
                                b.name(),
                                b.positions(),
                                b.hand(),
                                b.level(),
                                b.keeper(),
                                b.restraints(),
                                b.pace(),
                                b.bibs()));
            }
        }
    }

    /** From another program: a mark before the first letter, semicolons, other columns, a comma in a number. */
    @Test
    void aTableOfAnotherProgramIsRead() throws IOException {
        Squad read = SquadTable.read(
                file(
                        "t.csv",
                        "\uFEFFName;Shoe;Positions;Hand;Keeper;Pace;Bibs\r\nAda Lind;38;LB CB;right;;1,1;blue\r\n\r\nBo;;;;yes;;\r\n"),
                EMPTY);
        Player ada = read.players().get(0);
        assertEquals("Ada Lind", ada.name());
        assertEquals(List.of("LB", "CB"), ada.positions());
        assertEquals(Hand.RIGHT, ada.hand());
        assertEquals(1.1, ada.pace());
        assertEquals(List.of(Chalk.BLUE), ada.bibs());
        assertTrue(read.players().get(1).keeper());
        assertFalse(ada.id().text().contains("ada"), "an id gives no name away");
    }

    /** Names alone, a line each; who is there already is changed and keeps his id. */
    @Test
    void namesAloneAreEnoughAndKnownOnesAreChanged() throws IOException {
        Squad two = SquadTable.read(file("n.csv", "Ada Lind\nBo Marsh\n"), EMPTY);
        assertEquals(
                List.of("Ada Lind", "Bo Marsh"),
                two.players().stream().map(Player::name).toList());
        PlayerId bo = two.players().get(1).id();
        Squad more = SquadTable.read(file("m.csv", "name,level\nBO MARSH,A\nCleo,B\n"), two);
        assertEquals(3, more.players().size());
        assertEquals("A", more.player(bo).orElseThrow().level());
        assertEquals(List.of("A", "B"), more.levels());
    }

    /** What a spreadsheet would work out goes out harmless and comes back as it was. */
    @Test
    void aNameThatLooksLikeASumIsNone() throws IOException {
        Squad squad = EMPTY.withPlayers(List.of(Player.named(new PlayerId("p1"), "=1+cmd|' /C calc'!A0")));
        assertTrue(SquadTable.csv(squad).contains("'=1+cmd"));
        assertEquals(
                squad.players().get(0).name(),
                SquadTable.read(file("f.csv", SquadTable.csv(squad)), EMPTY)
                        .players()
                        .get(0)
                        .name());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "a.csv|name,pace\\nAda,quick|Row 2: \"quick\" is no number",
                "a.csv|name,bibs\\nAda,mauve|should be one of orange",
                "a.csv|''|nothing in this table",
                "a.csv|name,hand\\n\"Ada|no table that can be read",
                "a.xlsx|this is no workbook|no table that can be read"
            })
    void aTableThatCannotBeReadSaysWhy(String name, String text, String says) throws IOException {
        Path file = file(name, text.replace("\\n", "\n").replace("''", ""));
        FormatProblem problem = assertThrows(FormatProblem.class, () -> SquadTable.read(file, EMPTY));
        assertTrue(problem.getMessage().contains(says), problem.getMessage());
    }
}
