package wildchalk.core.surface;

import wildchalk.core.geometry.Point;

/**
 * Basketball courts; sizes are to the inside of the boundary lines.
 *
 * @param basketX the middle of the ring
 * @param boardX the face of the backboard
 * @param deepRadius of the three-point arc about the ring
 * @param deepY how far the three-point line runs from the long axis in the corners
 * @param keyHalfWidth half the width of the lane
 * @param freeThrowX the free-throw line
 * @param chargeRadius of the no-charge semicircle; 0 for none
 */
record BasketballCourt(
        String id,
        double length,
        double width,
        double basketX,
        double boardX,
        double deepRadius,
        double deepY,
        double keyHalfWidth,
        double freeThrowX,
        double circleRadius,
        double chargeRadius,
        double lineWidth,
        double runOff) {

    private static final double FOOT = SurfaceBuilder.FOOT;
    private static final double INCH = FOOT / 12;

    /** FIBA Official Basketball Rules, article 2. */
    static SurfacePattern international() {
        var court = new BasketballCourt(
                "basketball-international", 28, 15, 12.425, 12.8, 6.75, 6.6, 2.45, 8.2, 1.8, 1.25, 0.05, 2);
        var b = court.drawn();
        b.fourLines(5.675, 7.5, 5.675, 7.65); // throw-in marks, 8.325 m from the end line
        b.view("three-a-side", 3, -7.5, 14, 7.5);
        return SurfacePattern.fixed(b.build(court.id, Medium.FLOOR, court.runOff));
    }

    /** The professional 94 x 50 ft court (NBA Rule No. 1): arc 23 ft 9 in, corner lines 3 ft from the side. */
    static SurfacePattern pro() {
        var court = american(
                "basketball-pro", 94, 23 * FOOT + 9 * INCH, 22 * FOOT, 8 * FOOT, 47 * FOOT - 19 * FOOT, 4 * FOOT);
        return court.fixed();
    }

    /** The college 94 x 50 ft court (NCAA Basketball Rules, rule 1): the international arc. */
    static SurfacePattern college() {
        var court = american(
                "basketball-college",
                94,
                22 * FOOT + 1.75 * INCH,
                21 * FOOT + 7.875 * INCH,
                6 * FOOT,
                47 * FOOT - 19 * FOOT,
                4 * FOOT);
        return court.fixed();
    }

    /** The school court, 84 x 50 ft (NFHS Basketball Rules, rule 1): arc 19 ft 9 in, no restricted arc. */
    static SurfacePattern school() {
        var court = american("basketball-school", 84, 19.75 * FOOT, 19.75 * FOOT, 6 * FOOT, 42 * FOOT - 19 * FOOT, 0);
        return court.fixed();
    }

    private static BasketballCourt american(
            String id, double feet, double arc, double corner, double key, double freeThrow, double charge) {
        double end = feet / 2 * FOOT;
        return new BasketballCourt(
                id,
                feet * FOOT,
                50 * FOOT,
                end - 5.25 * FOOT,
                end - 4 * FOOT,
                arc,
                corner,
                key,
                freeThrow,
                6 * FOOT,
                charge,
                2 * INCH,
                3 * FOOT);
    }

    private SurfacePattern fixed() {
        return SurfacePattern.fixed(drawn().build(id, Medium.FLOOR, runOff));
    }

    private SurfaceBuilder drawn() {
        var b = new SurfaceBuilder("basketball", length, width).pen(lineWidth);
        double end = length / 2;
        b.bothArea(
                Zone.rectangle("key", "", freeThrowX, -keyHalfWidth, end, keyHalfWidth)
                        .outline(),
                Ink.BLUE);
        b.halfway();
        b.circle(0, 0, circleRadius);
        b.bothBoxes(freeThrowX, keyHalfWidth);
        b.facingArc(freeThrowX, circleRadius, 90);
        deepLine(b, end);
        if (chargeRadius > 0) {
            b.facingArc(basketX, chargeRadius, 90);
            b.fourLines(basketX, chargeRadius, boardX, chargeRadius);
        }
        b.bothGoal(basketX, 0.457, boardX - basketX, GoalShape.RING);
        landmarks(b, end);
        b.bothZone("key", freeThrowX, -keyHalfWidth, end, keyHalfWidth);
        b.bothZone("left-corner-zone", end - 3, deepY - 1, end, width / 2);
        b.bothZone("right-corner-zone", end - 3, -width / 2, end, -deepY + 1);
        b.lanes(2.5);
        b.endView("end-third", length / 4);
        b.thirds();
        return b;
    }

    private void deepLine(SurfaceBuilder b, double end) {
        double back = Math.sqrt(Math.max(0, deepRadius * deepRadius - deepY * deepY));
        b.fourLines(end, deepY, basketX - back, deepY);
        b.facingArc(basketX, deepRadius, Math.toDegrees(StrictMath.asin(Math.min(1, deepY / deepRadius))));
    }

    private void landmarks(SurfaceBuilder b, double end) {
        Point wing = new Point(basketX, 0).plus(Point.polar(deepRadius, 135));
        b.usualLandmarks();
        b.bothLandmark("rim", basketX, 0);
        b.bothLandmark("top", basketX - deepRadius - 0.6, 0);
        b.bothLandmark("nail", freeThrowX, 0);
        b.sidesLandmark("wing", wing.x(), wing.y());
        b.sidesLandmark("slot", basketX - deepRadius - 0.3, keyHalfWidth);
        b.sidesLandmark("deep-corner", end - 1, width / 2 - 0.5);
        b.sidesLandmark("short-corner", end - 0.8, 4);
        b.sidesLandmark("block", end - 2.3, keyHalfWidth);
        b.sidesLandmark("mid-post", end - 3.7, keyHalfWidth);
        b.sidesLandmark("elbow", freeThrowX, keyHalfWidth);
    }
}
