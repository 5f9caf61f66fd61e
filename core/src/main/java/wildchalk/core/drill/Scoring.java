package wildchalk.core.drill;

import java.util.List;
import java.util.Objects;

/**
 * How it is scored.
 *
 * @param points what counts; nothing where nobody keeps the score
 * @param against whether they count against the side that lets them in, so that the fewest win
 * @param target who has so many first has won; 0 for no such end
 * @param rounds so many are played; 0 where nobody has said
 * @param others what those do who have not won: "carry the goals back"; perhaps nothing
 */
public record Scoring(List<Points> points, Tally tally, boolean against, int target, int rounds, String others) {

    /** How points come together. */
    public enum Tally {
        /** All are added up. */
        TOTAL,
        /** Whoever fails begins at nothing again. */
        IN_A_ROW
    }

    /** @param what that counts: "goal off a cross" */
    public record Points(String what, int worth) {

        public static final int MOST = 100;

        public Points {
            Limits.text("what counts", what, Limits.WORD);
            if (what.isBlank()) {
                throw new IllegalArgumentException("What counts needs a name.");
            }
            if (worth == 0 || Math.abs(worth) > MOST) {
                throw new IllegalArgumentException("%s (%d points) can count 1 to %d.".formatted(what, worth, MOST));
            }
        }
    }

    public static final int MOST_KINDS = 8;
    private static final int MOST_TARGET = 1000;
    private static final int MOST_ROUNDS = 100;

    public static final Scoring NONE = new Scoring(List.of(), Tally.TOTAL, false, 0, 0, "");

    public Scoring {
        Objects.requireNonNull(tally, "tally");
        points = List.copyOf(points);
        Limits.count("ways to score", points.size(), MOST_KINDS);
        Uniqueness.check("way to score", points.stream().map(Points::what));
        Limits.text("what the others do", others, Limits.LINE);
        if (target < 0 || target > MOST_TARGET || rounds < 0 || rounds > MOST_ROUNDS) {
            throw new IllegalArgumentException("The score (to %d, %d rounds) can go to %d, in %d rounds."
                    .formatted(target, rounds, MOST_TARGET, MOST_ROUNDS));
        }
    }

    public boolean isKept() {
        return !points.isEmpty();
    }
}
