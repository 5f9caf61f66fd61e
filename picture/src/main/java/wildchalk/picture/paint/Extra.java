package wildchalk.picture.paint;

import java.util.Optional;
import wildchalk.core.drill.RoleId;
import wildchalk.core.ladder.ChangeMarks;
import wildchalk.core.reps.Crowd;

/**
 * What a picture shows beside the moment itself.
 *
 * @param onion whether everybody is also shown where the step starts and where it ends
 * @param crowd everybody while reps follow one another, in place of those of one rep and of those who wait
 * @param followed whose mark has a ring
 * @param changes what this version changes in another
 */
public record Extra(boolean onion, Optional<Crowd> crowd, Optional<RoleId> followed, Optional<ChangeMarks> changes) {

    public static final Extra NONE = new Extra(false, Optional.empty(), Optional.empty(), Optional.empty());

    public Extra withOnion(boolean on) {
        return new Extra(on, crowd, followed, changes);
    }

    public Extra withCrowd(Optional<Crowd> all) {
        return new Extra(onion, all, followed, changes);
    }

    public Extra withFollowed(Optional<RoleId> role) {
        return new Extra(onion, crowd, role, changes);
    }

    public Extra withChanges(Optional<ChangeMarks> marks) {
        return new Extra(onion, crowd, followed, marks);
    }

    /** What of it stays while a step plays. */
    public Extra still() {
        return new Extra(onion, crowd.map(c -> Crowd.NOBODY), Optional.empty(), changes);
    }
}
