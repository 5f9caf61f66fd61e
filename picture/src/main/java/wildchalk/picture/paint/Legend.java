package wildchalk.picture.paint;

import java.awt.BasicStroke;
import java.awt.Graphics2D;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Passing;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.ZoneKind;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.MoveKinds;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.text.Texts;
import wildchalk.picture.style.Fonts;
import wildchalk.picture.style.Ground;
import wildchalk.picture.style.StrokeCode;

/** Explains the signs that a picture uses, and no others. */
public final class Legend {

    /** A kind of sign. */
    enum Sign {
        TRAVEL,
        CARRY,
        BACKWARD,
        SHUFFLE,
        CROSSOVER,
        RUN_OUT,
        FOLLOW,
        STOP,
        PLANT,
        TURN,
        SCREEN,
        CONTACT,
        CONTEST,
        CHALLENGE,
        PLAY,
        SKILL,
        LOOK,
        DROP_OUT,
        TAKE_GEAR,
        PUT_GEAR,
        CALL,
        PUT_DOWN,
        PASS,
        BANK,
        SHOT,
        ATTACK,
        DEFENCE,
        NEUTRAL,
        KEEPER,
        COACH,
        BALL,
        CONE,
        DISC,
        POLE,
        HOOP,
        HURDLE,
        LADDER,
        PAD,
        BOX,
        MANNEQUIN,
        MAT,
        ROPE,
        SUPPLY,
        CHANNEL,
        ZONE,
        NO_GO
    }

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");
    private static final double SAMPLE_WIDTH = 40;
    private static final double ROW_HEIGHT = 26;
    private static final double TEXT_SIZE = 12.5;

    private final Set<Sign> signs;
    private final StrokeCode code;

    private Legend(Set<Sign> signs, StrokeCode code) {
        this.signs = signs;
        this.code = code;
    }

    /** The signs of a whole progression, so that every picture of a set has the same legend. */
    public static Legend of(Path path, Timeline timeline, StrokeCode code) {
        Set<Sign> signs = new LinkedHashSet<>();
        path.roles().forEach(r -> signs.add(Sign.valueOf(r.side().name())));
        for (Move move : path.moves()) {
            if (timeline.move(move.id()).happens()) {
                addMove(signs, move, timeline);
            }
        }
        for (Gear gear : path.gear()) {
            if (!gear.kind().isGoal()) {
                signs.add(Sign.valueOf(gear.kind().name()));
            }
        }
        if (!path.balls().isEmpty()) {
            signs.add(Sign.BALL);
        }
        path.layout().zones().forEach(z -> signs.add(sign(z.kind())));
        return new Legend(signs, code);
    }

    private static Sign sign(ZoneKind kind) {
        return switch (kind) {
            case CHANNEL -> Sign.CHANNEL;
            case BOX -> Sign.ZONE;
            case NO_GO -> Sign.NO_GO;
        };
    }

    private static void addMove(Set<Sign> signs, Move move, Timeline timeline) {
        if (move instanceof Travel travel) {
            if (travel.path().stream().anyMatch(w -> w.how() == Passing.STOP || w.how() == Passing.TOUCH)) {
                signs.add(Sign.STOP);
            }
            if (travel.path().stream().anyMatch(w -> w.foot() != Hand.NONE)) {
                signs.add(Sign.PLANT);
            }
            if (timeline.move(move.id()).runOutMetres() > 0) {
                signs.add(Sign.RUN_OUT);
            }
            if (travel.follows().isPresent()) {
                signs.add(Sign.FOLLOW);
            }
            if (travel.manner() != Manner.FORWARD) {
                signs.add(Sign.valueOf(travel.manner().name()));
            } else {
                signs.add(timeline.move(move.id()).carrying() ? Sign.CARRY : Sign.TRAVEL);
            }
        } else {
            move.match(
                    t -> null,
                    p -> signs.add(p.bank().isPresent() ? Sign.BANK : Sign.PASS),
                    s -> signs.add(Sign.SHOT),
                    u -> null,
                    a -> a.deed() instanceof Deed.Waiting ? null : signs.add(of(a)));
        }
    }

    private static Sign of(Act act) {
        return Sign.valueOf(MoveKinds.of(act).toUpperCase(Locale.ROOT).replace('-', '_'));
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

    /** A card in the lower left corner of a picture, over what lies there. */
    public void paintCard(Graphics2D g, Ground ground, Viewport v, String ballName) {
        double u = v.unit();
        double width = Math.min(v.width() - 16 * u, 560 * u);
        double height = height(g, width - 20 * u, u, ballName) + 12 * u;
        double top = v.height() - height - 8 * u;
        g.setColor(ground.surround());
        g.fill(new RoundRectangle2D.Double(8 * u, top, width, height, 12 * u, 12 * u));
        g.setColor(ground.quiet());
        g.setStroke(new BasicStroke((float) u));
        g.draw(new RoundRectangle2D.Double(8 * u, top, width, height, 12 * u, 12 * u));
        paint(g, ground, 18 * u, top + 6 * u, width - 20 * u, u, ballName);
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
            case TRAVEL, CARRY, BACKWARD, SHUFFLE, CROSSOVER, RUN_OUT, FOLLOW, PLANT, PASS, BANK, SHOT ->
                stroke(new Brush(g, unit), g, ground, sign, x, y, unit);
            case STOP,
                    TURN,
                    SCREEN,
                    CONTACT,
                    CONTEST,
                    CHALLENGE,
                    PLAY,
                    SKILL,
                    LOOK,
                    DROP_OUT,
                    TAKE_GEAR,
                    PUT_GEAR,
                    CALL,
                    PUT_DOWN -> deed(g, ground, sign, middle, unit);
            case CHANNEL, ZONE, NO_GO -> zone(g, ground, sign, middle, unit);
            default -> gear(g, ground, GearKind.valueOf(sign.name()), middle, unit);
        }
    }

    private static void deed(Graphics2D g, Ground ground, Sign sign, Point2D middle, double unit) {
        Brush brush = new Brush(g, 0.6 * unit);
        brush.colour(ground.side(Side.ATTACK));
        double x = middle.getX();
        double y = middle.getY();
        switch (sign) {
            case TURN -> brush.hook(x, y, 0, 200);
            case SCREEN -> brush.crossbar(x - 12 * unit, y, 0);
            case CONTACT -> brush.cross(x, y, false);
            case CONTEST -> brush.cross(x, y, true);
            case PLAY -> brush.eddies(x, y);
            case SKILL -> brush.twist(x, y);
            case LOOK -> brush.glance(x - 12 * unit, y, 0);
            case DROP_OUT -> brush.out(x, y);
            case TAKE_GEAR -> brush.grip(x - 16 * unit, y, true);
            case PUT_GEAR -> brush.grip(x - 16 * unit, y, false);
            case CHALLENGE -> brush.claw(x - 8 * unit, y, 0, true);
            case CALL -> brush.call(x - 12 * unit, y, 0);
            default -> brush.stop(x, y, false);
        }
    }

    private static void zone(Graphics2D g, Ground ground, Sign sign, Point2D middle, double unit) {
        ZoneKind kind = sign == Sign.CHANNEL ? ZoneKind.CHANNEL : sign == Sign.ZONE ? ZoneKind.BOX : ZoneKind.NO_GO;
        Path2D box = new Path2D.Double(
                new Rectangle2D.Double(middle.getX() - 16 * unit, middle.getY() - 8 * unit, 32 * unit, 16 * unit));
        new LayoutPainter(g, ground, sampleView(unit)).zone(box, kind);
    }

    private static void gear(Graphics2D g, Ground ground, GearKind kind, Point2D middle, double unit) {
        double shift = kind == GearKind.POLE ? 6 * unit : 0;
        double turned = kind == GearKind.LADDER ? 0 : 90;
        Gear sample = new Gear(new GearId("sample"), kind, Chalk.ORANGE, Point.ORIGIN, turned);
        new GearPainter(g, ground, sampleView(unit))
                .paint(sample, new Point2D.Double(middle.getX(), middle.getY() + shift), 0.9 * unit);
    }

    static Viewport sampleView(double unit) {
        return new Viewport(0, 0, 6 * unit, Point.ORIGIN, unit, false);
    }

    private void stroke(Brush brush, Graphics2D g, Ground ground, Sign sign, double x, double y, double unit) {
        List<double[]> line = List.of(new double[] {x, y}, new double[] {x + SAMPLE_WIDTH * unit, y});
        boolean ballsOwn = sign == Sign.PASS || sign == Sign.BANK || sign == Sign.SHOT;
        g.setColor(ballsOwn ? ground.text() : ground.side(Side.ATTACK));
        switch (sign) {
            case PASS -> brush.pass(line, code);
            case BANK -> {
                brush.pass(line, code);
                brush.spark(x + SAMPLE_WIDTH * unit / 2, y);
            }
            case SHOT -> brush.shot(line, code);
            case RUN_OUT -> brush.runOut(line);
            case PLANT -> brush.plant(x + SAMPLE_WIDTH * unit / 2, y + 6 * unit, 1, 0, true);
            case FOLLOW -> brush.tie(x + 4 * unit, y, x + SAMPLE_WIDTH * unit, y);
            case BACKWARD -> brush.travel(line, code, Manner.BACKWARD, false);
            case SHUFFLE -> brush.travel(line, code, Manner.SHUFFLE, false);
            case CROSSOVER -> brush.travel(line, code, Manner.CROSSOVER, false);
            default -> brush.travel(line, code, Manner.FORWARD, sign == Sign.CARRY);
        }
    }
}
