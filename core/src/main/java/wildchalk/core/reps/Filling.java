package wildchalk.core.reps;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.WaitingLine;

/**
 * Where so many people stand: first everybody whom a rep takes, then the others where somebody waits the shortest time: in the line
 * with the fewest people for each that it gives, the first of them where two are alike.
 */
public final class Filling {

    /** More do not stand in a line. */
    public static final int MOST_IN_LINE = 40;

    private Filling() {}

    /** How many people one rep takes, coaches not counted. */
    public static int fewest(Scene scene) {
        return started(scene) + later(scene);
    }

    /** How many the first rep takes. */
    private static int started(Scene scene) {
        return places(scene)
                + feeding(scene).stream().mapToInt(l -> l.feeds().size()).sum();
    }

    /** Those who play a role that no line gives, coaches not counted. */
    private static int places(Scene scene) {
        return (int) unfed(scene).filter(r -> !r.later()).count();
    }

    /** Those who come in later, and stand in a line until then. */
    private static int later(Scene scene) {
        return hasRoom(scene) ? (int) unfed(scene).filter(Role::later).count() : 0;
    }

    private static Stream<Role> unfed(Scene scene) {
        return scene.roles().stream()
                .filter(r -> r.side() != Side.COACH && scene.lineFeeding(r.id()).isEmpty());
    }

    private static List<WaitingLine> feeding(Scene scene) {
        return scene.lines().stream().filter(l -> !l.feeds().isEmpty()).toList();
    }

    /** Whether anybody more than a rep takes has somewhere to stand. */
    public static boolean hasRoom(Scene scene) {
        return !feeding(scene).isEmpty();
    }

    /**
     * How many stand in each line.
     *
     * @param people coaches not counted; with fewer than a rep takes, everybody whom it takes; at most {@link #MOST_IN_LINE} in a line
     */
    public static Map<LineId, Integer> of(Scene scene, int people) {
        Map<LineId, Integer> standing = new LinkedHashMap<>();
        scene.lines().forEach(l -> standing.put(l.id(), l.feeds().size()));
        for (int left = Math.max(people, fewest(scene)) - started(scene); left > 0; left--) {
            WaitingLine shortest = null;
            for (WaitingLine line : feeding(scene)) {
                int there = standing.get(line.id());
                if (there < MOST_IN_LINE
                        && (shortest == null || load(line, there) < load(shortest, standing.get(shortest.id())))) {
                    shortest = line;
                }
            }
            if (shortest == null) {
                break;
            }
            standing.merge(shortest.id(), 1, Integer::sum);
        }
        return standing;
    }

    private static double load(WaitingLine line, int there) {
        return (double) there / line.feeds().size();
    }

    /** How many people are there as drawn, coaches not counted. */
    public static int drawn(Scene scene) {
        return places(scene)
                + feeding(scene).stream()
                        .mapToInt(l -> Math.max(l.standing(), l.feeds().size()))
                        .sum();
    }

    /** Whether somebody counts as one of the players. */
    public static boolean isPlayer(Role role) {
        return role.side() != Side.COACH;
    }
}
