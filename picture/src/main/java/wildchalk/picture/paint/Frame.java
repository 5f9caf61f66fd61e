package wildchalk.picture.paint;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Travel;
import wildchalk.core.motion.CarriedGear;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;

/**
 * One moment of a drill, and what of it is to be drawn.
 *
 * @param seconds from the whistle
 * @param currentStep index of the step whose strokes are drawn in full
 * @param ghosts whether strokes of earlier steps are drawn faintly; later ones never are
 * @param selected strokes drawn with a glow
 * @param extra what is shown beside the moment itself
 */
public record Frame(
        Drill drill,
        Path path,
        Timeline timeline,
        double seconds,
        int currentStep,
        boolean ghosts,
        Set<MoveId> selected,
        Extra extra) {

    /** Strokes of earlier steps that are drawn at least, if there are so many. */
    private static final int MOST_GHOSTS = 120;

    public Frame {
        selected = Set.copyOf(selected);
        Objects.requireNonNull(extra, "extra");
    }

    /** With nothing beside the moment. */
    public Frame(
            Drill drill,
            Path path,
            Timeline timeline,
            double seconds,
            int currentStep,
            boolean ghosts,
            Set<MoveId> selected) {
        this(drill, path, timeline, seconds, currentStep, ghosts, selected, Extra.NONE);
    }

    public Frame with(Extra beside) {
        return new Frame(drill, path, timeline, seconds, currentStep, ghosts, selected, beside);
    }

    /** The same drill at another moment. */
    Frame at(double t) {
        return new Frame(drill, path, timeline, t, currentStep, ghosts, selected, extra);
    }

    /** A moment with the strokes of its own step and ghosts of those before. */
    public static Frame at(Drill drill, Path path, Timeline timeline, double seconds) {
        return new Frame(drill, path, timeline, seconds, timeline.stepIndexAt(seconds), true, Set.of());
    }

    /** The picture of a step for a sheet: everybody where the step starts, its strokes, no ghosts. */
    public static Frame ofStep(Drill drill, Path path, Timeline timeline, int step) {
        double start =
                timeline.steps().isEmpty() ? 0 : timeline.steps().get(step).start();
        return new Frame(drill, path, timeline, start, step, false, Set.of());
    }

    /** What is set out before anything moves: everybody and everything, no strokes. */
    public static Frame ofSetUp(Drill drill, Path path, Timeline timeline) {
        return new Frame(drill, path, timeline, 0, path.steps().size(), false, Set.of());
    }

    /** Where everybody and everything begins, and all that is done from there: every step on one picture. */
    public static Frame ofAll(Drill drill, Path path, Timeline timeline) {
        return ofSetUp(drill, path, timeline).with(Extra.NONE.withAllSteps().withTasks(false));
    }

    /** What is set out, each piece where it is at this moment. */
    public List<Gear> gear() {
        CarriedGear carried = CarriedGear.of(path, timeline);
        return path.gear().stream().map(g -> carried.at(g, seconds)).toList();
    }

    /** What somebody moves, where it is at this moment; the rest stays where it was set out. */
    List<Gear> movedGear() {
        CarriedGear carried = CarriedGear.of(path, timeline);
        return path.gear().stream()
                .filter(g -> carried.moves(g.id()))
                .map(g -> carried.at(g, seconds))
                .toList();
    }

    /** Moves whose strokes are drawn in full. */
    List<Step> currentSteps() {
        List<Step> steps = path.steps();
        if (extra.allSteps()) {
            return steps;
        }
        return currentStep < steps.size() ? List.of(steps.get(currentStep)) : List.of();
    }

    /** Travels of earlier steps that still go on as this one starts: their players are on the way. */
    List<Move> runningOn() {
        if (ghosts || currentStep >= path.steps().size() || timeline.steps().isEmpty()) {
            return List.of();
        }
        double start = timeline.steps().get(currentStep).start();
        return path.steps().subList(0, currentStep).stream()
                .flatMap(s -> s.moves().stream())
                .filter(m -> m instanceof Travel && !m.holdsStep())
                .filter(m ->
                        timeline.move(m.id()).happens() && timeline.move(m.id()).end() > start + LEAST_REST_SECONDS)
                .toList();
    }

    /** Less of a run than this is not worth a stroke, s. */
    private static final double LEAST_REST_SECONDS = 0.3;

    /** The steps before the current one, the latest of them where there are more strokes than the eye can follow. */
    List<Step> earlierSteps() {
        int until = ghosts ? Math.min(currentStep, path.steps().size()) : 0;
        int from = until;
        int moves = 0;
        while (from > 0 && moves < MOST_GHOSTS) {
            from--;
            moves += path.steps().get(from).moves().size();
        }
        return path.steps().subList(from, until);
    }
}
