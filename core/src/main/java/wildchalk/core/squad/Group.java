package wildchalk.core.squad;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Limits;
import wildchalk.core.text.Slugs;

/**
 * Players who do something together.
 *
 * @param name as it is called: "Blue"
 * @param bib what they wear over their shirts; empty for nothing
 * @param captain one of them, perhaps
 */
public record Group(String id, String name, Optional<Chalk> bib, Optional<PlayerId> captain, List<PlayerId> players) {

    public Group {
        Slugs.check("group", id);
        Objects.requireNonNull(name, "name");
        Objects.requireNonNull(bib, "bib");
        Objects.requireNonNull(captain, "captain");
        Limits.text("name", name, Limits.WORD);
        players = List.copyOf(players);
        Limits.count("players of a group", players.size(), Squad.MOST_PLAYERS);
        if (players.stream().distinct().count() < players.size()) {
            throw new IllegalArgumentException("The group %s has somebody twice.".formatted(id));
        }
        if (captain.isPresent() && !players.contains(captain.get())) {
            throw new IllegalArgumentException(
                    "The captain \"%s\" is not in the group %s.".formatted(captain.get(), id));
        }
    }

    public Group withPlayers(List<PlayerId> people) {
        return new Group(id, name, bib, captain.filter(people::contains), people);
    }
}
