package wildchalk.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.check.Encounters.Encounter;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.RandomDrills;
import wildchalk.core.motion.Timeline;
import wildchalk.core.runthrough.Clearances;
import wildchalk.core.runthrough.OwnFigures;
import wildchalk.core.runthrough.RunThrough;

/** Who comes near whom, against looking at every two at every hundredth of a second. */
class EncountersTest {

    private static final double STEP = 0.01;
    /** What is looked at every 0.04 s moves so far meanwhile, at 12 m/s towards each other and nearest half-way. */
    private static final double LOOKED_METRES = 0.25;

    static LongStream seeds() {
        return LongStream.range(0, 60);
    }

    /** Nearest while at least one of them is under way; two who stand do not meet. */
    private static Map<Set<RoleId>, Double> bruteForce(RunThrough run, boolean bothMove) {
        Timeline timeline = run.timeline();
        List<RoleId> roles = run.path().roles().stream().map(Role::id).toList();
        Map<Set<RoleId>, Double> nearest = new HashMap<>();
        for (double t = 0; t <= timeline.seconds(); t += STEP) {
            for (int i = 0; i < roles.size(); i++) {
                for (int k = i + 1; k < roles.size(); k++) {
                    var a = timeline.poseAt(roles.get(i), t);
                    var b = timeline.poseAt(roles.get(k), t);
                    boolean one = a.speed() > 0.05 || b.speed() > 0.05;
                    boolean both = a.speed() > 0.05 && b.speed() > 0.05;
                    if (bothMove ? both : one) {
                        nearest.merge(Set.of(roles.get(i), roles.get(k)), a.at().distanceTo(b.at()), Math::min);
                    }
                }
            }
        }
        return nearest;
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theNearestMomentIsThatOfLookingAtEveryMoment(long seed) {
        RunThrough run = Drills.run(RandomDrills.of(seed, 6, 3, 12), AgeBand.U16);
        Map<Set<RoleId>, Double> twin = bruteForce(run, false);
        Map<Set<RoleId>, Double> ours = new HashMap<>();
        for (Encounter e : Encounters.of(run)) {
            ours.put(Set.of(e.first(), e.second()), e.metres());
        }
        bruteForce(run, true).forEach((pair, metres) -> {
            boolean asked = metres < Encounters.NEAR_METRES - LOOKED_METRES;
            assertTrue(!asked || ours.containsKey(pair), pair + " come within " + metres + " and both run");
        });
        twin.forEach((pair, metres) -> {
            boolean asked = metres < Encounters.NEAR_WHO_STANDS_METRES - LOOKED_METRES;
            assertTrue(!asked || ours.containsKey(pair), pair + " come within " + metres);
            if (asked) {
                assertEquals(metres, ours.get(pair), LOOKED_METRES, pair.toString());
            }
        });
        Set<Set<RoleId>> invented = new HashSet<>(ours.keySet());
        invented.removeIf(p -> twin.getOrDefault(p, 99.0) < Encounters.NEAR_METRES + 0.3);
        assertEquals(Set.of(), invented);
    }

    /** Two on one line towards each other: as fast as both together. */
    @Test
    void headOnTheyNearEachOtherAsFastAsBothRun() {
        RunThrough run = crossing(new Point(-10, 0), new Point(10, 0), new Point(10, 0.5), new Point(-10, 0.5), 0);
        Encounter e = Encounters.of(run).get(0);
        Timeline timeline = run.timeline();
        assertEquals(0.5, e.metres(), 0.05);
        double both = timeline.poseAt(e.first(), e.seconds()).speed()
                + timeline.poseAt(e.second(), e.seconds()).speed();
        assertEquals(both, e.closing(), 0.07 * both); // they pass half a metre aside
    }

    /** Whoever follows in another's track is near him and does not near him. */
    @Test
    void whoFollowsIsNoTraffic() {
        RunThrough run = crossing(new Point(-10, 0), new Point(10, 0), new Point(-11, 0), new Point(9, 0), 0);
        assertEquals(List.of(), TrafficCheck.of(run));
    }

    /** Whatever is drawn, whoever starts later by long enough meets nobody, and the mirror image meets as the drawing does. */
    @Test
    void aMirrorImageMeetsAlike() {
        RunThrough run = crossing(new Point(-8, 0), new Point(8, 0), new Point(0, -8), new Point(0, 8), 0);
        RunThrough mirrored = crossing(new Point(-8, 0), new Point(8, 0), new Point(0, 8), new Point(0, -8), 0);
        RunThrough later = crossing(new Point(-8, 0), new Point(8, 0), new Point(0, -8), new Point(0, 8), 4);
        Encounter one = Encounters.of(run).get(0);
        Encounter other = Encounters.of(mirrored).get(0);
        assertEquals(one.metres(), other.metres(), 1e-9);
        assertEquals(one.closing(), other.closing(), 1e-9);
        assertEquals(List.of(), TrafficCheck.of(later));
    }

    /** The more children there are and the slipperier the ground, the more room is asked for. */
    @Test
    void roomGrowsWithSpeedAndForChildrenAndOnIce() {
        Drill grown = Drills.drill(Drills.blank().progression(), AgeBand.ADULT);
        Drill small = Drills.drill(Drills.blank().progression(), AgeBand.U8);
        Clearances clear = Clearances.of(grown, OwnFigures.NONE);
        assertTrue(clear.apartMetres(8) > clear.apartMetres(4));
        assertTrue(Clearances.of(small, OwnFigures.NONE).apartMetres(8) > clear.apartMetres(8));
        assertEquals(clear.bodyMetres(), clear.apartMetres(0), 1e-9);
    }

    private static RunThrough crossing(Point from, Point to, Point otherFrom, Point otherTo, double later) {
        Progression p = Drills.blank()
                .role("a", Side.ATTACK, from.x(), from.y())
                .role("b", Side.ATTACK, otherFrom.x(), otherFrom.y())
                .travel(
                        "m1",
                        "a",
                        Optional.of(Trigger.onWhistle(0)),
                        Manner.FORWARD,
                        Effort.HARD,
                        List.of(Waypoint.smooth(to.x(), to.y())))
                .travel(
                        "m2",
                        "b",
                        Optional.of(Trigger.onWhistle(later)),
                        Manner.FORWARD,
                        Effort.HARD,
                        List.of(Waypoint.smooth(otherTo.x(), otherTo.y())))
                .progression();
        return Drills.run(p, AgeBand.U16);
    }
}
