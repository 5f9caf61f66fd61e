package wildchalk.desktop.document;

import java.util.Optional;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.RoleId;

/** What is chosen on the board, in the talk-through and on the strip: nothing, or one thing. */
public record Selection(
        Optional<RoleId> role,
        Optional<MoveId> move,
        Optional<GearId> gear,
        Optional<LineId> line,
        Optional<BallId> ball) {

    public static final Selection NONE =
            new Selection(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    public static Selection of(RoleId role) {
        return new Selection(Optional.of(role), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    public static Selection of(MoveId move) {
        return new Selection(Optional.empty(), Optional.of(move), Optional.empty(), Optional.empty(), Optional.empty());
    }

    public static Selection of(GearId gear) {
        return new Selection(Optional.empty(), Optional.empty(), Optional.of(gear), Optional.empty(), Optional.empty());
    }

    public static Selection of(LineId line) {
        return new Selection(Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(line), Optional.empty());
    }

    public static Selection of(BallId ball) {
        return new Selection(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(ball));
    }

    public boolean isNone() {
        return equals(NONE);
    }
}
