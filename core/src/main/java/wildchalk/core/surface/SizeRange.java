package wildchalk.core.surface;

/** Sizes that the rules, or for a plain area the tool, permit; metres, ends included. */
public record SizeRange(double minLength, double maxLength, double minWidth, double maxWidth) {

    /** Half a centimetre, for measures that were converted from feet and yards. */
    private static final double ROUNDING_METRES = 0.005;

    public boolean permits(Size size) {
        return size.lengthMetres() >= minLength - ROUNDING_METRES
                && size.lengthMetres() <= maxLength + ROUNDING_METRES
                && size.widthMetres() >= minWidth - ROUNDING_METRES
                && size.widthMetres() <= maxWidth + ROUNDING_METRES;
    }
}
