package wildchalk.picture.export;

import java.awt.Color;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.List;
import java.util.Set;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.BallKind;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.Side;
import wildchalk.core.motion.CarriedGear;
import wildchalk.core.progress.Progress;
import wildchalk.core.text.Numbers;
import wildchalk.picture.paint.BodyArt;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Painter;
import wildchalk.picture.paint.Viewport;
import wildchalk.picture.style.Ground;

/** The moving pictures of a page: the surface once, gear, strokes of each step, and those who move, each a group of its own. */
final class PageBoard {

    private PageBoard() {}

    // ---- the picture ----

    /** All of them, the first shown. */
    static String of(List<PageStage> stages, Ground ground, Progress progress) throws IOException {
        SvgParts parts = new SvgParts();
        StringBuilder svg = new StringBuilder();
        int play = 0;
        for (int i = 0; i < stages.size(); i++) {
            Progress.tell(progress, (double) i / stages.size());
            svg.append("<g class=\"stage-of\" data-stage=\"%d\"%s>".formatted(i, i == 0 ? "" : " hidden"));
            svg.append(stage(stages.get(i), play, parts, ground));
            svg.append("</g>");
            play += stages.get(i).plays().size();
        }
        return svg.toString();
    }

    private static String stage(PageStage stage, int first, SvgParts parts, Ground ground) throws IOException {
        List<Play> plays = stage.plays();
        Viewport v = stage.v();
        Painter painter = new Painter(ground, plays.get(0).told().reader().code());
        StringBuilder svg = new StringBuilder();
        svg.append("<g class=\"turn\">")
                .append(parts.fragment(
                        g -> painter.paintGround(g, plays.get(0).told().drill().surfaceUse(), v)))
                .append("</g>");
        for (int i = 0; i < plays.size(); i++) {
            svg.append("<g class=\"play\" data-play=\"%d\"%s>".formatted(first + i, hidden(plays.get(i))));
            play(svg, parts, painter, plays.get(i), ground, v);
            svg.append("</g>");
        }
        return svg.toString();
    }

    private static String hidden(Play play) {
        return play.id().isEmpty() ? "" : " hidden";
    }

    private static void play(StringBuilder svg, SvgParts parts, Painter painter, Play play, Ground ground, Viewport v)
            throws IOException {
        Told told = play.told();
        for (Viewport each : List.of(v, v.turned())) {
            svg.append("<g class=\"%s\">".formatted(each.standing() ? "upright off" : "lying"));
            svg.append(parts.fragment(g -> {
                Painter.prepare(g);
                painter.paintGear(g, frame(told, 0), each);
                painter.paintQueues(g, frame(told, 0), each);
                painter.paintLabels(g, frame(told, 0), each);
            }));
            svg.append("</g>");
        }
        for (int s = 0; s < told.path().steps().size(); s++) {
            int step = s;
            svg.append("<g class=\"strokes turn\" data-step=\"").append(s).append("\">");
            svg.append(parts.fragment(g -> painter.paintStrokes(g, frame(told, step), v)));
            svg.append("</g>");
        }
        CarriedGear carried = CarriedGear.of(told.path(), told.timeline());
        for (Gear gear : told.path().gear()) {
            if (carried.moves(gear.id())) {
                Point2D at = v.toPixels(gear.at());
                svg.append("<g class=\"gear\" id=\"%sgear-%s\" transform=\"translate(%s %s)\">"
                        .formatted(play.id(), gear.id(), number(at.getX()), number(at.getY())));
                svg.append(parts.fragment(g -> painter.paintPiece(g, gear, v)));
                svg.append("</g>");
            }
        }
        for (Role role : told.path().roles()) {
            svg.append(sprite(play, ground, v, parts, role));
        }
        for (BallId ball : told.timeline().ballIds()) {
            Point2D at = v.toPixels(told.timeline().ballAt(ball, 0));
            svg.append("<g class=\"ball\" id=\"%sball-%s\" transform=\"translate(%s %s)\"><g class=\"inner\">"
                    .formatted(play.id(), ball, number(at.getX()), number(at.getY())));
            svg.append(parts.fragment(g -> painter.paintBall(g, kind(told, ball), v.unit())));
            svg.append("</g></g>");
        }
    }

    private static BallKind kind(Told told, BallId ball) {
        return told.path().balls().stream()
                .filter(b -> b.id().equals(ball))
                .map(Ball::kind)
                .findFirst()
                .orElse(BallKind.USUAL);
    }

    private static Frame frame(Told told, int step) {
        return new Frame(told.drill(), told.path(), told.timeline(), 0, step, false, Set.of());
    }

    private static String sprite(Play play, Ground ground, Viewport v, SvgParts parts, Role role) throws IOException {
        Told told = play.told();
        Point2D origin = new Point2D.Double(0, 0);
        Point2D at = v.toPixels(told.timeline().poseAt(role.id(), 0).at());
        double facing = v.heading(told.timeline().poseAt(role.id(), 0).facingDegrees());
        Color colour = role.team().map(ground::chalk).orElseGet(() -> ground.side(role.side()));
        String nose = parts.fragment(g -> {
            Painter.prepare(g);
            new BodyArt(g, ground, v.unit()).nose(origin, 0, colour);
        });
        StringBuilder body = new StringBuilder();
        for (double quarter : List.of(0.0, 90.0)) {
            String which = role.side() != Side.KEEPER ? "" : quarter == 0 ? "lying" : "upright off";
            if (quarter == 0 || !which.isEmpty()) {
                body.append("<g class=\"")
                        .append(which)
                        .append("\">")
                        .append(parts.fragment(g -> {
                            Painter.prepare(g);
                            new BodyArt(g, ground, v.unit())
                                    .body(origin, facing + quarter, role.side(), colour, role.label());
                        }))
                        .append("</g>");
            }
        }
        return ("<g class=\"role\" id=\"%srole-%s\" transform=\"translate(%s %s)\"><circle class=\"ring\" r=\"%s\"/>"
                        + "<g class=\"nose\">%s</g>%s</g>")
                .formatted(
                        play.id(), role.id(), number(at.getX()), number(at.getY()), number(18 * v.unit()), nose, body);
    }

    private static String number(double value) {
        return Numbers.fixed(value, 2);
    }
}
