package wildchalk.desktop.board;

import java.util.Optional;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;

/**
 * What a pull would do if it were let go now.
 *
 * @param label its name for undo: "pass to CB"
 * @param after the progression that it would give
 * @param move the move that it adds
 */
record Proposal(String label, Progression after, Optional<MoveId> move) {}
