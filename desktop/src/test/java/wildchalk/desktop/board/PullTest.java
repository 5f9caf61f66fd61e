package wildchalk.desktop.board;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wildchalk.core.Demo;
import wildchalk.core.arrange.Transforms;
import wildchalk.core.drill.Aim;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.PickUp;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.edit.Edit;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Polyline;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.desktop.document.Selection;
import wildchalk.picture.paint.Bodies;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Viewport;

/** What a pull means, without a window. */
class PullTest {

    private static final double SNAP = 0.6;
    private static final RoleId LB = new RoleId("lb");
    private static final RoleId CB = new RoleId("cb");

    private static Frame frame(Drill drill, double seconds) {
        Path path = Path.usual(drill.base());
        return Frame.at(drill, path, Timeline.of(drill, path), seconds);
    }

    private static Frame wave(double seconds) {
        return frame(Demo.read("second-wave-from-the-left"), seconds);
    }

    private static Viewport view(Frame frame) {
        return Viewport.fitting(frame.drill().surfaceUse(), 870, 420);
    }

    private static Aiming over(Frame frame, Point p) {
        Viewport v = view(frame);
        return Aiming.at(frame, v, v.toPixels(p).getX(), v.toPixels(p).getY());
    }

    private static Selection thing(Frame frame, Viewport v, Point p) {
        return Things.at(frame, v, v.toPixels(p).getX(), v.toPixels(p).getY());
    }

    /** The version after an edit. */
    private static Progression after(Frame frame, Edit edit) {
        return edit.applyTo(frame.drill(), frame.path().id())
                .drill()
                .progression(frame.path().id())
                .orElseThrow();
    }

    private static Move added(Frame frame, Proposal proposal) {
        List<Move> before = frame.path().moves();
        List<Move> fresh = after(frame, proposal.edit()).moves().stream()
                .filter(m -> !before.contains(m))
                .toList();
        assertEquals(1, fresh.size());
        assertEquals(
                Set.of(fresh.get(0).id()),
                proposal.edit().applyTo(frame.drill(), frame.path().id()).made());
        return fresh.get(0);
    }

    @Test
    void fromTheBodyItIsATravelThatJoinsTheCurrentStep() {
        Frame frame = wave(9);
        Pull pull = Pull.fromBody(frame, CB);
        Proposal p = pull.propose(over(frame, new Point(8, 6)), SNAP).orElseThrow();
        Travel travel = (Travel) added(frame, p);
        assertEquals(CB, travel.role());
        assertEquals("run of CB", p.label());
        assertEquals(
                frame.path().steps().get(2).id(),
                after(frame, p.edit()).stepOf(travel.id()).orElseThrow().id());
    }

    @Test
    void itsEndSnapsToALandmarkThatIsNear() {
        Frame frame = wave(9);
        Proposal p = Pull.fromBody(frame, CB)
                .propose(over(frame, new Point(9.3, 6.2)), SNAP)
                .orElseThrow();
        Travel travel = (Travel) added(frame, p);
        assertEquals(new Point(9, 6), travel.path().get(0).at(), "the left back position");
    }

    @Test
    void keysWhilePullingSetMannerEffortAndCuts() {
        Frame frame = wave(9);
        Pull pull = Pull.fromBody(frame, CB);
        pull.toggle(Manner.BACKWARD);
        pull.effort(Effort.FLAT_OUT);
        pull.cut(new Point(2, 2));
        Proposal p = pull.propose(over(frame, new Point(2, 8)), SNAP).orElseThrow();
        Travel travel = (Travel) added(frame, p);
        assertEquals(Manner.BACKWARD, travel.manner());
        assertEquals(Effort.FLAT_OUT, travel.effort());
        assertEquals(new Waypoint(new Point(2, 2), true), travel.path().get(0));
        assertEquals(2, travel.path().size());
        pull.toggle(Manner.BACKWARD);
        assertEquals(
                Manner.FORWARD,
                ((Travel) added(
                                frame,
                                pull.propose(over(frame, new Point(2, 8)), SNAP).orElseThrow()))
                        .manner(),
                "pressed again it goes back");
    }

    @Test
    void aShortPullIsOnlyAClick() {
        Frame frame = wave(9);
        Point cb = frame.timeline().poseAt(CB, 9).at();
        assertTrue(Pull.fromBody(frame, CB)
                .propose(over(frame, cb.plus(new Point(0.2, 0))), SNAP)
                .isEmpty());
    }

    @Test
    void fromTheBallToAPlayerItIsAPassInTheMannerOfTheSport() {
        Frame frame = wave(0);
        Proposal p = Pull.fromBall(frame, new RoleId("gk"))
                .propose(over(frame, frame.timeline().poseAt(CB, 0).at()), SNAP)
                .orElseThrow();
        Pass pass = (Pass) added(frame, p);
        assertEquals(new Target.ToRole(CB), pass.to());
        assertEquals(PassKind.AIR, pass.kind());
        assertEquals("pass to CB", p.label());
        Frame ice = frame(Demo.read("breakwater-breakout"), 3.2);
        Proposal slide = Pull.fromBall(ice, new RoleId("d"))
                .propose(over(ice, ice.timeline().poseAt(new RoleId("lw"), 3.2).at()), SNAP)
                .orElseThrow();
        assertEquals(PassKind.GROUND, ((Pass) added(ice, slide)).kind());
    }

    @Test
    void aSecondPullFromAPlayerAddsTheNextMoveAndBendsNothing() {
        Frame before = wave(0);
        RoleId d1 = new RoleId("d1");
        Point body = before.timeline().poseAt(d1, 0).at();
        Pull first = Pull.fromBody(before, d1);
        first.passThrough(new Point(12, 6));
        Proposal one = first.propose(over(before, new Point(8, 6)), SNAP).orElseThrow();
        Travel run = (Travel) added(before, one);
        Drill then = one.edit().applyTo(before.drill(), before.path().id()).drill();
        Frame frame = frame(then, 0);
        Pull second = Pull.fromBody(frame, d1);
        Point end = run.path().get(run.path().size() - 1).at();
        assertTrue(second.start().isWithin(0.1, end), "where the first ends: " + second.start());
        second.passThrough(body.plus(new Point(0.5, 0.5)));
        second.passThrough(new Point(9, -3));
        Travel next = (Travel) added(
                frame, second.propose(over(frame, new Point(6, -4)), SNAP).orElseThrow());
        assertEquals(List.of(new Waypoint(new Point(6, -4), false)), next.path(), "not by way of the body");
        assertEquals(
                run,
                after(
                                frame,
                                second.propose(over(frame, new Point(6, -4)), SNAP)
                                        .orElseThrow()
                                        .edit())
                        .move(run.id())
                        .orElseThrow());
    }

    @Test
    void aRunToAPlayerALineOrAGapMeansJustThat() {
        Frame frame = wave(9);
        Point d2 = frame.timeline().poseAt(new RoleId("d2"), 9).at();
        Travel toPlayer = (Travel) added(
                frame, Pull.fromBody(frame, CB).propose(over(frame, d2), SNAP).orElseThrow());
        assertEquals(0.9, toPlayer.path().get(0).at().distanceTo(d2), 0.01, "beside the player");
        Travel toLine = (Travel) added(
                frame,
                Pull.fromBody(frame, CB)
                        .propose(over(frame, new Point(-18.5, 8.4)), SNAP)
                        .orElseThrow());
        assertEquals(new Point(-21, 8.4), toLine.path().get(0).at(), "four stand there, a metre apart");
        Frame gaps = frame(Demo.read("counting-gaps"), 0);
        Gap gap = gaps.path().layout().gaps().get(1);
        RoleId runner = gaps.path().roles().get(0).id();
        Travel through = (Travel) added(
                gaps,
                Pull.fromBody(gaps, runner)
                        .propose(over(gaps, gap.middle().plus(new Point(0.3, 0.2))), SNAP)
                        .orElseThrow());
        assertEquals(gap.middle().toMillimetres(), through.path().get(0).at());
    }

    @Test
    void aBallToALineIsForTheNextInIt() {
        Frame early = wave(0);
        Pass first = (Pass) added(
                early,
                Pull.fromBall(early, new RoleId("gk"))
                        .propose(over(early, new Point(-19, 8.4)), SNAP)
                        .orElseThrow());
        assertEquals(new Target.ToRole(LB), first.to(), "who stands at its head");
        Frame held = wave(3);
        RoleId holder = held.timeline()
                .ballStateAt(held.path().balls().get(0).id(), 3)
                .holder()
                .orElseThrow();
        Pass next = (Pass) added(
                held,
                Pull.fromBall(held, holder)
                        .propose(over(held, new Point(-19, 8.4)), SNAP)
                        .orElseThrow());
        assertEquals(new Target.ToPlace(new Point(-17, 8.4)), next.to(), "LB has gone: whoever is next");
    }

    @Test
    void aTypedMeasureDrawsWithoutAnyMovement() {
        Frame frame = wave(9);
        Pull pull = Pull.fromBody(frame, CB);
        Point exact = pull.start().plus(Point.polar(5, 90)).toMillimetres();
        Travel run = (Travel) added(
                frame,
                pull.propose(over(frame, pull.start()), SNAP, Optional.of(exact))
                        .orElseThrow());
        assertEquals(exact, run.path().get(0).at());
    }

    @Test
    void aPlayerPassesToNobodyButOthers() {
        Frame frame = wave(0);
        Point gk = frame.timeline().poseAt(new RoleId("gk"), 0).at();
        assertTrue(Pull.fromBall(frame, new RoleId("gk"))
                .propose(over(frame, gk.plus(new Point(0.45, 0))), SNAP)
                .isEmpty());
    }

    @ParameterizedTest
    @CsvSource({"1.2, FAR", "-1.2, NEAR", "0.1, MIDDLE"})
    void toAGoalItIsAShotWhereItWasAimed(double y, Aim aim) {
        Frame frame = wave(8.3);
        RoleId rb = new RoleId("rb");
        assertTrue(frame.timeline().poseAt(rb, 8.3).at().y() < 0, "RB shoots from the right");
        Proposal p = Pull.fromBall(frame, rb)
                .propose(over(frame, new Point(20.4, y)), SNAP)
                .orElseThrow();
        Shot shot = (Shot) added(frame, p);
        assertEquals("right", shot.goal());
        assertEquals(aim, shot.aim());
    }

    @Test
    void toOpenSpaceTheBallIsSentThere() {
        Frame frame = wave(0);
        Proposal p = Pull.fromBall(frame, new RoleId("gk"))
                .propose(over(frame, new Point(3, -3.4)), SNAP)
                .orElseThrow();
        assertEquals(new Target.ToPlace(new Point(3, -3.4)), ((Pass) added(frame, p)).to());
    }

    @Test
    void nearAnEvenAngleItKeepsToTheAngle() {
        Frame frame = wave(0);
        Point from = frame.timeline().poseAt(new RoleId("gk"), 0).at();
        Proposal p = Pull.fromBall(frame, new RoleId("gk"))
                .propose(over(frame, from.plus(Point.polar(20.04, -15.3))), SNAP)
                .orElseThrow();
        Point to = ((Pass) added(frame, p)).to().match(role -> null, place -> place.at());
        Point start = Pull.fromBall(frame, new RoleId("gk")).start();
        assertEquals(-15, to.minus(start).headingDegrees(), 0.05);
    }

    @Test
    void aBallPulledDuringARunLeavesAtThatMomentOfIt() {
        Frame frame = wave(5);
        Proposal p = Pull.fromBall(frame, LB)
                .propose(over(frame, frame.timeline().poseAt(CB, 5).at()), SNAP)
                .orElseThrow();
        Trigger trigger = added(frame, p).trigger().orElseThrow();
        double started = frame.timeline().move(trigger.move().orElseThrow()).start();
        assertEquals(5, started + trigger.plusSeconds(), 0.05);
    }

    @Test
    void aRunToALooseBallPicksItUp() {
        Drill drill = Demo.read("crossing-backs");
        Progression loose = drill.base().with(new Ball(new BallId("b2"), new Ball.Loose(new Point(6, -6))));
        Frame frame = frame(drill.withProgression(loose), 4.7);
        Proposal p = Pull.fromBody(frame, new RoleId("rw"))
                .propose(over(frame, new Point(6.1, -6)), SNAP)
                .orElseThrow();
        Progression told = after(frame, p.edit());
        List<Move> moves = told.moves();
        assertTrue(moves.get(moves.size() - 1) instanceof PickUp);
        Timeline timeline = Timeline.of(drill, Path.usual(told));
        assertEquals(List.of(), timeline.findings());
        assertEquals(
                Optional.of(new RoleId("rw")),
                timeline.ballStateAt(new BallId("b2"), timeline.seconds()).holder());
    }

    // ---- freehand ----

    @Test
    void anUnsteadyStraightPullIsAStraightLine() {
        Random hand = new Random(5);
        Freehand freehand = new Freehand(Point.ORIGIN);
        for (int i = 1; i <= 80; i++) {
            freehand.add(new Point(i * 0.15, (hand.nextDouble() - 0.5) * 0.3));
        }
        assertEquals(List.of(Waypoint.smooth(12, 0)), freehand.pathTo(new Point(12, 0)));
    }

    @Test
    void aBowedPullKeepsItsBowWithFewPoints() {
        Freehand freehand = new Freehand(new Point(-5, 0));
        Point[] drawn = new Point[60];
        for (int i = 0; i < drawn.length; i++) {
            drawn[i] = Point.polar(5, 180 - i * 180.0 / (drawn.length - 1));
            freehand.add(drawn[i]);
        }
        List<Waypoint> path = freehand.pathTo(new Point(5, 0));
        assertTrue(path.size() >= 3 && path.size() <= 9, path.toString());
        List<Point> line = new ArrayList<>(List.of(new Point(-5, 0)));
        path.forEach(w -> line.add(w.at()));
        Polyline kept = new Polyline(line);
        for (Point p : drawn) {
            assertTrue(kept.distanceTo(p) < 0.6, "strays at " + p);
        }
        assertFalse(path.stream().anyMatch(Waypoint::cut));
    }

    // ---- placing and choosing ----

    @Test
    void theTrayGivesLabelsFacingsAndHands() {
        Frame empty = frame(
                Drill.blank(
                        "x",
                        Demo.read("crossing-backs").surfaceUse(),
                        Demo.read("crossing-backs").audience()),
                0);
        Progression p = after(empty, Placing.place(empty, TrayItem.KEEPER, new Point(18.5, 0.3), SNAP));
        assertEquals("K1", p.roles().get(0).label());
        assertEquals(180, p.roles().get(0).facingDegrees());
        Progression line = after(empty, Placing.place(empty, TrayItem.LINE, new Point(4, 4), SNAP));
        assertEquals(line.lines().get(0).feeds(), List.of(line.roles().get(0).id()));
        assertEquals(new Point(4, 4), line.startOf(line.roles().get(0).id()));
        Progression goal = after(empty, Placing.place(empty, TrayItem.GOAL, new Point(4, 9), SNAP));
        assertEquals(-90, goal.gear().get(0).facingDegrees(), "a goal looks to the middle");
        Progression ball = after(empty, Placing.place(empty, TrayItem.BALL, new Point(4, 9), SNAP));
        assertTrue(ball.balls().get(0).start() instanceof Ball.Loose);
    }

    @Test
    void thingsAreFoundAndMovedWithTheirLines() {
        Frame frame = wave(0);
        Viewport v = view(frame);
        Point2D lb = Bodies.of(frame, v, LB);
        var chosen = Things.at(frame, v, lb.getX(), lb.getY());
        assertEquals(Optional.of(LB), chosen.role());
        Point before = frame.path().startOf(LB);
        Progression moved = Transforms.of(
                frame.path().version(),
                frame.drill().surface(),
                chosen.ids(),
                PlaneMap.shift(new Point(-15, 8).minus(before)));
        assertEquals(new Point(-15, 8), moved.lines().get(0).at(), "who comes from a line takes it along");
        assertEquals(new Point(-15, 8), moved.startOf(LB));
        var cone = thing(frame, v, new Point(-6, 9));
        assertTrue(cone.gear().isPresent());
        assertTrue(thing(frame, v, new Point(5, -9)).isNone());
        assertEquals(
                Things.all(frame.path()).size(),
                7 + 1 + 2 + 2 + frame.path().moves().size(),
                "tab visits everything");
    }
}
