package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.Weight;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Medium;

/** The figures stand in the order that every coach expects. */
class PaceTest {

    private static Pace pace(AgeBand age, Medium medium) {
        return new Pace(age, medium, medium == Medium.ICE ? "ice" : "handball");
    }

    @ParameterizedTest
    @EnumSource(Medium.class)
    void harderIsFasterAndForwardIsFastest(Medium medium) {
        for (AgeBand age : AgeBand.values()) {
            Pace p = pace(age, medium);
            for (Manner manner : Manner.values()) {
                double last = 0;
                for (Effort effort : Effort.values()) {
                    double v = p.topSpeed(manner, effort, false);
                    assertTrue(v > last, age + " " + manner + " " + effort);
                    assertTrue(v <= p.topSpeed(Manner.FORWARD, Effort.FLAT_OUT, false) + 1e-12);
                    assertTrue(p.topSpeed(manner, effort, true) < v, "the ball costs speed");
                    last = v;
                }
            }
            assertTrue(
                    p.topSpeed(Manner.BACKWARD, Effort.HARD, false) < p.topSpeed(Manner.FORWARD, Effort.HARD, false));
        }
    }

    @ParameterizedTest
    @EnumSource(Medium.class)
    void childrenAreSlowerUpToSixteen(Medium medium) {
        for (int i = 1; i <= AgeBand.U16.ordinal(); i++) {
            Pace younger = pace(AgeBand.values()[i - 1], medium);
            Pace older = pace(AgeBand.values()[i], medium);
            assertTrue(younger.topSpeed(Manner.FORWARD, Effort.FLAT_OUT, false)
                    < older.topSpeed(Manner.FORWARD, Effort.FLAT_OUT, false));
            assertTrue(younger.passSpeed(PassKind.AIR, Weight.FIRM) < older.passSpeed(PassKind.AIR, Weight.FIRM));
            assertTrue(younger.controlSeconds() > older.controlSeconds());
            Gait slow = younger.gait(Manner.FORWARD, Effort.FLAT_OUT, false, 1);
            Gait quick = older.gait(Manner.FORWARD, Effort.FLAT_OUT, false, 1);
            for (double v = 0; v < slow.top(); v += 0.2) {
                assertTrue(slow.pushAt(v) <= quick.pushAt(v) && slow.brakeAt(v) <= quick.brakeAt(v), "at " + v);
            }
        }
    }

    @Test
    void figuresOfTheTable() {
        Pace u16 = pace(AgeBand.U16, Medium.FLOOR);
        assertEquals(8.1, u16.topSpeed(Manner.FORWARD, Effort.FLAT_OUT, false));
        assertEquals(0.9 * 8.1, u16.topSpeed(Manner.FORWARD, Effort.HARD, false));
        assertEquals(0.9 * 8.1 * 0.92, u16.topSpeed(Manner.FORWARD, Effort.HARD, true), 1e-12);
        assertEquals(11 * 0.92, u16.passSpeed(PassKind.AIR, Weight.FIRM), 1e-12);
        assertEquals(9.0, pace(AgeBand.COMPETITIVE, Medium.ICE).topSpeed(Manner.FORWARD, Effort.FLAT_OUT, false));
        assertEquals(18, pace(AgeBand.COMPETITIVE, Medium.ICE).passSpeed(PassKind.GROUND, Weight.FIRM));
    }

    @Test
    void turnsCostMoreTheSharperTheyAre() {
        double kept = 1.1;
        for (int degrees = 0; degrees <= 180; degrees += 5) {
            assertTrue(TurnTable.shareKept(degrees) < kept);
            kept = TurnTable.shareKept(degrees);
        }
        assertEquals(1, TurnTable.shareKept(0));
        assertEquals(0.10, kept, 1e-12);
        Pace skater = pace(AgeBand.U16, Medium.ICE);
        assertEquals(0, skater.cornerSpeed(180, 1), "who doubles back on skates stops");
        assertEquals(0.45, skater.plantSeconds(180));
        assertEquals(0, skater.plantSeconds(90));
        assertEquals(0, pace(AgeBand.U8, Medium.FLOOR).plantSeconds(180), "on foot nobody stands");
    }

    @Test
    void aFlightKeepsItsBooks() {
        // 10 m/s losing 0.5 m/s²: after 2 s 20 - 1 = 19 m; range 100 m
        Flight puck = new Flight(3, Point.ORIGIN, new Point(19, 0), 10, 0.5, false);
        assertEquals(19, puck.metresAfter(2), 1e-12);
        assertEquals(2, puck.secondsFor(19), 1e-12);
        assertEquals(100, puck.range(), 1e-12);
        assertEquals(5, puck.end(), 1e-12);
        assertEquals(100, puck.metresAfter(1e6), 1e-9, "it stays where it stops");
        assertEquals(20, puck.secondsFor(100 + 1e-9), 1e-3, "as far as it can go it goes");
        assertEquals(Double.POSITIVE_INFINITY, puck.secondsFor(101));
    }
}
