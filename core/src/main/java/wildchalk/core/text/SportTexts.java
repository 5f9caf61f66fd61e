package wildchalk.core.text;

import java.util.List;

/**
 * Texts that differ by sport. A text is looked for under the sport itself, then under the sport that it is like (futsal is
 * like football), then under {@code any}.
 */
public final class SportTexts {

    private static final List<String> HANDS = List.of("left", "right");

    private SportTexts() {}

    /** The text {@code <kind>.<sport>.<id>}; "left-" and "right-" fall back to a text with the hand put in. */
    public static String get(String kind, String sport, String id, Object... arguments) {
        for (String who : new String[] {sport, like(sport), "any"}) {
            String key = kind + "." + who + "." + id;
            if (Texts.CORE.has(key)) {
                return Texts.CORE.get(key, arguments);
            }
        }
        for (String hand : HANDS) {
            if (id.startsWith(hand + "-")) {
                return get(kind, sport, id.substring(hand.length() + 1), hand);
            }
        }
        return "[" + kind + "." + sport + "." + id + "]";
    }

    public static boolean has(String kind, String sport, String id) {
        return Texts.CORE.has(kind + "." + sport + "." + id)
                || Texts.CORE.has(kind + "." + like(sport) + "." + id)
                || Texts.CORE.has(kind + ".any." + id);
    }

    private static String like(String sport) {
        String key = "sport." + sport + ".like";
        return Texts.CORE.has(key) ? Texts.CORE.get(key) : sport;
    }
}
