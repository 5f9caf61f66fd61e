package wildchalk.desktop.board;

import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.value.ChangeListener;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.canvas.Canvas;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.finding.Finding;
import wildchalk.core.geometry.Point;
import wildchalk.core.words.Places;
import wildchalk.desktop.app.Ui;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Selection;
import wildchalk.desktop.document.Worker;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Viewport;
import wildchalk.picture.style.Ground;

/** The surface with everything on it: shows the document's frame, and turns the pointer into gestures. */
public final class BoardView extends Region {

    private static final double NANOS = 1e9;
    /** After a stall (a hidden window) the drill does not leap, s. */
    private static final double LONGEST_TICK = 0.1;

    private final DrillDocument document;
    private final ImageView picture = new ImageView();
    private final Canvas floating = new Canvas();
    private final Worker worker = new Worker();
    private final ObjectProperty<Ground> ground = new SimpleObjectProperty<>(Ground.SLATE);
    private final ObjectProperty<TrayItem> armed = new SimpleObjectProperty<>();
    private final BooleanProperty arranging = new SimpleBooleanProperty();
    private final BoardKeys keys;
    private final ChangeListener<Object> changed = (o, a, b) -> dirty = true;
    private final AnimationTimer timer;

    private BoardImage image = new BoardImage(1, 1);
    private boolean dirty = true;
    private Gesture gesture;
    private double pointerX;
    private double pointerY;

    public BoardView(DrillDocument document) {
        this.document = document;
        this.keys = new BoardKeys(this, document);
        getStyleClass().add("board");
        setId("board");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setAccessibleText(Ui.text("board.accessible", document.drill().title()));
        getChildren().addAll(picture, floating);
        floating.setMouseTransparent(true);
        document.repProperty().addListener(changed);
        document.secondsProperty().addListener(changed);
        document.stepProperty().addListener(changed);
        document.playingProperty().addListener(changed);
        document.selectionProperty().addListener(changed);
        ground.addListener(changed);
        arranging.addListener((o, was, is) -> {
            if (is) {
                document.showStart();
            } else {
                document.goToStep(document.stepProperty().get());
            }
        });
        armed.addListener((o, was, is) -> setCursor(is == null ? Cursor.DEFAULT : Cursor.CROSSHAIR));
        focusedProperty().addListener(changed);
        mouse();
        addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (keys.handle(e)) {
                e.consume();
            }
        });
        timer = new AnimationTimer() {
            private long before;

            @Override
            public void handle(long now) {
                tick(before == 0 ? 0 : (now - before) / NANOS);
                before = now;
            }
        };
        timer.start();
    }

    public ObjectProperty<Ground> groundProperty() {
        return ground;
    }

    /** The thing from the tray that the next click puts down; null for none. */
    public ObjectProperty<TrayItem> armedProperty() {
        return armed;
    }

    /** Whether pulling a player moves where it starts instead of drawing a travel. */
    public BooleanProperty arrangingProperty() {
        return arranging;
    }

    /** How metres lie on this view now. */
    public Viewport viewport() {
        return Viewport.fitting(
                document.rep().drill().surfaceUse().view(), Math.max(1, getWidth()), Math.max(1, getHeight()));
    }

    Frame frame() {
        return document.frame();
    }

    Optional<Gesture> gesture() {
        return Optional.ofNullable(gesture);
    }

    void setGesture(Gesture next) {
        gesture = next;
        repaintSoon();
    }

    void repaintSoon() {
        dirty = true;
    }

    double pointerX() {
        return pointerX;
    }

    double pointerY() {
        return pointerY;
    }

    /** The pixel at which the pull that goes on ends now. */
    public Optional<Point2D> pullEnd() {
        return gesture instanceof PullGesture pull
                ? Optional.of(new Point2D.Double(pull.x(), pull.y()))
                : Optional.empty();
    }

    // ---- pointer ----

    private void mouse() {
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, e -> {
            track(e);
            if (gesture != null) {
                gesture.moveTo(e.getX(), e.getY());
            }
        });
        addEventHandler(MouseEvent.MOUSE_MOVED, this::track);
        addEventHandler(MouseEvent.MOUSE_RELEASED, e -> {
            if (gesture != null && e.getButton() == MouseButton.PRIMARY) {
                gesture.moveTo(e.getX(), e.getY());
                finishGesture();
            }
        });
    }

    private void track(MouseEvent e) {
        pointerX = e.getX();
        pointerY = e.getY();
        if (armed.get() != null) {
            repaintSoon();
        }
    }

    private void press(MouseEvent e) {
        requestFocus();
        track(e);
        if (e.getButton() == MouseButton.SECONDARY && gesture instanceof PullGesture pull) {
            pull.key(KeyCode.X); // a tap of the other button while pulling plants a hard cut
            return;
        }
        if (e.getButton() != MouseButton.PRIMARY) {
            return;
        }
        document.playingProperty().set(false);
        if (armed.get() != null) {
            place(armed.get(), e.getX(), e.getY());
            if (!e.isShiftDown()) {
                armed.set(null);
            }
            return;
        }
        begin(e);
    }

    private void begin(MouseEvent e) {
        Frame frame = frame();
        Viewport v = viewport();
        Optional<Integer> handle =
                Things.handleAt(frame, document.selectionProperty().get(), v, e.getX(), e.getY());
        if (handle.isPresent()) {
            onHandle(frame, v, handle.get(), e.getClickCount());
            return;
        }
        Selection thing = Things.at(frame, v, e.getX(), e.getY());
        document.selectionProperty().set(thing);
        boolean setOut = arranging.get() || e.isAltDown();
        Optional<RoleId> holder = thing.ball().flatMap(b -> holderOf(frame, b));
        if (!setOut && thing.role().isPresent()) {
            setGesture(pull(frame, v, Pull.fromBody(frame, thing.role().get())));
        } else if (!setOut && holder.isPresent()) {
            setGesture(pull(frame, v, Pull.fromBall(frame, holder.get())));
        } else {
            Things.startOf(frame.progression(), thing)
                    .ifPresent(start ->
                            setGesture(DragGesture.ofThing(document, v, frame, thing, start, this::repaintSoon)));
        }
    }

    private void onHandle(Frame frame, Viewport v, int index, int clicks) {
        Travel travel = (Travel) frame.progression()
                .move(document.selectionProperty().get().move().orElseThrow())
                .orElseThrow();
        if (clicks == 2) {
            var path = new ArrayList<>(travel.path());
            Waypoint w = path.get(index);
            path.set(index, w.withCut(!w.cut()));
            document.change(Ui.text("edit.cut"), p -> p.withMove(travel.withPath(path)));
        } else {
            setGesture(DragGesture.ofWaypoint(document, v, frame, travel, index, this::repaintSoon));
        }
    }

    static Optional<RoleId> holderOf(Frame frame, BallId ball) {
        return frame.timeline().ballStateAt(ball, frame.seconds()).holder();
    }

    PullGesture pull(Frame frame, Viewport v, Pull pull) {
        return new PullGesture(document, v, frame, pull, worker, this::repaintSoon);
    }

    void finishGesture() {
        Gesture done = gesture;
        gesture = null;
        done.finish();
        repaintSoon();
    }

    /** Puts something from the tray down at a pixel. */
    public void place(TrayItem item, double x, double y) {
        Viewport v = viewport();
        Placing.Placed placed =
                Placing.place(frame(), item, v.toMetres(x, y), PullGesture.SNAP_PIXELS / v.pixelsPerMetre());
        document.change(Ui.text("edit.place", Ui.text("tray." + item)), before -> placed.after());
        document.selectionProperty().set(placed.selection());
    }

    // ---- showing ----

    private void tick(double elapsed) {
        if (document.playingProperty().get()) {
            double t = document.secondsProperty().get()
                    + Math.min(elapsed, LONGEST_TICK) * document.speedProperty().get();
            document.seek(t);
            if (t >= document.timeline().seconds()) {
                document.playingProperty().set(false);
            }
        }
        if (dirty && getWidth() > 1 && getHeight() > 1) {
            dirty = false;
            paint();
        }
    }

    private void paint() {
        double scale = getScene() == null || getScene().getWindow() == null
                ? 1
                : Math.max(1, getScene().getWindow().getOutputScaleX());
        int w = (int) Math.round(getWidth() * scale);
        int h = (int) Math.round(getHeight() * scale);
        if (!image.hasSize(w, h)) {
            image = new BoardImage(w, h);
            picture.setImage(image.image());
        }
        Frame frame = frame();
        image.paint(frame, Viewport.fitting(frame.drill().surfaceUse().view(), w, h), ground.get());
        // nothing floats over a drill that plays, and an empty canvas costs time to blend
        boolean floats = !document.playingProperty().get() || gesture != null;
        floating.setVisible(floats);
        if (floats) {
            paintFloating(frame);
        }
    }

    private void paintFloating(Frame frame) {
        Viewport v = viewport();
        Overlay overlay = new Overlay(floating, v, ground.get());
        overlay.clear();
        for (Finding f : frame.timeline().findings()) {
            f.where().ifPresent(overlay::alert);
        }
        Selection selection = document.selectionProperty().get();
        Things.middle(frame, v, selection).ifPresent((Point2D p) -> overlay.ring(p, 20 * v.unit()));
        Things.handles(frame, selection).forEach(wp -> overlay.handle(wp.at(), wp.cut()));
        if (gesture != null) {
            gesture.paint(overlay);
        } else if (armed.get() != null && isHover()) {
            Point p = Snap.to(
                    v.toMetres(pointerX, pointerY),
                    frame.progression(),
                    frame.drill().surface(),
                    PullGesture.SNAP_PIXELS / v.pixelsPerMetre());
            overlay.handle(p, false);
            String where = new Places(frame.progression(), frame.drill().surface()).standing(p);
            overlay.bubble(Ui.text("tray." + armed.get()) + " " + where, pointerX, pointerY);
        }
    }

    @Override
    protected void layoutChildren() {
        picture.setFitWidth(getWidth());
        picture.setFitHeight(getHeight());
        floating.setWidth(getWidth());
        floating.setHeight(getHeight());
        dirty = true;
    }

    /** Stops painting and lets the document go. */
    public void dispose() {
        timer.stop();
        worker.close();
        document.repProperty().removeListener(changed);
        document.secondsProperty().removeListener(changed);
        document.stepProperty().removeListener(changed);
        document.playingProperty().removeListener(changed);
        document.selectionProperty().removeListener(changed);
    }
}
