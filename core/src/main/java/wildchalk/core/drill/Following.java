package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * How somebody goes by where others are: his way is not drawn but worked out from theirs, under his own limits.
 *
 * @param how which spot is his
 * @param of what he goes by; a role for most
 * @param to towards what that spot lies, for {@link How#TOWARDS} and {@link How#MIDWAY}; empty for the others
 * @param metres how far from what he goes by, 0.3 to 30; 0 where that is not asked
 */
public record Following(How how, Mark of, Optional<Mark> to, double metres) {

    public static final double LEAST_METRES = 0.3;
    public static final double MOST_METRES = 30;

    /** Which spot somebody keeps to. */
    public enum How {
        /** In his tracks, so far behind. */
        TRAIL(1.5),
        /** Beside him, on the side on which he stands as it begins: hip to hip. */
        BESIDE(0.9),
        /** Between him and the middle of the surface: inside leverage. */
        INSIDE(1),
        /** So far from it, towards something else: goal-side, ball-side. */
        TOWARDS(1.5),
        /** In the middle between two. */
        MIDWAY(0),
        /** At him, and to a stop so far before him. */
        PRESS(2),
        /** As in a mirror that stands in the middle between the two as it begins. */
        MIRROR(0),
        /** On the line between the goals, level with him: one foot on it. */
        GOAL_LINE(0);

        private final double usual;

        How(double usual) {
            this.usual = usual;
        }

        /** How far it usually is, m; 0 where that is not asked. */
        public double usualMetres() {
            return usual;
        }

        public boolean asksMetres() {
            return usual > 0;
        }

        /** Whether it lies between two. */
        public boolean asksTo() {
            return this == TOWARDS || this == MIDWAY;
        }

        /** Whether it goes by a player and nothing else. */
        public boolean asksRole() {
            return !asksTo() && this != GOAL_LINE;
        }
    }

    public Following {
        Objects.requireNonNull(how, "how");
        Objects.requireNonNull(of, "of");
        Objects.requireNonNull(to, "to");
        if (how.asksTo() != to.isPresent()) {
            throw new IllegalArgumentException(
                    how.asksTo()
                            ? "To stay %s needs a second mark: say towards what.".formatted(named(how))
                            : "To stay %s has no second mark.".formatted(named(how)));
        }
        if (how.asksRole() && of.role().isEmpty()) {
            throw new IllegalArgumentException("To stay %s needs a role to go by.".formatted(named(how)));
        }
        if (!of.moves() && !to.map(Mark::moves).orElse(false)) {
            throw new IllegalArgumentException(
                    "To stay %s needs a player or a ball to go by: the others stand still.".formatted(named(how)));
        }
        if (to.equals(Optional.of(of))) {
            throw new IllegalArgumentException("To stay %s needs two marks; both are the same.".formatted(named(how)));
        }
        boolean fits = how.asksMetres() ? metres >= LEAST_METRES && metres <= MOST_METRES : metres == 0;
        if (!fits) {
            throw new IllegalArgumentException(
                    how.asksMetres()
                            ? "The distance (%s m) must be from %s to %s m."
                                    .formatted(metres, LEAST_METRES, MOST_METRES)
                            : "To stay %s has no distance; found %s m.".formatted(named(how), metres));
        }
    }

    /** By a player, as far as is usual; for what asks for no second mark. */
    public static Following of(How how, RoleId who) {
        return new Following(how, new Mark.Somebody(who), Optional.empty(), how.usualMetres());
    }

    /** Between two, as far from the first as is usual. */
    public static Following between(How how, Mark one, Mark other) {
        return new Following(how, one, Optional.of(other), how.usualMetres());
    }

    /** As somebody is marked: goal-side where there is a goal to guard, else hip to hip. */
    public static Following marking(RoleId who, Optional<String> goal) {
        return goal.map(g -> between(How.TOWARDS, new Mark.Somebody(who), new Mark.TheGoal(g)))
                .orElseGet(() -> of(How.BESIDE, who));
    }

    public Following withMetres(double far) {
        return new Following(how, of, to, far);
    }

    public Following withMarks(Mark one, Optional<Mark> other) {
        return new Following(how, one, other, metres);
    }

    /** With other roles. */
    public Following withRoles(UnaryOperator<RoleId> other) {
        return withMarks(of.withRole(other), to.map(m -> m.withRole(other)));
    }

    /** What it goes by, the first first. */
    public List<Mark> marks() {
        List<Mark> all = new ArrayList<>(List.of(of));
        to.ifPresent(all::add);
        return all;
    }

    /** Those among its marks who are roles. */
    public List<RoleId> roles() {
        return marks().stream().flatMap(m -> m.role().stream()).toList();
    }

    private static String named(How how) {
        return Stream.of(how.name().split("_"))
                .map(String::toLowerCase)
                .reduce((a, b) -> a + " " + b)
                .orElseThrow();
    }
}
