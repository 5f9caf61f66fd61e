package wildchalk.core.surface;

/**
 * American football fields, 120 x 53 1/3 yd, inside the border lines, and the five-a-side flag field. Hash marks by the
 * code of play: NFL Official Playing Rules, rule 1; NCAA Football Rules, rule 1-2; NFHS Football Rules, rule 1; IFAF Flag
 * Football Rules.
 */
final class GridironField {

    private static final double FOOT = SurfaceBuilder.FOOT;
    private static final double YARD = SurfaceBuilder.YARD;
    private static final double LINE = 4 * FOOT / 12;

    private GridironField() {}

    /** Hash marks 70 ft 9 in from the side lines, goal posts 18 ft 6 in. */
    static SurfacePattern pro() {
        return full("gridiron-pro", 80 * FOOT - 70.75 * FOOT, 18.5 * FOOT, 2, 36 * FOOT);
    }

    /** Hash marks 60 ft from the side lines. */
    static SurfacePattern college() {
        return full("gridiron-college", 20 * FOOT, 18.5 * FOOT, 3, 80 * FOOT - 27 * FOOT);
    }

    /** Hash marks that divide the field in three, goal posts 23 ft 4 in. */
    static SurfacePattern school() {
        return full("gridiron-school", 80 * FOOT - 53.3333 * FOOT, 23.3333 * FOOT, 3, 80 * FOOT - 27 * FOOT);
    }

    private static SurfacePattern full(String id, double hashY, double posts, int tryYards, double numberY) {
        var b = new SurfaceBuilder("gridiron", 120 * YARD, 160 * FOOT).pen(LINE);
        yardLines(b, 50, 80 * FOOT, hashY);
        b.bothLine((50 - tryYards) * YARD, -0.45, (50 - tryYards) * YARD, 0.45);
        b.bothGoal(60 * YARD, posts, 0.6, GoalShape.POSTS);
        landmarks(b, 50, 60, 80 * FOOT, hashY);
        for (int ten = 10; ten <= 40; ten += 10) {
            b.sidesLandmark("numbers-" + ten, (50 - ten) * YARD, numberY);
        }
        zones(b, 50, 60, 80 * FOOT, hashY);
        b.endView("red-zone", 30 * YARD).endView("seven-on-seven", 10 * YARD);
        b.view("left-of-hash", 0, hashY, 60 * YARD, 80 * FOOT);
        return SurfacePattern.fixed(b.build(id, Medium.GRASS, 12 * FOOT));
    }

    /** A short field for small teams: 80 yd between the goal lines, 40 yd wide, both to choose. */
    static SurfacePattern youth() {
        return SurfacePattern.sized(
                new Size(100 * YARD, 40 * YARD), new SizeRange(50 * YARD, 120 * YARD, 30 * YARD, 160 * FOOT), size -> {
                    int goalYards = (int) Math.round(size.lengthMetres() / YARD / 2) - 10;
                    double halfWidth = size.widthMetres() / 2;
                    var b = new SurfaceBuilder("gridiron", size.lengthMetres(), size.widthMetres()).pen(LINE);
                    yardLines(b, goalYards, halfWidth, halfWidth / 3);
                    landmarks(b, goalYards, size.lengthMetres() / 2 / YARD, halfWidth, halfWidth / 3);
                    zones(b, goalYards, size.lengthMetres() / 2 / YARD, halfWidth, halfWidth / 3);
                    return b.build("gridiron-youth", Medium.GRASS, 3);
                });
    }

    private static void yardLines(SurfaceBuilder b, int goalYards, double halfWidth, double hashY) {
        b.halfway();
        for (int yards = 5; yards < goalYards; yards += 5) {
            b.across(yards * YARD, false);
        }
        b.bothLine(goalYards * YARD, -halfWidth, goalYards * YARD, halfWidth, 2 * LINE, false, Ink.LINE);
        for (int yards = 0; yards < goalYards; yards++) {
            double x = yards * YARD;
            b.fourLines(x, hashY - FOOT, x, hashY + FOOT);
            b.fourLines(x, halfWidth - 2.3 * FOOT, x, halfWidth - 0.3 * FOOT);
        }
    }

    private static void landmarks(SurfaceBuilder b, int goalYards, double endYards, double halfWidth, double hashY) {
        b.landmark("centre", 0, 0);
        b.landmark("left-halfway", 0, halfWidth);
        b.landmark("right-halfway", 0, -halfWidth);
        b.bothLandmark("goal-line", goalYards * YARD, 0);
        b.sidesLandmark("pylon", goalYards * YARD, halfWidth);
        b.sidesLandmark("back-pylon", endYards * YARD, halfWidth);
        b.sidesLandmark("hash-20", (goalYards - 20) * YARD, hashY);
        b.sidesLandmark("hash-10", (goalYards - 10) * YARD, hashY);
    }

    private static void zones(SurfaceBuilder b, int goalYards, double endYards, double halfWidth, double hashY) {
        b.bothZone("end-zone", goalYards * YARD, -halfWidth, endYards * YARD, halfWidth);
        b.bothZone("red-zone", (goalYards - 20) * YARD, -halfWidth, goalYards * YARD, halfWidth);
        b.lanes(hashY);
    }

    /** 70 x 25 yd with two end zones of 10; no-run zones 5 yd before midfield and before the goal line. */
    static SurfacePattern flag() {
        return SurfacePattern.sized(
                new Size(70 * YARD, 25 * YARD), new SizeRange(50 * YARD, 70 * YARD, 20 * YARD, 30 * YARD), size -> {
                    double end = size.lengthMetres() / 2;
                    double half = size.widthMetres() / 2;
                    double goal = end - 10 * YARD;
                    var b = new SurfaceBuilder("flag", size.lengthMetres(), size.widthMetres()).pen(0.08);
                    b.halfway();
                    b.across(goal, false);
                    b.across(goal - 5 * YARD, true);
                    b.across(5 * YARD, true);
                    b.landmark("centre", 0, 0);
                    b.landmark("left-halfway", 0, half);
                    b.landmark("right-halfway", 0, -half);
                    b.bothLandmark("goal-line", goal, 0);
                    b.sidesLandmark("pylon", goal, half);
                    b.sidesLandmark("back-pylon", end, half);
                    b.bothZone("end-zone", goal, -half, end, half);
                    b.bothZone("no-run-zone", goal - 5 * YARD, -half, goal, half);
                    b.lanes(half / 3);
                    b.endView("goal-end", goal - 10 * YARD);
                    return b.build("flag", Medium.GRASS, 2);
                });
    }
}
