package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Travel;
import wildchalk.core.path.Path;

/** Figures at a mark: the way that somebody has come is what his speed adds up to. */
class ReadingsTest {

    static LongStream seeds() {
        return LongStream.range(0, 25);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void metresAreTheSumOfSpeeds(long seed) {
        Progression drill = RandomDrills.sensible(seed, 4, 2, 8);
        Timeline t = Timeline.of(Path.usual(drill), Drills.HANDBALL, Pace.of(AgeBand.U16, Drills.HANDBALL));
        for (RoleId role : t.roles()) {
            double sum = 0;
            double step = 0.001;
            for (double s = 0; s < t.seconds(); s += step) {
                sum += t.poseAt(role, s + step / 2).speed() * step;
            }
            double whole = Readings.metres(t, role, t.seconds());
            assertEquals(sum, whole, 0.02 + sum * 0.01, role + " of seed " + seed);
            // whoever runs through his end stands a little later
            double standing = Readings.metres(t, role, t.seconds() + 10);
            double told = t.moves().stream()
                    .filter(m -> m.happens()
                            && drill.move(m.move()).orElseThrow().role().equals(role)
                            && drill.move(m.move()).orElseThrow() instanceof Travel)
                    .mapToDouble(m -> m.metres() + m.runOutMetres())
                    .sum();
            assertEquals(told, standing, 0.02 + told * 0.01, "what its moves say");
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aBallHasComeAsFarAsItsSpeedTookIt(long seed) {
        Progression drill = RandomDrills.sensible(seed, 4, 2, 8);
        Timeline t = Timeline.of(Path.usual(drill), Drills.HANDBALL, Pace.of(AgeBand.U16, Drills.HANDBALL));
        for (BallId ball : t.ballIds()) {
            double before = 0;
            for (double s = 0; s <= t.seconds(); s += 0.4) {
                double now = Readings.metres(t, ball, s);
                assertTrue(now >= before - 1e-9, "nothing goes back in metres");
                double asTheCrowFlies = t.ballAt(ball, 0).distanceTo(t.ballAt(ball, s));
                assertTrue(now >= asTheCrowFlies - 1e-6, "no way is shorter than straight");
                assertTrue(Readings.speed(t, ball, s) >= 0);
                before = now;
            }
        }
    }
}
