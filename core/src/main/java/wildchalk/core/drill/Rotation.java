package wildchalk.core.drill;

import java.util.Objects;
import java.util.Optional;

/**
 * Where somebody goes after the rep.
 *
 * @param how into a line, into another role, out, or nowhere
 * @param line the line, for {@link How#LINE}
 * @param next the role, for {@link How#ROLE}
 */
public record Rotation(RoleId role, How how, Optional<LineId> line, Optional<RoleId> next) {

    /** What becomes of somebody after the rep. */
    public enum How {
        /** To the tail of a line. */
        LINE,
        /** Becomes another role of the next rep. */
        ROLE,
        /** Does the same again. */
        STAY,
        /** Sits out. */
        REST
    }

    public Rotation {
        Objects.requireNonNull(role, "role");
        Objects.requireNonNull(how, "how");
        Objects.requireNonNull(line, "line");
        Objects.requireNonNull(next, "next");
        if (line.isPresent() != (how == How.LINE) || next.isPresent() != (how == How.ROLE)) {
            throw new IllegalArgumentException(
                    "Where %s goes after the rep needs a line, a role, stay or rest.".formatted(role));
        }
    }

    public static Rotation toLine(RoleId role, LineId line) {
        return new Rotation(role, How.LINE, Optional.of(line), Optional.empty());
    }

    public static Rotation toRole(RoleId role, RoleId next) {
        return new Rotation(role, How.ROLE, Optional.empty(), Optional.of(next));
    }

    public static Rotation stay(RoleId role) {
        return new Rotation(role, How.STAY, Optional.empty(), Optional.empty());
    }

    public static Rotation rest(RoleId role) {
        return new Rotation(role, How.REST, Optional.empty(), Optional.empty());
    }
}
