package wildchalk.picture.paint;

import java.awt.BasicStroke;
import java.awt.Graphics2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Point2D;
import java.awt.geom.QuadCurve2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.AfterRep;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Scene;
import wildchalk.picture.style.Fonts;
import wildchalk.picture.style.Ground;

/** Draws who becomes whom: a ring of those who change, with an arrow from each to what it plays next. */
public final class RotationPainter {

    private static final double LETTERS = 12;
    private static final double RADIUS = 14;

    private final Graphics2D g;
    private final Ground ground;

    public RotationPainter(Graphics2D g, Ground ground) {
        this.g = g;
        this.ground = ground;
    }

    /** From each label to the next: those who go to the tail of a line come back as the one whom it feeds. */
    static Map<String, String> next(Scene scene) {
        Map<String, String> next = new LinkedHashMap<>();
        for (Rotation r : AfterRep.rotation(scene, 0)) {
            Optional<RoleId> to = r.how() == Rotation.How.ROLE
                    ? r.next()
                    : r.line()
                            .flatMap(scene::line)
                            .flatMap(l -> l.feeds().stream().findFirst());
            to.filter(n -> !n.equals(r.role())).ifPresent(n -> next.put(label(scene, r.role()), label(scene, n)));
        }
        return next;
    }

    /** Whether there is something to draw: at least two who change. */
    public static boolean hasSomething(Scene scene) {
        return !next(scene).isEmpty();
    }

    private static String label(Scene scene, RoleId role) {
        return scene.role(role).map(r -> r.label()).orElse(role.text());
    }

    public void paint(Scene scene, double width, double height) {
        Map<String, String> next = next(scene);
        List<String> all = new ArrayList<>(next.keySet());
        next.values().stream().filter(n -> !all.contains(n)).forEach(all::add);
        Map<String, Point2D> at = new LinkedHashMap<>();
        double rx = Math.min(width / 2 - RADIUS - 4, height * 0.9);
        double ry = height / 2 - RADIUS - 4;
        for (int i = 0; i < all.size(); i++) {
            double angle = Math.PI - 2 * Math.PI * i / all.size();
            at.put(all.get(i), new Point2D.Double(width / 2 + rx * Math.cos(angle), height / 2 - ry * Math.sin(angle)));
        }
        next.forEach((from, to) -> arrow(
                at.get(from), at.get(to), next.get(to) != null && next.get(to).equals(from)));
        at.forEach(this::node);
    }

    private void node(String label, Point2D p) {
        Ellipse2D ring = new Ellipse2D.Double(p.getX() - RADIUS, p.getY() - RADIUS, 2 * RADIUS, 2 * RADIUS);
        g.setColor(ground.surround());
        g.fill(ring);
        g.setColor(ground.text());
        g.setStroke(new BasicStroke(1.4f));
        g.draw(ring);
        var font = Fonts.bold(LETTERS);
        Rectangle2D box = font.getStringBounds(label, g.getFontRenderContext());
        double narrow = Math.min(1, 1.8 * RADIUS / box.getWidth());
        var before = g.getTransform();
        g.translate(p.getX(), p.getY());
        g.scale(narrow, 1);
        g.setFont(font);
        g.drawString(label, (float) (-box.getWidth() / 2), (float) (0.36 * LETTERS));
        g.setTransform(before);
    }

    /** @param both whether one goes the other way too, so that both have to bend */
    private void arrow(Point2D a, Point2D b, boolean both) {
        double length = a.distance(b);
        double dx = (b.getX() - a.getX()) / length;
        double dy = (b.getY() - a.getY()) / length;
        double bend = both ? 0.18 * length : 0;
        Point2D middle =
                new Point2D.Double((a.getX() + b.getX()) / 2 - dy * bend, (a.getY() + b.getY()) / 2 + dx * bend);
        Point2D start = towards(a, middle, RADIUS + 1);
        Point2D end = towards(b, middle, RADIUS + 2);
        g.setColor(ground.text());
        g.setStroke(new BasicStroke(1.4f));
        g.draw(new QuadCurve2D.Double(
                start.getX(), start.getY(), middle.getX(), middle.getY(), end.getX(), end.getY()));
        new Brush(g, 1)
                .openHead(List.of(new double[] {middle.getX(), middle.getY()}, new double[] {end.getX(), end.getY()}));
    }

    private static Point2D towards(Point2D from, Point2D to, double pixels) {
        double length = Math.max(1e-9, from.distance(to));
        double t = pixels / length;
        return new Point2D.Double(
                from.getX() + t * (to.getX() - from.getX()), from.getY() + t * (to.getY() - from.getY()));
    }
}
