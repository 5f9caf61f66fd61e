package wildchalk.core.arrange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.MovedGoal;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Removals;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Symmetry;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.RandomDrills;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.words.Words;

/** Laws of moving, turning, mirroring and copying, on drills of any kind. */
class TransformsTest {

    private static final Surface ICE = Surfaces.find("ice-60x30").orElseThrow();

    static LongStream seeds() {
        return LongStream.range(0, 40);
    }

    private static Progression random(long seed) {
        return RandomDrills.of(seed, 6, 3, 14);
    }

    private static Drill drill(long seed) {
        return Drill.blank("Any", new SurfaceUse("ice-60x30", "half-right"), Audience.USUAL)
                .withProgression(random(seed));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aSymmetryUndoesItself(long seed) {
        Drill start = drill(seed)
                .withSurfaceUse(new SurfaceUse("ice-60x30", "half-right")
                        .withGoal(new MovedGoal("right", new Point(20, 14), 270)));
        for (Symmetry symmetry : Symmetry.values()) {
            Drill there = Transforms.drill(start, symmetry);
            assertNotEquals(start, there);
            assertEquals(start, Transforms.drill(there, symmetry));
        }
    }

    @Test
    void theOtherEndIsShownWhereTheDrillHasGone() {
        Drill there = Transforms.drill(drill(1), Symmetry.HALF_TURN);
        assertEquals("half-left", there.surfaceUse().view().id());
        Drill beside = Transforms.drill(drill(1), Symmetry.ACROSS_WIDTH);
        assertEquals("half-right", beside.surfaceUse().view().id());
    }

    @Test
    void aMovedGoalOfTheRightIsOneOfTheLeftAtTheOtherEnd() {
        Drill start = drill(1).withSurfaceUse(
                        new SurfaceUse("ice-60x30", "whole").withGoal(new MovedGoal("right", new Point(20, 14), -90)));
        Drill there = Transforms.drill(start, Symmetry.HALF_TURN);
        GoalMouth left = there.surface().goal("left").orElseThrow();
        assertEquals(new Point(-20, -14), left.centre());
        assertEquals(90, left.facingDegrees(), 1e-9);
        assertEquals(
                Point.ORIGIN.distanceTo(new Point(26, 0)),
                there.surface().goal("right").orElseThrow().centre().x(),
                1e-9);
    }

    @Test
    void mirroredWordsSwapLeftAndRight() {
        Drill start = Demo.read("second-wave-from-the-left");
        Drill mirrored = Transforms.drill(start, Symmetry.ACROSS_WIDTH);
        List<String> before = sentences(start);
        List<String> after = sentences(mirrored);
        boolean some = false;
        for (int i = 0; i < before.size(); i++) {
            assertEquals(swapped(before.get(i)), after.get(i));
            some |= !before.get(i).equals(after.get(i));
        }
        assertTrue(some, "the drill says left or right somewhere");
    }

    private static List<String> sentences(Drill drill) {
        return Words.of(drill, Path.usual(drill.base()), Timeline.of(drill, Path.usual(drill.base()))).steps().stream()
                .flatMap(s -> s.sentences().stream())
                .map(s -> s.text())
                .toList();
    }

    private static String swapped(String text) {
        return text.replaceAll("\\bleft\\b", "~")
                .replaceAll("\\bright\\b", "left")
                .replace("~", "right");
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void movingThereAndBackGivesTheSamePlaces(long seed) {
        Progression start = random(seed);
        Set<ElementId> all = Set.copyOf(Elements.all(start));
        Progression back = Transforms.of(
                Transforms.of(start, ICE, all, PlaneMap.shift(new Point(4, 2))),
                ICE,
                all,
                PlaneMap.shift(new Point(-4, -2)));
        for (ElementId id : all) {
            Elements.place(start, id)
                    .ifPresent(p ->
                            assertTrue(Elements.place(back, id).orElseThrow().isWithin(1e-9, p), id.toString()));
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whatIsNotChosenStays(long seed) {
        Progression start = random(seed);
        ElementId one = Elements.all(start).get((int) (seed % start.roles().size()));
        Progression after = Transforms.of(start, ICE, Set.of(one), PlaneMap.turn(new Point(1, 1), 70));
        for (ElementId id : Elements.all(start)) {
            boolean fedByMoved = id instanceof LineId; // a role that waits at the head of a line takes it along
            if (!id.equals(one) && !fedByMoved) {
                assertEquals(Elements.place(start, id), Elements.place(after, id), id.toString());
            }
        }
    }

    // ---- copies ----

    @ParameterizedTest
    @MethodSource("seeds")
    void atTheOtherEndStandsThePointReflection(long seed) {
        Progression start = random(seed);
        Set<ElementId> all = Set.copyOf(Elements.all(start));
        Copies.Pasted pasted = Copies.atOtherEnd(start, all, ICE);
        Progression after = pasted.after();
        int people = start.roles().size();
        assertEquals(2 * people, after.roles().size());
        assertEquals(2 * start.gear().size(), after.gear().size());
        for (int i = 0; i < people; i++) {
            Point here = after.startOf(after.roles().get(i).id());
            Point there = after.startOf(after.roles().get(people + i).id());
            assertTrue(there.isWithin(1e-9, here.times(-1)), "role " + i);
        }
        for (int i = 0; i < start.gear().size(); i++) {
            Point there = after.gear().get(start.gear().size() + i).at();
            assertTrue(there.isWithin(1e-9, start.gear().get(i).at().times(-1)));
        }
        Point zone = start.layout().zones().get(0).middle();
        assertTrue(after.layout().zones().get(1).middle().isWithin(1e-9, zone.times(-1)));
    }

    @Test
    void bothEndsOfAFullIceDrillRunAlikeAndAtOnce() {
        Drill start = Demo.read("breakwater-breakout");
        Copies.Pasted pasted = Copies.atOtherEnd(start.base(), Set.copyOf(Elements.all(start.base())), start.surface());
        Drill both = start.withProgression(pasted.after());
        Timeline one = Timeline.of(start, Path.usual(start.base()));
        Timeline two = Timeline.of(both, Path.usual(both.base()));
        assertEquals(one.seconds(), two.seconds(), 1e-6);
        int people = start.base().roles().size();
        for (int i = 0; i < people; i++) {
            RoleId here = both.base().roles().get(i).id();
            RoleId there = both.base().roles().get(people + i).id();
            for (double t = 0; t <= one.seconds(); t += 0.37) {
                Point p = two.poseAt(here, t).at();
                assertTrue(one.poseAt(here, t).at().isWithin(1e-6, p), "the first end runs as before");
                assertTrue(two.poseAt(there, t).at().isWithin(1e-6, p.times(-1)), here + " at " + t);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aCopyHasNewIdsAndPointsOnlyAtWhatIsThere(long seed) {
        Progression start = random(seed);
        Set<ElementId> some = new LinkedHashSet<>(Elements.all(start).subList(0, 1 + (int) (seed % 6)));
        Copies.Pasted pasted = Copies.paste(start, some, start, ICE, PlaneMap.shift(new Point(1, -1)));
        assertTrue(pasted.copies().size() >= some.size());
        Set<ElementId> before = Set.copyOf(Elements.all(start));
        pasted.copies().forEach(id -> assertFalse(before.contains(id), id + " was there before"));
        assertEquals(
                before,
                Set.copyOf(Elements.all(start).stream()
                        .filter(id -> Elements.has(pasted.after(), id))
                        .toList()));
        // into a drill that has none of it: nothing points outside, or the progression would refuse itself
        Progression empty = Drills.blank().progression();
        Progression alone = Copies.paste(start, some, empty, ICE, PlaneMap.shift(Point.ORIGIN))
                .after();
        assertEquals(alone, Removals.elements(alone, Set.of()));
    }

    // ---- lining up ----

    @ParameterizedTest
    @MethodSource("seeds")
    void aligningPutsAllOnOneLineAndSpreadingSpacesThemEvenly(long seed) {
        Progression start = random(seed);
        Set<ElementId> placed = new LinkedHashSet<>();
        start.roles().stream().filter(r -> r.at().isPresent()).forEach(r -> placed.add(r.id()));
        Progression aligned = Alignments.align(start, ICE, placed, Alignments.Axis.LENGTH);
        List<Point> places = placed.stream()
                .map(id -> Elements.place(aligned, id).orElseThrow())
                .sorted(Comparator.comparingDouble(Point::x))
                .toList();
        places.forEach(p -> assertEquals(places.get(0).y(), p.y(), 1e-9));
        Progression spread = Alignments.distribute(aligned, ICE, placed, Alignments.Axis.LENGTH);
        List<Point> even = placed.stream()
                .map(id -> Elements.place(spread, id).orElseThrow())
                .sorted(Comparator.comparingDouble(Point::x))
                .toList();
        double gap = (places.get(places.size() - 1).x() - places.get(0).x()) / (places.size() - 1);
        for (int i = 1; i < even.size(); i++) {
            assertEquals(gap, even.get(i).x() - even.get(i - 1).x(), 1e-6);
        }
    }
}
