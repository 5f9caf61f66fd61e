package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Happening;
import wildchalk.core.motion.Pose;
import wildchalk.core.runthrough.RunThrough;

/** Finds receivers who look at the ball while somebody whom they do not see comes at them. */
final class BlindSideCheck {

    private static final Flaw BLIND_SIDE = Flaw.warn("blind-side");

    /** Beyond this (degrees) nobody notices what comes. */
    private static final double NOTICES_DEGREES = 100;

    private static final double NEAR_METRES = 2.5;
    /** Who comes faster than this (m/s) cannot stop before he is there. */
    private static final double COMES_SPEED = 3;

    private static final double LOOK_SECONDS = 0.1;

    private BlindSideCheck() {}

    static List<Finding> of(RunThrough run) {
        List<Finding> found = new ArrayList<>();
        for (Happening h : run.timeline().happenings()) {
            if (h.kind() == Happening.Kind.CAUGHT
                    && h.role().isPresent()
                    && h.move().isPresent()) {
                for (Role role : run.path().roles()) {
                    if (!role.id().equals(h.role().get())) {
                        find(run, h, role.id()).ifPresent(found::add);
                    }
                }
            }
        }
        return found;
    }

    private static Optional<Finding> find(RunThrough run, Happening h, RoleId comes) {
        RoleId catches = h.role().orElseThrow();
        double t = h.seconds();
        Pose receiver = run.timeline().poseAt(catches, t);
        Point now = run.timeline().poseAt(comes, t).at();
        Point before =
                run.timeline().poseAt(comes, Math.max(0, t - LOOK_SECONDS)).at();
        double closing = (receiver.at().distanceTo(before) - receiver.at().distanceTo(now)) / LOOK_SECONDS;
        double aside = receiver.at().isWithin(0.01, now)
                ? 0
                : Headings.between(now.minus(receiver.at()).headingDegrees(), receiver.facingDegrees());
        boolean unseen = aside > NOTICES_DEGREES && receiver.at().isWithin(NEAR_METRES, now) && closing > COMES_SPEED;
        return unseen && !haveToDo(run, catches, comes)
                ? Optional.of(Finding.of(BLIND_SIDE, h.move().orElseThrow(), catches, comes)
                        .with(Quantity.NEARNESS, receiver.at().distanceTo(now))
                        .with(Quantity.SPEED, closing)
                        .at(receiver.at(), t))
                : Optional.empty();
    }

    /** Whether a contact or a fight between the two is told: then it is known, and the caution for it is shown. */
    private static boolean haveToDo(RunThrough run, RoleId a, RoleId b) {
        return run.path().moves().stream()
                .anyMatch(m -> m instanceof Act act
                        && (m.role().equals(a) && act.deed().others().contains(b)
                                || m.role().equals(b) && act.deed().others().contains(a)));
    }
}
