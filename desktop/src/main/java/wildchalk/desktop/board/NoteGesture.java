package wildchalk.desktop.board;

import java.util.List;
import java.util.Optional;
import wildchalk.core.edit.Placements;
import wildchalk.core.geometry.Point;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.paint.Viewport;

/** A note: a click puts it down, a pull gives it an arrow. */
final class NoteGesture implements Gesture {

    private static final double ARROW_PIXELS = 25;

    private final DrillDocument document;
    private final Viewport viewport;
    private final Runnable repaint;
    private final Runnable write;
    private final Point at;
    private Point pointer;

    /** @param write asks for the words once the note is there */
    NoteGesture(DrillDocument document, Viewport viewport, double x, double y, Runnable repaint, Runnable write) {
        this.document = document;
        this.viewport = viewport;
        this.repaint = repaint;
        this.write = write;
        this.at = viewport.toMetres(x, y).toMillimetres();
        this.pointer = at;
    }

    @Override
    public void moveTo(double x, double y) {
        pointer = viewport.toMetres(x, y).toMillimetres();
        repaint.run();
    }

    private Optional<Point> target() {
        boolean far = at.distanceTo(pointer) * viewport.pixelsPerMetre() > ARROW_PIXELS;
        return far ? Optional.of(pointer) : Optional.empty();
    }

    @Override
    public void finish() {
        if (document.edit(Ui.text("edit.note"), Placements.note(Ui.text("note.new"), at, target()))) {
            write.run();
        }
    }

    @Override
    public void paint(Overlay overlay) {
        target().ifPresent(t -> overlay.line(List.of(at, t)));
        overlay.bubble(Ui.text("note.drawing"), viewport.toPixels(pointer));
    }
}
