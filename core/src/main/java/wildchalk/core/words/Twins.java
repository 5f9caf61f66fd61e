package wildchalk.core.words;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wildchalk.core.text.Texts;

/**
 * Puts two places into one phrase that differ by left and right only: "2 m behind the left wing" and "2 m behind the right wing" are
 * "2 m behind the left and the right wing".
 */
final class Twins {

    private static final String LEFT = Texts.CORE.get("hand.left");
    private static final String RIGHT = Texts.CORE.get("hand.right");

    /** A hand with the words that go with it: "to the left", "the left", "left". */
    private static final Pattern HAND =
            Pattern.compile(Texts.CORE.get("twins.before") + "\\b(" + LEFT + "|" + RIGHT + ")\\b");

    private Twins() {}

    /** What twins have in common; empty for a place that names no side, or more than one. */
    static Optional<String> key(String place) {
        Matcher hand = HAND.matcher(place);
        if (!hand.find()) {
            return Optional.empty();
        }
        String rest = place.substring(0, hand.start()) + "|" + place.substring(hand.end());
        return hand.find() ? Optional.empty() : Optional.of(rest);
    }

    /** Empty where they differ otherwise, or name sides more than once, so that it could be misheard. */
    static Optional<String> of(String one, String other) {
        Matcher first = HAND.matcher(one);
        Matcher second = HAND.matcher(other);
        if (!first.find() || !second.find()) {
            return Optional.empty();
        }
        String both = Texts.CORE.get("aloud.list", first.group(), second.group());
        String said = one.substring(0, first.start()) + both + one.substring(first.end());
        boolean differ = !first.group().equals(second.group());
        boolean once = !first.find() && !second.find();
        first.find(0);
        second.find(0);
        boolean rest = (one.substring(0, first.start()) + one.substring(first.end()))
                .equals(other.substring(0, second.start()) + other.substring(second.end()));
        return differ && once && rest ? Optional.of(said) : Optional.empty();
    }
}
