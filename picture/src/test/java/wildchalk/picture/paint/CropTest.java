package wildchalk.picture.paint;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.runthrough.StepAction;

/** What a still picture shows of a drill. */
class CropTest {

    private static final double WIDTH = 240;
    private static final double HEIGHT = 150;
    private static final double UNIT = 0.72;

    static Stream<Drill> drills() {
        return Demo.everything();
    }

    private static Rectangle2D picture() {
        return new Rectangle2D.Double(0, 0, WIDTH, HEIGHT);
    }

    /** Everything that a step is about is in its picture, and whoever is drawn is drawn whole. */
    @ParameterizedTest
    @MethodSource("drills")
    void aStepIsSeenWholeAndNobodyIsCut(Drill drill) {
        for (Progression version : drill.progressions()) {
            RunThrough run = RunThrough.of(drill, version);
            for (int i = 0; i < run.path().steps().size(); i++) {
                Frame frame = Frame.ofStep(drill, run.path(), run.timeline(), i);
                Viewport v = Crop.ofStep(frame, WIDTH, HEIGHT, UNIT);
                Frame cropped = frame.with(frame.extra().withArea(Crop.area(v)));
                StepAction action = StepAction.of(drill, run.path(), run.timeline(), i);
                for (Point place : action.places()) {
                    assertTrue(picture().contains(v.toPixels(place)), drill.title() + ": " + place);
                }
                double body = Bodies.BODY_RADIUS * UNIT;
                for (Role role : run.path().roles()) {
                    Point at = run.timeline().poseAt(role.id(), frame.seconds()).at();
                    boolean drawn = cropped.extra().shows(at, body / v.pixelsPerMetre());
                    assertTrue(drawn || !action.roles().contains(role.id()), drill.title() + ": " + role.label());
                }
            }
        }
    }

    /** Nobody who waits and no piece of gear is left out of the picture of the set-up. */
    @ParameterizedTest
    @MethodSource("drills")
    void theSetUpIsSeenWhole(Drill drill) {
        Path path = Path.usual(drill.base());
        RunThrough run = RunThrough.of(drill, path);
        Frame frame = Frame.ofSetUp(drill, path, run.timeline());
        Viewport v = Crop.ofSetUp(frame, WIDTH, HEIGHT, UNIT);
        List<Point2D> all = new ArrayList<>();
        path.roles().forEach(r -> all.add(Bodies.of(frame, v, r.id())));
        path.gear().forEach(g -> all.add(v.toPixels(g.at())));
        for (WaitingLine line : path.lines()) {
            all.addAll(Bodies.queue(v, line));
        }
        double r = Bodies.QUEUE_RADIUS * UNIT;
        for (Point2D p : all) {
            assertTrue(picture().contains(p.getX() - r, p.getY() - r, 2 * r, 2 * r), drill.title() + ": " + p);
        }
    }

    /** In a still picture no two bodies lie so much on each other that their letters cannot be read. */
    @ParameterizedTest
    @MethodSource("drills")
    void bodiesStandBesideEachOther(Drill drill) {
        RunThrough run = RunThrough.of(drill, drill.base());
        for (int i = 0; i < run.path().steps().size(); i++) {
            Frame frame = Frame.ofStep(drill, run.path(), run.timeline(), i);
            Viewport v = Crop.ofStep(frame, WIDTH, HEIGHT, UNIT);
            Frame still = frame.with(frame.extra().withArea(Crop.area(v)));
            List<Point2D> all = run.path().roles().stream()
                    .map(r -> Bodies.of(still, v, r.id()))
                    .toList();
            for (int a = 0; a < all.size(); a++) {
                for (int b = a + 1; b < all.size(); b++) {
                    assertTrue(all.get(a).distance(all.get(b)) > 1.3 * Bodies.BODY_RADIUS * UNIT, drill.title());
                }
            }
        }
    }
}
