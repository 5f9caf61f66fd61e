package wildchalk.core.surface;

/** Rugby union (World Rugby, Laws of the Game, law 1) and rugby league (International Laws); in-goal areas of 10 and 8 m. */
final class RugbyPitch {

    private RugbyPitch() {}

    static SurfacePattern union() {
        // the length is that of the field of play and both in-goals
        return SurfacePattern.sized(
                new Size(120, 70), new SizeRange(114, 120, 68, 70), s -> union(s.lengthMetres(), s.widthMetres()));
    }

    private static Surface union(double length, double width) {
        double dead = length / 2;
        double goal = dead - 10;
        double touch = width / 2;
        var b = new SurfaceBuilder("rugby-union", length, width).pen(0.1);
        b.halfway();
        b.across(goal, false);
        b.across(goal - 22, false);
        b.across(10, true);
        b.fourLines(-(goal - 5), touch - 5, goal - 5, touch - 5, true);
        for (double x : new double[] {0, 10, goal - 22}) {
            b.fourLines(x - 0.5, touch - 15, x + 0.5, touch - 15);
        }
        for (double y : new double[] {touch - 5, touch - 15, 2.8}) {
            b.fourLines(goal - 5, y - 0.5, goal - 5, y + 0.5);
        }
        b.bothGoal(goal, 5.6, 0.3, GoalShape.POSTS);
        b.landmark("centre", 0, 0);
        b.landmark("left-halfway", 0, touch);
        b.landmark("right-halfway", 0, -touch);
        b.bothLandmark("posts", goal, 0);
        b.bothLandmark("twenty-two", goal - 22, 0);
        b.bothLandmark("ten", 10, 0);
        b.sidesLandmark("try-corner", goal, touch);
        b.sidesLandmark("twenty-two-touch", goal - 22, touch);
        b.sidesLandmark("fifteen", goal - 22, touch - 15);
        b.sidesLandmark("five-metre-mark", goal - 5, touch - 5);
        b.bothZone("in-goal", goal, -touch, dead, touch);
        b.bothZone("twenty-two-zone", goal - 22, -touch, goal, touch);
        b.lanes(touch - 15);
        b.endView("twenty-two-end", goal - 22).view("left-fifteen", 0, touch - 15, dead, touch);
        return b.build("rugby-union", Medium.GRASS, 5);
    }

    static SurfacePattern league() {
        return SurfacePattern.fixed(leaguePitch());
    }

    private static Surface leaguePitch() {
        double touch = 34;
        var b = new SurfaceBuilder("rugby-league", 116, 68).pen(0.1);
        b.halfway();
        for (int x = 10; x <= 50; x += 10) {
            b.across(x, false);
        }
        b.fourLines(-50, touch - 10, 50, touch - 10, true);
        b.fourLines(-50, touch - 20, 50, touch - 20, true);
        b.bothGoal(50, 5.5, 0.3, GoalShape.POSTS);
        b.landmark("centre", 0, 0);
        b.landmark("left-halfway", 0, touch);
        b.landmark("right-halfway", 0, -touch);
        b.bothLandmark("posts", 50, 0);
        b.bothLandmark("twenty", 30, 0);
        b.bothLandmark("ten", 40, 0);
        b.sidesLandmark("try-corner", 50, touch);
        b.bothZone("in-goal", 50, -touch, 58, touch);
        b.bothZone("twenty-zone", 30, -touch, 50, touch);
        b.lanes(touch - 20);
        b.endView("twenty-end", 30);
        return b.build("rugby-league", Medium.GRASS, 5);
    }
}
