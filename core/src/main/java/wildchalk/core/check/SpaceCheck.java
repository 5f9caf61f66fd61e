package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.arrange.Measures;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.ZoneKind;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.runthrough.RunThrough;

/** Notes boxes in which attack and defence have too few square metres each for the touches that they may take. */
final class SpaceCheck {

    private static final Flaw LITTLE_ROOM = Flaw.note("little-room");

    /** With as many touches as this a ball can be stopped and played after a look. */
    static final int TOUCHES = 3;

    /** A box in which the ball is only kept takes this share of what a game towards goals takes (estimate). */
    private static final double SHARE_OF_A_GAME = 1.0 / 3;

    private SpaceCheck() {}

    static List<Finding> of(RunThrough run) {
        List<Finding> found = new ArrayList<>();
        for (Rule.Limit limit : run.path().course().limits()) {
            boolean tight = limit.kind() == Rule.Kind.TOUCHES && limit.bound() != Rule.Bound.AT_LEAST;
            if (tight && limit.number() < TOUCHES) {
                run.path().layout().zones().stream()
                        .filter(z -> z.kind() == ZoneKind.BOX)
                        .filter(z ->
                                limit.zone().isEmpty() || limit.zone().get().equals(z.id().text()))
                        .forEach(z -> look(run, limit, z, found));
            }
        }
        return found;
    }

    private static void look(RunThrough run, Rule.Limit limit, MarkedZone zone, List<Finding> found) {
        List<Role> inside = run.path().roles().stream()
                .filter(r -> r.side() != Side.COACH)
                .filter(r -> zone.asZone().contains(run.path().startOf(r.id())))
                .toList();
        long attack = inside.stream().filter(r -> r.side() == Side.ATTACK).count();
        long defence = inside.stream().filter(r -> r.side() == Side.DEFENCE).count();
        if (attack < 2 || defence < 1) {
            return;
        }
        double each = Measures.area(zone.outline()) / inside.size();
        double least = leastSquareMetres(run.drill().audience().paceBand());
        if (each < least) {
            found.add(Finding.of(LITTLE_ROOM, zone.id())
                    .with(Quantity.AREA, each)
                    .with(Quantity.LIMIT, least)
                    .with(Quantity.COUNT, limit.number())
                    .named(limit.id().text())
                    .at(zone.middle(), 0));
        }
    }

    /**
     * With fewer touches than three, m² a player: a share of the least that small-sided games usually have (pace: 25 m² for U8 to U12,
     * 75 m² for adults; between them an estimate).
     */
    static double leastSquareMetres(AgeBand age) {
        double game =
                switch (age) {
                    case U8, U10, U12 -> 25;
                    case U14 -> 40;
                    case U16 -> 55;
                    default -> 75;
                };
        return Math.round(SHARE_OF_A_GAME * game);
    }
}
