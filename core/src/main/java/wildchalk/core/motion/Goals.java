package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Aim;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.Scene;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.Surface;

/** Goals of the surface and goals that were set out, as one list. */
public final class Goals {

    /** A shot at a corner is meant this far (m) inside the post, or a quarter of a small goal. */
    private static final double INSIDE_POST_METRES = 0.3;

    private Goals() {}

    public static List<GoalMouth> all(Scene scene, Surface surface) {
        List<GoalMouth> goals = new ArrayList<>(surface.goals());
        scene.gear().stream().filter(g -> g.kind().isGoal()).map(Gear::asGoal).forEach(goals::add);
        return goals;
    }

    /** The goal of that name, or the piece of gear that is to be hit. */
    public static Optional<GoalMouth> find(Scene scene, Surface surface, String id) {
        return all(scene, surface).stream()
                .filter(g -> g.id().equals(id))
                .findFirst()
                .or(() -> target(scene, id).map(Gear::asTarget));
    }

    /** The piece of gear that is to be hit, which is no goal. */
    public static Optional<Gear> target(Scene scene, String id) {
        return scene.gear().stream()
                .filter(g -> !g.kind().isGoal() && g.id().text().equals(id))
                .findFirst();
    }

    /** The goal nearest to a place; empty where there is none. */
    public static Optional<GoalMouth> nearest(Scene scene, Surface surface, Point place) {
        return all(scene, surface).stream()
                .min(Comparator.comparingDouble(g -> g.centre().distanceTo(place)));
    }

    /** The point on the goal line that a shot from a place is meant for. */
    public static Point target(GoalMouth goal, Aim aim, Point from) {
        Point left = goal.leftPost();
        Point right = goal.rightPost();
        boolean leftIsNear = from.distanceTo(left) <= from.distanceTo(right);
        double inset = Math.min(0.25, INSIDE_POST_METRES / goal.widthMetres());
        return switch (aim) {
            case MIDDLE -> goal.centre();
            case NEAR -> leftIsNear ? left.towards(right, inset) : right.towards(left, inset);
            case FAR -> leftIsNear ? right.towards(left, inset) : left.towards(right, inset);
        };
    }
}
