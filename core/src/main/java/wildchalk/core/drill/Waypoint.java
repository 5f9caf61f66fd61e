package wildchalk.core.drill;

import java.util.Objects;
import java.util.Optional;
import wildchalk.core.geometry.Point;

/**
 * A point of a travelled path.
 *
 * @param how whether the mover curves through, plants and cuts, stops, touches or, at the end, runs on past here
 * @param pauseSeconds how long a stop lasts, 0 to 60; 0 where nobody stops
 * @param round a circle that is run from here before the path goes on
 * @param foot which foot is planted where the path turns hard; NONE for whichever
 * @param called the call that decides where this is; {@code at} is where it lies for the usual call
 */
public record Waypoint(
        Point at, Passing how, Hand foot, double pauseSeconds, Optional<Round> round, Optional<Called> called) {

    public static final double MAX_PAUSE_SECONDS = 60;

    public Waypoint {
        pauseSeconds += 0.0; // never a minus before a nought
        Objects.requireNonNull(at, "at");
        Limits.place("point of the path", at);
        Objects.requireNonNull(how, "how");
        Objects.requireNonNull(foot, "foot");
        Objects.requireNonNull(round, "round");
        Objects.requireNonNull(called, "called");
        if (!(pauseSeconds >= 0 && pauseSeconds <= MAX_PAUSE_SECONDS)) {
            throw new IllegalArgumentException(
                    "The pause (%s s) must be from 0 to %s s.".formatted(pauseSeconds, MAX_PAUSE_SECONDS));
        }
        if (foot != Hand.NONE && !how.isHard()) {
            throw new IllegalArgumentException(
                    "A foot (%s) is planted where the path turns hard, LEFT or RIGHT.".formatted(foot));
        }
        if (pauseSeconds > 0 && how != Passing.STOP && how != Passing.TOUCH) {
            throw new IllegalArgumentException("A pause (%s s) needs a stop or a touch.".formatted(pauseSeconds));
        }
    }

    public Waypoint(Point at, Passing how) {
        this(at, how, Hand.NONE, 0, Optional.empty(), Optional.empty());
    }

    /** @param cut whether the mover plants and turns hard here instead of curving through */
    public Waypoint(Point at, boolean cut) {
        this(at, cut ? Passing.CUT : Passing.CURVE);
    }

    public static Waypoint smooth(double x, double y) {
        return new Waypoint(new Point(x, y), false);
    }

    public static Waypoint cut(double x, double y) {
        return new Waypoint(new Point(x, y), true);
    }

    /** Whether the path turns hard here. */
    public boolean cut() {
        return how.isHard();
    }

    /** Where the path goes on: where a circle comes out, else the point itself. */
    public Point leave() {
        return round.map(r -> r.end(at)).orElse(at);
    }

    public Waypoint withAt(Point place) {
        return new Waypoint(place, how, foot, pauseSeconds, round, called);
    }

    public Waypoint withCut(boolean hard) {
        return withHow(hard ? Passing.CUT : Passing.CURVE, 0);
    }

    public Waypoint withHow(Passing passing, double pause) {
        return new Waypoint(at, passing, passing.isHard() ? foot : Hand.NONE, pause, round, called);
    }

    /** With a foot planted; as it is where nobody plants one. */
    public Waypoint withFoot(Hand side) {
        return how.isHard() ? new Waypoint(at, how, side, pauseSeconds, round, called) : this;
    }

    public Waypoint withRound(Optional<Round> circle) {
        return new Waypoint(at, how, foot, pauseSeconds, circle, called);
    }

    public Waypoint withCalled(Optional<Called> call) {
        return new Waypoint(at, how, foot, pauseSeconds, round, call);
    }
}
