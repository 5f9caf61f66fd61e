package wildchalk.core.reps;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Side;

/**
 * With whom, with what and for how long a drill is run.
 *
 * @param people coaches not counted, 1 to 200
 * @param minutes above 0, at most 120
 * @param balls how many there are; empty for as many as it takes
 * @param every seconds from one start to the next, instead of what the drill says
 * @param coaches how many there are, 0 to 20; empty for as many as it takes. Where one is missing a player takes his place
 * @param rests within the minutes
 */
public record Setting(
        int people,
        double minutes,
        AgeBand age,
        OptionalInt balls,
        OptionalDouble every,
        OptionalInt coaches,
        Optional<Rests> rests) {

    public static final int MOST_COACHES = 20;

    public static final int MOST_PEOPLE = 200;
    public static final double MOST_MINUTES = 120;

    public Setting {
        Objects.requireNonNull(age, "age");
        Objects.requireNonNull(balls, "balls");
        Objects.requireNonNull(every, "every");
        Objects.requireNonNull(rests, "rests");
        if (coaches.isPresent() && (coaches.getAsInt() < 0 || coaches.getAsInt() > MOST_COACHES)) {
            throw new IllegalArgumentException(
                    "The coaches (%d) must be 0 to %d.".formatted(coaches.getAsInt(), MOST_COACHES));
        }
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
                OptionalDouble.empty(),
                OptionalInt.empty(),
                Optional.empty());
    }

    public Setting withPeople(int count) {
        return new Setting(count, minutes, age, balls, every, coaches, rests);
    }

    public Setting withMinutes(double length) {
        return new Setting(people, length, age, balls, every, coaches, rests);
    }

    public Setting withAge(AgeBand band) {
        return new Setting(people, minutes, band, balls, every, coaches, rests);
    }

    public Setting withBalls(OptionalInt count) {
        return new Setting(people, minutes, age, count, every, coaches, rests);
    }

    public Setting withEvery(OptionalDouble seconds) {
        return new Setting(people, minutes, age, balls, seconds, coaches, rests);
    }

    public Setting withCoaches(OptionalInt count) {
        return new Setting(people, minutes, age, balls, every, count, rests);
    }

    public Setting withRests(Optional<Rests> rest) {
        return new Setting(people, minutes, age, balls, every, coaches, rest);
    }

    /** At how many stations a drill is run, itself counted. */
    public static int count(Scene scene) {
        return 1 + scene.layout().stations().size();
    }

    /** How many play at each station, the fullest first: those left out who take a coach's place. */
    public List<Integer> groups(Scene scene) {
        List<Integer> all = shares(people, count(scene));
        List<Integer> instead = insteadOfCoaches(scene);
        return IntStream.range(0, all.size())
                .mapToObj(i -> all.get(i) - instead.get(i))
                .toList();
    }

    /** How many coaches the drill takes at all its stations. */
    public static int coachesOf(Scene scene) {
        return count(scene) * coachesOfOne(scene);
    }

    private static int coachesOfOne(Scene scene) {
        return (int) scene.roles().stream().filter(r -> r.side() == Side.COACH).count();
    }

    /** How many players take a coach's place, at all stations together. */
    public int insteadOfCoach(Scene scene) {
        return insteadOfCoaches(scene).stream().mapToInt(i -> i).sum();
    }

    /** The first stations have their coaches first; nobody stops playing where he is the last who does. */
    private List<Integer> insteadOfCoaches(Scene scene) {
        int each = coachesOfOne(scene);
        List<Integer> all = shares(people, count(scene));
        int there = coaches.orElse(coachesOf(scene));
        List<Integer> instead = new ArrayList<>();
        for (int group : all) {
            int here = Math.min(each, there);
            there -= here;
            instead.add(Math.max(0, Math.min(each - here, group - 1)));
        }
        return instead;
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
                        rests,
                        Misses.NONE,
                        0))
                .toList();
    }
}
