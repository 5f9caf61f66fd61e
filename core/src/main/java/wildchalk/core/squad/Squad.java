package wildchalk.core.squad;

import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Limits;

/**
 * All players of a team.
 *
 * @param levels the coach's own words for how good somebody is, the best first; perhaps none
 * @param players in the coach's order, ids unique
 * @param together players who stay in one group
 * @param apart players of whom no two go into one group
 */
public record Squad(
        SquadId id,
        String title,
        List<String> levels,
        List<Player> players,
        List<Set<PlayerId>> together,
        List<Set<PlayerId>> apart) {

    public static final int MOST_PLAYERS = 200;
    public static final int MOST_LEVELS = 12;
    public static final int MOST_BONDS = 100;

    public Squad {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(title, "title");
        Limits.text("title", title, Limits.LINE);
        levels = List.copyOf(levels);
        players = List.copyOf(players);
        together = together.stream().map(Set::copyOf).toList();
        apart = apart.stream().map(Set::copyOf).toList();
        levels.forEach(l -> Limits.text("level", l, Limits.WORD));
        Limits.count("levels", levels.size(), MOST_LEVELS);
        Limits.count("players", players.size(), MOST_PLAYERS);
        Limits.count("pairs kept together or apart", together.size() + apart.size(), MOST_BONDS);
        if (new HashSet<>(levels).size() < levels.size()) {
            throw new IllegalArgumentException("The levels of %s name one twice.".formatted(id));
        }
        Set<PlayerId> known = new HashSet<>();
        for (Player p : players) {
            if (!known.add(p.id())) {
                throw new IllegalArgumentException("The player \"%s\" is in the squad twice.".formatted(p.id()));
            }
            if (!p.level().isEmpty() && !levels.contains(p.level())) {
                throw new IllegalArgumentException("The level \"%s\" of %s is none of the squad's levels %s."
                        .formatted(p.level(), p.name(), levels));
            }
        }
        check("together", together, known);
        check("apart", apart, known);
    }

    private static void check(String what, List<Set<PlayerId>> bonds, Set<PlayerId> known) {
        for (Set<PlayerId> bond : bonds) {
            if (bond.size() < 2) {
                throw new IllegalArgumentException(
                        "Who stays %s (%s) needs two players or more.".formatted(what, bond));
            }
            for (PlayerId p : bond) {
                if (!known.contains(p)) {
                    throw new IllegalArgumentException(
                            "Who stays %s names \"%s\", who is not in the squad.".formatted(what, p));
                }
            }
        }
    }

    public Optional<Player> player(PlayerId wanted) {
        return players.stream().filter(p -> p.id().equals(wanted)).findFirst();
    }

    /** 0 for the best level, rising; the middle for whom nobody says. */
    public double rank(Player player) {
        int at = levels.indexOf(player.level());
        return at >= 0 ? at : (levels.size() - 1) / 2.0;
    }

    public Squad withPlayers(List<Player> people) {
        return new Squad(id, title, levels, people, together, apart);
    }

    public Squad withLevels(List<String> words) {
        return new Squad(id, title, words, players, together, apart);
    }

    public Squad withBonds(List<Set<PlayerId>> stayTogether, List<Set<PlayerId>> stayApart) {
        return new Squad(id, title, levels, players, stayTogether, stayApart);
    }
}
