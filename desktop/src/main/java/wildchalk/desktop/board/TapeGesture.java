package wildchalk.desktop.board;

import java.util.List;
import wildchalk.core.arrange.Measures;
import wildchalk.core.arrange.Snapping;
import wildchalk.core.geometry.Point;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.Numbers;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Viewport;

/** Measures from point to point: length, angle at the last corner, area when it closes. Leaves nothing behind. */
final class TapeGesture implements Gesture {

    private static final double LEAST_METRES = 0.05;

    private final Viewport viewport;
    private final LengthUnit unit;
    private final Runnable repaint;
    private final PointChain chain;

    TapeGesture(Viewport viewport, Frame frame, LengthUnit unit, double x, double y, Runnable repaint) {
        this.viewport = viewport;
        this.unit = unit;
        this.repaint = repaint;
        Snapping snapping = PullGesture.snapping(frame, viewport);
        this.chain =
                new PointChain(viewport.toMetres(x, y), p -> snapping.onto(p).at(), LEAST_METRES);
        repaint.run();
    }

    @Override
    public void press(double x, double y) {
        chain.add(viewport.toMetres(x, y));
        repaint.run();
    }

    @Override
    public void moveTo(double x, double y) {
        chain.moveTo(viewport.toMetres(x, y));
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

    @Override
    public String reading() {
        List<Point> points = chain.withPointer();
        int n = points.size();
        if (n < 2) {
            return Ui.text("tape.start");
        }
        String last = unit.exact(points.get(n - 2).distanceTo(points.get(n - 1)));
        if (n == 2) {
            double heading = points.get(1).minus(points.get(0)).headingDegrees();
            return Ui.text("tape.length", last, Numbers.brief(heading, 1));
        }
        String angle = Numbers.brief(Measures.angle(points.get(n - 3), points.get(n - 2), points.get(n - 1)), 1);
        return Ui.text("tape.chain", last, angle, unit.exact(Measures.length(points)), area(points));
    }

    private String area(List<Point> points) {
        double square = Measures.area(points) / (unit.metres() * unit.metres());
        return Numbers.brief(square, 2) + " " + unit.symbol() + "²";
    }

    @Override
    public void paint(Overlay overlay) {
        overlay.line(chain.withPointer());
        chain.points().forEach(p -> overlay.handle(p, false));
        overlay.bubble(reading(), viewport.toPixels(chain.pointer()));
    }
}
