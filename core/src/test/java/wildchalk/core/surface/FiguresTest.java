package wildchalk.core.surface;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.Point;

/** Every surface against the figures of {@code figures.txt}, to a centimetre. */
class FiguresTest {

    private static final double CENTIMETRE = 0.01;
    private static final double DEGREES = 0.15;

    /** A line of the table: a figure of a surface. */
    record Figure(String surface, String text) {

        private String[] words() {
            return text.replaceFirst("^both ", "").split(" ");
        }

        String kind() {
            return words()[0];
        }

        double number(int i) {
            return Double.parseDouble(words()[i]);
        }

        String word(int i) {
            return words()[i];
        }

        Point point(int i) {
            return new Point(number(i), number(i + 1));
        }

        boolean both() {
            return text.startsWith("both ");
        }

        @Override
        public String toString() {
            return surface + ": " + text;
        }
    }

    static List<Figure> figures() throws IOException {
        List<Figure> all = new ArrayList<>();
        String surface = "";
        try (InputStream in = FiguresTest.class.getResourceAsStream("figures.txt")) {
            for (String line : new String(in.readAllBytes(), StandardCharsets.UTF_8).split("\\R")) {
                if (line.matches("[a-z0-9-]+: .*")) {
                    surface = line.substring(0, line.indexOf(':'));
                } else if (!line.isBlank() && !line.startsWith("#")) {
                    all.add(new Figure(surface, line.strip()));
                }
            }
        }
        return all;
    }

    @ParameterizedTest
    @MethodSource("figures")
    void isAsTheRulesHaveIt(Figure f) {
        Surface s = Surfaces.find(f.surface()).orElseThrow();
        switch (f.kind()) {
            case "size" -> {
                assertEquals(f.number(1), s.lengthMetres(), CENTIMETRE);
                assertEquals(f.number(2), s.widthMetres(), CENTIMETRE);
            }
            case "range" -> {
                SizeRange r = Surfaces.range(s.id()).orElseThrow();
                assertEquals(
                        List.of(f.number(1), f.number(2), f.number(3), f.number(4)),
                        List.of(r.minLength(), r.maxLength(), r.minWidth(), r.maxWidth()).stream()
                                .map(d -> Math.round(d * 1000) / 1000.0)
                                .toList());
            }
            case "corners" -> assertEquals(f.number(1), s.cornerRadiusMetres(), CENTIMETRE);
            case "goal" -> goal(s, f);
            case "mark" ->
                assertTrue(
                        s.landmarks().stream()
                                .anyMatch(l -> l.id().equals(f.word(1)) && l.at().isWithin(CENTIMETRE, f.point(2))),
                        f.toString());
            default -> {
                assertTrue(isMarked(s, f, false), f + " is not among " + s.markings());
                assertTrue(!f.both() || isMarked(s, f, true), f + " is not at the other end");
            }
        }
    }

    private static void goal(Surface s, Figure f) {
        assertEquals(2, s.goals().size());
        for (GoalMouth g : s.goals()) {
            assertEquals(f.number(1), Math.abs(g.centre().x()), CENTIMETRE);
            assertEquals(0, g.centre().y(), 1e-9);
            assertEquals(f.number(2), g.leftPost().distanceTo(g.rightPost()), CENTIMETRE);
            assertEquals(GoalShape.valueOf(f.word(3)), g.shape());
        }
    }

    private static boolean isMarked(Surface s, Figure f, boolean turned) {
        return s.markings().stream().anyMatch(m -> switch (f.kind()) {
            case "line" -> m instanceof Marking.Line l && isLine(l, at(f, 1, turned), at(f, 3, turned));
            case "circle" -> m instanceof Marking.Arc a && isArc(a, at(f, 1, turned), f.number(3), 0, 360);
            case "arc" ->
                m instanceof Marking.Arc a
                        && isArc(a, at(f, 1, turned), f.number(3), f.number(4) + (turned ? 180 : 0), f.number(5));
            case "spot" -> m instanceof Marking.Spot p && p.centre().isWithin(CENTIMETRE, at(f, 1, turned));
            default -> throw new IllegalStateException(f.toString());
        });
    }

    private static Point at(Figure f, int i, boolean turned) {
        return f.point(i).times(turned ? -1 : 1);
    }

    private static boolean isLine(Marking.Line l, Point a, Point b) {
        return l.from().isWithin(CENTIMETRE, a) && l.to().isWithin(CENTIMETRE, b)
                || l.from().isWithin(CENTIMETRE, b) && l.to().isWithin(CENTIMETRE, a);
    }

    private static boolean isArc(Marking.Arc a, Point centre, double radius, double start, double sweep) {
        return a.centre().isWithin(CENTIMETRE, centre)
                && Math.abs(a.radiusMetres() - radius) < CENTIMETRE
                && Math.abs(a.sweepDegrees() - sweep) < DEGREES
                && (sweep == 360 || Headings.between(a.startDegrees(), start) < DEGREES);
    }

    @Test
    void everySurfaceIsInTheTable() throws IOException {
        Set<String> told = new HashSet<>();
        figures().forEach(f -> told.add(f.surface()));
        // the youth field and the plain meadow have no figures that a rule book gives
        told.addAll(Arrays.asList("gridiron-youth", "grass"));
        Set<String> all = new HashSet<>();
        Surfaces.all().forEach(s -> all.add(s.id()));
        assertEquals(all, told);
    }
}
