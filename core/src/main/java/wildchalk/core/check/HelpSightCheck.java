package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Point;
import wildchalk.core.inspect.Sights;
import wildchalk.core.runthrough.RunThrough;

/** Finds helpers who stand so that ball and own player cannot both be seen without turning the head. */
final class HelpSightCheck {

    private static final Flaw HELP_UNSEEN = Flaw.note("help-unseen");

    /** A glance over the shoulder takes less: only what lasts longer (s) is a place to stand (estimate). */
    private static final double LASTS_SECONDS = 1.5;

    /** Beyond twice what is read at a glance the head has to turn (pace: 120 degrees; 90 for U8 and U10). */
    private static final double TURNS_HEAD = 2;

    /** Who is nearer to his player than this (m) feels where he is. */
    private static final double FEELS_METRES = 1.5;

    /** Who is further from his player than this (m) helps somewhere else. */
    private static final double OWN_METRES = 12;

    private final Sampled sampled;
    private final List<RoleId> attack;
    private final double most;

    private HelpSightCheck(RunThrough run, Sampled sampled) {
        this.sampled = sampled;
        this.attack = run.path().roles().stream()
                .filter(r -> r.side() == Side.ATTACK)
                .map(Role::id)
                .toList();
        this.most = TURNS_HEAD * Sights.clearDegrees(run.drill().audience().paceBand());
    }

    static List<Finding> of(RunThrough run, Sampled sampled) {
        HelpSightCheck check = new HelpSightCheck(run, sampled);
        List<Finding> found = new ArrayList<>();
        for (Role role : run.path().roles()) {
            if (role.side() == Side.DEFENCE) {
                check.look(role.id()).ifPresent(found::add);
            }
        }
        return found;
    }

    /** What a helper sees at a moment: his own player, and how far from him the ball is, as an angle. */
    private record Sight(RoleId own, double degrees) {}

    /** The longest time for which he sees only one of the two. */
    private Optional<Finding> look(RoleId helper) {
        Optional<Finding> worst = Optional.empty();
        double longest = LASTS_SECONDS;
        double since = 0;
        RoleId own = null;
        for (int i = 0; i < sampled.looks(); i++) {
            double t = Sampled.seconds(i);
            Optional<Sight> sight = sight(helper, i).filter(s -> s.degrees() > most);
            if (sight.isEmpty() || !sight.get().own().equals(own)) {
                since = t;
                own = sight.map(Sight::own).orElse(null);
            }
            if (sight.isPresent() && t - since >= longest) {
                longest = t - since;
                worst = Optional.of(Finding.of(HELP_UNSEEN, helper, own)
                        .with(Quantity.DEGREES, sight.get().degrees())
                        .with(Quantity.SECONDS, longest)
                        .at(sampled.at(helper, i), t));
            }
        }
        return worst;
    }

    private Optional<Sight> sight(RoleId helper, int look) {
        if (!sampled.attackHasBall(look)) {
            return Optional.empty();
        }
        RoleId carrier = sampled.holder(look).orElseThrow();
        RoleId own = carrier;
        double metres = Double.POSITIVE_INFINITY;
        for (RoleId other : attack) {
            double apart = sampled.apart(helper, other, look);
            if (apart < metres) {
                metres = apart;
                own = other;
            }
        }
        Point at = sampled.at(helper, look);
        return own.equals(carrier) || metres < FEELS_METRES || metres > OWN_METRES
                ? Optional.empty()
                : Optional.of(new Sight(own, Sights.angle(at, sampled.at(carrier, look), sampled.at(own, look))));
    }
}
