package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.BallWays.Way;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Target;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Point;
import wildchalk.core.runthrough.RunThrough;

/** Finds balls into a space between two of one side who are equally near: nobody knows whose it is. */
final class WhoseBallCheck {

    private static final Flaw WHOSE_BALL = Flaw.note("whose-ball");

    /** Who is within this (m) of where the ball comes down goes for it. */
    private static final double GOES_METRES = 2.5;

    /** Two whose ways differ by less (m) are equally near: nobody sees it. */
    private static final double EQUAL_METRES = 0.6;

    private WhoseBallCheck() {}

    static List<Finding> of(RunThrough run) {
        List<Finding> found = new ArrayList<>();
        for (Way way : BallWays.of(run)) {
            way.pass().flatMap(WhoseBallCheck::runner).ifPresent(runner -> {
                Optional<Role> other = rival(run, way, runner);
                other.ifPresent(o -> {
                    Point at = run.timeline().placeAt(o.id(), way.to());
                    found.add(Finding.of(WHOSE_BALL, way.move().id(), runner, o.id())
                            .with(Quantity.NEARNESS, at.distanceTo(way.end()))
                            .at(way.end(), way.to()));
                });
            });
        }
        return found;
    }

    private static Optional<RoleId> runner(Pass pass) {
        return pass.to() instanceof Target.ToPlace place ? place.runner() : Optional.empty();
    }

    /** Somebody of the runner's side, not the passer, who is as near and is not told to fight for it. */
    private static Optional<Role> rival(RunThrough run, Way way, RoleId runner) {
        Role mine = run.path().role(runner).orElseThrow();
        double own = run.timeline().placeAt(runner, way.to()).distanceTo(way.end());
        return run.path().roles().stream()
                .filter(r -> r.side() == mine.side()
                        && !r.id().equals(runner)
                        && !r.id().equals(way.move().role()))
                .filter(r -> run.path().moves().stream()
                        .noneMatch(m -> m instanceof Act && m.role().equals(r.id())))
                .filter(r -> {
                    double metres = run.timeline().placeAt(r.id(), way.to()).distanceTo(way.end());
                    return metres < GOES_METRES && metres < own + EQUAL_METRES;
                })
                .findFirst();
    }
}
