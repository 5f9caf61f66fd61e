package wildchalk.core.drill;

import java.util.Objects;
import java.util.Optional;
import wildchalk.core.text.Slugs;

/** A rule of the drill. */
public sealed interface Rule permits Rule.Limit, Rule.Hold, Rule.Duty {

    RuleId id();

    Rule withId(RuleId name);

    /** What is limited. */
    enum Kind {
        /** Touches each time somebody has the ball. */
        TOUCHES(Bound.AT_MOST),
        /** Dribbles each time. */
        DRIBBLES(Bound.AT_MOST),
        /** Passes before a shot. */
        PASSES(Bound.AT_LEAST),
        /** Seconds for the rep; with a zone, seconds that somebody may be in it. */
        SECONDS(Bound.AT_MOST),
        /** Entries of the ball into a zone before a shot. */
        ENTRIES(Bound.AT_LEAST);

        private final Bound usual;

        Kind(Bound usual) {
            this.usual = usual;
        }

        /** What is meant where nobody says. */
        public Bound usual() {
            return usual;
        }
    }

    /** Which way a number binds. */
    enum Bound {
        AT_MOST,
        AT_LEAST,
        EXACTLY;

        /** Whether a count keeps to a number. */
        public boolean allows(double count, int number) {
            return switch (this) {
                case AT_MOST -> count <= number;
                case AT_LEAST -> count >= number;
                case EXACTLY -> count == number;
            };
        }
    }

    /**
     * A number that play has to keep to.
     *
     * @param number 1 to 999
     * @param zone id of the zone in which it counts; empty for everywhere
     * @param side whom it is for; empty for everybody
     * @param team likewise, instead of a side
     */
    record Limit(
            RuleId id,
            Kind kind,
            Bound bound,
            int number,
            Optional<String> zone,
            Optional<Side> side,
            Optional<TeamId> team)
            implements Rule {
        public Limit {
            Objects.requireNonNull(id, "id");
            Objects.requireNonNull(kind, "kind");
            Objects.requireNonNull(bound, "bound");
            Objects.requireNonNull(side, "side");
            Objects.requireNonNull(team, "team");
            if (side.isPresent() && team.isPresent()) {
                throw new IllegalArgumentException(
                        "The rule %s is for a side or for a team, not for both.".formatted(id));
            }
            zone.ifPresent(z -> Slugs.check("zone", z));
            if (number < 1 || number > 999) {
                throw new IllegalArgumentException(
                        "The rule %s (number %d) needs a number of 1 to 999.".formatted(id, number));
            }
            if (kind == Kind.ENTRIES && zone.isEmpty()) {
                throw new IllegalArgumentException("The rule %s counts entries: say into which zone.".formatted(id));
            }
        }

        /** For no team. */
        public Limit(RuleId id, Kind kind, Bound bound, int number, Optional<String> zone, Optional<Side> side) {
            this(id, kind, bound, number, zone, side, Optional.empty());
        }

        /** For everybody, bound as is usual for the kind. */
        public Limit(RuleId id, Kind kind, int number, Optional<String> zone) {
            this(id, kind, kind.usual(), number, zone, Optional.empty(), Optional.empty());
        }

        @Override
        public Limit withId(RuleId name) {
            return new Limit(name, kind, bound, number, zone, side, team);
        }

        public Limit withBound(Bound other) {
            return new Limit(id, kind, other, number, zone, side, team);
        }

        public Limit withNumber(int other) {
            return new Limit(id, kind, bound, other, zone, side, team);
        }

        public Limit withZone(Optional<String> other) {
            return new Limit(id, kind, bound, number, other, side, team);
        }

        public Limit withSide(Optional<Side> other) {
            return new Limit(id, kind, bound, number, zone, other, Optional.empty());
        }

        public Limit withTeam(Optional<TeamId> other) {
            return new Limit(id, kind, bound, number, zone, Optional.empty(), other);
        }

        /** Whether it is for somebody, by his side and his team. */
        public boolean isFor(Scene scene, RoleId role) {
            return side.map(s -> scene.role(role).filter(r -> r.side() == s).isPresent())
                            .orElse(true)
                    && team.flatMap(scene.course()::team)
                            .map(t -> t.roles().contains(role))
                            .orElse(true);
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
        CROSS,
        /** Touch a ball. */
        TOUCH,
        SHOOT,
        /** Go for a ball that another has, or sends. */
        TACKLE,
        /** Look at the ball. */
        LOOK
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
                        case TOUCH, SHOOT, TACKLE, LOOK -> where.isEmpty();
                    };
            if (!fits) {
                throw new IllegalArgumentException(
                        ("The rule %s does not fit together: a hold on moving needs \"until\", on leaving or entering a"
                                        + " zone, on crossing a line, on touching, shooting and tackling no place.")
                                .formatted(id));
            }
        }

        @Override
        public Hold withId(RuleId name) {
            return new Hold(name, role, what, where, until);
        }
    }

    /**
     * So many are always in a part: somebody minds the far post, at most two are in the circle.
     *
     * @param number how many, 0 to 40
     * @param zone id of the part
     * @param side whom it counts; empty for everybody but coaches
     * @param team likewise, instead of a side
     */
    record Duty(RuleId id, Bound bound, int number, String zone, Optional<Side> side, Optional<TeamId> team)
            implements Rule {
        public Duty {
            Objects.requireNonNull(id, "id");
            Objects.requireNonNull(bound, "bound");
            Slugs.check("zone", zone);
            Objects.requireNonNull(side, "side");
            Objects.requireNonNull(team, "team");
            if (side.isPresent() && team.isPresent()) {
                throw new IllegalArgumentException(
                        "The rule %s is for a side or for a team, not for both.".formatted(id));
            }
            if (number < 0 || number > Limits.ROLES || bound == Bound.AT_LEAST && number == 0) {
                throw new IllegalArgumentException(
                        "The rule %s (%d players in %s) binds nobody.".formatted(id, number, zone));
            }
        }

        @Override
        public Duty withId(RuleId name) {
            return new Duty(name, bound, number, zone, side, team);
        }

        public Duty withNumber(int other) {
            return new Duty(id, bound, other, zone, side, team);
        }

        public Duty withZone(String other) {
            return new Duty(id, bound, number, other, side, team);
        }

        /** Whether somebody counts. */
        public boolean counts(Scene scene, Role role) {
            return side.map(s -> s == role.side()).orElse(role.side() != Side.COACH)
                    && team.flatMap(scene.course()::team)
                            .map(t -> t.roles().contains(role.id()))
                            .orElse(true);
        }
    }
}
