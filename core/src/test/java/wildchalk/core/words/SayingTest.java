package wildchalk.core.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.text.LengthUnit;

/** What is typed becomes what it says. */
class SayingTest {

    private static final Drill BLANK = Drill.blank("Said", new SurfaceUse("ice-60x30", "whole"), Audience.USUAL);

    private static Drill said(Drill drill, String text) {
        Path path = Path.usual(drill.base());
        var step = path.steps().get(path.steps().size() - 1).id();
        return Saying.edit(drill, path, step, LengthUnit.METRES, text)
                .applyTo(drill, path.id())
                .drill();
    }

    @Test
    void aDrillOfTwoLinesIsSaidWhole() {
        Progression p = said(
                        BLANK,
                        "lines at -20,6 and -20,-6; puck at A1; keeper at net; "
                                + "A2 skates hard to 0,-4 then 8,-2; A1 passes to A2; next; "
                                + "A2 carries to 16,2; A2 shoots; A1 joins line Q; A2 joins line P; next rep when A2 shoots")
                .base();
        assertEquals(
                List.of("A1", "A2", "K1"),
                p.roles().stream().map(r -> r.label()).toList());
        assertEquals(
                List.of(new Point(-20, 6), new Point(-20, -6)),
                p.lines().stream().map(l -> l.at()).toList());
        assertEquals(2, p.steps().size());
        List<Move> moves = p.moves();
        Travel run = (Travel) moves.get(0);
        assertEquals(Effort.HARD, run.effort());
        assertEquals(
                List.of(new Point(0, -4), new Point(8, -2)),
                run.path().stream().map(w -> w.at()).toList());
        assertEquals(new Target.ToRole(p.roles().get(1).id()), ((Pass) moves.get(1)).to());
        assertTrue(moves.get(2) instanceof Travel && moves.get(3) instanceof Shot);
        assertEquals(
                List.of(Rotation.How.LINE, Rotation.How.LINE),
                p.course().rotation().stream().map(Rotation::how).toList());
        assertEquals(
                Optional.of(new Launch(Optional.of(new Event.Starts(moves.get(3).id())), 0)),
                p.course().launch());
        Drill drill = said(BLANK, "lines at -20,6 and -20,-6; puck at A1; A1 passes to A2; next; A2 shoots");
        assertEquals(List.of(), Timeline.of(drill, Path.usual(drill.base())).findings());
    }

    @Test
    void severalThingsStandInARow() {
        Progression p = said(BLANK, "4 cones from 0,-6 to 0,6; 2 defenders at 5,0 and 5,4")
                .base();
        assertEquals(
                List.of(new Point(0, -6), new Point(0, -2), new Point(0, 2), new Point(0, 6)),
                p.gear().stream().map(g -> g.at()).toList());
        assertEquals(List.of("D1", "D2"), p.roles().stream().map(r -> r.label()).toList());
        assertEquals(180, p.startFacingOf(p.roles().get(0).id()));
    }

    @Test
    void mannersAndEffortsAreVerbsAndPlacesHaveNames() {
        Drill drill = said(BLANK, "attack at 0,0; defender at 4,0; cone at 8,3");
        Travel back = (Travel)
                said(drill, "D1 backpedals to the orange cone").base().moves().get(0);
        assertEquals(Manner.BACKWARD, back.manner());
        assertEquals(new Point(8, 3), back.path().get(0).at());
        Travel sprint = (Travel) said(drill, "a1 sprints to D1").base().moves().get(0);
        assertEquals(Effort.FLAT_OUT, sprint.effort());
        assertEquals(new Point(4, 0), sprint.path().get(0).at());
        assertEquals(
                Optional.of(new Launch(Optional.of(new Event.Whistle()), 8)),
                said(drill, "next rep every 8 s").base().course().launch());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "A9 runs to 3,3 | A9",
                "A1 hugs A2 | hugs",
                "A1 runs to the moon | moon",
                "A1 runs | Where does A1 go?",
                "A1 joins line Z | Z",
                "'' | Say what is there",
                "next rep when A1 sings | when a1 sings"
            })
    void whatMeansNothingIsNamed(String text, String named) {
        Drill drill = said(BLANK, "attackers at 0,0 and 4,0");
        Saying.NotUnderstood wrong = assertThrows(
                Saying.NotUnderstood.class, () -> said(drill, text.isEmpty() ? text : "cone at 1,1; " + text));
        assertTrue(
                wrong.getMessage()
                        .toLowerCase(java.util.Locale.ROOT)
                        .contains(named.toLowerCase(java.util.Locale.ROOT)),
                wrong.getMessage());
    }
}
