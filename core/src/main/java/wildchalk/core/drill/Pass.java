package wildchalk.core.drill;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;

/**
 * A role sends the ball it holds to another role, or to a place.
 *
 * @param oneTouch whether it is sent on at the touch, without being controlled
 * @param bank the board it is played off; empty for a direct one
 * @param stroke what the sport calls it, where it is not just a pass
 */
public record Pass(
        MoveId id,
        RoleId role,
        Optional<Trigger> trigger,
        boolean runsOn,
        Target to,
        PassKind kind,
        Weight weight,
        boolean oneTouch,
        Optional<Board> bank,
        Optional<Stroke> stroke)
        implements Move {

    public Pass {
        Move.check(id, role, trigger);
        Objects.requireNonNull(to, "to");
        Objects.requireNonNull(kind, "kind");
        Objects.requireNonNull(weight, "weight");
        Objects.requireNonNull(bank, "bank");
        Objects.requireNonNull(stroke, "stroke");
    }

    /** Plainly. */
    public Pass(
            MoveId id,
            RoleId role,
            Optional<Trigger> trigger,
            boolean runsOn,
            Target to,
            PassKind kind,
            Weight weight,
            boolean oneTouch,
            Optional<Board> bank) {
        this(id, role, trigger, runsOn, to, kind, weight, oneTouch, bank, Optional.empty());
    }

    /** A direct one, after control. */
    public Pass(
            MoveId id,
            RoleId role,
            Optional<Trigger> trigger,
            boolean runsOn,
            Target to,
            PassKind kind,
            Weight weight) {
        this(id, role, trigger, runsOn, to, kind, weight, false, Optional.empty(), Optional.empty());
    }

    @Override
    public Pass withTrigger(Optional<Trigger> start) {
        return new Pass(id, role, start, runsOn, to, kind, weight, oneTouch, bank, stroke);
    }

    @Override
    public Pass withId(MoveId name) {
        return new Pass(name, role, trigger, runsOn, to, kind, weight, oneTouch, bank, stroke);
    }

    @Override
    public Pass withRole(RoleId performer) {
        return new Pass(id, performer, trigger, runsOn, to, kind, weight, oneTouch, bank, stroke);
    }

    @Override
    public Pass withRunsOn(boolean on) {
        return new Pass(id, role, trigger, on, to, kind, weight, oneTouch, bank, stroke);
    }

    public Pass withTo(Target target) {
        return new Pass(id, role, trigger, runsOn, target, kind, weight, oneTouch, bank, stroke);
    }

    /** Plainly so. */
    public Pass withKind(PassKind how) {
        return new Pass(id, role, trigger, runsOn, to, how, weight, oneTouch, bank, Optional.empty());
    }

    public Pass withWeight(Weight hard) {
        return new Pass(id, role, trigger, runsOn, to, kind, hard, oneTouch, bank, stroke);
    }

    /** In a way of one's sport, or plainly; it flies as that goes. */
    public Pass withStroke(Optional<Stroke> how) {
        PassKind flies = how.flatMap(Stroke::flight).orElse(kind);
        return new Pass(id, role, trigger, runsOn, to, flies, weight, oneTouch, bank, how);
    }

    public Pass withOneTouch(boolean touch) {
        return new Pass(id, role, trigger, runsOn, to, kind, weight, touch, bank, stroke);
    }

    public Pass withBank(Optional<Board> board) {
        return new Pass(id, role, trigger, runsOn, to, kind, weight, oneTouch, board, stroke);
    }

    /** Who is meant to have it, whether straight or by running to a spot. */
    public Optional<RoleId> receiver() {
        return to.match(role -> Optional.of(role.role()), Target.ToPlace::runner);
    }

    /** All whom it may go to. */
    List<RoleId> concerned() {
        return to.match(
                role -> role.among().isEmpty() ? List.of(role.role()) : role.among(),
                place -> place.runner().stream().toList());
    }

    @Override
    public <T> T match(
            Function<Travel, T> onTravel,
            Function<Pass, T> onPass,
            Function<Shot, T> onShot,
            Function<PickUp, T> onPickUp,
            Function<Act, T> onAct) {
        return onPass.apply(this);
    }
}
