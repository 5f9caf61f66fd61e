package wildchalk.core.binder;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import wildchalk.core.text.Printable;
import wildchalk.core.text.Table;

/** Tables as files: one as CSV, or several as the sheets of one xlsx. */
public final class TableFiles {

    /** More letters fit into no cell of a sheet. */
    private static final int MOST_LETTERS = 32_000;

    private static final int MOST_SHEET_NAME = 31;
    private static final double LEAST_COLUMN = 8;
    private static final double MOST_COLUMN = 48;

    private TableFiles() {}

    /** With its heads; what a program would take for a sum stands behind an apostrophe. */
    public static byte[] csv(Table table) {
        return text(table).getBytes(StandardCharsets.UTF_8);
    }

    static String text(Table table) {
        StringWriter text = new StringWriter();
        try (CSVPrinter out = new CSVPrinter(
                text,
                CSVFormat.RFC4180
                        .builder()
                        .setHeader(table.heads().toArray(new String[0]))
                        .get())) {
            for (List<Table.Cell> row : table.rows()) {
                out.printRecord(row.stream()
                        .map(c -> c instanceof Table.Figure ? c.text() : cell(Printable.of(c.text())))
                        .toList());
            }
        } catch (IOException e) {
            throw new IllegalStateException("A text in memory cannot fail.", e);
        }
        return text.toString();
    }

    /** A sheet each, heads in bold; numbers are numbers, and a text is a text whatever it begins with. */
    public static byte[] xlsx(List<Table> tables) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (OutputStream out = bytes;
                Workbook book = new Workbook(out, "Wild Chalk", "1.0")) {
            Set<String> names = new HashSet<>();
            for (Table table : tables) {
                write(book.newWorksheet(name(table.title(), names)), table);
            }
        } catch (IOException e) {
            throw new IllegalStateException("A file in memory cannot fail.", e);
        }
        return bytes.toByteArray();
    }

    private static void write(Worksheet sheet, Table table) {
        for (int c = 0; c < table.heads().size(); c++) {
            sheet.value(0, c, table.heads().get(c));
            int column = c;
            double letters = table.rows().stream()
                    .mapToInt(r -> r.get(column).text().length())
                    .max()
                    .orElse(0);
            sheet.width(
                    c,
                    Math.max(
                            LEAST_COLUMN,
                            Math.min(
                                    MOST_COLUMN,
                                    Math.max(letters, table.heads().get(c).length()) + 2)));
        }
        for (int r = 0; r < table.rows().size(); r++) {
            for (int c = 0; c < table.heads().size(); c++) {
                Table.Cell cell = table.rows().get(r).get(c);
                if (cell instanceof Table.Figure figure) {
                    sheet.value(r + 1, c, figure.value());
                } else {
                    sheet.value(r + 1, c, fitting(Printable.of(cell.text())));
                }
            }
        }
        if (!table.heads().isEmpty()) {
            sheet.range(0, 0, 0, table.heads().size() - 1).style().bold().set();
            sheet.freezePane(0, 1);
        }
    }

    private static String fitting(String text) {
        return text.length() <= MOST_LETTERS
                ? text
                : text.substring(0, text.offsetByCodePoints(0, text.codePointCount(0, MOST_LETTERS) - 1)) + "…";
    }

    /** A name that a sheet may have, and no other has. */
    private static String name(String title, Set<String> taken) {
        String plain = Printable.of(title).replaceAll("[\\[\\]:*?/\\\\']", " ").strip();
        String name = plain.substring(0, Math.min(MOST_SHEET_NAME, plain.length()));
        int n = taken.size() + 1;
        if (name.isBlank() || !taken.add(name.toLowerCase(Locale.ROOT))) {
            name = "Table " + n;
            taken.add(name.toLowerCase(Locale.ROOT));
        }
        return name;
    }

    /** What a spreadsheet program would take for a sum stands behind an apostrophe. */
    static String cell(String text) {
        return isSum(text) ? "'" + text : text;
    }

    static boolean isSum(String text) {
        return !text.isEmpty() && "=+-@\t\r".indexOf(text.charAt(0)) >= 0;
    }
}
