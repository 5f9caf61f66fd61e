package wildchalk.core.surface;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.geometry.Point;

/** Field lacrosse, 110 x 60 yd (NCAA Men's Lacrosse Rules, rule 1; NCAA Women's and World Lacrosse rules). */
final class LacrosseField {

    private static final double YARD = SurfaceBuilder.YARD;
    private static final double END = 55 * YARD;
    private static final double SIDE = 30 * YARD;
    private static final double GOAL = 6 * SurfaceBuilder.FOOT;

    private LacrosseField() {}

    static SurfacePattern men() {
        double goal = 40 * YARD;
        double box = 20 * YARD;
        var b = new SurfaceBuilder("lacrosse", 2 * END, 2 * SIDE).pen(0.075);
        b.halfway();
        b.across(box, false);
        b.fourLines(-10 * YARD, box, 10 * YARD, box);
        b.fourLines(box, box, END, box);
        b.circle(goal, 0, 9 * SurfaceBuilder.FOOT);
        b.circle(-goal, 0, 9 * SurfaceBuilder.FOOT);
        b.bothLine(goal, -GOAL / 2, goal, GOAL / 2);
        b.spot(0, 0, 0.4, Ink.LINE);
        b.bothGoal(goal, GOAL, 7 * SurfaceBuilder.FOOT, GoalShape.TRIANGLE);
        usual(b, goal);
        b.bothLandmark("box-top", box, 0);
        b.bothLandmark("hole", goal - 4, 0);
        b.sidesLandmark("alley", goal - 6, 15 * YARD);
        b.sidesLandmark("box-corner", box, box);
        b.bothZone("attack-box", box, -box, END, box);
        b.lanes(box);
        b.view("box-end", box, -box, END, box).view("crease-end", 28, -12, 46, 12);
        return SurfacePattern.fixed(b.build("lacrosse-men", Medium.GRASS, 2));
    }

    /** Goals 90 yd apart, 10 yd of space behind; the 8 m arc and the 12 m fan are built on a goal circle of 2.6 m. */
    static SurfacePattern women() {
        double goal = 45 * YARD;
        double crease = 2.6;
        double arc = crease + 8;
        double fan = crease + 12;
        var b = new SurfaceBuilder("lacrosse-women", 2 * END, 2 * SIDE).pen(0.075);
        b.across(goal - 30 * YARD, false);
        b.circle(0, 0, 9);
        b.line(0, -1.5, 0, 1.5);
        b.circle(goal, 0, crease);
        b.circle(-goal, 0, crease);
        b.bothLine(goal, -GOAL / 2, goal, GOAL / 2);
        // straight sides at 45 degrees from where the goal circle meets the goal line extended, then the arc
        double forward = (-crease + Math.sqrt(2 * arc * arc - crease * crease)) / 2;
        b.fourLines(goal, crease, goal - forward, crease + forward);
        b.facingArc(goal, arc, Math.toDegrees(StrictMath.atan2(crease + forward, forward)));
        b.facingArc(goal, fan, 90);
        b.bothGoal(goal, GOAL, 7 * SurfaceBuilder.FOOT, GoalShape.TRIANGLE);
        usual(b, goal);
        b.bothLandmark("eight-top", goal - arc, 0);
        b.bothLandmark("fan-top", goal - fan, 0);
        b.sidesLandmark("elbow", goal - forward, crease + forward);
        b.bothZone("eight-metre-arc", eight(goal, crease, arc, forward));
        b.bothZone("fan", Arcs.outline(goal, 0, fan, 90, 270));
        b.lanes(SIDE / 3);
        b.endView("restraining-end", goal - 30 * YARD).view("fan-end", goal - fan - 2, -17, END, 17);
        return SurfacePattern.fixed(b.build("lacrosse-women", Medium.GRASS, 2));
    }

    private static List<Point> eight(double goal, double crease, double arc, double forward) {
        double half = Math.toDegrees(StrictMath.atan2(crease + forward, forward));
        List<Point> outline = new ArrayList<>(List.of(new Point(goal, crease)));
        outline.addAll(Arcs.outline(goal, 0, arc, 180 - half, 180 + half));
        outline.add(new Point(goal, -crease));
        return outline;
    }

    private static void usual(SurfaceBuilder b, double goal) {
        b.usualLandmarks();
        b.bothLandmark("goal", goal, 0);
        b.bothLandmark("x-behind", goal + 5.5, 0);
        b.sidesLandmark("goal-line-extended", goal, 8);
        b.sidesLandmark("wing", goal - 12, 15 * YARD);
    }
}
