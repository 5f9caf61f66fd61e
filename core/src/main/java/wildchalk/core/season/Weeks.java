package wildchalk.core.season;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import wildchalk.core.drill.DrillId;
import wildchalk.core.log.LoggedBlock;
import wildchalk.core.log.Presence;
import wildchalk.core.session.Library;
import wildchalk.core.session.Load;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionBlock;
import wildchalk.core.session.SessionPlan.Slot;
import wildchalk.core.session.StationPlan;
import wildchalk.core.session.What;
import wildchalk.core.squad.Player;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Squad;
import wildchalk.core.stopwatch.StoppedTimes;
import wildchalk.core.whistle.Part;
import wildchalk.core.whistle.Ready;

/**
 * What sessions come to together. Loads are of the model: of the age, of the drill as drawn, and of nobody in particular.
 *
 * @param practices by day
 * @param themes minutes of each theme in each week, by its Monday
 * @param planned likewise of sessions that are planned and were not run yet
 * @param shares of everybody in the squad, in its order
 * @param stopped rep times, by day
 * @param hints the most urgent first
 */
public record Weeks(
        List<Practice> practices,
        Map<LocalDate, Map<String, Double>> themes,
        Map<LocalDate, Map<String, Double>> planned,
        List<Share> shares,
        List<Stopped> stopped,
        List<Hint> hints) {

    /** After so many days something was not used lately. */
    private static final int LATELY_DAYS = 14;

    /** Run so often the same way round is worth a word. */
    private static final int ONE_SIDE_TIMES = 3;

    private static final double HALF = 0.5;

    /** With fewer turns a session nobody compares. */
    private static final double FEWEST_TURNS = 8;

    /** Rep times that differ less (share) say nothing. */
    private static final double OTHERWISE = 0.1;

    private static final int FEWEST_REPS = 4;

    /** Minutes of standing and listening in a session that are worth a word. */
    private static final double MUCH_TALK = 8;

    public Weeks {
        practices = List.copyOf(practices);
        themes = java.util.Collections.unmodifiableMap(new TreeMap<>(themes));
        planned = java.util.Collections.unmodifiableMap(new TreeMap<>(planned));
        shares = List.copyOf(shares);
        stopped = List.copyOf(stopped);
        hints = List.copyOf(hints);
    }

    /** @param run in any order */
    public static Weeks of(List<Practice> run, Optional<Squad> squad) {
        return of(run, squad, List.of(), id -> Optional.empty());
    }

    /** @param coming sessions that are planned and were not run yet */
    public static Weeks of(List<Practice> run, Optional<Squad> squad, List<Session> coming, Library library) {
        List<Practice> practices = run.stream()
                .sorted(Comparator.comparing((Practice p) -> p.planned().date())
                        .thenComparing(p -> p.planned().start()))
                .toList();
        Map<LocalDate, Map<String, Double>> themes = new TreeMap<>();
        for (Practice p : practices) {
            Map<String, Double> week = themes.computeIfAbsent(monday(p.planned().date()), m -> new TreeMap<>());
            p.themes().forEach((t, m) -> week.merge(t, m, Double::sum));
        }
        List<Share> shares = squad.map(s -> shares(practices, s)).orElse(List.of());
        List<Stopped> stopped = stopped(practices);
        Map<LocalDate, Map<String, Double>> planned = new TreeMap<>();
        for (Session s : coming) {
            Map<String, Double> week = planned.computeIfAbsent(monday(s.date()), m -> new TreeMap<>());
            Practice.themes(s, library).forEach((t, m) -> week.merge(t, m, Double::sum));
        }
        return new Weeks(practices, themes, planned, shares, stopped, hints(practices, themes, shares, stopped, squad));
    }

    public static LocalDate monday(LocalDate day) {
        return day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    }

    /** All themes, those with the most minutes first. */
    public List<String> allThemes() {
        Map<String, Double> sums = new TreeMap<>();
        themes.values().forEach(w -> w.forEach((t, m) -> sums.merge(t, m, Double::sum)));
        planned.values().forEach(w -> w.forEach((t, m) -> sums.merge(t, m, Double::sum)));
        return sums.entrySet().stream()
                .sorted(Map.Entry.<String, Double>comparingByValue().reversed())
                .map(Map.Entry::getKey)
                .toList();
    }

    // ---- players ----

    private static List<Share> shares(List<Practice> practices, Squad squad) {
        List<Share> shares = new ArrayList<>();
        for (Player player : squad.players()) {
            PlayerId id = player.id();
            int there = 0;
            int known = 0;
            int late = 0;
            Load load = Load.NONE;
            for (Practice p : practices) {
                Optional<Boolean> came = p.came(id);
                known += came.isPresent() ? 1 : 0;
                if (came.orElse(false)) {
                    there++;
                    late += p.log().attendance().get(id) == Presence.LATE ? 1 : 0;
                    load = load.plus(p.load(id).orElse(Load.NONE));
                }
            }
            shares.add(new Share(id, there, known, late, load));
        }
        return shares;
    }

    // ---- rep times ----

    private static List<Stopped> stopped(List<Practice> practices) {
        List<Stopped> all = new ArrayList<>();
        for (Practice p : practices) {
            for (LoggedBlock b : p.log().blocks()) {
                List<Double> times = b.repSeconds().stream().filter(s -> s > 0).toList();
                Optional<Slot> slot = p.done().slots().stream()
                        .filter(s -> s.change().isEmpty() && s.block().id().equals(b.block()))
                        .findFirst();
                if (times.isEmpty() || slot.isEmpty() || !(slot.get().block().what() instanceof What.Drilling d)) {
                    continue;
                }
                Ready ready = Ready.of(new Part(
                        slot.get().block(),
                        Optional.empty(),
                        slot.get().to() - slot.get().from(),
                        slot.get().rounds()));
                all.add(new Stopped(
                        d.stations().get(0).drill(),
                        p.planned().date(),
                        times.size(),
                        StoppedTimes.of(times).median(),
                        ready.interval().orElse(0.0)));
            }
        }
        return all;
    }

    // ---- what is worth a thought ----

    private static List<Hint> hints(
            List<Practice> practices,
            Map<LocalDate, Map<String, Double>> themes,
            List<Share> shares,
            List<Stopped> stopped,
            Optional<Squad> squad) {
        List<Hint> hints = new ArrayList<>();
        if (practices.isEmpty()) {
            return hints;
        }
        Practice last = practices.get(practices.size() - 1);
        last.missed()
                .forEach(b -> hints.add(hint(
                        Hint.Kind.MISSED,
                        List.of(b.title()),
                        last.log().minutes(b.id()).orElse(0.0),
                        b.minutes())));
        turns(shares, squad).ifPresent(hints::add);
        hints.addAll(sides(practices));
        hints.addAll(lately(practices, last.planned().date()));
        hints.addAll(themesLately(practices, last.planned().date()));
        hints.addAll(paces(stopped));
        double talk = practices.stream().mapToDouble(Practice::talkMinutes).sum() / practices.size();
        if (talk >= MUCH_TALK) {
            hints.add(hint(Hint.Kind.TALK, List.of(), talk));
        }
        return hints;
    }

    private static Hint hint(Hint.Kind kind, List<String> names, double... figures) {
        return new Hint(kind, names, java.util.Arrays.stream(figures).boxed().toList());
    }

    /** Of the field players, whoever had fewest turns a session against whoever had most. */
    private static Optional<Hint> turns(List<Share> shares, Optional<Squad> squad) {
        List<Share> field = shares.stream()
                .filter(s -> s.there() > 0 && s.load().turns() > 0)
                .filter(s -> squad.flatMap(q -> q.player(s.player()))
                        .filter(Player::keeper)
                        .isEmpty())
                .sorted(Comparator.comparingDouble(Share::turnsEach))
                .toList();
        if (field.size() < 2) {
            return Optional.empty();
        }
        Share least = field.get(0);
        Share most = field.get(field.size() - 1);
        return most.turnsEach() >= FEWEST_TURNS && least.turnsEach() <= HALF * most.turnsEach()
                ? Optional.of(hint(
                        Hint.Kind.FEW_TURNS,
                        List.of(least.player().text(), most.player().text()),
                        least.turnsEach(),
                        most.turnsEach()))
                : Optional.empty();
    }

    /** Drills that were run several times, and every time the same way round. */
    private static List<Hint> sides(List<Practice> practices) {
        Map<DrillId, Integer> times = new LinkedHashMap<>();
        Map<DrillId, Set<Boolean>> ways = new LinkedHashMap<>();
        for (Practice p : practices) {
            Set<DrillId> here = new LinkedHashSet<>();
            for (SessionBlock b : p.done().session().blocks()) {
                if (b.what() instanceof What.Drilling d) {
                    for (StationPlan s : d.stations()) {
                        here.add(s.drill());
                        Set<Boolean> seen = ways.computeIfAbsent(s.drill(), k -> new LinkedHashSet<>());
                        seen.add(s.place().mirrored());
                        if (d.turning() == What.Turning.SIDES) {
                            seen.add(!s.place().mirrored());
                        }
                    }
                }
            }
            here.forEach(d -> times.merge(d, 1, Integer::sum));
        }
        List<Hint> hints = new ArrayList<>();
        times.forEach((drill, n) -> {
            if (n >= ONE_SIDE_TIMES && ways.get(drill).size() == 1) {
                hints.add(hint(Hint.Kind.ONE_SIDE, List.of(drill.text()), n));
            }
        });
        return hints;
    }

    private static List<Hint> lately(List<Practice> practices, LocalDate today) {
        Map<DrillId, LocalDate> last = new LinkedHashMap<>();
        practices.forEach(p -> p.drills().forEach(d -> last.put(d, p.planned().date())));
        List<Hint> hints = new ArrayList<>();
        last.forEach((drill, day) -> {
            long days = ChronoUnit.DAYS.between(day, today);
            if (days >= LATELY_DAYS) {
                hints.add(hint(Hint.Kind.NOT_LATELY, List.of(drill.text()), days));
            }
        });
        return hints;
    }

    private static List<Hint> themesLately(List<Practice> practices, LocalDate today) {
        Map<String, LocalDate> last = new LinkedHashMap<>();
        practices.forEach(
                p -> p.themes().keySet().forEach(t -> last.put(t, p.planned().date())));
        List<Hint> hints = new ArrayList<>();
        last.forEach((theme, day) -> {
            long days = ChronoUnit.DAYS.between(day, today);
            if (days >= LATELY_DAYS) {
                hints.add(hint(Hint.Kind.THEME_NOT_LATELY, List.of(theme), days));
            }
        });
        return hints;
    }

    /** Of each drill the latest rep times that are enough. */
    private static List<Hint> paces(List<Stopped> stopped) {
        Map<DrillId, Stopped> latest = new LinkedHashMap<>();
        stopped.stream().filter(s -> s.reps() >= FEWEST_REPS && s.drawn() > 0).forEach(s -> latest.put(s.drill(), s));
        List<Hint> hints = new ArrayList<>();
        latest.values().forEach(s -> {
            if (Math.abs(s.slower()) >= OTHERWISE) {
                hints.add(hint(
                        s.slower() > 0 ? Hint.Kind.SLOWER : Hint.Kind.FASTER,
                        List.of(s.drill().text()),
                        Math.abs(s.slower()),
                        s.median(),
                        s.drawn()));
            }
        });
        return hints;
    }
}
