package wildchalk.core.whistle;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.session.BlockId;
import wildchalk.core.session.Clash;
import wildchalk.core.session.Library;
import wildchalk.core.session.Replan;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionBlock;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.session.Simulations;
import wildchalk.core.squad.Squad;

/**
 * What is to be done when the rest does not fit any more. Water stays, what must stay stays, there is time to set up, and nothing
 * grave is there that was not before.
 *
 * @param way the best of the ways to do with less: it keeps the most aims, then the most blocks, then the most turns
 * @param signal that does it
 */
public record Rescue(Replan way, Signal.Replanned signal) {

    /** So little (s) is nobody's trouble. */
    private static final double SLACK_SECONDS = 5;

    /** What runs cannot be shorter than this in a plan (minutes). */
    private static final double LEAST_MINUTES = 0.1;

    /** Empty where all fits, or where nothing that may give is enough. */
    public static Optional<Rescue> of(Run run, Library library, Optional<Squad> squad, Simulations simulations) {
        if (run.part().isEmpty() || run.over() <= SLACK_SECONDS) {
            return Optional.empty();
        }
        Part runs = run.part().orElseThrow();
        List<SessionBlock> rest = new ArrayList<>();
        boolean later = false;
        for (SessionBlock b : run.session().blocks()) {
            boolean is = b.id().equals(runs.block().id());
            if (is && !runs.isChange()) {
                rest.add(b.withMinutes(Math.max(LEAST_MINUTES, Math.max(0, run.left()) / 60))
                        .withMust(true));
            } else if (is || later) {
                rest.add(b);
            }
            later |= is;
        }
        double room = run.hallEnd() - run.now() - (runs.isChange() ? Math.max(0, run.left()) : 0);
        int minutes = (int) Math.floor(room / 60);
        if (minutes < 1) {
            return Optional.empty();
        }
        Session left = run.session().withBlocks(rest).withMinutes(Math.min(Session.MOST_MINUTES, minutes));
        List<Clash> before = SessionPlan.of(left, library, squad, simulations).clashes();
        return Replan.of(left, 0, library, squad, simulations).stream()
                .filter(way -> SessionPlan.of(way.session(), library, squad, simulations).clashes().stream()
                        .filter(c -> c.kind().isGrave())
                        .allMatch(c -> before.stream()
                                .anyMatch(
                                        b -> b.kind() == c.kind() && b.blocks().equals(c.blocks()))))
                .min(Comparator.<Replan>comparingInt(w -> w.aimsGone().size())
                        .thenComparingInt(w -> w.gone().size())
                        .thenComparingInt(w -> -w.turns()))
                .map(way -> new Rescue(way, signal(way, runs)));
    }

    private static Signal.Replanned signal(Replan way, Part runs) {
        Map<BlockId, Double> minutes = new LinkedHashMap<>();
        for (SessionBlock b : way.session().blocks()) {
            if (runs.isChange() || !b.id().equals(runs.block().id())) {
                minutes.put(b.id(), b.minutes());
            }
        }
        return new Signal.Replanned(minutes);
    }
}
