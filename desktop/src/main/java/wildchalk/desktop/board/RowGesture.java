package wildchalk.desktop.board;

import java.awt.geom.Point2D;
import wildchalk.core.arrange.Snapping;
import wildchalk.core.geometry.Point;
import wildchalk.core.text.LengthUnit;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Viewport;

/** A press with a tool puts one thing down; a pull with it a row, two at its ends or as many as are typed. */
final class RowGesture implements Gesture {

    private static final double CLICK_PIXELS = 6;
    private static final int MOST = 99;
    private static final int USUAL = 2;

    private final DrillDocument document;
    private final Frame frame;
    private final Viewport viewport;
    private final TrayItem item;
    private final Point2D pressed;
    private final Runnable repaint;
    private double x;
    private double y;
    private String typed = "";

    RowGesture(
            DrillDocument document,
            Viewport viewport,
            Frame frame,
            TrayItem item,
            double x,
            double y,
            Runnable repaint) {
        this.document = document;
        this.viewport = viewport;
        this.frame = frame;
        this.item = item;
        this.pressed = new Point2D.Double(x, y);
        this.repaint = repaint;
        this.x = x;
        this.y = y;
    }

    @Override
    public void moveTo(double px, double py) {
        x = px;
        y = py;
        repaint.run();
    }

    @Override
    public boolean typed(String character) {
        boolean digit = character.length() == 1 && Character.isDigit(character.charAt(0));
        if (digit && typed.length() < 2) {
            typed += character;
            repaint.run();
        }
        return digit;
    }

    private boolean isRow() {
        return pressed.distance(x, y) > CLICK_PIXELS || !typed.isEmpty();
    }

    private int count() {
        return typed.isEmpty() ? USUAL : Math.max(1, Math.min(MOST, Integer.parseInt(typed)));
    }

    private Point from() {
        return snapped(pressed.getX(), pressed.getY());
    }

    private Point to() {
        return snapped(x, y);
    }

    private Point snapped(double px, double py) {
        Snapping snapping = PullGesture.snapping(frame, viewport);
        return snapping.place(viewport.toMetres(px, py)).at();
    }

    @Override
    public void finish() {
        double snap = PullGesture.SNAP_PIXELS / viewport.pixelsPerMetre();
        String label = Ui.text("edit.place", Ui.text("tray." + item));
        if (isRow()) {
            document.edit(label, Placing.row(frame, item, from(), to(), count()));
        } else {
            document.edit(label, Placing.place(frame, item, viewport.toMetres(pressed.getX(), pressed.getY()), snap));
        }
    }

    @Override
    public void paint(Overlay overlay) {
        if (!isRow()) {
            return;
        }
        Point from = from();
        Point to = to();
        int n = count();
        for (int i = 0; i < n; i++) {
            overlay.handle(n == 1 ? from : from.towards(to, i / (n - 1.0)), false);
        }
        LengthUnit unit = document.reader().unit();
        double apart = n == 1 ? 0 : from.distanceTo(to) / (n - 1);
        overlay.bubble(Ui.text("row.count", n, Ui.text("tray." + item), unit.exact(apart)), x, y);
    }
}
