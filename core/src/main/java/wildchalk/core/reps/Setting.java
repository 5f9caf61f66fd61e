package wildchalk.core.reps;

import java.util.List;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Scene;

/**
 * With whom, with what and for how long a drill is run.
 *
 * @param people coaches not counted, 1 to 200
 * @param minutes above 0, at most 120
 * @param balls how many there are; empty for as many as it takes
 * @param every seconds from one start to the next, instead of what the drill says
 */
public record Setting(int people, double minutes, AgeBand age, OptionalInt balls, OptionalDouble every) {

    public static final int MOST_PEOPLE = 200;
    public static final double MOST_MINUTES = 120;

    public Setting {
        Objects.requireNonNull(age, "age");
        Objects.requireNonNull(balls, "balls");
        Objects.requireNonNull(every, "every");
        if (people < 1 || people > MOST_PEOPLE) {
            throw new IllegalArgumentException("The people (%d) must be 1 to %d.".formatted(people, MOST_PEOPLE));
        }
        if (!(minutes > 0 && minutes <= MOST_MINUTES)) {
            throw new IllegalArgumentException(
                    "The minutes (%s) must be above 0 and at most %s.".formatted(minutes, MOST_MINUTES));
        }
    }

    /** As drawn, with the balls that a drawn supply holds and those that lie beside it. */
    public static Setting drawn(Drill drill, Scene scene) {
        int supplied = scene.gear().stream()
                .filter(g -> g.kind() == GearKind.SUPPLY)
                .mapToInt(Gear::count)
                .sum();
        return new Setting(
                Math.max(1, count(scene) * Filling.drawn(scene)),
                drill.audience().minutes(),
                drill.audience().paceBand(),
                supplied == 0
                        ? OptionalInt.empty()
                        : OptionalInt.of(supplied + scene.balls().size()),
                OptionalDouble.empty());
    }

    public Setting withPeople(int count) {
        return new Setting(count, minutes, age, balls, every);
    }

    public Setting withMinutes(double length) {
        return new Setting(people, length, age, balls, every);
    }

    public Setting withAge(AgeBand band) {
        return new Setting(people, minutes, band, balls, every);
    }

    public Setting withBalls(OptionalInt count) {
        return new Setting(people, minutes, age, count, every);
    }

    public Setting withEvery(OptionalDouble seconds) {
        return new Setting(people, minutes, age, balls, seconds);
    }

    /** At how many stations a drill is run, itself counted. */
    public static int count(Scene scene) {
        return 1 + scene.layout().stations().size();
    }

    /** How many people there are at each station, the fullest first. */
    public List<Integer> groups(Scene scene) {
        return shares(people, count(scene));
    }

    private static List<Integer> shares(int all, int stations) {
        return IntStream.range(0, stations)
                .map(i -> all / stations + (i < all % stations ? 1 : 0))
                .boxed()
                .toList();
    }

    /** Without misses, the people of each station in its lines, and balls likewise. */
    public List<Conditions> stations(Scene scene) {
        List<Integer> groups = groups(scene);
        return IntStream.range(0, groups.size())
                .mapToObj(i -> new Conditions(
                        Filling.of(scene, groups.get(i)),
                        balls.isEmpty()
                                ? balls
                                : OptionalInt.of(
                                        shares(balls.getAsInt(), groups.size()).get(i)),
                        every,
                        Misses.NONE,
                        0))
                .toList();
    }
}
