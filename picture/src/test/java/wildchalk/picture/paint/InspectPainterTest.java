package wildchalk.picture.paint;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.arrange.SecondStations;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.core.inspect.Inspection;
import wildchalk.core.inspect.Moment;
import wildchalk.core.motion.Pace;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.text.LengthUnit;
import wildchalk.picture.style.Ground;

/** What is looked at is drawn, and the other stations are. */
class InspectPainterTest {

    private static final int WIDE = 480;
    private static final int HIGH = 300;

    private static int[] pixels(RunThrough run, double seconds, Optional<Inspection> what) {
        BufferedImage image = new BufferedImage(WIDE, HIGH, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        Frame frame = Frame.at(run.drill(), run.path(), run.timeline(), seconds)
                .with(Extra.NONE.withInspection(what.map(w -> new Inspected(w, LengthUnit.METRES))));
        new Painter(Ground.SLATE).paint(g, frame, Viewport.fitting(run.drill().surfaceUse(), WIDE, HIGH));
        g.dispose();
        return image.getRGB(0, 0, WIDE, HIGH, null, 0, WIDE);
    }

    static Stream<Drill> everyDrill() {
        return Demo.everything();
    }

    /** Where there is something to say there is something to see; where there is nothing the picture is as it was. */
    @ParameterizedTest
    @MethodSource("everyDrill")
    void whatIsSaidIsDrawn(Drill drill) {
        RunThrough run = RunThrough.of(drill, drill.base());
        double t = run.timeline().seconds() * 0.4;
        Moment moment = Moment.of(run.path(), drill.surface(), Pace.of(drill), run.timeline(), t);
        int[] plain = pixels(run, t, Optional.empty());
        for (Inspection.Kind kind : Inspection.Kind.values()) {
            Inspection what = Inspection.of(kind, moment, drill.surfaceUse().view());
            boolean drawn = !Arrays.equals(plain, pixels(run, t, Optional.of(what)));
            if (what instanceof Inspection.OutletList list) {
                assertEquals(!list.outlets().isEmpty(), drawn, drill.title());
            } else if (what instanceof Inspection.BrakingList list) {
                assertEquals(!list.brakings().isEmpty(), drawn, drill.title());
            } else if (kind == Inspection.Kind.SPACE) {
                assertTrue(drawn, drill.title());
            }
        }
    }

    /** Lengths are written in the reader's unit. */
    @Test
    void lengthsAreTheReaders() {
        Drill drill = Demo.read("second-wave-from-the-left");
        RunThrough run = RunThrough.of(drill, drill.base());
        Moment moment = Moment.of(run.path(), drill.surface(), Pace.of(drill), run.timeline(), 4);
        Inspection what =
                Inspection.of(Inspection.Kind.SHAPE, moment, drill.surfaceUse().view());
        BufferedImage[] images = new BufferedImage[2];
        for (int i = 0; i < 2; i++) {
            images[i] = new BufferedImage(WIDE, HIGH, BufferedImage.TYPE_INT_RGB);
            Graphics2D g = images[i].createGraphics();
            LengthUnit unit = i == 0 ? LengthUnit.METRES : LengthUnit.YARDS;
            new Painter(Ground.SLATE)
                    .paint(
                            g,
                            Frame.at(drill, run.path(), run.timeline(), 4)
                                    .with(Extra.NONE.withInspection(Optional.of(new Inspected(what, unit)))),
                            Viewport.fitting(drill.surfaceUse(), WIDE, HIGH));
            g.dispose();
        }
        assertFalse(Arrays.equals(
                images[0].getRGB(0, 0, WIDE, HIGH, null, 0, WIDE), images[1].getRGB(0, 0, WIDE, HIGH, null, 0, WIDE)));
    }

    @Test
    void aSecondStationIsSeenWhereItIs() {
        Drill drill = Demo.read("lamplighter-give-and-go");
        Progression two = SecondStations.with(
                drill.base(), SecondStations.of(drill.base(), drill.surface()).get(0));
        Drill with = drill.withProgression(two)
                .withSurfaceUse(
                        drill.surfaceUse().withView(drill.surface().views().get(0)));
        Drill without = with.withProgression(drill.base());
        int[] one = pixels(RunThrough.of(without, drill.base()), 0, Optional.empty());
        int[] both = pixels(RunThrough.of(with, two), 0, Optional.empty());
        assertFalse(Arrays.equals(one, both));
        // at the other end there is as much to see as at this one, and nothing has changed here
        int here = 0;
        int there = 0;
        for (int i = 0; i < one.length; i++) {
            boolean left = i % WIDE < WIDE / 2;
            here += left && one[i] != both[i] ? 1 : 0;
            there += !left && one[i] != both[i] ? 1 : 0;
        }
        assertTrue(Math.max(here, there) > 200, here + " and " + there);
        assertTrue(Math.min(here, there) < 20, here + " and " + there);
    }
}
