package wildchalk.core.reps;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.Pace;
import wildchalk.core.path.Choices;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.TalkThrough;
import wildchalk.core.words.Words;

/** Somebody attacks, then defends against the next: in the first rep nobody defends. */
class FirstRepTest {

    private static final RoleId F = new RoleId("f");
    private static final RoleId D = new RoleId("d");
    private static final LineId LINE = new LineId("line");

    private static Progression drill(boolean later) {
        Progression plain = Drills.blank()
                .role("f", Side.ATTACK, -10, 0)
                .role("d", Side.DEFENCE, 4, 3)
                .ballWith("f")
                .run("m1", "f", 6, 0)
                .run("m2", "d", 5, 1)
                .nextStep()
                .run("m3", "f", Trigger.afterEndOf(new MoveId("m2"), 0), 10, 2)
                .progression();
        return plain.withPeople(
                        List.of(new WaitingLine(LINE, "F", new Point(-10, 0), 0, List.of(F), 5)),
                        List.of(
                                new Role(F, "F", Side.ATTACK, Optional.empty(), 0, 1),
                                plain.role(D).orElseThrow().withLater(later)),
                        plain.balls(),
                        plain.steps())
                .withCourse(plain.course()
                        .with(Rotation.toRole(F, D))
                        .with(Rotation.toLine(D, LINE))
                        .withLaunch(Optional.of(new Launch(Optional.of(new Event.Whistle()), 20))));
    }

    private static RepScript script(Progression p) {
        Drill drill = Drills.drill(p, AgeBand.U16);
        RunThrough run = RunThrough.of(drill, p);
        return RepScript.of(run.path(), run.timeline(), Pace.of(drill));
    }

    private static Block block(Progression p) {
        return Block.of(script(p), Conditions.AS_DRAWN, 3);
    }

    /** Who comes in later is not one more, but one of those who have played something else. */
    @Test
    void nobodyDefendsInTheFirstRepAndWhoAttackedDefendsInTheNext() {
        Block with = block(drill(false));
        Block later = block(drill(true));
        assertEquals(6, with.people().size());
        assertEquals(5, later.people().size());
        assertEquals(with.reps(), later.reps());
        // nine reps of two parts each, but for the first
        assertEquals(
                2 * later.reps() - 1,
                later.people().stream().mapToInt(s -> s.turns().size()).sum());
        assertEquals(
                2 * with.reps(),
                with.people().stream().mapToInt(s -> s.turns().size()).sum());
    }

    /** What is done with him is not done without him, and nothing waits for it. */
    @Test
    void theFirstRepIsWithoutHimAndWhateverNeedsHim() {
        Path first = Path.usual(drill(true)).firstRep().orElseThrow();
        assertEquals(List.of(F), first.roles().stream().map(Role::id).toList());
        assertEquals(
                List.of(new MoveId("m1"), new MoveId("m3")),
                first.moves().stream().map(m -> m.id()).toList());
        assertEquals(
                Optional.empty(), first.move(new MoveId("m3")).orElseThrow().trigger());
        assertTrue(Path.usual(drill(false)).firstRep().isEmpty());
        RunThrough run = RunThrough.of(Drills.drill(drill(true), AgeBand.U16), first);
        assertEquals(List.of(), run.timeline().findings());
        assertEquals("the first rep", run.label());
    }

    @Test
    void itIsAskedForByName() {
        Choices wanted =
                Outcomes.choosing(drill(true), Choices.USUAL, Choices.FIRST_REP).orElseThrow();
        assertEquals(Choices.Rep.FIRST, wanted.rep());
        assertEquals(List.of(Choices.FIRST_REP), wanted.asTexts());
        assertTrue(Outcomes.choosing(drill(false), Choices.USUAL, Choices.FIRST_REP)
                .isEmpty());
    }

    @Test
    void itIsSaidWhereHeStandsAndInHisPart() {
        RunThrough run = RunThrough.of(Drills.drill(drill(true), AgeBand.U16), drill(true));
        TalkThrough talk = Words.of(run, LengthUnit.METRES);
        assertTrue(
                talk.setUp().stream().anyMatch(l -> l.contains("from the second rep on")),
                talk.setUp().toString());
        List<String> part = Words.partOf(D, run, talk);
        assertTrue(part.contains("You come in from the second rep on."), part.toString());
    }
}
