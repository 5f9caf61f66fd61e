package wildchalk.core.drill;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;

/**
 * What one role does once.
 *
 * <p>Legs and hands are told apart: a pass or a shot that has a trigger of its own can be made on the run; one without
 * waits for the role's earlier moves, as every other move does.
 */
public sealed interface Move permits Travel, Pass, Shot, PickUp, Act {

    MoveId id();

    RoleId role();

    /** What starts it; empty: with its step, after the role's earlier moves. */
    Optional<Trigger> trigger();

    /** Whether the next step may start before this move has ended. */
    boolean runsOn();

    /** Whether the next step waits for its end: not for that of one who goes by others until something comes. */
    default boolean holdsStep() {
        boolean open =
                this instanceof Travel t && t.follows().isPresent() && t.until().isPresent();
        return !runsOn() && !open;
    }

    Move withTrigger(Optional<Trigger> start);

    Move withId(MoveId name);

    Move withRole(RoleId performer);

    Move withRunsOn(boolean on);

    /** Whether hands do it (a pass, a shot), so that legs may be moving meanwhile. */
    default boolean isBallRelease() {
        return this instanceof Pass || this instanceof Shot;
    }

    /** Whether somebody stands or goes somewhere for it; passes, shots, calls and looks are made on the run. */
    default boolean needsLegs() {
        boolean light = this instanceof Act act
                && (act.deed() instanceof Deed.Calling
                        || act.deed() instanceof Looking
                        || act.deed() instanceof DroppingOut);
        return !isBallRelease() && !light;
    }

    /** Others that it names: a receiver, a rival. */
    default List<RoleId> others() {
        return match(
                Travel::concerned,
                Pass::concerned,
                s -> s.at().stream().toList(),
                u -> List.of(),
                a -> a.deed().others());
    }

    <T> T match(
            Function<Travel, T> onTravel,
            Function<Pass, T> onPass,
            Function<Shot, T> onShot,
            Function<PickUp, T> onPickUp,
            Function<Act, T> onAct);

    /** Checks what all moves need. */
    static void check(MoveId id, RoleId role, Optional<Trigger> trigger) {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(role, "role");
        Objects.requireNonNull(trigger, "trigger");
    }
}
