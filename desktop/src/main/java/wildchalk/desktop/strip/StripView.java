package wildchalk.desktop.strip;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.value.ChangeListener;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Shape;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;
import javafx.scene.text.TextAlignment;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.Side;
import wildchalk.core.finding.Finding;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.StepSpan;
import wildchalk.core.words.SlotKind;
import wildchalk.desktop.app.Ui;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Selection;
import wildchalk.picture.export.Rep;
import wildchalk.picture.style.Ground;

/** Shows when everything happens. Clicking or dragging moves the playhead; clicking a bar chooses its move. */
public final class StripView extends ScrollPane {

    private static final double LANE = 18;
    private static final double AXIS = 20;
    private static final double LABELS = 62;
    private static final double RIGHT = 24;
    private static final String FAMILY = "Atkinson Hyperlegible";

    private final DrillDocument document;
    private final ObjectProperty<Ground> ground = new SimpleObjectProperty<>(Ground.SLATE);
    private final Canvas canvas = new Canvas();
    private final Line needle = new Line(0, 8, 0, 0);
    private final Polygon knob = new Polygon(-7, 2, 7, 2, 0, 13);
    private final Pane holder = new Pane(canvas, needle, knob);
    private final ChangeListener<Object> tick = (o, a, b) -> movePlayhead();
    private final ChangeListener<Object> repaint = (o, a, b) -> paint();
    private final ChangeListener<Object> refit = (o, a, b) -> fit();

    /** A bar on a lane. */
    private record Bar(int lane, double start, double end, MoveId move, String text, Color colour) {}

    public StripView(DrillDocument document) {
        this.document = document;
        getStyleClass().add("strip");
        setId("strip");
        setAccessibleRole(AccessibleRole.SLIDER);
        setAccessibleText(Ui.text("strip.accessible"));
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        setFocusTraversable(false);
        holder.getStyleClass().add("strip-content");
        canvas.setManaged(false);
        for (Shape part : new Shape[] {needle, knob}) {
            part.setManaged(false);
            part.setMouseTransparent(true);
        }
        needle.setStrokeWidth(2.5);
        setContent(holder);
        document.repProperty().addListener(refit);
        document.secondsProperty().addListener(tick);
        document.selectionProperty().addListener(repaint);
        ground.addListener(repaint);
        viewportBoundsProperty().addListener(refit);
        canvas.setOnMousePressed(e -> press(e.getX(), e.getY()));
        canvas.setOnMouseDragged(e -> document.seek(secondsAt(e.getX())));
    }

    public ObjectProperty<Ground> groundProperty() {
        return ground;
    }

    private void fit() {
        Rep rep = document.rep();
        int lanes = rep.progression().roles().size() + rep.progression().balls().size();
        double width = Math.max(200, getViewportBounds().getWidth());
        double height = Math.max(getViewportBounds().getHeight(), AXIS + lanes * LANE + 6);
        canvas.setWidth(width);
        canvas.setHeight(height);
        holder.setPrefSize(width, height);
        paint();
    }

    // ---- pointer ----

    private void press(double x, double y) {
        document.playingProperty().set(false);
        Optional<Bar> bar = y < AXIS
                ? Optional.empty()
                : bars(document.rep()).stream()
                        .filter(b -> top(b.lane()) <= y && y < top(b.lane()) + LANE)
                        .filter(b -> x(b.start()) - 2 <= x && x <= x(b.end()) + 2)
                        .findFirst();
        document.seek(secondsAt(x));
        bar.ifPresent(b -> document.selectionProperty().set(Selection.of(b.move())));
    }

    private double span() {
        return Math.max(2, Math.ceil(document.timeline().seconds() + 0.2));
    }

    /** Pixel of a second. */
    public double x(double seconds) {
        return LABELS + seconds / span() * (canvas.getWidth() - LABELS - RIGHT);
    }

    private double secondsAt(double x) {
        return (x - LABELS) / (canvas.getWidth() - LABELS - RIGHT) * span();
    }

    private static double top(int lane) {
        return AXIS + lane * LANE;
    }

    // ---- painting ----

    private List<Bar> bars(Rep rep) {
        List<Bar> bars = new ArrayList<>();
        List<Role> roles = rep.progression().roles();
        for (Move move : rep.progression().moves()) {
            MoveSpan span = rep.timeline().move(move.id());
            if (!span.happens()) {
                continue;
            }
            int lane = laneOf(roles, move);
            Color colour = fx(ground.get().side(roles.get(lane).side()));
            double end = move.isBallRelease() ? span.start() + 0.12 : span.end();
            bars.add(new Bar(lane, span.start(), end, move.id(), verb(rep, move), colour));
            if (move.isBallRelease()) {
                ballLane(rep, move)
                        .ifPresent(l -> bars.add(new Bar(
                                l,
                                span.start(),
                                span.end(),
                                move.id(),
                                "",
                                fx(ground.get().ball()))));
            }
        }
        return bars;
    }

    private static int laneOf(List<Role> roles, Move move) {
        for (int i = 0; i < roles.size(); i++) {
            if (roles.get(i).id().equals(move.role())) {
                return i;
            }
        }
        return 0;
    }

    private static Optional<Integer> ballLane(Rep rep, Move move) {
        return rep.timeline().happenings().stream()
                .filter(h -> h.move().equals(Optional.of(move.id())))
                .findFirst()
                .map(h -> rep.progression().roles().size()
                        + rep.timeline().ballIds().indexOf(h.ball()));
    }

    /** The verb of the move's own sentence. */
    private static String verb(Rep rep, Move move) {
        return rep.talk().sentence(move.id()).stream()
                .flatMap(s -> s.phrases().stream())
                .filter(p ->
                        p.match(plain -> false, slot -> slot.what() == SlotKind.MANNER || slot.what() == SlotKind.KIND))
                .map(p -> p.text())
                .findFirst()
                .orElse("");
    }

    private void paint() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        Rep rep = document.rep();
        Ground look = ground.get();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        g.setTextBaseline(VPos.CENTER);
        steps(g, rep, look);
        axis(g, look);
        labels(g, rep, look);
        Optional<MoveId> chosen = document.selectionProperty().get().move();
        for (Bar bar : bars(rep)) {
            bar(g, bar, look, chosen.equals(Optional.of(bar.move())));
        }
        pins(g, rep, look);
        Color colour = fx(look.side(Side.DEFENCE));
        needle.setStroke(colour);
        needle.setEndY(canvas.getHeight());
        knob.setFill(colour);
        movePlayhead();
    }

    private void steps(GraphicsContext g, Rep rep, Ground look) {
        List<StepSpan> spans = rep.timeline().steps();
        for (int i = 0; i < spans.size(); i++) {
            if (i % 2 == 1) {
                Color shade = fx(look.quiet());
                g.setFill(Color.color(shade.getRed(), shade.getGreen(), shade.getBlue(), 0.10));
                double from = x(spans.get(i).start());
                g.fillRect(from, AXIS, x(spans.get(i).end()) - from, canvas.getHeight() - AXIS);
            }
        }
    }

    private void axis(GraphicsContext g, Ground look) {
        g.setFont(Font.font(FAMILY, 12));
        g.setTextAlign(TextAlignment.CENTER);
        int every = Math.max(1, (int) Math.ceil(span() / 16));
        for (int s = 0; s <= span(); s += every) {
            g.setFill(fx(look.quiet()));
            g.fillText(Ui.text("strip.second", s), x(s), AXIS / 2);
            Color line = fx(look.quiet());
            g.setStroke(Color.color(line.getRed(), line.getGreen(), line.getBlue(), 0.35));
            g.setLineWidth(1);
            g.strokeLine(Math.round(x(s)) + 0.5, AXIS, Math.round(x(s)) + 0.5, canvas.getHeight());
        }
    }

    private void labels(GraphicsContext g, Rep rep, Ground look) {
        g.setFont(Font.font(FAMILY, FontWeight.BOLD, 12.5));
        g.setTextAlign(TextAlignment.LEFT);
        int lane = 0;
        for (Role role : rep.progression().roles()) {
            g.setFill(fx(look.side(role.side())));
            g.fillText(role.label(), 12, top(lane++) + LANE / 2);
        }
        for (int i = 0; i < rep.progression().balls().size(); i++) {
            g.setFill(fx(look.ball()));
            g.fillText(rep.drill().surface().ballName(), 12, top(lane++) + LANE / 2);
        }
    }

    private void bar(GraphicsContext g, Bar bar, Ground look, boolean chosen) {
        double from = x(bar.start());
        double width = Math.max(3, x(bar.end()) - from);
        g.setFill(bar.colour());
        g.fillRoundRect(from, top(bar.lane()) + 2, width, LANE - 4, 5, 5);
        if (chosen) {
            g.setStroke(fx(look.text()));
            g.setLineWidth(2);
            g.strokeRoundRect(from, top(bar.lane()) + 2, width, LANE - 4, 5, 5);
        }
        if (width > 46 && !bar.text().isEmpty()) {
            g.save();
            g.beginPath();
            g.rect(from, top(bar.lane()), width - 4, LANE);
            g.clip();
            g.setFill(fx(look.onBody()));
            g.setFont(Font.font(FAMILY, FontWeight.BOLD, 12));
            g.setTextAlign(TextAlignment.LEFT);
            g.fillText(bar.text(), from + 7, top(bar.lane()) + LANE / 2);
            g.restore();
        }
    }

    private void pins(GraphicsContext g, Rep rep, Ground look) {
        g.setFont(Font.font(FAMILY, FontWeight.BOLD, 13));
        g.setTextAlign(TextAlignment.CENTER);
        for (Finding f : rep.findings()) {
            f.atSeconds().ifPresent(t -> {
                g.setFill(fx(look.alert()));
                g.fillText("!", x(t), AXIS - 5);
            });
        }
    }

    private void movePlayhead() {
        double at = x(document.secondsProperty().get());
        needle.setTranslateX(at);
        knob.setTranslateX(at);
    }

    private static Color fx(java.awt.Color c) {
        return Color.rgb(c.getRed(), c.getGreen(), c.getBlue());
    }

    public void dispose() {
        document.repProperty().removeListener(refit);
        document.secondsProperty().removeListener(tick);
        document.selectionProperty().removeListener(repaint);
    }
}
