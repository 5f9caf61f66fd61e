package wildchalk.core.handout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;
import org.dhatim.fastexcel.reader.Sheet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.binder.TableFiles;
import wildchalk.core.session.SessionPlan.Here;
import wildchalk.core.text.Table;

/** Tables hold what the plan says, are read back as they were written, and nothing in them is reckoned. */
class HourTablesTest {

    private static final Hour DEMO = Hours.demo();

    private static Map<String, List<List<String>>> sheets(byte[] xlsx) throws IOException {
        Map<String, List<List<String>>> all = new HashMap<>();
        try (ReadableWorkbook book = new ReadableWorkbook(new ByteArrayInputStream(xlsx))) {
            for (Sheet sheet : book.getSheets().toList()) {
                List<List<String>> rows = new ArrayList<>();
                for (Row row : sheet.read()) {
                    rows.add(row.stream().map(c -> c == null ? "" : c.getText()).toList());
                }
                all.put(sheet.getName(), rows);
            }
        }
        return all;
    }

    private static List<CSVRecord> records(byte[] csv) throws IOException {
        return CSVFormat.RFC4180
                .parse(new StringReader(new String(csv, StandardCharsets.UTF_8)))
                .getRecords();
    }

    @Test
    void asASheetOrAsCsvTheSameIsReadBack() throws Exception {
        List<Table> tables = HourTables.of(DEMO);
        Map<String, List<List<String>>> sheets = sheets(TableFiles.xlsx(tables));
        assertEquals(
                List.of("Bring", "Groups", "Hour", "Players", "Stations"),
                sheets.keySet().stream().sorted().toList());
        for (Table table : tables) {
            List<CSVRecord> csv = records(TableFiles.csv(table));
            List<List<String>> sheet = sheets.get(table.title());
            assertEquals(table.rows().size() + 1, csv.size());
            assertEquals(table.rows().size() + 1, sheet.size());
            assertEquals(table.heads(), csv.get(0).toList());
            for (int r = 0; r < table.rows().size(); r++) {
                List<String> said =
                        table.rows().get(r).stream().map(Table.Cell::text).toList();
                assertEquals(said, csv.get(r + 1).toList());
                for (int c = 0; c < said.size(); c++) {
                    String read = sheet.get(r + 1).get(c);
                    assertTrue(
                            read.equals(said.get(c)) || Double.parseDouble(read) == Double.parseDouble(said.get(c)),
                            read + " " + said);
                }
            }
        }
    }

    /** By the clock nothing is left out between the beginning and the end. */
    @Test
    void theHourHasNoHoles() {
        List<List<Table.Cell>> rows = HourTables.clock(DEMO).rows();
        for (int i = 1; i < rows.size(); i++) {
            assertEquals(rows.get(i - 1).get(1), rows.get(i).get(0));
        }
        double minutes = rows.stream()
                .mapToDouble(r -> ((Table.Figure) r.get(2)).value())
                .sum();
        assertEquals(DEMO.plan().sums().planned(), minutes, 0.1 * rows.size());
    }

    @Test
    void everybodyStandsInOneGroupAndInOneRowOfWhatHeGets() {
        List<String> grouped = HourTables.groups(DEMO).rows().stream()
                .map(r -> r.get(2).text())
                .sorted()
                .toList();
        List<String> there = DEMO.plan().present().stream()
                .map(p -> DEMO.writer().name(p.text()))
                .sorted()
                .toList();
        assertEquals(there, grouped);
        assertEquals(
                there,
                HourTables.players(DEMO).rows().stream()
                        .map(r -> r.get(0).text())
                        .sorted()
                        .toList());
        double turns = HourTables.players(DEMO).rows().stream()
                .mapToDouble(r -> ((Table.Figure) r.get(1)).value())
                .sum();
        assertEquals(
                DEMO.plan().loads().values().stream().mapToInt(l -> l.turns()).sum(), turns, 1e-9);
    }

    @Test
    void aStationHasARowForEachRound() {
        List<Here> all = DEMO.plan().slots().stream()
                .flatMap(s -> s.rounds().stream())
                .flatMap(r -> r.stations().stream())
                .toList();
        List<List<Table.Cell>> rows = HourTables.stations(DEMO).rows();
        assertEquals(all.size(), rows.size());
        for (int i = 0; i < all.size(); i++) {
            assertEquals(
                    new Table.Figure(all.get(i).players().size()), rows.get(i).get(8));
        }
    }

    /** What a program would reckon, run or fetch stays a text, in a sheet as it is and in CSV behind an apostrophe. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "=HYPERLINK(\"x\")",
                "+1+1",
                "-2",
                "@SUM(A1)",
                "\tx",
                "<script>alert(1)</script>",
                "a\",\"b",
                "line\nline",
                "\u202Eabc",
                "a\u0000b"
            })
    void aTextStaysAText(String nasty) throws Exception {
        Table table = new Table("x", List.of("name"), List.of(Table.row(nasty)));
        String csv = records(TableFiles.csv(table)).get(1).get(0);
        assertTrue("=+-@\t\r".indexOf(csv.charAt(0)) < 0, csv);
        assertTrue(csv.endsWith(nasty.replace('\u0000', '\uFFFD')), csv);
        try (ReadableWorkbook book = new ReadableWorkbook(new ByteArrayInputStream(TableFiles.xlsx(List.of(table))))) {
            var cell = book.getFirstSheet().read().get(1).getCell(0);
            assertEquals(CellType.STRING, cell.getType());
            assertEquals(nasty.replace('\u0000', '\uFFFD'), cell.getText());
        }
    }

    @Test
    void sheetsHaveNamesThatASheetMayHaveAndNoTwoTheSame() throws Exception {
        String longer = "a".repeat(40);
        List<Table> tables = List.of("x/y:z", "", "", longer, longer + "b", "X Y Z").stream()
                .map(t -> new Table(t, List.of("h"), List.of(Table.row("w".repeat(40_000)))))
                .toList();
        Map<String, List<List<String>>> read = sheets(TableFiles.xlsx(tables));
        assertEquals(6, read.size(), read.keySet().toString());
        assertTrue(
                read.keySet().stream().allMatch(n -> n.length() <= 31),
                read.keySet().stream().collect(Collectors.joining()));
        assertThrows(
                IllegalArgumentException.class, () -> new Table("t", List.of("a", "b"), List.of(Table.row("one"))));
    }
}
