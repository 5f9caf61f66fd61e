package wildchalk.core.inspect;

import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.geometry.Point;
import wildchalk.core.inspect.Moment.Player;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.View;

/** What is looked at in one moment. */
public sealed interface Inspection {

    /** Everything that can be looked at. */
    enum Kind {
        OPEN_GOAL,
        SPACE,
        OUTLETS,
        SIGHT,
        SHAPE,
        BRAKING,
        GOING
    }

    Kind kind();

    /** @param view the part of the surface that is looked at */
    static Inspection of(Kind kind, Moment moment, View view) {
        return switch (kind) {
            case OPEN_GOAL -> OpenGoals.of(moment, view);
            case SPACE -> Spaces.of(moment, view);
            case OUTLETS -> Outlets.of(moment);
            case SIGHT -> Sights.of(moment);
            case SHAPE -> Shapes.of(moment);
            case BRAKING -> Brakings.of(moment);
            case GOING -> Goings.of(moment);
        };
    }

    /**
     * How open a goal is from everywhere.
     *
     * @param goal empty where the surface has none
     * @param degrees for each cell, what the keepers leave of the mouth
     * @param shooter whoever has the ball, and what he has
     */
    record OpenGoal(Optional<GoalMouth> goal, Field field, double[] degrees, Optional<Opening> shooter)
            implements Inspection {
        @Override
        public Kind kind() {
            return Kind.OPEN_GOAL;
        }
    }

    /**
     * A goal mouth seen from a place.
     *
     * @param whole degrees of the mouth without keepers
     * @param near degrees that are open beside the nearer post
     * @param far degrees that are open beside the farther one
     */
    record Opening(RoleId role, Point from, double whole, double near, double far) {
        public double open() {
            return near + far;
        }
    }

    /**
     * A race to a ball that nobody has.
     *
     * @param second the first of the other side
     * @param bySeconds how much later he is there
     */
    record Race(RoleId first, RoleId second, Point at, double bySeconds) {}

    /**
     * Who is where first.
     *
     * @param sides for each cell the team of whoever is there first
     * @param seconds for each cell until somebody is there
     * @param race who is first at a ball that nobody has
     * @param shares of the field that each side owns, 0 to 1; each with its keeper
     */
    record Space(Field field, Side[] sides, double[] seconds, double attack, double defence, Optional<Race> race)
            implements Inspection {
        @Override
        public Kind kind() {
            return Kind.SPACE;
        }
    }

    /** The passes of whoever has the ball. */
    record OutletList(Optional<Player> carrier, List<Outlet> outlets) implements Inspection {
        @Override
        public Kind kind() {
            return Kind.OUTLETS;
        }

        public long open() {
            return outlets.stream().filter(Outlet::isOpen).count();
        }
    }

    /**
     * A straight pass to somebody where he is when it gets there if he stays as he is.
     *
     * @param margin by how much (s) the ball is past every opponent's reach; below 0 somebody is there first
     * @param blockedBy whoever comes nearest to it
     */
    record Outlet(RoleId to, Point from, Point end, double margin, Optional<RoleId> blockedBy, Optional<Point> at) {
        public boolean isOpen() {
            return margin >= 0;
        }
    }

    /** What everybody sees. */
    record SightList(List<Sight> sights) implements Inspection {
        @Override
        public Kind kind() {
            return Kind.SIGHT;
        }
    }

    /**
     * What somebody sees without turning the head.
     *
     * @param clear half the angle in which he can read what he sees, degrees
     * @param aware half the angle in which he notices that something moves
     * @param between for one who defends degrees between the ball and his opponent; empty where there is one of them only
     * @param opponent the nearest of them
     */
    record Sight(
            RoleId role,
            Point at,
            double facingDegrees,
            double clear,
            double aware,
            Optional<Double> between,
            Optional<RoleId> opponent,
            boolean seesBoth) {}

    /** How a side stands. */
    record ShapeList(List<Shape> shapes) implements Inspection {
        @Override
        public Kind kind() {
            return Kind.SHAPE;
        }
    }

    /**
     * One side.
     *
     * @param width metres across the surface, from the first to the last
     * @param depth metres along it
     * @param gaps between each and whoever of his side is nearest to him; each pair once, the nearest first
     */
    record Shape(Side side, double width, double depth, List<Gap> gaps) {}

    record Gap(RoleId first, RoleId second, Point from, Point to, double metres) {}

    /** Where everybody goes after the rep. */
    record GoingList(List<Going> goings) implements Inspection {
        @Override
        public Kind kind() {
            return Kind.GOING;
        }
    }

    /**
     * One role after its rep.
     *
     * @param from where it has nothing more to do
     * @param to the tail of the line or the place where it goes; empty for one who rests
     * @param stays whether that is where it began, in the same part
     */
    record Going(RoleId role, Point from, Optional<Point> to, boolean stays) {}

    /** Who could stop where. */
    record BrakingList(List<Braking> brakings) implements Inspection {
        @Override
        public Kind kind() {
            return Kind.BRAKING;
        }
    }

    /**
     * One who is under way.
     *
     * @param speed m/s
     * @param metres until he stands, if he brakes at once
     * @param room metres straight ahead to the edge of the surface
     */
    record Braking(RoleId role, Point from, Point to, double speed, double metres, double room) {
        public boolean isTight() {
            return metres + 1 > room;
        }
    }
}
