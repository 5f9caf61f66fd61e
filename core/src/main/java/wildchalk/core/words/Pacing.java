package wildchalk.core.words;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.Scene;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Landmark;
import wildchalk.core.surface.Marking;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.SportTexts;
import wildchalk.core.text.Texts;

/**
 * Says where something stands so that somebody can pace it out: from the nearest point that has a name, to the half metre or yard,
 * along the surface and across it. Only where nothing with a name is near is it measured from the middle.
 */
final class Pacing {

    /** "At" a place is within this, m. */
    private static final double AT_METRES = 0.75;
    /** Farther than this nobody paces from a point, m. */
    private static final double NEAR_METRES = 8;
    /** Two directions to pace are as bad as so many metres more in one. */
    private static final double TURN_METRES = 3;
    /** Points nearer to halfway than this have no side that faces the middle, m. */
    private static final double HALFWAY_METRES = 1;

    /** Lines round the surface are paced from within this, m. */
    private static final double EDGE_METRES = 6;

    private final Surface surface;
    private final List<Landmark> landmarks;
    private final LengthUnit unit;
    private final Scene scene;
    private final Places places;

    Pacing(Scene scene, Surface surface, LengthUnit unit, Places places) {
        this.scene = scene;
        this.surface = surface;
        this.landmarks = surface.landmarks().stream().filter(l -> !l.foreign()).toList();
        this.unit = unit;
        this.places = places;
    }

    /** "at the left wing", "2 m out from the 7 m mark", "beside the orange cone"; for what is not gear itself. */
    String of(Point p) {
        Optional<Gear> beside = scene.gear().stream()
                .filter(g -> !g.kind().isGoal() && g.at().isWithin(AT_METRES, p))
                .min(Comparator.comparingDouble(g -> g.at().distanceTo(p)));
        return landmark(p, AT_METRES)
                .map(l -> Texts.CORE.get("place.at", l.name()))
                .or(() -> beside.map(g -> Texts.CORE.get("place.beside", places.gear(g))))
                .orElseGet(() -> paced(p));
    }

    /** Where a piece of gear stands; not by other gear. */
    String ofGear(Point p) {
        return landmark(p, AT_METRES)
                .map(l -> Texts.CORE.get("place.at", l.name()))
                .orElseGet(() -> paced(p));
    }

    private Optional<Landmark> landmark(Point p, double metres) {
        return landmarks.stream()
                .filter(l -> l.at().isWithin(metres, p))
                .min(Comparator.comparingDouble(l -> l.at().distanceTo(p)));
    }

    private String paced(Point p) {
        return landmarks.stream()
                .filter(l -> l.at().isWithin(NEAR_METRES, p))
                .min(Comparator.comparingDouble(l -> trouble(p.minus(l.at()))))
                .map(l -> from(l, p.minus(l.at())))
                .orElseGet(() -> fromMiddle(p));
    }

    private double trouble(Point away) {
        boolean both = isPaced(away.x(), away.y()) && isPaced(away.y(), away.x());
        return Math.abs(away.x()) + Math.abs(away.y()) + (both ? TURN_METRES : 0);
    }

    private String from(Landmark mark, Point away) {
        String side = away.y() > 0 ? "left" : "right";
        String along;
        if (Math.abs(mark.at().x()) < HALFWAY_METRES) {
            along = away.x() > 0 ? "up" : "back";
        } else {
            // towards the middle of the surface, or away from it
            along = mark.at().x() > 0 == away.x() < 0 ? "out" : "behind";
        }
        boolean deep = isPaced(away.x(), away.y());
        boolean wide = isPaced(away.y(), away.x());
        if (!deep) {
            return Texts.CORE.get("pace." + side, length(away.y()), mark.name());
        }
        String first = Texts.CORE.get("pace." + along, length(away.x()), mark.name());
        return wide ? Texts.CORE.get("pace.and-" + side, first, length(away.y())) : first;
    }

    /** Along from halfway or the end line, across from the middle or the side line: from whatever is nearer. */
    private String fromMiddle(Point p) {
        Optional<String> end = fromEdge("end", surface.lengthMetres() / 2, p.x(), p.x() > 0 ? "far" : "near");
        Optional<String> side = fromEdge("side", surface.widthMetres() / 2, p.y(), p.y() > 0 ? "left" : "right");
        String along = fromLine(p)
                .or(() -> end)
                .orElseGet(() -> halves(p.x()) == 0
                        ? Texts.CORE.get("place.on-halfway")
                        : Texts.CORE.get(p.x() > 0 ? "place.past-halfway" : "place.before-halfway", length(p.x())));
        String across = side.orElseGet(() -> halves(p.y()) == 0
                ? Texts.CORE.get("place.on-middle")
                : Texts.CORE.get(p.y() > 0 ? "place.left-of-middle" : "place.right-of-middle", length(p.y())));
        return Texts.CORE.get("place.axes", along, across);
    }

    /** "1 m behind the 23 m line": by the nearest line across the surface that has a name, and lies level with the place. */
    private Optional<String> fromLine(Point p) {
        return landmarks.stream()
                .filter(l -> l.name().startsWith(MIDDLE_OF))
                .filter(l -> Math.abs(l.at().x() - p.x()) <= EDGE_METRES && isCrossed(l.at().x(), p.y()))
                .min(Comparator.comparingDouble(l -> Math.abs(l.at().x() - p.x())))
                .map(l -> {
                    String line = l.name().substring(MIDDLE_OF.length());
                    boolean out = l.at().x() > 0 == p.x() < l.at().x();
                    return halves(p.x() - l.at().x()) == 0
                            ? Texts.CORE.get("place.edge.on", "", line)
                            : Texts.CORE.get(out ? "pace.out" : "pace.behind", length(p.x() - l.at().x()), line);
                });
    }

    /** Whether a line across the surface is painted there. */
    private boolean isCrossed(double x, double y) {
        return surface.markings().stream()
                .anyMatch(m -> m instanceof Marking.Line l
                        && Math.abs(l.from().x() - x) < LINE_METRES
                        && Math.abs(l.to().x() - x) < LINE_METRES
                        && Math.min(l.from().y(), l.to().y()) <= y
                        && Math.max(l.from().y(), l.to().y()) >= y);
    }

    /** How points in the middle of lines are named. */
    private static final String MIDDLE_OF = Texts.CORE.get("pace.middle-of");

    /** A line and the point in its middle lie so near to each other, m. */
    private static final double LINE_METRES = 0.3;

    /**
     * "5 m in from the left touchline", where the line is near enough to be paced from.
     *
     * @param which "end" or "side"
     * @param half from the middle to the line, m
     * @param at from the middle to the place, m
     */
    private Optional<String> fromEdge(String which, double half, double at, String end) {
        double in = half - Math.abs(at);
        if (Math.abs(in) > EDGE_METRES || Math.abs(in) > Math.abs(at)) {
            return Optional.empty();
        }
        String line = SportTexts.get("edge", surface.sport(), which, Texts.CORE.get("edge." + end));
        String how = halves(in) == 0 ? "on" : in > 0 ? "in" : "outside";
        return Optional.of(Texts.CORE.get("place.edge." + how, length(in), line));
    }

    /** Whether somebody paces it; of less than a pace only what is the larger part. */
    private boolean isPaced(double one, double other) {
        return halves(one) >= 1 || halves(one) > 0 && Math.abs(one) > Math.abs(other);
    }

    private double halves(double metres) {
        return Math.round(2 * Math.abs(metres) / unit.metres()) / 2.0;
    }

    private String length(double metres) {
        return unit.rough(Math.abs(metres));
    }
}
