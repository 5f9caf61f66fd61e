package wildchalk.core;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Launches;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Medium;
import wildchalk.core.words.CourseWords;
import wildchalk.core.words.TalkThrough;
import wildchalk.core.words.Words;

/** The demo drills read well and move well: nothing in them is stuck, lost, or out of the picture. */
class DemoTest {

    /** Queues and run-off may reach so far beyond the part that is shown, m. */
    private static final double BESIDE_METRES = 8;

    static Stream<Drill> drills() {
        return Demo.files().stream()
                .map(f -> Demo.read(f.getFileName().toString().replace(".drill.json", "")));
    }

    /** Every path of every version. */
    private static List<Path> paths(Drill drill) {
        return drill.progressions().stream()
                .flatMap(p -> Outcomes.ways(p).stream().map(w -> Path.of(p, w.choices())))
                .toList();
    }

    @ParameterizedTest
    @MethodSource("drills")
    void nothingIsStuckAndNobodyLeavesTheGround(Drill drill) {
        for (Path path : paths(drill)) {
            Timeline timeline = Timeline.of(drill, path);
            assertEquals(List.of(), timeline.findings());
            assertTrue(timeline.seconds() > 2, "it moves");
            for (double t = 0; t <= timeline.seconds(); t += 0.2) {
                for (Role role : path.roles()) {
                    Point p = timeline.poseAt(role.id(), t).at();
                    assertTrue(drill.surfaceUse().shows(p, BESIDE_METRES), role.label() + " is at " + p + " at " + t);
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("drills")
    void everyStepHasWordsAndSomebodyWhoMoves(Drill drill) {
        for (Path path : paths(drill)) {
            TalkThrough talk = Words.of(drill, path, Timeline.of(drill, path));
            assertEquals(path.steps().size(), talk.steps().size());
            talk.steps().forEach(s -> assertFalse(s.sentences().isEmpty(), s.title()));
            assertTrue(talk.setUp().size() >= 3);
            assertTrue(
                    path.steps().stream().anyMatch(s -> !s.points().isEmpty()),
                    "a coach has something to say about it");
        }
    }

    @Test
    void versionsPathsCallsContactOverlappingRepsAndQuestionsAreShownSomewhere() {
        List<Progression> all = drills().flatMap(d -> d.progressions().stream()).toList();
        assertTrue(drills().anyMatch(d -> d.progressions().size() >= 5), "one drill becomes five");
        assertTrue(all.stream().anyMatch(p -> p.course().forks().size() > 1));
        assertTrue(all.stream().anyMatch(p -> !p.course().calls().isEmpty()));
        assertTrue(all.stream()
                .anyMatch(p -> p.steps().stream().anyMatch(s -> s.question().isPresent())));
        assertTrue(drills().anyMatch(d -> Launches.period(Path.usual(d.base()), Timeline.of(d, Path.usual(d.base())))
                .filter(x -> x < Timeline.of(d, Path.usual(d.base())).seconds())
                .isPresent()));
        assertTrue(drills().anyMatch(
                        d -> !new CourseWords(d.base(), d.surface()).cautions().isEmpty()));
    }

    @Test
    void everyKindOfGearAndOfGroundIsShownSomewhere() {
        Set<Medium> grounds = new HashSet<>();
        Set<String> surfaces = new HashSet<>();
        Set<GearKind> gear = new HashSet<>();
        drills().forEach(d -> {
            grounds.add(d.surface().medium());
            surfaces.add(d.surface().id());
            d.base().gear().forEach(g -> gear.add(g.kind()));
        });
        assertTrue(surfaces.size() >= 14, surfaces.toString());
        assertTrue(grounds.containsAll(Set.of(Medium.FLOOR, Medium.ICE, Medium.GRASS)), grounds.toString());
        assertTrue(gear.size() >= 10, gear.toString());
    }
}
