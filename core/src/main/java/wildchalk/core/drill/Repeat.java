package wildchalk.core.drill;

import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.core.text.Slugs;

/**
 * Steps that are done again: a link and no copy, so that what is changed in them is changed everywhere.
 *
 * @param from the first of them
 * @param to the last of them, the same or a later one
 * @param how where they are done again
 * @param times how often they are done in all, 2 to 20; about so often where a call ends it
 * @param side which way round for {@link How#TURNED}: LEFT is counter-clockwise; NONE for the others
 * @param about the place about which they are turned, or through which the mirror runs
 * @param instead who does it in whose place, each time further; whoever is not named does it again himself
 * @param goals which goal stands for which, likewise
 * @param until what is called when it is enough; empty where it is counted
 */
public record Repeat(
        RepeatId id,
        StepId from,
        StepId to,
        How how,
        int times,
        Hand side,
        Point about,
        Map<RoleId, RoleId> instead,
        Map<String, String> goals,
        Optional<String> until) {

    public static final int MOST_TIMES = 20;

    /** Where it is done again. */
    public enum How {
        /** Where it was done. */
        SAME,
        /** On the other side: mirrored in the line along the surface. Every second time it is as it was drawn. */
        OTHER_SIDE,
        /** At the other end: half a turn on. Every second time it is as it was drawn. */
        OTHER_END,
        /** At the next corner: turned by a whole round, divided by how often it is done. */
        TURNED
    }

    public Repeat {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(from, "from");
        Objects.requireNonNull(to, "to");
        Objects.requireNonNull(how, "how");
        Objects.requireNonNull(side, "side");
        Limits.place("middle of the repeat", about);
        instead = Map.copyOf(instead);
        goals = Map.copyOf(goals);
        Objects.requireNonNull(until, "until");
        until.ifPresent(w -> Limits.text("call that ends a repeat", w, Limits.WORD));
        if (!Set.copyOf(instead.values()).equals(instead.keySet())) {
            throw new IllegalArgumentException(
                    "In the repeat %s everybody who is named in \"instead\" needs a place and is taken from one: found %s."
                            .formatted(id, new TreeMap<>(instead)));
        }
        goals.forEach((a, b) -> {
            Slugs.check("goal", a);
            Slugs.check("goal", b);
        });
        if (times < 2 || times > MOST_TIMES) {
            throw new IllegalArgumentException(
                    "The repeat %s (%d times) must be from 2 to %d times.".formatted(id, times, MOST_TIMES));
        }
        if ((how == How.TURNED) != (side == Hand.LEFT || side == Hand.RIGHT)) {
            throw new IllegalArgumentException(
                    "The repeat %s goes LEFT or RIGHT where it is turned, and nowhere else.".formatted(id));
        }
    }

    public Repeat withId(RepeatId name) {
        return new Repeat(name, from, to, how, times, side, about, instead, goals, until);
    }

    public Repeat withSteps(StepId first, StepId last) {
        return new Repeat(id, first, last, how, times, side, about, instead, goals, until);
    }

    public Repeat withTimes(int often) {
        return new Repeat(id, from, to, how, often, side, about, instead, goals, until);
    }

    public Repeat withAbout(Point place) {
        return new Repeat(id, from, to, how, times, side, place, instead, goals, until);
    }

    public Repeat withSide(Hand way) {
        return new Repeat(id, from, to, how, times, way, about, instead, goals, until);
    }

    public Repeat withInstead(Map<RoleId, RoleId> others) {
        return new Repeat(id, from, to, how, times, side, about, others, goals, until);
    }

    public Repeat withGoals(Map<String, String> others) {
        return new Repeat(id, from, to, how, times, side, about, instead, others, until);
    }

    public Repeat withUntil(Optional<String> called) {
        return new Repeat(id, from, to, how, times, side, about, instead, goals, called);
    }

    /** Where the n-th repetition takes everything, n from 1. */
    public PlaneMap map(int n) {
        boolean asDrawn = n % 2 == 0;
        return switch (how) {
            case SAME -> PlaneMap.turn(about, 0);
            case OTHER_SIDE -> asDrawn ? PlaneMap.turn(about, 0) : PlaneMap.mirrorAcrossWidth(about);
            case OTHER_END -> PlaneMap.turn(about, asDrawn ? 0 : 180);
            case TURNED -> PlaneMap.turn(about, (side == Hand.LEFT ? 360.0 : -360.0) * n / times);
        };
    }

    /** Who does in the n-th repetition what a role does. */
    public RoleId role(RoleId role, int n) {
        RoleId now = role;
        for (int i = 0; i < n; i++) {
            now = instead.getOrDefault(now, now);
        }
        return now;
    }

    /** Which goal stands for another in the n-th repetition. */
    public String goal(String goal, int n) {
        String now = goal;
        for (int i = 0; i < n; i++) {
            now = goals.getOrDefault(now, now);
        }
        return now;
    }

    /** Those who change places among those who are left: a round that has lost somebody is none. */
    public static Map<RoleId, RoleId> rounds(Map<RoleId, RoleId> instead) {
        Map<RoleId, RoleId> left = new TreeMap<>(instead);
        boolean lost = true;
        while (lost) {
            lost = left.values().retainAll(Set.copyOf(left.keySet()))
                    | left.keySet().retainAll(Set.copyOf(left.values()));
        }
        return left;
    }

    /** In one order wherever they are written. */
    public Map<RoleId, RoleId> insteadInOrder() {
        return new TreeMap<>(instead);
    }

    public Map<String, String> goalsInOrder() {
        return new TreeMap<>(goals);
    }
}
