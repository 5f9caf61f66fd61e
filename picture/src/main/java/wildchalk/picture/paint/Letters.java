package wildchalk.picture.paint;

import wildchalk.picture.style.Ground;

/** How large letters in pictures are. */
final class Letters {

    /** On paper no letter is smaller than 9 pt: so many pixels of 1/96 inch. */
    static final double LEAST_PRINTED = 12;

    private Letters() {}

    /** A viewport whose unit is large enough for letters of so many units. */
    static Viewport legible(Ground ground, Viewport v, double units) {
        return v.withUnit(size(ground, units * v.unit()) / units);
    }

    /** @param pixels as large as the picture would have them */
    static double size(Ground ground, double pixels) {
        return ground == Ground.PRINT ? Math.max(LEAST_PRINTED, pixels) : pixels;
    }
}
