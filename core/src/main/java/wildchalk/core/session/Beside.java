package wildchalk.core.session;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import wildchalk.core.drill.Limits;
import wildchalk.core.squad.PlayerId;

/**
 * What some do beside the blocks: keepers by themselves, somebody who is injured.
 *
 * @param from minutes after the start
 * @param minutes above 0
 */
public record Beside(
        BlockId id,
        String title,
        double from,
        double minutes,
        List<PlayerId> players,
        Optional<CoachId> coach,
        String text) {

    public Beside {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(coach, "coach");
        Limits.text("title", title, Limits.LINE);
        Limits.text("text", text, Limits.TEXT);
        players = List.copyOf(players);
        Limits.count("players beside", players.size(), wildchalk.core.squad.Squad.MOST_PLAYERS);
        if (!(from >= 0 && minutes > 0 && from + minutes <= Session.MOST_MINUTES)) {
            throw new IllegalArgumentException(
                    "What is done beside, %s (from minute %s, %s minutes), must lie within %d."
                            .formatted(id, from, minutes, Session.MOST_MINUTES));
        }
    }
}
