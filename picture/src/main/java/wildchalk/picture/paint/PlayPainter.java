package wildchalk.picture.paint;

import java.awt.AlphaComposite;
import java.awt.Composite;
import java.awt.Graphics2D;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.Step;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.PlayArea;
import wildchalk.picture.style.Ground;

/** Draws where people play freely: a calm area with a lively border, since nobody knows what happens in it. */
final class PlayPainter {

    private static final float FILL = 0.045f;

    private final Graphics2D g;
    private final Ground ground;
    private final Viewport v;
    private final Frame frame;

    PlayPainter(Graphics2D g, Ground ground, Viewport viewport, Frame frame) {
        this.g = g;
        this.ground = ground;
        this.v = viewport;
        this.frame = frame;
    }

    void paint() {
        for (Step step : frame.currentSteps()) {
            for (Move move : step.moves()) {
                boolean plays = move instanceof Act act
                        && act.deed() instanceof OpenPlay
                        && frame.timeline().move(move.id()).happens();
                if (plays) {
                    area(PlayArea.of(frame.path(), frame.drill().surface(), frame.timeline(), (Act) move));
                }
            }
        }
    }

    private void area(PlayArea area) {
        List<double[]> border = new ArrayList<>();
        Path2D shape = new Path2D.Double();
        double top = Double.POSITIVE_INFINITY;
        for (Point p : area.outline()) {
            Point2D q = v.toPixels(p);
            border.add(new double[] {q.getX(), q.getY()});
            top = Math.min(top, q.getY());
            if (border.size() == 1) {
                shape.moveTo(q.getX(), q.getY());
            } else {
                shape.lineTo(q.getX(), q.getY());
            }
        }
        shape.closePath();
        border.add(border.get(0));
        Composite solid = g.getComposite();
        g.setComposite(AlphaComposite.getInstance(AlphaComposite.SRC_OVER, FILL));
        g.setColor(ground.text());
        g.fill(shape);
        g.setComposite(solid);
        Brush brush = new Brush(g, v.unit());
        brush.colour(ground.quiet());
        brush.wave(border);
        brush.eddies(shape.getBounds2D().getX() + 30 * v.unit(), top + 18 * v.unit());
    }
}
