package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import wildchalk.core.text.Slugs;

/**
 * Several play freely until something ends it. What binds and limits them are rules of the drill.
 *
 * @param with who play with whoever does the move
 * @param zone id of the zone that they play in; empty for where they are
 * @param endings what ends it, at least one
 * @param passes how many passes end it, 1 to 50; 0 where none do
 * @param typicalSeconds how long it usually lasts, above zero
 * @param longestSeconds when it is stopped at the latest, at least as long
 * @param joining who comes in while it goes on
 * @param ending how it ends where no fork decides; one of the endings
 * @param scores what an ending counts, for those that count
 */
public record OpenPlay(
        List<RoleId> with,
        Optional<String> zone,
        List<PlayEnd> endings,
        int passes,
        double typicalSeconds,
        double longestSeconds,
        List<Joining> joining,
        PlayEnd ending,
        Map<PlayEnd, Integer> scores)
        implements Deed {

    public static final int MAX_PASSES = 50;

    public OpenPlay {
        with = List.copyOf(with);
        Objects.requireNonNull(zone, "zone");
        zone.ifPresent(z -> Slugs.check("zone", z));
        endings = endings.stream().distinct().sorted().toList();
        joining = List.copyOf(joining);
        Objects.requireNonNull(ending, "ending");
        Limits.count("players", with.size(), Limits.ROLES);
        if (with.isEmpty() || with.stream().distinct().count() < with.size()) {
            throw new IllegalArgumentException("Open play (%s) needs at least one other, each once.".formatted(with));
        }
        if (!endings.contains(ending)) {
            throw new IllegalArgumentException(
                    "Open play cannot end by %s: say one of %s.".formatted(Named.of(ending), Named.of(endings)));
        }
        if (endings.contains(PlayEnd.PASSES) != (passes > 0) || passes < 0 || passes > MAX_PASSES) {
            throw new IllegalArgumentException(
                    "The passes (%d) that end open play must be from 1 to %d where passes end it, else 0."
                            .formatted(passes, MAX_PASSES));
        }
        scores = Map.copyOf(scores);
        if (!endings.containsAll(scores.keySet()) || scores.values().stream().anyMatch(OpenPlay::isNoScore)) {
            throw new IllegalArgumentException("Open play can score %s only by what ends it, 1 to %d points each."
                    .formatted(new TreeMap<>(scores), Scoring.Points.MOST));
        }
        Limits.lasting("usual length of open play", typicalSeconds);
        Limits.lasting("longest open play", longestSeconds);
        if (longestSeconds < typicalSeconds) {
            throw new IllegalArgumentException("Open play (usually %s s) cannot be stopped before, at %s s."
                    .formatted(typicalSeconds, longestSeconds));
        }
    }

    /** Until somebody scores, the ball is out or won, a quarter of a minute at most. */
    public static OpenPlay with(List<RoleId> others, Optional<String> zone) {
        return new OpenPlay(
                others,
                zone,
                List.of(PlayEnd.GOAL, PlayEnd.OUT, PlayEnd.WON),
                0,
                TYPICAL_SECONDS,
                LONGEST_SECONDS,
                List.of(),
                PlayEnd.GOAL,
                Map.of());
    }

    private static boolean isNoScore(int points) {
        return points == 0 || Math.abs(points) > Scoring.Points.MOST;
    }

    private Map<PlayEnd, Integer> scores(List<PlayEnd> left) {
        Map<PlayEnd, Integer> all = new HashMap<>(scores);
        all.keySet().retainAll(left);
        return all;
    }

    /** With points for an ending; none where they are 0. */
    public OpenPlay withScore(PlayEnd end, int points) {
        if (!endings.contains(end)) {
            return this;
        }
        Map<PlayEnd, Integer> all = new HashMap<>(scores);
        all.remove(end);
        if (points != 0) {
            all.put(end, points);
        }
        return new OpenPlay(with, zone, endings, passes, typicalSeconds, longestSeconds, joining, ending, all);
    }

    /** In one order wherever they are written. */
    public Map<PlayEnd, Integer> scoresInOrder() {
        return new TreeMap<>(scores);
    }

    public OpenPlay withOthers(List<RoleId> roles) {
        return new OpenPlay(roles, zone, endings, passes, typicalSeconds, longestSeconds, joining, ending, scores);
    }

    public OpenPlay withZone(Optional<String> id) {
        return new OpenPlay(with, id, endings, passes, typicalSeconds, longestSeconds, joining, ending, scores);
    }

    /** Ended by something more, or by that no longer; what is left last stays. */
    public OpenPlay withEndings(List<PlayEnd> all) {
        if (all.isEmpty()) {
            return this;
        }
        int count = all.contains(PlayEnd.PASSES) ? passes > 0 ? passes : USUAL_PASSES : 0;
        return new OpenPlay(
                with,
                zone,
                all,
                count,
                typicalSeconds,
                longestSeconds,
                joining,
                all.contains(ending) ? ending : all.get(0),
                scores(all));
    }

    public OpenPlay withEnding(PlayEnd end) {
        return endings.contains(end)
                ? new OpenPlay(with, zone, endings, passes, typicalSeconds, longestSeconds, joining, end, scores)
                : this;
    }

    public OpenPlay withPasses(int count) {
        return new OpenPlay(with, zone, endings, count, typicalSeconds, longestSeconds, joining, ending, scores);
    }

    public OpenPlay withSeconds(double typical, double longest) {
        return new OpenPlay(with, zone, endings, passes, typical, longest, joining, ending, scores);
    }

    public OpenPlay withJoining(List<Joining> list) {
        return new OpenPlay(with, zone, endings, passes, typicalSeconds, longestSeconds, list, ending, scores);
    }

    private static final double TYPICAL_SECONDS = 8;
    private static final double LONGEST_SECONDS = 15;
    private static final int USUAL_PASSES = 5;

    @Override
    public Deed withRoles(UnaryOperator<RoleId> other) {
        return withOthers(with.stream().map(other).toList())
                .withJoining(joining.stream()
                        .map(j -> new Joining(other.apply(j.who()), other.apply(j.at())))
                        .toList());
    }

    @Override
    public List<RoleId> others() {
        List<RoleId> all = new ArrayList<>(with);
        for (Joining j : joining) {
            Stream.of(j.who(), j.at()).filter(r -> !all.contains(r)).forEach(all::add);
        }
        return all;
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.openPlay(this);
    }
}
