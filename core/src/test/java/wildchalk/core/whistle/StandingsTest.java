package wildchalk.core.whistle;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Scoring;
import wildchalk.core.log.LoggedBlock;
import wildchalk.core.log.Score;
import wildchalk.core.session.BlockId;
import wildchalk.core.telling.ScoringText;

/** Who is ahead, and when it is over; how points are typed. */
class StandingsTest {

    private static Scoring to(int target, boolean against) {
        return new Scoring(
                List.of(new Scoring.Points("goal", 2)), Scoring.Tally.TOTAL, against, target, 0, "carry the goals");
    }

    private static LoggedBlock points(int one, int two) {
        return new LoggedBlock(
                new BlockId("b"),
                0,
                0,
                List.of(),
                0,
                0,
                List.of(new Score("g1", one, "goal"), new Score("g2", two, "goal")),
                Map.of(),
                List.of(),
                List.of());
    }

    private static final List<String> SIDES = List.of("g1", "g2");

    @Test
    void theMostAreAheadAndTheTargetEndsIt() {
        assertEquals(
                new Standings(Map.of("g1", 4, "g2", 2), List.of("g1"), false),
                Standings.of(to(5, false), SIDES, points(4, 2)));
        assertEquals(
                new Standings(Map.of("g1", 4, "g2", 6), List.of("g2"), true),
                Standings.of(to(5, false), SIDES, points(4, 6)));
        assertEquals(SIDES, Standings.of(to(0, false), SIDES, points(3, 3)).ahead());
        assertEquals(List.of(), Standings.of(to(0, false), SIDES, points(0, 0)).ahead());
    }

    @Test
    void againstTheFewestAreAhead() {
        assertEquals(
                new Standings(Map.of("g1", 5, "g2", 2), List.of("g2"), true),
                Standings.of(to(5, true), SIDES, points(5, 2)));
    }

    @Test
    void pointsAreTypedAsTheyAreSaid() {
        List<Scoring.Points> points = List.of(new Scoring.Points("goal", 2), new Scoring.Points("goal off a cross", 3));
        assertEquals(points, ScoringText.points("goal 2, goal off a cross  3"));
        assertEquals(points, ScoringText.points(ScoringText.of(points)));
        assertEquals(List.of(new Scoring.Points("save", 1)), ScoringText.points(" save ;"));
        assertEquals(List.of(new Scoring.Points("own goal", -1)), ScoringText.points("own goal -1"));
        assertThrows(IllegalArgumentException.class, () -> ScoringText.points("7"));
        assertThrows(IllegalArgumentException.class, () -> ScoringText.points("goal 500"));
    }
}
