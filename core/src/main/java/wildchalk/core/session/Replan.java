package wildchalk.core.session;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.squad.Squad;

/**
 * One way to do with less time: water, what must stay, and change-overs are kept.
 *
 * @param how what is done to the blocks that may give
 * @param turns of whoever has fewest then
 * @param turnsBefore likewise, as it was
 * @param gone titles of blocks that are left out
 * @param aimsGone aims that no block that is left has
 */
public record Replan(How how, Session session, int turns, int turnsBefore, List<String> gone, List<String> aimsGone) {

    /** Ways to give. */
    public enum How {
        /** Everything that may gives the same share. */
        ALL_SHORTER,
        /** The longest that may gives all of it. */
        ONE_SHORTER,
        /** Whole blocks go, the fewest minutes of them that are enough; those with an aim last. */
        LEAVE_OUT
    }

    /** No block is made shorter than this (minutes), or than a third of it: then it is better left out. */
    private static final double LEAST_MINUTES = 3;

    public Replan {
        gone = List.copyOf(gone);
        aimsGone = List.copyOf(aimsGone);
    }

    /**
     * At most three, those that cost fewest turns first; none where what must stay is too long by itself.
     *
     * @param lost minutes that are gone
     */
    public static List<Replan> of(Session session, double lost, Library library, Optional<Squad> squad) {
        return of(session, lost, library, squad, new Simulations());
    }

    /** Likewise, with what has been worked out. */
    public static List<Replan> of(
            Session session, double lost, Library library, Optional<Squad> squad, Simulations simulations) {
        Session shorter = session.withMinutes((int) Math.max(1, Math.floor(session.minutes() - lost)));
        SessionPlan before = SessionPlan.of(session, library, squad, simulations);
        double over =
                SessionPlan.of(shorter, library, squad, simulations).sums().planned() - shorter.minutes();
        if (over <= 0) {
            return List.of(replan(How.ALL_SHORTER, shorter, session, before, library, squad, simulations));
        }
        List<Replan> plans = new ArrayList<>();
        Set<Session> seen = new HashSet<>();
        for (How how : How.values()) {
            Optional<Session> then =
                    switch (how) {
                        case ALL_SHORTER -> allShorter(shorter, over);
                        case ONE_SHORTER -> oneShorter(shorter, over);
                        case LEAVE_OUT -> leaveOut(shorter, over);
                    };
            then.filter(seen::add)
                    .map(s -> replan(how, s, session, before, library, squad, simulations))
                    .filter(r -> SessionPlan.of(r.session(), library, squad, simulations)
                                    .sums()
                                    .slack()
                            > -0.5)
                    .ifPresent(plans::add);
        }
        plans.sort(Comparator.<Replan>comparingInt(r -> r.aimsGone().size()).thenComparing(r -> -r.turns()));
        return List.copyOf(plans);
    }

    private static Replan replan(
            How how,
            Session then,
            Session was,
            SessionPlan before,
            Library library,
            Optional<Squad> squad,
            Simulations simulations) {
        Set<String> kept = new LinkedHashSet<>();
        then.blocks().forEach(b -> kept.add(b.aim()));
        List<String> aims = was.blocks().stream()
                .map(SessionBlock::aim)
                .filter(a -> !a.isBlank() && !kept.contains(a))
                .distinct()
                .toList();
        List<String> gone = was.blocks().stream()
                .filter(b -> then.blocks().stream().noneMatch(x -> x.id().equals(b.id())))
                .map(SessionBlock::title)
                .toList();
        return new Replan(
                how, then, fewest(SessionPlan.of(then, library, squad, simulations)), fewest(before), gone, aims);
    }

    private static int fewest(SessionPlan plan) {
        return plan.loads().values().stream().mapToInt(Load::turns).min().orElse(0);
    }

    /** Whether a block may be shorter, or be left out. */
    public static boolean mayGive(SessionBlock b) {
        return !b.must() && !b.isWater();
    }

    /** No block is made shorter than this; one that is as short already is left out or stays. */
    public static double leastMinutes(SessionBlock b) {
        return Math.max(LEAST_MINUTES, b.minutes() / 3);
    }

    private static Optional<Session> allShorter(Session s, double over) {
        double room = s.blocks().stream()
                .filter(Replan::mayGive)
                .mapToDouble(b -> Math.max(0, b.minutes() - leastMinutes(b)))
                .sum();
        if (room < over) {
            return Optional.empty();
        }
        double share = over / room;
        return Optional.of(s.withBlocks(s.blocks().stream()
                .map(b -> mayGive(b)
                        ? b.withMinutes(floorTenth(b.minutes() - share * Math.max(0, b.minutes() - leastMinutes(b))))
                        : b)
                .toList()));
    }

    private static double floorTenth(double minutes) {
        return Math.floor(10 * minutes + 1e-6) / 10;
    }

    private static Optional<Session> oneShorter(Session s, double over) {
        return s.blocks().stream()
                .filter(b -> mayGive(b) && b.minutes() - over >= leastMinutes(b))
                .max(Comparator.comparingDouble(SessionBlock::minutes))
                .map(b -> s.withBlocks(s.blocks().stream()
                        .map(x -> x == b ? b.withMinutes(floorTenth(b.minutes() - over)) : x)
                        .toList()));
    }

    /** Of all sets of blocks that are long enough the one without aims, with the fewest minutes. */
    private static Optional<Session> leaveOut(Session s, double over) {
        List<SessionBlock> free =
                s.blocks().stream().filter(Replan::mayGive).limit(16).toList();
        double best = Double.POSITIVE_INFINITY;
        int chosen = 0;
        for (int set = 1; set < 1 << free.size(); set++) {
            double minutes = 0;
            int aims = 0;
            for (int i = 0; i < free.size(); i++) {
                if ((set >> i & 1) == 1) {
                    minutes += free.get(i).minutes();
                    aims += free.get(i).aim().isBlank() ? 0 : 1;
                }
            }
            double cost = 1000 * aims + minutes;
            if (minutes >= over - 0.05 && cost < best) {
                best = cost;
                chosen = set;
            }
        }
        if (chosen == 0) {
            return Optional.empty();
        }
        int out = chosen;
        return Optional.of(s.withBlocks(s.blocks().stream()
                .filter(b -> free.indexOf(b) < 0 || (out >> free.indexOf(b) & 1) == 0)
                .toList()));
    }
}
