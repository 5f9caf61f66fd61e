package wildchalk.core.whistle;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.log.LoggedBlock;
import wildchalk.core.log.Presence;
import wildchalk.core.session.Beside;
import wildchalk.core.session.BlockId;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.session.SessionPlan.Round;
import wildchalk.core.squad.PlayerId;

/**
 * Where a session stands at a moment: all that follows from its plan and from what was pressed until then. Seconds are those of the
 * run, from when it began.
 *
 * @param session as it is to be run now: with who is there, and as it was planned anew
 * @param plan that of this session
 * @param parts blocks and change-overs one after the other
 * @param index of the part that runs; as many as there are when all is over
 * @param elapsed seconds into it, pauses left out
 * @param length of it, with what was added
 * @param paused whether the clock stands
 * @param frozen whether everybody stands and listens
 * @param byItself whether what follows comes by itself
 * @param dueEnd when the part should be over as planned, or as planned anew last
 * @param hallEnd when there is no more floor
 * @param counted what each block was so far, in the order in which they were begun
 * @param calls that were made, the latest last, by their set
 * @param attendance of the people whom the plan knows
 * @param last what was pressed last and can be taken back
 */
public record Run(
        Session session,
        SessionPlan plan,
        double now,
        List<Part> parts,
        int index,
        double elapsed,
        double length,
        boolean paused,
        boolean frozen,
        boolean byItself,
        double dueEnd,
        double hallEnd,
        Map<BlockId, LoggedBlock> counted,
        Map<String, List<List<String>>> calls,
        Map<PlayerId, Presence> attendance,
        Optional<Signal> last) {

    /** What runs; empty when all is over. */
    public Optional<Part> part() {
        return index < parts.size() ? Optional.of(parts.get(index)) : Optional.empty();
    }

    /** What comes then. */
    public List<Part> later() {
        return parts.subList(Math.min(parts.size(), index + 1), parts.size());
    }

    /** Seconds left of the part; less than nothing where it runs over. */
    public double left() {
        return length - elapsed;
    }

    /** When the part will be over if nothing more is pressed. */
    public double partEnd() {
        return now + Math.max(0, left());
    }

    /** When all will be over. */
    public double end() {
        return partEnd() + later().stream().mapToDouble(Part::seconds).sum();
    }

    /** Seconds behind the plan; less than nothing when ahead. */
    public double behind() {
        return index < parts.size() ? partEnd() - dueEnd : 0;
    }

    /** Seconds that do not fit any more; less than nothing where there is room. */
    public double over() {
        return end() - hallEnd;
    }

    /** The round that runs, from 0; empty where there are no rounds. */
    public Optional<Integer> round() {
        return part().filter(p -> !p.rounds().isEmpty()).map(p -> {
            double into = elapsed * p.seconds() / Math.max(1, length);
            int at = 0;
            for (int i = 1; i < p.rounds().size(); i++) {
                at = into >= p.rounds().get(i).from() ? i : at;
            }
            return at;
        });
    }

    /** Who is where now. */
    public Optional<Round> here() {
        return round().map(i -> part().orElseThrow().rounds().get(i));
    }

    /** Where its shifts stand. */
    public Optional<BeatNow> beat() {
        return part().filter(p -> !p.isChange())
                .flatMap(p -> p.block()
                        .beat()
                        .map(b -> BeatNow.of(b, elapsed, p.block().id().hashCode())));
    }

    /** What some do beside it at the moment. */
    public List<Beside> beside() {
        double minute = (now + 60.0 * session.minutes() - hallEnd) / 60;
        return session.beside().stream()
                .filter(b -> b.from() <= minute && minute < b.from() + b.minutes())
                .toList();
    }

    /** What was counted in the block that runs; what came before it while there is a change-over. */
    public Optional<LoggedBlock> counts() {
        return part().flatMap(p -> Optional.ofNullable(counted.get(p.block().id())));
    }
}
