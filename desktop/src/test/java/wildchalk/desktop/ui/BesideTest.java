package wildchalk.desktop.ui;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** A card lies beside what it is about, within the board, and over nobody where that can be. */
class BesideTest {

    @Test
    void aloneItLiesRightBesideIt() {
        Rectangle2D at = Beside.place(new Point2D.Double(300, 200), List.of(), 200, 80, 860, 600);
        assertEquals(340, at.getX());
        assertEquals(200, at.getCenterY());
    }

    @Test
    void itNeverLeavesTheBoardAndCoversNobodyAmongAFew() {
        Random random = new Random(4);
        for (int i = 0; i < 500; i++) {
            List<Point2D> bodies = new ArrayList<>();
            for (int k = 0; k < 5; k++) {
                bodies.add(new Point2D.Double(random.nextDouble() * 860, random.nextDouble() * 600));
            }
            Point2D about = new Point2D.Double(random.nextDouble() * 860, random.nextDouble() * 600);
            Rectangle2D at = Beside.place(about, bodies, 220, 90, 860, 600);
            assertTrue(new Rectangle2D.Double(0, 0, 860, 600).contains(at), at.toString());
            assertTrue(bodies.stream().noneMatch(at::contains), "body under the card in try " + i);
        }
    }
}
