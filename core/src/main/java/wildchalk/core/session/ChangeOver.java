package wildchalk.core.session;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wildchalk.core.drill.Chalk;
import wildchalk.core.geometry.Point;
import wildchalk.core.squad.PlayerId;

/**
 * What it takes from one block to the next.
 *
 * @param seconds all told
 * @param walkMetres the longest way that anybody goes
 * @param bring pieces that have to be put down
 * @param clear pieces that are in the way of what comes, and have to go
 * @param bibs how many put on another bib
 */
public record ChangeOver(double seconds, double walkMetres, List<Piece> bring, List<Piece> clear, int bibs) {

    /** Players walk between stations (m/s). */
    private static final double WALK_SPEED = 1.4;

    /** To stand in lines again (s; estimate: 8 to 15). */
    static final double LINE_UP_SECONDS = 12;

    /** One person puts down or takes up a piece (s; estimate: ten cones in 40 to 60 s). */
    private static final double PIECE_SECONDS = 5;

    /** Bibs for whoever changes, all at once (s; estimate: 20 to 40). */
    private static final double BIB_SECONDS = 30;

    public ChangeOver {
        bring = List.copyOf(bring);
        clear = List.copyOf(clear);
    }

    /** How long (s) it takes to carry all that. */
    static double carrySeconds(int pieces, int carriers) {
        return Math.ceil((double) pieces / Math.max(1, carriers)) * PIECE_SECONDS;
    }

    /**
     * From one set-up to the next.
     *
     * @param before what stands, and who wears what
     * @param carriers how many put gear down while the players walk
     * @param spare seconds before in which gear can be carried: a drink, a talk
     */
    static ChangeOver between(Standing before, Standing after, int carriers, double spare) {
        List<Piece> left = new ArrayList<>(before.pieces());
        List<Piece> bring = new ArrayList<>();
        for (Piece wanted : after.pieces()) {
            if (left.stream().noneMatch(p -> p.servesAs(wanted))) {
                bring.add(wanted);
            } else {
                left.remove(left.stream()
                        .filter(p -> p.servesAs(wanted))
                        .findFirst()
                        .orElseThrow());
            }
        }
        List<Piece> clear = left.stream().filter(p -> after.takes(p.at())).toList();
        double metres = 0;
        for (Point to : after.middles()) {
            double nearest =
                    before.middles().stream().mapToDouble(to::distanceTo).max().orElse(0);
            metres = Math.max(metres, nearest);
        }
        Set<PlayerId> other = new HashSet<>(after.bibs().keySet());
        other.removeIf(p -> after.bibs().get(p).equals(before.bibs().get(p)));
        double carry = Math.max(0, carrySeconds(bring.size() + clear.size(), carriers) - spare);
        double move = metres / WALK_SPEED + LINE_UP_SECONDS + (other.isEmpty() ? 0 : BIB_SECONDS);
        return new ChangeOver(Math.max(carry, move), metres, bring, clear, other.size());
    }

    /** From one round of a block to the next: groups walk on and line up. */
    static double roundSeconds(List<Point> middles) {
        double metres = 0;
        for (int i = 0; i < middles.size(); i++) {
            metres = Math.max(metres, middles.get(i).distanceTo(middles.get((i + 1) % middles.size())));
        }
        return metres / WALK_SPEED + LINE_UP_SECONDS;
    }

    /**
     * What stands on the floor in a block.
     *
     * @param areas corners of each station's part
     * @param middles of those
     * @param bibs what whoever wears one wears
     */
    record Standing(List<Piece> pieces, List<List<Point>> areas, List<Point> middles, Map<PlayerId, Chalk> bibs) {

        static final Standing EMPTY = new Standing(List.of(), List.of(), List.of(), Map.of());

        /** Whether a place is in a part that is in use. */
        boolean takes(Point at) {
            return areas.stream().anyMatch(a -> Areas.contains(a, at));
        }
    }
}
