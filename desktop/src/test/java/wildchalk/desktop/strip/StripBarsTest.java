package wildchalk.desktop.strip;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Path;
import wildchalk.core.path.Way;
import wildchalk.core.telling.Delays;
import wildchalk.picture.export.Reader;
import wildchalk.picture.export.Told;

/** The beat strip shows what the timeline says, and a place on it means one second and one lane. */
class StripBarsTest {

    static Stream<Told> reps() {
        List<Told> reps = new ArrayList<>();
        for (String id : Demo.ids()) {
            Drill drill = Demo.read(id);
            for (Progression version : drill.progressions()) {
                for (Way way : Outcomes.ways(version)) {
                    reps.add(Told.of(drill, Path.of(version, way.choices()), Reader.USUAL));
                }
            }
        }
        return reps.stream();
    }

    static LongStream seeds() {
        return LongStream.range(0, 50);
    }

    @ParameterizedTest
    @MethodSource("reps")
    void everyMoveHasItsBarOnItsPlayersLane(Told told) {
        StripBars strip = StripBars.of(told);
        for (Move move : told.path().moves()) {
            MoveSpan span = told.timeline().move(move.id());
            List<StripBars.Bar> own = strip.bars().stream()
                    .filter(b -> b.move().equals(move.id()) && b.role().isPresent())
                    .toList();
            // open play is one block over all who play
            List<RoleId> doing = new ArrayList<>(List.of(move.role()));
            if (move instanceof Act act && act.deed() instanceof OpenPlay play) {
                doing.addAll(play.with());
            }
            assertEquals(
                    span.happens() ? doing : List.of(),
                    own.stream().map(b -> b.role().orElseThrow().id()).toList(),
                    move.id().text());
            if (span.happens()) {
                StripBars.Bar bar = own.get(0);
                assertEquals(span.start(), bar.start(), 1e-9);
                assertEquals(move.role(), bar.role().orElseThrow().id());
                assertEquals(bar.role(), Optional.of(told.path().roles().get(bar.lane())), "the lane is the player's");
                assertFalse(bar.text().isEmpty(), "a bar says what is done: " + move);
                if (!move.isBallRelease()) {
                    assertEquals(span.end(), bar.end(), 1e-9);
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("reps")
    void flightsLieOnTheLaneOfTheirBall(Told told) {
        int roles = told.path().roles().size();
        for (StripBars.Bar bar : StripBars.of(told).bars()) {
            if (bar.role().isEmpty()) {
                Move move = told.path().move(bar.move()).orElseThrow();
                assertTrue(move.isBallRelease());
                assertTrue(bar.lane() >= roles && bar.lane() < StripBars.lanes(told));
                assertTrue(
                        told.timeline().happenings().stream()
                                .anyMatch(h -> h.move().equals(Optional.of(move.id()))
                                        && told.timeline().ballIds().indexOf(h.ball()) + roles == bar.lane()),
                        "the ball of that lane is the one that flies");
            }
        }
    }

    @ParameterizedTest
    @MethodSource("reps")
    void threadsGoFromAnEarlierMomentToTheStartOfWhoWaits(Told told) {
        Set<MoveId> threaded = new HashSet<>();
        for (StripBars.Thread thread : StripBars.of(told).threads()) {
            Move move = told.path().move(thread.move()).orElseThrow();
            if (thread.ends()) {
                Event until = ((Travel) move).until().orElseThrow();
                assertEquals(Delays.comesAt(told.timeline(), until), Optional.of(thread.toSeconds()));
                assertTrue(thread.toSeconds()
                        <= told.timeline().move(thread.move()).end());
                continue;
            }
            assertTrue(threaded.add(thread.move()), "one thread a move");
            assertTrue(thread.fromSeconds() <= thread.toSeconds() + 1e-6, "nobody starts before what he waits for");
            assertEquals(told.timeline().move(thread.move()).start(), thread.toSeconds(), 1e-9);
            Trigger trigger = move.trigger().orElseThrow();
            assertTrue(
                    thread.toSeconds() >= thread.fromSeconds() + trigger.plusSeconds() - 1e-6,
                    "and not before the seconds that were said have gone by");
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aPlaceOnTheStripIsOneSecondAndOneLane(long seed) {
        Random random = new Random(seed);
        int lanes = 1 + random.nextInt(30);
        Set<Integer> low = new HashSet<>();
        for (int i = 0; i < lanes; i++) {
            if (random.nextInt(3) == 0) {
                low.add(i);
            }
        }
        StripScale scale = new StripScale(300 + random.nextInt(3000), 1 + random.nextDouble() * 90, lanes, low);
        for (int i = 0; i < 50; i++) {
            double t = random.nextDouble() * scale.seconds();
            assertEquals(t, scale.secondsAt(scale.x(t)), 1e-9);
            assertTrue(scale.x(t) >= StripScale.LABELS && scale.x(t) <= scale.width());
            double y = random.nextDouble() * (scale.bottom() + 20);
            int lane = scale.laneAt(y);
            assertEquals(y >= StripScale.AXIS && y < scale.bottom(), lane >= 0);
            if (lane >= 0) {
                assertTrue(scale.top(lane) <= y && y < scale.top(lane) + scale.height(lane));
            }
        }
        double sum = StripScale.AXIS;
        for (int i = 0; i < lanes; i++) {
            assertEquals(i, scale.laneAt(scale.middle(i)));
            sum += low.contains(i) ? StripScale.LOW_LANE : StripScale.LANE;
        }
        assertEquals(sum, scale.bottom(), 1e-9);
    }

    @Test
    void aCollapsedLaneMakesRoom() {
        StripScale open = new StripScale(900, 10, 5, Set.of());
        StripScale low = new StripScale(900, 10, 5, Set.of(1, 3));
        assertEquals(2 * (StripScale.LANE - StripScale.LOW_LANE), open.bottom() - low.bottom(), 1e-9);
    }
}
