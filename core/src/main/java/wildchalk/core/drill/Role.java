package wildchalk.core.drill;

import java.util.Objects;
import java.util.Optional;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;

/**
 * A part that somebody plays in one rep.
 *
 * @param label what stands on the mark: "LB"
 * @param at where the role starts; empty when it starts at the head of the line that feeds it
 * @param facingDegrees where it looks at the start
 * @param pace factor on the speed of the age band, 0.3 to 2
 * @param team the colour of its bib; empty for the colour of its side
 * @param hand the hand, foot or stick side it plays with
 * @param posture how it is at the whistle
 * @param task what it does all the time, in words: "passes", "calls"; perhaps nothing
 * @param later whether somebody plays it from the second rep on only, and nobody in the first
 */
public record Role(
        RoleId id,
        String label,
        Side side,
        Optional<Point> at,
        double facingDegrees,
        double pace,
        Optional<Chalk> team,
        Hand hand,
        String task,
        Posture posture,
        boolean later) {

    public static final double MIN_PACE = 0.3;
    public static final double MAX_PACE = 2;

    public Role {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(label, "label");
        Objects.requireNonNull(side, "side");
        Objects.requireNonNull(at, "at");
        Objects.requireNonNull(team, "team");
        Objects.requireNonNull(hand, "hand");
        Objects.requireNonNull(task, "task");
        Objects.requireNonNull(posture, "posture");
        Limits.text("label", label, Limits.LABEL);
        Limits.text("task", task, Limits.LINE);
        at.ifPresent(p -> Limits.place("player", p));
        facingDegrees = Limits.heading("player", facingDegrees);
        facingDegrees = Headings.normalise(facingDegrees);
        if (!(pace >= MIN_PACE && pace <= MAX_PACE)) {
            throw new IllegalArgumentException(
                    "The pace (%s) must be from %s to %s.".formatted(pace, MIN_PACE, MAX_PACE));
        }
    }

    /** A role in the colour of its side. */
    public Role(RoleId id, String label, Side side, Optional<Point> at, double facingDegrees, double pace) {
        this(id, label, side, at, facingDegrees, pace, Optional.empty(), Hand.NONE, "", Posture.STANDING, false);
    }

    /** One that stands. */
    public Role(
            RoleId id,
            String label,
            Side side,
            Optional<Point> at,
            double facingDegrees,
            double pace,
            Optional<Chalk> team,
            Hand hand,
            String task) {
        this(id, label, side, at, facingDegrees, pace, team, hand, task, Posture.STANDING, false);
    }

    public Role withPosture(Posture how) {
        return new Role(id, label, side, at, facingDegrees, pace, team, hand, task, how, later);
    }

    /** Where a map carries it; the other hand where the map mirrors. */
    public Role carried(PlaneMap map) {
        Role turned = withFacing(map.applyToHeading(facingDegrees)).withHand(map.swapsHands() ? hand.swapped() : hand);
        return at.map(p -> turned.withAt(map.apply(p))).orElse(turned);
    }

    public Role withId(RoleId name) {
        return new Role(name, label, side, at, facingDegrees, pace, team, hand, task, posture, later);
    }

    public Role withAt(Point place) {
        return new Role(id, label, side, Optional.of(place), facingDegrees, pace, team, hand, task, posture, later);
    }

    public Role withPace(double factor) {
        return new Role(id, label, side, at, facingDegrees, factor, team, hand, task, posture, later);
    }

    public Role withLabel(String text) {
        return new Role(id, text, side, at, facingDegrees, pace, team, hand, task, posture, later);
    }

    public Role withSide(Side other) {
        return new Role(id, label, other, at, facingDegrees, pace, team, hand, task, posture, later);
    }

    public Role withFacing(double degrees) {
        return new Role(id, label, side, at, degrees, pace, team, hand, task, posture, later);
    }

    public Role withTeam(Optional<Chalk> colour) {
        return new Role(id, label, side, at, facingDegrees, pace, colour, hand, task, posture, later);
    }

    public Role withHand(Hand other) {
        return new Role(id, label, side, at, facingDegrees, pace, team, other, task, posture, later);
    }

    public Role withTask(String words) {
        return new Role(id, label, side, at, facingDegrees, pace, team, hand, words, posture, later);
    }

    public Role withLater(boolean fromSecondRep) {
        return new Role(id, label, side, at, facingDegrees, pace, team, hand, task, posture, fromSecondRep);
    }
}
