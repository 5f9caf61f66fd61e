package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.arrange.Pattern;
import wildchalk.core.arrange.Snapping;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.Footprint;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Side;
import wildchalk.core.edit.Edit;
import wildchalk.core.edit.Placements;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Goals;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.GoalShape;
import wildchalk.core.surface.Surface;
import wildchalk.picture.paint.Frame;

/** Puts something from the tray on the surface, with the label and the facing that it would usually have. */
final class Placing {

    /** People stand so far (m) from each other, gear from anything. */
    private static final double BODY_ROOM_METRES = 0.8;

    private static final double GEAR_ROOM_METRES = 0.25;

    /** A free place is looked for in rings so far (m) apart. */
    private static final double RING_METRES = 1;

    private static final int MOST_RINGS = 6;

    private static final double NO_SNAP = 1e-3;

    /** A ball put down this near (m) to a player is in the player's hands. */
    private static final double IN_HAND_METRES = 1.3;

    /** Stands for the id that it gets when it is put down. */
    private static final GearId NEW = new GearId("new");

    private Placing() {}

    /** The edit that puts something down near a place. */
    static Edit place(Frame frame, TrayItem item, Point wanted, double snapMetres) {
        Surface surface = frame.drill().surface();
        Point snapped = Snapping.of(frame.path(), surface, Set.of(), snapMetres)
                .place(wanted)
                .at();
        Point at = item == TrayItem.BALL ? snapped : free(frame, item, snapped);
        return switch (item) {
            case ATTACK -> Placements.role(Side.ATTACK, "A", at, 0);
            case DEFENCE -> Placements.role(Side.DEFENCE, "D", at, 180);
            case NEUTRAL -> Placements.role(Side.NEUTRAL, "N", at, 0);
            case KEEPER -> Placements.role(Side.KEEPER, "K", at, awayFromGoal(frame.path(), surface, at));
            case COACH -> Placements.role(Side.COACH, "C", at, 0);
            case LINE -> Placements.line(at);
            case BALL -> Placements.ball(near(frame, wanted), at);
            case MINI_GOAL -> gear(GearKind.MINI_GOAL, at, towardsMiddle(at));
            case GOAL -> goal(surface, at);
            default ->
                item.gear()
                        .map(kind -> gear(kind, at, 0))
                        .orElseThrow(() -> new IllegalArgumentException("The tool " + item + " puts nothing down."));
        };
    }

    /** The place, or the nearest beside it where nothing stands: nobody stands on somebody else. */
    private static Point free(Frame frame, TrayItem item, Point wanted) {
        double room = item.gear().isPresent() ? GEAR_ROOM_METRES : BODY_ROOM_METRES;
        List<Point> taken = new ArrayList<>();
        for (ElementId id : Elements.all(frame.path())) {
            boolean stands = id instanceof RoleId || id instanceof GearId || id instanceof LineId;
            if (stands) {
                Elements.place(frame.path(), id).ifPresent(taken::add);
            }
        }
        for (int ring = 0; ring <= MOST_RINGS; ring++) {
            for (int side = 0; side < (ring == 0 ? 1 : 8); side++) {
                Point at = wanted.plus(Point.polar(ring * RING_METRES, 45.0 * side - 90))
                        .toMillimetres();
                if (taken.stream().noneMatch(t -> t.isWithin(room, at))) {
                    return at;
                }
            }
        }
        return wanted;
    }

    /** So many in a row between two places, the first and the last among them. */
    static Edit row(Frame frame, TrayItem item, Point from, Point to, int count) {
        List<Edit> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Point at = count == 1 ? from : from.towards(to, i / (count - 1.0));
            all.add(place(frame, item, at.toMillimetres(), NO_SNAP));
        }
        return Edit.all(all.get(0).kind(), all);
    }

    /** A goal as large as those that stand on the surface. */
    private static Edit goal(Surface surface, Point at) {
        Footprint size = surface.goals().stream()
                .filter(g -> g.shape() == GoalShape.NET || g.shape() == GoalShape.TRIANGLE)
                .findFirst()
                .map(g -> new Footprint(g.widthMetres(), Math.max(0.4, g.depthMetres())))
                .orElse(GearKind.GOAL.footprint());
        return Placements.gear(new Gear(NEW, GearKind.GOAL, Chalk.ORANGE, at, towardsMiddle(at)).withSize(size));
    }

    /** The pattern with its middle at a place. */
    static Edit pattern(Frame frame, Pattern pattern, Point wanted, double heading, double snapMetres) {
        Point at = Snapping.of(frame.path(), frame.drill().surface(), Set.of(), snapMetres)
                .place(wanted)
                .at();
        return Placements.pattern(pattern, at, heading);
    }

    private static Optional<RoleId> near(Frame frame, Point wanted) {
        return frame.path().roles().stream()
                .map(Role::id)
                .filter(r -> place(frame, r).isWithin(IN_HAND_METRES, wanted))
                .min(Comparator.comparingDouble(r -> place(frame, r).distanceTo(wanted)));
    }

    private static Point place(Frame frame, RoleId role) {
        return frame.timeline().poseAt(role, frame.seconds()).at();
    }

    private static Edit gear(GearKind kind, Point at, double facing) {
        return Placements.gear(new Gear(NEW, kind, kind == GearKind.POLE ? Chalk.WHITE : Chalk.ORANGE, at, facing));
    }

    private static double awayFromGoal(Scene scene, Surface surface, Point at) {
        return Goals.all(scene, surface).stream()
                .min(Comparator.comparingDouble(g -> g.centre().distanceTo(at)))
                .map(GoalMouth::facingDegrees)
                .orElse(0.0);
    }

    /** Quarter turns: somebody who sets a goal out stands it square. */
    private static double towardsMiddle(Point at) {
        return at.equals(Point.ORIGIN) ? 180 : Math.round(at.times(-1).headingDegrees() / 90) * 90.0;
    }
}
