package wildchalk.core.surface;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wildchalk.core.geometry.Point;

/** Lines of other sports on a hall's floor, other sizes, parts, and surfaces of one's own. */
class OverlaysTest {

    private static final Surface HALL = Surfaces.find("hall").orElseThrow();

    private static Overlay basketball(boolean crosswise, boolean strong) {
        return new Overlay("basketball-international", new Point(1, 0.5), crosswise, strong, Ink.BLUE);
    }

    private static Landmark mark(Surface s, String id) {
        return s.landmarks().stream().filter(l -> l.id().equals(id)).findFirst().orElseThrow();
    }

    private static void near(Point expected, Point actual) {
        assertTrue(actual.isWithin(1e-9, expected), actual + " instead of " + expected);
    }

    @Test
    void theirPointsAndGoalsCountAsTheFloorsOwn() {
        Surface laid = HALL.withOverlays(List.of(basketball(false, true)));
        Landmark elbow = mark(laid, "basketball-left-elbow");
        near(new Point(9.2, 2.95), elbow.at());
        assertEquals("the left elbow", elbow.name(), "no other lines are played on");
        near(new Point(13.425, 0.5), laid.goal("basketball-right").orElseThrow().centre());
        assertEquals(
                HALL.landmarks(), laid.landmarks().subList(0, HALL.landmarks().size()), "the floor's own stay");
    }

    @Test
    void whereTwoSportsArePlayedOnTheLinesSayWhose() {
        Surface laid = HALL.withOverlays(List.of(basketball(false, true), basketball(true, true)));
        String elbow = mark(laid, "basketball-left-elbow").name();
        assertTrue(elbow.contains("elbow") && elbow.toLowerCase().contains("basketball"), elbow);
        Surface faint = HALL.withOverlays(List.of(basketball(false, false)));
        assertTrue(mark(faint, "basketball-left-elbow").name().toLowerCase().contains("basketball"));
    }

    @Test
    void crosswiseIsAQuarterTurn() {
        Surface laid = HALL.withOverlays(List.of(basketball(true, true)));
        near(new Point(1 - 2.45, 0.5 + 8.2), mark(laid, "basketball-left-elbow").at());
        GoalMouth ring = laid.goal("basketball-right").orElseThrow();
        near(new Point(1, 12.925), ring.centre());
        assertEquals(-90, ring.facingDegrees(), 1e-9, "it looks back across the floor");
    }

    @Test
    void faintOrStrongInItsColour() {
        int own = HALL.markings().size();
        Surface strong = HALL.withOverlays(List.of(basketball(false, true)));
        Surface faint = HALL.withOverlays(List.of(basketball(false, false)));
        strong.markings().subList(own, strong.markings().size()).forEach(m -> assertEquals(Ink.BLUE, m.ink()));
        faint.markings().subList(own, faint.markings().size()).forEach(m -> assertEquals(Ink.FAINT, m.ink()));
    }

    @Test
    void twoOfASportKeepTheirPointsApart() {
        Overlay left = new Overlay("volleyball", new Point(-8, 0), true, false, Ink.GREEN);
        Overlay right = left.withAt(new Point(8, 0));
        Surface laid = HALL.withOverlays(List.of(left, right));
        Set<String> ids = new HashSet<>();
        laid.landmarks().forEach(l -> assertTrue(ids.add(l.id()), l.id()));
    }

    @Test
    void onlySurfacesThatAreKnownCanBeLaid() {
        assertThrows(
                IllegalArgumentException.class, () -> new Overlay("moonball", Point.ORIGIN, false, false, Ink.BLUE));
    }

    // ---- sizes ----

    @ParameterizedTest
    @CsvSource({"football-11, 100, 64", "ice-60x30, 58, 28", "futsal, 30, 18", "rugby-union, 116, 69", "hall, 24, 12"})
    void aPermittedSizeMovesTheMarksWithTheLines(String id, double length, double width) {
        Surface usual = Surfaces.find(id).orElseThrow();
        Surface other = Surfaces.sized(id, new Size(length, width));
        assertEquals(length, other.lengthMetres(), 1e-9);
        assertEquals(width, other.widthMetres(), 1e-9);
        double shift = (length - usual.lengthMetres()) / 2;
        for (GoalMouth goal : other.goals()) {
            GoalMouth was = usual.goal(goal.id()).orElseThrow();
            assertEquals(was.widthMetres(), goal.widthMetres(), 1e-9, "a goal keeps its size");
            assertEquals(
                    Math.abs(was.centre().x()) + shift, Math.abs(goal.centre().x()), 1e-9);
        }
        other.landmarks().forEach(l -> assertTrue(other.contains(l.at()), l.id() + " lies outside"));
    }

    @ParameterizedTest
    @CsvSource({"football-11, 80, 60", "handball, 38, 20", "ice-60x30, 60, 24", "grid, 3, 10"})
    void othersAreRefusedWithWhatCouldBe(String id, double length, double width) {
        String message = assertThrows(IllegalArgumentException.class, () -> Surfaces.sized(id, new Size(length, width)))
                .getMessage();
        assertTrue(message.contains(id) && (message.contains("can be") || message.contains("one size")), message);
    }

    // ---- one's own ----

    @Test
    void anOwnSurfaceHasTheUsualPartsAndItsOwn() {
        Surface yard = OwnSurfaces.blank("yard", "The yard", new Size(18, 12));
        View shed = new View("shed", "the shed end", 4, -6, 9, 6);
        Surface with = OwnSurfaces.of(yard, List.of(shed));
        assertEquals(List.of(shed), OwnSurfaces.ownViews(with));
        assertEquals(3, with.view("third-right").orElseThrow().minX(), 1e-9);
        assertEquals(with, OwnSurfaces.of(with, OwnSurfaces.ownViews(with)), "doing it again changes nothing");
    }

    @Test
    void aCopyKeepsEverythingButItsName() {
        Surface rink = Surfaces.find("ice-60x30").orElseThrow();
        Surface copy = OwnSurfaces.copyOf(rink, "our-rink", "Our rink");
        assertEquals(rink.markings(), copy.markings());
        assertEquals(rink.goals(), copy.goals());
        assertEquals("our-rink", copy.id());
        assertEquals("puck", copy.ballName());
    }

    @Test
    void aGoalThatWasMovedStandsThereAndTheOtherStays() {
        Surface rink = Surfaces.find("ice-60x30").orElseThrow();
        Surface moved = rink.withGoalAt("right", new Point(15, 14), -90);
        assertEquals(new Point(15, 14), moved.goal("right").orElseThrow().centre());
        assertEquals(rink.goal("left"), moved.goal("left"));
        assertThrows(IllegalArgumentException.class, () -> rink.withGoalAt("middle", Point.ORIGIN, 0));
    }

    @Test
    void halfARinkIsASurfaceOfItsOwnWithWhatLiesInIt() {
        Surface rink = Surfaces.find("ice-200x85").orElseThrow();
        Surface half = OwnSurfaces.cropped(rink, rink.view("half-right").orElseThrow());
        assertEquals(30.48, half.lengthMetres(), 1e-6);
        assertEquals(25.908, half.widthMetres(), 1e-6);
        assertEquals(1, half.goals().size());
        // the goal line lies 89 ft from the middle of the rink, so 39 ft from the middle of its half
        near(new Point(39 * 0.3048, 0), half.goals().get(0).centre());
        near(new Point(69 * 0.3048 - 15.24, 22 * 0.3048), mark(half, "left-dot").at());
        assertTrue(half.landmarks().stream().noneMatch(l -> l.id().startsWith("own-")));
        half.landmarks().forEach(l -> assertTrue(half.contains(l.at()), l.id()));
        assertEquals(rink, OwnSurfaces.cropped(rink, rink.wholeView()), "the whole is the surface itself");
    }
}
