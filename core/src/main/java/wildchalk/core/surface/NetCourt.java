package wildchalk.core.surface;

/** Courts with a net across the middle. */
final class NetCourt {

    private NetCourt() {}

    /** FIVB Official Volleyball Rules, rules 1 and 2; boundary lines lie inside the 18 x 9 m. */
    static SurfacePattern volleyball() {
        var b = new SurfaceBuilder("volleyball", 18, 9);
        b.across(3, false);
        b.fourLines(3, 4.5, 3, 6.25, true);
        b.fourLines(9.2, 4.5, 9.35, 4.5);
        net(b, 5.25);
        b.usualLandmarks();
        b.sidesLandmark("pin", 0.1, 4.5);
        b.bothLandmark("target", 1, 1);
        b.bothLandmark("attack-line", 3, 0);
        b.bothLandmark("service", 9, 0);
        for (String end : new String[] {"", "own-"}) {
            // zones 1 to 6 are counted by the team that defends the end: theirs turn by half
            double s = end.isEmpty() ? -1 : 1;
            zone(b, end + "zone-4", s, -3, 1.5, 0, 4.5);
            zone(b, end + "zone-3", s, -3, -1.5, 0, 1.5);
            zone(b, end + "zone-2", s, -3, -4.5, 0, -1.5);
            zone(b, end + "zone-5", s, -9, 1.5, -3, 4.5);
            zone(b, end + "zone-6", s, -9, -1.5, -3, 1.5);
            zone(b, end + "zone-1", s, -9, -4.5, -3, -1.5);
        }
        b.view("half-service", 0, -4.5, 13, 4.5);
        return SurfacePattern.fixed(b.build("volleyball", Medium.FLOOR, 3));
    }

    private static void zone(SurfaceBuilder b, String id, double turn, double x1, double y1, double x2, double y2) {
        b.rectangleZone(
                id,
                Math.min(turn * x1, turn * x2) + 0.0,
                Math.min(turn * y1, turn * y2) + 0.0,
                Math.max(turn * x1, turn * x2) + 0.0,
                Math.max(turn * y1, turn * y2) + 0.0);
    }

    /** FIVB Beach Volleyball Rules: no attack line and no centre line. */
    static SurfacePattern beach() {
        return SurfacePattern.sized(new Size(16, 8), new SizeRange(12, 18, 6, 9), size -> {
            double x = size.lengthMetres() / 2;
            double y = size.widthMetres() / 2;
            var b = new SurfaceBuilder("beach-volleyball", size.lengthMetres(), size.widthMetres()).pen(0.06);
            net(b, y + 0.75);
            b.usualLandmarks();
            b.sidesLandmark("pin", 0.1, y);
            b.sidesLandmark("cut", 1.2, y - 0.5);
            b.bothLandmark("deep-middle", x - 1, 0);
            b.bothLandmark("service", x, 0);
            b.lanes(y / 3);
            return b.build("beach-volleyball", Medium.SAND, 3);
        });
    }

    /** ITF Rules of Tennis; sizes to the outer edges of the lines. */
    static SurfacePattern tennis() {
        var b = new SurfaceBuilder("tennis", 23.77, 10.97);
        b.fourLines(11.885, 4.115, 0, 4.115);
        b.bothLine(6.4, -4.115, 6.4, 4.115);
        b.line(-6.4, 0, 6.4, 0);
        b.bothLine(11.885, 0, 11.785, 0);
        net(b, 6.399);
        b.usualLandmarks();
        b.bothLandmark("service-t", 6.4, 0);
        b.bothLandmark("baseline", 11.885, 0);
        b.sidesLandmark("singles-corner", 11.885, 4.115);
        b.sidesLandmark("net-post", 0.1, 5.4);
        for (String end : new String[] {"", "own-"}) {
            double s = end.isEmpty() ? -1 : 1;
            zone(b, end + "ad-service", s, -6.4, 0, 0, 4.115);
            zone(b, end + "deuce-service", s, -6.4, -4.115, 0, 0);
            zone(b, end + "back-court", s, -11.885, -4.115, -6.4, 4.115);
        }
        b.lanes(4.115);
        b.view("service-boxes", -6.4, -4.115, 6.4, 4.115);
        return SurfacePattern.fixed(b.build("tennis", Medium.FLOOR, 3.66));
    }

    private static void net(SurfaceBuilder b, double postY) {
        b.line(0, -postY, 0, postY, 0.08, false, Ink.NET);
    }
}
