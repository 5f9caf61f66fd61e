package wildchalk.desktop.board;

import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.input.KeyCode;
import wildchalk.core.arrange.Snapping;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.edit.Edit;
import wildchalk.core.edit.Edited;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.core.words.Line;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Worker;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Reader;
import wildchalk.picture.export.Told;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Viewport;

/** A pull by mouse or keys, with what it means in words at the pointer before it is let go. */
final class PullGesture implements Gesture {

    /** Landmarks and gear draw the end of a pull from this many pixels. */
    static final double SNAP_PIXELS = 12;

    /** A press that moves less is a click. */
    private static final double CLICK_PIXELS = 4;

    private final DrillDocument document;
    private final Frame frame;
    private final Viewport viewport;
    private final Pull pull;
    private final Worker worker;
    private final Runnable repaint;
    private final TypedMeasure typed;
    private double x;
    private double y;
    /** Where a mouse took hold; empty for a pull by keys. */
    private Optional<Point2D> taken = Optional.empty();

    private boolean moved;
    private Optional<Proposal> proposal = Optional.empty();
    private String words = "";

    PullGesture(DrillDocument document, Viewport viewport, Frame frame, Pull pull, Worker worker, Runnable repaint) {
        this.document = document;
        this.viewport = viewport;
        this.frame = frame;
        this.pull = pull;
        this.worker = worker;
        this.repaint = repaint;
        this.x = viewport.toPixels(pull.start()).getX();
        this.y = viewport.toPixels(pull.start()).getY();
        this.typed = new TypedMeasure(document.reader().unit());
    }

    @Override
    public void takenAt(double px, double py) {
        taken = Optional.of(new Point2D.Double(px, py));
    }

    @Override
    public void moveTo(double px, double py) {
        moved |= taken.filter(t -> t.distance(px, py) <= CLICK_PIXELS).isEmpty();
        if (!moved) {
            return; // still a click
        }
        x = px;
        y = py;
        pull.passThrough(viewport.toMetres(px, py));
        refresh();
    }

    /** Moves the end without leaving a trace between: by keys. */
    void jumpTo(double px, double py) {
        x = px;
        y = py;
        refresh();
    }

    double x() {
        return x;
    }

    double y() {
        return y;
    }

    private void refresh() {
        double snap = SNAP_PIXELS / viewport.pixelsPerMetre();
        proposal = pull.propose(Aiming.at(frame, viewport, x, y), snap, exact());
        if (proposal.isEmpty()) {
            words = Ui.text("board.pull-further");
            worker.forget();
        } else {
            Proposal p = proposal.get();
            Reader reader = document.reader();
            Path path = frame.path();
            worker.ask(() -> meaning(frame.drill(), path, p.edit(), reader), text -> {
                words = text;
                repaint.run();
            });
        }
        repaint.run();
    }

    /** What the first of the moves would say on the path that is shown. */
    private static String meaning(Drill drill, Path path, Edit edit, Reader reader) {
        Edited then = edit.applyTo(drill, path.id());
        Progression version = then.drill().progression(path.id()).orElseThrow();
        Told told = Told.of(then.drill(), Path.of(version, path.choices()), reader);
        Optional<String> all = then.made().size() < 3
                ? Optional.empty()
                : told.talk().steps().stream()
                        .flatMap(s -> s.lines().stream())
                        .filter(l -> l.moves().containsAll(then.made()))
                        .map(Line::text)
                        .findFirst();
        return all.or(() -> then.made().stream()
                        .findFirst()
                        .flatMap(m -> told.talk().sentence((MoveId) m))
                        .map(s -> s.text() + "  " + s.measure()))
                .orElse("");
    }

    private Optional<Point> exact() {
        return typed.end(pull.start(), viewport.toMetres(x, y));
    }

    @Override
    public boolean typed(String character) {
        boolean taken = typed.type(character);
        if (taken) {
            refresh();
        }
        return taken;
    }

    @Override
    public boolean key(KeyCode code) {
        if (!typed.isEmpty()) {
            return false; // letters belong to the measure now: "10 ft"
        }
        switch (code) {
            case X -> pull.cut(viewport.toMetres(x, y));
            case A -> pull.toggleTogether();
            case B -> pull.toggle(Manner.BACKWARD);
            case S -> pull.toggle(Manner.SHUFFLE);
            case C -> pull.toggle(Manner.CROSSOVER);
            case W -> pull.effort(Effort.WALK);
            case E -> pull.effort(Effort.EASY);
            case N -> pull.effort(Effort.STEADY);
            case H -> pull.effort(Effort.HARD);
            case F -> pull.effort(Effort.FLAT_OUT);
            default -> {
                return false;
            }
        }
        refresh();
        return true;
    }

    @Override
    public void finish() {
        worker.forget();
        proposal.ifPresent(p -> document.edit(p.label(), p.edit()));
    }

    @Override
    public void paint(Overlay overlay) {
        Point end = exact().orElseGet(() -> viewport.toMetres(x, y));
        List<Point> line = new ArrayList<>(List.of(pull.start()));
        pull.path(end).forEach(w -> line.add(w.at()));
        overlay.keepFree(viewport.toPixels(pull.body()), 14 * viewport.unit());
        overlay.line(exact().isPresent() ? List.of(pull.start(), end) : line);
        pull.path(end).stream().filter(w -> w.cut()).forEach(w -> overlay.handle(w.at(), true));
        if (!typed.isEmpty()) {
            overlay.bubble(typed.text() + "  ·  " + words, x, y);
            return;
        }
        overlay.bubble(words, x, y);
    }

    /** What the pointer catches on a board. */
    static Snapping snapping(Frame frame, Viewport viewport) {
        return snapping(frame, viewport, Set.of());
    }

    /** @param moving things that are being moved, which catch nothing */
    static Snapping snapping(Frame frame, Viewport viewport, Set<ElementId> moving) {
        return Snapping.of(frame.path(), frame.drill().surface(), moving, SNAP_PIXELS / viewport.pixelsPerMetre());
    }
}
