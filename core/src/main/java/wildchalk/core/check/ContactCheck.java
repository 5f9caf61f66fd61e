package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Move;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.runthrough.RunThrough;

/** Finds contact between two who are not within reach of each other. */
final class ContactCheck {

    private static final Flaw CONTACT_FAR = Flaw.warn("contact-far");

    /** Who is further from somebody (m) does not meet him with a step, not even with a pad between them. */
    private static final double REACH_METRES = 2;

    private ContactCheck() {}

    static List<Finding> of(RunThrough run) {
        List<Finding> found = new ArrayList<>();
        for (Move move : run.path().moves()) {
            MoveSpan span = run.timeline().move(move.id());
            if (span.happens() && move instanceof Act act && act.deed() instanceof Deed.Contact contact) {
                Point own = run.timeline().placeAt(move.role(), span.start());
                double metres = own.distanceTo(run.timeline().placeAt(contact.with(), span.start()));
                if (metres > REACH_METRES) {
                    found.add(Finding.of(CONTACT_FAR, move.id(), move.role(), contact.with())
                            .with(Quantity.METRES, metres)
                            .at(own, span.start()));
                }
            }
        }
        return found;
    }
}
