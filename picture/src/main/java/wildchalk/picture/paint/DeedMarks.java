package wildchalk.picture.paint;

import java.awt.geom.Point2D;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Challenge;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.DroppingOut;
import wildchalk.core.drill.HandlingGear;
import wildchalk.core.drill.Looking;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.Skill;
import wildchalk.core.drill.Verdict;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Polyline;
import wildchalk.core.motion.Flight;
import wildchalk.core.motion.Happening;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Pose;
import wildchalk.core.motion.Timeline;

/** Draws what is done on the spot: a hook for a turn, a crossbar for a screen, a cross where bodies meet. */
final class DeedMarks {

    /** Who goes no further (m) is drawn where he stands. */
    private static final double SHORT_METRES = 1;

    private static final double BESIDE_PIXELS = 17;

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
            public Void challenge(Challenge c) {
                Optional<List<Point>> way = timeline.pathOf(act.role(), act.id());
                way.filter(w -> w.size() > 1 && timeline.workedOut().containsKey(act.id()))
                        .ifPresent(w -> brush.plain(w.stream()
                                .map(v::toPixels)
                                .map(q -> new double[] {q.getX(), q.getY()})
                                .toList()));
                Point end = way.map(w -> w.get(w.size() - 1)).orElse(pose.at());
                Point goal = wanted(c, timeline, span);
                double towards = v.heading(goal.minus(end).headingDegrees());
                // who hardly moves would stand on his mark
                double off =
                        way.filter(w -> new Polyline(w).length() > SHORT_METRES).isPresent()
                                ? 0
                                : BESIDE_PIXELS * v.unit();
                Point2D q = v.toPixels(end);
                double a = Math.toRadians(towards);
                boolean made = timeline.verdict(act.id()).orElse(c.verdict()) != Verdict.MISSED;
                brush.claw(q.getX() + off * Math.cos(a), q.getY() - off * Math.sin(a), towards, made);
                return null;
            }

            @Override
            public Void openPlay(OpenPlay o) {
                return null; // its region is painted under everybody
            }

            @Override
            public Void skill(Skill s) {
                brush.twist(p.getX(), p.getY());
                return null;
            }

            @Override
            public Void looking(Looking l) {
                double towards = timeline.placeOf(l.at(), span.start())
                        .filter(seen -> !seen.isWithin(0.01, pose.at()))
                        .map(seen -> v.heading(seen.minus(pose.at()).headingDegrees()))
                        .orElse(facing);
                brush.glance(p.getX(), p.getY(), towards);
                return null;
            }

            @Override
            public Void droppingOut(DroppingOut d) {
                brush.out(p.getX(), p.getY());
                return null;
            }

            @Override
            public Void handlingGear(HandlingGear h) {
                brush.grip(p.getX(), p.getY(), h.way() == HandlingGear.Way.TAKE);
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

    /** Where what somebody goes for is when he is there: the carrier, or the ball that is under way. */
    private static Point wanted(Challenge c, Timeline timeline, MoveSpan span) {
        if (!c.bid().isForPass()) {
            return timeline.placeAt(c.on(), span.end());
        }
        return timeline.happenings().stream()
                .filter(h -> h.kind() == Happening.Kind.RELEASED && h.role().equals(Optional.of(c.on())))
                .filter(h -> h.seconds() <= span.start() + 1e-6)
                .reduce((one, later) -> later)
                .flatMap(h -> h.move().flatMap(timeline::flightOf))
                .map(Flight::to)
                .orElseGet(() -> timeline.placeAt(c.on(), span.start()));
    }
}
