package wildchalk.core.turns;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.arrange.SecondStations;
import wildchalk.core.check.Checks;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.core.finding.Severity;
import wildchalk.core.path.Path;
import wildchalk.core.reps.Filling;
import wildchalk.core.reps.Outlook;
import wildchalk.core.reps.Setting;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.RepsWriter;
import wildchalk.core.words.Words;

/** What is offered gives what it says, and costs no more than it says. */
class MoreTurnsTest {

    static Stream<Drill> everyDrill() {
        return Demo.everything();
    }

    private static Outlook outlook(Drill drill, Progression version, Setting setting) {
        return Outlook.of(drill, Path.usual(version), setting);
    }

    /** Each is done, and looked at again as if somebody had drawn it so. */
    @ParameterizedTest
    @MethodSource("everyDrill")
    void whatIsOfferedIsWhatComes(Drill drill) {
        Setting setting = Setting.drawn(drill, drill.base()).withPeople(14);
        Outlook before = outlook(drill, drill.base(), setting);
        for (Proposal p : MoreTurns.of(drill, before)) {
            Progression changed = p.change().apply(drill.base());
            Setting with = (p.balls().isPresent() ? setting.withBalls(p.balls()) : setting);
            Outlook after = outlook(drill, changed, p.balls().isPresent() ? with : with.withBalls(OptionalInt.empty()));
            assertEquals(p.turns(), after.block().fewestTurns(), p.kind() + " of " + drill.title());
            assertTrue(p.turns() > before.block().fewestTurns());
            int stations = after.groups().size();
            int more = stations * Filling.fewest(changed) - before.groups().size() * Filling.fewest(drill.base());
            assertEquals(more, p.cost().keepers() + p.cost().others());
            assertEquals(stations - before.groups().size(), p.cost().coaches());
            assertEquals(
                    p.cost().balls(),
                    Math.max(0, after.ballsForAll() - setting.balls().orElse(before.ballsForAll())));
            assertEquals(p.cost().findings(), newlyFound(drill, changed), p.kind() + " of " + drill.title());
        }
    }

    private static int newlyFound(Drill drill, Progression changed) {
        Set<Object> known = grave(drill, drill.base());
        return (int) grave(drill.withProgression(changed), changed).stream()
                .filter(k -> !known.contains(k))
                .count();
    }

    private static Set<Object> grave(Drill drill, Progression version) {
        return Checks.of(RunThrough.of(drill, version)).stream()
                .filter(f -> f.severity() != Severity.NOTE)
                .map(f -> List.of(f.rule(), f.about()))
                .collect(Collectors.toSet());
    }

    @Test
    void withTooFewBallsMoreAreOffered() {
        Drill drill = Demo.read("lamplighter-give-and-go");
        Setting one = Setting.drawn(drill, drill.base()).withPeople(12).withBalls(OptionalInt.of(1));
        Outlook outlook = outlook(drill, drill.base(), one);
        assertEquals(
                Optional.of(wildchalk.core.reps.Block.Shortage.BALLS),
                outlook.block().starves());
        Proposal more = MoreTurns.of(drill, outlook).stream()
                .filter(p -> p.kind() == Proposal.Kind.BALLS)
                .findFirst()
                .orElseThrow();
        assertEquals(OptionalInt.of(3), more.balls());
        RepsWriter writer = new RepsWriter(outlook, drill.surface(), LengthUnit.METRES);
        assertEquals("Have 3 balls", writer.does(more));
        assertEquals(more.turns() + " turns each, for 2 balls more.", writer.gives(more));
    }

    @Test
    void nothingIsOfferedToThoseWhoAreTooFew() {
        Drill drill = Demo.read("ebb-or-flow");
        Outlook outlook =
                outlook(drill, drill.base(), Setting.drawn(drill, drill.base()).withPeople(4));
        assertTrue(outlook.isTooFew());
        assertEquals(List.of(), MoreTurns.of(drill, outlook));
        RepsWriter writer = new RepsWriter(outlook, drill.surface(), LengthUnit.METRES);
        assertEquals(
                "A rep takes 7 people; with 4 it cannot be played.",
                writer.standing().get(0));
    }

    /** What cannot be started is said, not played with balls that are not there in silence. */
    @Test
    void tooFewBallsAreTold() {
        Drill drill = Demo.read("lamplighter-give-and-go");
        Progression two = SecondStations.with(
                drill.base(), SecondStations.of(drill.base(), drill.surface()).get(0));
        Setting twelve = Setting.drawn(drill, two).withPeople(12);
        Outlook few = outlook(drill, two, twelve.withBalls(OptionalInt.of(1)));
        assertEquals(2, few.leastBalls(), "one at each station");
        assertTrue(few.hasTooFewBalls());
        assertTrue(new RepsWriter(few, drill.surface(), LengthUnit.METRES)
                .holdsUp()
                .contains("It takes 2 balls to start; with 1 it cannot be played."));
        assertFalse(outlook(drill, two, twelve.withBalls(OptionalInt.of(2))).hasTooFewBalls());
    }

    /** Whoever reads yards is told yards. */
    @Test
    void lengthsAreTheReaders() {
        Drill drill = Demo.read("gull-wing-draw-and-pass");
        Outlook outlook = outlook(drill, drill.base(), Setting.drawn(drill, drill.base()));
        assertTrue(String.join(" ", new RepsWriter(outlook, drill.surface(), LengthUnit.YARDS).gets())
                .contains(" yd"));
        assertTrue(String.join(" ", new RepsWriter(outlook, drill.surface(), LengthUnit.METRES).gets())
                .contains(" m,"));
    }

    /** A drill for four with 4, 9, 15 and 31: everybody stands somewhere, nobody twice, and fewer turns come of more people. */
    @Test
    void aDrillForFourTakesThirtyOne() {
        Drill drill = Demo.read("gull-wing-draw-and-pass");
        int before = Integer.MAX_VALUE;
        for (int people : new int[] {4, 10, 22, 31}) {
            Outlook outlook = outlook(
                    drill, drill.base(), Setting.drawn(drill, drill.base()).withPeople(people));
            assertEquals(people, outlook.block().people().size());
            assertEquals(0, outlook.leftOver());
            assertTrue(outlook.block().fewestTurns() < before);
            before = outlook.block().fewestTurns();
            String said = String.join(" ", new RepsWriter(outlook, drill.surface(), LengthUnit.METRES).all());
            assertFalse(said.contains("["), said);
            assertTrue(said.startsWith(people + " people: "), said);
        }
    }

    /** Harbour wall has nobody in a line: whoever comes as the fifth has nowhere to stand, and that is said. */
    @Test
    void whoHasNowhereToStandIsTold() {
        Drill drill = Demo.read("harbour-wall");
        Outlook outlook =
                outlook(drill, drill.base(), Setting.drawn(drill, drill.base()).withPeople(9));
        assertEquals(5, outlook.leftOver());
        assertTrue(new RepsWriter(outlook, drill.surface(), LengthUnit.METRES)
                .standing()
                .contains("Nobody has said where 5 more wait: add a line, or a second station."));
    }

    /** How many of each kind of gear there are to bring. */
    private static List<Integer> counts(Drill drill, Progression version) {
        return Words.of(RunThrough.of(drill, version), LengthUnit.METRES).gear().stream()
                .map(g -> Integer.parseInt(g.substring(0, g.indexOf(' '))))
                .toList();
    }

    /** At two stations each has half: seven and seven of fourteen, and as many turns as seven have at one. */
    @Test
    void twoStationsAreTwiceTheDrill() {
        Drill drill = Demo.read("lamplighter-give-and-go");
        Setting setting = Setting.drawn(drill, drill.base()).withPeople(15);
        Proposal second = MoreTurns.of(drill, outlook(drill, drill.base(), setting)).stream()
                .filter(p -> p.kind() == Proposal.Kind.STATION)
                .findFirst()
                .orElseThrow();
        Progression two = second.change().apply(drill.base());
        Outlook both = outlook(drill, two, setting);
        assertEquals(List.of(8, 7), both.groups());
        assertEquals(
                outlook(drill, drill.base(), setting.withPeople(8)).block().fewestTurns(),
                both.block().fewestTurns());
        List<Integer> once = counts(drill, drill.base());
        assertFalse(once.isEmpty());
        assertEquals(once.stream().map(n -> 2 * n).toList(), counts(drill.withProgression(two), two));
        assertEquals(15, both.flows().crowd(12).people().size());
        assertTrue(new RepsWriter(both, drill.surface(), LengthUnit.METRES)
                .standing()
                .contains("15 people at 2 stations: 8 and 7."));
    }
}
