package wildchalk.core.inspect;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.Pace;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.GoalShape;
import wildchalk.core.surface.View;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.InspectWriter;

/** What is looked at in a moment, against closed forms and brute force. */
class InspectTest {

    private static final View COURT = View.of(new Point(-20, -10), new Point(20, 10));

    static Stream<Random> seeds() {
        return IntStream.range(0, 60).mapToObj(Random::new);
    }

    private static Moment at(Progression version, double seconds) {
        RunThrough run = Drills.run(version, AgeBand.U16);
        return Moment.of(run.path(), run.drill().surface(), Pace.of(run.drill()), run.timeline(), seconds);
    }

    private static Point place(Random r) {
        return new Point(38 * r.nextDouble() - 19, 18 * r.nextDouble() - 9);
    }

    private static Progression standing(Random r, int each) {
        Drills drills = Drills.blank();
        for (int i = 0; i < each; i++) {
            Point a = place(r);
            Point d = place(r);
            drills = drills.role("a" + i, Side.ATTACK, a.x(), a.y()).role("d" + i, Side.DEFENCE, d.x(), d.y());
        }
        return drills.ballWith("a0")
                .run("m1", "a1", 5, 5)
                .run("m2", "d1", -5, 5)
                .progression();
    }

    // ---- open goal ----

    /** A mouth 3 m wide seen from 6 m straight before it: twice atan(1.5 / 6), 28.07 degrees. */
    @Test
    void aGoalStraightAheadIsTwiceItsHalf() {
        GoalMouth goal = new GoalMouth("g", "the goal", new Point(20, 0), 3, 1, 180, GoalShape.NET);
        double[] open = OpenGoals.open(goal, List.of(), new Point(14, 0));
        assertEquals(2 * Math.toDegrees(Math.atan(0.25)), open[0] + open[1], 1e-9);
        assertEquals(0, sum(OpenGoals.open(goal, List.of(), new Point(21, 0))), "from behind");
        // a keeper in the middle, 2 m out: 0.8 m to either side at 4 m
        double[] kept = OpenGoals.open(goal, List.of(new Point(18, 0)), new Point(14, 0));
        double left = Math.toDegrees(Math.atan(0.25) - Math.atan(0.8 / 4));
        assertEquals(left, kept[0], 1e-9);
        assertEquals(left, kept[1], 1e-9);
    }

    private static double sum(double[] two) {
        return two[0] + two[1];
    }

    /** Of many rays into the mouth those count that pass every keeper by more than he covers. */
    @ParameterizedTest
    @MethodSource("seeds")
    void openIsTheShareOfRaysThatPass(Random r) {
        GoalMouth goal = new GoalMouth("g", "the goal", new Point(20, 0), 3, 1, 180, GoalShape.NET);
        Point from = new Point(4 + 12 * r.nextDouble(), 16 * r.nextDouble() - 8);
        List<Point> keepers = IntStream.range(0, 1 + r.nextInt(2))
                .mapToObj(i -> new Point(17 + 2.5 * r.nextDouble(), 3 * r.nextDouble() - 1.5))
                .toList();
        double whole = goal.openAngleDegrees(from);
        int rays = 4000;
        int pass = 0;
        double start = goal.leftPost().minus(from).headingDegrees();
        double turn = wildchalk.core.geometry.Headings.normalise(
                goal.rightPost().minus(from).headingDegrees() - start);
        for (int i = 0; i < rays; i++) {
            double heading = start + turn * (i + 0.5) / rays;
            boolean stopped = keepers.stream().anyMatch(k -> {
                double off = Math.abs(
                        wildchalk.core.geometry.Headings.normalise(k.minus(from).headingDegrees() - heading));
                return off < Math.toDegrees(Math.atan2(OpenGoals.KEEPER_COVERS_METRES, k.distanceTo(from)));
            });
            pass += stopped ? 0 : 1;
        }
        assertEquals(whole * pass / rays, sum(OpenGoals.open(goal, keepers, from)), whole / 200 + 0.02);
    }

    // ---- space ----

    /** Each spot belongs to whoever is there first of all. */
    @ParameterizedTest
    @MethodSource("seeds")
    void spaceIsWhoIsThereFirst(Random r) {
        Moment moment = at(standing(r, 4), 0.7);
        Inspection.Space space = (Inspection.Space) Inspection.of(Inspection.Kind.SPACE, moment, COURT);
        int attack = 0;
        for (int i = 0; i < space.field().size(); i++) {
            Point place = space.field().middle(i);
            double first = moment.players().stream()
                    .mapToDouble(p -> p.secondsTo(place))
                    .min()
                    .orElseThrow();
            assertEquals(first, space.seconds()[i], 1e-9);
            attack += space.sides()[i] == Side.ATTACK ? 1 : 0;
        }
        assertEquals((double) attack / space.field().size(), space.attack(), 1e-9);
        assertEquals(1, space.attack() + space.defence(), 1e-9);
    }

    /** A loose ball 6 m from one and 9 m from the other: the nearer is there sooner, by what dashes of 6 and 9 m differ. */
    @Test
    void whoIsFirstAtTheBall() {
        Progression version = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("d", Side.DEFENCE, 15, 0)
                .ballAt(6, 0)
                .progression();
        Inspection.Space space = (Inspection.Space) Inspection.of(Inspection.Kind.SPACE, at(version, 0), COURT);
        Inspection.Race race = space.race().orElseThrow();
        assertEquals(new RoleId("a"), race.first());
        assertEquals(new RoleId("d"), race.second());
        wildchalk.core.motion.Dash dash = wildchalk.core.motion.Dash.of(Pace.of(AgeBand.U16, Drills.HANDBALL), 1);
        double six = dash.seconds(Point.ORIGIN, Point.ORIGIN, new Point(6, 0));
        double nine = dash.seconds(Point.ORIGIN, Point.ORIGIN, new Point(9, 0));
        assertEquals(nine - six, race.bySeconds(), 1e-9);
    }

    // ---- outlets ----

    /** Looked at ten times as finely no lane is anybody's that was open by more than a rounding. */
    @ParameterizedTest
    @MethodSource("seeds")
    void outletsEqualAFinerLook(Random r) {
        Moment moment = at(standing(r, 4), 0);
        Inspection.OutletList list = (Inspection.OutletList) Inspection.of(Inspection.Kind.OUTLETS, moment, COURT);
        double speed = Pace.of(AgeBand.U16, Drills.HANDBALL)
                .passSpeed(wildchalk.core.drill.PassKind.GROUND, wildchalk.core.drill.Weight.FIRM);
        assertEquals(3, list.outlets().size());
        for (Inspection.Outlet o : list.outlets()) {
            double length = o.from().distanceTo(o.end());
            double least = Double.POSITIVE_INFINITY;
            for (double s = 1; s <= length - 1; s += 0.05) {
                Point ball = o.from().towards(o.end(), s / length);
                for (Moment.Player p : moment.players()) {
                    if (p.role().side() == Side.DEFENCE) {
                        double metres = Math.max(0, p.at().distanceTo(ball) - Outlets.REACH_METRES);
                        Point reach = p.at().towards(ball, metres / Math.max(1e-9, p.at().distanceTo(ball)));
                        least = Math.min(least, (metres == 0 ? 0 : p.secondsTo(reach)) - s / speed);
                    }
                }
            }
            assertEquals(least, o.margin(), length < 2.5 ? Double.POSITIVE_INFINITY : 0.15);
        }
    }

    /** A defender on the line between two closes it; ten metres beside it he does not. */
    @Test
    void whoStandsInTheLaneClosesIt() {
        for (double y : new double[] {0, 10}) {
            Progression version = Drills.blank()
                    .role("a", Side.ATTACK, 0, 0)
                    .role("b", Side.ATTACK, 8, 0)
                    .role("d", Side.DEFENCE, 4, y)
                    .ballWith("a")
                    .progression();
            Inspection.OutletList list =
                    (Inspection.OutletList) Inspection.of(Inspection.Kind.OUTLETS, at(version, 0), COURT);
            assertEquals(y > 0, list.outlets().get(0).isOpen());
            assertEquals(y > 0 ? 1 : 0, list.open());
            String said = String.join(
                    " ",
                    new InspectWriter(wildchalk.core.path.Path.usual(version), Drills.HANDBALL, LengthUnit.METRES)
                            .said(list));
            assertEquals(
                    y > 0
                            ? "A has one real outlet: B."
                            : "A has nobody to play to. D is in the lane to B. B has to move to be an outlet.",
                    said);
        }
    }

    // ---- sight, spacing, braking ----

    @Test
    void anglesOfSight() {
        assertEquals(90, Sights.angle(Point.ORIGIN, new Point(5, 0), new Point(0, 2)), 1e-9);
        assertEquals(0, Sights.angle(Point.ORIGIN, new Point(5, 0), new Point(9, 0)), 1e-9);
        assertEquals(180, Sights.angle(Point.ORIGIN, new Point(5, 0), new Point(-1, 0)), 1e-9);
        Progression version = Drills.blank()
                .role("a", Side.ATTACK, 10, 0)
                .role("b", Side.ATTACK, 0, 4)
                .role("d", Side.DEFENCE, 0, 0)
                .ballWith("a")
                .progression();
        Inspection.SightList list = (Inspection.SightList) Inspection.of(Inspection.Kind.SIGHT, at(version, 0), COURT);
        Inspection.Sight d = list.sights().get(2);
        assertEquals(90, d.between().orElseThrow(), 1e-9);
        assertFalse(d.seesBoth());
        assertEquals(new RoleId("b"), d.opponent().orElseThrow());
    }

    @Test
    void widthDepthAndGaps() {
        Progression version = Drills.blank()
                .role("a", Side.ATTACK, 0, -6)
                .role("b", Side.ATTACK, 2, 6)
                .role("c", Side.ATTACK, 5, 2)
                .progression();
        Inspection.ShapeList list = (Inspection.ShapeList) Inspection.of(Inspection.Kind.SHAPE, at(version, 0), COURT);
        Inspection.Shape shape = list.shapes().get(0);
        assertEquals(12, shape.width(), 1e-9);
        assertEquals(5, shape.depth(), 1e-9);
        assertEquals(5, shape.gaps().get(0).metres(), 1e-9, "b and c: 3-4-5");
    }

    /** Whoever runs at the end line is tight once he needs more than is left. */
    @Test
    void roomToStop() {
        Progression version = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .run("m1", "a", 19, 0)
                .progression();
        RunThrough run = Drills.run(version, AgeBand.U16);
        for (double t = 0.5; t < run.timeline().seconds() - 0.1; t += 0.1) {
            Inspection.BrakingList list =
                    (Inspection.BrakingList) Inspection.of(Inspection.Kind.BRAKING, at(version, t), COURT);
            for (Inspection.Braking b : list.brakings()) {
                assertEquals(20 - b.from().x(), b.room(), 1e-6);
                assertEquals(b.metres(), b.from().distanceTo(b.to()), 1e-9);
                assertTrue(b.metres() < b.speed() * b.speed() / 2, "brakes harder than 1 m/s²");
            }
        }
    }

    /** Two lines that change over: each goes to the tail of the other, where nobody stands yet. */
    @Test
    void whereEverybodyGoes() {
        Drill drill = Demo.read("crossing-backs");
        RunThrough run = RunThrough.of(drill, drill.base());
        Moment moment = Moment.of(run.path(), drill.surface(), Pace.of(drill), run.timeline(), 0);
        Inspection.GoingList list = (Inspection.GoingList)
                Inspection.of(Inspection.Kind.GOING, moment, drill.surfaceUse().view());
        assertEquals(
                run.path().roles().stream().filter(r -> r.side() != Side.COACH).count(),
                list.goings().size());
        for (Inspection.Going going : list.goings()) {
            assertEquals(run.timeline().placeAt(going.role(), run.timeline().seconds()), going.from());
            run.path().course().rotation().stream()
                    .filter(t -> t.role().equals(going.role()))
                    .flatMap(t -> t.line().stream())
                    .forEach(l -> assertEquals(
                            run.path().line(l).orElseThrow().tail(), going.to().orElseThrow()));
        }
    }

    static Stream<Drill> everyDrill() {
        return Demo.everything();
    }

    /** Whatever is looked at in whatever moment of whatever drill can be said. */
    @ParameterizedTest
    @MethodSource("everyDrill")
    void everyMomentCanBeSaid(Drill drill) {
        RunThrough run = RunThrough.of(drill, drill.base());
        InspectWriter writer = new InspectWriter(run.path(), drill.surface(), LengthUnit.METRES);
        for (int i = 0; i <= 6; i++) {
            Moment moment = Moment.of(
                    run.path(),
                    drill.surface(),
                    Pace.of(drill),
                    run.timeline(),
                    run.timeline().seconds() * i / 6);
            for (Inspection.Kind kind : Inspection.Kind.values()) {
                List<String> said = writer.said(
                        Inspection.of(kind, moment, drill.surfaceUse().view()));
                assertFalse(said.isEmpty());
                said.forEach(s -> assertTrue(s.endsWith(".") && !s.contains("[") && !s.contains("{"), s));
            }
        }
    }
}
