package wildchalk.core.squad;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * Who of a squad is meant by a list that was pasted in: a name a line, or with commas or semicolons between them.
 *
 * @param found in the order of the list, each once
 * @param unclear names of the list that nobody in the squad has, or of whom there are several
 */
public record Roll(List<PlayerId> found, List<String> unclear) {

    private static final int MOST_CHARACTERS = 20_000;

    public Roll {
        found = List.copyOf(found);
        unclear = List.copyOf(unclear);
    }

    /** Whole names, first names, or a first name with the beginning of the last ("Ada L."), as long as only one has it. */
    public static Roll of(Squad squad, String pasted) {
        String text = pasted.length() > MOST_CHARACTERS ? pasted.substring(0, MOST_CHARACTERS) : pasted;
        Set<PlayerId> found = new LinkedHashSet<>();
        List<String> unclear = new ArrayList<>();
        for (String piece : text.split("[\\n\\r,;]+")) {
            String name = piece.strip().replaceFirst("^(\\d+[.)]|[-*•])\\s*", "");
            if (!name.isEmpty()) {
                List<PlayerId> who = who(squad, name);
                if (who.size() == 1) {
                    found.add(who.get(0));
                } else {
                    unclear.add(name);
                }
            }
        }
        return new Roll(new ArrayList<>(found), unclear);
    }

    private static List<PlayerId> who(Squad squad, String name) {
        String plain = plain(name);
        List<PlayerId> whole = squad.players().stream()
                .filter(p -> plain(p.name()).equals(plain) || p.id().text().equals(plain))
                .map(Player::id)
                .toList();
        return whole.isEmpty()
                ? squad.players().stream()
                        .filter(p -> isShort(plain, plain(p.name())))
                        .map(Player::id)
                        .toList()
                : whole;
    }

    /** Whether each word of one begins the word of the other in its place. */
    private static boolean isShort(String given, String full) {
        String[] words = given.split(" ");
        String[] of = full.split(" ");
        if (words.length > of.length || !words[0].equals(of[0])) {
            return false;
        }
        for (int i = 1; i < words.length; i++) {
            if (!of[i].startsWith(words[i])) {
                return false;
            }
        }
        return true;
    }

    private static String plain(String name) {
        return Normalizer.normalize(name, Normalizer.Form.NFKD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}-]+", " ")
                .strip();
    }
}
