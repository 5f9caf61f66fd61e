package wildchalk.core.drill;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Zone;
import wildchalk.core.text.Texts;

/** Regions by their ids, whoever drew them; two of them go with the ball. */
public final class Zones {

    /** The half along the surface, left or right, in which the ball is; all of it while the ball is in the middle. */
    public static final String BALL_SIDE = "ball-side";

    /** The other half; none of it while the ball is in the middle. */
    public static final String FAR_SIDE = "far-side";

    private static final Set<String> WITH_THE_BALL = Set.of(BALL_SIDE, FAR_SIDE);

    /** A ball so near (m) to the line that halves the surface is on neither side of it (estimate). */
    private static final double MIDDLE_METRES = 0.5;

    private Zones() {}

    /** A zone of the drill, else of its surface; one that goes with the ball as it lies at the whistle. */
    public static Optional<Zone> find(Scene scene, Surface surface, String id) {
        return find(
                scene,
                surface,
                id,
                scene.balls().stream()
                        .findFirst()
                        .map(b -> b.start().match(with -> scene.startOf(with.role()), Ball.Loose::at)));
    }

    /** Likewise; one that goes with the ball as it lies now. */
    public static Optional<Zone> find(Scene scene, Surface surface, String id, Optional<Point> ball) {
        return scene.layout().zones().stream()
                .map(MarkedZone::asZone)
                .filter(z -> z.id().equals(id))
                .findFirst()
                .or(() ->
                        surface.zones().stream().filter(z -> z.id().equals(id)).findFirst())
                .or(() -> goesWithBall(id) ? ball.map(b -> side(surface, id, b)) : Optional.empty());
    }

    /** Whether a zone is where the ball says. */
    public static boolean goesWithBall(String id) {
        return WITH_THE_BALL.contains(id);
    }

    /** Whether a ball is on neither side. */
    public static boolean isInTheMiddle(Optional<Point> ball) {
        return ball.filter(b -> Math.abs(b.y()) >= MIDDLE_METRES).isEmpty();
    }

    private static Zone side(Surface surface, String id, Point ball) {
        double x = surface.lengthMetres();
        double y = surface.widthMetres();
        boolean middle = isInTheMiddle(Optional.of(ball));
        boolean left = ball.y() > 0;
        boolean own = id.equals(BALL_SIDE);
        double from = middle ? own ? -y : 0 : left == own ? 0 : -y;
        double to = middle ? own ? y : 0 : left == own ? y : 0;
        return new Zone(
                id,
                Texts.CORE.get("zone." + id),
                List.of(new Point(-x, from), new Point(x, from), new Point(x, to), new Point(-x, to)));
    }
}
