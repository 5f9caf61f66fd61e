package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Board;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Surface;

/**
 * How a pass of some kind, released now, would fly to a place.
 *
 * <p>A bank is reflected as in a mirror: the ball runs straight to the mirror image of the place behind the board. The
 * share of speed that it keeps there is an estimate.
 */
final class Lane {

    /** m/s². */
    private static final double GRAVITY = 9.81;
    /** Launch of a lofted ball, within the usual 30 to 40 degrees. */
    private static final double LOFT_DEGREES = 35;
    /** Launch of a toss that hangs, estimate. */
    private static final double TOSS_DEGREES = 60;
    /** Share of its speed along the floor that a ball keeps where it bounces: 0.65 to 0.75 (estimate). */
    private static final double BOUNCE_KEEPS = 0.7;
    /** Where on the way a bounce pass meets the floor. */
    private static final double BOUNCE_AT = 2.0 / 3;
    /** Share of its speed that a ball keeps at a board (estimate). */
    private static final double BOARD_KEEPS = 0.85;
    /** A rim runs this far off the boards, m: about a puck. */
    private static final double RIM_METRES = 0.1;

    private final Pass pass;
    private final Surface surface;
    private final Pace pace;
    private final Point from;
    private final double start;
    private final double share;

    /** @param share how fast the ball flies, as a share of the usual one's speed */
    Lane(Pass pass, Surface surface, Pace pace, Point from, double start, double share) {
        this.pass = pass;
        this.surface = surface;
        this.pace = pace;
        this.from = from;
        this.start = start;
        this.share = share;
    }

    /** Whether it flies the same way wherever it goes, so that its speed does not hang on its target. */
    boolean isPlain() {
        return pass.bank().isEmpty()
                && switch (pass.kind()) {
                    case GROUND, AIR, HAND_OFF, SERVE, FULL_SERVE, DUMP -> true;
                    case BOUNCE, LOFTED, TOSS, RIM -> false;
                };
    }

    /** Straight at a place, with nothing between. */
    Flight plain(Point to) {
        PassKind kind = pass.kind();
        boolean inAir = pace.fliesThroughAir(kind);
        return new Flight(start, from, to, share * pace.passSpeed(kind, pass.weight()), pace.ballSlowing(kind), inAir);
    }

    /** The flight that gets to a place; empty where none of the kind does. */
    Optional<Flight> to(Point to) {
        Flight plain = plain(to);
        if (pass.bank().isPresent()) {
            return banked(pass.bank().get(), to)
                    .map(path ->
                            new Flight(start, path, plain.speed(), plain.slowing(), BOARD_KEEPS, plain.inAir(), false));
        }
        return switch (pass.kind()) {
            case BOUNCE ->
                Optional.of(new Flight(
                        start,
                        List.of(from, from.towards(to, BOUNCE_AT), to),
                        plain.speed(),
                        0,
                        BOUNCE_KEEPS,
                        true,
                        false));
            case LOFTED -> lofted(to, LOFT_DEGREES, plain.speed());
            case TOSS -> lofted(to, TOSS_DEGREES, plain.speed());
            case RIM -> Optional.of(plain.withPath(rim(to)));
            default -> Optional.of(plain);
        };
    }

    /** A throw without drag: distance and launch angle give its speed and its time; too far for its top speed is empty. */
    private Optional<Flight> lofted(Point to, double degrees, double topSpeed) {
        double metres = from.distanceTo(to);
        double angle = Math.toRadians(degrees);
        double launch = Math.sqrt(metres * GRAVITY / StrictMath.sin(2 * angle));
        if (launch > topSpeed) {
            return Optional.empty();
        }
        double seconds = Math.max(0.05, 2 * launch * StrictMath.sin(angle) / GRAVITY);
        double along = Math.max(0.1, metres / seconds);
        return Optional.of(new Flight(start, List.of(from, to), along, 0, 1, true, true));
    }

    /** How far a high ball of this kind can be sent, m; without end for another. */
    double reach() {
        if (pass.kind() != PassKind.TOSS && pass.kind() != PassKind.LOFTED) {
            return Double.POSITIVE_INFINITY;
        }
        double degrees = pass.kind() == PassKind.TOSS ? TOSS_DEGREES : LOFT_DEGREES;
        double top = share * pace.passSpeed(pass.kind(), pass.weight());
        return top * top * StrictMath.sin(2 * Math.toRadians(degrees)) / GRAVITY;
    }

    private Optional<List<Point>> banked(Board board, Point to) {
        return Banks.reflection(surface, board, from, to).map(off -> List.of(from, off, to));
    }

    /** To the boards, along them the shorter way round, and off to the place. */
    private List<Point> rim(Point to) {
        List<Point> boards = Banks.outline(surface, RIM_METRES);
        int enter = nearest(boards, from);
        int leave = nearest(boards, to);
        List<Point> forward = round(boards, enter, leave, 1);
        List<Point> backward = round(boards, enter, leave, -1);
        List<Point> way = new ArrayList<>(List.of(from));
        way.addAll(length(forward) <= length(backward) ? forward : backward);
        way.add(to);
        return way;
    }

    private static int nearest(List<Point> outline, Point p) {
        int best = 0;
        for (int i = 1; i < outline.size(); i++) {
            if (outline.get(i).distanceTo(p) < outline.get(best).distanceTo(p)) {
                best = i;
            }
        }
        return best;
    }

    private static List<Point> round(List<Point> outline, int from, int to, int step) {
        List<Point> way = new ArrayList<>();
        int n = outline.size();
        for (int i = from; ; i = Math.floorMod(i + step, n)) {
            way.add(outline.get(i));
            if (i == to) {
                return way;
            }
        }
    }

    private static double length(List<Point> way) {
        double sum = 0;
        for (int i = 0; i + 1 < way.size(); i++) {
            sum += way.get(i).distanceTo(way.get(i + 1));
        }
        return sum;
    }
}
