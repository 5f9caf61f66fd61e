package wildchalk.core.surface;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Surfaces that a coach lays out: a yard, a small gym, a third of a rink. */
public final class OwnSurfaces {

    /** The sport of a surface that is like none in particular. */
    public static final String NO_SPORT = "own";

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
