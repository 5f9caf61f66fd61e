package wildchalk.desktop.document;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import wildchalk.core.Demo;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Side;
import wildchalk.core.edit.Arrangements;
import wildchalk.core.edit.Courses;
import wildchalk.core.edit.Edit;
import wildchalk.core.edit.Placements;
import wildchalk.core.edit.Tellings;
import wildchalk.core.edit.Versions;
import wildchalk.core.edit.Wholes;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Choices;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Way;
import wildchalk.picture.export.Reader;

/** What an open drill does with edits that come faster than it can work them out, that ask, and that cannot be made. */
class OneDoorTest {

    private final Faults faults = new Faults();
    private DrillDocument document;

    @BeforeAll
    static void toolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    @AfterEach
    void close() throws Exception {
        fx(document::close);
    }

    private void open(Drill drill) throws Exception {
        fx(() -> document = new DrillDocument(Stored.ofNew(DrillFile.ofNew(drill)), Reader.USUAL, faults));
    }

    private static void fx(Runnable action) throws Exception {
        WaitForAsyncUtils.asyncFx(action).get();
    }

    private void settled() throws Exception {
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> document.isUpToDate());
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static Edit cone(double x) {
        return Placements.gear(new Gear(new GearId("new"), GearKind.CONE, Chalk.ORANGE, new Point(x, 0), 0));
    }

    @Test
    void threeThingsPutDownAtOnceAreThreeThings() throws Exception {
        open(Demo.read("crossing-backs"));
        int before = document.version().gear().size();
        fx(() -> {
            // nothing is worked out in between: all three are made from the same picture
            document.edit("one", cone(1));
            document.edit("two", cone(2));
            document.edit("three", cone(3));
        });
        assertEquals(before + 3, document.version().gear().size());
        fx(() -> {
            document.edit("a", Placements.role(Side.ATTACK, "Q", Point.ORIGIN, 0));
            document.edit("b", Placements.role(Side.ATTACK, "Q", Point.ORIGIN, 0));
        });
        List<String> labels =
                document.version().roles().stream().map(Role::label).toList();
        assertTrue(labels.containsAll(List.of("Q1", "Q2")), labels.toString());
    }

    @Test
    void draggingAThingOnOneWayLeavesEveryStepMoveAndBranch() throws Exception {
        for (String id : List.of("ebb-or-flow", "harbour-wall", "signal-flags")) {
            Drill drill = Demo.read(id);
            open(drill);
            Progression before = drill.base();
            for (Way way : Outcomes.ways(before).subList(0, 2)) {
                fx(() -> document.choose(way.choices()));
                RoleId role = document.path().roles().get(0).id();
                fx(() -> document.edit("drag", Arrangements.carry(Set.of(role), PlaneMap.shift(new Point(0, 1)))));
                Progression now = document.version();
                assertEquals(before.steps(), now.steps(), id);
                assertEquals(before.course(), now.course(), id);
                assertFalse(before.equals(now), id);
            }
            fx(document::close);
        }
        open(Demo.read("crossing-backs"));
    }

    @Test
    void aDragInTheBaseReachesTheVersionsThatAreBasedOnIt() throws Exception {
        Drill drill = Demo.read("lantern-ladder");
        open(drill);
        Gear gear = drill.base().gear().get(0);
        fx(() -> document.edit("drag", Arrangements.carry(Set.of(gear.id()), PlaneMap.shift(new Point(0, 1)))));
        Point there = gear.at().plus(new Point(0, 1));
        for (Progression version : document.drill().progressions()) {
            Optional<Gear> own = drill.progression(version.id()).orElseThrow().gear(gear.id());
            if (own.equals(Optional.of(gear))) {
                assertEquals(
                        there,
                        version.gear(gear.id()).orElseThrow().at(),
                        version.id().text());
            }
        }
    }

    @Test
    void whatIsPutDownJustAfterAnotherVersionWasOpenedIsInThatVersion() throws Exception {
        Drill drill = Demo.read("lantern-ladder");
        open(drill);
        ProgressionId wall = new ProgressionId("wall");
        fx(() -> {
            // asked for while the base was open: it must not come back over the version
            document.edit("base", Tellings.coachingPoint(document.currentStep(), -1, "Low"));
            document.show(wall);
            document.edit("defender", Placements.role(Side.DEFENCE, "D", new Point(3, 3), 180));
            document.edit("cone", cone(4));
        });
        settled();
        assertEquals(wall, document.told().path().id());
        Progression base = document.drill().base();
        Progression version = document.version();
        assertEquals(wall, version.id());
        assertEquals(drill.base().roles(), base.roles());
        assertEquals(drill.base().gear(), base.gear());
        Role placed = version.roles().get(version.roles().size() - 1);
        assertTrue(placed.id().text().startsWith("wall-"), "the base can never use this id: " + placed.id());
    }

    @Test
    void aDeletionThatTakesWhatAnotherVersionAddedAsksHowFarItGoes() throws Exception {
        open(Demo.read("crossing-backs"));
        RoleId role = document.version().roles().get(0).id();
        fx(() -> document.edit("version", Versions.add("Two")));
        ProgressionId two = document.version().id();
        fx(() -> document.edit(
                "wait",
                Tellings.tell(
                        document.currentStep(),
                        List.of(new wildchalk.core.drill.Act(
                                new wildchalk.core.drill.MoveId("new"),
                                role,
                                Optional.empty(),
                                false,
                                new wildchalk.core.drill.Deed.Waiting(1))))));
        Progression before = document.version();
        ProgressionId base = document.drill().base().id();
        List<Edit.Loss> asked = new ArrayList<>();
        fx(() -> {
            document.show(base);
            document.setConsent((label, losses) -> {
                asked.addAll(losses);
                return Optional.empty();
            });
            document.edit("delete", Arrangements.delete(Set.of(role)));
        });
        assertEquals(1, asked.size());
        assertEquals(two, asked.get(0).version().id());
        assertEquals(1, asked.get(0).moves());
        assertTrue(document.version().role(role).isPresent(), "cancelled, nothing is done");
        fx(() -> {
            document.setConsent((label, losses) -> Optional.of(Edit.Flow.HERE));
            document.edit("delete", Arrangements.delete(Set.of(role)));
        });
        assertFalse(document.version().role(role).isPresent());
        assertEquals(before, document.drill().progression(two).orElseThrow(), "the other is the very same");
        fx(() -> {
            document.undo();
            document.setConsent(Consent.ALWAYS);
            document.edit("delete", Arrangements.delete(Set.of(role)));
        });
        assertFalse(document.drill().progression(two).orElseThrow().role(role).isPresent());
    }

    @Test
    void aRoleThatARotationNamesGoesAndTheRotationIsCleanedUp() throws Exception {
        for (String id : Demo.ids()) {
            open(Demo.read(id));
            for (Role role : document.version().roles()) {
                List<Role> roles = document.version().roles();
                RoleId other =
                        roles.get((roles.indexOf(role) + 1) % roles.size()).id();
                fx(() -> {
                    if (!other.equals(role.id())) {
                        document.edit("turn", Courses.rotation(Rotation.toRole(other, role.id())));
                    }
                    document.edit("delete", Arrangements.delete(Set.of(role.id())));
                });
                assertFalse(document.version().role(role.id()).isPresent(), id + " " + role.id());
                assertTrue(document.version().course().rotation().stream()
                        .noneMatch(r -> r.role().equals(role.id()) || r.next().equals(Optional.of(role.id()))));
                assertEquals(
                        document.drill(),
                        DrillFile.parse(
                                        java.nio.file.Path.of("x"),
                                        DrillFile.ofNew(document.drill()).toText())
                                .value(),
                        id);
                fx(document::undo);
            }
            fx(document::close);
        }
        open(Demo.read("crossing-backs"));
    }

    @Test
    void whatCannotBeIsRefusedAloudAndChangesNothing() throws Exception {
        open(Demo.read("crossing-backs"));
        Drill before = document.drill();
        for (Edit edit : List.of(
                Wholes.title("x".repeat(Limits.LINE + 1)),
                Versions.title("x".repeat(Limits.LINE + 1)),
                Tellings.coachingPoint(document.currentStep(), -1, "x".repeat(Limits.TEXT + 1)),
                Tellings.question(document.currentStep(), "x".repeat(Limits.TEXT + 1), ""),
                Arrangements.carry(Set.copyOf(Elements.all(before.base())), PlaneMap.shift(new Point(600, 0))),
                Placements.role(Side.ATTACK, "A", new Point(0, -501), 0),
                Arrangements.role(before.base().roles().get(0).id(), r -> r.withFacing(Double.NaN)))) {
            fx(() -> assertFalse(document.edit("too much", edit)));
            assertEquals(before, document.drill());
            Map<Faults.Kind, Throwable> told = faults.nowProperty().get();
            assertTrue(told.containsKey(Faults.Kind.REFUSED), told.toString());
            assertTrue(told.get(Faults.Kind.REFUSED).getMessage().length() > 20, told.toString());
            fx(() -> faults.mended(Faults.Kind.REFUSED));
        }
        assertTrue(document.doneLabels().isEmpty());
    }

    @Test
    void workThatFailsIsToldAndTheWindowGoesOn() throws Exception {
        open(Demo.read("crossing-backs"));
        List<String> answered = new ArrayList<>();
        try (Worker worker = document.helper()) {
            fx(() -> worker.ask(
                    () -> {
                        throw new IllegalStateException("the sum does not come out");
                    },
                    x -> answered.add("never")));
            WaitForAsyncUtils.waitFor(
                    20, TimeUnit.SECONDS, () -> faults.nowProperty().get().containsKey(Faults.Kind.WORK));
            fx(() -> worker.ask(() -> "later", answered::add));
            WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> !answered.isEmpty());
        }
        assertEquals(List.of("later"), answered);
        fx(() -> document.edit("cone", cone(2)));
        settled();
        assertFalse(faults.nowProperty().get().containsKey(Faults.Kind.WORK), "well again, nothing is said any more");
    }

    @Test
    void whatAnEditMakesIsChosen() throws Exception {
        open(Demo.read("ebb-or-flow"));
        fx(() -> document.choose(Choices.USUAL));
        fx(() -> document.edit("cone", cone(3)));
        assertEquals(1, document.selectionProperty().get().ids().size());
        assertTrue(document.selectionProperty().get().gear().isPresent());
        fx(document::undo);
        assertTrue(document.selectionProperty().get().isNone());
    }
}
