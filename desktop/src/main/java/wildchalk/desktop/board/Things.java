package wildchalk.desktop.board;

import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Note;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Station;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Polyline;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Zone;
import wildchalk.desktop.document.Selection;
import wildchalk.picture.paint.Bodies;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Notes;
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
        for (Note note : frame.path().layout().notes()) {
            if (Notes.card(v, note).contains(x, y)) {
                return Selection.of(note.id());
            }
        }
        for (Gap gap : frame.path().layout().gaps()) {
            if (gap.middle().isWithin(reach, p)) {
                return Selection.of(gap.id());
            }
        }
        for (Station station : frame.path().layout().stations()) {
            if (station.at().isWithin(reach, p)) {
                return Selection.of(station.id());
            }
        }
        for (Gear g : frame.gear()) {
            double wide = g.kind().isRound()
                    ? 0
                    : Math.max(g.size().widthMetres(), g.size().depthMetres()) / 2;
            if (g.at().isWithin(Math.max(reach, Math.min(wide, 3)), p)) {
                return Selection.of(g.id());
            }
        }
        for (WaitingLine line : frame.path().lines()) {
            Point tail = line.at().plus(Point.polar(line.standing(), line.facingDegrees() + 180));
            if (new Polyline(List.of(line.at(), tail)).distanceTo(p) < reach) {
                return Selection.of(line.id());
            }
        }
        Optional<Selection> stroke =
                Strokes.near(frame, p, STROKE_PIXELS / v.pixelsPerMetre()).map(Selection::of);
        // a zone is taken by its border, so that a pull or a lasso can begin inside it
        return stroke.or(() -> frame.path().layout().zones().stream()
                        .filter(z -> border(z).distanceTo(p) < reach)
                        .findFirst()
                        .map(z -> Selection.of(z.id())))
                .orElse(Selection.NONE);
    }

    private static Polyline border(MarkedZone zone) {
        List<Point> closed = new ArrayList<>(zone.outline());
        closed.add(zone.outline().get(0));
        return new Polyline(closed);
    }

    /** The points of the chosen travel, which can be dragged. */
    static List<Waypoint> handles(Frame frame, Selection selection) {
        return selection
                .move()
                .flatMap(m -> frame.path().move(m))
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

    /** Where the ring around a chosen thing is drawn; empty for a stroke. */
    static Optional<Point2D> middle(Frame frame, Viewport v, ElementId id) {
        Path drill = frame.path();
        if (id instanceof RoleId role) {
            return drill.role(role).map(r -> Bodies.of(frame, v, role));
        } else if (id instanceof BallId ball) {
            return drill.ball(ball).map(b -> Bodies.of(frame, v, ball));
        }
        return Elements.place(drill, id).map(v::toPixels);
    }

    /** All things in the order in which the tab key visits them. */
    static List<Selection> all(Path path) {
        return Elements.all(path).stream().map(Selection::of).toList();
    }

    /** Elements whose place lies in a region, and moves whose points all do. */
    static Set<ElementId> inside(Frame frame, Zone region) {
        Set<ElementId> found = new LinkedHashSet<>();
        for (ElementId id : Elements.all(frame.path())) {
            boolean in = id instanceof MoveId move
                    ? frame.path()
                            .move(move)
                            .filter(m -> m instanceof Travel)
                            .map(m -> ((Travel) m).path().stream().allMatch(w -> region.contains(w.at())))
                            .orElse(false)
                    : standing(frame, id).map(region::contains).orElse(false);
            if (in) {
                found.add(id);
            }
        }
        return found;
    }

    private static Optional<Point> standing(Frame frame, ElementId id) {
        if (id instanceof RoleId role) {
            return Optional.of(frame.timeline().poseAt(role, frame.seconds()).at());
        } else if (id instanceof BallId ball) {
            return Optional.of(frame.timeline().ballAt(ball, frame.seconds()));
        }
        return Elements.place(frame.path(), id);
    }
}
