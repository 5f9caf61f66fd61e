package wildchalk.core.surface;

import java.util.Optional;
import java.util.function.Function;

/**
 * A surface that comes with the tool, and how it is laid out at another size.
 *
 * @param usual the size it is drawn at until told otherwise
 * @param range other sizes that the rules permit; empty where they permit none
 */
record SurfacePattern(Surface usual, Optional<SizeRange> range, Function<Size, Surface> layOut) {

    static SurfacePattern fixed(Surface surface) {
        return new SurfacePattern(surface, Optional.empty(), size -> surface);
    }

    static SurfacePattern sized(Size usual, SizeRange range, Function<Size, Surface> layOut) {
        return new SurfacePattern(layOut.apply(usual), Optional.of(range), layOut);
    }
}
