package wildchalk.core.text;

import java.util.Locale;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What lengths are spoken in. Files hold metres always. */
public enum LengthUnit {
    METRES(1, "m"),
    FEET(0.3048, "ft"),
    YARDS(0.9144, "yd");

    private static final double METRES_PER_INCH = 0.0254;
    private static final Pattern PART = Pattern.compile(
            "\\s*(\\d+(?:[.,]\\d+)?|[.,]\\d+)\\s*(metres?|meters?|m|cm|feet|foot|ft|'|yards?|yd|inch(?:es)?|in|\"|)");

    private final double metres;
    private final String symbol;

    LengthUnit(double metres, String symbol) {
        this.metres = metres;
        this.symbol = symbol;
    }

    /** Yards where the sport speaks yards, else metres. */
    public static LengthUnit spokenIn(String sport) {
        return SportTexts.has("unit", sport, "length") ? valueOf(SportTexts.get("unit", sport, "length")) : METRES;
    }

    public double metres() {
        return metres;
    }

    public String symbol() {
        return symbol;
    }

    /** {@code 8.3 m}, {@code 27.2 ft}. */
    public String text(double lengthMetres) {
        return Numbers.fixed(lengthMetres / metres, 1) + " " + symbol;
    }

    /** To the half of it, as somebody paces it: {@code 8.5 m}, {@code 9 yd}. */
    public String rough(double lengthMetres) {
        return Numbers.brief(Math.round(2 * lengthMetres / metres) / 2.0, 1) + " " + symbol;
    }

    /** As somebody is told to go so far: to the half of it, from five on to the whole. */
    public String paces(double lengthMetres) {
        double in = lengthMetres / metres;
        return in < 5 ? rough(lengthMetres) : Numbers.brief(Math.round(in), 0) + " " + symbol;
    }

    /** To a centimetre or its like, without needless zeros: {@code 9.14 m}, {@code 10 yd}. */
    public String exact(double lengthMetres) {
        return Numbers.brief(lengthMetres / metres, 2) + " " + symbol;
    }

    /**
     * What a hand typed: {@code 10 yd}, {@code 3.5}, {@code 5 ft 6 in}. A number alone is in this unit.
     *
     * @return metres, zero or more; empty when it is no length
     */
    public OptionalDouble parse(String typed) {
        String text = typed.strip().toLowerCase(Locale.ROOT);
        Matcher part = PART.matcher(text);
        double sum = 0;
        int at = 0;
        while (at < text.length()) {
            if (!part.find(at) || part.start() != at || part.end() == at) {
                return OptionalDouble.empty();
            }
            sum += Double.parseDouble(part.group(1).replace(',', '.')) * metresOf(part.group(2));
            at = part.end();
        }
        return text.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(sum);
    }

    private double metresOf(String unit) {
        return switch (unit) {
            case "" -> metres;
            case "cm" -> 0.01;
            case "'", "ft", "foot", "feet" -> FEET.metres;
            case "\"", "in", "inch", "inches" -> METRES_PER_INCH;
            default -> unit.startsWith("y") ? YARDS.metres : 1;
        };
    }
}
