package wildchalk.core.surface;

/**
 * Association football and futsal (IFAB Laws of the Game, law 1; FIFA Futsal Laws of the Game, law 1). Areas are measured
 * to the outer edges of their lines. The marks of small pitches differ by association: those here are usual ones.
 *
 * @param boxDepth depth of the penalty area
 * @param boxHalfWidth half its width
 * @param goalBoxDepth depth of the goal area; 0 for none
 * @param spot distance of the penalty mark from the goal line
 */
record FootballPitch(
        String id,
        double length,
        double width,
        double goalWidth,
        double boxDepth,
        double boxHalfWidth,
        double goalBoxDepth,
        double goalBoxHalfWidth,
        double spot,
        double circle,
        double lineWidth) {

    private static final double YARD = SurfaceBuilder.YARD;

    static SurfacePattern elevenASide() {
        return SurfacePattern.sized(
                new Size(105, 68),
                new SizeRange(90, 120, 45, 90),
                s -> new FootballPitch(
                                "football-11",
                                s.lengthMetres(),
                                s.widthMetres(),
                                7.32,
                                16.5,
                                20.16,
                                5.5,
                                9.16,
                                11,
                                9.15,
                                0.12)
                        .build());
    }

    static SurfacePattern nineASide() {
        return SurfacePattern.sized(
                new Size(80 * YARD, 50 * YARD),
                new SizeRange(70 * YARD, 80 * YARD, 40 * YARD, 55 * YARD),
                s -> small("football-9", s, 16 * YARD / 3, 13 * YARD, 16 * YARD, 9 * YARD, 7 * YARD));
    }

    static SurfacePattern sevenASide() {
        return SurfacePattern.sized(
                new Size(60 * YARD, 40 * YARD),
                new SizeRange(50 * YARD, 65 * YARD, 30 * YARD, 45 * YARD),
                s -> small("football-7", s, 4 * YARD, 9 * YARD, 9 * YARD, 8 * YARD, 5 * YARD));
    }

    static SurfacePattern fiveASide() {
        return SurfacePattern.sized(
                new Size(40 * YARD, 30 * YARD),
                new SizeRange(25 * YARD, 45 * YARD, 15 * YARD, 35 * YARD),
                s -> small("football-5", s, 4 * YARD, 6 * YARD, 7 * YARD, 6 * YARD, 4 * YARD));
    }

    private static Surface small(
            String id, Size s, double goal, double boxDepth, double boxHalf, double spot, double circle) {
        return new FootballPitch(
                        id, s.lengthMetres(), s.widthMetres(), goal, boxDepth, boxHalf, 0, 0, spot, circle, 0.1)
                .build();
    }

    private Surface build() {
        var b = new SurfaceBuilder("football", length, width).pen(lineWidth);
        double end = length / 2;
        common(b);
        b.bothBoxes(end - boxDepth, boxHalfWidth);
        if (goalBoxDepth > 0) {
            b.bothBoxes(end - goalBoxDepth, goalBoxHalfWidth);
            // the part of the ten-yard circle about the penalty mark that lies outside the area
            double half = Math.toDegrees(StrictMath.acos((boxDepth - spot) / circle));
            b.facingArc(end - spot, circle, half);
        }
        b.bothSpots(end - spot, 0, 0.22);
        corners(b, 1);
        b.bothGoal(end, goalWidth, goalWidth > 5 ? 2 : 1.2);
        b.sidesLandmark("box-corner", end - boxDepth, boxHalfWidth);
        b.bothLandmark("box-edge", end - boxDepth, 0);
        if (goalBoxDepth > 0) {
            b.bothLandmark("d", end - spot - circle, 0);
            b.sidesLandmark("six-corner", end - goalBoxDepth, goalBoxHalfWidth);
            b.bothZone("goal-area", end - goalBoxDepth, -goalBoxHalfWidth, end, goalBoxHalfWidth);
            b.bothZone("fourteen", end - 2 * boxDepth, -goalBoxHalfWidth, end - boxDepth, goalBoxHalfWidth);
        }
        b.bothZone("box", end - boxDepth, -boxHalfWidth, end, boxHalfWidth);
        b.lanes(Math.min(boxHalfWidth, width / 3));
        b.thirds();
        b.view("box-end", end - boxDepth - 10, -boxHalfWidth - 5, end, boxHalfWidth + 5);
        return b.build(id, Medium.GRASS, 1.83);
    }

    private void common(SurfaceBuilder b) {
        double end = length / 2;
        b.halfway();
        b.circle(0, 0, circle);
        b.spot(0, 0, 0.22, Ink.LINE);
        b.usualLandmarks();
        b.bothLandmark("goal", end, 0);
        b.sidesLandmark("post", end, goalWidth / 2);
        b.bothLandmark("penalty-mark", end - spot, 0);
        b.bothLandmark("circle-edge", circle, 0);
    }

    private void corners(SurfaceBuilder b, double radius) {
        b.bothArc(length / 2, width / 2, radius, 180, 90);
        b.bothArc(length / 2, -width / 2, radius, 90, 90);
    }

    static SurfacePattern futsal() {
        return SurfacePattern.sized(
                new Size(40, 20),
                new SizeRange(25, 42, 16, 25),
                s -> new FootballPitch("futsal", s.lengthMetres(), s.widthMetres(), 3, 6, 7.58, 0, 0, 6, 3, 0.08)
                        .buildFutsal());
    }

    private Surface buildFutsal() {
        var b = new SurfaceBuilder("futsal", length, width).pen(lineWidth);
        double end = length / 2;
        double post = 1.58; // quarter arcs about the outsides of the posts
        common(b);
        b.bothArc(end, post, 6, 90, 90);
        b.bothArc(end, -post, 6, 180, 90);
        b.bothLine(end - 6, -post, end - 6, post);
        b.bothSpots(end - 6, 0, 0.12);
        b.bothSpots(end - 10, 0, 0.12);
        corners(b, 0.25);
        b.fourLines(5, width / 2 - 0.4, 5, width / 2 + 0.4);
        b.bothGoal(end, goalWidth, 1);
        b.bothLandmark("second-mark", end - 10, 0);
        b.bothZone("box", Arcs.aboutPosts(end, post, 6));
        b.lanes(width / 6);
        b.endView("goal-end", 8);
        return b.build("futsal", Medium.FLOOR, 1);
    }
}
