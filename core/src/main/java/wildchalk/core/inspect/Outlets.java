package wildchalk.core.inspect;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Weight;
import wildchalk.core.geometry.Point;
import wildchalk.core.inspect.Inspection.Outlet;
import wildchalk.core.inspect.Inspection.OutletList;
import wildchalk.core.inspect.Moment.Player;
import wildchalk.core.motion.Pace;

/**
 * Whom whoever has the ball can really play to: straight along the ground, firmly. A lane is open where the ball is past every place
 * before an opponent can have an arm, a stick or a foot there.
 */
public final class Outlets {

    /** An opponent's reach to either side, m. */
    public static final double REACH_METRES = Pace.REACH_METRES;

    /** A lane is looked at so finely, m. */
    private static final double STEP_METRES = 0.25;

    /** Out of the passer's hands, and before it is in the receiver's, m. */
    private static final double AT_HAND_METRES = 1;

    private Outlets() {}

    static OutletList of(Moment moment) {
        Optional<Player> carrier = moment.carrier().filter(c -> c.role().side() != Side.COACH);
        List<Outlet> outlets = new ArrayList<>();
        carrier.ifPresent(c -> moment.field().stream()
                .filter(p -> p != c && p.team() == c.team())
                .forEach(p -> outlets.add(outlet(moment, c, p))));
        return new OutletList(carrier, outlets);
    }

    private static Outlet outlet(Moment moment, Player from, Player to) {
        double speed = moment.pace.passSpeed(PassKind.GROUND, Weight.FIRM);
        // where he is when it gets there, if he goes on as he goes
        Point end = to.at();
        for (int i = 0; i < 4; i++) {
            end = to.at().plus(to.velocity().times(from.at().distanceTo(end) / speed));
        }
        double margin = Double.POSITIVE_INFINITY;
        Player nearest = null;
        Point where = null;
        double length = from.at().distanceTo(end);
        for (double s = AT_HAND_METRES; s <= length - AT_HAND_METRES; s += STEP_METRES) {
            Point ball = from.at().towards(end, s / length);
            for (Player opponent : moment.field()) {
                if (opponent.isAgainst(from)) {
                    double spare = arrives(opponent, ball) - s / speed;
                    if (spare < margin) {
                        margin = spare;
                        nearest = opponent;
                        where = ball;
                    }
                }
            }
        }
        return new Outlet(
                to.role().id(),
                from.at(),
                end,
                margin,
                Optional.ofNullable(nearest).map(p -> p.role().id()),
                Optional.ofNullable(where));
    }

    /** Seconds until somebody has something at a place. */
    private static double arrives(Player p, Point place) {
        double metres = p.at().distanceTo(place);
        return metres <= REACH_METRES
                ? 0
                : p.dash().seconds(p.at(), p.velocity(), p.at().towards(place, (metres - REACH_METRES) / metres));
    }
}
