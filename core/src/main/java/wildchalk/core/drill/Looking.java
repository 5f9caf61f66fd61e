package wildchalk.core.drill;

import java.util.List;
import java.util.Objects;
import java.util.function.UnaryOperator;

/**
 * Looks at something for a moment, under way or standing; nothing else turns than the head.
 *
 * @param over over which shoulder; NONE where nobody has said
 */
public record Looking(Mark at, Hand over) implements Deed {

    /** A glance takes so long (s; estimate). */
    public static final double SECONDS = 0.4;

    public Looking {
        Objects.requireNonNull(at, "at");
        Objects.requireNonNull(over, "over");
    }

    public Looking withAt(Mark other) {
        return new Looking(other, over);
    }

    public Looking withOver(Hand shoulder) {
        return new Looking(at, shoulder);
    }

    @Override
    public List<RoleId> others() {
        return at.role().stream().toList();
    }

    @Override
    public Deed withRoles(UnaryOperator<RoleId> other) {
        return withAt(at.withRole(other));
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.looking(this);
    }
}
