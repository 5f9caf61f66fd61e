package wildchalk.core.session;

import java.util.EnumMap;
import java.util.Map;
import wildchalk.core.drill.GearKind;

/**
 * What there is to set out.
 *
 * @param gear pieces of each kind that has been counted; a kind that is not in it is not counted
 * @param balls how many; -1 where nobody has counted
 */
public record Kit(Map<GearKind, Integer> gear, int balls) {

    public static final Kit UNCOUNTED = new Kit(Map.of(), -1);

    private static final int MOST = 10_000;

    public Kit {
        Map<GearKind, Integer> sorted = new EnumMap<>(GearKind.class);
        sorted.putAll(gear);
        gear = java.util.Collections.unmodifiableMap(sorted);
        gear.forEach((kind, count) -> {
            if (count < 0 || count > MOST) {
                throw new IllegalArgumentException(
                        "The kit has %d of %s; 0 to %d can be.".formatted(count, kind, MOST));
            }
        });
        if (balls < -1 || balls > MOST) {
            throw new IllegalArgumentException("The kit has %d balls; 0 to %d can be.".formatted(balls, MOST));
        }
    }
}
