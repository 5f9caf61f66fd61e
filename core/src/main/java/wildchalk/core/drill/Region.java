package wildchalk.core.drill;

import java.util.Objects;
import wildchalk.core.geometry.Point;
import wildchalk.core.text.Slugs;

/** Something on the ground that can be crossed, entered, left or come near to. */
public sealed interface Region {

    double MAX_METRES = 100;

    <T> T match(Cases<T> cases);

    /** One answer for each kind. */
    interface Cases<T> {
        T line(Line l);

        T in(In i);

        T out(Out o);

        T nearPlace(NearPlace n);

        T nearRole(NearRole n);
    }

    /** Across a line from one place to another. */
    record Line(Point from, Point to) implements Region {
        public Line {
            Limits.place("line", from);
            Limits.place("line", to);
            if (from.equals(to)) {
                throw new IllegalArgumentException("The line (from %s to %s) needs two places.".formatted(from, to));
            }
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.line(this);
        }
    }

    /** Into a zone of the surface or one that was drawn, by its id. */
    record In(String zone) implements Region {
        public In {
            Slugs.check("zone", zone);
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.in(this);
        }
    }

    /** Out of a zone. */
    record Out(String zone) implements Region {
        public Out {
            Slugs.check("zone", zone);
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.out(this);
        }
    }

    /** Within so many metres of a place. */
    record NearPlace(Point at, double metres) implements Region {
        public NearPlace {
            Objects.requireNonNull(at, "at");
            Limits.place("place", at);
            check(metres);
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.nearPlace(this);
        }
    }

    /** Within so many metres of somebody. */
    record NearRole(RoleId role, double metres) implements Region {
        public NearRole {
            Objects.requireNonNull(role, "role");
            check(metres);
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.nearRole(this);
        }
    }

    private static void check(double metres) {
        if (!(metres > 0 && metres <= MAX_METRES)) {
            throw new IllegalArgumentException(
                    "The distance (%s m) must be above 0 and at most %s m.".formatted(metres, MAX_METRES));
        }
    }
}
