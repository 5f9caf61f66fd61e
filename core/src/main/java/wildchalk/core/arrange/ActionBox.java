package wildchalk.core.arrange;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Note;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.View;

/** The part of a surface in which a drill takes place. */
public final class ActionBox {

    /** Nobody needs to look at less than this (m) in one direction. */
    private static final double LEAST_METRES = 8;

    private ActionBox() {}

    /** The least rectangle round everything that is set out or done; empty for an empty surface. */
    public static Optional<View> of(Scene scene, Surface surface) {
        List<Point> all = points(scene, surface);
        return all.isEmpty() ? Optional.empty() : Optional.of(box(all));
    }

    /** Every place at which something is set out or done. */
    public static List<Point> points(Scene scene, Surface surface) {
        List<Point> all = new ArrayList<>();
        scene.gear().stream().map(Gear::at).forEach(all::add);
        for (WaitingLine line : scene.lines()) {
            all.add(line.at());
            all.add(line.tail());
        }
        scene.roles().stream().map(Role::at).forEach(p -> p.ifPresent(all::add));
        for (Ball ball : scene.balls()) {
            ball.start().match(with -> false, loose -> all.add(loose.at()));
        }
        scene.layout().zones().stream().map(MarkedZone::outline).forEach(all::addAll);
        scene.layout().notes().stream().map(Note::at).forEach(all::add);
        scene.layout().gaps().stream().map(Gap::middle).forEach(all::add);
        for (Move move : scene.moves()) {
            if (move instanceof Travel travel) {
                travel.path().forEach(w -> all.add(w.at()));
            } else if (move instanceof Pass pass) {
                pass.to().match(role -> false, place -> all.add(place.at()));
            } else if (move instanceof Shot shot) {
                surface.goal(shot.goal()).ifPresent(g -> all.add(g.centre()));
            }
        }
        return all;
    }

    /** The least rectangle round all of it, with its stations. */
    public static Optional<View> withStations(Scene scene, Surface surface) {
        return of(scene, surface).map(own -> {
            List<Point> corners = own.corners();
            List<Point> all = new ArrayList<>(corners);
            scene.layout()
                    .stations()
                    .forEach(s -> corners.forEach(c -> all.add(s.map().apply(c))));
            return all.size() == corners.size() ? own : box(all);
        });
    }

    private static View box(List<Point> all) {
        double left = all.stream().mapToDouble(Point::x).min().orElseThrow();
        double right = all.stream().mapToDouble(Point::x).max().orElseThrow();
        double low = all.stream().mapToDouble(Point::y).min().orElseThrow();
        double high = all.stream().mapToDouble(Point::y).max().orElseThrow();
        double wide = Math.max(0, LEAST_METRES - (right - left)) / 2;
        double tall = Math.max(0, LEAST_METRES - (high - low)) / 2;
        return View.of(new Point(left - wide, low - tall), new Point(right + wide, high + tall));
    }
}
