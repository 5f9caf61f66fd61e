package wildchalk.desktop.board;

import java.util.Optional;
import java.util.OptionalDouble;
import wildchalk.core.drill.Limits;
import wildchalk.core.geometry.Point;
import wildchalk.core.text.LengthUnit;

/**
 * A length, an angle or both, typed while something is pulled: {@code 10 yd}, {@code @45}, {@code 5@90}. What is not typed
 * stays as the pointer has it. Angles count counter-clockwise from the length of the surface.
 */
final class TypedMeasure {

    private final LengthUnit unit;
    private final StringBuilder text = new StringBuilder();

    TypedMeasure(LengthUnit unit) {
        this.unit = unit;
    }

    /** Takes a character; one that begins no measure is refused. */
    boolean type(String typed) {
        if (typed.length() != 1) {
            return false;
        }
        char c = typed.charAt(0);
        if (c == '\b') {
            if (text.length() > 0) {
                text.setLength(text.length() - 1);
                return true;
            }
            return false;
        }
        boolean begins = Character.isDigit(c) || c == '@' || c == '.';
        boolean goesOn = text.length() > 0 && (Character.isLetter(c) || " ,'\"°-".indexOf(c) >= 0);
        if (begins || goesOn) {
            text.append(c == '°' ? ' ' : c);
            return true;
        }
        return false;
    }

    boolean isEmpty() {
        return text.length() == 0;
    }

    String text() {
        return text.toString();
    }

    /** Where the typed measure leads from a start; empty while it makes no sense. */
    Optional<Point> end(Point start, Point pointer) {
        if (isEmpty()) {
            return Optional.empty();
        }
        int at = text.indexOf("@");
        String length = (at < 0 ? text.toString() : text.substring(0, at)).strip();
        String angle = at < 0 ? "" : text.substring(at + 1).strip();
        Point way = pointer.minus(start);
        OptionalDouble metres = length.isEmpty() ? OptionalDouble.of(way.length()) : unit.parse(length);
        Optional<Double> degrees = angle.isEmpty() ? Optional.of(way.headingDegrees()) : number(angle);
        if (metres.isEmpty() || degrees.isEmpty() || metres.getAsDouble() > Limits.METRES) {
            return Optional.empty();
        }
        return Optional.of(Limits.nearest(
                start.plus(Point.polar(metres.getAsDouble(), degrees.get())).toMillimetres()));
    }

    private static Optional<Double> number(String typed) {
        try {
            return Optional.of(Double.parseDouble(typed.replace(',', '.'))).filter(Double::isFinite);
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }
}
