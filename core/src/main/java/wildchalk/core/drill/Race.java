package wildchalk.core.drill;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * Several go to the same thing, and how it goes on hangs on who is there first. Exactly one of {@code ball} and {@code where} is given.
 *
 * @param runners at least two
 * @param ball the ball that they go for
 * @param where the place, line or zone that they go to
 * @param closeSeconds by less than this it is too close to call, 0 to 5
 */
public record Race(List<RoleId> runners, Optional<BallId> ball, Optional<Region> where, double closeSeconds) {

    /** Nobody sees who was first by less, s. */
    public static final double CLOSE_SECONDS = 0.1;

    public static final double MAX_CLOSE_SECONDS = 5;

    public Race {
        runners = List.copyOf(runners);
        Objects.requireNonNull(ball, "ball");
        Objects.requireNonNull(where, "where");
        Limits.count("runners", runners.size(), Limits.ROLES);
        if (runners.size() < 2 || runners.stream().distinct().count() < runners.size()) {
            throw new IllegalArgumentException(
                    "A race (%s) needs at least two who are not the same.".formatted(runners));
        }
        if (ball.isPresent() == where.isPresent()) {
            throw new IllegalArgumentException("A race needs a ball or a place to go to, and not both.");
        }
        if (!(closeSeconds >= 0 && closeSeconds <= MAX_CLOSE_SECONDS)) {
            throw new IllegalArgumentException(
                    "Too close to call (%s s) must be from 0 to %s s.".formatted(closeSeconds, MAX_CLOSE_SECONDS));
        }
    }

    public static Race to(Region where, List<RoleId> runners) {
        return new Race(runners, Optional.empty(), Optional.of(where), CLOSE_SECONDS);
    }

    public static Race forBall(BallId ball, List<RoleId> runners) {
        return new Race(runners, Optional.of(ball), Optional.empty(), CLOSE_SECONDS);
    }

    public Race withRunners(List<RoleId> others) {
        return new Race(others, ball, where, closeSeconds);
    }

    public Race withWhere(Region place) {
        return new Race(runners, Optional.empty(), Optional.of(place), closeSeconds);
    }

    public Race withClose(double seconds) {
        return new Race(runners, ball, where, seconds);
    }
}
