package wildchalk.core.reps;

import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Station;
import wildchalk.core.motion.Pace;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;

/**
 * What a drill gives under one setting, all that there is to say about it.
 *
 * @param block of the fullest station, if nobody misses
 * @param fit what other head counts give
 * @param spread with misses of the age
 */
public record Outlook(Setting setting, RepScript script, Block block, Fit fit, Spread spread) {

    /** How often misses are drawn. */
    private static final int DRAWS = 20;

    /** To stand in lines again after a change (s; estimate: 8 to 15). */
    private static final double LINE_UP_SECONDS = 12;

    public static Outlook of(Drill drill, Path asked, Setting setting) {
        Path path = RunThrough.byClock(drill, asked);
        Pace pace = Pace.of(setting.age(), drill.surface());
        return of(path, RepScript.of(path, Timeline.of(path, drill.surface(), pace), pace), setting);
    }

    /** @param script at the age of the setting */
    public static Outlook of(Path path, RepScript script, Setting setting) {
        Conditions conditions = setting.stations(path).get(0);
        return new Outlook(
                setting,
                script,
                Block.of(script, conditions, setting.minutes()),
                Fit.of(script, conditions, setting.minutes(), setting.age()),
                Spread.of(
                        script,
                        conditions,
                        Misses.at(setting.age())
                                .then(script.path().course().conduct().lost()),
                        setting.minutes(),
                        DRAWS));
    }

    /** Under another setting; what does not hang on what is different stays. */
    public Outlook with(Drill drill, Setting other) {
        if (other.age() != setting.age()) {
            return of(drill, script.path(), other);
        }
        Path path = script.path();
        Conditions conditions = other.stations(path).get(0);
        boolean sameFit = other.withPeople(1).equals(setting.withPeople(1));
        return new Outlook(
                other,
                script,
                Block.of(script, conditions, other.minutes()),
                sameFit ? fit : Fit.of(script, conditions, other.minutes(), other.age()),
                Spread.of(
                        script,
                        conditions,
                        Misses.at(other.age())
                                .then(script.path().course().conduct().lost()),
                        other.minutes(),
                        DRAWS));
    }

    /** Everybody and every ball at a moment, for whoever watches. */
    public Flows flows() {
        return Flows.of(script, setting);
    }

    /** What everybody gets if the groups go round all stations in these minutes; empty where there is but one, or no time to. */
    public Optional<Circuit> swapping() {
        List<Station> others = script.path().layout().stations();
        double farthest = others.stream()
                .mapToDouble(s -> s.from().distanceTo(s.at()))
                .max()
                .orElse(0);
        double swap = LINE_UP_SECONDS + farthest / script.walkSpeed;
        if (others.isEmpty() || others.size() * swap >= 60 * setting.minutes()) {
            return Optional.empty();
        }
        List<Circuit.Stop> stops = setting.stations(script.path()).stream()
                .map(c -> new Circuit.Stop(script, c))
                .toList();
        return Optional.of(Circuit.of(stops, groups(), setting.minutes(), swap));
    }

    /** How many people there are at each station, the fullest first. */
    public List<Integer> groups() {
        return setting.groups(script.path());
    }

    /** How many balls it takes at all stations so that no rep waits for one. */
    public int ballsForAll() {
        return groups().size() * block.ballsForAll();
    }

    /** How many balls it takes to start at all stations. */
    public int leastBalls() {
        return groups().size() * script.ballsOfOneRep();
    }

    /** Whether there are fewer; everything else is told as if there were these. */
    public boolean hasTooFewBalls() {
        return setting.balls().isPresent() && setting.balls().getAsInt() < leastBalls();
    }

    /** Whether there are fewer people than a rep takes. */
    public boolean isTooFew() {
        return setting.people() - setting.insteadOfCoach(script.path()) < fit.fewest();
    }

    /** How many more there are than have a place or a line to stand in. */
    public int leftOver() {
        int there = groups().stream()
                .mapToInt(n -> Math.min(n, block.people().size()))
                .sum();
        return Math.max(0, setting.people() - setting.insteadOfCoach(script.path()) - there);
    }
}
