package wildchalk.picture.paint;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Point2D;
import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.core.drill.BallKind;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.motion.CarriedGear;
import wildchalk.core.surface.Surface;
import wildchalk.picture.style.Ground;
import wildchalk.picture.style.StrokeCode;

/** Draws one moment of a drill. */
public final class Painter {

    private final Ground ground;
    private final StrokeCode code;

    /** With our own code of strokes. */
    public Painter(Ground ground) {
        this(ground, StrokeCode.CHALK);
    }

    public Painter(Ground ground, StrokeCode code) {
        this.ground = ground;
        this.code = code;
    }

    public static void prepare(Graphics2D g) {
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setRenderingHint(RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
    }

    /** Everything: the surface, then what stands and moves on it. */
    public void paint(Graphics2D g, Frame frame, Viewport viewport) {
        paintGround(g, frame.drill().surfaceUse(), viewport);
        paintMarks(g, frame, viewport);
    }

    /** The surface, and a veil over what is not of the part that the drill uses. */
    public void paintGround(Graphics2D g, SurfaceUse use, Viewport viewport) {
        paintSurface(g, use.surface(), viewport);
        new SurfacePainter(g, ground, viewport).veil(use);
    }

    /** The surface alone; it does not change while a drill plays, so the board keeps it. */
    public void paintSurface(Graphics2D g, Surface surface, Viewport viewport) {
        prepare(g);
        new SurfacePainter(g, ground, viewport).paint(surface);
    }

    /** Gear, strokes, players and balls. */
    public void paintMarks(Graphics2D g, Frame frame, Viewport viewport) {
        paintStillMarks(g, frame, viewport);
        paintMoving(g, frame, viewport);
    }

    /**
     * What stays as it is while a step plays: the surface, gear, strokes and those who wait; with the picture under the
     * drawing, which is for whoever draws and not for those who read.
     */
    public void paintStill(Graphics2D g, Frame frame, Viewport viewport) {
        paintGround(g, frame.drill().surfaceUse(), viewport);
        frame.drill().backdrop().ifPresent(b -> BackdropPainter.paint(g, viewport, b));
        paintStillMarks(g, frame, viewport);
    }

    /** Everything but words: for a picture so small that they would lie on each other and nobody could read them. */
    public void paintSmall(Graphics2D g, Frame frame, Viewport viewport) {
        paintGround(g, frame.drill().surfaceUse(), viewport);
        paintGear(g, frame, viewport);
        paintStrokes(g, frame, viewport);
        paintQueues(g, frame, viewport);
        paintMoving(g, frame, viewport);
    }

    private void paintStillMarks(Graphics2D g, Frame frame, Viewport viewport) {
        prepare(g);
        new StationPainter(g, ground, viewport, frame).paintStill();
        paintGear(g, frame, viewport);
        paintStrokes(g, frame, viewport);
        paintQueues(g, frame, viewport);
        if (frame.extra().allSteps()) {
            new StepNumbers(g, ground, viewport, frame).paint();
        }
        paintLabels(g, frame, viewport);
        new ExtraPainter(g, ground, viewport, frame).paintStill();
    }

    /** Words beside gear, lines and zones, and notes; placed so that none lies on another where there is room. */
    public void paintLabels(Graphics2D g, Frame frame, Viewport viewport) {
        prepare(g);
        new LabelPainter(g, ground, viewport, frame).paint();
    }

    /** Players and balls, over what stands still. */
    public void paintMoving(Graphics2D g, Frame frame, Viewport viewport) {
        prepare(g);
        ExtraPainter extra = new ExtraPainter(g, ground, viewport, frame);
        frame.extra().inspection().ifPresent(i -> new InspectPainter(g, ground, viewport, i.unit()).paint(i.what()));
        new StationPainter(g, ground, viewport, frame).paintMoving();
        new BodyPainter(g, ground, viewport, frame).paintBodies();
        paintMovedGear(g, frame, viewport);
        extra.paintMoving();
    }

    /** What is carried is drawn beside whoever has it, on the other side than a ball. */
    private void paintMovedGear(Graphics2D g, Frame frame, Viewport viewport) {
        CarriedGear carried = CarriedGear.of(frame.path(), frame.timeline());
        GearPainter gear = new GearPainter(g, ground, viewport);
        frame.movedGear().stream()
                .filter(p -> frame.extra().shows(p.at(), GearPainter.radiusMetres(p, viewport)))
                .forEach(p -> gear.paint(
                        p,
                        carried.holder(p.id(), frame.seconds())
                                .map(r -> Bodies.inOtherHand(frame, viewport, r))
                                .orElseGet(() -> viewport.toPixels(p.at())),
                        viewport.unit()));
    }

    public void paintGear(Graphics2D g, Frame frame, Viewport viewport) {
        prepare(g);
        new LayoutPainter(g, ground, viewport).paint(frame.path().layout(), frame.extra());
        GearPainter gear = new GearPainter(g, ground, viewport);
        Set<GearId> moved = frame.movedGear().stream().map(Gear::id).collect(Collectors.toSet());
        frame.path().gear().stream()
                .filter(p -> !moved.contains(p.id()))
                .filter(p -> frame.extra().shows(p.at(), GearPainter.radiusMetres(p, viewport)))
                .forEach(gear::paint);
    }

    /** Those who stand in lines behind the first. */
    public void paintQueues(Graphics2D g, Frame frame, Viewport viewport) {
        prepare(g);
        new BodyPainter(g, ground, viewport, frame).paintQueues();
    }

    public void paintStrokes(Graphics2D g, Frame frame, Viewport viewport) {
        prepare(g);
        new StrokePainter(g, ground, code, viewport, frame).paint();
    }

    /** A piece of gear alone, its middle at the origin. */
    public void paintPiece(Graphics2D g, Gear gear, Viewport viewport) {
        prepare(g);
        new GearPainter(g, ground, viewport).paint(gear, new Point2D.Double(0, 0), viewport.unit());
    }

    /** A ball alone, its middle at the origin. */
    public void paintBall(Graphics2D g, BallKind kind, double unit) {
        prepare(g);
        BodyPainter.ball(g, ground, kind, new Point2D.Double(0, 0), Bodies.BALL_RADIUS * unit, unit);
    }
}
