package wildchalk.core.surface;

/** The netball court, 30.5 x 15.25 m (World Netball, Rules of Netball). */
final class NetballCourt {

    private NetballCourt() {}

    static SurfacePattern build() {
        var b = new SurfaceBuilder("netball", 30.5, 15.25);
        b.across(30.5 / 6, false);
        b.circle(0, 0, 0.45);
        b.facingArc(15.25, 4.9, 90);
        b.bothGoal(14.9, 0.38, 0.35, GoalShape.RING);
        b.usualLandmarks();
        b.bothLandmark("post", 15.25, 0);
        b.bothLandmark("circle-top", 10.35, 0);
        b.sidesLandmark("pocket", 14.2, 4.6);
        b.sidesLandmark("transverse", 30.5 / 6, 7.625);
        b.bothZone("goal-circle", Arcs.outline(15.25, 0, 4.9, 90, 270));
        for (String end : new String[] {"", "own-"}) {
            double a = end.isEmpty() ? 30.5 / 6 : -15.25;
            double c = end.isEmpty() ? 15.25 : -30.5 / 6;
            b.rectangleZone(end + "goal-third", a, -7.625, c, 7.625);
        }
        b.rectangleZone("centre-third", -30.5 / 6, -7.625, 30.5 / 6, 7.625);
        b.thirds();
        b.view("two-thirds", -30.5 / 6, -7.625, 15.25, 7.625);
        b.endView("circle-end", 10);
        return SurfacePattern.fixed(b.build("netball", Medium.FLOOR, 3.05));
    }
}
