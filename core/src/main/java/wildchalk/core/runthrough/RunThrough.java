package wildchalk.core.runthrough;

import java.util.List;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Travel;
import wildchalk.core.motion.HeadCounts;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Timeline;
import wildchalk.core.motion.Turnings;
import wildchalk.core.motion.Turnings.Turning;
import wildchalk.core.path.Choices;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Path;
import wildchalk.core.path.Way;

/**
 * One path through one version of a drill with all that was worked out for it.
 *
 * @param timeline its times
 * @param numbers who plays against whom, step by step
 * @param turnings the moments at which somebody has to say how it goes on, in order of time
 * @param own figures with which a club looks at it
 * @param label what the path is called: "blue wins it › save"; empty where there is one way only
 */
public record RunThrough(
        Drill drill,
        Path path,
        Timeline timeline,
        HeadCounts numbers,
        List<Turning> turnings,
        String label,
        OwnFigures own) {

    public RunThrough {
        turnings = List.copyOf(turnings);
    }

    /** Along the likeliest path. */
    public static RunThrough of(Drill drill, Progression version) {
        return of(drill, Path.usual(version));
    }

    public static RunThrough of(Drill drill, Path path) {
        return of(drill, path, OwnFigures.NONE);
    }

    /** @param own figures of the second look that a club has set itself */
    public static RunThrough of(Drill drill, Path path, OwnFigures own) {
        Timeline timeline = Timeline.of(drill, path);
        return new RunThrough(
                drill,
                path,
                timeline,
                HeadCounts.of(path, drill.surface(), timeline),
                Turnings.on(path, timeline),
                Outcomes.areMany(path.version())
                        ? Outcomes.way(path.version(), path.choices()).label()
                        : "",
                own);
    }

    /** From which figures on it is said that somebody is too near. */
    public Clearances clearances() {
        return Clearances.of(drill, own);
    }

    /** The version with all its ways. */
    public Progression version() {
        return path.version();
    }

    public Choices choices() {
        return path.choices();
    }

    /** The same version along every path; this one alone where it goes one way only, or too many to show. */
    public List<Path> everyWay(int most) {
        if (!Outcomes.areMany(version()) || Outcomes.areMoreThan(version(), most)) {
            return List.of(path);
        }
        List<Way> ways = Outcomes.ways(version());
        return ways.size() < 2
                ? List.of(path)
                : ways.stream().map(w -> Path.of(version(), w.choices())).toList();
    }

    /** What everybody together travels, m. */
    public double metresMoved() {
        return timeline.moves().stream()
                .filter(m -> path.move(m.move()).orElseThrow() instanceof Travel)
                .mapToDouble(MoveSpan::metres)
                .sum();
    }
}
