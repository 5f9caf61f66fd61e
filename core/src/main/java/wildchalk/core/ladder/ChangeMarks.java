package wildchalk.core.ladder;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Scene;
import wildchalk.core.geometry.Point;

/**
 * What one version changes in another, as a picture shows it.
 *
 * @param added things and people that are new
 * @param movedFrom where those stood that stand somewhere else now
 * @param gone where those stood that are no longer there
 * @param moves moves that are new or other
 */
public record ChangeMarks(Set<ElementId> added, Map<ElementId, Point> movedFrom, List<Point> gone, Set<MoveId> moves) {

    /** Nearer than this (m) is the same place. */
    private static final double SAME_METRES = 0.01;

    public ChangeMarks {
        added = Set.copyOf(added);
        movedFrom = Map.copyOf(movedFrom);
        gone = List.copyOf(gone);
        moves = Set.copyOf(moves);
    }

    public static ChangeMarks between(Scene before, Scene after) {
        Set<ElementId> added = new HashSet<>();
        Map<ElementId, Point> moved = new HashMap<>();
        List<Point> gone = new ArrayList<>();
        for (ElementId id : Elements.all(after)) {
            Optional<Point> now = Elements.place(after, id);
            Optional<Point> then = Elements.has(before, id) ? Elements.place(before, id) : Optional.empty();
            if (now.isPresent() && then.isEmpty()) {
                added.add(id);
            } else if (now.isPresent() && !now.get().isWithin(SAME_METRES, then.get())) {
                moved.put(id, then.get());
            }
        }
        for (ElementId id : Elements.all(before)) {
            if (!Elements.has(after, id)) {
                Elements.place(before, id).ifPresent(gone::add);
            }
        }
        Set<MoveId> moves = new HashSet<>();
        for (Move move : after.moves()) {
            if (!before.move(move.id()).equals(Optional.of(move))) {
                moves.add(move.id());
            }
        }
        return new ChangeMarks(added, moved, gone, moves);
    }
}
