package wildchalk.core.drill;

import wildchalk.core.geometry.Point;

/**
 * How much a drill can hold. The model keeps to these, so that whatever can be made can be saved and read again; readers,
 * fields and dialogs ask here. All are far beyond what anybody coaches.
 */
public final class Limits {

    /** Titles, themes, names of zones, tasks and levels: characters. */
    public static final int LINE = 200;
    /** Coaching points, questions, notes: characters. */
    public static final int TEXT = 20_000;
    /** Labels on bodies and gear: characters. */
    public static final int LABEL = 12;
    /** Labels of branches and words that are called: characters. */
    public static final int WORD = 60;
    /** Farther out than this from the middle of the surface nobody stands, m. */
    public static final double METRES = 500;

    public static final int ROLES = 100;
    public static final int GEAR = 500;
    public static final int STEPS = 100;
    public static final int MOVES = 1200;
    /** In one step. */
    public static final int STEP_MOVES = 120;
    /** All points of all paths of a version. */
    public static final int POINTS = 6000;

    public static final int FORKS = 20;
    public static final int BRANCHES = 20;
    public static final int VERSIONS = 30;
    /** All moves and points of all versions. */
    public static final int SIZE = 40_000;

    public static final int THEMES = 40;

    /** Findings that are left as they are, in all versions together. */
    public static final int ACCEPTED = 300;

    private Limits() {}

    /** How long somebody does something, s. @throws IllegalArgumentException when that is no time, or too long */
    static void lasting(String what, double seconds) {
        if (!(seconds > 0 && seconds <= Deed.MAX_SECONDS)) {
            throw new IllegalArgumentException(
                    "The %s (%s s) must be above 0 and at most %s s.".formatted(what, seconds, Deed.MAX_SECONDS));
        }
    }

    /** The text itself. @throws IllegalArgumentException when it is too long, or holds half a character */
    public static String text(String what, String text, int most) {
        if (text.length() > most) {
            throw new IllegalArgumentException(
                    "The %s (%d characters) may have %d at most; shorten it.".formatted(what, text.length(), most));
        }
        if (!clean(text).equals(text)) {
            throw new IllegalArgumentException(
                    "The %s holds half a character that no file can keep; write it again.".formatted(what));
        }
        return text;
    }

    /** A text without what no file can keep: halves of characters, as some programs leave them on the clipboard. */
    public static String clean(String text) {
        boolean whole = true;
        for (int i = 0; i < text.length() && whole; i++) {
            whole = !Character.isSurrogate(text.charAt(i));
        }
        if (whole) {
            return text;
        }
        StringBuilder kept = new StringBuilder();
        text.codePoints().filter(c -> c < 0xD800 || c > 0xDFFF).forEach(kept::appendCodePoint);
        return kept.toString();
    }

    /** A text that is clean and at most so long; cut where it is longer, and never within a character. */
    public static String fitting(String text, int most) {
        String clean = clean(text);
        if (clean.length() <= most) {
            return clean;
        }
        int end = Character.isHighSurrogate(clean.charAt(most - 1)) ? most - 1 : most;
        return clean.substring(0, end);
    }

    static Point place(String what, Point at) {
        if (Math.abs(at.x()) > METRES || Math.abs(at.y()) > METRES) {
            throw new IllegalArgumentException("The %s (%.1f, %.1f m from the middle) may be %.0f m away at most."
                    .formatted(what, at.x(), at.y(), METRES));
        }
        return at;
    }

    /** The nearest place where somebody can still stand. */
    public static Point nearest(Point at) {
        return new Point(Math.max(-METRES, Math.min(METRES, at.x())), Math.max(-METRES, Math.min(METRES, at.y())));
    }

    /** A heading within one turn, degrees. */
    static double heading(String what, double degrees) {
        if (!Double.isFinite(degrees)) {
            throw new IllegalArgumentException(
                    "The heading of the %s (%s°) must be a number.".formatted(what, degrees));
        }
        return (Math.abs(degrees) > 360 ? degrees % 360 : degrees) + 0.0;
    }

    public static void count(String what, int count, int most) {
        if (count > most) {
            throw new IllegalArgumentException(
                    "There are %d %s; %d is the most. Split this into two drills.".formatted(count, what, most));
        }
    }
}
