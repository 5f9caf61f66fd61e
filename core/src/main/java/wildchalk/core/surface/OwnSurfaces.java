package wildchalk.core.surface;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import wildchalk.core.geometry.Point;

/** Surfaces that a coach lays out: a yard, a small gym, a third of a rink. */
public final class OwnSurfaces {

    /** The sport of a surface that is like none in particular. */
    public static final String NO_SPORT = "own";

    /** Rounding noise. */
    private static final double SAME_METRES = 1e-6;

    /** Parts that every surface has. */
    private static final Set<String> STANDARD =
            Set.of("whole", "half-right", "half-left", "third-right", "third-middle", "third-left");

    private OwnSurfaces() {}

    /** A bare area. */
    public static Surface blank(String id, String title, Size size) {
        return of(
                new Surface(
                        id,
                        title,
                        NO_SPORT,
                        Medium.FLOOR,
                        size.lengthMetres(),
                        size.widthMetres(),
                        0,
                        false,
                        1,
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of(),
                        standardViews(size)),
                List.of());
    }

    /** The same surface with the usual parts and the given ones. */
    public static Surface of(Surface drawn, List<View> ownViews) {
        List<View> views = new ArrayList<>(standardViews(drawn.size()));
        ownViews.stream().filter(v -> !STANDARD.contains(v.id())).forEach(views::add);
        return new Surface(
                drawn.id(),
                drawn.title(),
                drawn.sport(),
                drawn.medium(),
                drawn.lengthMetres(),
                drawn.widthMetres(),
                drawn.cornerRadiusMetres(),
                drawn.boards(),
                drawn.runOffMetres(),
                drawn.markings(),
                drawn.landmarks(),
                drawn.zones(),
                drawn.goals(),
                views);
    }

    /** A copy of any surface to start from, under a name of its own. */
    public static Surface copyOf(Surface surface, String id, String title) {
        Surface copy = new Surface(
                id,
                title,
                surface.sport(),
                surface.medium(),
                surface.lengthMetres(),
                surface.widthMetres(),
                surface.cornerRadiusMetres(),
                surface.boards(),
                surface.runOffMetres(),
                surface.markings(),
                surface.landmarks(),
                surface.zones(),
                surface.goals(),
                surface.views());
        return of(copy, ownViews(surface));
    }

    /**
     * A part of a surface as a surface of its own, its middle at the origin: half a rink, a corner of a hall. Lines keep
     * their places and are seen as far as the part reaches; points, zones and goals are those that lie in it.
     */
    public static Surface cropped(Surface s, View part) {
        if (part.isWithin(SAME_METRES, s.wholeView())) {
            return s;
        }
        Point middle = new Point((part.minX() + part.maxX()) / 2, (part.minY() + part.maxY()) / 2);
        Surface cut = new Surface(
                s.id(),
                s.title() + ", " + part.name(),
                s.sport(),
                s.medium(),
                part.width(),
                part.height(),
                0,
                s.boards(),
                s.runOffMetres(),
                s.markings().stream().map(m -> shifted(m, middle)).toList(),
                s.landmarks().stream()
                        .filter(l -> part.contains(l.at()))
                        .map(l -> new Landmark(l.id(), l.name(), l.at().minus(middle)))
                        .toList(),
                s.zones().stream()
                        .filter(z -> z.outline().stream()
                                .allMatch(p -> part.grown(SAME_METRES).contains(p)))
                        .map(z -> new Zone(z.id(), z.name(), shifted(z.outline(), middle)))
                        .toList(),
                s.goals().stream()
                        .filter(g -> part.contains(g.centre()))
                        .map(g -> g.at(g.centre().minus(middle), g.facingDegrees()))
                        .toList(),
                standardViews(new Size(part.width(), part.height())));
        return of(cut, List.of());
    }

    private static List<Point> shifted(List<Point> points, Point middle) {
        return points.stream().map(p -> p.minus(middle)).toList();
    }

    private static Marking shifted(Marking marking, Point middle) {
        return marking.match(
                l -> new Marking.Line(
                        l.from().minus(middle), l.to().minus(middle), l.widthMetres(), l.dashed(), l.ink()),
                a -> new Marking.Arc(
                        a.centre().minus(middle),
                        a.radiusMetres(),
                        a.startDegrees(),
                        a.sweepDegrees(),
                        a.widthMetres(),
                        a.dashed(),
                        a.ink()),
                p -> new Marking.Spot(p.centre().minus(middle), p.diameterMetres(), p.ink()),
                area -> new Marking.Area(shifted(area.outline(), middle), area.ink()));
    }

    /** The parts of a surface that not every surface has. */
    public static List<View> ownViews(Surface surface) {
        return surface.views().stream().filter(v -> !STANDARD.contains(v.id())).toList();
    }

    public static List<View> standardViews(Size size) {
        return new SurfaceBuilder(NO_SPORT, size.lengthMetres(), size.widthMetres())
                .thirds()
                .views();
    }
}
