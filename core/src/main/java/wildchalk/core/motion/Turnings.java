package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.StepId;
import wildchalk.core.path.Asked;
import wildchalk.core.path.Choices;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Path;

/** The moments of a path at which somebody has to say how it goes on: at a fork, and where something is called. */
public final class Turnings {

    /** Nobody looks through more things that may be called than these. */
    public static final int MOST_CALLS = 36;

    /** Where something would be called. */
    private record Place(StepId step, double seconds) {}

    /**
     * One such moment.
     *
     * @param id of the fork or the call
     * @param step on which step of the path it comes
     * @param seconds from the whistle
     * @param by what decides
     * @param ways at least two
     */
    public record Turning(String id, StepId step, double seconds, Fork.By by, List<Option> ways) {
        public Turning {
            ways = List.copyOf(ways);
        }
    }

    /**
     * One of the ways.
     *
     * @param id of the branch, or what is called
     * @param choices those of the path, with this one
     */
    public record Option(String id, String label, Choices choices) {}

    private Turnings() {}

    /**
     * Those of a path, in order of time.
     *
     * @param timeline the times of the path
     */
    public static List<Turning> on(Path path, Timeline timeline) {
        Progression whole = path.version();
        Choices choices = path.choices();
        List<Turning> all = new ArrayList<>();
        for (Asked asked : Outcomes.callsOn(whole, choices)) {
            calls(asked, path, timeline).ifPresent(all::add);
        }
        for (Fork settled : path.course().forks()) {
            Fork fork = whole.course().fork(settled.id()).orElseThrow();
            if (fork.by() != Fork.By.CALL && fork.branches().size() > 1) {
                List<Option> ways = fork.branches().stream()
                        .map(b -> new Option(b.id().text(), b.label(), choices.with(fork.id(), b.id())))
                        .toList();
                double at = ForkTimes.at(path, timeline, settled);
                all.add(new Turning(fork.id().text(), settled.after(), at, fork.by(), ways));
            }
        }
        all.sort(Comparator.comparingDouble(Turning::seconds));
        return all;
    }

    private static Optional<Turning> calls(Asked asked, Path path, Timeline timeline) {
        CallSet set = path.version().course().call(asked.ask().set()).orElseThrow();
        if (set.count() < 2 || set.count() > MOST_CALLS) {
            return Optional.empty();
        }
        Stream<Place> moves = asked.moves().stream()
                .filter(m -> timeline.move(m).happens())
                .map(m -> new Place(
                        path.stepOf(m).orElseThrow().id(),
                        Math.max(0, timeline.move(m).start() - ForkTimes.BEFORE_SECONDS)));
        Stream<Place> forks = path.course().forks().stream()
                .filter(f -> asked.forks().contains(f.id()))
                .map(f -> new Place(f.after(), ForkTimes.at(path, timeline, f)));
        List<Option> ways = set.some(MOST_CALLS).stream()
                .map(c -> new Option(
                        String.join("-", c),
                        String.join(" › ", c),
                        path.choices().with(asked.ask(), c)))
                .toList();
        // where nothing hangs on it, nobody is asked
        return Stream.concat(moves, forks)
                .min(Comparator.comparingDouble(Place::seconds))
                .map(p -> new Turning(asked.ask().text(), p.step(), p.seconds(), Fork.By.CALL, ways));
    }
}
