package wildchalk.core.drill;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;
import wildchalk.core.geometry.Point;

/**
 * Tries for a ball that somebody else has or has sent. Whoever does it goes to the ball or to its carrier if neither is in reach,
 * flat out.
 *
 * @param on who has the ball, or sends it; for a box-out who is kept off
 * @param level how hard bodies may meet
 * @param verdict what becomes of it where no fork decides; one of those of its kind
 * @param spill where a ball that comes out comes to rest; empty for near by
 */
public record Challenge(Bid bid, RoleId on, Deed.Level level, Verdict verdict, Optional<Point> spill) implements Deed {
    public Challenge {
        Objects.requireNonNull(bid, "bid");
        Objects.requireNonNull(on, "on");
        Objects.requireNonNull(level, "level");
        Objects.requireNonNull(verdict, "verdict");
        Objects.requireNonNull(spill, "spill");
        spill.ifPresent(p -> Limits.place("ball that comes out", p));
        if (!bid.verdicts().contains(verdict)) {
            throw new IllegalArgumentException("The challenge (%s) cannot end %s: say one of %s."
                    .formatted(Named.of(bid), Named.of(verdict), Named.of(bid.verdicts())));
        }
    }

    /** With its usual end, and as hard as it is usually drilled. */
    public static Challenge of(Bid bid, RoleId on) {
        return new Challenge(
                bid,
                on,
                bid.isBodily() ? Deed.Level.CONTROLLED : Deed.Level.TOKEN,
                bid.verdicts().get(0),
                Optional.empty());
    }

    public Challenge withBid(Bid other) {
        Verdict end =
                other.verdicts().contains(verdict) ? verdict : other.verdicts().get(0);
        return new Challenge(other, on, level, end, spill);
    }

    public Challenge withOn(RoleId somebody) {
        return new Challenge(bid, somebody, level, verdict, spill);
    }

    public Challenge withLevel(Deed.Level hard) {
        return new Challenge(bid, on, hard, verdict, spill);
    }

    public Challenge withVerdict(Verdict end) {
        return new Challenge(bid, on, level, end, spill);
    }

    public Challenge withSpill(Optional<Point> place) {
        return new Challenge(bid, on, level, verdict, place);
    }

    @Override
    public Deed withRoles(UnaryOperator<RoleId> other) {
        return withOn(other.apply(on));
    }

    @Override
    public List<RoleId> others() {
        return List.of(on);
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.challenge(this);
    }
}
