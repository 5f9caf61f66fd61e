package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.List;

/**
 * Whom a drill is for.
 *
 * @param ages suitable bands; the first sets the pace of the animation; at least one
 * @param players how many it works with, fewest, best and most: 1 or more, in rising order
 * @param minutes how long it is usually run, 1 to 120
 */
public record Audience(List<AgeBand> ages, HeadCount players, int minutes) {

    /** How long a drill is run until somebody says otherwise. */
    public static final int USUAL_MINUTES = 10;

    public static final Audience USUAL = new Audience(List.of(AgeBand.U16), new HeadCount(4, 12, 18));

    public Audience {
        ages = List.copyOf(ages);
        if (ages.isEmpty()) {
            throw new IllegalArgumentException("The ages (none) need at least one band.");
        }
        if (minutes < 1 || minutes > 120) {
            throw new IllegalArgumentException("The minutes (%d) need 1 to 120.".formatted(minutes));
        }
    }

    public Audience(List<AgeBand> ages, HeadCount players) {
        this(ages, players, USUAL_MINUTES);
    }

    public Audience withPlayers(HeadCount count) {
        return new Audience(ages, count, minutes);
    }

    public Audience withMinutes(int count) {
        return new Audience(ages, players, count);
    }

    /** The band whose speeds the animation uses. */
    public AgeBand paceBand() {
        return ages.get(0);
    }

    public Audience withPaceBand(AgeBand band) {
        List<AgeBand> list = new ArrayList<>(List.of(band));
        ages.stream().filter(a -> a != band).forEach(list::add);
        return new Audience(list, players, minutes);
    }

    /** Fewest, best and most players. */
    public record HeadCount(int min, int best, int max) {
        public HeadCount {
            if (min < 1 || best < min || max < best || max > 200) {
                throw new IllegalArgumentException(
                        "The players (%d, %d, %d) must rise from 1 or more to 200 at most.".formatted(min, best, max));
            }
        }
    }
}
