package wildchalk.core.session;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.Solution;
import org.chocosolver.solver.Solver;
import org.chocosolver.solver.search.strategy.Search;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.GearKind;
import wildchalk.core.squad.Squad;

/**
 * A session out of the drills of a binder. Rules that hold: no more minutes than there are, a drink at least every twenty, every aim
 * that some drill has, nobody too few for a drill, no more gear than there is, no drill twice. Within them: many turns, what the
 * aims ask for, and what was not run lately.
 *
 * @param session with the blocks of it, to be changed by hand
 * @param reasons why each drill is in it, in their order
 * @param broken rules that could not be kept
 */
public record Proposal(Session session, List<Reason> reasons, List<Broken> broken) {

    /**
     * Why a drill is in it.
     *
     * @param aims that it has
     * @param turns that whoever has fewest gets in its minutes
     * @param days since it was run last; -1 where it was not
     */
    public record Reason(String title, double minutes, List<String> aims, int turns, int days) {
        public Reason {
            aims = List.copyOf(aims);
        }
    }

    /** A rule that could not be kept. */
    public enum Rule {
        /** No drill that can be run has this aim: the aim. */
        NO_DRILL_FOR_AIM,
        /** No drill at all can be run with so many people and that gear, on that floor. */
        NO_DRILL,
        /** Too many aims for the minutes. */
        TOO_LITTLE_TIME
    }

    /** @param about what it is about; nothing where the rule says it */
    public record Broken(Rule rule, String about) {
        public Broken {
            Objects.requireNonNull(rule, "rule");
            Objects.requireNonNull(about, "about");
        }
    }

    private static final int WARM_UP_SHARE = 7;
    private static final int LEAST_WARM_UP = 5;
    private static final int MOST_WARM_UP = 15;
    private static final int TALK = 2;
    private static final int DRINK = 2;

    /** Drills last so long (minutes): shorter is not worth the setting up, longer is dull. */
    static final int LEAST = 8;

    static final int MOST = 18;
    static final int MOST_DRILLS = 6;
    private static final int GAME_SHARE = 5;
    private static final int LEAST_GAME = 8;

    /** Change-overs between drills, roughly (minutes). */
    private static final int CHANGE = 1;

    /** Enough to find the best of a usual binder; a limit of steps, so that the same seed gives the same on any machine. */
    private static final long STEPS = 20_000;

    private static final int AIM_POINTS = 60;
    private static final int MOST_TURN_POINTS = 40;
    private static final int LATELY_POINTS = 15;
    private static final int LATELY_DAYS = 14;
    private static final int LOT = 6;

    public Proposal {
        reasons = List.copyOf(reasons);
        broken = List.copyOf(broken);
    }

    /** A drill that can be run, with what speaks for it. */
    record Candidate(Drill drill, List<String> aims, double turnsAMinute, int points) {}

    /**
     * Proposes blocks for a session.
     *
     * @param blank whose floor, squad, coaches and groups it has
     * @param drills to choose from
     */
    public static Proposal of(
            Session blank, Sketch sketch, Collection<Drill> drills, Optional<Squad> squad, Simulations simulations) {
        List<Broken> broken = new ArrayList<>();
        List<Candidate> all = candidates(blank, sketch, drills, simulations);
        if (all.isEmpty()) {
            broken.add(new Broken(Rule.NO_DRILL, ""));
        }
        List<String> aims = new ArrayList<>();
        for (String aim : sketch.aims()) {
            if (all.stream().anyMatch(c -> c.aims().contains(aim))) {
                aims.add(aim);
            } else {
                broken.add(new Broken(Rule.NO_DRILL_FOR_AIM, aim));
            }
        }
        int[] minutes = new int[all.size()];
        int kept = aims.size();
        while (!all.isEmpty()) {
            Optional<int[]> solved = solve(sketch, all, aims.subList(0, kept));
            if (solved.isPresent() || kept == 0) {
                minutes = solved.orElse(minutes);
                break;
            }
            kept--;
            broken.add(new Broken(Rule.TOO_LITTLE_TIME, aims.get(kept)));
        }
        return laid(blank, sketch, all, minutes, broken);
    }

    // ---- what can be run ----

    static List<Candidate> candidates(Session blank, Sketch sketch, Collection<Drill> drills, Simulations simulations) {
        List<Candidate> all = new ArrayList<>();
        for (Drill drill : drills) {
            StationPlan station = Sessions.station("s1", drill.id(), List.of());
            Optional<SetUp> setUp = SetUp.of(station, id -> Optional.of(drill));
            boolean here = drill.surfaceUse().floor().equals(blank.floor().floor());
            if (!here || setUp.isEmpty() || !fits(setUp.get(), sketch)) {
                continue;
            }
            double turns = simulations
                            .block(setUp.get(), sketch.people(), setUp.get().coaches(), 60.0 * LEAST)
                            .fewestTurns()
                    / (double) LEAST;
            List<String> aims =
                    sketch.aims().stream().filter(a -> has(drill, a)).toList();
            all.add(new Candidate(drill, aims, turns, points(drill, aims, turns, sketch)));
        }
        all.sort(Comparator.comparing(c -> c.drill().id().text()));
        return all;
    }

    private static boolean fits(SetUp setUp, Sketch sketch) {
        boolean people = sketch.people() >= setUp.fewest();
        return people
                && sketch.kit().gear().entrySet().stream().allMatch(e -> count(setUp, e.getKey()) <= e.getValue());
    }

    private static long count(SetUp setUp, GearKind kind) {
        return setUp.pieces().stream().filter(p -> p.kind() == kind).count();
    }

    /** In a theme or in the title, letters of any size. */
    private static boolean has(Drill drill, String aim) {
        String wanted = aim.toLowerCase(java.util.Locale.ROOT);
        return drill.title().toLowerCase(java.util.Locale.ROOT).contains(wanted)
                || drill.themes().stream()
                        .anyMatch(t -> t.toLowerCase(java.util.Locale.ROOT).contains(wanted));
    }

    /** For a minute of it. Who is drawn by lot among equals goes by the seed. */
    private static int points(Drill drill, List<String> aims, double turnsAMinute, Sketch sketch) {
        int days = sketch.lately().getOrDefault(drill.id(), LATELY_DAYS);
        int lot = new java.util.Random(31 * sketch.seed() + drill.id().hashCode()).nextInt(LOT);
        return AIM_POINTS * aims.size()
                + (int) Math.min(MOST_TURN_POINTS, Math.round(10 * turnsAMinute))
                + (days >= LATELY_DAYS ? LATELY_POINTS : 0)
                + lot;
    }

    // ---- which, and for how long ----

    private static int opening(Sketch s) {
        return TALK + Math.max(LEAST_WARM_UP, Math.min(MOST_WARM_UP, s.minutes() / WARM_UP_SHARE));
    }

    private static int game(Sketch s) {
        int minutes = Math.min(MOST, s.minutes() / GAME_SHARE);
        return s.game() && minutes >= LEAST_GAME ? minutes : 0;
    }

    /** Minutes for so many drills, with a drink and a change-over for each. */
    static int room(Sketch s, int drills) {
        return s.minutes() - opening(s) - game(s) - (game(s) > 0 ? DRINK : 0) - TALK - drills * (DRINK + CHANGE);
    }

    private static Optional<int[]> solve(Sketch sketch, List<Candidate> all, List<String> aims) {
        int most = 0;
        while (most < Math.min(MOST_DRILLS, all.size()) && room(sketch, most + 1) >= LEAST * (most + 1)) {
            most++;
        }
        Model model = new Model("session");
        int n = all.size();
        IntVar[] minutes = new IntVar[n];
        BoolVar[] used = new BoolVar[n];
        int[] domain = IntStream.concat(IntStream.of(0), IntStream.rangeClosed(LEAST, MOST))
                .toArray();
        for (int i = 0; i < n; i++) {
            minutes[i] = model.intVar("m" + i, domain);
            used[i] = minutes[i].gt(0).boolVar();
        }
        IntVar count = model.intVar("count", 0, most);
        model.sum(used, "=", count).post();
        for (int k = 0; k <= most; k++) {
            model.ifThen(model.arithm(count, "=", k).reify(), model.sum(minutes, "<=", Math.max(0, room(sketch, k))));
        }
        for (String aim : aims) {
            BoolVar[] with = IntStream.range(0, n)
                    .filter(i -> all.get(i).aims().contains(aim))
                    .mapToObj(i -> used[i])
                    .toArray(BoolVar[]::new);
            model.sum(with, ">=", 1).post();
        }
        int[] points = all.stream().mapToInt(Candidate::points).toArray();
        IntVar worth = model.intVar("worth", 0, 1_000_000);
        model.scalar(minutes, points, "=", worth).post();
        Solver solver = model.getSolver();
        IntVar[] best = IntStream.range(0, n)
                .boxed()
                .sorted(Comparator.comparingInt((Integer i) -> -points[i]))
                .map(i -> minutes[i])
                .toArray(IntVar[]::new);
        solver.setSearch(Search.inputOrderUBSearch(best));
        solver.limitNode(STEPS);
        Solution found = solver.findOptimalSolution(worth, Model.MAXIMIZE);
        return Optional.ofNullable(found)
                .map(s ->
                        IntStream.range(0, n).map(i -> s.getIntVal(minutes[i])).toArray());
    }

    // ---- one after the other ----

    private static Proposal laid(
            Session blank, Sketch sketch, List<Candidate> all, int[] minutes, List<Broken> broken) {
        List<Integer> order = IntStream.range(0, all.size())
                .filter(i -> minutes[i] > 0)
                .boxed()
                .sorted(Comparator.comparingInt((Integer i) -> aimOrder(sketch, all.get(i)))
                        .thenComparing(i -> all.get(i).drill().title()))
                .toList();
        Session s = blank.withMinutes(sketch.minutes()).withBlocks(List.of());
        s = Sessions.plain(s, Optional.empty(), What.Kind.TALK, TALK);
        s = Sessions.plain(s, Optional.empty(), What.Kind.WARM_UP, opening(sketch) - TALK);
        List<Reason> reasons = new ArrayList<>();
        for (int i : order) {
            Candidate c = all.get(i);
            s = Sessions.plain(s, Optional.empty(), What.Kind.WATER, DRINK);
            BlockId id = Sessions.next(s);
            s = Sessions.drill(s, Optional.empty(), c.drill().id(), c.drill().title(), minutes[i]);
            if (!c.aims().isEmpty()) {
                s = Sessions.aim(s, id, c.aims().get(0));
            }
            reasons.add(new Reason(
                    c.drill().title(),
                    minutes[i],
                    c.aims(),
                    (int) Math.floor(c.turnsAMinute() * minutes[i]),
                    sketch.lately().getOrDefault(c.drill().id(), -1)));
        }
        if (game(sketch) > 0) {
            s = Sessions.plain(s, Optional.empty(), What.Kind.WATER, DRINK);
            s = Sessions.plain(s, Optional.empty(), What.Kind.GAME, game(sketch));
        }
        s = Sessions.plain(s, Optional.empty(), What.Kind.TALK, TALK);
        return new Proposal(s, reasons, broken);
    }

    /** What the first aim asks for comes first, while everybody is fresh. */
    private static int aimOrder(Sketch sketch, Candidate c) {
        return c.aims().isEmpty()
                ? sketch.aims().size()
                : sketch.aims().indexOf(c.aims().get(0));
    }
}
