package wildchalk.core.inspect;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Side;
import wildchalk.core.geometry.Point;
import wildchalk.core.inspect.Inspection.Race;
import wildchalk.core.inspect.Inspection.Space;
import wildchalk.core.inspect.Moment.Player;
import wildchalk.core.surface.View;

/** Who is where first: everybody goes at once, straight and flat out, from as fast as he is. Nobody needs time to see it. */
public final class Spaces {

    private Spaces() {}

    static Space of(Moment moment, View view) {
        Field field = Field.over(view);
        List<Player> players = moment.field();
        Side[] sides = new Side[field.size()];
        double[] seconds = new double[field.size()];
        int attack = 0;
        int defence = 0;
        for (int i = 0; i < sides.length; i++) {
            Point place = field.middle(i);
            seconds[i] = Double.POSITIVE_INFINITY;
            for (Player p : players) {
                // nobody is there before a straight line at his top speed
                if (p.at().distanceTo(place) / p.dash().topSpeed() < seconds[i]) {
                    double t = p.secondsTo(place);
                    if (t < seconds[i]) {
                        seconds[i] = t;
                        sides[i] = p.team();
                    }
                }
            }
            attack += sides[i] == Side.ATTACK ? 1 : 0;
            defence += sides[i] == Side.DEFENCE ? 1 : 0;
        }
        return new Space(
                field, sides, seconds, (double) attack / sides.length, (double) defence / sides.length, race(moment));
    }

    /** Whose a ball is that nobody has: the first there, and the first of the other side. */
    private static Optional<Race> race(Moment moment) {
        return moment.freeBall().flatMap(at -> {
            List<Player> order = moment.field().stream()
                    .sorted(Comparator.comparingDouble(p -> p.secondsTo(at)))
                    .toList();
            return order.stream()
                    .filter(p -> p.isAgainst(order.get(0)))
                    .findFirst()
                    .map(second -> new Race(
                            order.get(0).role().id(),
                            second.role().id(),
                            at,
                            second.secondsTo(at) - order.get(0).secondsTo(at)));
        });
    }
}
