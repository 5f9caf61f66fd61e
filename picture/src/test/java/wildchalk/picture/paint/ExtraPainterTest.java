package wildchalk.picture.paint;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Graphics2D;
import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.StepId;
import wildchalk.core.geometry.Point;
import wildchalk.core.ladder.ChangeMarks;
import wildchalk.core.motion.Pace;
import wildchalk.core.motion.StepSpan;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.reps.RepFlow;
import wildchalk.core.reps.Somebody;
import wildchalk.picture.style.Ground;

/** What a picture shows beside the moment itself stands where it belongs, and nowhere else. */
class ExtraPainterTest {

    private static final int WIDTH = 870;
    private static final int HEIGHT = 430;

    private static Frame frame(Drill drill, double seconds, Extra extra) {
        return Frame.at(drill, Path.usual(drill.base()), Timeline.of(drill, Path.usual(drill.base())), seconds)
                .with(extra);
    }

    private static BufferedImage picture(Frame frame, Ground ground) {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = image.createGraphics();
        new Painter(ground).paint(g, frame, Viewport.fitting(frame.drill().surfaceUse(), WIDTH, HEIGHT));
        g.dispose();
        return image;
    }

    /** How many pixels differ within so many pixels of a place on the ground. */
    private static int changedNear(BufferedImage a, BufferedImage b, Drill drill, Point place, int pixels) {
        Point2D p = Viewport.fitting(drill.surfaceUse(), WIDTH, HEIGHT).toPixels(place);
        int count = 0;
        for (int y = (int) Math.max(0, p.getY() - pixels); y <= Math.min(HEIGHT - 1, p.getY() + pixels); y++) {
            for (int x = (int) Math.max(0, p.getX() - pixels); x <= Math.min(WIDTH - 1, p.getX() + pixels); x++) {
                count += a.getRGB(x, y) != b.getRGB(x, y) ? 1 : 0;
            }
        }
        return count;
    }

    private static int changed(BufferedImage a, BufferedImage b) {
        int count = 0;
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                count += a.getRGB(x, y) != b.getRGB(x, y) ? 1 : 0;
            }
        }
        return count;
    }

    @ParameterizedTest
    @EnumSource(Ground.class)
    void startsAndEndsOfTheStepAreShownWhereEverybodyIsThen(Ground ground) {
        Drill drill = Demo.read("second-wave-from-the-left");
        Timeline t = Timeline.of(drill, Path.usual(drill.base()));
        StepSpan step = t.step(new StepId("s2"));
        double middle = (step.start() + step.end()) / 2;
        BufferedImage plain = picture(frame(drill, middle, Extra.NONE), ground);
        BufferedImage onion = picture(frame(drill, middle, Extra.NONE.withOnion(true)), ground);
        for (String id : List.of("cb", "rb")) {
            RoleId role = new RoleId(id);
            for (double s : new double[] {step.start(), step.end()}) {
                Point at = t.poseAt(role, s).at();
                assertTrue(changedNear(plain, onion, drill, at, 12) > 20, id + " at " + s);
            }
        }
    }

    @Test
    void whoIsFollowedHasARingAndNobodyElse() {
        Drill drill = Demo.read("second-wave-from-the-left");
        Timeline t = Timeline.of(drill, Path.usual(drill.base()));
        BufferedImage plain = picture(frame(drill, 3, Extra.NONE), Ground.SLATE);
        BufferedImage ringed =
                picture(frame(drill, 3, Extra.NONE.withFollowed(Optional.of(new RoleId("cb")))), Ground.SLATE);
        int near =
                changedNear(plain, ringed, drill, t.poseAt(new RoleId("cb"), 3).at(), 24);
        assertTrue(near > 20, "a ring is " + near + " pixels");
        assertEquals(near, changed(plain, ringed), "the rest of the picture is as it was");
    }

    @Test
    void aCrowdStandsWhereItIsInPlaceOfOneRep() {
        Drill drill = Demo.read("second-wave-from-the-left");
        Path path = Path.usual(drill.base());
        Timeline t = Timeline.of(drill, path);
        RepFlow flow = RepFlow.of(path, t, Pace.of(drill));
        double late = flow.startOf(2) + 2;
        BufferedImage plain = picture(frame(drill, 7, Extra.NONE), Ground.SLATE);
        BufferedImage crowd =
                picture(frame(drill, 7, Extra.NONE.withCrowd(Optional.of(flow.crowd(late)))), Ground.SLATE);
        for (Somebody one : flow.at(late)) {
            if (one.plays() && !one.at().isWithin(1.5, t.poseAt(one.role(), 7).at())) {
                assertTrue(changedNear(plain, crowd, drill, one.at(), 10) > 20, one.toString());
            }
        }
        assertEquals(0, changed(plain, picture(frame(drill, 7, Extra.NONE), Ground.SLATE)), "pictures are repeatable");
    }

    @Test
    void whatAVersionAddsAndMovesIsMarkedThere() {
        Drill drill = Demo.read("lantern-ladder");
        Progression before = drill.progressions().get(0);
        Progression after = drill.progressions().get(drill.progressions().size() - 1);
        ChangeMarks marks = ChangeMarks.between(before, after);
        assertNotEquals(
                0,
                marks.added().size() + marks.movedFrom().size() + marks.gone().size());
        Timeline t = Timeline.of(drill, Path.usual(after));
        Frame bare = Frame.at(drill, Path.usual(after), t, 0);
        BufferedImage plain = picture(bare, Ground.SLATE);
        BufferedImage marked = picture(bare.with(Extra.NONE.withChanges(Optional.of(marks))), Ground.SLATE);
        for (Role role : after.roles()) {
            if (marks.added().contains(role.id()) && role.at().isPresent()) {
                assertTrue(changedNear(plain, marked, drill, role.at().get(), 20) > 20, role.label());
            }
        }
        for (Point from : marks.movedFrom().values()) {
            assertTrue(changedNear(plain, marked, drill, from, 20) > 5, "from " + from);
        }
    }
}
