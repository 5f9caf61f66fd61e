package wildchalk.core.telling;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import wildchalk.core.drill.Bid;

/** How a ball is won in each sport: what a coach of it means when he says that somebody goes for it. */
public final class Bids {

    private static final List<Bid> BY_HAND = List.of(Bid.STRIP);

    /** For a ball that somebody carries, the usual first. */
    private static final Map<String, List<Bid>> AT_THE_CARRIER = Map.ofEntries(
            Map.entry("ice", List.of(Bid.POKE)),
            Map.entry("ringette", List.of(Bid.POKE)),
            Map.entry("floorball", List.of(Bid.POKE)),
            Map.entry("field-hockey", List.of(Bid.TACKLE, Bid.POKE)),
            Map.entry("lacrosse", List.of(Bid.POKE, Bid.STRIP)),
            Map.entry("box-lacrosse", List.of(Bid.POKE, Bid.STRIP)),
            Map.entry("football", List.of(Bid.TACKLE, Bid.POKE)),
            Map.entry("futsal", List.of(Bid.TACKLE, Bid.POKE)),
            Map.entry("rugby-union", List.of(Bid.TACKLE, Bid.RIP, Bid.STRIP)),
            Map.entry("rugby-league", List.of(Bid.TACKLE, Bid.RIP, Bid.STRIP)),
            Map.entry("gridiron", List.of(Bid.TACKLE, Bid.STRIP)),
            Map.entry("flag", List.of(Bid.TACKLE)));

    private Bids() {}

    /** What is usual against whoever carries the ball. */
    public static Bid usual(String sport) {
        return AT_THE_CARRIER.getOrDefault(sport, BY_HAND).get(0);
    }

    /** All that are known in a sport, those at the carrier first. */
    public static List<Bid> of(String sport) {
        List<Bid> all = new ArrayList<>(AT_THE_CARRIER.getOrDefault(sport, BY_HAND));
        all.addAll(List.of(Bid.INTERCEPTION, Bid.KNOCK_DOWN, Bid.BLOCK, Bid.BOX_OUT));
        return List.copyOf(all);
    }
}
