package wildchalk.core.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.check.Checks;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.ShotEnd;
import wildchalk.core.drill.Stroke;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.SportTexts;

/** What each sport calls what is done with its ball, as somebody who plays it says it. */
class SportWordsTest {

    private static final MoveId MOVE = new MoveId("m1");

    private static Drill typed(String surface, String text) {
        Drill blank = Drill.blank("Words", new SurfaceUse(surface, "whole"), Audience.USUAL);
        Path path = Path.usual(blank.base());
        return Saying.edit(blank, path, path.steps().get(0).id(), LengthUnit.METRES, text)
                .applyTo(blank, path.id())
                .drill();
    }

    private static String said(Drill drill, Progression version) {
        RunThrough run = RunThrough.of(drill.withProgression(version), version);
        return Words.of(run, LengthUnit.METRES).steps().get(0).lines().get(0).text();
    }

    @ParameterizedTest
    @CsvSource({
        "volleyball,FOREARM,passes it up",
        "volleyball,DIG,digs it",
        "basketball-international,INBOUND,inbounds",
        "basketball-international,BACKBOARD,throws it off the board",
        "rugby-union,OFFLOAD,offloads",
        "rugby-union,LINEOUT,throws it in to the lineout",
        "gridiron-college,SNAP,snaps it",
        "flag,PITCH,pitches it",
        "field-hockey,PUSH,pushes it",
        "field-hockey,REVERSE,plays it on the reverse side",
        "field-hockey,SCOOP,scoops it over the top",
        "lacrosse-women,CLEAR,clears it",
        "football-7,BETWEEN_LEGS,plays it between the legs",
        "ice-60x30,CHIP,chips it out"
    })
    void aPassIsCalledWhatTheSportCallsIt(String surface, Stroke stroke, String words) {
        Drill drill = typed(surface, "attack at 0,0; attack at 4,2; ball with A1; A1 passes to A2");
        Move plain = drill.base().moves().get(0);
        Pass pass = ((Pass) plain).withStroke(Optional.of(stroke));
        assertEquals(stroke.flight().orElse(pass.kind()), pass.kind(), "it flies as that goes");
        assertTrue(
                said(drill, drill.base().withMove(pass)).contains(" " + words + " "),
                said(drill, drill.base().withMove(pass)));
        // what another sport calls so is said plainly here
        Drill other = typed("hall", "attack at 0,0; attack at 4,2; ball with A1; A1 passes to A2");
        Pass foreign = ((Pass) other.base().moves().get(0)).withStroke(Optional.of(stroke));
        assertEquals(
                said(other, other.base().withMove(foreign.withKind(foreign.kind()))),
                said(other, other.base().withMove(foreign)));
    }

    @ParameterizedTest
    @CsvSource({
        "handball,JUMP,jumps and shoots",
        "ice-60x30,WRIST,takes a wrist shot",
        "ice-60x30,SLAP,takes a slap shot",
        "lacrosse-men,UNDERARM,shoots underhand",
        "field-hockey,FLICK,flicks it at goal",
        "football-11,HEADER,heads it at goal",
        "basketball-international,HOOK,hooks it"
    })
    void aShotIsToo(String surface, Stroke stroke, String words) {
        Drill drill = typed(surface, "attack at 8,0; ball with A1; A1 shoots");
        Shot shot = ((Shot) drill.base().moves().get(0)).withStroke(Optional.of(stroke));
        String said = said(drill, drill.base().withMove(shot));
        assertTrue(said.contains(words), said);
    }

    @ParameterizedTest
    @CsvSource({
        "volleyball,A1 digs to A2,DIG",
        "basketball-international,A1 inbounds to A2,INBOUND",
        "gridiron-college,A1 snaps it to A2,SNAP",
        "rugby-union,A1 offloads to A2,OFFLOAD",
        "field-hockey,A1 pushes it to A2,PUSH",
        "lacrosse-men,A1 clears to A2,CLEAR"
    })
    void itIsTypedAsItIsSaid(String surface, String sentence, Stroke stroke) {
        Drill drill = typed(surface, "attack at 0,0; attack at 4,2; ball with A1; " + sentence);
        assertEquals(Optional.of(stroke), ((Pass) drill.base().moves().get(0)).stroke());
    }

    static List<String> sports() {
        Set<String> all = new TreeSet<>();
        Surfaces.all().forEach(s -> all.add(s.sport()));
        return List.copyOf(all);
    }

    /** Nothing bounces on ice, a ring has no posts, and nobody kicks where hands or sticks play. */
    @ParameterizedTest
    @MethodSource("sports")
    void noSportSaysWhatItHasNot(String sport) {
        Map<String, String> never = Map.of(
                "ice", "bounc|kick|jumps for",
                "ringette", "bounc|kick",
                "basketball", "post\\b|keeper|kick",
                "netball", "post\\b|keeper|dribbl|kick",
                "lacrosse", "kick",
                "field-hockey", "kick",
                "volleyball", "dribbl|kick");
        String words = never.getOrDefault(sport, "\\[");
        for (Stroke stroke : Stroke.values()) {
            for (String key : List.of("stroke", "stroke-shot")) {
                if (SportTexts.has(key, sport, stroke.name())) {
                    String said = SportTexts.get(key, sport, stroke.name());
                    assertFalse(said.matches(".*(" + words + ").*"), sport + ": " + said);
                    assertTrue(SecondPerson.isVerb(said.split(" ")[0]), "begins with what he does: " + said);
                }
            }
        }
    }

    /** Anything that stands there can be hit: the ball goes there, and it is said by its name. */
    @ParameterizedTest
    @CsvSource({
        "CONE,GOAL,shoots at the orange cone",
        "HOOP,MISS,and it goes past",
        "MANNEQUIN,REBOUND,and it comes back off it"
    })
    void whatStandsThereCanBeHit(GearKind kind, ShotEnd end, String words) {
        Drill drill = typed("handball", "attack at 0,0; ball with A1; A1 shoots");
        GearId id = new GearId("c1");
        Progression p = drill.base().with(new Gear(id, kind, Chalk.ORANGE, new Point(6, 2), 0));
        Shot shot = ((Shot) p.moves().get(0)).withGoal(id.text()).withEnd(end);
        String said = said(drill, p.withMove(shot));
        assertTrue(said.contains(words), said);
        RunThrough run = RunThrough.of(drill.withProgression(p.withMove(shot)), p.withMove(shot));
        Point to = run.timeline().flightOf(shot.id()).orElseThrow().to();
        assertTrue(to.isWithin(0.6, new Point(6, 2)), "it flies to " + to);
        assertTrue(Checks.of(run).stream().noneMatch(f -> f.rule().equals("no-goal")), "that is no shot at nothing");
    }

    /** Off a box is said, since everybody else stands on the floor. */
    @Test
    void whoStandsOnABoxPlaysFromIt() {
        Drill drill = typed("volleyball", "attack at -3,0; attack at 4,2; ball with A1; A1 passes to A2");
        Pass hit = ((Pass) drill.base().moves().get(0)).withStroke(Optional.of(Stroke.HIT));
        Progression version = drill.base().withMove(hit);
        assertFalse(said(drill, version).contains("box"));
        Progression onBox = version.with(new Gear(new GearId("box"), GearKind.BOX, Chalk.WHITE, new Point(-3, 0), 0));
        assertTrue(said(drill, onBox).contains("from the box"), said(drill, onBox));
        assertEquals(PassKind.AIR, hit.kind());
        assertEquals(MOVE, hit.id());
    }
}
