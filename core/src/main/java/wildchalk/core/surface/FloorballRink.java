package wildchalk.core.surface;

/** The floorball rink, 40 x 20 m between low boards (IFF, Rules of the Game); the corner radius differs by maker. */
final class FloorballRink {

    private FloorballRink() {}

    static SurfacePattern build() {
        return SurfacePattern.sized(
                new Size(40, 20), new SizeRange(36, 44, 18, 22), s -> rink(s.lengthMetres(), s.widthMetres()));
    }

    private static Surface rink(double length, double width) {
        double end = length / 2;
        double side = width / 2;
        double rear = end - 2.85;
        double goal = end - 3.5;
        var b = new SurfaceBuilder("floorball", length, width).boards(2).pen(0.045);
        b.bothArea(Zone.rectangle("k", "", goal - 1, -1.25, goal, 1.25).outline(), Ink.BLUE);
        b.halfway();
        box(b, rear - 4, rear, 2.5);
        box(b, goal - 1, goal, 1.25);
        b.spot(0, 0, 0.3, Ink.LINE);
        for (double y : new double[] {side - 1.5, -side + 1.5}) {
            b.spot(0, y, 0.3, Ink.LINE);
            b.bothSpots(goal, y, 0.3);
        }
        b.bothGoal(goal, 1.6, 0.65);
        b.landmark("centre", 0, 0);
        b.landmark("left-halfway", 0, side);
        b.landmark("right-halfway", 0, -side);
        b.bothLandmark("goal", goal, 0);
        b.bothLandmark("slot", goal - 5, 0);
        b.bothLandmark("behind-goal", end - 1.4, 0);
        b.sidesLandmark("dot", goal, side - 1.5);
        b.sidesLandmark("post", goal, 0.8);
        b.sidesLandmark("corner", end - 1.2, side - 1.2);
        b.sidesLandmark("point", 6, side - 3);
        b.bothZone("keeper-area", goal - 1, -1.25, goal, 1.25);
        b.bothZone("goal-area", rear - 4, -2.5, rear, 2.5);
        b.lanes(side / 3);
        b.endView("goal-end", 10).thirds();
        return b.build("floorball", Medium.FLOOR, 0);
    }

    private static void box(SurfaceBuilder b, double front, double rear, double y) {
        b.bothLine(front, -y, front, y);
        b.bothLine(rear, -y, rear, y);
        b.fourLines(front, y, rear, y);
    }
}
