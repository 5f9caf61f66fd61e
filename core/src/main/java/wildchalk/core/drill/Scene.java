package wildchalk.core.drill;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.geometry.Point;

/**
 * What stands on the surface and what happens there, for whoever only reads it: a version with all its ways ({@link
 * Progression}), or one way through it ({@code Path}). Whoever times, shows or tells takes a path; whoever edits or saves
 * takes a version.
 */
public interface Scene {

    ProgressionId id();

    List<Gear> gear();

    List<WaitingLine> lines();

    List<Role> roles();

    List<Ball> balls();

    List<Step> steps();

    Layout layout();

    Course course();

    default boolean isEmpty() {
        return gear().isEmpty() && lines().isEmpty() && roles().isEmpty() && balls().isEmpty() && layout().isEmpty();
    }

    default List<Move> moves() {
        return steps().stream().flatMap(s -> s.moves().stream()).toList();
    }

    default Optional<Role> role(RoleId wanted) {
        return roles().stream().filter(r -> r.id().equals(wanted)).findFirst();
    }

    default Optional<Gear> gear(GearId wanted) {
        return gear().stream().filter(g -> g.id().equals(wanted)).findFirst();
    }

    default Optional<WaitingLine> line(LineId wanted) {
        return lines().stream().filter(l -> l.id().equals(wanted)).findFirst();
    }

    default Optional<Ball> ball(BallId wanted) {
        return balls().stream().filter(b -> b.id().equals(wanted)).findFirst();
    }

    default Optional<Move> move(MoveId wanted) {
        return steps().stream()
                .flatMap(s -> s.moves().stream())
                .filter(m -> m.id().equals(wanted))
                .findFirst();
    }

    /** Whether a move was told here, and is no repetition of one. */
    default boolean isTold(MoveId move) {
        return true;
    }

    default Optional<Step> stepOf(MoveId move) {
        return steps().stream()
                .filter(s -> s.moves().stream().anyMatch(m -> m.id().equals(move)))
                .findFirst();
    }

    default Optional<Step> step(StepId wanted) {
        return steps().stream().filter(s -> s.id().equals(wanted)).findFirst();
    }

    default Optional<WaitingLine> lineFeeding(RoleId role) {
        return lines().stream().filter(l -> l.feeds().contains(role)).findFirst();
    }

    /** Where a role stands at the whistle. */
    default Point startOf(RoleId wanted) {
        Role role = role(wanted).orElseThrow(() -> new IllegalArgumentException("There is no role " + wanted + "."));
        return role.at().orElseGet(() -> lineFeeding(wanted).orElseThrow().placeOf(wanted));
    }

    /** Where a role looks at the whistle, degrees. */
    default double startFacingOf(RoleId wanted) {
        Role role = role(wanted).orElseThrow();
        return role.at().isPresent()
                ? role.facingDegrees()
                : lineFeeding(wanted).orElseThrow().facingDegrees();
    }

    /** Numbers in the order of the steps, for letters and tables. */
    default Map<MoveId, Integer> moveOrder() {
        Map<MoveId, Integer> order = new LinkedHashMap<>();
        for (Move m : moves()) {
            order.put(m.id(), order.size());
        }
        return order;
    }
}
