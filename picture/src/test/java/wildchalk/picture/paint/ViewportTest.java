package wildchalk.picture.paint;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.geom.Point2D;
import org.junit.jupiter.api.Test;
import wildchalk.core.Demo;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.surface.View;

/** Metres and pixels, there and back, and what the pointer finds. */
class ViewportTest {

    private static final View COURT = Surfaces.find("handball").orElseThrow().wholeView();
    private static final Viewport BOARD = Viewport.fitting(COURT, 870, 420);

    @Test
    void theWholeViewFitsWithItsMargin() {
        assertTrue(BOARD.toPixels(new Point(-20, 0)).getX() >= 0
                && BOARD.toPixels(new Point(20, 0)).getX() <= 870);
        assertTrue(BOARD.toPixels(new Point(0, 10)).getY() >= 0
                && BOARD.toPixels(new Point(0, -10)).getY() <= 420);
        assertEquals(420.0 / (20 + 2 * Viewport.MARGIN_METRES), BOARD.pixelsPerMetre(), 1e-9);
    }

    @Test
    void upIsUp() {
        assertTrue(BOARD.toPixels(new Point(0, 5)).getY()
                < BOARD.toPixels(new Point(0, -5)).getY());
        assertTrue(BOARD.toPixels(new Point(5, 0)).getX()
                > BOARD.toPixels(new Point(-5, 0)).getX());
    }

    @Test
    void pixelsAndMetresAreInverse() {
        Point p = new Point(7.3, -4.1);
        Point back = BOARD.toMetres(BOARD.toPixels(p).getX(), BOARD.toPixels(p).getY());
        assertTrue(p.isWithin(1e-9, back));
    }

    @Test
    void thePointerFindsBodiesBallsAndStrokes() {
        Drill drill = Demo.read("second-wave-from-the-left");
        Timeline timeline = Timeline.of(drill, Path.usual(drill.base()));
        Frame frame = Frame.at(drill, Path.usual(drill.base()), timeline, 3.6);
        Point2D lb = Bodies.of(frame, BOARD, new RoleId("lb"));
        assertEquals(
                new RoleId("lb"),
                Bodies.roleAt(frame, BOARD, lb.getX() + 4, lb.getY(), 0).orElseThrow());
        Point2D ball = Bodies.of(frame, BOARD, new BallId("b1"));
        assertEquals(
                new BallId("b1"),
                Bodies.ballAt(frame, BOARD, ball.getX(), ball.getY(), 0).orElseThrow());
        assertTrue(ball.distance(lb) > 8, "a held ball lies beside its holder, where it can be taken");
        // on the straight dribble of LB, halfway
        assertEquals(
                new MoveId("m3"), Strokes.near(frame, new Point(-2.2, 6.8), 0.5).orElseThrow());
        assertTrue(Strokes.near(frame, new Point(-15, 0), 0.5).isEmpty());
    }
}
