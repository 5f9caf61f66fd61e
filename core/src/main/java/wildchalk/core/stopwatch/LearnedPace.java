package wildchalk.core.stopwatch;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.motion.Launches;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;

/**
 * A pace from stopped times: the factor on everybody's or one player's speed with which the model takes as long as they did.
 *
 * @param times that were stopped
 * @param model seconds that the drill takes as it is
 * @param factor on the pace that is drawn now; empty where no pace within what a role may have takes so long
 * @param low factor if the median is as much too short as two of three are
 * @param high likewise too long: the slower the time, the lower the factor
 */
public record LearnedPace(
        StoppedTimes times, double model, Optional<Double> factor, Optional<Double> low, Optional<Double> high) {

    /** Between two looks for a pace at which it takes so long. */
    private static final double STEP = 0.1;

    private static final int HALVINGS = 40;

    /** Pace is written no finer. */
    private static final double FINE = 100;

    /**
     * @param role whose go was stopped, from his first move to his last; empty for the whole rep and everybody
     */
    public static LearnedPace of(Drill drill, Path path, Optional<RoleId> role, StoppedTimes times) {
        double model = seconds(drill, path, role, 1);
        return new LearnedPace(
                times,
                model,
                factor(drill, path, role, times.median()),
                factor(drill, path, role, times.median() + times.uncertainty()),
                factor(drill, path, role, Math.max(0.01, times.median() - times.uncertainty())));
    }

    /** Seconds that it takes at a factor. */
    static double seconds(Drill drill, Path path, Optional<RoleId> role, double factor) {
        Path paced = Path.of(paced(path.version(), role, factor), path.choices());
        Timeline timeline = Timeline.of(drill.withProgression(paced.version()), paced);
        if (role.isEmpty()) {
            return timeline.seconds();
        }
        double from = Double.POSITIVE_INFINITY;
        double to = 0;
        for (Move move : paced.moves()) {
            MoveSpan span = timeline.move(move.id());
            if (move.role().equals(role.get()) && span.happens()) {
                from = Math.min(from, span.start());
                to = Math.max(to, span.roleFree());
            }
        }
        return Math.max(0, to - from);
    }

    /** Those whose pace it is, so much faster; within what a role may have. */
    public static Progression paced(Progression version, Optional<RoleId> role, double factor) {
        Progression paced = version;
        for (Role r : version.roles()) {
            if (role.isEmpty() || role.get().equals(r.id())) {
                double pace = Math.rint(FINE * r.pace() * factor) / FINE;
                paced = paced.with(r.withPace(Math.max(Role.MIN_PACE, Math.min(Role.MAX_PACE, pace))));
            }
        }
        return paced;
    }

    /**
     * The factor on everybody's pace with which the next rep starts after so many seconds; empty where nobody has said when it
     * starts, where a whistle says it, or where no pace within what a role may have takes so long.
     */
    public static Optional<Double> ofInterval(Drill drill, Path path, double wanted) {
        return interval(drill, path, 1)
                .flatMap(now -> factor(
                        path,
                        Optional.empty(),
                        wanted,
                        f -> interval(drill, path, f).orElse(now)));
    }

    /** Seconds from rep to rep at a factor. */
    private static Optional<Double> interval(Drill drill, Path path, double factor) {
        Path paced = Path.of(paced(path.version(), Optional.empty(), factor), path.choices());
        return Launches.period(paced, Timeline.of(drill.withProgression(paced.version()), paced));
    }

    private static Optional<Double> factor(Drill drill, Path path, Optional<RoleId> role, double wanted) {
        return factor(path, role, wanted, f -> seconds(drill, path, role, f));
    }

    private static Optional<Double> factor(
            Path path, Optional<RoleId> role, double wanted, DoubleUnaryOperator seconds) {
        List<Role> whose = path.version().roles().stream()
                .filter(r -> role.isEmpty() || role.get().equals(r.id()))
                .toList();
        double slow =
                whose.stream().mapToDouble(r -> Role.MIN_PACE / r.pace()).max().orElse(1);
        double fast =
                whose.stream().mapToDouble(r -> Role.MAX_PACE / r.pace()).min().orElse(1);
        double now = Math.max(slow, Math.min(fast, 1));
        // quicker takes less, but not for ever: who goes by others overruns them in the end
        boolean tooLong = seconds.applyAsDouble(now) > wanted;
        return found(wanted, seconds, now, tooLong ? fast : slow)
                .or(() -> found(wanted, seconds, now, tooLong ? slow : fast));
    }

    /** The factor nearest to one, in the direction of another, at which it takes so long; empty where it never does. */
    private static Optional<Double> found(double wanted, DoubleUnaryOperator seconds, double from, double to) {
        double step = Math.copySign(STEP, to - from);
        double before = from;
        boolean longer = seconds.applyAsDouble(from) > wanted;
        while (before != to) {
            double next = Math.abs(to - before) <= STEP ? to : before + step;
            if (seconds.applyAsDouble(next) > wanted != longer) {
                return Optional.of(between(wanted, seconds, longer ? before : next, longer ? next : before));
            }
            before = next;
        }
        return Optional.empty();
    }

    /**
     * By halving.
     *
     * @param slow at which it takes longer
     * @param fast at which it does not
     */
    private static double between(double wanted, DoubleUnaryOperator seconds, double slow, double fast) {
        double longer = slow;
        double shorter = fast;
        for (int i = 0; i < HALVINGS && Math.abs(shorter - longer) > 0.5 / FINE; i++) {
            double middle = (longer + shorter) / 2;
            if (seconds.applyAsDouble(middle) > wanted) {
                longer = middle;
            } else {
                shorter = middle;
            }
        }
        return (longer + shorter) / 2;
    }
}
