package wildchalk.core.geometry;

/** Sums with headings in degrees. */
public final class Headings {

    private Headings() {}

    /** The same heading in (-180, 180]. */
    public static double normalise(double degrees) {
        double turn = degrees % 360;
        if (turn > 180) {
            turn -= 360;
        } else if (turn <= -180) {
            turn += 360;
        }
        return turn + 0.0; // -0.0 becomes 0.0
    }

    /** The smaller angle between two headings, 0 to 180. */
    public static double between(double a, double b) {
        return Math.abs(normalise(a - b));
    }
}
