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
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;
import javafx.scene.text.TextAlignment;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Step;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Severity;
import wildchalk.core.motion.StepSpan;
import wildchalk.core.words.StepWords;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Told;
import wildchalk.picture.style.Ground;

/**
 * The strip as thin as it can be: a box for each step, a thread of colour for each move in it, and what there is to look at.
 * Pressing or dragging moves the playhead.
 */
public final class BeatBar extends Pane {

    private static final double SIDE = 16;
    private static final double TOP = 12;
    private static final double TITLE = 15;
    private static final double ROW = 4;
    /** More that happen at once than these are drawn over each other. */
    private static final int ROWS = 4;

    private static final double HEIGHT = TOP + TITLE + ROWS * ROW + 4;

    private static final Font FONT = Font.font("Atkinson Hyperlegible", FontWeight.BOLD, 12);
    private static final BarText TEXT = BarText.of(FONT);

    private final DrillDocument document;
    private final ObjectProperty<Ground> ground = new SimpleObjectProperty<>(Ground.SLATE);
    private final Canvas canvas = new Canvas();
    private final Line needle = new Line(0, TOP - 2, 0, HEIGHT);
    private final Polygon knob = new Polygon(-7, 0, 7, 0, 0, 11);
    private Told barsOf;
    private List<StripBars.Bar> bars = List.of();
    private final ChangeListener<Object> repaint = (o, a, b) -> paint();
    private final ChangeListener<Object> tick = (o, a, b) -> movePlayhead();

    public BeatBar(DrillDocument document) {
        this.document = document;
        getStyleClass().add("beat-bar");
        setId("beats");
        setAccessibleRole(AccessibleRole.SLIDER);
        setAccessibleText(Ui.text("strip.accessible"));
        getChildren().addAll(canvas, needle, knob);
        for (var part : getChildren()) {
            part.setManaged(false);
            part.setMouseTransparent(true);
        }
        needle.setStrokeWidth(2.5);
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        document.toldProperty().addListener(repaint);
        document.secondsProperty().addListener(tick);
        document.selectionProperty().addListener(repaint);
        document.stepProperty().addListener(repaint);
        ground.addListener(repaint);
        sceneProperty().addListener(repaint);
        setOnMousePressed(this::seek);
        setOnMouseDragged(this::seek);
    }

    public ObjectProperty<Ground> groundProperty() {
        return ground;
    }

    /** Pixel of a second. */
    public double x(double seconds) {
        return SIDE + seconds / all() * Math.max(1, getWidth() - 2 * SIDE);
    }

    private double all() {
        return Math.max(1, document.timeline().seconds());
    }

    private void seek(MouseEvent e) {
        document.playingProperty().set(false);
        double at = (e.getX() - SIDE) / Math.max(1, getWidth() - 2 * SIDE) * all();
        document.seek(Math.max(0, Math.min(document.timeline().seconds(), at)));
    }

    @Override
    protected void layoutChildren() {
        if (canvas.getWidth() != getWidth() || canvas.getHeight() != getHeight()) {
            canvas.setWidth(getWidth());
            canvas.setHeight(getHeight());
            paint();
        }
    }

    // ---- painting ----

    private void paint() {
        if (getScene() == null) {
            return; // nobody sees it
        }
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        Told told = document.told();
        Ground look = ground.get();
        steps(g, told, look);
        bars(g, told, look);
        pins(g, told, look);
        var colour = StripPainter.fx(look.side(Side.DEFENCE));
        needle.setStroke(colour);
        knob.setFill(colour);
        movePlayhead();
    }

    private void steps(GraphicsContext g, Told told, Ground look) {
        List<StepSpan> spans = told.timeline().steps();
        List<StepWords> words = told.talk().steps();
        g.setTextBaseline(VPos.CENTER);
        g.setTextAlign(TextAlignment.LEFT);
        g.setFont(FONT);
        for (int i = 0; i < spans.size(); i++) {
            double from = x(spans.get(i).start());
            double until = x(i + 1 < spans.size() ? spans.get(i + 1).start() : all()) - 3;
            double wide = Math.max(2, until - from);
            boolean current = i == document.stepProperty().get();
            g.setFill(StripPainter.faint(look.quiet(), current ? 0.30 : 0.14));
            g.fillRoundRect(from, TOP, wide, HEIGHT - TOP, 6, 6);
            g.setFill(StripPainter.fx(current ? look.text() : look.quiet()));
            g.fillText(TEXT.fitting(title(told, i, words), wide - 14), from + 8, TOP + TITLE / 2 + 1);
        }
    }

    private static String title(Told told, int index, List<StepWords> words) {
        List<Step> steps = told.path().steps();
        String number = index < steps.size()
                ? told.path()
                        .again(steps.get(index).id())
                        .map(a -> Ui.text(
                                "strip.again",
                                told.path().number(told.path().step(a.of()).orElseThrow())))
                        .orElseGet(() -> String.valueOf(told.path().number(steps.get(index))))
                : String.valueOf(index + 1);
        if (index >= words.size()) {
            return number;
        }
        int label = words.get(index).title().indexOf(" · ");
        return label < 0 ? number : number + words.get(index).title().substring(label + 2);
    }

    /** Those that run at the same time lie under each other. */
    private void bars(GraphicsContext g, Told told, Ground look) {
        Optional<MoveId> chosen = document.selectionProperty().get().move();
        List<Double> free = new ArrayList<>();
        double[] drawn = new double[ROWS];
        for (StripBars.Bar bar : bars(told)) {
            int row = 0;
            while (row < free.size() && free.get(row) > bar.start() + 1e-6) {
                row++;
            }
            if (row == free.size()) {
                free.add(bar.end());
            } else {
                free.set(row, bar.end());
            }
            double from = x(bar.start());
            double y = TOP + TITLE + (row % ROWS) * ROW + 2;
            double to = Math.max(from + 3, x(bar.end()) - 1);
            boolean thick = chosen.equals(Optional.of(bar.move()));
            if (to <= drawn[row % ROWS] && !thick) {
                continue; // it would lie under what is there
            }
            drawn[row % ROWS] = to;
            g.setStroke(StripPainter.fx(bar.role().map(r -> look.side(r.side())).orElse(look.ball())));
            g.setLineWidth(thick ? 4 : 2);
            g.strokeLine(from + 1, y, to, y);
        }
    }

    /** Worked out once for what is told. */
    private List<StripBars.Bar> bars(Told told) {
        if (told != barsOf) {
            barsOf = told;
            bars = StripBars.of(told).bars();
        }
        return bars;
    }

    private void pins(GraphicsContext g, Told told, Ground look) {
        g.setFill(StripPainter.fx(look.alert()));
        for (Finding f : told.findings()) {
            f.atSeconds().filter(t -> f.severity() != Severity.NOTE).ifPresent(t -> {
                double at = x(t);
                g.fillPolygon(new double[] {at - 5, at + 5, at}, new double[] {1, 1, 10}, 3);
            });
        }
    }

    private void movePlayhead() {
        double at = x(document.secondsProperty().get());
        needle.setTranslateX(at);
        knob.setTranslateX(at);
    }

    public void dispose() {
        document.toldProperty().removeListener(repaint);
        document.secondsProperty().removeListener(tick);
        document.selectionProperty().removeListener(repaint);
        document.stepProperty().removeListener(repaint);
    }
}
