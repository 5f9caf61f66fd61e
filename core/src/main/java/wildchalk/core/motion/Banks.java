package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Board;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Surface;

/** Boards and walls as mirrors. Where a surface has no boards, the walls of the hall stand at the end of its run-off. */
public final class Banks {

    /** Spacing of places along the outline, m. */
    private static final double SPACING_METRES = 0.5;

    private Banks() {}

    /** Metres from the middle of the surface to a board. */
    public static double distance(Surface surface, Board board) {
        double half = (board.isEnd() ? surface.lengthMetres() : surface.widthMetres()) / 2;
        return half + (surface.boards() ? 0 : surface.runOffMetres());
    }

    /**
     * Where a ball meets a board on its way from one place to another; empty when that is not on its straight part, or a
     * place is behind it.
     */
    public static Optional<Point> reflection(Surface surface, Board board, Point from, Point to) {
        double sign = board == Board.FAR_END || board == Board.LEFT_SIDE ? 1 : -1;
        double wall = distance(surface, board);
        double a = wall - sign * across(board, from);
        double b = wall - sign * across(board, to);
        if (a < 0 || b < 0 || a + b <= 0) {
            return Optional.empty();
        }
        double along = along(board, from) + (along(board, to) - along(board, from)) * a / (a + b);
        double straight = distance(surface, board.isEnd() ? Board.LEFT_SIDE : Board.FAR_END)
                - (surface.boards() ? surface.cornerRadiusMetres() : 0);
        if (Math.abs(along) > straight) {
            return Optional.empty();
        }
        return Optional.of(board.isEnd() ? new Point(sign * wall, along) : new Point(along, sign * wall));
    }

    private static double across(Board board, Point p) {
        return board.isEnd() ? p.x() : p.y();
    }

    private static double along(Board board, Point p) {
        return board.isEnd() ? p.y() : p.x();
    }

    /** The boards all the way round, counter-clockwise, drawn in by so many metres. */
    static List<Point> outline(Surface surface, double inset) {
        double halfLength = distance(surface, Board.FAR_END) - inset;
        double halfWidth = distance(surface, Board.LEFT_SIDE) - inset;
        double radius = surface.boards() ? Math.max(0, surface.cornerRadiusMetres() - inset) : 0;
        List<Point> corners = new ArrayList<>();
        for (int quarter = 0; quarter < 4; quarter++) {
            double cx = (halfLength - radius) * (quarter == 0 || quarter == 3 ? 1 : -1);
            double cy = (halfWidth - radius) * (quarter < 2 ? 1 : -1);
            for (int d = 0; d <= 90; d += radius > 0 ? 6 : 90) {
                corners.add(new Point(cx, cy).plus(Point.polar(radius, 90 * quarter + d)));
            }
        }
        List<Point> outline = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % corners.size());
            int pieces = Math.max(1, (int) Math.ceil(a.distanceTo(b) / SPACING_METRES));
            for (int k = 0; k < pieces; k++) {
                outline.add(a.towards(b, (double) k / pieces));
            }
        }
        return outline;
    }
}
