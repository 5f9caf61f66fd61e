package wildchalk.picture.paint;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.StepSpan;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Marking;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.picture.style.Ground;

/** The painter puts things where they are, and the same things every time. */
class PainterTest {

    private static final int WIDTH = 870;
    private static final int HEIGHT = 430;

    static Stream<Surface> surfaces() {
        return Surfaces.all().stream();
    }

    private static BufferedImage picture(Frame frame, Ground ground) {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = image.createGraphics();
        new Painter(ground).paint(g, frame, view(frame));
        g.dispose();
        return image;
    }

    private static Viewport view(Frame frame) {
        return Viewport.fitting(frame.drill().surfaceUse(), WIDTH, HEIGHT);
    }

    private static Frame wave(double seconds) {
        Drill drill = Demo.read("second-wave-from-the-left");
        return Frame.at(drill, Path.usual(drill.base()), Timeline.of(drill, Path.usual(drill.base())), seconds);
    }

    private static int[] pixels(BufferedImage image) {
        return image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
    }

    @Test
    void thePartsGiveTheSamePictureAsTheWhole() {
        for (double t : new double[] {0, 2.3, 5, 9}) {
            Frame frame = wave(t);
            BufferedImage parts = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_ARGB_PRE);
            Graphics2D g = parts.createGraphics();
            new Painter(Ground.SLATE).paintStill(g, frame, view(frame));
            new Painter(Ground.SLATE).paintMoving(g, frame, view(frame));
            g.dispose();
            assertTrue(Arrays.equals(pixels(picture(frame, Ground.SLATE)), pixels(parts)), "at " + t);
        }
    }

    @Test
    void whatStandsStillIsTheSameThroughoutAStep() {
        List<StepSpan> steps = wave(0).timeline().steps();
        Frame early = wave(steps.get(1).start() + 0.1);
        Frame late = wave(steps.get(2).start() - 0.1);
        assertEquals(early.currentStep(), late.currentStep());
        BufferedImage[] images = new BufferedImage[2];
        for (int i = 0; i < 2; i++) {
            images[i] = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_ARGB_PRE);
            Graphics2D g = images[i].createGraphics();
            new Painter(Ground.PAPER).paintStill(g, i == 0 ? early : late, view(early));
            g.dispose();
        }
        assertTrue(Arrays.equals(pixels(images[0]), pixels(images[1])));
    }

    @Test
    void bodiesStandWhereTheTimelineHasThem() {
        for (double t = 0; t < 9; t += 0.7) {
            Frame frame = wave(t);
            BufferedImage image = picture(frame, Ground.PAPER);
            for (String id : new String[] {"lb", "cb", "rb"}) {
                var p = Bodies.of(frame, view(frame), new RoleId(id));
                // beside the label, inside the disc
                Color c = new Color(image.getRGB((int) p.getX(), (int) (p.getY() - 8)));
                assertEquals(Ground.PAPER.side(Side.ATTACK), c, id + " at " + t);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("surfaces")
    void linesOfTheRuleBookArePaintedWhereTheyBelong(Surface surface) {
        BufferedImage image = new BufferedImage(WIDTH * 2, HEIGHT * 2, BufferedImage.TYPE_INT_ARGB_PRE);
        Viewport v = Viewport.fitting(surface.wholeView(), WIDTH * 2, HEIGHT * 2);
        Graphics2D g = image.createGraphics();
        new Painter(Ground.PAPER).paintSurface(g, surface, v);
        g.dispose();
        Color floor = Ground.PAPER.floor(surface.medium());
        for (Marking m : surface.markings()) {
            if (m instanceof Marking.Line line && !line.dashed()) {
                Point middle = line.from().towards(line.to(), 0.5);
                if (surface.contains(middle)) {
                    assertFalse(isAll(image, v, middle, floor), "no line at " + middle);
                }
            }
            if (m instanceof Marking.Arc arc && !arc.dashed()) {
                Point on =
                        arc.centre().plus(Point.polar(arc.radiusMetres(), arc.startDegrees() + arc.sweepDegrees() / 2));
                assertFalse(isAll(image, v, on, floor), "no arc at " + on);
            }
        }
    }

    private static boolean isAll(BufferedImage image, Viewport v, Point p, Color colour) {
        for (int dx = -1; dx <= 1; dx++) {
            for (int dy = -1; dy <= 1; dy++) {
                int x = (int) Math.round(v.toPixels(p).getX()) + dx;
                int y = (int) Math.round(v.toPixels(p).getY()) + dy;
                if (image.getRGB(x, y) != colour.getRGB()) {
                    return false;
                }
            }
        }
        return true;
    }

    @Test
    void laterStepsAreHiddenAndEarlierOnesFaint() {
        Frame first = wave(0.5);
        Frame third = wave(8.5);
        Drill drill = first.drill();
        // a place on the straight dribble of step 2
        Point on = new Point(-2.2, 6.8);
        Color floor = Ground.PAPER.floor(drill.surface().medium());
        assertTrue(isAll(picture(first, Ground.PAPER), view(first), on, floor), "not yet");
        assertFalse(isAll(picture(third, Ground.PAPER), view(third), on, floor), "a ghost");
        Frame chosen =
                new Frame(drill, Path.usual(drill.base()), third.timeline(), 8.5, 2, true, Set.of(new MoveId("m9")));
        assertFalse(Arrays.equals(pixels(picture(third, Ground.PAPER)), pixels(picture(chosen, Ground.PAPER))));
    }
}
