package wildchalk.picture.paint;

import java.awt.BasicStroke;
import java.awt.Graphics2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Side;
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
            case "GOAL" -> frame(g, ground, at, 12, 9);
            case "MINI_GOAL" -> frame(g, ground, at, 8, 6);
            default -> {
                GearKind kind = GearKind.valueOf(name);
                Chalk chalk = kind == GearKind.POLE ? Chalk.WHITE : Chalk.ORANGE;
                Gear gear = new Gear(new GearId("sample"), kind, chalk, Point.ORIGIN, 0);
                double down = kind == GearKind.POLE ? 9 : 0;
                new GearPainter(g, ground, new Viewport(0, 0, 1, Point.ORIGIN, 1))
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
