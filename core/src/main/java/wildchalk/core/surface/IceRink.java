package wildchalk.core.surface;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.geometry.Point;

/**
 * Ice hockey rinks. The measures are those of the inside face of the boards.
 *
 * @param lengthMetres goal end to goal end
 * @param goalLineX distance of the goal line from the centre
 * @param blueInnerX the edge of the blue line's band that faces the neutral zone
 * @param blueOuterX the edge that faces the end zone
 * @param neutralSpotX the spots outside the blue line
 * @param endSpotX the spots of the end circles
 * @param spotY how far spots lie from the long axis
 */
record IceRink(
        String id,
        String sport,
        double lengthMetres,
        double widthMetres,
        double cornerRadius,
        double goalLineX,
        double blueInnerX,
        double blueOuterX,
        double neutralSpotX,
        double endSpotX,
        double spotY,
        double circleRadius,
        double goalWidth,
        double hashGap) {

    private static final double FOOT = SurfaceBuilder.FOOT;

    /** IIHF Official Rule Book, section 1; the placing of the blue band differs by edition. */
    static SurfacePattern international() {
        return SurfacePattern.sized(
                new Size(60, 30),
                new SizeRange(56, 61, 25, 30),
                size -> new IceRink(
                                "ice-60x30",
                                "ice",
                                size.lengthMetres(),
                                size.widthMetres(),
                                8.5,
                                size.lengthMetres() / 2 - 4,
                                7.14 + (size.lengthMetres() - 60) / 2, // 22.86 m from the end boards
                                7.44 + (size.lengthMetres() - 60) / 2,
                                5.64 + (size.lengthMetres() - 60) / 2,
                                size.lengthMetres() / 2 - 10,
                                7,
                                4.5,
                                1.83,
                                1.7)
                        .build());
    }

    /** NHL Official Rules and USA Hockey Official Rules, section 1: 200 x 85 ft, master values in feet. */
    static SurfacePattern northAmerican() {
        return SurfacePattern.fixed(feet("ice-200x85", "ice").build());
    }

    /** Ringette Canada Official Rules: the same rink with free play lines at the tops of the end circles. */
    static SurfacePattern ringette() {
        return SurfacePattern.fixed(feet("ringette", "ringette").build());
    }

    private static IceRink feet(String id, String sport) {
        return new IceRink(
                id,
                sport,
                200 * FOOT,
                85 * FOOT,
                28 * FOOT,
                89 * FOOT,
                25 * FOOT,
                26 * FOOT,
                20 * FOOT,
                69 * FOOT,
                22 * FOOT,
                15 * FOOT,
                6 * FOOT,
                5.5833 * FOOT);
    }

    private Surface build() {
        var b = new SurfaceBuilder(sport, lengthMetres, widthMetres).boards(cornerRadius);
        boolean ringette = sport.equals("ringette");
        b.bothArea(ringette ? halfDisc(8 * FOOT) : crease(), Ink.BLUE);
        lines(b);
        if (ringette) {
            freePlay(b);
        } else {
            creaseLines(b);
        }
        circles(b);
        b.bothGoal(goalLineX, goalWidth, 1.1);
        landmarks(b);
        zones(b);
        b.endView("end-zone", blueInnerX);
        b.endView("below-tops", endSpotX - circleRadius);
        b.view("neutral-zone", -blueOuterX, -widthMetres / 2, blueOuterX, widthMetres / 2);
        b.thirds();
        b.view("left-length", -lengthMetres / 2, 0, lengthMetres / 2, widthMetres / 2);
        b.view("right-length", -lengthMetres / 2, -widthMetres / 2, lengthMetres / 2, 0);
        return b.build(id, Medium.ICE, 0);
    }

    private void lines(SurfaceBuilder b) {
        double half = widthMetres / 2;
        double blueMiddle = (blueInnerX + blueOuterX) / 2;
        b.line(0, -half, 0, half, 0.3, false, Ink.RED);
        b.bothLine(blueMiddle, -half, blueMiddle, half, blueOuterX - blueInnerX, false, Ink.BLUE);
        b.bothLine(goalLineX, -goalLineReach(), goalLineX, goalLineReach(), 0.05, false, Ink.RED);
    }

    /** The free play line is tangent to the end circles; every circle is halved by a line along the width. */
    private void freePlay(SurfaceBuilder b) {
        double x = endSpotX - circleRadius;
        b.bothLine(x, -widthMetres / 2, x, widthMetres / 2, 0.05, false, Ink.RED);
        b.bothArc(goalLineX, 0, 8 * FOOT, 90, 180, 0.05, false, Ink.RED);
        for (int side : new int[] {1, -1}) {
            double y = side * spotY;
            b.bothLine(endSpotX, y - circleRadius, endSpotX, y + circleRadius, 0.05, false, Ink.RED);
        }
        b.bothLandmark("free-play-line", x, 0);
    }

    private List<Point> halfDisc(double radius) {
        List<Point> outline = new ArrayList<>();
        for (int d = 90; d <= 270; d += 10) {
            outline.add(new Point(goalLineX, 0).plus(Point.polar(radius, d)));
        }
        return outline;
    }

    private void creaseLines(SurfaceBuilder b) {
        // crease of the current shape: straight sides 0.3 m outside the posts, front arc about the goal centre
        double sideY = goalWidth / 2 + 0.305;
        double frontX = goalLineX - creaseReach(sideY);
        b.bothLine(goalLineX, sideY, frontX, sideY, 0.05, false, Ink.RED);
        b.bothLine(goalLineX, -sideY, frontX, -sideY, 0.05, false, Ink.RED);
        double halfAngle = Math.toDegrees(StrictMath.asin(sideY / creaseRadius()));
        b.bothArc(goalLineX, 0, creaseRadius(), 180 - halfAngle, 2 * halfAngle, 0.05, false, Ink.RED);
    }

    private void circles(SurfaceBuilder b) {
        b.arc(0, 0, circleRadius, 0, 360, 0.05, false, Ink.BLUE);
        b.spot(0, 0, 0.3, Ink.BLUE);
        b.arc(
                0,
                -widthMetres / 2,
                circleRadius * 2 / 3,
                0,
                180,
                0.05,
                false,
                Ink.RED); // the referee's crease: 10 ft, or 3 m
        for (int side : new int[] {1, -1}) {
            for (int end : new int[] {1, -1}) {
                b.spot(end * neutralSpotX, side * spotY, 0.6, Ink.RED);
                b.spot(end * endSpotX, side * spotY, 0.6, Ink.RED);
                b.arc(end * endSpotX, side * spotY, circleRadius, 0, 360, 0.05, false, Ink.RED);
                if (!sport.equals("ringette")) {
                    hashMarks(b, end * endSpotX, side * spotY);
                }
            }
        }
    }

    private void hashMarks(SurfaceBuilder b, double x, double y) {
        for (int dx : new int[] {1, -1}) {
            double at = x + dx * hashGap / 2;
            double edge = Math.sqrt(circleRadius * circleRadius - hashGap * hashGap / 4);
            b.line(at, y + edge, at, y + edge + 0.6, 0.05, false, Ink.RED);
            b.line(at, y - edge, at, y - edge - 0.6, 0.05, false, Ink.RED);
        }
    }

    private double creaseRadius() {
        return 1.829;
    }

    private double creaseReach(double sideY) {
        return Math.sqrt(creaseRadius() * creaseRadius() - sideY * sideY);
    }

    /** Where the goal line meets the corner's boards. */
    private double goalLineReach() {
        double beyond = goalLineX - (lengthMetres / 2 - cornerRadius);
        return widthMetres / 2 - cornerRadius + Math.sqrt(cornerRadius * cornerRadius - beyond * beyond);
    }

    private List<Point> crease() {
        double sideY = goalWidth / 2 + 0.305;
        double halfAngle = Math.toDegrees(StrictMath.asin(sideY / creaseRadius()));
        List<Point> outline = new ArrayList<>(List.of(new Point(goalLineX, sideY)));
        for (int i = 0; i <= 12; i++) {
            outline.add(
                    new Point(goalLineX, 0).plus(Point.polar(creaseRadius(), 180 - halfAngle + halfAngle * i / 6.0)));
        }
        outline.add(new Point(goalLineX, -sideY));
        return outline;
    }

    private void landmarks(SurfaceBuilder b) {
        double boardY = widthMetres / 2;
        b.landmark("centre", 0, 0);
        b.landmark("left-red-line", 0, boardY - 1);
        b.landmark("right-red-line", 0, -boardY + 1);
        b.bothLandmark("goal", goalLineX, 0);
        b.bothLandmark("slot", endSpotX, 0);
        b.bothLandmark("high-slot", endSpotX - circleRadius, 0);
        b.bothLandmark("behind-net", goalLineX + 2, 0);
        b.bothLandmark("blue-line", blueOuterX, 0);
        b.sidesLandmark("post", goalLineX, goalWidth / 2);
        b.sidesLandmark("dot", endSpotX, spotY);
        b.sidesLandmark("neutral-dot", neutralSpotX, spotY);
        b.sidesLandmark("circle-top", endSpotX - circleRadius, spotY);
        b.sidesLandmark("circle-bottom", endSpotX + circleRadius, spotY);
        b.sidesLandmark("half-wall", endSpotX, boardY - 1);
        b.sidesLandmark("point", blueOuterX + 1.2, 8);
        b.sidesLandmark("corner", goalLineX, boardY - 3.2);
    }

    private void zones(SurfaceBuilder b) {
        double l = lengthMetres / 2;
        double w = widthMetres / 2;
        double third = spotY;
        b.bothZone(
                "house",
                List.of(
                        new Point(goalLineX, goalWidth / 2),
                        new Point(endSpotX, spotY),
                        new Point(endSpotX - circleRadius, spotY),
                        new Point(endSpotX - circleRadius, -spotY),
                        new Point(endSpotX, -spotY),
                        new Point(goalLineX, -goalWidth / 2)));
        b.bothZone(
                "below-goal-line",
                List.of(new Point(goalLineX, -w), new Point(l, -w), new Point(l, w), new Point(goalLineX, w)));
        b.rectangleZone("left-end", blueOuterX, third, l, w);
        b.rectangleZone("middle-end", blueOuterX, -third, l, third);
        b.rectangleZone("right-end", blueOuterX, -w, l, -third);
        b.rectangleZone("own-left-end", -l, third, -blueOuterX, w);
        b.rectangleZone("own-middle-end", -l, -third, -blueOuterX, third);
        b.rectangleZone("own-right-end", -l, -w, -blueOuterX, -third);
        b.rectangleZone("left-neutral", -blueOuterX, third, blueOuterX, w);
        b.rectangleZone("middle-neutral", -blueOuterX, -third, blueOuterX, third);
        b.rectangleZone("right-neutral", -blueOuterX, -w, blueOuterX, -third);
    }
}
