package wildchalk.core.binder;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Hand;
import wildchalk.core.json.Fields;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.squad.Player;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Squad;
import wildchalk.core.text.Slugs;
import wildchalk.core.text.Texts;

/**
 * Squads as tables, CSV or xlsx: a player a row, under {@code name}, {@code positions} (with spaces between), {@code hand}, {@code
 * level}, {@code keeper}, {@code pace}, {@code bibs}. Only the name is needed. Restraints, and who stays together or apart, stay in the
 * squad file.
 */
public final class SquadTable {

    private static final List<String> COLUMNS = List.of("name", "positions", "hand", "level", "keeper", "pace", "bibs");

    private static final int MOST_BYTES = 4 * 1024 * 1024;
    private static final Set<String> YES = Set.of("yes", "y", "x", "1", "true", "k", "keeper");

    private SquadTable() {}

    /**
     * A squad with the players of a table in it: whoever has a name that is there already is changed, the others are added.
     *
     * @throws FormatProblem when it is no table of players, with the row
     */
    public static Squad read(Path file, Squad into) throws IOException {
        if (Files.size(file) > MOST_BYTES) {
            throw new FormatProblem(file, Texts.CORE.get("squad.table.large"));
        }
        byte[] bytes = Files.readAllBytes(file);
        boolean sheet = file.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(".xlsx");
        return taken(file, sheet ? sheet(file, bytes) : csv(file, new String(bytes, StandardCharsets.UTF_8)), into);
    }

    // ---- rows ----

    private static List<List<String>> csv(Path file, String text) throws FormatProblem {
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        String head = plain.lines().findFirst().orElse("");
        char between = head.chars().filter(c -> c == ';').count()
                        > head.chars().filter(c -> c == ',').count()
                ? ';'
                : head.indexOf('\t') >= 0 ? '\t' : ',';
        List<List<String>> rows = new ArrayList<>();
        try (var parser = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(between)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get()
                .parse(new StringReader(plain))) {
            for (CSVRecord record : parser) {
                rows.add(record.stream().map(SquadTable::safeCell).toList());
                check(file, rows.size());
            }
        } catch (IOException | RuntimeException e) {
            throw e instanceof FormatProblem problem ? problem : broken(file, e);
        }
        return rows;
    }

    private static List<List<String>> sheet(Path file, byte[] bytes) throws FormatProblem {
        List<List<String>> rows = new ArrayList<>();
        try (ReadableWorkbook book = new ReadableWorkbook(new ByteArrayInputStream(bytes));
                Stream<Row> all = book.getFirstSheet().openStream()) {
            for (Row row : (Iterable<Row>) all::iterator) {
                List<String> cells = new ArrayList<>();
                for (int i = 0; i < Math.min(row.getCellCount(), 50); i++) {
                    cells.add(
                            row.getCell(i) == null
                                    ? ""
                                    : safeCell(row.getCell(i).getText()));
                }
                if (cells.stream().anyMatch(c -> !c.isEmpty())) {
                    rows.add(cells);
                    check(file, rows.size());
                }
            }
        } catch (IOException | RuntimeException e) {
            throw e instanceof FormatProblem problem ? problem : broken(file, e);
        }
        return rows;
    }

    private static void check(Path file, int rows) throws FormatProblem {
        if (rows > Squad.MOST_PLAYERS + 1) {
            throw new FormatProblem(file, Texts.CORE.get("squad.table.many", Squad.MOST_PLAYERS));
        }
    }

    private static FormatProblem broken(Path file, Exception e) {
        return new FormatProblem(file, Texts.CORE.get("squad.table.broken", String.valueOf(e.getMessage())));
    }

    /** Without what we put before a cell that a program would take for a sum, see {@link TableFiles#cell}. */
    private static String safeCell(String text) {
        String plain = text == null ? "" : text.strip();
        return plain.length() > 1 && plain.charAt(0) == '\'' && TableFiles.isSum(plain.substring(1))
                ? plain.substring(1)
                : plain;
    }

    // ---- players ----

    private static Squad taken(Path file, List<List<String>> rows, Squad into) throws FormatProblem {
        if (rows.isEmpty()) {
            throw new FormatProblem(file, Texts.CORE.get("squad.table.empty"));
        }
        List<String> head =
                rows.get(0).stream().map(c -> c.toLowerCase(Locale.ROOT)).toList();
        boolean headed = head.contains("name");
        List<String> columns = headed ? head : List.of("name");
        List<Player> players = new ArrayList<>(into.players());
        List<String> levels = new ArrayList<>(into.levels());
        for (int i = headed ? 1 : 0; i < rows.size(); i++) {
            TableRow row = new TableRow(file, columns, rows.get(i), i + 1);
            if (row.cell("name").isEmpty()) {
                continue;
            }
            String level = row.cell("level");
            if (!level.isEmpty() && !levels.contains(level)) {
                levels.add(level);
            }
            put(players, row);
        }
        try {
            return into.withLevels(levels).withPlayers(players);
        } catch (IllegalArgumentException e) {
            throw new FormatProblem(file, e.getMessage());
        }
    }

    private static void put(List<Player> players, TableRow row) throws FormatProblem {
        String name = row.cell("name");
        int at = -1;
        for (int i = 0; i < players.size(); i++) {
            at = players.get(i).name().equalsIgnoreCase(name) ? i : at;
        }
        Optional<Player> before = at < 0 ? Optional.empty() : Optional.of(players.get(at));
        PlayerId id = before.map(Player::id).orElseGet(() -> free(name, players));
        Player read = row.player(id, before.orElseGet(() -> Player.named(id, "?")));
        if (at < 0) {
            players.add(read);
        } else {
            players.set(at, read);
        }
    }

    /** An id that says nothing of the name: it stands where names do not. */
    private static PlayerId free(String name, List<Player> players) {
        Set<String> taken = players.stream().map(p -> p.id().text()).collect(Collectors.toCollection(HashSet::new));
        return new PlayerId(Slugs.next("p", taken));
    }

    /** One row by the names of its columns. */
    private record TableRow(Path file, List<String> columns, List<String> cells, int number) {

        String cell(String column) {
            int at = columns.indexOf(column);
            return at < 0 || at >= cells.size() ? "" : cells.get(at);
        }

        private boolean says(String column) {
            return columns.contains(column);
        }

        Player player(PlayerId id, Player before) throws FormatProblem {
            try {
                return new Player(
                        id,
                        cell("name"),
                        says("positions") ? words(cell("positions")) : before.positions(),
                        says("hand") ? choice(Hand.class, cell("hand"), Hand.NONE) : before.hand(),
                        says("level") ? cell("level") : before.level(),
                        says("keeper") ? YES.contains(cell("keeper").toLowerCase(Locale.ROOT)) : before.keeper(),
                        before.restraints(),
                        says("pace") && !cell("pace").isEmpty()
                                ? Double.parseDouble(cell("pace").replace(',', '.'))
                                : before.pace(),
                        says("bibs") ? bibs(cell("bibs")) : before.bibs());
            } catch (NumberFormatException e) {
                throw problem("\"%s\" is no number".formatted(cell("pace")));
            } catch (IllegalArgumentException e) {
                throw problem(e.getMessage());
            }
        }

        private List<Chalk> bibs(String text) {
            List<Chalk> bibs = new ArrayList<>();
            words(text).forEach(w -> bibs.add(choice(Chalk.class, w, null)));
            return bibs;
        }

        private static List<String> words(String text) {
            return Stream.of(text.split("[\\s/|]+"))
                    .filter(w -> !w.isEmpty())
                    .distinct()
                    .toList();
        }

        private static <E extends Enum<E>> E choice(Class<E> type, String text, E none) {
            for (E one : type.getEnumConstants()) {
                if (Fields.nameOf(one).equalsIgnoreCase(text)) {
                    return one;
                }
            }
            if (text.isEmpty() && none != null) {
                return none;
            }
            throw new IllegalArgumentException("\"%s\" should be one of %s"
                    .formatted(
                            text,
                            Stream.of(type.getEnumConstants())
                                    .map(Fields::nameOf)
                                    .collect(Collectors.joining(", "))));
        }

        private FormatProblem problem(String why) {
            return new FormatProblem(file, number, 1, Texts.CORE.get("squad.table.row", number, why));
        }
    }

    // ---- writing ----

    private static List<List<String>> rows(Squad squad) {
        List<List<String>> rows = new ArrayList<>(List.of(COLUMNS));
        for (Player p : squad.players()) {
            rows.add(List.of(
                    p.name(),
                    String.join(" ", p.positions()),
                    p.hand() == Hand.NONE ? "" : Fields.nameOf(p.hand()),
                    p.level(),
                    p.keeper() ? "yes" : "",
                    p.pace() == 1 ? "" : String.valueOf(p.pace()),
                    p.bibs().stream().map(Fields::nameOf).collect(Collectors.joining(" "))));
        }
        return rows;
    }

    public static String csv(Squad squad) {
        StringWriter text = new StringWriter();
        try (CSVPrinter out = new CSVPrinter(text, CSVFormat.RFC4180)) {
            for (List<String> row : rows(squad)) {
                out.printRecord(row.stream().map(TableFiles::cell).toList());
            }
        } catch (IOException e) {
            throw new IllegalStateException("A text in memory cannot fail.", e);
        }
        return text.toString();
    }

    public static byte[] xlsx(Squad squad) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (OutputStream out = bytes;
                Workbook book = new Workbook(out, "Wild Chalk", "1.0")) {
            Worksheet sheet = book.newWorksheet("Squad");
            List<List<String>> rows = rows(squad);
            for (int r = 0; r < rows.size(); r++) {
                for (int c = 0; c < rows.get(r).size(); c++) {
                    sheet.value(r, c, TableFiles.cell(rows.get(r).get(c)));
                }
            }
        } catch (IOException e) {
            throw new IllegalStateException("A file in memory cannot fail.", e);
        }
        return bytes.toByteArray();
    }
}
