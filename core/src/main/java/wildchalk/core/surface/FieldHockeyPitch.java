package wildchalk.core.surface;

/** The field hockey pitch, 91.40 x 55.00 m (FIH, Rules of Hockey: field and equipment specifications). */
final class FieldHockeyPitch {

    private static final double END = 45.7;
    private static final double SIDE = 27.5;
    private static final double POST = 1.83;
    private static final double CIRCLE = 14.63;

    private FieldHockeyPitch() {}

    static SurfacePattern build() {
        var b = new SurfaceBuilder("field-hockey", 2 * END, 2 * SIDE).pen(0.075);
        b.bothArea(Arcs.aboutPosts(END, POST, CIRCLE), Ink.BLUE);
        b.halfway();
        b.across(22.8, false);
        b.bothLine(END - CIRCLE, -POST, END - CIRCLE, POST);
        b.bothArc(END, POST, CIRCLE, 90, 90);
        b.bothArc(END, -POST, CIRCLE, 180, 90);
        double outer = CIRCLE + 5;
        b.bothLine(END - outer, -POST, END - outer, POST, 0.075, true, Ink.LINE);
        b.bothArc(END, POST, outer, 90, 90, 0.075, true, Ink.LINE);
        b.bothArc(END, -POST, outer, 180, 90, 0.075, true, Ink.LINE);
        b.bothSpots(39.225, 0, 0.15);
        b.fourLines(END, 6.88, END + 0.3, 6.88);
        b.fourLines(END, 11.88, END + 0.3, 11.88);
        b.bothGoal(END, 3.66, 1.2);
        b.usualLandmarks();
        b.bothLandmark("goal", END, 0);
        b.bothLandmark("penalty-spot", 39.225, 0);
        b.bothLandmark("circle-top", END - CIRCLE, 0);
        b.bothLandmark("twenty-three", 22.8, 0);
        b.sidesLandmark("post", END, POST);
        b.sidesLandmark("injection-mark", END, 11.88);
        b.sidesLandmark("twenty-three-side", 22.8, SIDE);
        b.bothZone("circle", Arcs.aboutPosts(END, POST, CIRCLE));
        b.bothZone("twenty-three-zone", 22.8, -SIDE, END, SIDE);
        b.lanes(SIDE / 3);
        b.endView("twenty-three-end", 20).view("circle-end", 25, -20, END, 20);
        return SurfacePattern.fixed(b.build("field-hockey", Medium.GRASS, 2));
    }
}
