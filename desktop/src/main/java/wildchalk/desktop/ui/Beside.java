package wildchalk.desktop.ui;

import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import wildchalk.picture.paint.Bodies;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Viewport;

/** Lays a card on a board beside what it is about, over nobody. */
public final class Beside {

    private static final double AWAY = 40;
    private static final double EDGE = 12;
    private static final double BODY = 16;

    private Beside() {}

    /** Beside the ball of a frame, or beside the first player where there is none; the card lies in a stack over the board. */
    public static void ball(Region card, Frame frame, Viewport v) {
        List<Point2D> bodies = new ArrayList<>();
        frame.path().roles().forEach(r -> bodies.add(Bodies.of(frame, v, r.id())));
        Point2D about = frame.path().balls().stream()
                .findFirst()
                .<Point2D>map(b -> Bodies.of(frame, v, b.id()))
                .orElseGet(() -> bodies.isEmpty() ? new Point2D.Double(v.width() / 2, v.height() / 2) : bodies.get(0));
        card.applyCss();
        Rectangle2D place = place(about, bodies, card.prefWidth(-1), card.prefHeight(-1), v.width(), v.height());
        StackPane.setAlignment(card, Pos.TOP_LEFT);
        StackPane.setMargin(card, new Insets(place.getY(), 0, 0, place.getX()));
    }

    /** Of the places round a pixel, then of the edges of the board, the first that covers nobody; else what covers fewest. */
    static Rectangle2D place(Point2D about, List<Point2D> bodies, double w, double h, double wide, double high) {
        double x = about.getX();
        double y = about.getY();
        double[][] corners = {
            {x + AWAY, y - h / 2}, {x - AWAY - w, y - h / 2}, {x - w / 2, y - AWAY - h}, {x - w / 2, y + AWAY},
            {x + AWAY, y + AWAY}, {x - AWAY - w, y + AWAY}, {x + AWAY, y - AWAY - h}, {x - AWAY - w, y - AWAY - h},
            {EDGE, EDGE}, {wide - w, EDGE}, {EDGE, high - h}, {wide - w, high - h}
        };
        Rectangle2D best = null;
        long fewest = Long.MAX_VALUE;
        for (double[] corner : corners) {
            Rectangle2D there = new Rectangle2D.Double(
                    Math.max(EDGE, Math.min(wide - w - EDGE, corner[0])),
                    Math.max(EDGE, Math.min(high - h - EDGE, corner[1])),
                    w,
                    h);
            Rectangle2D with =
                    new Rectangle2D.Double(there.getX() - BODY, there.getY() - BODY, w + 2 * BODY, h + 2 * BODY);
            long covered = bodies.stream().filter(with::contains).count() + (with.contains(about) ? 1 : 0);
            if (covered < fewest) {
                fewest = covered;
                best = there;
            }
        }
        return best;
    }
}
