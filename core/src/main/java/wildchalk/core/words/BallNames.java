package wildchalk.core.words;

import wildchalk.core.drill.BallKind;
import wildchalk.core.surface.Surface;

/** What a ball is called: as the surface calls it, with its kind where that is not the usual one. */
public final class BallNames {

    private BallNames() {}

    /** Without an article: "soft ball". */
    public static String of(BallKind kind, Surface surface) {
        return SentenceWriter.text("ball." + kind, surface.ballName());
    }
}
