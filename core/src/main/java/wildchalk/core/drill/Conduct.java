package wildchalk.core.drill;

import java.util.Objects;
import java.util.Optional;

/**
 * How all of a version is run.
 *
 * @param tempo share of everybody's pace: 1 for full, down to 0.3 for walking it through; balls fly as ever
 * @param situation from which a rep starts; empty for none
 * @param lost what is done where a ball is lost; empty where nobody has said
 */
public record Conduct(double tempo, Optional<Situation> situation, Optional<Lost> lost) {

    public static final double LEAST_TEMPO = 0.3;

    /** At full pace, from no score, as it comes. */
    public static final Conduct PLAIN = new Conduct(1, Optional.empty(), Optional.empty());

    /** What is done where a ball is lost, with how long it holds a rep up (s; estimates). */
    public enum Lost {
        FETCH(5, 12),
        SPARE_BALL(2, 4),
        PLAY_ON(1, 3),
        /** The rep is over, and the next ones go. */
        NEXT_GO(0, 0);

        private final double least;
        private final double most;

        Lost(double least, double most) {
            this.least = least;
            this.most = most;
        }

        public double leastSeconds() {
            return least;
        }

        public double mostSeconds() {
            return most;
        }
    }

    /**
     * A score and a clock.
     *
     * @param ours of those who have the ball first, 0 to 200
     * @param seconds that are left, 0 to 3600; 0 for no clock
     */
    public record Situation(int ours, int theirs, int seconds) {

        public static final int MOST_POINTS = 200;
        public static final int MOST_SECONDS = 3600;

        public Situation {
            boolean points = ours >= 0 && ours <= MOST_POINTS && theirs >= 0 && theirs <= MOST_POINTS;
            if (!points || seconds < 0 || seconds > MOST_SECONDS) {
                throw new IllegalArgumentException("The situation (%d : %d, %d s left) can be up to %d points and %d s."
                        .formatted(ours, theirs, seconds, MOST_POINTS, MOST_SECONDS));
            }
        }
    }

    public Conduct {
        Objects.requireNonNull(situation, "situation");
        Objects.requireNonNull(lost, "lost");
        if (!(tempo >= LEAST_TEMPO && tempo <= 1)) {
            throw new IllegalArgumentException("The tempo (%s) must be from %s to 1.".formatted(tempo, LEAST_TEMPO));
        }
    }

    public boolean isPlain() {
        return equals(PLAIN);
    }

    public Conduct withTempo(double share) {
        return new Conduct(share, situation, lost);
    }

    public Conduct withSituation(Optional<Situation> from) {
        return new Conduct(tempo, from, lost);
    }

    public Conduct withLost(Optional<Lost> done) {
        return new Conduct(tempo, situation, done);
    }
}
