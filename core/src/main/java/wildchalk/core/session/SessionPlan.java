package wildchalk.core.session;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.GearKind;
import wildchalk.core.reps.Block;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Squad;

/**
 * A session with everything that follows from it.
 *
 * @param present who is there, in the squad's order; numbered where there is no squad
 * @param slots blocks and change-overs one after the other
 * @param loads what each gets
 * @param bring pieces of each kind that have to be there: the most that stand at once
 * @param balls the most that are out at once
 * @param setOutSeconds that have to be there before the start, to put out what the first drills need
 * @param clashes the gravest first
 */
public record SessionPlan(
        Session session,
        List<PlayerId> present,
        List<Slot> slots,
        Map<PlayerId, Load> loads,
        Map<GearKind, Integer> bring,
        int balls,
        double setOutSeconds,
        Sums sums,
        List<Clash> clashes) {

    /**
     * A stretch of the session.
     *
     * @param block what runs; in a change-over, what comes
     * @param change empty for the block itself
     * @param from seconds from the start
     */
    public record Slot(SessionBlock block, Optional<ChangeOver> change, double from, double to, List<Round> rounds) {
        public Slot {
            rounds = List.copyOf(rounds);
        }

        /** Turns of whoever has fewest: at a station where all stay, at all of them together where they go round. */
        public int goes() {
            boolean round = block.what() instanceof What.Drilling d && d.turning() == What.Turning.GROUPS;
            int stations = rounds.isEmpty() ? 0 : rounds.get(0).stations().size();
            int fewest = Integer.MAX_VALUE;
            for (int first = 0; first < stations; first++) {
                int sum = 0;
                for (int r = 0; r < rounds.size(); r++) {
                    int at = round ? (first + r) % stations : first;
                    sum += rounds.get(r).stations().get(at).turnsFewest();
                }
                fewest = Math.min(fewest, sum);
            }
            return stations == 0 ? 0 : fewest;
        }
    }

    /** One round of a block: who is at which station, in the order of the stations. */
    public record Round(double from, double to, List<Here> stations) {
        public Round {
            stations = List.copyOf(stations);
        }
    }

    /**
     * A station in a round.
     *
     * @param setUp empty where there is no such drill
     * @param cast what each of them does; nobody where there are too few of them, or no drill
     * @param turnsFewest of whoever has fewest
     * @param reps that are begun
     */
    public record Here(
            StationPlan station,
            Optional<SetUp> setUp,
            List<PlayerId> players,
            Map<PlayerId, Block.Share> cast,
            int turnsFewest,
            int turnsMost,
            int reps,
            int balls) {
        public Here {
            players = List.copyOf(players);
            cast = Map.copyOf(cast);
        }
    }

    /**
     * Minutes, all told.
     *
     * @param given that there are
     * @param drilling in blocks of drills, with their rounds' changes
     * @param changing between blocks
     * @param working what a player works on average
     * @param standing what a player stands on average
     */
    public record Sums(
            double given,
            double drilling,
            double talking,
            double water,
            double other,
            double changing,
            double working,
            double standing) {

        public double planned() {
            return drilling + talking + water + other + changing;
        }

        /** What is left; less than nothing where it is over. */
        public double slack() {
            return given - planned();
        }
    }

    public SessionPlan {
        present = List.copyOf(present);
        slots = List.copyOf(slots);
        loads = Map.copyOf(loads);
        bring = Map.copyOf(bring);
        clashes = List.copyOf(clashes);
    }

    /** @param squad empty where the session names none, or where it is not there */
    public static SessionPlan of(Session session, Library library, Optional<Squad> squad) {
        return of(session, library, squad, new Simulations());
    }

    /** Likewise, with what has been worked out for others of its kind. */
    public static SessionPlan of(Session session, Library library, Optional<Squad> squad, Simulations simulations) {
        return new Planning(session, library, squad, simulations, Optional.empty()).plan();
    }

    /**
     * Likewise, where nobody knows who stood where at a station: all who keep no goal get the same of it.
     *
     * @param factors on what some blocks give: so many times the reps that the model plays were run
     */
    public static SessionPlan evenly(
            Session session,
            Library library,
            Optional<Squad> squad,
            Simulations simulations,
            Map<BlockId, Double> factors) {
        return new Planning(session, library, squad, simulations, Optional.of(factors)).plan();
    }
}
