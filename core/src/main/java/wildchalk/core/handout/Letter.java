package wildchalk.core.handout;

import java.time.Instant;
import java.util.Objects;
import java.util.Optional;
import wildchalk.core.squad.PlayerId;

/**
 * A link that one person has to what is handed out to him.
 *
 * @param code what stands in the link: long, by chance, and nobody's name
 * @param player whose part it is; empty for those who help, who get all of the hour
 * @param until it is worth nothing from then on
 * @param revoked whether it was taken back
 * @param opened when it was opened first; always empty where the coach has not asked to be told
 */
public record Letter(String code, Optional<PlayerId> player, Instant until, boolean revoked, Optional<Instant> opened) {

    public Letter {
        Objects.requireNonNull(code, "code");
        Objects.requireNonNull(player, "player");
        Objects.requireNonNull(until, "until");
        Objects.requireNonNull(opened, "opened");
    }

    public boolean isGood(Instant now) {
        return !revoked && now.isBefore(until);
    }

    Letter withRevoked() {
        return new Letter(code, player, until, true, opened);
    }

    Letter withOpened(Instant at) {
        return new Letter(code, player, until, revoked, opened.or(() -> Optional.of(at)));
    }
}
