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
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;

/** Names for places: by gear, by landmark, by zone, or by measure. */
public final class Places {

    /** "At the cone" is said of a place within a stride of it. */
    static final double GEAR_METRES = 1.0;
    /** "At the corner" is said of a place about this near. */
    private static final double LANDMARK_METRES = 1.6;
    /** Nearer than this to an axis is on it: half a ball. */
    private static final double ON_AXIS_METRES = 0.1;
    /** Less than this is a step. */
    private static final double STEP_METRES = 1.5;
    /** So far ahead somebody looks who is told to go towards something. */
    private static final double AHEAD_METRES = 15;

    /** From so long a way on it is said on which side it goes. */
    private static final double LONG_METRES = 4;
    /** So near to the middle line, as a share of the width, is the middle. */
    private static final double MIDDLE_SHARE = 0.08;
    /** So far from it is a side. */
    private static final double SIDE_SHARE = 0.2;

    /** "Straight up" may lean so much to the side. */
    private static final double LEANING = 0.35;

    private static final double AHEAD_COSINE = StrictMath.cos(Math.toRadians(12));

    private final Scene scene;
    private final Surface surface;
    private final LengthUnit unit;
    /** Made when the first piece is named. */
    private GearNames gearNames;

    /** @param unit what lengths are said in */
    public Places(Scene scene, Surface surface, LengthUnit unit) {
        this.scene = scene;
        this.surface = surface;
        this.unit = unit;
    }

    String rough(double metres) {
        return unit.rough(metres);
    }

    /** Without needless noughts: steps of rows, widths of gaps. */
    String step(double metres) {
        return Numbers.brief(metres / unit.metres(), 1) + " " + unit.symbol();
    }

    String length(double metres) {
        return unit.text(metres);
    }

    /** "2 m", "0.8 m". */
    String exact(double metres) {
        return unit.exact(metres);
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
                : landmark(p, LANDMARK_METRES).map(Landmark::name);
    }

    /** The nearest piece of gear or landmark that is farther than one distance and nearer than another, m. */
    Optional<Point> nearest(Point p, double atLeast, double atMost) {
        return Stream.concat(
                        scene.gear().stream().map(Gear::at),
                        surface.landmarks().stream().filter(l -> !l.foreign()).map(Landmark::at))
                .filter(q -> q.distanceTo(p) > atLeast && q.distanceTo(p) < atMost)
                .min(Comparator.comparingDouble(q -> q.distanceTo(p)));
    }

    /** The nearest landmark of the drill's own sport, or of lines that were picked to play with. */
    private Optional<Landmark> landmark(Point p, double metres) {
        return surface.landmarks().stream()
                .filter(l -> !l.foreign() && l.at().isWithin(metres, p))
                .min(Comparator.comparingDouble(l -> l.at().distanceTo(p)));
    }

    public Optional<String> zone(Point p) {
        return zones().filter(z -> z.contains(p)).findFirst().map(Zone::name);
    }

    /** Likewise, but for parts of the ground that nobody sees the borders of. */
    Optional<String> area(Point p) {
        return zones().filter(z -> !z.isLane() && z.contains(p)).findFirst().map(Zone::name);
    }

    /** Those that were drawn before those of the surface. */
    private Stream<Zone> zones() {
        return Stream.concat(scene.layout().zones().stream().map(MarkedZone::asZone), surface.zones().stream());
    }

    /**
     * Where somebody goes who stands somewhere: "to the left corner", "into the slot" if he is not in it already, else which way:
     * "towards the left post", "back and to the right".
     */
    String goingTo(Point from, Point p) {
        return named(p).map(n -> Texts.CORE.get("words.to", n))
                .or(() -> zones().filter(z -> !z.isLane() && z.contains(p) && !z.contains(from))
                        .findFirst()
                        .map(z -> Texts.CORE.get("words.into", z.name())))
                .orElseGet(() -> towards(from, p));
    }

    /**
     * How far, where {@link #goingTo} says but which way: whoever hears that has to know when to stop.
     *
     * @return "5 m"; empty where the place itself is named, and for a step
     */
    Optional<String> howFar(Point from, Point p) {
        boolean said = named(p).isPresent()
                || zones().anyMatch(z -> !z.isLane() && z.contains(p) && !z.contains(from))
                || crossesHalfway(from, p)
                || from.isWithin(STEP_METRES, p);
        return said ? Optional.empty() : Optional.of(unit.paces(from.distanceTo(p)));
    }

    /** Which way, by a landmark that lies ahead, or up and down the surface. */
    String towards(Point from, Point p) {
        Point way = p.minus(from);
        if (crossesHalfway(from, p)) {
            return side(p).map(s -> Texts.CORE.get("direction.over." + s)).orElse(Texts.CORE.get("direction.over"));
        }
        if (way.length() < STEP_METRES) {
            return Texts.CORE.get("direction.step", direction(way, 1));
        }
        return surface.landmarks().stream()
                .filter(l -> !l.foreign() && isAhead(way, l.at().minus(p)))
                .min(Comparator.comparingDouble(l -> l.at().distanceTo(p)))
                .map(l -> Texts.CORE.get("words.towards", l.name()))
                .orElseGet(() -> along(way, p));
    }

    /** "Up and to the left": which way, by no place. */
    String direction(Point from, Point to) {
        return direction(to.minus(from), LEANING);
    }

    /** "Up the left": which way, and on which side of the surface if it is long. */
    String way(Point from, Point to) {
        return along(to.minus(from), to);
    }

    /** Which way; of a long way up or down also on which side. */
    private String along(Point way, Point end) {
        String which = direction(way, LEANING);
        boolean straight = Math.abs(way.y()) <= LEANING * Math.abs(way.x());
        if (!straight || way.length() < LONG_METRES) {
            return which;
        }
        return side(end)
                .map(s -> Texts.CORE.get("direction." + (way.x() >= 0 ? "up." : "back.") + s))
                .orElse(which);
    }

    /** "left", "middle" or "right"; empty in between. */
    private Optional<String> side(Point p) {
        double side = p.y() / surface.widthMetres();
        return Math.abs(side) < MIDDLE_SHARE
                ? Optional.of("middle")
                : Math.abs(side) > SIDE_SHARE ? Optional.of(side > 0 ? "left" : "right") : Optional.empty();
    }

    /** From well before halfway to well past it, or back: a square in the middle has no halfway. */
    private static boolean crossesHalfway(Point from, Point to) {
        return from.x() * to.x() < 0 && Math.min(Math.abs(from.x()), Math.abs(to.x())) > LONG_METRES;
    }

    /**
     * As he sees it who looks up the surface.
     *
     * @param lean how much of the other direction is left unsaid, as a share
     */
    private static String direction(Point way, double lean) {
        String along = way.x() >= 0 ? "up" : "back";
        String across = way.y() >= 0 ? "left" : "right";
        String key;
        if (Math.abs(way.y()) <= lean * Math.abs(way.x())) {
            key = along;
        } else if (Math.abs(way.x()) <= lean * Math.abs(way.y())) {
            key = across;
        } else {
            key = along + "-" + across;
        }
        return Texts.CORE.get("direction." + key);
    }

    private static boolean isAhead(Point way, Point rest) {
        double far = rest.length();
        return far > LANDMARK_METRES && far < AHEAD_METRES && way.dot(rest) > AHEAD_COSINE * way.length() * far;
    }

    /** "at the left corner" or "6.0 m past halfway, 4.5 m left of the middle". */
    public String standing(Point p) {
        return landmark(p, 0.5).map(l -> Texts.CORE.get("place.at", l.name())).orElseGet(() -> axes(p));
    }

    /** Where somebody or something stands, to be paced out. */
    String paced(Point p) {
        return pacing().of(p);
    }

    /** Where a piece of gear stands, to be paced out. */
    String pacedGear(Point p) {
        return pacing().ofGear(p);
    }

    private Pacing pacing() {
        return new Pacing(scene, surface, unit, this);
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

    /** "the orange cone", "the second yellow cone": no two pieces have one name. */
    String gear(Gear gear) {
        if (gearNames == null) {
            gearNames = new GearNames(scene);
        }
        return gearNames.of(gear);
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
