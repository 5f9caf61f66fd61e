package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.HandlingGear;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.CarriedGear;
import wildchalk.core.runthrough.RunThrough;

/** Looks whether gear that is carried is at hand, and lies where the next rep has it. */
final class CarryCheck {

    private static final Flaw TOO_FAR = Flaw.warn("gear-too-far");
    private static final Flaw NOT_IN_HAND = Flaw.warn("gear-not-in-hand");
    private static final Flaw LEFT = Flaw.note("gear-left");

    /** So near (m) it stands where it is meant to. */
    private static final double THERE_METRES = 1;

    private CarryCheck() {}

    static List<Finding> of(RunThrough run) {
        CarriedGear carried = CarriedGear.of(run.path(), run.timeline());
        List<Finding> found = new ArrayList<>();
        for (CarriedGear.Amiss a : carried.amiss()) {
            boolean take = a.way() == HandlingGear.Way.TAKE;
            Finding amiss = Finding.of(take ? TOO_FAR : NOT_IN_HAND, a.move(), a.role(), a.gear());
            found.add((take ? amiss.with(Quantity.METRES, a.metres()) : amiss)
                    .at(run.timeline().placeAt(a.role(), a.seconds()), a.seconds()));
        }
        double end = run.timeline().seconds();
        // a repetition that changes sides has it where the other way round has it, if at all
        boolean again = run.path().lines().stream().anyMatch(l -> !l.feeds().isEmpty())
                && run.path().course().alternation().isEmpty();
        for (Gear gear : again ? run.path().gear() : List.<Gear>of()) {
            Point there = carried.at(gear, end).at();
            double metres = there.distanceTo(gear.at());
            if (carried.moves(gear.id()) && metres > THERE_METRES) {
                found.add(Finding.of(LEFT, gear.id())
                        .with(Quantity.METRES, metres)
                        .at(there, end));
            }
        }
        return found;
    }
}
