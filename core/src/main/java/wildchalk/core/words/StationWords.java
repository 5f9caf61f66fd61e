package wildchalk.core.words;

import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Station;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.Texts;

/** Says where a station is. */
public final class StationWords {

    /** Nobody sees whether a station is so far (m) off. */
    private static final double SAME_METRES = 0.5;

    private static final double HALF_TURN_DEGREES = 179;

    private final Places places;

    StationWords(Places places) {
        this.places = places;
    }

    public static StationWords of(Scene path, Surface surface, LengthUnit unit) {
        return new StationWords(new Places(path, surface, unit));
    }

    /** At the other end, on the other side, or so far away and which way. */
    public String where(Station s) {
        boolean turned = Math.abs(s.turnDegrees()) > HALF_TURN_DEGREES;
        Point from = s.from();
        if (turned && !s.mirrored() && isAt(s, -from.x(), -from.y())) {
            return text("other-end");
        } else if (turned && s.mirrored() && isAt(s, -from.x(), from.y())) {
            return text("other-end.mirrored");
        } else if (s.turnDegrees() == 0 && s.mirrored() && isAt(s, from.x(), -from.y())) {
            return text("across");
        }
        String how = s.mirrored() ? ".mirrored" : s.turnDegrees() == 0 ? "" : ".turned";
        return text("away" + how, places.rough(from.distanceTo(s.at())), places.direction(from, s.at()));
    }

    private static boolean isAt(Station s, double x, double y) {
        return s.at().isWithin(SAME_METRES, new Point(x, y));
    }

    private static String text(String key, Object... arguments) {
        return Texts.CORE.get("setup.station." + key, arguments);
    }
}
