package wildchalk.core.runthrough;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
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
import wildchalk.core.text.Texts;

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
    public static RunThrough of(Drill drill, Path asked, OwnFigures own) {
        Clocked clocked = Clocked.of(drill, asked);
        Path path = clocked.path();
        Timeline timeline = clocked.timeline();
        Map<MoveId, Move> goals = new HashMap<>(timeline.workedOut());
        // where a challenge takes somebody is no travel that anybody told
        goals.keySet().removeIf(m -> path.move(m).orElseThrow() instanceof Act);
        Path known = path.withWorkedOut(goals);
        return new RunThrough(
                drill,
                known,
                timeline,
                HeadCounts.of(known, drill.surface(), timeline),
                Turnings.on(known, timeline),
                label(path),
                own);
    }

    private static String label(Path path) {
        String way = Outcomes.areMany(path.version())
                ? Outcomes.way(path.version(), path.choices()).label()
                : "";
        String side =
                switch (path.choices().rep()) {
                    case DRAWN -> "";
                    case OTHER_SIDE -> Texts.CORE.get("path.other-side");
                    case FIRST -> Texts.CORE.get("path.first-rep");
                };
        return way.isEmpty() || side.isEmpty() ? way + side : way + " › " + side;
    }

    /** A path as the clock has it: races go the way of whoever is first. */
    public static Path byClock(Drill drill, Path path) {
        boolean races = path.version().course().forks().stream().anyMatch(Fork::isByClock);
        return races ? Clocked.of(drill, path).path() : path;
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

    /** What everybody together travels, m; in open play about so much. */
    public double metresMoved() {
        double sum = 0;
        for (Move move : path.moves()) {
            MoveSpan span = timeline.move(move.id());
            if (move instanceof Travel) {
                sum += span.metres();
            } else if (move instanceof Act act && act.deed() instanceof OpenPlay play) {
                sum += timeline.metres(act.role(), span.start(), span.end());
                for (RoleId role : play.with()) {
                    sum += timeline.metres(role, span.start(), span.end());
                }
            }
        }
        return sum;
    }
}
