package wildchalk.picture.paint;

import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.arrange.ActionBox;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Point;
import wildchalk.core.runthrough.StepAction;
import wildchalk.core.surface.View;

/** Looks at where something takes place, as near as the picture allows, as a still picture does: what does not lie in it whole is not drawn. */
public final class Crop {

    /** Nearer than this nobody can tell where on the surface it is, m. */
    private static final double LEAST_METRES = 10;

    /** Room round a mark, in radii of a body: its nose, its ball. */
    private static final double ROOM = 2.4;

    private static final int MOST_TRIES = 4;

    private Crop() {}

    /**
     * What the step of a frame is about.
     *
     * @param unit pixels of one unit of marks
     */
    public static Viewport ofStep(Frame frame, double width, double height, double unit) {
        List<Point> places = frame.currentStep() < frame.path().steps().size()
                ? StepAction.of(frame.drill(), frame.path(), frame.timeline(), frame.currentStep())
                        .places()
                : List.of();
        return places.isEmpty() ? ofSetUp(frame, width, height, unit) : of(frame, places, width, height, unit);
    }

    /** Everything that is set out or done; the part in use where nothing is. */
    public static Viewport ofSetUp(Frame frame, double width, double height, double unit) {
        Optional<View> box = ActionBox.of(frame.path(), frame.drill().surface());
        Viewport whole = whole(frame, width, height, unit);
        if (box.isEmpty()) {
            return whole;
        }
        List<Point> places = new ArrayList<>(List.of(
                new Point(box.get().minX(), box.get().minY()),
                new Point(box.get().maxX(), box.get().maxY())));
        for (Gear gear : frame.path().gear()) {
            double half = Math.max(gear.size().widthMetres(), gear.size().depthMetres()) / 2;
            places.add(gear.at().plus(new Point(half, half)));
            places.add(gear.at().minus(new Point(half, half)));
        }
        Viewport v = fitting(frame, places, whole);
        // those who wait stand so far apart that their marks do: the smaller the picture, the longer the line
        for (int i = 0; i < MOST_TRIES; i++) {
            Viewport now = v;
            for (WaitingLine line : frame.path().lines()) {
                Bodies.queue(now, line).forEach(p -> places.add(now.toMetres(p.getX(), p.getY())));
            }
            v = fitting(frame, places, whole);
        }
        return v;
    }

    /** Pictures are no flatter and no higher than this, as a share of their width. */
    private static final double LEAST_ASPECT = 0.45;

    private static final double MOST_ASPECT = 0.85;

    /** Room (m) round the action when its shape is looked at. */
    private static final double ROUND_METRES = 2.5;

    /** Height over width of a picture that suits what a path does. */
    public static double aspect(SurfaceUse use, Scene scene) {
        View box = ActionBox.of(scene, use.surface()).orElse(use.view()).grown(ROUND_METRES);
        double aspect = use.standing() ? box.width() / box.height() : box.height() / box.width();
        return Math.max(LEAST_ASPECT, Math.min(MOST_ASPECT, aspect));
    }

    /**
     * What is looked at while reps are played: where their action is, if that can be shown much larger than the part in use, and
     * those who wait in lines.
     *
     * @param width pixels of the picture, the surface lying
     * @param unit pixels of one unit of marks
     */
    public static View ofReps(SurfaceUse use, List<? extends Scene> reps, double width, double unit) {
        Optional<View> action = reps.stream()
                .flatMap(r -> ActionBox.of(r, use.surface()).stream())
                .reduce(Crop::both);
        View view = Viewport.first(use, action, width, width * Viewport.aspect(use));
        Viewport v = Viewport.fitting(view, false, width, width * Viewport.aspect(view))
                .withUnit(unit);
        // the margin of a picture has room for the marks themselves
        for (Scene scene : reps) {
            for (WaitingLine line : scene.lines()) {
                for (Point2D p : Bodies.queue(v, line)) {
                    Point at = v.toMetres(p.getX(), p.getY());
                    view = both(view, View.of(at.minus(ROUND_ONE), at.plus(ROUND_ONE)));
                }
            }
        }
        return view;
    }

    private static final Point ROUND_ONE = new Point(0.6, 0.6);

    private static View both(View a, View b) {
        return View.of(
                new Point(Math.min(a.minX(), b.minX()), Math.min(a.minY(), b.minY())),
                new Point(Math.max(a.maxX(), b.maxX()), Math.max(a.maxY(), b.maxY())));
    }

    /** What a viewport shows. */
    public static View area(Viewport v) {
        return View.of(v.toMetres(0, 0), v.toMetres(v.width(), v.height()));
    }

    private static Viewport whole(Frame frame, double width, double height, double unit) {
        return Viewport.fitting(frame.drill().surfaceUse(), width, height).withUnit(unit);
    }

    private static Viewport of(Frame frame, List<Point> places, double width, double height, double unit) {
        return fitting(frame, places, whole(frame, width, height, unit));
    }

    private static Viewport fitting(Frame frame, List<Point> shown, Viewport whole) {
        double minX = shown.stream().mapToDouble(Point::x).min().orElseThrow();
        double maxX = shown.stream().mapToDouble(Point::x).max().orElseThrow();
        double minY = shown.stream().mapToDouble(Point::y).min().orElseThrow();
        double maxY = shown.stream().mapToDouble(Point::y).max().orElseThrow();
        double length = Math.max(LEAST_METRES, maxX - minX);
        double wide = Math.max(LEAST_METRES, maxY - minY);
        double room = 2 * ROOM * Bodies.BODY_RADIUS * whole.unit();
        double across = whole.standing() ? wide : length;
        double up = whole.standing() ? length : wide;
        double scale = Math.min(Math.max(1, whole.width() - room) / across, Math.max(1, whole.height() - room) / up);
        Point middle = new Point((minX + maxX) / 2, (minY + maxY) / 2);
        Viewport near = new Viewport(whole.width(), whole.height(), scale, middle, whole.unit(), whole.standing());
        return new Viewport(
                whole.width(),
                whole.height(),
                scale,
                new Point(
                        held(middle.x(), near, frame.drill().surfaceUse(), true, minX, maxX),
                        held(middle.y(), near, frame.drill().surfaceUse(), false, minY, maxY)),
                whole.unit(),
                whole.standing());
    }

    /** Moved so that no more of what lies outside the part in use is seen than has to be. */
    private static double held(double middle, Viewport v, SurfaceUse use, boolean along, double min, double max) {
        double pixels = along == v.standing() ? v.height() : v.width();
        double half = pixels / v.pixelsPerMetre() / 2;
        double margin = Viewport.margin(use.view());
        double low =
                Math.min(min - margin, (along ? use.view().minX() : use.view().minY()) - margin) + half;
        double high =
                Math.max(max + margin, (along ? use.view().maxX() : use.view().maxY()) + margin) - half;
        return low > high ? (low + high) / 2 : Math.max(low, Math.min(high, middle));
    }
}
