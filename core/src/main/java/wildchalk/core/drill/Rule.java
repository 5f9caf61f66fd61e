package wildchalk.core.drill;

import java.util.Objects;
import java.util.Optional;
import wildchalk.core.text.Slugs;

/** A rule of the drill. */
public sealed interface Rule permits Rule.Limit, Rule.Hold {

    RuleId id();

    Rule withId(RuleId name);

    /** What is limited. */
    enum Kind {
        /** At most so many touches each time somebody has the ball. */
        TOUCHES,
        /** At most so many dribbles. */
        DRIBBLES,
        /** At least so many passes before a shot. */
        PASSES,
        /** At most so many seconds for the rep. */
        SECONDS,
        /** At least so many entries of the ball into a zone before a shot. */
        ENTRIES
    }

    /**
     * A number that play has to keep to.
     *
     * @param number 1 to 999
     * @param zone id of the zone; only for entries
     */
    record Limit(RuleId id, Kind kind, int number, Optional<String> zone) implements Rule {
        public Limit {
            Objects.requireNonNull(id, "id");
            Objects.requireNonNull(kind, "kind");
            zone.ifPresent(z -> Slugs.check("zone", z));
            if (number < 1 || number > 999) {
                throw new IllegalArgumentException(
                        "The rule %s (number %d) needs a number of 1 to 999.".formatted(id, number));
            }
            if (kind == Kind.ENTRIES && zone.isEmpty()) {
                throw new IllegalArgumentException("The rule %s counts entries: say into which zone.".formatted(id));
            }
        }

        @Override
        public Limit withId(RuleId name) {
            return new Limit(name, kind, number, zone);
        }

        public Limit withNumber(int other) {
            return new Limit(id, kind, other, zone);
        }
    }

    /** What somebody may not do. */
    enum What {
        /** Move at all. */
        MOVE,
        /** Leave the zone. */
        LEAVE,
        /** Enter the zone. */
        ENTER,
        /** Cross the line. */
        CROSS
    }

    /**
     * Something that somebody may not do until something happens.
     *
     * @param where the zone or the line; empty where nobody may move
     * @param until what ends it; empty for the whole rep
     */
    record Hold(RuleId id, RoleId role, What what, Optional<Region> where, Optional<Event> until) implements Rule {
        public Hold {
            Objects.requireNonNull(id, "id");
            Objects.requireNonNull(role, "role");
            Objects.requireNonNull(what, "what");
            Objects.requireNonNull(where, "where");
            Objects.requireNonNull(until, "until");
            boolean fits =
                    switch (what) {
                        case MOVE -> where.isEmpty() && until.isPresent();
                        case LEAVE, ENTER -> where.isPresent() && where.get() instanceof Region.In;
                        case CROSS -> where.isPresent() && where.get() instanceof Region.Line;
                    };
            if (!fits) {
                throw new IllegalArgumentException(
                        ("The rule %s does not fit together: a hold on moving needs \"until\", on leaving or entering a"
                                        + " zone, on crossing a line.")
                                .formatted(id));
            }
        }

        @Override
        public Hold withId(RuleId name) {
            return new Hold(name, role, what, where, until);
        }
    }
}
