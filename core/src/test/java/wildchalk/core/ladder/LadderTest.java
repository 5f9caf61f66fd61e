package wildchalk.core.ladder;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Kinds;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.Removals;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.motion.RandomDrills;

/** Versions that are based on each other. */
class LadderTest {

    private static final ProgressionId BASE = new ProgressionId("base");

    static LongStream seeds() {
        return LongStream.range(0, 60);
    }

    private static Drill drill(Progression base) {
        Drill demo = Demo.read("crossing-backs");
        return demo.withProgressions(List.of(base));
    }

    private static Progression random(long seed) {
        return seed % 3 == 0
                ? RandomDrills.forked(seed)
                : RandomDrills.of(seed, 2 + (int) (seed % 6), 1 + (int) (seed % 4), 3 + (int) (seed % 12));
    }

    // ---- edits that a coach makes, by number ----

    private static Progression addCone(Progression p) {
        return p.with(new Gear(p.next(Kinds.GEAR), GearKind.CONE, Chalk.BLUE, new Point(1, 1), 0));
    }

    private static Progression addRole(Progression p) {
        return p.with(new Role(p.next(Kinds.ROLES), "N", Side.DEFENCE, Optional.of(new Point(3, 3)), 0, 1));
    }

    private static Progression addStep(Progression p) {
        return p.with(new Step(p.nextStepId(), List.of(), List.of("look up")));
    }

    private static Progression bendFirstTravel(Progression p) {
        for (Move m : p.moves()) {
            if (m instanceof Travel t) {
                return p.withMove(t.withPath(List.of(Waypoint.cut(2, 2), Waypoint.smooth(4, 4))));
            }
        }
        return p;
    }

    private static Progression edit(Progression p, int kind) {
        return switch (kind % 6) {
            case 0 -> addCone(p);
            case 1 -> addRole(p);
            case 2 -> addStep(p);
            case 3 -> bendFirstTravel(p);
            case 4 ->
                p.moves().isEmpty()
                        ? p
                        : Removals.move(p, p.moves().get(p.moves().size() - 1).id());
            default -> p.with(p.gear().get(0).withAt(new Point(7, 7)));
        };
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void changesTurnOneVersionIntoTheOther(long seed) {
        Progression base = random(seed);
        Progression other = base;
        Random random = new Random(seed);
        for (int i = 0; i < 5; i++) {
            other = edit(other, random.nextInt(6));
        }
        Progression made = Changes.between(base, other).exactly(base, other.id(), other.title());
        assertEquals(other.withBasedOn(Optional.of(base.id())), made);
        assertTrue(Changes.between(base, base).isEmpty());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void anotherOrderIsAChangeToo(long seed) {
        Progression base = random(seed);
        List<Role> shuffled = new ArrayList<>(base.roles());
        Collections.shuffle(shuffled, new Random(seed));
        Progression other = addCone(base.withRoles(shuffled));
        assertEquals(
                shuffled,
                Changes.between(base, other).exactly(base, base.id(), "x").roles());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void editingTheBaseAndTheVersionGiveTheSameInEitherOrder(long seed) {
        Progression base = random(seed);
        Drill two = Ladder.add(drill(base), BASE, "Harder");
        ProgressionId harder = two.progressions().get(1).id();
        // the version gets a player and a cone; the base another way and a step: they do not meet
        Drill first = Ladder.edit(two, addCone(addRole(two.progression(harder).orElseThrow())));
        Drill one = Ladder.edit(first, bendFirstTravel(addStep(first.base())));
        Drill other = Ladder.edit(two, bendFirstTravel(addStep(two.base())));
        Drill last =
                Ladder.edit(other, addCone(addRole(other.progression(harder).orElseThrow())));
        assertEquals(one, last);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void everyEditOfTheBaseReachesAVersionThatHasNotOverriddenIt(long seed) {
        Drill two = Ladder.add(drill(random(seed)), BASE, "Same");
        for (int kind = 0; kind < 6; kind++) {
            Drill edited = Ladder.edit(two, edit(two.base(), kind));
            Progression version = edited.progressions().get(1);
            assertEquals(
                    edited.base(),
                    version.withId(BASE).withTitle(two.base().title()).withBasedOn(Optional.empty()));
        }
    }

    @Test
    void whatIsOverriddenStaysAndTheRestFlowsDownTwoRungs() {
        Drill three = Ladder.add(drill(random(1)), BASE, "2");
        ProgressionId second = three.progressions().get(1).id();
        three = Ladder.add(three, second, "3");
        ProgressionId third = three.progressions().get(2).id();
        Gear cone = three.base().gear().get(0);
        three = Ladder.edit(three, three.progression(second).orElseThrow().with(cone.withAt(new Point(5, 5))));
        assertEquals(new Point(5, 5), gear(three, third, cone), "down to the third");
        three = Ladder.edit(three, addCone(three.base().with(cone.withAt(new Point(9, 9)))));
        assertEquals(new Point(5, 5), gear(three, second, cone), "overridden");
        assertEquals(new Point(5, 5), gear(three, third, cone));
        int gear = three.base().gear().size();
        assertEquals(gear, three.progression(third).orElseThrow().gear().size(), "the new cone is everywhere");
    }

    private static Point gear(Drill drill, ProgressionId version, Gear cone) {
        return drill.progression(version)
                .orElseThrow()
                .gear(cone.id())
                .orElseThrow()
                .at();
    }

    @Test
    void aPlayerThatIsTakenOutOfTheBaseTakesWhatTheVersionMadeOfHimAlong() {
        Drill two = Ladder.add(drill(Demo.read("crossing-backs").base()), BASE, "Harder");
        Progression version = two.progressions().get(1);
        Role gone = version.roles().get(0);
        Move own = version.moves().stream()
                .filter(m -> m.role().equals(gone.id()))
                .findFirst()
                .orElseThrow();
        two = Ladder.edit(two, version.withMove(own.withRunsOn(true)));
        Drill without = Ladder.edit(two, Removals.role(two.base(), gone.id()));
        assertFalse(without.progressions().get(1).role(gone.id()).isPresent());
        assertTrue(without.progressions().get(1).moves().stream()
                .noneMatch(m -> m.role().equals(gone.id())));
    }

    @Test
    void newIdsOfAVersionCanNeverBeThoseOfItsBase() {
        Drill two = Ladder.add(drill(random(2)), BASE, "Harder");
        two = Ladder.edit(two, addStep(addRole(two.progressions().get(1))));
        two = Ladder.edit(two, addStep(addRole(two.base())));
        assertEquals(
                two.base().steps().size() + 1, two.progressions().get(1).steps().size());
        assertEquals(
                two.base().roles().size() + 1, two.progressions().get(1).roles().size());
    }

    @Test
    void detachedRemovedAndReorderedVersionsKeepWhatTheyAre() {
        Drill three = Ladder.add(Ladder.add(drill(random(4)), BASE, "2"), BASE, "3");
        ProgressionId second = three.progressions().get(1).id();
        ProgressionId third = three.progressions().get(2).id();
        Drill detached = Ladder.detach(three, second);
        Drill edited = Ladder.edit(detached, addCone(detached.base()));
        assertEquals(
                three.base().gear().size(),
                edited.progression(second).orElseThrow().gear().size(),
                "what stands alone does not follow");
        assertFalse(Ladder.canMove(three, second, -1), "not before what it is based on");
        Drill moved = Ladder.move(three, third, -1);
        assertEquals(third, moved.progressions().get(1).id());
        Drill removed = Ladder.remove(Ladder.add(three, second, "4"), second);
        assertEquals(Optional.of(BASE), removed.progressions().get(2).basedOn(), "based on what that was based on");
        assertEquals(1, Ladder.remove(drill(random(4)), BASE).progressions().size(), "the last one stays");
    }

    // ---- files ----

    @ParameterizedTest
    @MethodSource("seeds")
    void aFileHoldsOnlyWhatChangesAndGivesTheSameBack(long seed) throws IOException {
        Drill two = Ladder.add(drill(random(seed)), BASE, "Harder");
        Progression version = two.progressions().get(1);
        Random random = new Random(seed);
        for (int i = 0; i < 4; i++) {
            version = edit(version, random.nextInt(6));
        }
        if (seed % 2 == 0) {
            List<Role> back = new ArrayList<>(version.roles());
            Collections.reverse(back);
            version = version.withRoles(back);
        }
        two = Ladder.edit(two, version);
        String text = DrillFile.ofNew(two).toText();
        assertEquals(two, DrillFile.parse(Path.of("x.drill.json"), text).value());
        String same =
                DrillFile.ofNew(Ladder.add(drill(random(seed)), BASE, "Harder")).toText();
        assertTrue(
                same.replaceAll("\\s", "").contains("\"basedOn\":\"base\"}"),
                "a version that changes nothing holds nothing");
    }

    @Test
    void aVersionOfNothingIsRefusedWithItsPlace() {
        String text = DrillFile.ofNew(Ladder.add(drill(random(1)), BASE, "Harder"))
                .toText()
                .replace("\"basedOn\": \"base\"", "\"basedOn\": \"nothing\"");
        FormatProblem problem = assertThrows(FormatProblem.class, () -> DrillFile.parse(Path.of("x.drill.json"), text));
        assertTrue(problem.getMessage().contains("must stand before this one"), problem.getMessage());
        assertTrue(problem.line() > 1);
    }

    // ---- as a picture ----

    @Test
    void marksShowWhatIsNewMovedAndGone() {
        Progression base = Demo.read("crossing-backs").base();
        Role moved = base.roles().get(0);
        Role gone = base.roles().get(base.roles().size() - 1);
        Progression after = addCone(Removals.role(base, gone.id()))
                .with(moved.withAt(base.startOf(moved.id()).plus(new Point(2, 0))));
        ChangeMarks marks = ChangeMarks.between(base, after);
        assertTrue(marks.added().stream()
                .anyMatch(id ->
                        after.gear().stream().anyMatch(g -> g.id().equals(id) && g.at().equals(new Point(1, 1)))));
        assertEquals(base.startOf(moved.id()), marks.movedFrom().get(moved.id()));
        assertTrue(marks.gone().contains(base.startOf(gone.id())));
        assertEquals(new ChangeMarks(Set.of(), Map.of(), List.of(), Set.of()), ChangeMarks.between(base, base));
    }
}
