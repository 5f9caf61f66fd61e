package wildchalk.core.drill;

import java.util.Objects;
import java.util.Optional;
import java.util.function.Predicate;
import wildchalk.core.text.Slugs;

/**
 * One way a rep may go at a fork.
 *
 * @param label what it is called: "blue wins it"
 * @param weight how likely against the others, above 0, at most 1000
 * @param ends whether the rep is over with its steps; else it joins the steps that follow
 * @param winner who gets the ball of the contest that decides
 * @param result what becomes of the shot that decides
 * @param word what is called; for a fork at a call
 * @param verdict what becomes of the challenge that decides
 * @param ending how the open play ends that decides
 * @param zone id of the zone in which the ball is won; empty for anywhere else
 */
public record Branch(
        BranchId id,
        String label,
        double weight,
        boolean ends,
        Optional<RoleId> winner,
        Optional<ShotEnd> result,
        Optional<String> word,
        Optional<Verdict> verdict,
        Optional<PlayEnd> ending,
        Optional<String> zone) {

    public static final double MAX_WEIGHT = 1000;

    public Branch {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(label, "label");
        Objects.requireNonNull(winner, "winner");
        Objects.requireNonNull(result, "result");
        Objects.requireNonNull(word, "word");
        Objects.requireNonNull(verdict, "verdict");
        Objects.requireNonNull(ending, "ending");
        Objects.requireNonNull(zone, "zone");
        zone.ifPresent(z -> Slugs.check("zone", z));
        Limits.text("branch", label, Limits.WORD);
        word.ifPresent(w -> Limits.text("call", w, Limits.WORD));
        if (label.isBlank()) {
            throw new IllegalArgumentException("The branch %s needs a label; whoever chooses reads it.".formatted(id));
        }
        if (!(weight > 0 && weight <= MAX_WEIGHT)) {
            throw new IllegalArgumentException(
                    "The weight (%s) of branch %s must be above 0 and at most %s.".formatted(weight, id, MAX_WEIGHT));
        }
    }

    public Branch(BranchId id, String label, double weight) {
        this(
                id,
                label,
                weight,
                false,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    public Branch withLabel(String text) {
        return new Branch(id, text, weight, ends, winner, result, word, verdict, ending, zone);
    }

    public Branch withWeight(double other) {
        return new Branch(id, label, other, ends, winner, result, word, verdict, ending, zone);
    }

    public Branch withEnds(boolean over) {
        return new Branch(id, label, weight, over, winner, result, word, verdict, ending, zone);
    }

    public Branch withWinner(RoleId role) {
        return new Branch(id, label, weight, ends, Optional.of(role), result, word, verdict, ending, zone);
    }

    public Branch withResult(ShotEnd end) {
        return new Branch(id, label, weight, ends, winner, Optional.of(end), word, verdict, ending, zone);
    }

    public Branch withWord(String called) {
        return new Branch(id, label, weight, ends, winner, result, Optional.of(called), verdict, ending, zone);
    }

    public Branch withVerdict(Verdict end) {
        return new Branch(id, label, weight, ends, winner, result, word, Optional.of(end), ending, zone);
    }

    public Branch withEnding(PlayEnd end) {
        return new Branch(id, label, weight, ends, winner, result, word, verdict, Optional.of(end), zone);
    }

    /** Where the ball is won in that zone, or anywhere else. */
    public Branch withZone(Optional<String> place) {
        return new Branch(id, label, weight, ends, winner, result, word, verdict, ending, place);
    }

    /** With a winner only if he is there. */
    Branch among(Predicate<RoleId> there) {
        return new Branch(id, label, weight, ends, winner.filter(there), result, word, verdict, ending, zone);
    }
}
