package wildchalk.core.surface;

/**
 * The box lacrosse floor, 200 x 85 ft between boards. Goal, crease and zone lines differ by code; these are usual ones:
 * goal 4 ft 6 in wide, 12 ft in from the end boards, crease of 9 ft.
 */
final class BoxFloor {

    private static final double FOOT = SurfaceBuilder.FOOT;

    private BoxFloor() {}

    static SurfacePattern build() {
        return SurfacePattern.sized(
                new Size(200 * FOOT, 85 * FOOT),
                new SizeRange(180 * FOOT, 200 * FOOT, 80 * FOOT, 90 * FOOT),
                s -> floor(s.lengthMetres(), s.widthMetres()));
    }

    private static Surface floor(double length, double width) {
        double goal = length / 2 - 12 * FOOT;
        double zone = 30 * FOOT;
        var b = new SurfaceBuilder("box-lacrosse", length, width).boards(28 * FOOT);
        b.bothArea(Arcs.outline(goal, 0, 9 * FOOT, 0, 354), Ink.BLUE);
        b.halfway();
        b.across(zone, false);
        b.circle(0, 0, 2 * FOOT);
        b.circle(0, 0, 10 * FOOT);
        b.circle(goal, 0, 9 * FOOT);
        b.circle(-goal, 0, 9 * FOOT);
        b.bothLine(goal, -0.686, goal, 0.686);
        b.bothGoal(goal, 4.5 * FOOT, 1.2, GoalShape.TRIANGLE);
        b.landmark("centre", 0, 0);
        b.landmark("left-halfway", 0, width / 2);
        b.landmark("right-halfway", 0, -width / 2);
        b.bothLandmark("goal", goal, 0);
        b.bothLandmark("high-slot", goal - 9, 0);
        b.sidesLandmark("crease-spot", goal - 1.5, 4.5);
        b.sidesLandmark("shooter", goal - 9, 7.5);
        b.sidesLandmark("corner", goal, width / 2 - 3.2);
        b.bothZone("crease", Arcs.outline(goal, 0, 9 * FOOT, 0, 354));
        b.bothZone("house", goal - 9, -4, goal, 4);
        b.lanes(width / 6);
        b.endView("end-zone", zone).thirds();
        return b.build("box-lacrosse", Medium.FLOOR, 0);
    }
}
