package wildchalk.core.words;

import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.Scene;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Landmark;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Zone;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.Texts;

/** Names for places: by gear, by landmark, by zone, or by measure. */
public final class Places {

    /** "At the cone" is said of a place within a stride of it. */
    private static final double GEAR_METRES = 1.0;
    /** "At the corner" is said of a place about this near. */
    private static final double LANDMARK_METRES = 1.6;
    /** Nearer than this to an axis is on it: half a ball. */
    private static final double ON_AXIS_METRES = 0.1;

    private final Scene scene;
    private final Surface surface;
    private final LengthUnit unit;

    /** @param unit what lengths are said in */
    public Places(Scene scene, Surface surface, LengthUnit unit) {
        this.scene = scene;
        this.surface = surface;
        this.unit = unit;
    }

    String length(double metres) {
        return unit.text(metres);
    }

    /** "the orange cone", "the left corner"; empty where nothing with a name is near. */
    public Optional<String> named(Point p) {
        Gear nearest = null;
        for (Gear g : scene.gear()) {
            if (g.at().isWithin(GEAR_METRES, p)
                    && (nearest == null || g.at().distanceTo(p) < nearest.at().distanceTo(p))) {
                nearest = g;
            }
        }
        return nearest != null
                ? Optional.of(gear(nearest))
                : surface.landmarkNear(p, LANDMARK_METRES).map(Landmark::name);
    }

    /** The nearest piece of gear or landmark that is farther than one distance and nearer than another, m. */
    Optional<Point> nearest(Point p, double atLeast, double atMost) {
        return Stream.concat(
                        scene.gear().stream().map(Gear::at),
                        surface.landmarks().stream().map(Landmark::at))
                .filter(q -> q.distanceTo(p) > atLeast && q.distanceTo(p) < atMost)
                .min(Comparator.comparingDouble(q -> q.distanceTo(p)));
    }

    public Optional<String> zone(Point p) {
        Optional<Zone> drawn = scene.layout().zones().stream()
                .map(MarkedZone::asZone)
                .filter(z -> z.contains(p))
                .findFirst();
        return drawn.or(() -> surface.zoneAt(p)).map(Zone::name);
    }

    /** "to the left corner", "into the slot", or by measure. */
    String goingTo(Point p) {
        return named(p).map(n -> Texts.CORE.get("words.to", n))
                .orElseGet(() -> zone(p).map(z -> Texts.CORE.get("words.into", z))
                        .orElseGet(() -> Texts.CORE.get("words.to", axes(p))));
    }

    /** "at the left corner" or "6.0 m past halfway, 4.5 m left of the middle". */
    public String standing(Point p) {
        Optional<Landmark> landmark = surface.landmarkNear(p, 0.5);
        return landmark.map(l -> Texts.CORE.get("place.at", l.name())).orElseGet(() -> axes(p));
    }

    /** Measured along both axes from the centre. */
    public String axes(Point p) {
        String along = Math.abs(p.x()) < ON_AXIS_METRES
                ? Texts.CORE.get("place.on-halfway")
                : Texts.CORE.get(p.x() > 0 ? "place.past-halfway" : "place.before-halfway", unit.text(Math.abs(p.x())));
        String across = Math.abs(p.y()) < ON_AXIS_METRES
                ? Texts.CORE.get("place.on-middle")
                : Texts.CORE.get(
                        p.y() > 0 ? "place.left-of-middle" : "place.right-of-middle", unit.text(Math.abs(p.y())));
        return Texts.CORE.get("place.axes", along, across);
    }

    /** "the orange cone"; with its zone when there are several of the kind and colour. */
    String gear(Gear gear) {
        if (gear.kind().isGoal()) {
            return gear.asGoal().name();
        }
        String plain = "the " + (gear.label().isEmpty() ? kindOf(gear) : kindOf(gear) + " " + gear.label());
        boolean alone = scene.gear().stream()
                .noneMatch(g -> g != gear
                        && g.kind() == gear.kind()
                        && g.colour() == gear.colour()
                        && g.label().equals(gear.label()));
        return alone ? plain : zone(gear.at()).map(z -> plain + " in " + z).orElse(plain);
    }

    /** Whether a piece is named by its colour. */
    static boolean hasColour(GearKind kind) {
        return switch (kind) {
            case CONE, DISC, POLE, HOOP, PAD, MAT -> true;
            default -> false;
        };
    }

    static String kindOf(Gear gear) {
        String kind = Texts.CORE.get("gear." + gear.kind());
        return !hasColour(gear.kind()) ? kind : Texts.CORE.get("chalk." + gear.colour()) + " " + kind;
    }
}
