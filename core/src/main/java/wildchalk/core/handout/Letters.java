package wildchalk.core.handout;

import java.security.SecureRandom;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import wildchalk.core.log.Reply;
import wildchalk.core.squad.PlayerId;

/**
 * The links of an hour, one a person.
 *
 * @param all those that were taken back, too
 * @param receipts whether it is noted when one is opened; whoever opens it is told
 * @param replies of those who have answered
 */
public record Letters(List<Letter> all, boolean receipts, List<Reply> replies) {

    /** Nobody guesses one of 2 to the 144th. */
    private static final int CODE_BYTES = 18;

    private static final SecureRandom CHANCE = new SecureRandom();

    public Letters {
        all = List.copyOf(all);
        replies = List.copyOf(replies);
    }

    /** One for each, and one for those who help. */
    public static Letters to(List<PlayerId> players, Instant until, boolean receipts) {
        return to(players, until, receipts, List.of());
    }

    /** Likewise, where some have answered before. */
    public static Letters to(List<PlayerId> players, Instant until, boolean receipts, List<Reply> replies) {
        List<Letter> all = new ArrayList<>();
        players.forEach(p -> all.add(fresh(Optional.of(p), until)));
        all.add(fresh(Optional.empty(), until));
        return new Letters(all, receipts, replies);
    }

    private static Letter fresh(Optional<PlayerId> player, Instant until) {
        byte[] bytes = new byte[CODE_BYTES];
        CHANCE.nextBytes(bytes);
        String code = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        return new Letter(code, player, until, false, Optional.empty());
    }

    /** The one with a code, as long as it is good. */
    public Optional<Letter> good(String code, Instant now) {
        return all.stream().filter(l -> l.code().equals(code) && l.isGood(now)).findFirst();
    }

    /** The last that somebody got. */
    public Optional<Letter> of(Optional<PlayerId> player) {
        return all.stream().filter(l -> l.player().equals(player)).reduce((a, b) -> b);
    }

    /** Notes that one was opened, where that is wanted. */
    public Letters opened(String code, Instant now) {
        return receipts ? changed(code, now, l -> l.withOpened(now)) : this;
    }

    /** Nobody gets at anything with what this person has. */
    public Letters revoked(Optional<PlayerId> player) {
        return new Letters(
                all.stream()
                        .map(l -> l.player().equals(player) ? l.withRevoked() : l)
                        .toList(),
                receipts,
                replies);
    }

    /** Another link for somebody; the one before is worth nothing any more. */
    public Letters renewed(Optional<PlayerId> player, Instant until) {
        List<Letter> list = new ArrayList<>(revoked(player).all);
        list.add(fresh(player, until));
        return new Letters(list, receipts, replies);
    }

    /** What somebody has answered, all told. */
    public Optional<Reply> reply(PlayerId player) {
        return replies.stream().filter(r -> r.player().equals(player)).findFirst();
    }

    public Letters with(Reply reply) {
        List<Reply> list = new ArrayList<>(replies);
        list.removeIf(r -> r.player().equals(reply.player()));
        list.add(reply(reply.player()).map(r -> r.then(reply)).orElse(reply));
        return new Letters(all, receipts, list);
    }

    private Letters changed(String code, Instant now, UnaryOperator<Letter> how) {
        return new Letters(
                all.stream()
                        .map(l -> l.code().equals(code) && l.isGood(now) ? how.apply(l) : l)
                        .toList(),
                receipts,
                replies);
    }
}
