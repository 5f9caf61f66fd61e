package wildchalk.picture.handout;

import java.util.Objects;
import java.util.Optional;
import wildchalk.core.squad.PlayerId;
import wildchalk.picture.export.Paper;

/**
 * How something is to be handed out.
 *
 * @param player whose part it is; empty for everybody's
 */
public record HandoutOptions(Paper paper, Names names, Optional<PlayerId> player) {

    /** How people are called in what leaves the club. */
    public enum Names {
        FIRST,
        WHOLE
    }

    /** First names only. */
    public static final HandoutOptions USUAL = new HandoutOptions(Paper.A4, Names.FIRST, Optional.empty());

    public HandoutOptions {
        Objects.requireNonNull(paper, "paper");
        Objects.requireNonNull(names, "names");
        Objects.requireNonNull(player, "player");
    }

    public HandoutOptions withPaper(Paper other) {
        return new HandoutOptions(other, names, player);
    }

    public HandoutOptions withNames(Names other) {
        return new HandoutOptions(paper, other, player);
    }

    public HandoutOptions withPlayer(Optional<PlayerId> other) {
        return new HandoutOptions(paper, names, other);
    }
}
