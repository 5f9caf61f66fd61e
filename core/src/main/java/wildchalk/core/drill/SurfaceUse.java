package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.Overlay;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.surface.View;

/**
 * The ground of a drill: a surface that comes with the tool, perhaps at another size, or an own one; the lines of other
 * sports that lie on it; the part of it that is shown, and whether that lies or stands. A value.
 */
public final class SurfaceUse {

    private final Surface floor;
    private final List<Overlay> overlays;
    private final View view;
    private final boolean standing;
    private final List<MovedGoal> goals;
    /** The floor with the overlays on it and its goals where they stand, worked out once. */
    private final Surface surface;

    private SurfaceUse(Surface floor, List<Overlay> overlays, View view, boolean standing, List<MovedGoal> goals) {
        this.floor = Objects.requireNonNull(floor, "floor");
        this.overlays = List.copyOf(overlays);
        this.view = Objects.requireNonNull(view, "view");
        this.standing = standing;
        this.goals = List.copyOf(goals);
        Surface laid = overlays.isEmpty() ? floor : floor.withOverlays(this.overlays);
        for (MovedGoal goal : this.goals) {
            laid = laid.withGoalAt(goal.goal(), goal.at(), goal.facingDegrees());
        }
        this.surface = laid;
    }

    /** A part of a surface that comes with the tool, by ids. */
    public SurfaceUse(String surfaceId, String viewId) {
        this(known(surfaceId), List.of(), named(known(surfaceId), viewId), false, List.of());
    }

    /** The whole of a surface. */
    public static SurfaceUse of(Surface floor) {
        return new SurfaceUse(floor, List.of(), floor.wholeView(), false, List.of());
    }

    private static Surface known(String id) {
        return Surfaces.find(id)
                .orElseThrow(() -> new IllegalArgumentException("There is no surface \"%s\".".formatted(id)));
    }

    private static View named(Surface floor, String viewId) {
        return floor.view(viewId)
                .orElseThrow(() -> new IllegalArgumentException(
                        "The surface \"%s\" has no view \"%s\".".formatted(floor.id(), viewId)));
    }

    /** The floor with all lines on it. */
    public Surface surface() {
        return surface;
    }

    /** The floor without what was laid over it. */
    public Surface floor() {
        return floor;
    }

    /** Whether the floor is not one that comes with the tool, so that a drill has to carry it along. */
    public boolean isOwn() {
        return Surfaces.find(floor.id()).isEmpty();
    }

    public String surfaceId() {
        return floor.id();
    }

    public List<Overlay> overlays() {
        return overlays;
    }

    public View view() {
        return view;
    }

    /** Whether the length of the surface points up in pictures. */
    public boolean standing() {
        return standing;
    }

    public SurfaceUse withOverlays(List<Overlay> laid) {
        return new SurfaceUse(floor, laid, view, standing, goals);
    }

    public SurfaceUse withView(View part) {
        return new SurfaceUse(floor, overlays, part, standing, goals);
    }

    public SurfaceUse withNamedView(String viewId) {
        return withView(named(floor, viewId));
    }

    public SurfaceUse withStanding(boolean upright) {
        return new SurfaceUse(floor, overlays, view, upright, goals);
    }

    /** Goals of the surface that stand somewhere else. */
    public List<MovedGoal> goals() {
        return goals;
    }

    /** @throws IllegalArgumentException when the surface has no such goal */
    public SurfaceUse withGoals(List<MovedGoal> moved) {
        return new SurfaceUse(floor, overlays, view, standing, moved);
    }

    /** With one goal moved, or back where the surface has it when that is where it is put. */
    public SurfaceUse withGoal(MovedGoal moved) {
        List<MovedGoal> all = new ArrayList<>(goals);
        all.removeIf(g -> g.goal().equals(moved.goal()));
        GoalMouth fixed = withGoals(List.of()).surface().goal(moved.goal()).orElseThrow();
        if (!fixed.centre().equals(moved.at()) || fixed.facingDegrees() != moved.facingDegrees()) {
            all.add(moved);
        }
        return withGoals(all);
    }

    /** Whether a place is in the part that is shown, or this near (m) to it. */
    public boolean shows(Point p, double metres) {
        return view.grown(metres).contains(p);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof SurfaceUse use
                && standing == use.standing
                && floor.equals(use.floor)
                && overlays.equals(use.overlays)
                && goals.equals(use.goals)
                && view.equals(use.view);
    }

    @Override
    public int hashCode() {
        return Objects.hash(floor.id(), overlays, view, standing, goals);
    }

    @Override
    public String toString() {
        return floor.id() + "/" + view.id();
    }
}
