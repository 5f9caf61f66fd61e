package wildchalk.core.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Travel;
import wildchalk.core.edit.Tellings;
import wildchalk.core.motion.Goals;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;

/** Every move can become one of another kind by its verb, and stays who does it and when. */
class TurnIntoTest {

    static Stream<Drill> everyDrill() {
        return Demo.everything();
    }

    private static String kind(Move move) {
        return move.match(t -> "run", p -> "pass", s -> "shot", u -> "pick-up", a -> "deed");
    }

    @ParameterizedTest
    @MethodSource("everyDrill")
    void aMoveTurnsIntoWhateverMakesSense(Drill drill) {
        Progression version = drill.base();
        Path path = Path.usual(version);
        TurnInto turns = new TurnInto(path, drill.surface(), Timeline.of(drill, path));
        boolean goals = !Goals.all(path, drill.surface()).isEmpty();
        for (Move move : path.moves().stream().filter(m -> path.isTold(m.id())).toList()) {
            List<Phrase.Choice> choices = turns.choices(move);
            Set<String> kinds = new HashSet<>();
            for (Phrase.Choice choice : choices) {
                Drill after = Tellings.retell(move.id(), choice.change())
                        .applyTo(drill, version.id())
                        .drill();
                Move turned = after.base().move(move.id()).orElseThrow();
                assertFalse(kind(turned).equals(kind(move)) && !kind(move).equals("deed"), choice.label());
                assertEquals(move.role(), turned.role());
                assertEquals(move.runsOn(), turned.runsOn());
                assertTrue(Timeline.of(after, Path.usual(after.base())).seconds() >= 0);
                kinds.add(kind(turned));
            }
            assertTrue(move instanceof Travel || kinds.contains("run"));
            assertTrue(move instanceof Pass || kinds.contains("pass"));
            assertTrue(move instanceof Shot || !goals || kinds.contains("shot"));
        }
    }
}
