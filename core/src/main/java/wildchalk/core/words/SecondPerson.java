package wildchalk.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import wildchalk.core.text.Texts;

/**
 * Puts a sentence into the second person for one role: "LB then passes to CB" is "You then pass to CB" for LB and "LB then passes
 * to you" for CB. By the words as they stand: whoever is named is followed by his verb, in the third person.
 */
final class SecondPerson {

    /** Words that end like verbs and are none. */
    private static final Set<String> NO_VERBS =
            Set.of("as", "across", "towards", "always", "this", "its", "once", "past");

    private static final String YOU = Texts.CORE.get("part.pronoun");
    private static final String YOUR = Texts.CORE.get("part.possessive");
    private static final Set<String> BEFORE_A_NAME =
            Set.of(Texts.CORE.get("part.names").split(","));
    private static final String THEN = Texts.CORE.get("words.then");
    private static final Set<String> JOINING = Set.of(THEN, "and");

    /** Behind one of these somebody does something. */
    private static final Set<String> BEFORE_A_DOER =
            Set.of(Texts.CORE.get("part.doers").split(","));

    /** Stands for the label while a sentence is put into the second person. */
    private static final String NAME = "\u0001";

    /** Several who are numbered, as they are told together. */
    private static final Pattern RANGE = Pattern.compile("(?<![\\w'])(\\p{L}+)(\\d{1,3}) to \\1(\\d{1,3})(?!\\w)");

    private final String label;

    SecondPerson(String label) {
        this.label = label;
    }

    /** @param own whether the role does what the sentence says */
    String of(String sentence, boolean own) {
        // what somebody else did before is none of this player's business
        String heard = apart(own ? sentence : sentence.replaceFirst("(?<!,) " + THEN + " ", " "));
        // a label may be of several words; the letter of a move of his own is none of his business either
        String marked = heard.replaceAll("(?<![\\w'])" + Pattern.quote(label) + "(?!\\w)", NAME)
                .replaceAll("(?<=(^| )" + NAME + ") \\([a-z]+\\)", "");
        List<String> words = new ArrayList<>(List.of(marked.split(" ")));
        boolean named = false;
        for (int i = 0; i < words.size(); i++) {
            String word = words.get(i);
            String bare = word.replaceAll("[.,;:?!]+$", "");
            boolean other = i > 0 && BEFORE_A_NAME.contains(words.get(i - 1).toLowerCase(Locale.ROOT));
            if (bare.equals(NAME) && !other) {
                words.set(i, YOU + word.substring(bare.length()));
                // "with you and wins it": it is somebody else who wins it
                named = own || i == 0 || BEFORE_A_DOER.contains(words.get(i - 1).toLowerCase(Locale.ROOT));
            } else if (bare.equals(NAME + "'s")) {
                words.set(i, YOUR + word.substring(bare.length()));
            } else if (named && isVerb(bare)) {
                words.set(i, base(bare) + word.substring(bare.length()));
                named = false;
            } else {
                // "you then pass"; "and stop" goes on with what you do, if it is you who does it
                named = JOINING.contains(word) && (named || own);
            }
        }
        String text = String.join(" ", words).replace(NAME, label);
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /** "W1 to W3" is "W1, W2 and W3" where he is one of them. */
    private String apart(String sentence) {
        return RANGE.matcher(sentence).replaceAll(m -> {
            List<String> names = IntStream.rangeClosed(Integer.parseInt(m.group(2)), Integer.parseInt(m.group(3)))
                    .mapToObj(n -> m.group(1) + n)
                    .toList();
            boolean among = names.size() > 2 && names.contains(label);
            return Matcher.quoteReplacement(
                    among
                            ? Texts.CORE.get(
                                    "aloud.list",
                                    String.join(", ", names.subList(0, names.size() - 1)),
                                    names.get(names.size() - 1))
                            : m.group());
        });
    }

    static boolean isVerb(String word) {
        return word.matches("[a-z-]+s") && !NO_VERBS.contains(word);
    }

    /** "Passes" is "pass", "carries" is "carry", "has" is "have". */
    static String base(String verb) {
        return switch (verb) {
            case "is" -> "are";
            case "has" -> "have";
            default -> {
                if (verb.endsWith("ies")) {
                    yield verb.substring(0, verb.length() - 3) + "y";
                }
                boolean longer = verb.matches(".*(ss|sh|ch|x|zz|o)es");
                yield verb.substring(0, verb.length() - (longer ? 2 : 1));
            }
        };
    }
}
