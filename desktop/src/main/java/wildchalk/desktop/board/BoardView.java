package wildchalk.desktop.board;

import java.awt.geom.Point2D;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.value.ChangeListener;
import javafx.scene.AccessibleAttribute;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.canvas.Canvas;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import javafx.util.Duration;
import wildchalk.core.arrange.ActionBox;
import wildchalk.core.arrange.Pattern;
import wildchalk.core.arrange.PatternKind;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.inspect.Inspection;
import wildchalk.core.inspect.Moment;
import wildchalk.core.motion.Pace;
import wildchalk.core.reps.Crowd;
import wildchalk.core.reps.Outlook;
import wildchalk.core.text.LengthUnit;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Worker;
import wildchalk.desktop.ui.BoardImage;
import wildchalk.desktop.ui.Ticker;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Told;
import wildchalk.picture.paint.Bodies;
import wildchalk.picture.paint.Extra;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Inspected;
import wildchalk.picture.paint.Viewport;
import wildchalk.picture.style.Ground;
import wildchalk.picture.style.StrokeCode;

/** The surface with everything on it: shows the document's frame, and turns the pointer into gestures. */
public final class BoardView extends Region {

    private static final double NOTICE_SECONDS = 5;
    private static final double CAMERA_NEARER = 1.7;
    /** The board takes so long to be where it goes. */
    private static final double CAMERA_SECONDS = 0.6;

    private final DrillDocument document;
    private final Canvas floating = new Canvas();
    private final Worker worker;
    private final ObjectProperty<Ground> ground = new SimpleObjectProperty<>(Ground.SLATE);
    private final ObjectProperty<TrayItem> armed = new SimpleObjectProperty<>();
    private final BooleanProperty arranging = new SimpleBooleanProperty();
    private final BooleanProperty legend = new SimpleBooleanProperty();
    private final ObjectProperty<StrokeCode> strokeCode = new SimpleObjectProperty<>(StrokeCode.CHALK);
    private final ObjectProperty<AtForks> atForks = new SimpleObjectProperty<>(AtForks.ASK);
    private final BooleanProperty reps = new SimpleBooleanProperty();
    private final ObjectProperty<Optional<Inspection.Kind>> inspecting = new SimpleObjectProperty<>(Optional.empty());
    private final BooleanProperty onion = new SimpleBooleanProperty();
    private final BooleanProperty camera = new SimpleBooleanProperty();
    private final ObjectProperty<Optional<RoleId>> followed = new SimpleObjectProperty<>(Optional.empty());
    private final ObjectProperty<Pattern> pattern = new SimpleObjectProperty<>(Pattern.usual(PatternKind.SQUARE));
    private final ViewState viewState = new ViewState();
    private final Arranging arrange;
    private final BoardKeys keys;
    private final BoardPointer pointer;
    private final BoardFloating over;
    private final Playback playback;
    private final ChangeListener<Object> changed = (o, a, b) -> dirty = true;
    /** Whoever sets a station somewhere sees it there. */
    private final ChangeListener<Told> stationsCame = (o, was, is) -> {
        boolean same = was != null && was.path().id().equals(is.path().id());
        int before = same ? was.path().layout().stations().size() : Integer.MAX_VALUE;
        if (is.path().layout().stations().size() > before) {
            fitAction();
        }
    };

    private final Ticker ticker;

    private BoardImage image = new BoardImage(1, 1);
    private boolean dirty = true;
    private Gesture gesture;

    public BoardView(DrillDocument document) {
        this.document = document;
        this.worker = document.helper();
        this.arrange = new Arranging(document);
        this.keys = new BoardKeys(this, document);
        this.pointer = new BoardPointer(this, document);
        this.over = new BoardFloating(this, document, floating);
        this.playback = new Playback(document, atForks::get, reps::get);
        getStyleClass().add("board");
        setId("board");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setAccessibleText(Ui.text("board.accessible", document.drill().title()));
        getChildren().addAll(image.node(), floating);
        floating.setManaged(false);
        floating.setMouseTransparent(true);
        document.toldProperty().addListener(changed);
        document.toldProperty().addListener(stationsCame);
        document.secondsProperty().addListener(changed);
        document.stepProperty().addListener(changed);
        document.playingProperty().addListener(changed);
        document.selectionProperty().addListener(changed);
        document.tracingProperty().addListener(changed);
        ground.addListener(changed);
        strokeCode.addListener(changed);
        legend.addListener(changed);
        pattern.addListener(changed);
        reps.addListener(changed);
        reps.addListener((o, was, is) -> {
            if (!is) {
                playback.unwatch();
            }
        });
        onion.addListener(changed);
        inspecting.addListener(changed);
        camera.addListener((o, was, is) -> {
            if (!is) {
                fit();
            }
        });
        followed.addListener(changed);
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
        pointer.listen();
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
        viewState.open(
                document.drill().surfaceUse(),
                document.path().moves().isEmpty()
                        ? Optional.empty()
                        : ActionBox.withStations(
                                document.path(), document.drill().surface()));
        ticker = Ticker.start(this::tick);
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
        return viewState.viewport(document.told().drill().surfaceUse(), getWidth(), getHeight());
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

    /** Comes as near as the drill allows. */
    public void fitAction() {
        ActionBox.withStations(document.path(), document.drill().surface()).ifPresent(viewState::fit);
        repaintSoon();
    }

    /** What the reader's lengths are said in. */
    LengthUnit unit() {
        return document.reader().unit();
    }

    /** Says something over the board for as long as it takes to read it. */
    void tell(String text) {
        over.tell(text);
        repaintSoon();
        PauseTransition read = new PauseTransition(Duration.seconds(NOTICE_SECONDS));
        read.setOnFinished(e -> {
            over.forget(text);
            repaintSoon();
        });
        read.play();
    }

    /** What is said over the board now. */
    public Optional<String> told() {
        return over.notice();
    }

    /** What the sport calls its ball. */
    String ballName() {
        return document.drill().surface().ballName();
    }

    /** What strokes mean in this picture. */
    public ObjectProperty<StrokeCode> strokeCodeProperty() {
        return strokeCode;
    }

    /** Whether the signs that the drill uses are explained on the board. */
    public BooleanProperty legendProperty() {
        return legend;
    }

    /** What playing does where the rep can go several ways. */
    public ObjectProperty<AtForks> atForksProperty() {
        return atForks;
    }

    /** Whether the reps that run at the same time are shown too. */
    public BooleanProperty repsProperty() {
        return reps;
    }

    /** What is looked at in the moment under the playhead; empty for nothing. */
    public ObjectProperty<Optional<Inspection.Kind>> inspectingProperty() {
        return inspecting;
    }

    /** The same worked out for that moment; empty while nothing is looked at, and while reps follow one another. */
    Optional<Inspection> inspection() {
        if (reps.get() || inspecting.get().isEmpty()) {
            return Optional.empty();
        }
        Frame now = frame();
        return inspecting
                .get()
                .map(kind -> Inspection.of(
                        kind,
                        Moment.of(
                                now.path(), now.drill().surface(), Pace.of(now.drill()), now.timeline(), now.seconds()),
                        now.drill().surfaceUse().view()));
    }

    /** Plays a block from its first whistle, with all its people. */
    public void watch(Outlook block) {
        showBlock(block, 0);
        document.playingProperty().set(true);
        requestFocus();
    }

    /** Shows a second of a block, with all its people. */
    public void showBlock(Outlook block, double seconds) {
        playback.watch(block, seconds);
        reps.set(true);
        repaintSoon();
    }

    /** Whether everybody is also shown where the step starts and ends. */
    public BooleanProperty onionProperty() {
        return onion;
    }

    /** Whether the board goes along with whoever is followed, or the ball. */
    public BooleanProperty cameraProperty() {
        return camera;
    }

    /** Whose mark has a ring. */
    public ObjectProperty<Optional<RoleId>> followedProperty() {
        return followed;
    }

    /** The arrangement that {@link TrayItem#PATTERN} lays out. */
    public ObjectProperty<Pattern> patternProperty() {
        return pattern;
    }

    /** What playing waits for: somebody has to say which way the rep goes. */
    public Playback playback() {
        return playback;
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

    Gesture gestureOrNull() {
        return gesture;
    }

    void setGesture(Gesture next) {
        gesture = next;
        repaintSoon();
    }

    void repaintSoon() {
        dirty = true;
    }

    double pointerX() {
        return pointer.x();
    }

    double pointerY() {
        return pointer.y();
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

    /** Opens the sheet for the one thing that is chosen. */
    public void details() {
        document.selectionProperty()
                .get()
                .single()
                .ifPresent(id -> DetailsDialog.show(document, id, getScene().getWindow()));
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
            document.edit(
                    Ui.text("edit.place", Ui.text("pattern." + pattern.get().kind())),
                    Placing.pattern(frame(), pattern.get(), v.toMetres(x, y), 0, snap));
            return;
        }
        if (item.isDrawn()) {
            return; // a pull draws it
        }
        document.edit(
                Ui.text("edit.place", Ui.text("tray." + item)), Placing.place(frame(), item, v.toMetres(x, y), snap));
    }

    /** Tells a screen reader what is chosen. */
    private void say() {
        setAccessibleText(Spoken.of(document));
        notifyAccessibleAttributeChanged(AccessibleAttribute.TEXT);
    }

    // ---- showing ----

    private void tick(double elapsed) {
        if (document.playingProperty().get()) {
            playback.goOn(elapsed * document.speedProperty().get());
            if (camera.get()) {
                turnCamera(elapsed);
            }
        }
        if (dirty && getWidth() > 1 && getHeight() > 1) {
            dirty = false;
            paint();
        }
    }

    /** Glides after whoever is followed, or else the ball, from nearer than the whole part. */
    private void turnCamera(double elapsed) {
        Viewport now = viewport();
        if (viewState.isFitted()) {
            now = now.zoomed(CAMERA_NEARER, getWidth() / 2, getHeight() / 2);
        }
        Point2D target = followed.get()
                .map(r -> Bodies.of(frame(), viewport(), r))
                .or(() -> document.path().balls().stream().findFirst().map(b -> Bodies.of(frame(), viewport(), b.id())))
                .orElse(new Point2D.Double(getWidth() / 2, getHeight() / 2));
        double share = Math.min(1, elapsed / CAMERA_SECONDS);
        viewState.set(now.panned(share * (target.getX() - getWidth() / 2), share * (target.getY() - getHeight() / 2)));
    }

    private void paint() {
        double scale = getScene() == null || getScene().getWindow() == null
                ? 1
                : Math.max(1, getScene().getWindow().getOutputScaleX());
        int w = (int) Math.round(getWidth() * scale);
        int h = (int) Math.round(getHeight() * scale);
        if (!image.hasSize(w, h)) {
            image = new BoardImage(w, h, scale);
            getChildren().set(0, image.node());
        }
        Optional<Crowd> crowd = playback.crowd();
        Frame frame = frame().with(Extra.NONE
                .withOnion(onion.get())
                .withFollowed(followed.get())
                .withCrowd(crowd)
                .withInspection(inspection().map(i -> new Inspected(i, unit())))
                // while people come and go no line has as many as are drawn
                .withTasks(crowd.isEmpty()));
        image.paint(frame, viewport().scaled(scale), ground.get(), strokeCode.get(), legend.get());
        // nothing floats over a drill that plays, and an empty canvas costs time to blend
        boolean floats = !document.playingProperty().get() || gesture != null;
        floating.setVisible(floats);
        if (floats) {
            over.paint(frame, viewport());
        }
    }

    @Override
    protected void layoutChildren() {
        if (floating.getWidth() == getWidth() && floating.getHeight() == getHeight()) {
            return;
        }
        floating.setWidth(getWidth());
        floating.setHeight(getHeight());
        dirty = true;
    }

    /** Stops painting and lets the document go. */
    public void dispose() {
        ticker.stop();
        worker.close();
        document.toldProperty().removeListener(changed);
        document.toldProperty().removeListener(stationsCame);
        document.secondsProperty().removeListener(changed);
        document.stepProperty().removeListener(changed);
        document.playingProperty().removeListener(changed);
        document.selectionProperty().removeListener(changed);
        document.tracingProperty().removeListener(changed);
    }
}
