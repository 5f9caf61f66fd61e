package wildchalk.core.session;

import java.util.Objects;
import java.util.Optional;
import wildchalk.core.drill.Limits;

/**
 * Minutes of a session.
 *
 * @param minutes above 0, at most 240
 * @param must whether it stays when time is short
 * @param aim what it is for, perhaps nothing
 * @param goes so many each is to have at least; 0 where minutes alone count
 * @param beat shifts or intervals within it, perhaps
 */
public record SessionBlock(
        BlockId id, String title, double minutes, boolean must, String aim, int goes, Optional<Beat> beat, What what) {

    public static final double MOST_MINUTES = 240;
    public static final int MOST_GOES = 500;

    public SessionBlock {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(beat, "beat");
        Objects.requireNonNull(what, "what");
        Limits.text("title", title, Limits.LINE);
        Limits.text("aim", aim, Limits.LINE);
        if (goes < 0 || goes > MOST_GOES) {
            throw new IllegalArgumentException(
                    "The block %s (%d goes) can have 0 to %d.".formatted(id, goes, MOST_GOES));
        }
        if (!(minutes > 0 && minutes <= MOST_MINUTES)) {
            throw new IllegalArgumentException(
                    "The block %s (%s minutes) must be above 0 and at most %s.".formatted(id, minutes, MOST_MINUTES));
        }
    }

    /** Without shifts, by its minutes. */
    public SessionBlock(BlockId id, String title, double minutes, boolean must, String aim, What what) {
        this(id, title, minutes, must, aim, 0, Optional.empty(), what);
    }

    public SessionBlock withId(BlockId name) {
        return new SessionBlock(name, title, minutes, must, aim, goes, beat, what);
    }

    public SessionBlock withTitle(String text) {
        return new SessionBlock(id, text, minutes, must, aim, goes, beat, what);
    }

    public SessionBlock withMinutes(double length) {
        return new SessionBlock(id, title, length, must, aim, goes, beat, what);
    }

    public SessionBlock withMust(boolean stays) {
        return new SessionBlock(id, title, minutes, stays, aim, goes, beat, what);
    }

    public SessionBlock withAim(String text) {
        return new SessionBlock(id, title, minutes, must, text, goes, beat, what);
    }

    public SessionBlock withBeat(Optional<Beat> other) {
        return new SessionBlock(id, title, minutes, must, aim, goes, other, what);
    }

    public SessionBlock withGoes(int least) {
        return new SessionBlock(id, title, minutes, must, aim, least, beat, what);
    }

    public SessionBlock withWhat(What other) {
        return new SessionBlock(id, title, minutes, must, aim, goes, beat, other);
    }

    public boolean isWater() {
        return what instanceof What.Plain p && p.kind() == What.Kind.WATER;
    }
}
