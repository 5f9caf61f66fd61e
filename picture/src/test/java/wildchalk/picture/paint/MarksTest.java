package wildchalk.picture.paint;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Backdrop;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.picture.style.Ground;
import wildchalk.picture.style.StrokeCode;

/** Stroke codes, the veil, the background picture and gear, as they come out in the picture. */
class MarksTest {

    private static final int WIDE = 660;
    private static final int HIGH = 400;

    private static Frame frame(Drill drill) {
        return Frame.at(drill, Path.usual(drill.base()), Timeline.of(drill, Path.usual(drill.base())), 0);
    }

    private static BufferedImage painted(Drill drill, StrokeCode code) {
        BufferedImage image = new BufferedImage(WIDE, HIGH, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        new Painter(Ground.PAPER, code).paint(g, frame(drill), Viewport.fitting(drill.surfaceUse(), WIDE, HIGH));
        g.dispose();
        return image;
    }

    private static int differing(BufferedImage a, BufferedImage b) {
        int count = 0;
        for (int y = 0; y < HIGH; y++) {
            for (int x = 0; x < WIDE; x++) {
                count += a.getRGB(x, y) == b.getRGB(x, y) ? 0 : 1;
            }
        }
        return count;
    }

    private static Drill runAndPass() {
        Progression p = Drills.blank()
                .role("a", Side.ATTACK, -12, 5)
                .role("b", Side.ATTACK, -12, -5)
                .ballWith("a")
                .run("m1", "b", 10, -5)
                .passTo("m2", "a", 10, 5)
                .progression();
        return Drill.blank("Two", new SurfaceUse("handball", "whole"), Audience.USUAL)
                .withProgression(p);
    }

    /** The share of a straight stroke's length that is inked: 1 for a solid line, about half for dashes. */
    private static double inked(Drill drill, StrokeCode code, double y) {
        BufferedImage with = painted(drill, code);
        Drill bare = drill.withProgression(
                drill.base().withSteps(List.of(drill.base().steps().get(0).withMoves(List.of()))));
        BufferedImage without = painted(bare, code);
        Viewport v = Viewport.fitting(drill.surfaceUse(), WIDE, HIGH);
        int from = (int) v.toPixels(new Point(-6, y)).getX();
        int to = (int) v.toPixels(new Point(6, y)).getX();
        int row = (int) v.toPixels(new Point(0, y)).getY();
        int hits = 0;
        for (int x = from; x < to; x++) {
            boolean ink = false;
            for (int dy = -1; dy <= 1; dy++) {
                ink |= with.getRGB(x, row + dy) != without.getRGB(x, row + dy);
            }
            hits += ink ? 1 : 0;
        }
        return (double) hits / (to - from);
    }

    @Test
    void aRunIsSolidAndAPassDashedOrTheOtherWayRoundAsTheCodeSays() {
        Drill drill = runAndPass();
        for (StrokeCode code : List.of(StrokeCode.CHALK, StrokeCode.SOLID_RUN)) {
            assertTrue(inked(drill, code, -5) > 0.98, code + " run " + inked(drill, code, -5));
            assertTrue(inked(drill, code, 5) < 0.9, code + " pass " + inked(drill, code, 5));
        }
        assertTrue(inked(drill, StrokeCode.SOLID_PASS, 5) > 0.98, "a pass is solid");
        assertTrue(inked(drill, StrokeCode.SOLID_PASS, -5) < 0.9, "a run is dashed");
    }

    @Test
    void everyKindOfGearCanBeSeenAndTurned() {
        Drill blank = Drill.blank("Gear", new SurfaceUse("handball", "whole"), Audience.USUAL);
        BufferedImage empty = painted(blank, StrokeCode.CHALK);
        for (GearKind kind : GearKind.values()) {
            Gear gear = new Gear(new GearId("g"), kind, Chalk.ORANGE, new Point(4, 5), 0);
            BufferedImage one = painted(blank.withProgression(blank.base().with(gear)), StrokeCode.CHALK);
            assertTrue(differing(empty, one) > 12, kind + " can hardly be seen");
            BufferedImage turned =
                    painted(blank.withProgression(blank.base().with(gear.withFacing(90))), StrokeCode.CHALK);
            assertEquals(kind.isRound(), differing(one, turned) == 0, kind + " turned");
        }
    }

    @Test
    void whatIsOutsideThePartInUseFadesAndTheRestDoesNot() {
        Drill whole = Drill.blank("Part", new SurfaceUse("handball", "whole"), Audience.USUAL);
        Drill half = Drill.blank("Part", new SurfaceUse("handball", "half-right"), Audience.USUAL);
        Viewport v = Viewport.fitting(whole.surfaceUse(), WIDE, HIGH);
        BufferedImage[] images = new BufferedImage[2];
        for (int i = 0; i < 2; i++) {
            images[i] = new BufferedImage(WIDE, HIGH, BufferedImage.TYPE_INT_RGB);
            Graphics2D g = images[i].createGraphics();
            new Painter(Ground.PAPER).paintGround(g, (i == 0 ? whole : half).surfaceUse(), v);
            g.dispose();
        }
        Point2D home = v.toPixels(new Point(-17, 0));
        Point2D away = v.toPixels(new Point(17, 0));
        assertNotEquals(at(images[0], home), at(images[1], home), "the other half is faded");
        assertEquals(at(images[0], away), at(images[1], away), "the half in use is as it was");
    }

    private static int at(BufferedImage image, Point2D p) {
        return image.getRGB((int) p.getX(), (int) p.getY());
    }

    @Test
    void aBackgroundPictureIsForWhoDrawsAndNotForWhoReads() throws IOException {
        BufferedImage red = new BufferedImage(40, 20, BufferedImage.TYPE_INT_RGB);
        Graphics2D paint = red.createGraphics();
        paint.setColor(Color.RED);
        paint.fillRect(0, 0, 40, 20);
        paint.dispose();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(red, "png", bytes);
        Drill plain = runAndPass();
        Drill traced = plain.withBackdrop(Optional.of(
                new Backdrop(Base64.getEncoder().encodeToString(bytes.toByteArray()), Point.ORIGIN, 20, 0.5)));
        assertEquals(0, differing(painted(plain, StrokeCode.CHALK), painted(traced, StrokeCode.CHALK)), "not exported");
        BufferedImage board = new BufferedImage(WIDE, HIGH, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = board.createGraphics();
        Viewport v = Viewport.fitting(traced.surfaceUse(), WIDE, HIGH);
        new Painter(Ground.PAPER).paintStill(g, frame(traced), v);
        g.dispose();
        Color under = new Color(at(board, v.toPixels(new Point(6, 2))));
        assertTrue(under.getRed() > under.getGreen() + 40, "dimmed red lies under the drawing: " + under);
    }

    @Test
    void standingThePictureIsTurnedByAQuarter() {
        SurfaceUse lying = new SurfaceUse("handball", "whole");
        SurfaceUse standing = lying.withStanding(true);
        Viewport v = Viewport.fitting(standing, 400, 700);
        Point2D attacked = v.toPixels(new Point(18, 0));
        Point2D left = v.toPixels(new Point(0, 9));
        assertTrue(attacked.getY() < 350, "who attacks goes up");
        assertTrue(left.getX() < 200, "and has the left at the left");
        Point back = v.toMetres(attacked.getX(), attacked.getY());
        assertTrue(back.isWithin(1e-9, new Point(18, 0)));
    }
}
