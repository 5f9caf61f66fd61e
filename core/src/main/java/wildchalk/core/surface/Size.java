package wildchalk.core.surface;

/**
 * How large a playing area is.
 *
 * @param lengthMetres along x, 1 to 300
 * @param widthMetres along y, 1 to 300
 */
public record Size(double lengthMetres, double widthMetres) {

    public static final double MAX_METRES = 300;

    public Size {
        if (!(lengthMetres >= 1 && lengthMetres <= MAX_METRES && widthMetres >= 1 && widthMetres <= MAX_METRES)) {
            throw new IllegalArgumentException(
                    "The size (%s x %s m) needs 1 to 300 m each way.".formatted(lengthMetres, widthMetres));
        }
    }

    public boolean isWithin(double metres, Size other) {
        return Math.abs(lengthMetres - other.lengthMetres) <= metres
                && Math.abs(widthMetres - other.widthMetres) <= metres;
    }
}
