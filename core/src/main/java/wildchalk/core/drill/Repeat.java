package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
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
 * @param about the place about which they are turned, or through which the mirror runs; for {@link How#ALONG} how far
 *     further they are each time
 * @param instead who does it in whose place, each time further; whoever is not named does it again himself
 * @param goals which goal stands for which, likewise
 * @param until what is called when it is enough; empty where it is counted
 * @param growth what is different each time
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
        Optional<String> until,
        Growth growth) {

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
        TURNED,
        /** Further along a row: by the same way each time. */
        ALONG
    }

    /**
     * What is different each time.
     *
     * @param joining who come in one by one: the first of them the second time, the next the third; what they do in the steps is
     *     done from then on
     * @param touchFewer whether every limit on touches is one fewer each time, down to one
     */
    public record Growth(List<RoleId> joining, boolean touchFewer) {

        public static final Growth NONE = new Growth(List.of(), false);

        public Growth {
            joining = List.copyOf(joining);
            Uniqueness.check("place among who join", joining.stream());
        }

        /** Whether somebody is in it the n-th time, n from 0 for the first. */
        public boolean has(RoleId role, int n) {
            return joining.indexOf(role) < n;
        }

        /** With somebody who comes in last, or who is in it from the start. */
        public Growth withJoining(RoleId role, boolean joins) {
            List<RoleId> all = new ArrayList<>(joining);
            all.remove(role);
            if (joins) {
                all.add(role);
            }
            return new Growth(all, touchFewer);
        }

        public Growth withTouchFewer(boolean fewer) {
            return new Growth(joining, fewer);
        }

        /** Of those who are there. */
        public Growth among(Predicate<RoleId> there) {
            return new Growth(joining.stream().filter(there).toList(), touchFewer);
        }
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
        Objects.requireNonNull(growth, "growth");
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

    /** With nothing that is different each time. */
    public Repeat(
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
        this(id, from, to, how, times, side, about, instead, goals, until, Growth.NONE);
    }

    public Repeat withId(RepeatId name) {
        return new Repeat(name, from, to, how, times, side, about, instead, goals, until, growth);
    }

    public Repeat withSteps(StepId first, StepId last) {
        return new Repeat(id, first, last, how, times, side, about, instead, goals, until, growth);
    }

    public Repeat withTimes(int often) {
        return new Repeat(id, from, to, how, often, side, about, instead, goals, until, growth);
    }

    public Repeat withAbout(Point place) {
        return new Repeat(id, from, to, how, times, side, place, instead, goals, until, growth);
    }

    public Repeat withSide(Hand way) {
        return new Repeat(id, from, to, how, times, way, about, instead, goals, until, growth);
    }

    public Repeat withInstead(Map<RoleId, RoleId> others) {
        return new Repeat(id, from, to, how, times, side, about, others, goals, until, growth);
    }

    public Repeat withGoals(Map<String, String> others) {
        return new Repeat(id, from, to, how, times, side, about, instead, others, until, growth);
    }

    public Repeat withUntil(Optional<String> called) {
        return new Repeat(id, from, to, how, times, side, about, instead, goals, called, growth);
    }

    public Repeat withGrowth(Growth other) {
        return new Repeat(id, from, to, how, times, side, about, instead, goals, until, other);
    }

    /** Where the n-th repetition takes everything, n from 1. */
    public PlaneMap map(int n) {
        boolean asDrawn = n % 2 == 0;
        return switch (how) {
            case SAME -> PlaneMap.turn(about, 0);
            case OTHER_SIDE -> asDrawn ? PlaneMap.turn(about, 0) : PlaneMap.mirrorAcrossWidth(about);
            case OTHER_END -> PlaneMap.turn(about, asDrawn ? 0 : 180);
            case ALONG -> PlaneMap.shift(about.times(n));
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
