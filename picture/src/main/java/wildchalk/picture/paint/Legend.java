package wildchalk.picture.paint;

import java.awt.Graphics2D;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Timeline;
import wildchalk.core.text.Texts;
import wildchalk.picture.style.Fonts;
import wildchalk.picture.style.Ground;

/** Explains the signs that a picture uses, and no others. */
public final class Legend {

    /** A kind of sign. */
    enum Sign {
        TRAVEL,
        CARRY,
        BACKWARD,
        SHUFFLE,
        PASS,
        SHOT,
        ATTACK,
        DEFENCE,
        NEUTRAL,
        KEEPER,
        COACH,
        BALL,
        CONE,
        DISC,
        POLE
    }

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");
    private static final double SAMPLE_WIDTH = 40;
    private static final double ROW_HEIGHT = 26;
    private static final double TEXT_SIZE = 12.5;

    private final Set<Sign> signs;

    private Legend(Set<Sign> signs) {
        this.signs = signs;
    }

    /** The signs of a whole progression, so that every picture of a set has the same legend. */
    public static Legend of(Progression drill, Timeline timeline) {
        Set<Sign> signs = new LinkedHashSet<>();
        drill.roles().forEach(r -> signs.add(Sign.valueOf(r.side().name())));
        for (Move move : drill.moves()) {
            if (timeline.move(move.id()).happens()) {
                addMove(signs, move, timeline);
            }
        }
        for (Gear gear : drill.gear()) {
            if (!gear.kind().isGoal()) {
                signs.add(Sign.valueOf(gear.kind().name()));
            }
        }
        if (!drill.balls().isEmpty()) {
            signs.add(Sign.BALL);
        }
        return new Legend(signs);
    }

    private static void addMove(Set<Sign> signs, Move move, Timeline timeline) {
        if (move instanceof Travel travel) {
            if (travel.manner() != Manner.FORWARD) {
                signs.add(travel.manner() == Manner.BACKWARD ? Sign.BACKWARD : Sign.SHUFFLE);
            } else {
                signs.add(timeline.move(move.id()).carrying() ? Sign.CARRY : Sign.TRAVEL);
            }
        } else {
            move.match(t -> null, p -> signs.add(Sign.PASS), s -> signs.add(Sign.SHOT), u -> null, w -> null);
        }
    }

    /** Height (pixels) that the legend needs at a width. */
    public double height(Graphics2D g, double width, double unit, String ballName) {
        return layout(g, width, unit, ballName).size() * ROW_HEIGHT * unit;
    }

    /** Paints rows of samples with their words, the top left corner at (x, y). */
    public void paint(Graphics2D g, Ground ground, double x, double y, double width, double unit, String ballName) {
        Painter.prepare(g);
        double rowY = y + ROW_HEIGHT * unit / 2;
        for (List<Sign> row : layout(g, width, unit, ballName)) {
            double at = x;
            for (Sign sign : row) {
                sample(g, ground, sign, at, rowY, unit);
                g.setFont(Fonts.regular(TEXT_SIZE * unit));
                g.setColor(ground.quiet());
                g.drawString(text(sign, ballName), (float) (at + (SAMPLE_WIDTH + 6) * unit), (float)
                        (rowY + 0.35 * TEXT_SIZE * unit));
                at += widthOf(g, sign, unit, ballName);
            }
            rowY += ROW_HEIGHT * unit;
        }
    }

    private List<List<Sign>> layout(Graphics2D g, double width, double unit, String ballName) {
        List<List<Sign>> rows = new ArrayList<>();
        double at = Double.MAX_VALUE;
        for (Sign sign : signs) {
            double wide = widthOf(g, sign, unit, ballName);
            if (at + wide > width) {
                rows.add(new ArrayList<>());
                at = 0;
            }
            rows.get(rows.size() - 1).add(sign);
            at += wide;
        }
        return rows;
    }

    private static double widthOf(Graphics2D g, Sign sign, double unit, String ballName) {
        double text = Fonts.regular(TEXT_SIZE * unit)
                .getStringBounds(text(sign, ballName), g.getFontRenderContext())
                .getWidth();
        return text + (SAMPLE_WIDTH + 24) * unit;
    }

    private static String text(Sign sign, String ballName) {
        return TEXTS.get("legend." + sign, ballName);
    }

    private void sample(Graphics2D g, Ground ground, Sign sign, double x, double y, double unit) {
        Point2D middle = new Point2D.Double(x + SAMPLE_WIDTH * unit / 2, y);
        switch (sign) {
            case ATTACK, DEFENCE, NEUTRAL, KEEPER, COACH ->
                new BodyArt(g, ground, 0.72 * unit).body(middle, 0, Side.valueOf(sign.name()), "");
            case BALL -> BodyPainter.ball(g, ground, middle, Bodies.BALL_RADIUS * unit, unit);
            case CONE, DISC, POLE -> {
                Viewport v = new Viewport(0, 0, 1, Point.ORIGIN, unit);
                double shift = sign == Sign.POLE ? 6 * unit : 0;
                new GearPainter(g, ground, v)
                        .paint(
                                new Gear(
                                        new GearId("sample"),
                                        GearKind.valueOf(sign.name()),
                                        Chalk.ORANGE,
                                        Point.ORIGIN,
                                        0),
                                new Point2D.Double(middle.getX(), middle.getY() + shift),
                                0.9 * unit);
            }
            default -> stroke(new Brush(g, unit), g, ground, sign, x, y, unit);
        }
    }

    private static void stroke(Brush brush, Graphics2D g, Ground ground, Sign sign, double x, double y, double unit) {
        List<double[]> line = List.of(new double[] {x, y}, new double[] {x + SAMPLE_WIDTH * unit, y});
        boolean ballsOwn = sign == Sign.PASS || sign == Sign.SHOT;
        g.setColor(ballsOwn ? ground.text() : ground.side(Side.ATTACK));
        switch (sign) {
            case SHUFFLE -> brush.squareWave(line);
            case PASS -> brush.longDashes(line);
            case SHOT -> brush.twin(line);
            default -> brush.plain(line);
        }
        if (sign == Sign.CARRY) {
            brush.beads(line);
        } else if (sign == Sign.BACKWARD) {
            brush.ticks(line);
        }
        if (sign == Sign.SHOT) {
            brush.bar(line);
        } else if (sign == Sign.PASS) {
            brush.solidHead(line);
        } else {
            brush.openHead(line);
        }
    }
}
