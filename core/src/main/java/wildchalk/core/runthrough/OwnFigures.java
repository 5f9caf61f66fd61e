package wildchalk.core.runthrough;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;

/**
 * Figures of the second look that a club has set for itself, for all ages and surfaces; the others are the usual ones ({@link
 * Clearances}).
 */
public record OwnFigures(Map<Figure, Double> all) {

    /** Each figure, what it is measured in, and from where to where it may be set. */
    public enum Figure {
        /** How near the middles of two bodies are that touch, m. */
        BODIES("m", 0.3, 3),
        /** How long before they would meet two who cross have to be past each other, s. */
        SPARE("s", 0, 1),
        /** How far from the line of a shot somebody may stand who is not part of it, m. */
        LANE("m", 0.3, 10),
        /** How far behind its goal a shot is still followed, m. */
        BEHIND("m", 0, 40),
        /** How much room somebody needs beside his braking way before something hard, m. */
        WALL("m", 0, 10),
        /** How near two attackers may stay to each other before one defender covers both, m. */
        SPACING("m", 0.5, 15),
        /** How far apart ball and own player may be as a helper sees them, degrees. */
        VIEW("°", 30, 180);

        private final String unit;
        private final double least;
        private final double most;

        Figure(String unit, double least, double most) {
            this.unit = unit;
            this.least = least;
            this.most = most;
        }

        public String unit() {
            return unit;
        }

        public double least() {
            return least;
        }

        public double most() {
            return most;
        }

        /** Its word in a file. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    public static final OwnFigures NONE = new OwnFigures(Map.of());

    public OwnFigures {
        all.forEach((figure, value) -> {
            if (!(value >= figure.least && value <= figure.most)) {
                throw new IllegalArgumentException(Texts.CORE.get(
                        "figures.range",
                        figure.word(),
                        Numbers.brief(value, 3),
                        Numbers.brief(figure.least, 2),
                        Numbers.brief(figure.most, 2),
                        figure.unit));
            }
        });
        all = Map.copyOf(all);
    }

    public OptionalDouble of(Figure figure) {
        Double own = all.get(figure);
        return own == null ? OptionalDouble.empty() : OptionalDouble.of(own);
    }

    double or(Figure figure, double usual) {
        return all.getOrDefault(figure, usual);
    }

    /**
     * Lines like "lane = 2"; empty ones, and those that begin with #, are notes.
     *
     * @throws IllegalArgumentException saying which line cannot be used, why, and how to mend it
     */
    public static OwnFigures parse(String text) {
        Map<Figure, Double> all = new EnumMap<>(Figure.class);
        int number = 0;
        for (String line : text.split("\n", -1)) {
            number++;
            String said = line.strip();
            if (!said.isEmpty() && !said.startsWith("#")) {
                try {
                    put(all, said);
                } catch (IllegalArgumentException e) {
                    throw new IllegalArgumentException(
                            Texts.CORE.get("figures.line", String.valueOf(number), e.getMessage()), e);
                }
            }
        }
        return new OwnFigures(all);
    }

    private static void put(Map<Figure, Double> all, String line) {
        String[] parts = line.split("=", 2);
        Figure figure = Stream.of(Figure.values())
                .filter(f -> f.word().equals(parts[0].strip().toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(Texts.CORE.get(
                        "figures.unknown",
                        parts[0].strip(),
                        Stream.of(Figure.values()).map(Figure::word).collect(Collectors.joining(", ")))));
        double value;
        try {
            value = Double.parseDouble(parts.length < 2 ? "" : parts[1].strip().replace(',', '.'));
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(Texts.CORE.get("figures.number", figure.word()), e);
        }
        all.put(figure, new OwnFigures(Map.of(figure, value)).of(figure).getAsDouble());
    }

    /** As {@link #parse} reads it. */
    public String toText() {
        return Stream.of(Figure.values())
                .filter(all::containsKey)
                .map(f -> f.word() + " = " + Numbers.brief(all.get(f), 3) + "\n")
                .collect(Collectors.joining());
    }
}
