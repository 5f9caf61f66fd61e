package wildchalk.core.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Drills;
import wildchalk.core.surface.Landmark;
import wildchalk.core.surface.Marking;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.text.LengthUnit;

class PacingTest {

    private static final Surface COURT = Drills.HANDBALL;
    private static final Pattern FROM = Pattern.compile(
            "([\\d.]+) (m|yd|ft) (out from|behind|to the left of|to the right of|up from|back from) (.+?)"
                    + "(?: and ([\\d.]+) (?:m|yd|ft) to the (left|right))?");
    private static final Pattern MIDDLE = Pattern.compile(
            "(?:([\\d.]+) m (past|before) halfway|on halfway), (?:([\\d.]+) m (left|right) of the middle|on the middle line)");

    private static String said(Point p, LengthUnit unit) {
        return new Places(Drills.blank().progression(), COURT, unit).paced(p);
    }

    /** Whoever paces it out comes to within a pace of the place. */
    @RepeatedTest(300)
    void whoPacesItOutGetsThere(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        Point place = new Point(random.nextDouble() * 38 - 19, random.nextDouble() * 18 - 9);
        for (LengthUnit unit : new LengthUnit[] {LengthUnit.METRES, LengthUnit.YARDS}) {
            String said = said(place, unit);
            if (unit == LengthUnit.METRES || FROM.matcher(said).matches()) {
                Point there = paced(said, unit.metres());
                assertTrue(there.isWithin(1.15, place), said + " is " + there + " and not " + place);
            }
        }
    }

    private static Point paced(String said, double metres) {
        if (said.startsWith("at ")) {
            return landmark(said.substring(3)).at();
        }
        Matcher from = FROM.matcher(said);
        if (from.matches()) {
            Landmark mark = landmark(from.group(4));
            double far = Double.parseDouble(from.group(1)) * metres;
            double out = Math.signum(mark.at().x());
            Point first =
                    switch (from.group(3)) {
                        case "out from" -> new Point(-far * out, 0);
                        case "behind" -> new Point(far * out, 0);
                        case "up from" -> new Point(far, 0);
                        case "back from" -> new Point(-far, 0);
                        case "to the left of" -> new Point(0, far);
                        default -> new Point(0, -far);
                    };
            double aside = from.group(5) == null ? 0 : Double.parseDouble(from.group(5)) * metres;
            return mark.at().plus(first).plus(new Point(0, "left".equals(from.group(6)) ? aside : -aside));
        }
        Matcher middle = MIDDLE.matcher(said);
        assertTrue(middle.matches(), said);
        double x = middle.group(1) == null ? 0 : Double.parseDouble(middle.group(1));
        double y = middle.group(3) == null ? 0 : Double.parseDouble(middle.group(3));
        return new Point("past".equals(middle.group(2)) ? x : -x, "left".equals(middle.group(4)) ? y : -y);
    }

    private static Landmark landmark(String name) {
        return COURT.landmarks().stream()
                .filter(l -> l.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no " + name));
    }

    @Test
    void toTheHalfMetreOrYardFromTheNearestName() {
        assertEquals("at the 7 m mark", said(new Point(13.2, 0.3), LengthUnit.METRES));
        assertEquals("2.5 m to the left of the 7 m mark", said(new Point(13, 2.4), LengthUnit.METRES));
        assertEquals("2.5 yd to the left of the 7 m mark", said(new Point(13, 2.4), LengthUnit.YARDS));
    }

    /** Lines count as well as points: nobody paces from halfway or the middle what lies within six metres of a line. */
    @RepeatedTest(100)
    void nothingIsMeasuredFromAfarThatHasALineBesideIt(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        for (Surface surface : Surfaces.all()) {
            Point place = new Point(
                    (random.nextDouble() - 0.5) * surface.lengthMetres(),
                    (random.nextDouble() - 0.5) * surface.widthMetres());
            String said = new Places(Drills.blank().progression(), surface, LengthUnit.METRES).paced(place);
            double toEnd = surface.lengthMetres() / 2 - Math.abs(place.x());
            double toSide = surface.widthMetres() / 2 - Math.abs(place.y());
            if (said.matches(".* (past|before) halfway.*")) {
                assertTrue(toEnd > 5.9 || toEnd > Math.abs(place.x()) - 0.1, surface.id() + ": " + said);
                boolean line = surface.landmarks().stream()
                        .filter(l -> !l.foreign() && l.name().startsWith("the middle of "))
                        .anyMatch(l -> Math.abs(l.at().x() - place.x()) < 5.9 && spans(surface, l.at().x(), place.y()));
                assertFalse(line, surface.id() + ": " + said);
            }
            if (said.matches(".* (left|right) of the middle")) {
                assertTrue(toSide > 5.9 || toSide > Math.abs(place.y()) - 0.1, surface.id() + ": " + said);
            }
        }
    }

    private static boolean spans(Surface surface, double x, double y) {
        return surface.markings().stream()
                .anyMatch(m -> m instanceof Marking.Line l
                        && Math.abs(l.from().x() - x) < 0.2
                        && Math.abs(l.to().x() - x) < 0.2
                        && (l.from().y() - y) * (l.to().y() - y) <= 0);
    }

    @Test
    void byALineThatLiesAcross() {
        Surface pitch = Surfaces.find("field-hockey").orElseThrow();
        Places places = new Places(Drills.blank().progression(), pitch, LengthUnit.METRES);
        assertEquals("1 m behind the 23 m line, 14 m right of the middle", places.paced(new Point(24, -14)));
        assertEquals(
                "1 m out from the 23 m line at the near end, 14 m left of the middle",
                places.paced(new Point(-22, 14)));
        assertEquals("8 m past halfway, 5.5 m in from the right side line", places.paced(new Point(8, -22)));
    }
}
