package wildchalk.core.reps;

import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.WaitingLine;

/**
 * With whom and with what reps are played.
 *
 * @param standing how many stand in a line; a line that is not named has those who are drawn
 * @param balls how many there are; empty for as many as it takes
 * @param every seconds from one start to the next, instead of what the drill says
 * @param rests in which no rep starts
 * @param misses how often a pass misses
 * @param seed of the draws
 */
public record Conditions(
        Map<LineId, Integer> standing,
        OptionalInt balls,
        OptionalDouble every,
        Optional<Rests> rests,
        Misses misses,
        long seed) {

    /** As drawn: balls enough, and nobody misses. */
    public static final Conditions AS_DRAWN =
            new Conditions(Map.of(), OptionalInt.empty(), OptionalDouble.empty(), Optional.empty(), Misses.NONE, 0);

    public Conditions {
        standing = Map.copyOf(standing);
        Objects.requireNonNull(balls, "balls");
        Objects.requireNonNull(every, "every");
        Objects.requireNonNull(rests, "rests");
        Objects.requireNonNull(misses, "misses");
    }

    /** With so many people, coaches not counted, in the lines as {@link Filling} puts them. */
    public Conditions withPeople(Scene scene, int people) {
        return new Conditions(Filling.of(scene, people), balls, every, rests, misses, seed);
    }

    public Conditions withBalls(int count) {
        return new Conditions(standing, OptionalInt.of(count), every, rests, misses, seed);
    }

    public Conditions withEvery(double seconds) {
        return new Conditions(standing, balls, OptionalDouble.of(seconds), rests, misses, seed);
    }

    public Conditions withMisses(Misses often, long drawn) {
        return new Conditions(standing, balls, every, rests, often, drawn);
    }

    public Conditions withRests(Rests rest) {
        return new Conditions(standing, balls, every, Optional.of(rest), misses, seed);
    }

    int standing(WaitingLine line) {
        return standing.getOrDefault(line.id(), line.standing());
    }
}
