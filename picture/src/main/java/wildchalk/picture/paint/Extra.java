package wildchalk.picture.paint;

import java.util.Optional;
import wildchalk.core.drill.RoleId;
import wildchalk.core.geometry.Point;
import wildchalk.core.ladder.ChangeMarks;
import wildchalk.core.reps.Crowd;
import wildchalk.core.surface.View;

/**
 * What a picture shows beside the moment itself.
 *
 * @param onion whether everybody is also shown where the step starts and where it ends
 * @param crowd everybody while reps follow one another, in place of those of one rep and of those who wait
 * @param followed whose mark has a ring
 * @param changes what this version changes in another
 * @param tasks whether what people do all the time stands beside them, and how many wait in a line
 * @param inspection what is looked at in this moment, drawn under those who play
 * @param area what is looked at: who stands outside is not drawn, so that nobody is cut at the edge; everything without
 * @param allSteps whether the strokes of every step are drawn at once, numbered
 */
public record Extra(
        boolean onion,
        Optional<Crowd> crowd,
        Optional<RoleId> followed,
        Optional<ChangeMarks> changes,
        boolean tasks,
        Optional<View> area,
        Optional<Inspected> inspection,
        boolean allSteps) {

    public static final Extra NONE = new Extra(
            false,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            true,
            Optional.empty(),
            Optional.empty(),
            false);

    /** With the strokes of every step at once, each with the number of its step. */
    public Extra withAllSteps() {
        return new Extra(onion, crowd, followed, changes, tasks, area, inspection, true);
    }

    public Extra withOnion(boolean on) {
        return new Extra(on, crowd, followed, changes, tasks, area, inspection, allSteps);
    }

    public Extra withCrowd(Optional<Crowd> all) {
        return new Extra(onion, all, followed, changes, tasks, area, inspection, allSteps);
    }

    public Extra withFollowed(Optional<RoleId> role) {
        return new Extra(onion, crowd, role, changes, tasks, area, inspection, allSteps);
    }

    public Extra withChanges(Optional<ChangeMarks> marks) {
        return new Extra(onion, crowd, followed, marks, tasks, area, inspection, allSteps);
    }

    public Extra withTasks(boolean shown) {
        return new Extra(onion, crowd, followed, changes, shown, area, inspection, allSteps);
    }

    public Extra withInspection(Optional<Inspected> what) {
        return new Extra(onion, crowd, followed, changes, tasks, area, what, allSteps);
    }

    public Extra withArea(View looked) {
        return new Extra(onion, crowd, followed, changes, tasks, Optional.of(looked), inspection, allSteps);
    }

    /**
     * Whether a mark is drawn: all of it lies in what is looked at.
     *
     * @param metres its radius
     */
    boolean shows(Point place, double metres) {
        return area.isEmpty()
                || place.x() - metres >= area.get().minX()
                        && place.x() + metres <= area.get().maxX()
                        && place.y() - metres >= area.get().minY()
                        && place.y() + metres <= area.get().maxY();
    }

    /** What of it stays while a step plays. */
    public Extra still() {
        return new Extra(
                onion,
                crowd.map(c -> Crowd.NOBODY),
                Optional.empty(),
                changes,
                tasks,
                area,
                Optional.empty(),
                allSteps);
    }
}
