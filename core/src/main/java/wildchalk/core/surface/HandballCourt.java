package wildchalk.core.surface;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.geometry.Point;

/** The handball court, 40 x 20 m (IHF, Rules of the Game, Rule 1). */
final class HandballCourt {

    private static final double POST_Y = 1.5;

    private HandballCourt() {}

    static Surface build() {
        var b = new SurfaceBuilder("handball", 40, 20);
        b.bothArea(goalArea(6), Ink.BLUE);
        b.line(0, -10, 0, 10, SurfaceBuilder.LINE, false, Ink.LINE);
        b.arc(0, 0, 2, 0, 360, SurfaceBuilder.LINE, false, Ink.FAINT); // throw-off zone, optional since 2022
        goalAreaLine(b, 6, false);
        freeThrowLine(b);
        b.bothLine(13, -0.5, 13, 0.5, SurfaceBuilder.LINE, false, Ink.LINE); // 7 m
        b.bothLine(16, -0.075, 16, 0.075, SurfaceBuilder.LINE, false, Ink.LINE); // keeper's limit, 4 m
        b.bothLine(20, -POST_Y, 20, POST_Y, 0.08, false, Ink.LINE);
        b.bothLine(4.5, -10.15, 4.5, -9.85, SurfaceBuilder.LINE, false, Ink.LINE); // substitution marks
        b.bothGoal(20, 3, 1);
        landmarks(b);
        zones(b);
        b.endView("goal-end", 8).view("left-wing", 8, 3, 20, 10).view("right-wing", 8, -10, 20, -3);
        return b.build("handball", Medium.FLOOR, 1);
    }

    private static void goalAreaLine(SurfaceBuilder b, double radius, boolean dashed) {
        double x = 20 - radius;
        b.bothLine(x, -POST_Y, x, POST_Y, SurfaceBuilder.LINE, dashed, Ink.LINE);
        b.bothArc(20, POST_Y, radius, 90, 90, SurfaceBuilder.LINE, dashed, Ink.LINE);
        b.bothArc(20, -POST_Y, radius, 180, 90, SurfaceBuilder.LINE, dashed, Ink.LINE);
    }

    private static void freeThrowLine(SurfaceBuilder b) {
        double x = 20 - 9;
        b.bothLine(x, -POST_Y, x, POST_Y, SurfaceBuilder.LINE, true, Ink.LINE);
        // the 9 m arc runs out over the side line: it ends at y = 10
        double startDegrees = Math.toDegrees(StrictMath.acos(-Math.sqrt(81 - 8.5 * 8.5) / 9));
        b.bothArc(20, POST_Y, 9, startDegrees, 180 - startDegrees, SurfaceBuilder.LINE, true, Ink.LINE);
        b.bothArc(20, -POST_Y, 9, 180, 180 - startDegrees, SurfaceBuilder.LINE, true, Ink.LINE);
    }

    private static List<Point> goalArea(double radius) {
        List<Point> outline = new ArrayList<>();
        for (int d = 90; d <= 180; d += 6) {
            outline.add(new Point(20, POST_Y).plus(Point.polar(radius, d)));
        }
        for (int d = 180; d <= 270; d += 6) {
            outline.add(new Point(20, -POST_Y).plus(Point.polar(radius, d)));
        }
        return outline;
    }

    private static void landmarks(SurfaceBuilder b) {
        b.usualLandmarks();
        b.bothLandmark("goal", 20, 0);
        b.bothLandmark("penalty-mark", 13, 0);
        b.bothLandmark("keeper-mark", 16, 0);
        b.bothLandmark("six-metre-line", 14, 0);
        b.bothLandmark("nine-metre-line", 11, 0);
        b.bothLandmark("centre-back", 8.5, 0);
        b.sidesLandmark("post", 20, POST_Y);
        b.sidesLandmark("wing", 19, 9);
        b.sidesLandmark("back", 9, 6);
    }

    private static void zones(SurfaceBuilder b) {
        b.bothZone("goal-area", goalArea(6));
        b.bothZone("nine-metre-zone", goalArea(9));
        b.lanes(10 / 3.0);
    }
}
