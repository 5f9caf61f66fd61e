package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Side;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.ladder.Changes;
import wildchalk.core.runthrough.RunThrough;

/** Notes head counts that the drawing denies, more to tell than the minutes carry, and versions that change nothing. */
final class PeopleCheck {

    private static final Flaw TOO_FEW = Flaw.note("too-few-people");
    private static final Flaw NO_CHANGE = Flaw.note("no-change");

    private static final Flaw TOO_MUCH = Flaw.note("too-much-to-tell");

    /** To say what one move is and to show it once, s (estimate). */
    private static final double SECONDS_TO_TELL = 5;

    /** Who talks longer than this share of the minutes has too few left to let them play. */
    private static final double SHARE_TO_TELL = 0.25;

    private PeopleCheck() {}

    static List<Finding> of(RunThrough run) {
        List<Finding> found = new ArrayList<>();
        Audience.HeadCount said = run.drill().audience().players();
        long takes =
                run.path().roles().stream().filter(r -> r.side() != Side.COACH).count();
        if (takes > said.min()) {
            found.add(Finding.of(TOO_FEW).with(Quantity.COUNT, takes).with(Quantity.LIMIT, said.min()));
        }
        int minutes = run.drill().audience().minutes();
        // what is done again is told in one sentence
        long moves = run.path().moves().stream()
                .filter(m -> run.path().isTold(m.id()))
                .count();
        double tells = SECONDS_TO_TELL * moves;
        if (tells > SHARE_TO_TELL * 60 * minutes) {
            found.add(Finding.of(TOO_MUCH)
                    .with(Quantity.COUNT, moves)
                    .with(Quantity.SECONDS, tells)
                    .with(Quantity.LIMIT, minutes));
        }
        run.version()
                .basedOn()
                .flatMap(run.drill()::progression)
                .filter(base -> Changes.between(base, run.version()).isEmpty())
                .ifPresent(base -> found.add(Finding.of(NO_CHANGE).named(base.title())));
        return found;
    }
}
