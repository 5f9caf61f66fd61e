package wildchalk.core.drill;

import java.util.List;
import java.util.Optional;

/** The lists of a version while they need not hold together yet. */
public record Parts(
        List<Gear> gear,
        List<WaitingLine> lines,
        List<Role> roles,
        List<Ball> balls,
        List<Step> steps,
        Layout layout,
        Course course) {

    public static Parts of(Scene scene) {
        return new Parts(
                scene.gear(),
                scene.lines(),
                scene.roles(),
                scene.balls(),
                scene.steps(),
                scene.layout(),
                scene.course());
    }

    public Parts withGear(List<Gear> list) {
        return new Parts(list, lines, roles, balls, steps, layout, course);
    }

    public Parts withLines(List<WaitingLine> list) {
        return new Parts(gear, list, roles, balls, steps, layout, course);
    }

    public Parts withRoles(List<Role> list) {
        return new Parts(gear, lines, list, balls, steps, layout, course);
    }

    public Parts withBalls(List<Ball> list) {
        return new Parts(gear, lines, roles, list, steps, layout, course);
    }

    public Parts withSteps(List<Step> list) {
        return new Parts(gear, lines, roles, balls, list, layout, course);
    }

    public Parts withLayout(Layout other) {
        return new Parts(gear, lines, roles, balls, steps, other, course);
    }

    public Parts withCourse(Course other) {
        return new Parts(gear, lines, roles, balls, steps, layout, other);
    }

    /** A version of them without what would point at nothing. */
    public Progression pruned(ProgressionId id, String title, Optional<ProgressionId> basedOn) {
        return Pruning.of(this).whole(id, title, basedOn);
    }

    /** Another state of a version, without what would point at nothing. */
    public Progression prunedAs(Progression version) {
        return pruned(version.id(), version.title(), version.basedOn());
    }

    /**
     * A version of exactly these.
     *
     * @throws IllegalArgumentException when something would point at nothing
     */
    public Progression whole(ProgressionId id, String title, Optional<ProgressionId> basedOn) {
        return new Progression(id, title, gear, lines, roles, balls, steps, layout, course, basedOn);
    }
}
