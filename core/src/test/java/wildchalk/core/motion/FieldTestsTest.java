package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;

/** What people take in published field tests a drill takes too, from the first movement, flat out. */
class FieldTestsTest {

    private static final double WITHIN = 0.08;
    /** Beyond the finish there is room: one runs through it. */
    private static final double RUN_OUT = 30;

    private static final List<AgeBand> TESTED =
            List.of(AgeBand.U10, AgeBand.U14, AgeBand.U16, AgeBand.ADULT, AgeBand.COMPETITIVE);

    /** The ages from slow to quick. */
    private static final List<AgeBand> SLOW_TO_QUICK =
            List.of(AgeBand.U8, AgeBand.U10, AgeBand.U12, AgeBand.U14, AgeBand.ADULT, AgeBand.U16, AgeBand.COMPETITIVE);

    /** @param bands slowest and quickest that is usual at each of {@link #TESTED}, s */
    private record Trial(String name, Function<Pace, Double> seconds, double[][] bands) {}

    private static final List<Trial> ON_FOOT = List.of(
            new Trial("5 m from standing", p -> through(p, Drills.HANDBALL, 5), new double[][] {
                {1.48, 1.70}, {1.33, 1.50}, {1.26, 1.42}, {1.28, 1.44}, {1.20, 1.33}
            }),
            new Trial("10 m from standing", p -> through(p, Drills.HANDBALL, 10), new double[][] {
                {2.45, 2.70}, {2.15, 2.35}, {2.02, 2.20}, {2.10, 2.30}, {1.92, 2.08}
            }),
            new Trial("20 m from standing", p -> through(p, Drills.HANDBALL, 20), new double[][] {
                {4.05, 4.40}, {3.55, 3.85}, {3.30, 3.55}, {3.40, 3.70}, {3.15, 3.32}
            }),
            new Trial("5 m, turn on the line, 5 m back", p -> course(p, 5, 0), new double[][] {
                {3.4, 3.8}, {3.05, 3.35}, {2.90, 3.15}, {3.0, 3.3}, {2.70, 2.95}
            }),
            new Trial("5-10-5 yards", p -> course(p, 4.57, -4.57, 0), new double[][] {
                {6.2, 6.8}, {5.5, 5.9}, {5.2, 5.5}, {5.4, 5.8}, {4.75, 5.05}
            }),
            new Trial("10 m to a stop", p -> toAStop(p, 10), new double[][] {
                {3.15, 3.65}, {2.8, 3.2}, {2.6, 3.0}, {2.65, 3.05}, {2.4, 2.8}
            }));

    static Stream<Arguments> onFoot() {
        List<Arguments> all = new ArrayList<>();
        for (Trial trial : ON_FOOT) {
            for (int i = 0; i < TESTED.size(); i++) {
                all.add(Arguments.of(trial.name(), TESTED.get(i), trial, trial.bands()[i]));
            }
        }
        return all.stream();
    }

    @ParameterizedTest(name = "{0} {1}")
    @MethodSource("onFoot")
    void isWithinEightHundredthsOfTheMiddle(String name, AgeBand age, Trial trial, double[] band) {
        double middle = (band[0] + band[1]) / 2;
        double took = trial.seconds().apply(Pace.of(age, Drills.HANDBALL));
        System.out.printf(
                Locale.ROOT, "%-34s %-12s %.2f s (%+.0f %%)%n", name, age.label(), took, 100 * (took / middle - 1));
        assertEquals(middle, took, WITHIN * middle);
    }

    @Test
    void onIceTheFirstMetresAndTheWholeRinkTakeWhatTheyTake() {
        for (AgeBand age : List.of(AgeBand.U16, AgeBand.COMPETITIVE)) {
            boolean youth = age == AgeBand.U16;
            Pace pace = Pace.of(age, Drills.ICE);
            double six = youth ? 1.7 : 1.525;
            double far = youth ? 5.55 : 5.15;
            assertEquals(six, through(pace, Drills.ICE, 6), WITHIN * six, age + " 6 m");
            assertEquals(far, through(pace, Drills.ICE, 35), WITHIN * far, age + " 35 m");
        }
    }

    @Test
    void anAgeThatIsQuickerIsNeverSlower() {
        for (Trial trial : ON_FOOT) {
            double last = Double.MAX_VALUE;
            for (AgeBand age : SLOW_TO_QUICK) {
                double now = trial.seconds().apply(Pace.of(age, Drills.HANDBALL));
                assertTrue(now < last, trial.name() + " " + age);
                last = now;
            }
        }
    }

    // ---- courses ----

    private static final RoleId RUNNER = new RoleId("r");

    private static Timeline run(Pace pace, Surface surface, Waypoint... path) {
        double start = surface == Drills.ICE ? -25 : -15;
        Progression version = Drills.blank()
                .role("r", Side.ATTACK, start, 0)
                .travel(
                        "m",
                        "r",
                        Optional.empty(),
                        Manner.FORWARD,
                        Effort.FLAT_OUT,
                        Stream.of(path)
                                .map(w ->
                                        new Waypoint(w.at().plus(new wildchalk.core.geometry.Point(start, 0)), w.cut()))
                                .toList())
                .progression();
        return Timeline.of(Path.usual(version), surface, pace);
    }

    private static double start(Timeline t) {
        return t.poseAt(RUNNER, 0).at().x();
    }

    /** When a distance from the start is passed the last time before the end, by halving. */
    private static double passes(Timeline t, double metres, double from) {
        double low = from;
        double high = t.seconds();
        boolean out = t.poseAt(RUNNER, high).at().x() > start(t) + metres;
        for (int i = 0; i < 60; i++) {
            double middle = (low + high) / 2;
            boolean there = t.poseAt(RUNNER, middle).at().x() > start(t) + metres == out;
            if (there) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return high;
    }

    private static double through(Pace pace, Surface surface, double metres) {
        return passes(run(pace, surface, Waypoint.smooth(metres + RUN_OUT, 0)), metres, 0);
    }

    private static double toAStop(Pace pace, double metres) {
        return run(pace, Drills.HANDBALL, Waypoint.smooth(metres, 0)).seconds();
    }

    /** Along a line from 0 to each place, with a turn at all but the last, through which one runs. */
    private static double course(Pace pace, double... places) {
        Waypoint[] path = new Waypoint[places.length];
        for (int i = 0; i < places.length; i++) {
            boolean last = i == places.length - 1;
            double way = last ? Math.signum(places[i] - places[i - 1]) * RUN_OUT : 0;
            path[i] = last ? Waypoint.smooth(places[i] + way, 0) : Waypoint.cut(places[i], 0);
        }
        Timeline t = run(pace, Drills.HANDBALL, path);
        double turn = lastTurn(t, places[places.length - 2]);
        return passes(t, places[places.length - 1], turn);
    }

    /** When the runner is nearest to the place of the last turn, looked at from behind. */
    private static double lastTurn(Timeline t, double place) {
        double best = 0;
        double gap = Double.MAX_VALUE;
        for (double s = 0; s < t.seconds(); s += 0.005) {
            double now = Math.abs(t.poseAt(RUNNER, s).at().x() - start(t) - place);
            if (now < gap - 1e-9) {
                gap = now;
                best = s;
            }
        }
        return best;
    }
}
