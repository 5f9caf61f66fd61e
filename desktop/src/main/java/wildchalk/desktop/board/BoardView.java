package wildchalk.desktop.board;

import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.Optional;
import java.util.Set;
import javafx.animation.AnimationTimer;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.value.ChangeListener;
import javafx.scene.AccessibleAttribute;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.ContextMenu;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.input.ZoomEvent;
import javafx.scene.layout.Region;
import wildchalk.core.arrange.Pattern;
import wildchalk.core.arrange.PatternKind;
import wildchalk.core.arrange.Patterns;
import wildchalk.core.arrange.Snapping;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.finding.Finding;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.Places;
import wildchalk.desktop.app.Ui;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Selection;
import wildchalk.desktop.document.Worker;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.PlacedLabels;
import wildchalk.picture.paint.Viewport;
import wildchalk.picture.style.Ground;
import wildchalk.picture.style.StrokeCode;

/** The surface with everything on it: shows the document's frame, and turns the pointer into gestures. */
public final class BoardView extends Region {

    private static final double NANOS = 1e9;
    /** One notch of a wheel brings everything so much nearer. */
    private static final double WHEEL_STEP = 1.15;

    private static final double WHEEL_NOTCH = 40;
    /** After a stall (a hidden window) the drill does not leap, s. */
    private static final double LONGEST_TICK = 0.1;

    private final DrillDocument document;
    private final ImageView picture = new ImageView();
    private final Canvas floating = new Canvas();
    private final Worker worker = new Worker();
    private final ObjectProperty<Ground> ground = new SimpleObjectProperty<>(Ground.SLATE);
    private final ObjectProperty<TrayItem> armed = new SimpleObjectProperty<>();
    private final BooleanProperty arranging = new SimpleBooleanProperty();
    private final BooleanProperty legend = new SimpleBooleanProperty();
    private final ObjectProperty<StrokeCode> strokeCode = new SimpleObjectProperty<>(StrokeCode.CHALK);
    private final ObjectProperty<Pattern> pattern = new SimpleObjectProperty<>(Pattern.usual(PatternKind.SQUARE));
    private final ViewState viewState = new ViewState();
    private final Arranging arrange;
    private final BoardKeys keys;
    private final ChangeListener<Object> changed = (o, a, b) -> dirty = true;
    private final AnimationTimer timer;

    private BoardImage image = new BoardImage(1, 1);
    private boolean dirty = true;
    private Gesture gesture;
    private Point2D panning;
    private final ContextMenu menu = new ContextMenu();
    private double pointerX;
    private double pointerY;

    public BoardView(DrillDocument document) {
        this.document = document;
        this.arrange = new Arranging(document);
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
        document.tracingProperty().addListener(changed);
        ground.addListener(changed);
        strokeCode.addListener(changed);
        legend.addListener(changed);
        pattern.addListener(changed);
        document.selectionProperty().addListener((o, a, b) -> say());
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
        addEventHandler(KeyEvent.KEY_TYPED, e -> {
            if (gesture != null && !e.isShortcutDown() && gesture.typed(e.getCharacter())) {
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
        return viewState.viewport(document.rep().drill().surfaceUse(), getWidth(), getHeight());
    }

    /** Nearer or farther about a pixel. */
    void zoom(double factor, double x, double y) {
        viewState.set(viewport().zoomed(factor, x, y));
        repaintSoon();
    }

    void pan(double dx, double dy) {
        viewState.set(viewport().panned(dx, dy));
        repaintSoon();
    }

    /** Shows the part that the drill has chosen again. */
    public void fit() {
        viewState.fit();
        repaintSoon();
    }

    /** What the reader's lengths are said in. */
    LengthUnit unit() {
        return document.reader().unit();
    }

    /** What strokes mean in this picture. */
    public ObjectProperty<StrokeCode> strokeCodeProperty() {
        return strokeCode;
    }

    /** Whether the signs that the drill uses are explained on the board. */
    public BooleanProperty legendProperty() {
        return legend;
    }

    /** The arrangement that {@link TrayItem#PATTERN} lays out. */
    public ObjectProperty<Pattern> patternProperty() {
        return pattern;
    }

    public Arranging arranging() {
        return arrange;
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

    /** What the gesture that goes on measures; empty without one. */
    public Optional<String> gestureReading() {
        return gesture().map(Gesture::reading).filter(r -> !r.isEmpty());
    }

    // ---- pointer ----

    private void mouse() {
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, e -> {
            if (panning != null) {
                pan(panning.getX() - e.getX(), panning.getY() - e.getY());
                panning = new Point2D.Double(e.getX(), e.getY());
                return;
            }
            track(e);
            if (gesture != null) {
                gesture.moveTo(e.getX(), e.getY());
            }
        });
        addEventHandler(MouseEvent.MOUSE_MOVED, e -> {
            track(e);
            if (gesture != null && !gesture.endsOnRelease()) {
                gesture.moveTo(e.getX(), e.getY());
            }
        });
        addEventHandler(MouseEvent.MOUSE_RELEASED, e -> {
            panning = null;
            if (gesture != null && e.getButton() == MouseButton.PRIMARY) {
                gesture.moveTo(e.getX(), e.getY());
                if (gesture.endsOnRelease()) {
                    finishGesture();
                }
            }
        });
        addEventHandler(ScrollEvent.SCROLL, e -> {
            if (e.isDirect() || e.isShiftDown()) {
                pan(-e.getDeltaX(), -e.getDeltaY()); // fingers on the screen, or the wheel with shift
            } else if (e.getDeltaY() != 0) {
                zoom(Math.pow(WHEEL_STEP, e.getDeltaY() / WHEEL_NOTCH), e.getX(), e.getY());
            }
            e.consume();
        });
        addEventHandler(ZoomEvent.ZOOM, e -> {
            zoom(e.getZoomFactor(), e.getX(), e.getY());
            e.consume();
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
        menu.hide();
        if (e.getButton() == MouseButton.SECONDARY) {
            other(e);
            return;
        }
        if (e.getButton() == MouseButton.MIDDLE) {
            panning = new Point2D.Double(e.getX(), e.getY());
            return;
        }
        document.playingProperty().set(false);
        if (gesture != null && !gesture.endsOnRelease()) {
            gesture.press(e.getX(), e.getY());
            if (e.getClickCount() == 2) {
                finishGesture();
            }
            return;
        }
        if (armed.get() != null) {
            useTool(armed.get(), e);
            return;
        }
        begin(e);
    }

    /** The other button: a hard cut while pulling, else what can be done with what lies there. */
    private void other(MouseEvent e) {
        if (gesture instanceof PullGesture pull) {
            pull.key(KeyCode.X);
            return;
        }
        Selection thing = Things.at(frame(), viewport(), e.getX(), e.getY());
        boolean among = thing.single()
                .map(id -> document.selectionProperty().get().has(id))
                .orElse(false);
        if (!among) {
            document.selectionProperty().set(thing);
        }
        ArrangeMenu.fill(menu.getItems(), this, document);
        menu.show(this, e.getScreenX(), e.getScreenY());
    }

    private void useTool(TrayItem item, MouseEvent e) {
        if (item.isDrawn()) {
            setGesture(
                    switch (item) {
                        case ZONE ->
                            new ZoneGesture(document, viewport(), frame(), e.getX(), e.getY(), this::repaintSoon);
                        case NOTE ->
                            new NoteGesture(document, viewport(), e.getX(), e.getY(), this::repaintSoon, this::details);
                        default ->
                            new TapeGesture(
                                    viewport(),
                                    frame(),
                                    document.reader().unit(),
                                    e.getX(),
                                    e.getY(),
                                    this::repaintSoon);
                    });
        } else {
            place(item, e.getX(), e.getY());
        }
        if (!e.isShiftDown()) {
            armed.set(null);
        }
    }

    /** Opens the sheet for the one thing that is chosen. */
    public void details() {
        document.selectionProperty()
                .get()
                .single()
                .ifPresent(id -> DetailsDialog.show(document, id, getScene().getWindow()));
    }

    private void begin(MouseEvent e) {
        Frame frame = frame();
        Viewport v = viewport();
        Optional<Integer> handle =
                Things.handleAt(frame, document.selectionProperty().get(), v, e.getX(), e.getY());
        if (handle.isPresent()) {
            onHandle(frame, v, handle.get(), e);
            return;
        }
        Selection thing = Things.at(frame, v, e.getX(), e.getY());
        if (e.getClickCount() == 2 && onDoubleClick(frame, v, thing, e)) {
            return;
        }
        if (thing.isNone() && beside(frame, v, e)) {
            return;
        }
        if (thing.isNone()) {
            Selection stays = e.isShiftDown() ? document.selectionProperty().get() : Selection.NONE;
            document.selectionProperty().set(stays);
            setGesture(new LassoGesture(document, v, frame, stays));
            return;
        }
        ElementId id = thing.single().orElseThrow();
        if (e.isShiftDown()) {
            document.selectionProperty().set(document.selectionProperty().get().toggled(id));
            return;
        }
        if (!document.selectionProperty().get().has(id)) {
            document.selectionProperty().set(new Selection(Elements.withGroups(frame.progression(), Set.of(id))));
        }
        take(frame, v, thing, e.isAltDown() || arranging.get());
    }

    /** Labels and goals of the surface are no elements; they can be dragged all the same. */
    private boolean beside(Frame frame, Viewport v, MouseEvent e) {
        Optional<PlacedLabels.Label> label = PlacedLabels.at(v, frame, e.getX(), e.getY());
        if (label.isPresent() && e.getClickCount() == 2) {
            document.change(
                    Ui.text("edit.label"),
                    p -> p.withLayout(p.layout().withLabel(label.get().of(), Optional.empty())));
            return true;
        }
        if (label.isPresent()) {
            setGesture(DragGesture.ofLabel(document, v, frame, label.get(), this::repaintSoon));
            return true;
        }
        Optional<GoalMouth> goal = Aiming.at(frame, v, e.getX(), e.getY())
                .goal()
                .filter(g -> frame.drill().surface().goal(g.id()).isPresent());
        if (goal.isPresent() && (e.isAltDown() || arranging.get())) {
            setGesture(DragGesture.ofGoal(document, v, frame, goal.get(), this::repaintSoon));
            return true;
        }
        return false;
    }

    /** Pulls from a body or a ball, or drags what is chosen. */
    private void take(Frame frame, Viewport v, Selection thing, boolean setOut) {
        Optional<RoleId> holder = thing.ball().flatMap(b -> holderOf(frame, b));
        if (!setOut && thing.role().isPresent()) {
            document.selectionProperty().set(thing);
            setGesture(pull(frame, v, Pull.fromBody(frame, thing.role().get())));
        } else if (!setOut && holder.isPresent()) {
            document.selectionProperty().set(thing);
            setGesture(pull(frame, v, Pull.fromBall(frame, holder.get())));
        } else if (!Elements.isLocked(frame.progression(), thing.single().orElseThrow())) {
            Elements.place(frame.progression(), thing.single().orElseThrow())
                    .ifPresent(start -> setGesture(
                            DragGesture.ofThings(document, v, frame, arrange.movable(), start, this::repaintSoon)));
        }
    }

    /** On a stroke: another point of the path; on anything else that is set out: its sheet. */
    private boolean onDoubleClick(Frame frame, Viewport v, Selection thing, MouseEvent e) {
        Optional<Travel> travel = thing.move()
                .flatMap(m -> frame.progression().move(m))
                .filter(m -> m instanceof Travel)
                .map(m -> (Travel) m);
        if (travel.isPresent()) {
            document.change(
                    Ui.text("edit.add-point"),
                    p -> p.withMove(Waypoints.added(frame, travel.get(), v.toMetres(e.getX(), e.getY()))));
            return true;
        }
        boolean hasSheet = thing.gear().isPresent()
                || thing.note().isPresent()
                || thing.zone().isPresent()
                || thing.line().isPresent();
        if (hasSheet) {
            details();
        }
        return hasSheet;
    }

    /** A point of the chosen path: dragged; twice makes it a hard cut or smooth; with Alt it goes. */
    private void onHandle(Frame frame, Viewport v, int index, MouseEvent e) {
        Travel travel = (Travel) frame.progression()
                .move(document.selectionProperty().get().move().orElseThrow())
                .orElseThrow();
        if (e.isAltDown()) {
            document.change(Ui.text("edit.remove-point"), p -> p.withMove(Waypoints.without(travel, index)));
        } else if (e.getClickCount() == 2) {
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
        double snap = PullGesture.SNAP_PIXELS / v.pixelsPerMetre();
        if (item == TrayItem.PATTERN) {
            document.changeAndSelect(
                    Ui.text("edit.place", Ui.text("pattern." + pattern.get().kind())),
                    p -> Placing.pattern(frame(), pattern.get(), v.toMetres(x, y), 0, snap));
            return;
        }
        if (item.isDrawn()) {
            return; // a pull draws it
        }
        Placing.Placed placed = Placing.place(frame(), item, v.toMetres(x, y), snap);
        document.change(Ui.text("edit.place", Ui.text("tray." + item)), before -> placed.after());
        document.selectionProperty().set(placed.selection());
    }

    /** Tells a screen reader what is chosen. */
    private void say() {
        setAccessibleText(Spoken.of(document));
        notifyAccessibleAttributeChanged(AccessibleAttribute.TEXT);
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
        image.paint(frame, viewport().resized(w, h), ground.get(), strokeCode.get(), legend.get());
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
        for (ElementId id : selection.ids()) {
            Things.middle(frame, v, id)
                    .ifPresent((Point2D p) -> overlay.ring(p, (selection.isSeveral() ? 16 : 20) * v.unit()));
        }
        for (ElementId id : frame.progression().layout().locked()) {
            Things.middle(frame, v, id).ifPresent(overlay::lock);
        }
        Things.handles(frame, selection).forEach(wp -> overlay.handle(wp.at(), wp.cut()));
        if (gesture != null) {
            gesture.paint(overlay);
        } else if (armed.get() != null && isHover()) {
            paintArmed(frame, v, overlay);
        }
    }

    private void paintArmed(Frame frame, Viewport v, Overlay overlay) {
        LengthUnit unit = document.reader().unit();
        Snapping.Snapped snapped = Snapping.of(
                        frame.progression(),
                        frame.drill().surface(),
                        Set.of(),
                        PullGesture.SNAP_PIXELS / v.pixelsPerMetre())
                .place(v.toMetres(pointerX, pointerY));
        overlay.guides(snapped.guides(), unit);
        Point p = snapped.at();
        if (armed.get() == TrayItem.PATTERN) {
            Patterns.points(pattern.get()).forEach(q -> overlay.handle(p.plus(q), false));
        } else {
            overlay.handle(p, false);
        }
        String where = new Places(frame.progression(), frame.drill().surface(), unit).standing(p);
        overlay.bubble(Ui.text("tray." + armed.get()) + " " + where, pointerX, pointerY);
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
        document.tracingProperty().removeListener(changed);
    }
}
