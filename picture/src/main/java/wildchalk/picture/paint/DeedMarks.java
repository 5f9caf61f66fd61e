package wildchalk.picture.paint;

import java.awt.geom.Point2D;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Deed;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Pose;
import wildchalk.core.motion.Timeline;

/** Draws what is done on the spot: a hook for a turn, a crossbar for a screen, a cross where bodies meet. */
final class DeedMarks {

    private final Brush brush;
    private final Viewport v;

    DeedMarks(Brush brush, Viewport viewport) {
        this.brush = brush;
        this.v = viewport;
    }

    void paint(Act act, Timeline timeline, MoveSpan span) {
        Pose pose = timeline.poseAt(act.role(), span.start());
        Point2D p = v.toPixels(pose.at());
        double facing = v.heading(pose.facingDegrees());
        act.deed().match(new Deed.Cases<Void>() {
            @Override
            public Void waiting(Deed.Waiting w) {
                return null;
            }

            @Override
            public Void turning(Deed.Turning t) {
                brush.hook(p.getX(), p.getY(), facing, t.sweepDegrees());
                return null;
            }

            @Override
            public Void screening(Deed.Screening s) {
                double towards = s.against()
                        .map(r -> timeline.poseAt(r, span.start()).at().minus(pose.at()))
                        .filter(d -> d.length() > 0.1)
                        .map(d -> v.heading(d.headingDegrees()))
                        .orElse(facing);
                brush.crossbar(p.getX(), p.getY(), towards);
                return null;
            }

            @Override
            public Void contact(Deed.Contact c) {
                Point2D other =
                        v.toPixels(timeline.poseAt(c.with(), span.start()).at());
                brush.cross((p.getX() + other.getX()) / 2, (p.getY() + other.getY()) / 2, false);
                return null;
            }

            @Override
            public Void contest(Deed.Contest c) {
                Point2D ball = v.toPixels(timeline.wonFrom(act.id()).orElse(pose.at()));
                brush.cross(ball.getX(), ball.getY(), true);
                return null;
            }

            @Override
            public Void calling(Deed.Calling c) {
                brush.call(p.getX(), p.getY(), facing);
                return null;
            }

            @Override
            public Void puttingDown(Deed.PuttingDown d) {
                brush.stop(p.getX(), p.getY(), false);
                return null;
            }
        });
    }
}
