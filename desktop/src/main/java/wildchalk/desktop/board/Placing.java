package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.core.arrange.Copies;
import wildchalk.core.arrange.Pattern;
import wildchalk.core.arrange.Patterns;
import wildchalk.core.arrange.Snapping;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Footprint;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Slugs;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Goals;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.GoalShape;
import wildchalk.core.surface.Surface;
import wildchalk.desktop.document.Selection;
import wildchalk.picture.paint.Frame;

/** Puts something from the tray on the surface, with the label and the facing that it would usually have. */
final class Placing {

    /** A ball put down this near (m) to a player is in the player's hands. */
    private static final double IN_HAND_METRES = 1.3;

    /** What was put down. */
    record Placed(Progression after, Selection selection) {}

    private Placing() {}

    static Placed place(Frame frame, TrayItem item, Point wanted, double snapMetres) {
        Progression drill = frame.progression();
        Surface surface = frame.drill().surface();
        Point at =
                Snapping.of(drill, surface, Set.of(), snapMetres).place(wanted).at();
        return switch (item) {
            case ATTACK -> role(drill, Side.ATTACK, "A", at, 0);
            case DEFENCE -> role(drill, Side.DEFENCE, "D", at, 180);
            case NEUTRAL -> role(drill, Side.NEUTRAL, "N", at, 0);
            case KEEPER -> role(drill, Side.KEEPER, "K", at, awayFromGoal(drill, surface, at));
            case COACH -> role(drill, Side.COACH, "C", at, 0);
            case LINE -> line(drill, at);
            case BALL -> ball(frame, wanted, at);
            case MINI_GOAL -> gear(drill, GearKind.MINI_GOAL, at, towardsMiddle(at));
            case GOAL -> goal(drill, surface, at);
            default ->
                item.gear()
                        .map(kind -> gear(drill, kind, at, 0))
                        .orElseThrow(() -> new IllegalArgumentException("The tool " + item + " puts nothing down."));
        };
    }

    /** A goal as large as those that stand on the surface. */
    private static Placed goal(Progression drill, Surface surface, Point at) {
        Footprint size = surface.goals().stream()
                .filter(g -> g.shape() == GoalShape.NET || g.shape() == GoalShape.TRIANGLE)
                .findFirst()
                .map(g -> new Footprint(g.widthMetres(), Math.max(0.4, g.depthMetres())))
                .orElse(GearKind.GOAL.footprint());
        Gear goal = new Gear(drill.nextGearId(), GearKind.GOAL, Chalk.ORANGE, at, towardsMiddle(at)).withSize(size);
        return new Placed(drill.with(goal), Selection.of(goal.id()));
    }

    /** The pattern with its middle at a place. */
    static Copies.Pasted pattern(Frame frame, Pattern pattern, Point wanted, double heading, double snapMetres) {
        Point at = Snapping.of(frame.progression(), frame.drill().surface(), Set.of(), snapMetres)
                .place(wanted)
                .at();
        return Patterns.lay(frame.progression(), pattern, at, heading);
    }

    private static Placed role(Progression drill, Side side, String letter, Point at, double facing) {
        String label = nextLabel(drill, letter);
        RoleId id = roleId(drill, label);
        return new Placed(drill.with(new Role(id, label, side, Optional.of(at), facing, 1)), Selection.of(id));
    }

    private static String nextLabel(Progression drill, String letter) {
        Set<String> taken = drill.roles().stream().map(Role::label).collect(Collectors.toSet());
        for (int n = 1; ; n++) {
            if (!taken.contains(letter + n)) {
                return letter + n;
            }
        }
    }

    private static RoleId roleId(Progression drill, String label) {
        RoleId id = new RoleId(Slugs.of(label));
        return drill.role(id).isEmpty() ? id : drill.nextRoleId();
    }

    /** A line gives its first player, who is an attacker until told otherwise. */
    private static Placed line(Progression drill, Point at) {
        String label = nextLabel(drill, "A");
        RoleId role = roleId(drill, label);
        String letter = String.valueOf((char) ('P' + drill.lines().size() % 10));
        WaitingLine line = new WaitingLine(drill.nextLineId(), letter, at, 0, List.of(role), 4);
        Progression after = drill.withPeople(
                add(drill.lines(), line),
                add(drill.roles(), new Role(role, label, Side.ATTACK, Optional.empty(), 0, 1)),
                drill.balls(),
                drill.steps());
        return new Placed(after, Selection.of(line.id()));
    }

    private static <T> List<T> add(List<T> list, T item) {
        List<T> longer = new ArrayList<>(list);
        longer.add(item);
        return longer;
    }

    private static Placed ball(Frame frame, Point wanted, Point at) {
        Progression drill = frame.progression();
        Optional<RoleId> near = drill.roles().stream()
                .map(Role::id)
                .filter(r -> place(frame, r).isWithin(IN_HAND_METRES, wanted))
                .min(Comparator.comparingDouble(r -> place(frame, r).distanceTo(wanted)));
        Ball ball = new Ball(
                drill.nextBallId(), near.<Ball.Start>map(Ball.With::new).orElseGet(() -> new Ball.Loose(at)));
        return new Placed(drill.with(ball), Selection.of(ball.id()));
    }

    private static Point place(Frame frame, RoleId role) {
        return frame.timeline().poseAt(role, frame.seconds()).at();
    }

    private static Placed gear(Progression drill, GearKind kind, Point at, double facing) {
        Gear gear = new Gear(drill.nextGearId(), kind, kind == GearKind.POLE ? Chalk.WHITE : Chalk.ORANGE, at, facing);
        return new Placed(drill.with(gear), Selection.of(gear.id()));
    }

    private static double awayFromGoal(Progression drill, Surface surface, Point at) {
        return Goals.all(drill, surface).stream()
                .min(Comparator.comparingDouble(g -> g.centre().distanceTo(at)))
                .map(GoalMouth::facingDegrees)
                .orElse(0.0);
    }

    /** Quarter turns: somebody who sets a goal out stands it square. */
    private static double towardsMiddle(Point at) {
        return at.equals(Point.ORIGIN) ? 180 : Math.round(at.times(-1).headingDegrees() / 90) * 90.0;
    }
}
