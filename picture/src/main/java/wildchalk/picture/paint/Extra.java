package wildchalk.picture.paint;

import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.RoleId;
import wildchalk.core.ladder.ChangeMarks;

/**
 * What a picture shows beside the moment itself.
 *
 * @param onion whether everybody is also shown where the step starts and where it ends
 * @param otherReps seconds into other reps that run at the same time
 * @param followed whose mark has a ring
 * @param changes what this version changes in another
 */
public record Extra(boolean onion, List<Double> otherReps, Optional<RoleId> followed, Optional<ChangeMarks> changes) {

    public static final Extra NONE = new Extra(false, List.of(), Optional.empty(), Optional.empty());

    public Extra {
        otherReps = List.copyOf(otherReps);
    }

    public Extra withOnion(boolean on) {
        return new Extra(on, otherReps, followed, changes);
    }

    public Extra withOtherReps(List<Double> seconds) {
        return new Extra(onion, seconds, followed, changes);
    }

    public Extra withFollowed(Optional<RoleId> role) {
        return new Extra(onion, otherReps, role, changes);
    }

    public Extra withChanges(Optional<ChangeMarks> marks) {
        return new Extra(onion, otherReps, followed, marks);
    }

    /** What of it stays while a step plays. */
    public Extra still() {
        return new Extra(onion, List.of(), Optional.empty(), changes);
    }
}
