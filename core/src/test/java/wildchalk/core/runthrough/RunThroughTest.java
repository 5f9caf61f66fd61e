package wildchalk.core.runthrough;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.Question;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.Removals;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.RuleId;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.motion.RandomDrills;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Path;
import wildchalk.core.path.Way;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.TalkThrough;
import wildchalk.core.words.Words;

/** A path is run through with what is on it; what is on no path disturbs nobody. */
class RunThroughTest {

    static LongStream seeds() {
        return LongStream.range(0, 30);
    }

    /** Every way ends with its branch; a plain step follows that nobody ever reaches, and much points at it. */
    private static Drill ending(long seed) {
        Progression p = RandomDrills.forked(seed);
        List<Fork> forks = p.course().forks().stream()
                .map(f -> f.withBranches(
                        f.branches().stream().map(b -> b.withEnds(true)).toList()))
                .toList();
        MoveId never = new MoveId("w0");
        Move last = new Travel(
                never,
                p.roles().get(0).id(),
                Optional.empty(),
                false,
                Manner.FORWARD,
                Effort.HARD,
                List.of(Waypoint.smooth(1, 1)));
        List<Step> steps = new ArrayList<>(p.steps());
        steps.set(0, steps.get(0).withQuestion(Optional.of(new Question(Optional.of(never), "When?", "Never"))));
        steps.add(new Step(new StepId("end"), List.of(last), List.of()));
        Rule hold = new Rule.Hold(
                new RuleId("h9"),
                p.roles().get(1).id(),
                Rule.What.MOVE,
                Optional.<Region>empty(),
                Optional.of(new Event.Starts(never)));
        Progression whole = p.withSteps(
                steps,
                p.course()
                        .withForks(forks)
                        .with(hold)
                        .withLaunch(Optional.of(new Launch(Optional.of(new Event.Ends(never)), 1))));
        List<Move> moves = whole.moves();
        Progression waiting =
                whole.withMove(moves.get(moves.size() - 2).withTrigger(Optional.of(Trigger.withStartOf(never, 0))));
        return Drill.blank("Ends", new SurfaceUse("handball", "whole"), Audience.USUAL)
                .withProgressions(List.of(waiting));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aStepThatNoWayReachesIsOnNoPathAndDisturbsNone(long seed) {
        Drill drill = ending(seed);
        for (Way way : Outcomes.ways(drill.base())) {
            RunThrough run = RunThrough.of(drill, Path.of(drill.base(), way.choices()));
            assertFalse(run.path().move(new MoveId("w0")).isPresent());
            assertEquals(run.path().moves().size(), run.timeline().moves().size());
            TalkThrough talk = Words.of(run, LengthUnit.METRES);
            assertEquals(run.path().steps().size(), talk.steps().size());
            assertTrue(run.metresMoved() >= 0);
        }
        Path nearest = Path.of(
                drill.base(),
                Outcomes.leadingTo(
                        drill.base(),
                        drill.base().step(new StepId("end")).orElseThrow(),
                        wildchalk.core.path.Choices.USUAL));
        assertFalse(nearest.step(new StepId("end")).isPresent());
    }

    /** A version that adds a step which no way reaches is told all the same, and so is everything beside it. */
    @ParameterizedTest
    @MethodSource("seeds")
    void aVersionThatAddsAStepThatNoWayReachesIsTold(long seed) {
        Drill drill = ending(seed);
        Progression base = drill.base();
        Progression without = Removals.step(base, new StepId("end"));
        Progression more = base.withId(new ProgressionId("p2")).withBasedOn(Optional.of(base.id()));
        Drill both = drill.withProgressions(List.of(without, more));
        List<String> changes = Words.changes(both, more, LengthUnit.METRES);
        assertTrue(changes.stream().anyMatch(c -> c.contains("no way leads there")), changes.toString());
        RunThrough run = RunThrough.of(both, more);
        assertEquals(changes, Words.of(run, LengthUnit.METRES).changes());
    }

    @Test
    void whatIsWorkedOutBelongsTogether() {
        Drill drill = Demo.read("ebb-or-flow");
        for (Way way : Outcomes.ways(drill.base())) {
            RunThrough run = RunThrough.of(drill, Path.of(drill.base(), way.choices()));
            assertEquals(way.label(), run.label());
            assertEquals(drill.base(), run.version(), "the version is whole whatever path is shown");
            assertTrue(run.turnings().stream()
                    .allMatch(t -> run.path().step(t.step()).isPresent()));
        }
        RunThrough plain = RunThrough.of(
                Demo.read("crossing-backs"), Demo.read("crossing-backs").base());
        assertEquals("", plain.label());
        assertEquals(1, plain.everyWay(10).size());
    }
}
