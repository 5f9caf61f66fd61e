package wildchalk.core.surface;

/** Areas without the lines of a sport: a hall, a piece of grass, a grid of metres. */
final class PlainArea {

    private PlainArea() {}

    static SurfacePattern hall() {
        return SurfacePattern.sized(
                new Size(34.5, 20),
                new SizeRange(5, 80, 5, 60),
                s -> plain("hall", "hall", Medium.FLOOR, s).boards(0).build("hall", Medium.FLOOR, 0));
    }

    static SurfacePattern grass() {
        return SurfacePattern.sized(
                new Size(40, 30),
                new SizeRange(4, 150, 4, 120),
                s -> plain("grass", "grass", Medium.GRASS, s).build("grass", Medium.GRASS, 2));
    }

    static SurfacePattern grid() {
        return SurfacePattern.sized(new Size(10, 10), new SizeRange(4, 60, 4, 60), s -> {
            var b = plain("grid", "grid", Medium.FLOOR, s);
            double x = s.lengthMetres() / 2;
            double y = s.widthMetres() / 2;
            for (int i = 1; i < s.lengthMetres(); i++) {
                b.line(-x + i, -y, -x + i, y, 0.02, false, i % 5 == 0 ? Ink.LINE : Ink.FAINT);
            }
            for (int i = 1; i < s.widthMetres(); i++) {
                b.line(-x, -y + i, x, -y + i, 0.02, false, i % 5 == 0 ? Ink.LINE : Ink.FAINT);
            }
            b.landmark("grid-a", -x, -y);
            b.landmark("grid-b", x, -y);
            b.landmark("grid-c", x, y);
            b.landmark("grid-d", -x, y);
            return b.build("grid", Medium.FLOOR, 2);
        });
    }

    private static SurfaceBuilder plain(String id, String sport, Medium medium, Size s) {
        var b = new SurfaceBuilder(sport, s.lengthMetres(), s.widthMetres());
        b.landmark("centre", 0, 0);
        b.landmark("left-halfway", 0, s.widthMetres() / 2);
        b.landmark("right-halfway", 0, -s.widthMetres() / 2);
        if (!id.equals("grid")) {
            b.sidesLandmark("corner", s.lengthMetres() / 2, s.widthMetres() / 2);
        }
        b.lanes(s.widthMetres() / 6);
        b.thirds();
        return b;
    }
}
