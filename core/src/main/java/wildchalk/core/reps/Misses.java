package wildchalk.core.reps;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Conduct;

/**
 * How often simple passes miss at an age, and what fetching the ball takes: estimates of the field, since no norms are known.
 *
 * @param share of passes that miss, 0 to 1
 * @param least a miss costs so long (s) at least, all told
 * @param most and at most
 */
public record Misses(double share, double least, double most) {

    /** Nobody misses. */
    public static final Misses NONE = new Misses(0);

    /** Each is fetched. */
    public Misses(double share) {
        this(share, Conduct.Lost.FETCH.leastSeconds(), Conduct.Lost.FETCH.mostSeconds());
    }

    /** With what is done then; fetched where nobody has said. */
    public Misses then(Optional<Conduct.Lost> lost) {
        Conduct.Lost done = lost.orElse(Conduct.Lost.FETCH);
        return new Misses(share, done.leastSeconds(), done.mostSeconds());
    }

    public Misses {
        if (!(share >= 0 && share <= 1)) {
            throw new IllegalArgumentException("The share of misses (%s) must be from 0 to 1.".formatted(share));
        }
    }

    /** By age: 35 of 100 at U8, 5 at competitive level (estimate). */
    public static Misses at(AgeBand age) {
        return new Misses(
                switch (age) {
                    case U8 -> 0.35;
                    case U10 -> 0.25;
                    case U12 -> 0.18;
                    case U14 -> 0.12;
                    case U16 -> 0.11;
                    case ADULT -> 0.10;
                    case COMPETITIVE -> 0.05;
                });
    }

    /** What happens to one rep with passes at these moments. */
    Hitches draw(double[] passes, RandomGenerator random) {
        if (share == 0 || passes.length == 0) {
            return Hitches.NONE;
        }
        List<Hitches.Hitch> missed = new ArrayList<>();
        for (double moment : passes) {
            if (random.nextDouble() < share) {
                missed.add(new Hitches.Hitch(moment, least + random.nextDouble() * (most - least)));
            }
        }
        return missed.isEmpty() ? Hitches.NONE : new Hitches(missed);
    }
}
