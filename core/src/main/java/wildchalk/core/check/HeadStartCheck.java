package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Travel;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Dash;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Pace;
import wildchalk.core.motion.Timeline;
import wildchalk.core.runthrough.RunThrough;

/** Finds head starts that are none: whoever chases can be where the shot is taken before the shooter. */
final class HeadStartCheck {

    private static final Flaw NO_HEAD_START = Flaw.note("no-head-start");

    /** Who starts no further off than this (m) is beside, and has no start to make up. */
    private static final double BEHIND_METRES = 1;

    /** There at the same time is a duel; earlier by this (s) is the ball. */
    private static final double SURE_SECONDS = 0.2;

    private final RunThrough run;
    private final Timeline timeline;

    private HeadStartCheck(RunThrough run) {
        this.run = run;
        this.timeline = run.timeline();
    }

    static List<Finding> of(RunThrough run) {
        List<Role> defence = run.path().roles().stream()
                .filter(r -> r.side() == Side.DEFENCE)
                .toList();
        if (defence.isEmpty()) {
            return List.of();
        }
        HeadStartCheck check = new HeadStartCheck(run);
        List<Finding> found = new ArrayList<>();
        for (MoveSpan span : run.timeline().moves()) {
            Optional<Move> move = run.path().move(span.move());
            if (span.happens() && move.isPresent() && move.get() instanceof Shot shot) {
                defence.forEach(d -> check.caught(shot, span.start(), d).ifPresent(found::add));
            }
        }
        return found;
    }

    /** Whether somebody who chases the shooter, going flat out from when he goes, is at the shot's spot first. */
    private Optional<Finding> caught(Shot shot, double at, Role chaser) {
        RoleId shooter = shot.role();
        Optional<MoveSpan> run = lastRun(shooter, at);
        Optional<MoveSpan> chase =
                run.flatMap(r -> lastRun(chaser.id(), at).filter(c -> c.start() >= r.start() - 1e-9));
        if (chase.isEmpty()) {
            return Optional.empty();
        }
        Point spot = timeline.placeAt(shooter, at);
        double sets = run.get().start();
        Point from = timeline.placeAt(chaser.id(), chase.get().start());
        double lead = timeline.placeAt(chaser.id(), sets).distanceTo(spot)
                - timeline.placeAt(shooter, sets).distanceTo(spot);
        boolean startsLater = chase.get().start() > sets + SURE_SECONDS;
        if (lead < (startsLater ? 0 : BEHIND_METRES)) {
            return Optional.empty(); // he was ahead: no head start was given
        }
        double there = chase.get().start()
                + Dash.of(Pace.of(this.run.drill()), chaser.pace()).seconds(from, Point.ORIGIN, spot);
        double first = at - there;
        return first < SURE_SECONDS
                ? Optional.empty()
                : Optional.of(
                        Finding.of(NO_HEAD_START, List.of(shot.id(), chase.get().move(), shooter, chaser.id()))
                                .with(Quantity.SECONDS, first)
                                .at(spot, at));
    }

    /** The run that ends last before a moment, or goes on then. */
    private Optional<MoveSpan> lastRun(RoleId role, double at) {
        return timeline.moves().stream()
                .filter(m -> m.happens() && m.start() < at - 1e-9)
                .filter(m -> run.path()
                        .move(m.move())
                        .filter(v -> v instanceof Travel && v.role().equals(role))
                        .isPresent())
                .reduce((a, b) -> b);
    }
}
