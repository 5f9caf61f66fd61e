package wildchalk.core.text;

import java.util.ArrayList;
import java.util.List;

/**
 * Rows under heads, for programs that reckon.
 *
 * @param rows each as long as the heads
 */
public record Table(String title, List<String> heads, List<List<Cell>> rows) {

    /** What stands in a place of it. */
    public sealed interface Cell {

        /** As it is read. */
        String text();
    }

    public record Words(String text) implements Cell {}

    /** A number that a program goes on reckoning with. */
    public record Figure(double value) implements Cell {

        private static final double WHOLE = 1e15;

        @Override
        public String text() {
            return value == Math.rint(value) && Math.abs(value) < WHOLE
                    ? String.valueOf((long) value)
                    : String.valueOf(value);
        }
    }

    public Table {
        heads = List.copyOf(heads);
        rows = rows.stream().map(List::copyOf).toList();
        for (List<Cell> row : rows) {
            if (row.size() != heads.size()) {
                throw new IllegalArgumentException(
                        "A row of the table %s (%d cells) needs %d.".formatted(title, row.size(), heads.size()));
            }
        }
    }

    /** A row of numbers and of whatever else there is, in its words; numbers are kept to a tenth. */
    public static List<Cell> row(Object... values) {
        List<Cell> cells = new ArrayList<>();
        for (Object value : values) {
            cells.add(
                    value instanceof Number n
                            ? new Figure(Math.round(n.doubleValue() * 10) / 10.0)
                            : new Words(String.valueOf(value)));
        }
        return cells;
    }
}
