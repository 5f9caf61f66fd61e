package wildchalk.core.inspect;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Side;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.Point;
import wildchalk.core.inspect.Inspection.OpenGoal;
import wildchalk.core.inspect.Inspection.Opening;
import wildchalk.core.inspect.Moment.Player;
import wildchalk.core.motion.Goals;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.GoalShape;
import wildchalk.core.surface.View;

/** What keepers leave of a goal. */
public final class OpenGoals {

    /** What a keeper covers to either side without a step: body and an arm, m (estimate). */
    public static final double KEEPER_COVERS_METRES = 0.8;

    private OpenGoals() {}

    static OpenGoal of(Moment moment, View view) {
        Optional<GoalMouth> goal = goal(moment);
        Field field = Field.over(view);
        double[] degrees = new double[field.size()];
        List<Point> keepers = keepers(moment);
        goal.ifPresent(g -> {
            for (int i = 0; i < degrees.length; i++) {
                double[] open = open(g, keepers, field.middle(i));
                degrees[i] = open[0] + open[1];
            }
        });
        Optional<Opening> shooter = goal.flatMap(g -> moment.carrier().map(c -> opening(g, keepers, c)));
        return new OpenGoal(goal, field, degrees, shooter);
    }

    /** The goal of the next shot; else the nearest to the ball. */
    private static Optional<GoalMouth> goal(Moment moment) {
        List<GoalMouth> all = Goals.all(moment.path, moment.surface).stream()
                .filter(g -> g.shape() != GoalShape.RING)
                .toList();
        Optional<GoalMouth> next = moment.path.moves().stream()
                .filter(m -> m instanceof Shot && moment.timeline.move(m.id()).end() >= moment.seconds)
                .min(Comparator.comparingDouble(
                        m -> moment.timeline.move(m.id()).start()))
                .flatMap(m -> all.stream()
                        .filter(g -> g.id().equals(((Shot) m).goal()))
                        .findFirst());
        Point from = moment.ball().orElse(Point.ORIGIN);
        return next.or(() ->
                all.stream().min(Comparator.comparingDouble(g -> g.centre().distanceTo(from))));
    }

    private static List<Point> keepers(Moment moment) {
        return moment.players().stream()
                .filter(p -> p.role().side() == Side.KEEPER)
                .map(Player::at)
                .toList();
    }

    private static Opening opening(GoalMouth goal, List<Point> keepers, Player shooter) {
        double[] open = open(goal, keepers, shooter.at());
        return new Opening(shooter.role().id(), shooter.at(), goal.openAngleDegrees(shooter.at()), open[0], open[1]);
    }

    /**
     * Degrees of a mouth that nobody covers.
     *
     * @return beside the nearer post, and beside the farther one; a mouth that nobody covers is halved
     */
    public static double[] open(GoalMouth goal, List<Point> keepers, Point from) {
        double whole = goal.openAngleDegrees(from);
        if (whole <= 0) {
            return new double[] {0, 0};
        }
        boolean leftIsNear =
                goal.leftPost().distanceTo(from) <= goal.rightPost().distanceTo(from);
        Point zero = (leftIsNear ? goal.leftPost() : goal.rightPost()).minus(from);
        Point end = (leftIsNear ? goal.rightPost() : goal.leftPost()).minus(from);
        double sign = Math.signum(zero.cross(end));
        List<double[]> covered = new ArrayList<>();
        for (Point keeper : keepers) {
            Point to = keeper.minus(from);
            boolean between = to.length() > 1e-6 && to.length() < Math.max(zero.length(), end.length()) + 1;
            if (between) {
                double middle = sign * Headings.normalise(to.headingDegrees() - zero.headingDegrees());
                double half = Math.toDegrees(StrictMath.atan2(KEEPER_COVERS_METRES, to.length()));
                covered.add(new double[] {middle - half, middle + half});
            }
        }
        covered.sort(Comparator.comparingDouble(c -> c[0]));
        double near = covered.isEmpty() ? whole / 2 : Math.max(0, Math.min(whole, covered.get(0)[0]));
        double open = 0;
        double until = 0;
        for (double[] c : covered) {
            open += Math.max(0, Math.min(whole, c[0]) - until);
            until = Math.max(until, Math.min(whole, c[1]));
        }
        open += Math.max(0, whole - until);
        return new double[] {near, open - near};
    }
}
