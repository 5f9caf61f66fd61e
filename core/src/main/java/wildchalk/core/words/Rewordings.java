package wildchalk.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PickUp;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;

/**
 * What choosing other words does to a move, whatever the move is by then. A move that has become one of another kind since
 * stays as it is.
 */
final class Rewordings {

    private Rewordings() {}

    static UnaryOperator<Move> travel(UnaryOperator<Travel> change) {
        return of(Travel.class, change);
    }

    static UnaryOperator<Move> pass(UnaryOperator<Pass> change) {
        return of(Pass.class, change);
    }

    static UnaryOperator<Move> shot(UnaryOperator<Shot> change) {
        return of(Shot.class, change);
    }

    static UnaryOperator<Move> pickUp(UnaryOperator<PickUp> change) {
        return of(PickUp.class, change);
    }

    static <D extends Deed> UnaryOperator<Move> deed(Class<D> kind, Function<D, Deed> change) {
        return of(Act.class, a -> kind.isInstance(a.deed()) ? a.withDeed(change.apply(kind.cast(a.deed()))) : a);
    }

    /** Changes one point of a path, from 0. */
    static UnaryOperator<Move> point(int index, UnaryOperator<Waypoint> change) {
        return travel(t -> {
            if (index >= t.path().size()) {
                return t;
            }
            List<Waypoint> path = new ArrayList<>(t.path());
            path.set(index, change.apply(path.get(index)));
            return t.withPath(path);
        });
    }

    /** Changes the point at which a path ends. */
    static UnaryOperator<Move> lastPoint(UnaryOperator<Waypoint> change) {
        return travel(t -> {
            List<Waypoint> path = new ArrayList<>(t.path());
            path.set(path.size() - 1, change.apply(path.get(path.size() - 1)));
            return t.withPath(path);
        });
    }

    private static <M extends Move> UnaryOperator<Move> of(Class<M> kind, UnaryOperator<M> change) {
        return m -> kind.isInstance(m) ? change.apply(kind.cast(m)) : m;
    }
}
