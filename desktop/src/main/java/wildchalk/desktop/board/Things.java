package wildchalk.desktop.board;

import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Polyline;
import wildchalk.desktop.document.Selection;
import wildchalk.picture.paint.Bodies;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Strokes;
import wildchalk.picture.paint.Viewport;

/** What can be chosen on the board, where it is, and how it is moved. */
final class Things {

    private static final double GEAR_PIXELS = 12;
    private static final double STROKE_PIXELS = 8;
    private static final double HANDLE_PIXELS = 9;

    private Things() {}

    /** What lies under a pixel, what is on top first. */
    static Selection at(Frame frame, Viewport v, double x, double y) {
        var ball = Bodies.ballAt(frame, v, x, y, Aiming.SLACK);
        if (ball.isPresent()) {
            return Selection.of(ball.get());
        }
        var role = Bodies.roleAt(frame, v, x, y, Aiming.SLACK);
        if (role.isPresent()) {
            return Selection.of(role.get());
        }
        Point p = v.toMetres(x, y);
        double reach = GEAR_PIXELS / v.pixelsPerMetre();
        for (Gear g : frame.progression().gear()) {
            double wide = g.kind().isGoal() ? g.kind().widthMetres() / 2 : 0;
            if (g.at().isWithin(Math.max(reach, wide), p)) {
                return Selection.of(g.id());
            }
        }
        for (WaitingLine line : frame.progression().lines()) {
            Point tail = line.at().plus(Point.polar(line.standing(), line.facingDegrees() + 180));
            if (new Polyline(List.of(line.at(), tail)).distanceTo(p) < reach) {
                return Selection.of(line.id());
            }
        }
        return Strokes.near(frame, p, STROKE_PIXELS / v.pixelsPerMetre())
                .map(Selection::of)
                .orElse(Selection.NONE);
    }

    /** The points of the chosen travel, which can be dragged. */
    static List<Waypoint> handles(Frame frame, Selection selection) {
        return selection
                .move()
                .flatMap(m -> frame.progression().move(m))
                .filter(m -> m instanceof Travel)
                .map(m -> ((Travel) m).path())
                .orElse(List.of());
    }

    static Optional<Integer> handleAt(Frame frame, Selection selection, Viewport v, double x, double y) {
        List<Waypoint> points = handles(frame, selection);
        for (int i = points.size() - 1; i >= 0; i--) {
            if (v.toPixels(points.get(i).at()).distance(x, y) <= HANDLE_PIXELS) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    /** Where the ring around the chosen thing is drawn; empty when a stroke or nothing is chosen. */
    static Optional<Point2D> middle(Frame frame, Viewport v, Selection s) {
        Progression drill = frame.progression();
        Optional<Point2D> body = s.role().filter(r -> drill.role(r).isPresent()).map(r -> Bodies.of(frame, v, r));
        Optional<Point2D> ball = s.ball()
                .filter(b -> drill.balls().stream().anyMatch(o -> o.id().equals(b)))
                .map(b -> Bodies.of(frame, v, b));
        Optional<Point2D> gear = s.gear()
                .flatMap(
                        g -> drill.gear().stream().filter(o -> o.id().equals(g)).findFirst())
                .map(g -> v.toPixels(g.at()));
        Optional<Point2D> line = s.line()
                .flatMap(l ->
                        drill.lines().stream().filter(o -> o.id().equals(l)).findFirst())
                .map(l -> v.toPixels(l.at()));
        return body.or(() -> ball).or(() -> gear).or(() -> line);
    }

    /** The progression with the chosen thing's start at another place. A role that a line gives takes the line along. */
    static Progression movedTo(Progression drill, Selection s, Point place) {
        if (s.role().isPresent()) {
            Role role = drill.role(s.role().get()).orElseThrow();
            return role.at().isPresent()
                    ? drill.with(role.withAt(place))
                    : drill.with(drill.lineFeeding(role.id()).orElseThrow().withAt(place));
        }
        if (s.gear().isPresent()) {
            return drill.with(drill.gear().stream()
                    .filter(g -> g.id().equals(s.gear().get()))
                    .findFirst()
                    .orElseThrow()
                    .withAt(place));
        }
        if (s.line().isPresent()) {
            return drill.with(drill.lines().stream()
                    .filter(l -> l.id().equals(s.line().get()))
                    .findFirst()
                    .orElseThrow()
                    .withAt(place));
        }
        return s.ball().map(b -> drill.with(new Ball(b, new Ball.Loose(place)))).orElse(drill);
    }

    /** Where the chosen thing starts; empty for a ball in somebody's hands and for moves. */
    static Optional<Point> startOf(Progression drill, Selection s) {
        if (s.role().isPresent()) {
            return Optional.of(drill.startOf(s.role().get()));
        }
        if (s.gear().isPresent()) {
            return drill.gear().stream()
                    .filter(g -> g.id().equals(s.gear().get()))
                    .map(Gear::at)
                    .findFirst();
        }
        if (s.line().isPresent()) {
            return drill.lines().stream()
                    .filter(l -> l.id().equals(s.line().get()))
                    .map(WaitingLine::at)
                    .findFirst();
        }
        return s.ball()
                .flatMap(b -> drill.balls().stream()
                        .filter(o -> o.id().equals(b))
                        .findFirst()
                        .flatMap(o -> o.start().match(with -> Optional.empty(), loose -> Optional.of(loose.at()))));
    }

    /** All things in the order in which the tab key visits them. */
    static List<Selection> all(Progression drill) {
        List<Selection> list = new ArrayList<>();
        drill.roles().forEach(r -> list.add(Selection.of(r.id())));
        drill.balls().forEach(b -> list.add(Selection.of(b.id())));
        drill.lines().forEach(l -> list.add(Selection.of(l.id())));
        drill.gear().forEach(g -> list.add(Selection.of(g.id())));
        drill.moves().forEach(m -> list.add(Selection.of(m.id())));
        return list;
    }
}
