package wildchalk.core.drill;

import java.util.Objects;
import wildchalk.core.geometry.Point;

/**
 * A picture under the drawing, for tracing an old sheet.
 *
 * @param picture the bytes of a PNG or JPEG file in base 64
 * @param at where its middle lies
 * @param widthMetres how wide it lies on the surface, 1 to 300
 * @param dim how far it fades into the ground, 0 (plain) to 1 (gone)
 */
public record Backdrop(String picture, Point at, double widthMetres, double dim) {

    /** Characters of base 64: pictures are made smaller before they are kept. */
    public static final int MAX_LENGTH = 1_900_000;

    public Backdrop {
        dim += 0.0; // never a minus before a nought
        Objects.requireNonNull(picture, "picture");
        Objects.requireNonNull(at, "at");
        Limits.place("background picture", at);
        if (!(widthMetres >= 1 && widthMetres <= 300)) {
            throw new IllegalArgumentException(
                    "The background picture (%s m wide) needs 1 to 300 m.".formatted(widthMetres));
        }
        if (!(dim >= 0 && dim <= 1)) {
            throw new IllegalArgumentException("The background picture (dimmed by %s) needs 0 to 1.".formatted(dim));
        }
        if (picture.length() > MAX_LENGTH) {
            throw new IllegalArgumentException(
                    "The background picture (%d characters) needs %d at most.".formatted(picture.length(), MAX_LENGTH));
        }
    }

    public Backdrop withAt(Point middle) {
        return new Backdrop(picture, middle, widthMetres, dim);
    }

    public Backdrop withWidth(double metres) {
        return new Backdrop(picture, at, metres, dim);
    }

    public Backdrop withDim(double share) {
        return new Backdrop(picture, at, widthMetres, share);
    }
}
