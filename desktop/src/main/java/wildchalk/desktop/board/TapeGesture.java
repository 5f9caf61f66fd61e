package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import wildchalk.core.arrange.Measures;
import wildchalk.core.arrange.Snapping;
import wildchalk.core.geometry.Point;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.Numbers;
import wildchalk.desktop.app.Ui;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Viewport;

/** Measures from point to point: length, angle at the last corner, area when it closes. Leaves nothing behind. */
final class TapeGesture implements Gesture {

    private static final double LEAST_METRES = 0.05;

    private final Viewport viewport;
    private final LengthUnit unit;
    private final Runnable repaint;
    private final Snapping snapping;
    private final List<Point> points = new ArrayList<>();
    private Point pointer;

    TapeGesture(Viewport viewport, Frame frame, LengthUnit unit, double x, double y, Runnable repaint) {
        this.viewport = viewport;
        this.unit = unit;
        this.repaint = repaint;
        this.snapping = Snapping.of(
                frame.progression(),
                frame.drill().surface(),
                Set.of(),
                PullGesture.SNAP_PIXELS / viewport.pixelsPerMetre());
        press(x, y);
    }

    @Override
    public void press(double x, double y) {
        pointer = snapping.onto(viewport.toMetres(x, y)).at();
        if (points.isEmpty() || points.get(points.size() - 1).distanceTo(pointer) >= LEAST_METRES) {
            points.add(pointer);
        }
        repaint.run();
    }

    @Override
    public void moveTo(double x, double y) {
        pointer = snapping.onto(viewport.toMetres(x, y)).at();
        repaint.run();
    }

    @Override
    public boolean endsOnRelease() {
        return false;
    }

    @Override
    public void finish() {
        // what was measured is gone with the tape
    }

    /** The chain with the pointer as its last point. */
    List<Point> chain() {
        List<Point> chain = new ArrayList<>(points);
        if (points.get(points.size() - 1).distanceTo(pointer) >= LEAST_METRES) {
            chain.add(pointer);
        }
        return chain;
    }

    @Override
    public String reading() {
        List<Point> chain = chain();
        int n = chain.size();
        if (n < 2) {
            return Ui.text("tape.start");
        }
        String last = unit.exact(chain.get(n - 2).distanceTo(chain.get(n - 1)));
        if (n == 2) {
            double heading = chain.get(1).minus(chain.get(0)).headingDegrees();
            return Ui.text("tape.length", last, Numbers.brief(heading, 1));
        }
        String angle = Numbers.brief(Measures.angle(chain.get(n - 3), chain.get(n - 2), chain.get(n - 1)), 1);
        return Ui.text("tape.chain", last, angle, unit.exact(Measures.length(chain)), area(chain));
    }

    private String area(List<Point> chain) {
        double square = Measures.area(chain) / (unit.metres() * unit.metres());
        return Numbers.brief(square, 2) + " " + unit.symbol() + "²";
    }

    @Override
    public void paint(Overlay overlay) {
        List<Point> chain = chain();
        overlay.line(chain);
        points.forEach(p -> overlay.handle(p, false));
        overlay.bubble(reading(), viewport.toPixels(pointer));
    }
}
