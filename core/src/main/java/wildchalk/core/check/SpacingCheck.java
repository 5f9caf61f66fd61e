package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Travel;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Timeline;
import wildchalk.core.runthrough.RunThrough;

/** Finds attackers who come so near each other that one defender covers both, and gaps that open and that nobody uses. */
final class SpacingCheck {

    private static final Flaw SPACING_CLOSES = Flaw.note("spacing-closes");
    private static final Flaw GAP_UNUSED = Flaw.note("gap-unused");

    /** Who crosses is near for a moment; who is near for longer (s) stays there. */
    private static final double LASTS_SECONDS = 1;

    /** On a court two want this much (m) between them; on a surface longer than a court, more (estimates). */
    private static final double COURT_METRES = 2.5;

    private static final double FIELD_METRES = 4;
    private static final double COURT_LENGTH_METRES = 50;

    /** A ball is faster than people: it is looked for so finely, s. */
    private static final double BALL_SECONDS = 0.05;

    /** Spacing that shrinks to less than this share has closed; grown by its inverse, it has opened. */
    private static final double SHARE = 0.6;

    private final RunThrough run;
    private final Timeline timeline;
    private final Sampled sampled;
    private final double near;
    private final List<Finding> found = new ArrayList<>();

    private SpacingCheck(RunThrough run, Sampled sampled) {
        this.run = run;
        this.sampled = sampled;
        this.timeline = run.timeline();
        this.near = run.drill().surface().lengthMetres() > COURT_LENGTH_METRES ? FIELD_METRES : COURT_METRES;
    }

    static List<Finding> of(RunThrough run, Sampled sampled) {
        SpacingCheck check = new SpacingCheck(run, sampled);
        List<RoleId> attack = check.side(Side.ATTACK);
        List<RoleId> defence = check.side(Side.DEFENCE);
        if (!defence.isEmpty() && attack.size() > 2) {
            check.pairs(attack, (a, b) -> check.closes(a, b, defence));
        }
        if (defence.size() > 1) {
            check.pairs(defence, (a, b) -> check.opens(a, b, attack, defence));
        }
        return check.found;
    }

    private List<RoleId> side(Side side) {
        return run.path().roles().stream()
                .filter(r -> r.side() == side)
                .map(Role::id)
                .toList();
    }

    private interface Pair {
        Optional<Finding> of(RoleId a, RoleId b);
    }

    private void pairs(List<RoleId> roles, Pair look) {
        for (int i = 0; i < roles.size(); i++) {
            for (int k = i + 1; k < roles.size(); k++) {
                look.of(roles.get(i), roles.get(k)).ifPresent(found::add);
            }
        }
    }

    /** Two attackers, one of them on the move, within reach of one defender for longer than a crossing takes. */
    private Optional<Finding> closes(RoleId a, RoleId b, List<RoleId> defence) {
        double before = 0;
        int since = -1;
        for (int i = 0; i < sampled.looks(); i++) {
            double now = sampled.apart(a, b, i);
            boolean covered =
                    now < near && now < SHARE * before && sampled.attackHasBall(i) && isCovered(a, b, defence, i);
            since = !covered ? -1 : since < 0 ? i : since;
            if (covered && Sampled.seconds(i - since) >= LASTS_SECONDS) {
                double t = Sampled.seconds(i);
                Optional<MoveSpan> mover = lastRun(Set.of(a, b), t);
                if (mover.isEmpty() || dealWithEachOther(a, b)) {
                    return Optional.empty();
                }
                RoleId comes = run.path().move(mover.get().move()).orElseThrow().role();
                return Optional.of(
                        Finding.of(SPACING_CLOSES, List.of(mover.get().move(), comes, comes.equals(a) ? b : a))
                                .with(Quantity.NEARNESS, now)
                                .with(Quantity.METRES, before)
                                .at(sampled.at(comes, i), t));
            }
            before = Math.max(before, now);
        }
        return Optional.empty();
    }

    private boolean isCovered(RoleId a, RoleId b, List<RoleId> defence, int look) {
        return defence.stream().anyMatch(d -> sampled.apart(d, a, look) < near && sampled.apart(d, b, look) < near);
    }

    /** Two defenders between whom a gap opens while the ball is before it, and neither ball nor attacker comes through. */
    private Optional<Finding> opens(RoleId a, RoleId b, List<RoleId> attack, List<RoleId> defence) {
        double before = sampled.apart(a, b, 0);
        double widest = Math.max(2 * near, before / SHARE);
        int at = -1;
        for (int i = 0; i < sampled.looks(); i++) {
            double now = sampled.apart(a, b, i);
            if (now > widest && sampled.attackHasBall(i) && isBefore(a, b, defence, i)) {
                widest = now;
                at = i;
            }
        }
        if (at < 0 || isUsed(a, b, attack, at)) {
            return Optional.empty();
        }
        double t = Sampled.seconds(at);
        List<ElementId> about = new ArrayList<>(List.of(a, b));
        lastRun(Set.of(a, b), t).ifPresent(m -> about.add(m.move()));
        return Optional.of(Finding.of(GAP_UNUSED, about)
                .with(Quantity.METRES, widest)
                .with(Quantity.LIMIT, before)
                .at(middle(a, b, at), t));
    }

    private Point middle(RoleId a, RoleId b, int look) {
        return sampled.at(a, look).towards(sampled.at(b, look), 0.5);
    }

    /** Whether nobody else of the defence is in the gap, and whoever has the ball is as near to it as it is wide. */
    private boolean isBefore(RoleId a, RoleId b, List<RoleId> defence, int look) {
        Point middle = middle(a, b, look);
        double half = sampled.apart(a, b, look) / 2;
        boolean shut = defence.stream()
                .filter(d -> !d.equals(a) && !d.equals(b))
                .anyMatch(d -> sampled.at(d, look).isWithin(half, middle));
        return !shut && sampled.at(sampled.holder(look).orElseThrow(), look).isWithin(2 * half, middle);
    }

    /** Whether anybody of the attack, or a ball, is in the gap from then on. */
    private boolean isUsed(RoleId a, RoleId b, List<RoleId> attack, int from) {
        Point middle = middle(a, b, from);
        double within = sampled.apart(a, b, from) / 2;
        for (int i = from; i < sampled.looks(); i++) {
            int look = i;
            if (attack.stream().anyMatch(r -> sampled.at(r, look).isWithin(within, middle))) {
                return true;
            }
        }
        for (double t = Sampled.seconds(from); t <= timeline.seconds() + 1e-9; t += BALL_SECONDS) {
            double moment = t;
            if (timeline.ballIds().stream()
                    .anyMatch(ball -> timeline.ballAt(ball, moment).isWithin(within, middle))) {
                return true;
            }
        }
        return false;
    }

    /** Hand-offs, passes, screens and contests between the two, or a run to the other: they are meant to be close. */
    private boolean dealWithEachOther(RoleId a, RoleId b) {
        Set<RoleId> both = Set.of(a, b);
        return run.path().moves().stream()
                .filter(m -> both.contains(m.role()))
                .anyMatch(m -> m instanceof Act
                        || m instanceof Pass p
                                && p.receiver().filter(both::contains).isPresent());
    }

    private Optional<MoveSpan> lastRun(Set<RoleId> roles, double at) {
        return timeline.moves().stream()
                .filter(m -> m.happens() && m.start() < at)
                .filter(m -> {
                    Optional<Move> move = run.path().move(m.move());
                    return move.isPresent()
                            && move.get() instanceof Travel
                            && roles.contains(move.get().role());
                })
                .reduce((one, other) -> other);
    }
}
