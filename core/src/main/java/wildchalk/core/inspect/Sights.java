package wildchalk.core.inspect;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Side;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.Point;
import wildchalk.core.inspect.Inspection.Sight;
import wildchalk.core.inspect.Inspection.SightList;
import wildchalk.core.inspect.Moment.Player;

/**
 * What everybody sees without turning the head: what lies within 60 degrees of each other is read at a glance, and what moves within 90
 * degrees of where one looks is noticed (45 and 75 for U8 and U10: estimates after the usual figures for fields of view).
 */
public final class Sights {

    private static final double CLEAR_DEGREES = 60;
    private static final double AWARE_DEGREES = 90;
    private static final double CLEAR_OF_CHILDREN = 45;
    private static final double AWARE_OF_CHILDREN = 75;

    private Sights() {}

    /** How wide (degrees) apart two things may be that are read at a glance. */
    public static double clearDegrees(AgeBand age) {
        return isYoung(age) ? CLEAR_OF_CHILDREN : CLEAR_DEGREES;
    }

    private static boolean isYoung(AgeBand age) {
        return age == AgeBand.U8 || age == AgeBand.U10;
    }

    static SightList of(Moment moment) {
        AgeBand age = moment.pace.age();
        double clear = clearDegrees(age) / 2;
        double aware = isYoung(age) ? AWARE_OF_CHILDREN : AWARE_DEGREES;
        List<Sight> sights = new ArrayList<>();
        for (Player p : moment.field()) {
            Optional<Player> opponent = moment.field().stream()
                    .filter(o -> o.isAgainst(p))
                    .min(Comparator.comparingDouble(o -> o.at().distanceTo(p.at())));
            boolean defends = p.team() == Side.DEFENCE;
            boolean has = moment.carrier()
                    .filter(c -> c.role().id().equals(p.role().id()))
                    .isPresent();
            Optional<Double> between = has || !defends
                    ? Optional.empty()
                    : moment.ball().flatMap(b -> opponent.map(o -> angle(p.at(), b, o.at())));
            sights.add(new Sight(
                    p.role().id(),
                    p.at(),
                    p.facingDegrees(),
                    clear,
                    aware,
                    between,
                    opponent.map(o -> o.role().id()),
                    between.filter(d -> d <= 2 * clear).isPresent()));
        }
        return new SightList(sights);
    }

    /** Degrees between two places as seen from a third, 0 to 180. */
    public static double angle(Point from, Point a, Point b) {
        if (a.isWithin(1e-9, from) || b.isWithin(1e-9, from)) {
            return 0;
        }
        return Math.abs(Headings.normalise(
                a.minus(from).headingDegrees() - b.minus(from).headingDegrees()));
    }
}
