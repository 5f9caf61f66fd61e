package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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

    /** Who is nearer to his player than this (m) feels where he is. */
    private static final double FEELS_METRES = 1.5;

    /** Who is further from his player than this (m) helps somewhere else. */
    private static final double OWN_METRES = 12;

    private final Sampled sampled;
    private final double most;

    private HelpSightCheck(RunThrough run, Sampled sampled) {
        this.sampled = sampled;
        this.most = run.clearances().viewDegrees();
    }

    static List<Finding> of(RunThrough run, Sampled sampled) {
        HelpSightCheck check = new HelpSightCheck(run, sampled);
        List<Finding> found = new ArrayList<>();
        for (int helper = 0; helper < sampled.defence().size(); helper++) {
            check.look(helper).ifPresent(found::add);
        }
        return found;
    }

    /** The longest time for which he sees only one of ball and own player. */
    private Optional<Finding> look(int helper) {
        Optional<Finding> worst = Optional.empty();
        double longest = LASTS_SECONDS;
        double since = 0;
        int before = -1;
        for (int i = 0; i < sampled.looks(); i++) {
            double t = sampled.seconds(i);
            int own = own(helper, i);
            double degrees = own < 0 ? 0 : degrees(helper, own, i);
            int lost = degrees > most ? own : -1;
            if (lost < 0 || lost != before) {
                since = t;
                before = lost;
            }
            if (lost >= 0 && t - since >= longest) {
                longest = t - since;
                worst = Optional.of(Finding.of(
                                HELP_UNSEEN,
                                sampled.defence().get(helper),
                                sampled.attack().get(lost))
                        .with(Quantity.DEGREES, degrees)
                        .with(Quantity.SECONDS, longest)
                        .at(sampled.defender(helper, i), t));
            }
        }
        return worst;
    }

    /** The attacker whom a helper has to mind beside the ball; -1 for none. */
    private int own(int helper, int look) {
        int carrier = sampled.carrier(look);
        if (carrier < 0) {
            return -1;
        }
        Point at = sampled.defender(helper, look);
        int own = carrier;
        double metres = at.distanceTo(sampled.attacker(carrier, look));
        for (int i = 0; i < sampled.attack().size(); i++) {
            double apart = at.distanceTo(sampled.attacker(i, look));
            if (apart < metres) {
                metres = apart;
                own = i;
            }
        }
        return own == carrier || metres < FEELS_METRES || metres > OWN_METRES ? -1 : own;
    }

    private double degrees(int helper, int own, int look) {
        return Sights.angle(
                sampled.defender(helper, look),
                sampled.attacker(sampled.carrier(look), look),
                sampled.attacker(own, look));
    }
}
