package wildchalk.desktop.strip;

import java.util.Comparator;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.value.ChangeListener;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Shape;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Side;
import wildchalk.core.edit.Tellings;
import wildchalk.core.telling.Delays;
import wildchalk.core.text.Numbers;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Selection;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Told;
import wildchalk.picture.style.Ground;

/**
 * Shows when everything happens. Dragging beside the bars moves the playhead; clicking a bar chooses its move, dragging it
 * delays it; the handle of the chosen move's thread can be pulled to another bar's start or end. Clicking a name lowers its
 * lane; Ctrl and the wheel zoom in time.
 */
public final class StripView extends ScrollPane {

    /** A press that moves less is a click. */
    private static final double SLACK = 4;
    /** A thread catches the end of a bar within so many pixels. */
    private static final double CATCH = 14;

    private static final double MOST_ZOOM = 12;

    private final DrillDocument document;
    private final ObjectProperty<Ground> ground = new SimpleObjectProperty<>(Ground.SLATE);
    private final Canvas canvas = new Canvas();
    private final Line needle = new Line(0, 8, 0, 0);
    private final Polygon knob = new Polygon(-7, 2, 7, 2, 0, 13);
    private final Pane holder = new Pane(canvas, needle, knob);
    private final ChangeListener<Object> tick = (o, a, b) -> movePlayhead();
    private final ChangeListener<Object> repaint = (o, a, b) -> paint();
    private final ChangeListener<Object> refit = (o, a, b) -> fit();
    private final Set<Integer> collapsed = new HashSet<>();
    private Told barsOf;
    private StripBars bars;
    private double zoom = 1;
    private Drag drag;

    /** What a press has taken hold of. */
    private record Drag(Kind kind, Optional<StripBars.Bar> bar, Optional<MoveId> thread, double x, double y) {
        enum Kind {
            PLAYHEAD,
            BAR,
            THREAD
        }
    }

    public StripView(DrillDocument document) {
        this.document = document;
        getStyleClass().add("strip");
        setId("strip");
        setAccessibleRole(AccessibleRole.SLIDER);
        setAccessibleText(Ui.text("strip.accessible"));
        setHbarPolicy(ScrollBarPolicy.AS_NEEDED);
        setFocusTraversable(false);
        holder.getStyleClass().add("strip-content");
        canvas.setManaged(false);
        for (Shape part : new Shape[] {needle, knob}) {
            part.setManaged(false);
            part.setMouseTransparent(true);
        }
        needle.setStrokeWidth(2.5);
        setContent(holder);
        skinProperty().addListener((o, was, is) -> uncache());
        document.toldProperty().addListener(refit);
        document.secondsProperty().addListener(tick);
        document.selectionProperty().addListener(repaint);
        ground.addListener(repaint);
        viewportBoundsProperty().addListener(refit);
        sceneProperty().addListener((o, was, is) -> fit());
        hvalueProperty().addListener(repaint);
        canvas.setOnMousePressed(this::press);
        canvas.setOnMouseDragged(this::dragged);
        canvas.setOnMouseReleased(this::released);
        canvas.setOnScroll(e -> {
            if (e.isControlDown()) {
                zoom(e.getDeltaY() > 0 ? 1.25 : 0.8);
                e.consume();
            }
        });
    }

    public ObjectProperty<Ground> groundProperty() {
        return ground;
    }

    /** Stretches time about the playhead. */
    public void zoom(double factor) {
        zoom = Math.max(1, Math.min(MOST_ZOOM, zoom * factor));
        fit();
        double wide = canvas.getWidth() - getViewportBounds().getWidth();
        double middle =
                x(document.secondsProperty().get()) - getViewportBounds().getWidth() / 2;
        setHvalue(wide > 0 ? Math.max(0, Math.min(1, middle / wide)) : 0);
    }

    /** The playhead moves with every frame, which would paint a kept picture of the whole strip anew. */
    private void uncache() {
        for (Node part : getChildrenUnmodifiable()) {
            part.setCache(false);
        }
    }

    private void fit() {
        if (getScene() == null) {
            return;
        }
        double width = Math.max(200, getViewportBounds().getWidth()) * zoom;
        double height = Math.max(getViewportBounds().getHeight(), scale(width).bottom() + 6);
        canvas.setWidth(width);
        canvas.setHeight(height);
        holder.setPrefSize(width, height);
        paint();
    }

    private StripScale scale(double width) {
        double seconds = Math.max(2, Math.ceil(document.timeline().seconds() + 0.2));
        return new StripScale(width, seconds, StripBars.lanes(document.told()), Set.copyOf(collapsed));
    }

    private StripScale scale() {
        return scale(canvas.getWidth());
    }

    /** Pixel of a second. */
    public double x(double seconds) {
        return scale().x(seconds);
    }

    /** Pixel of the middle of a role's lane. */
    public double y(int lane) {
        return scale().middle(lane);
    }

    /** How far the strip is scrolled to the right, pixels. */
    private double left() {
        double wide = canvas.getWidth() - getViewportBounds().getWidth();
        return Math.max(0, wide * getHvalue());
    }

    // ---- pointer ----

    private void press(MouseEvent e) {
        document.playingProperty().set(false);
        StripScale scale = scale();
        StripBars all = bars();
        int lane = scale.laneAt(e.getY());
        if (e.getX() < left() + StripScale.LABELS - 8 && lane >= 0) {
            if (!collapsed.remove(lane)) {
                collapsed.add(lane);
            }
            fit();
            return;
        }
        Optional<MoveId> held = document.selectionProperty()
                .get()
                .move()
                .filter(m -> painter(scale)
                        .place(all, m)
                        .filter(p -> Math.hypot(p[0] - e.getX(), p[1] - e.getY()) <= StripPainter.HANDLE + 3)
                        .isPresent());
        if (held.isPresent()) {
            drag = new Drag(Drag.Kind.THREAD, Optional.empty(), held, e.getX(), e.getY());
            return;
        }
        Optional<StripBars.Bar> bar = all.bars().stream()
                .filter(b -> b.lane() == lane)
                .filter(b -> scale.x(b.start()) - 2 <= e.getX() && e.getX() <= scale.x(b.end()) + 2)
                .findFirst();
        drag = new Drag(
                bar.isPresent() ? Drag.Kind.BAR : Drag.Kind.PLAYHEAD, bar, Optional.empty(), e.getX(), e.getY());
        document.seek(scale.secondsAt(e.getX()));
        bar.ifPresent(b -> document.selectionProperty().set(Selection.of(b.move())));
    }

    private void dragged(MouseEvent e) {
        if (drag == null) {
            return;
        }
        switch (drag.kind()) {
            case PLAYHEAD -> document.seek(scale().secondsAt(e.getX()));
            case BAR -> {
                paint();
                if (Math.abs(e.getX() - drag.x()) > SLACK) {
                    StripBars.Bar bar = drag.bar().orElseThrow();
                    double dx = e.getX() - drag.x();
                    painter(scale()).ghost(bar, dx, Ui.text("strip.time", Numbers.fixed(start(bar, dx), 1)));
                }
            }
            case THREAD -> {
                paint();
                painter(scale()).pulled(drag.x(), drag.y(), e.getX(), e.getY());
            }
        }
    }

    /** Where a bar would start. */
    private double start(StripBars.Bar bar, double dx) {
        StripScale scale = scale();
        return Math.max(0, scale.secondsAt(scale.x(bar.start()) + dx));
    }

    private void released(MouseEvent e) {
        Drag done = drag;
        drag = null;
        if (done == null) {
            return;
        }
        if (done.kind() == Drag.Kind.BAR && Math.abs(e.getX() - done.x()) > SLACK) {
            StripBars.Bar bar = done.bar().orElseThrow();
            delay(bar.move(), start(bar, e.getX() - done.x()));
        } else if (done.kind() == Drag.Kind.THREAD) {
            thread(done.thread().orElseThrow(), e.getX(), e.getY());
        }
        paint();
    }

    private void delay(MoveId id, double seconds) {
        Told told = document.told();
        if (document.isUpToDate()) {
            document.edit(
                    Ui.text("edit.delay"),
                    Tellings.retell(id, m -> Delays.startingAt(told.path(), told.timeline(), m, seconds)));
        }
    }

    /** Lets a move wait for the start or the end of the bar at a pixel. */
    private void thread(MoveId id, double x, double y) {
        Told told = document.told();
        StripScale scale = scale();
        int lane = scale.laneAt(y);
        Optional<StripBars.Bar> target = bars().bars().stream()
                .filter(b -> b.lane() == lane && !b.move().equals(id))
                .filter(b -> away(scale, b, x) <= CATCH)
                .min(Comparator.comparingDouble(b -> away(scale, b, x)));
        target.flatMap(b -> told.path().move(b.move())).ifPresent(other -> {
            Event moment = Delays.momentOf(told.timeline(), other, scale.secondsAt(x));
            // what is done again is waited for where it was told
            Event event =
                    moment.move().map(m -> moment.withMove(told.path().told(m))).orElse(moment);
            document.edit(Ui.text("edit.thread"), Tellings.retell(id, m -> Delays.waitingFor(m, event)));
        });
    }

    private static double away(StripScale scale, StripBars.Bar b, double x) {
        return Math.min(Math.abs(scale.x(b.start()) - x), Math.abs(scale.x(b.end()) - x));
    }

    // ---- painting ----

    private StripPainter painter(StripScale scale) {
        return new StripPainter(canvas.getGraphicsContext2D(), ground.get(), scale, canvas.getHeight());
    }

    /** What is shown of what is told; worked out once. */
    private StripBars bars() {
        Told told = document.told();
        if (told != barsOf) {
            barsOf = told;
            bars = StripBars.of(told);
        }
        return bars;
    }

    private void paint() {
        if (getScene() == null) {
            return; // nobody sees it
        }
        Told told = document.told();
        painter(scale()).paint(told, bars(), document.selectionProperty().get().move(), left());
        Color colour = StripPainter.fx(ground.get().side(Side.DEFENCE));
        needle.setStroke(colour);
        needle.setEndY(canvas.getHeight());
        knob.setFill(colour);
        movePlayhead();
    }

    private void movePlayhead() {
        double at = x(document.secondsProperty().get());
        needle.setTranslateX(at);
        knob.setTranslateX(at);
    }

    public void dispose() {
        document.toldProperty().removeListener(refit);
        document.secondsProperty().removeListener(tick);
        document.selectionProperty().removeListener(repaint);
    }
}
