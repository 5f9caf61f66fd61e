package wildchalk.picture.paint;

import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Composite;
import java.awt.Graphics2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.util.List;
import wildchalk.core.arrange.ActionBox;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Station;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Pose;
import wildchalk.picture.style.Fonts;
import wildchalk.picture.style.Ground;

/** Draws the other stations of a drill faintly, each within a broken border with its number where it is taken hold of. */
final class StationPainter {

    private static final float FAINT = 0.5f;
    private static final double TAG_RADIUS = 11;
    private static final double ROOM_METRES = 1;

    private final Graphics2D g;
    private final Ground ground;
    private final Viewport v;
    private final Frame frame;

    StationPainter(Graphics2D g, Ground ground, Viewport viewport, Frame frame) {
        this.g = g;
        this.ground = ground;
        this.v = viewport;
        this.frame = frame;
    }

    private List<Station> stations() {
        // a picture of one step looks at the drill itself
        return frame.extra().area().isPresent()
                ? List.of()
                : frame.path().layout().stations();
    }

    /** Gear, strokes and who waits. */
    void paintStill() {
        for (int i = 0; i < stations().size(); i++) {
            PlaneMap map = stations().get(i).map();
            border(map);
            faintly(() -> {
                GearPainter gear = new GearPainter(g, ground, v);
                frame.path().gear().stream().map(p -> p.carried(map)).forEach((Gear p) -> gear.paint(p));
                strokes(map);
                if (frame.extra().crowd().isEmpty()) {
                    frame.path().lines().forEach(l -> queue(l.carried(map)));
                }
            });
            tag(stations().get(i), i + 2);
        }
    }

    /** Who plays; while reps follow one another they are the crowd's. */
    void paintMoving() {
        if (frame.extra().crowd().isPresent()) {
            return;
        }
        for (Station station : stations()) {
            faintly(() -> frame.path().roles().forEach(r -> body(r, station.map())));
        }
    }

    private void faintly(Runnable paint) {
        Composite solid = g.getComposite();
        g.setComposite(AlphaComposite.getInstance(AlphaComposite.SRC_OVER, FAINT));
        paint.run();
        g.setComposite(solid);
    }

    private void border(PlaneMap map) {
        ActionBox.of(frame.path(), frame.drill().surface()).ifPresent(box -> {
            float u = (float) v.unit();
            g.setColor(ground.quiet());
            g.setStroke(new BasicStroke(
                    1.2f * u, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 10, new float[] {3 * u, 5 * u}, 0));
            g.draw(SurfacePainter.polygon(
                    v, box.grown(ROOM_METRES).corners().stream().map(map::apply).toList()));
        });
    }

    private void strokes(PlaneMap map) {
        float u = (float) v.unit();
        g.setStroke(new BasicStroke(1.6f * u, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        for (Step step : frame.currentSteps()) {
            step.moves()
                    .forEach(move -> Strokes.lineOf(frame, move)
                            .filter(l -> l.size() > 1)
                            .ifPresent(line -> {
                                g.setColor(frame.path()
                                        .role(move.role())
                                        .map(r -> BodyPainter.colour(ground, r))
                                        .orElse(ground.quiet()));
                                g.draw(open(line.stream().map(map::apply).toList()));
                            }));
        }
    }

    private Path2D open(List<Point> line) {
        Path2D path = new Path2D.Double();
        for (int i = 0; i < line.size(); i++) {
            Point2D p = v.toPixels(line.get(i));
            if (i == 0) {
                path.moveTo(p.getX(), p.getY());
            } else {
                path.lineTo(p.getX(), p.getY());
            }
        }
        return path;
    }

    private void queue(WaitingLine line) {
        Color colour = line.feeds().stream()
                .findFirst()
                .flatMap(frame.path()::role)
                .map(r -> BodyPainter.colour(ground, r))
                .orElse(ground.side(Side.NEUTRAL));
        g.setColor(colour);
        g.setStroke(new BasicStroke((float) (1.6 * v.unit())));
        double r = Bodies.QUEUE_RADIUS * v.unit();
        Bodies.queue(v, line).forEach(p -> g.draw(new Ellipse2D.Double(p.getX() - r, p.getY() - r, 2 * r, 2 * r)));
    }

    private void body(Role role, PlaneMap map) {
        body(role, map, role.label());
    }

    private void body(Role role, PlaneMap map, String label) {
        Pose pose = frame.timeline().poseAt(role.id(), frame.seconds());
        double heading = v.heading(map.applyToHeading(pose.facingDegrees()));
        Point2D at = v.toPixels(map.apply(pose.at()));
        Color colour = BodyPainter.colour(ground, role);
        BodyArt art = new BodyArt(g, ground, v.unit());
        art.nose(at, heading, colour);
        art.body(at, heading, role.side(), colour, label);
    }

    /**
     * All of a drill elsewhere, as its rep begins: in full colour, with those who wait.
     *
     * @param labelled whether everybody has his label: in a small picture nobody could read it
     */
    void paintWhole(PlaneMap map, boolean labelled) {
        GearPainter gear = new GearPainter(g, ground, v);
        frame.path().gear().stream().map(p -> p.carried(map)).forEach((Gear p) -> gear.paint(p));
        strokes(map);
        frame.path().lines().forEach(l -> queue(l.carried(map)));
        frame.path().roles().forEach(r -> body(r, map, labelled ? r.label() : ""));
        for (Station s : stations()) {
            faintly(() -> frame.path()
                    .roles()
                    .forEach(r -> body(r, s.withItsDrill(map).map(), labelled ? r.label() : "")));
        }
    }

    /** Its number, where it is taken hold of. */
    private void tag(Station station, int number) {
        tag(g, ground, v, station.at(), String.valueOf(number));
    }

    /** A number in a square. */
    static void tag(Graphics2D g, Ground ground, Viewport v, Point place, String text) {
        float u = (float) v.unit();
        Point2D at = v.toPixels(place);
        double size = Letters.size(ground, 12 * u);
        double r = Math.max(TAG_RADIUS * u, 0.75 * size);
        Path2D square = new Path2D.Double();
        square.append(
                new java.awt.geom.RoundRectangle2D.Double(at.getX() - r, at.getY() - r, 2 * r, 2 * r, r, r), false);
        g.setColor(ground.surround());
        g.fill(square);
        g.setColor(ground.text());
        g.setStroke(new BasicStroke(1.4f * u));
        g.draw(square);
        g.setFont(Fonts.bold(size));
        double wide =
                g.getFont().getStringBounds(text, g.getFontRenderContext()).getWidth();
        g.drawString(text, (float) (at.getX() - wide / 2), (float) (at.getY() + 0.36 * size));
    }
}
