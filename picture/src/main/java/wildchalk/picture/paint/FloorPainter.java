package wildchalk.picture.paint;

import java.awt.BasicStroke;
import java.awt.Graphics2D;
import java.util.List;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.motion.Timeline;
import wildchalk.core.session.SetUp;
import wildchalk.picture.style.Ground;

/** The floor of a session at a moment: every station with its gear, its lines and those who start there. */
public final class FloorPainter {

    private final Ground ground;

    public FloorPainter(Ground ground) {
        this.ground = ground;
    }

    /** @param stations numbered from 1 in this order */
    public void paint(Graphics2D g, SurfaceUse floor, List<SetUp> stations, Viewport viewport) {
        paint(g, floor, stations, viewport, true);
    }

    /** Likewise for a picture so small that nobody could read what players are called. */
    public void paintSmall(Graphics2D g, SurfaceUse floor, List<SetUp> stations, Viewport viewport) {
        paint(g, floor, stations, viewport, false);
    }

    private void paint(Graphics2D g, SurfaceUse floor, List<SetUp> stations, Viewport viewport, boolean labelled) {
        new Painter(ground).paintGround(g, floor, viewport);
        for (int i = 0; i < stations.size(); i++) {
            SetUp s = stations.get(i);
            Frame frame = Frame.at(s.drill(), s.path(), Timeline.of(s.drill(), s.path()), 0);
            border(g, s, viewport);
            new StationPainter(g, ground, viewport, frame).paintWhole(s.place().map(), labelled);
            StationPainter.tag(g, ground, viewport, s.middle(), String.valueOf(i + 1));
        }
    }

    private void border(Graphics2D g, SetUp setUp, Viewport viewport) {
        if (setUp.corners().size() > 2) {
            float u = (float) viewport.unit();
            g.setColor(ground.quiet());
            g.setStroke(new BasicStroke(
                    1.2f * u, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 10, new float[] {3 * u, 5 * u}, 0));
            g.draw(SurfacePainter.polygon(viewport, setUp.corners()));
        }
    }
}
