package wildchalk.core.squad;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** A squad as it may leave the club: nobody has more than a first name; who shares it has a letter more of the next. */
public final class FirstNames {

    private FirstNames() {}

    public static Squad of(Squad squad) {
        Map<String, Integer> shared = new HashMap<>();
        squad.players().forEach(p -> shared.merge(first(p.name()), 1, Integer::sum));
        List<Player> players = squad.players().stream()
                .map(p -> p.withName(shared.get(first(p.name())) == 1 ? first(p.name()) : longer(p.name())))
                .toList();
        return squad.withPlayers(players);
    }

    private static String first(String name) {
        return name.strip().split("\\s+")[0];
    }

    /** "Ada L."; the first name alone where there is no other. */
    private static String longer(String name) {
        String[] words = name.strip().split("\\s+");
        return words.length == 1
                ? words[0]
                : words[0] + " " + new String(Character.toChars(words[words.length - 1].codePointAt(0))) + ".";
    }
}
