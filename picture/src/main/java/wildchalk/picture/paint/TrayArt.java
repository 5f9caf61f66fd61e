package wildchalk.picture.paint;

import java.awt.BasicStroke;
import java.awt.Graphics2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.ZoneKind;
import wildchalk.core.geometry.Point;
import wildchalk.picture.style.Ground;

/** Small pictures of the marks themselves, for choosing them. */
public final class TrayArt {

    private TrayArt() {}

    /** Paints the mark of a name (a side, LINE, BALL or a kind of gear) about a pixel, within 34 x 34. */
    public static void paint(Graphics2D g, Ground ground, String name, Point2D at) {
        Painter.prepare(g);
        switch (name) {
            case "ATTACK", "DEFENCE", "NEUTRAL", "KEEPER", "COACH" ->
                new BodyArt(g, ground, 0.85).body(at, 0, Side.valueOf(name), "");
            case "BALL" -> BodyPainter.ball(g, ground, at, 6, 1);
            case "LINE" -> {
                g.setColor(ground.side(Side.ATTACK));
                g.setStroke(new BasicStroke(2));
                for (int i = -1; i <= 1; i++) {
                    g.draw(new Ellipse2D.Double(at.getX() + i * 11 - 4.5, at.getY() - 4.5, 9, 9));
                }
            }
            case "ZONE" ->
                new LayoutPainter(g, ground, Legend.sampleView(1))
                        .zone(
                                new Path2D.Double(new Rectangle2D.Double(at.getX() - 14, at.getY() - 9, 28, 18)),
                                ZoneKind.BOX);
            case "NOTE" -> {
                g.setColor(ground.alert());
                g.setStroke(new BasicStroke(1.6f));
                g.draw(new RoundRectangle2D.Double(at.getX() - 13, at.getY() - 9, 26, 18, 6, 6));
                g.draw(new Line2D.Double(at.getX() - 8, at.getY() - 3, at.getX() + 8, at.getY() - 3));
                g.draw(new Line2D.Double(at.getX() - 8, at.getY() + 3, at.getX() + 3, at.getY() + 3));
            }
            case "TAPE" -> {
                g.setColor(ground.text());
                g.setStroke(new BasicStroke(1.8f));
                g.draw(new Line2D.Double(at.getX() - 14, at.getY() + 4, at.getX() + 14, at.getY() + 4));
                for (int i = -2; i <= 2; i++) {
                    double x = at.getX() + i * 7;
                    g.draw(new Line2D.Double(x, at.getY() + 4, x, at.getY() - (i % 2 == 0 ? 6 : 1)));
                }
            }
            case "PATTERN" -> {
                g.setColor(ground.chalk(Chalk.ORANGE));
                for (int i = 0; i < 5; i++) {
                    double a = Math.toRadians(90 + 72 * i);
                    g.fill(new Ellipse2D.Double(
                            at.getX() + 11 * Math.cos(a) - 2.5, at.getY() - 11 * Math.sin(a) - 2.5, 5, 5));
                }
            }
            case "GOAL" -> frame(g, ground, at, 12, 9);
            case "MINI_GOAL" -> frame(g, ground, at, 8, 6);
            default -> {
                GearKind kind = GearKind.valueOf(name);
                Chalk chalk = kind == GearKind.POLE ? Chalk.WHITE : Chalk.ORANGE;
                Gear gear = new Gear(new GearId("sample"), kind, chalk, Point.ORIGIN, kind == GearKind.LADDER ? 0 : 90);
                double down = kind == GearKind.POLE ? 9 : 0;
                new GearPainter(g, ground, Legend.sampleView(1.25))
                        .paint(gear, new Point2D.Double(at.getX(), at.getY() + down), 1.25);
            }
        }
    }

    private static void frame(Graphics2D g, Ground ground, Point2D at, double half, double height) {
        g.setColor(ground.text());
        g.setStroke(new BasicStroke(2.4f));
        Path2D goal = new Path2D.Double();
        goal.moveTo(at.getX() - half, at.getY() + height);
        goal.lineTo(at.getX() - half, at.getY() - height);
        goal.lineTo(at.getX() + half, at.getY() - height);
        goal.lineTo(at.getX() + half, at.getY() + height);
        g.draw(goal);
    }
}
