package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Travel;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Segments;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Timeline;
import wildchalk.core.runthrough.RunThrough;

/** Finds attackers who come so near each other that one defender covers both, and gaps that open and that nobody uses. */
final class SpacingCheck {

    private static final Flaw SPACING_CLOSES = Flaw.note("spacing-closes");
    private static final Flaw GAP_UNUSED = Flaw.note("gap-unused");

    /** Who crosses is near for a moment; who is near for longer (s) stays there. */
    private static final double LASTS_SECONDS = 1;

    /** A side with more people than any team has is no team: its spacing is not looked at. */
    private static final int MOST_PEOPLE = 18;

    /** Spacing that shrinks to less than this share has closed; grown by its inverse, it has opened. */
    private static final double SHARE = 0.6;

    private final RunThrough run;
    private final Timeline timeline;
    private final Sampled sampled;
    private final double near;
    /** Looked for when first asked for. */
    private List<BallWays.Way> ways;

    private final List<Finding> found = new ArrayList<>();

    private SpacingCheck(RunThrough run, Sampled sampled) {
        this.run = run;
        this.sampled = sampled;
        this.timeline = run.timeline();
        this.near = run.clearances().spacingMetres();
    }

    static List<Finding> of(RunThrough run, Sampled sampled) {
        SpacingCheck check = new SpacingCheck(run, sampled);
        if (sampled.attack().size() > 2) {
            pairs(sampled.attack().size(), check::closes);
        }
        pairs(sampled.defence().size(), check::opens);
        return check.found;
    }

    private static void pairs(int people, BiConsumer<Integer, Integer> look) {
        for (int i = 0; i < people && people <= MOST_PEOPLE; i++) {
            for (int k = i + 1; k < people; k++) {
                look.accept(i, k);
            }
        }
    }

    /** Two attackers, one of them on the move, within reach of one defender for longer than a crossing takes. */
    private void closes(int a, int b) {
        Point[] one = sampled.attacker(a);
        Point[] other = sampled.attacker(b);
        double before = 0;
        int since = -1;
        for (int i = 0; i < one.length; i++) {
            double now = apart(one[i], other[i]);
            boolean covered = now < near && now < SHARE * before && sampled.carrier(i) >= 0 && isCovered(a, b, i);
            since = !covered ? -1 : since < 0 ? i : since;
            if (covered && sampled.seconds(i - since) >= LASTS_SECONDS) {
                closed(a, b, i, before, now);
                return;
            }
            before = Math.max(before, now);
        }
    }

    private void closed(int a, int b, int look, double before, double now) {
        RoleId one = sampled.attack().get(a);
        RoleId other = sampled.attack().get(b);
        double t = sampled.seconds(look);
        Optional<MoveSpan> mover = lastRun(Set.of(one, other), t);
        if (mover.isEmpty() || dealWithEachOther(one, other)) {
            return;
        }
        boolean first = run.path().move(mover.get().move()).orElseThrow().role().equals(one);
        found.add(Finding.of(SPACING_CLOSES, List.of(mover.get().move(), first ? one : other, first ? other : one))
                .with(Quantity.NEARNESS, now)
                .with(Quantity.METRES, before)
                .at(sampled.attacker(first ? a : b, look), t));
    }

    private boolean isCovered(int a, int b, int look) {
        for (int d = 0; d < sampled.defence().size(); d++) {
            Point at = sampled.defender(d, look);
            if (at.isWithin(near, sampled.attacker(a, look)) && at.isWithin(near, sampled.attacker(b, look))) {
                return true;
            }
        }
        return false;
    }

    /** Two defenders between whom a gap opens while the ball is before it, and neither ball nor attacker comes through. */
    private void opens(int a, int b) {
        Point[] first = sampled.defender(a);
        Point[] second = sampled.defender(b);
        double before = apart(first[0], second[0]);
        double widest = Math.max(2 * near, before / SHARE);
        int at = -1;
        for (int i = 0; i < first.length; i++) {
            double now = apart(first[i], second[i]);
            if (now > widest && sampled.carrier(i) >= 0 && isBefore(a, b, i)) {
                widest = now;
                at = i;
            }
        }
        if (at < 0 || isUsed(a, b, at)) {
            return;
        }
        double t = sampled.seconds(at);
        RoleId one = sampled.defence().get(a);
        RoleId other = sampled.defence().get(b);
        List<ElementId> about = new ArrayList<>(List.of(one, other));
        lastRun(Set.of(one, other), t).ifPresent(m -> about.add(m.move()));
        found.add(Finding.of(GAP_UNUSED, about)
                .with(Quantity.METRES, widest)
                .with(Quantity.LIMIT, before)
                .at(middle(a, b, at), t));
    }

    /** As {@link Point#distanceTo}, quickly: it is asked for every two at every look. */
    private static double apart(Point a, Point b) {
        double x = a.x() - b.x();
        double y = a.y() - b.y();
        return Math.sqrt(x * x + y * y);
    }

    private Point middle(int a, int b, int look) {
        return sampled.defender(a, look).towards(sampled.defender(b, look), 0.5);
    }

    /** Whether nobody else of the defence is in the gap, and whoever has the ball is as near to it as it is wide. */
    private boolean isBefore(int a, int b, int look) {
        Point middle = middle(a, b, look);
        double half = apart(sampled.defender(a, look), sampled.defender(b, look)) / 2;
        if (!sampled.attacker(sampled.carrier(look), look).isWithin(2 * half, middle)) {
            return false;
        }
        for (int d = 0; d < sampled.defence().size(); d++) {
            if (d != a && d != b && sampled.defender(d, look).isWithin(half, middle)) {
                return false;
            }
        }
        return true;
    }

    /** Whether anybody of the attack, or a ball, is in the gap from then on. */
    private boolean isUsed(int a, int b, int from) {
        Point middle = middle(a, b, from);
        double within = apart(sampled.defender(a, from), sampled.defender(b, from)) / 2;
        for (int i = from; i < sampled.looks(); i++) {
            for (int r = 0; r < sampled.attack().size(); r++) {
                if (sampled.attacker(r, i).isWithin(within, middle)) {
                    return true;
                }
            }
        }
        return ways().stream()
                .filter(w -> w.to() >= sampled.seconds(from))
                .anyMatch(w -> Segments.distance(middle, w.start(), w.end()) <= within);
    }

    private List<BallWays.Way> ways() {
        if (ways == null) {
            ways = BallWays.of(run).stream()
                    .filter(w -> !w.start().equals(w.end()))
                    .toList();
        }
        return ways;
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
