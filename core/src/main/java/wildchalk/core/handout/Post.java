package wildchalk.core.handout;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.DrillId;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.session.CoachId;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.session.SessionPlan.Here;
import wildchalk.core.session.SessionPlan.Round;
import wildchalk.core.session.SessionPlan.Slot;
import wildchalk.core.session.SetUp;

/**
 * One version of a drill at a station of a block, with everybody who comes to it, round by round.
 *
 * @param number of its station on the floor of the block, from 1
 * @param visits at least one
 */
public record Post(Slot slot, int number, SetUp setUp, List<Visit> visits) {

    /** Who is there in a round. */
    public record Visit(Round round, Here here) {}

    /** What is played: one version of a drill. */
    public record Which(DrillId drill, ProgressionId version) {

        static Which of(SetUp setUp) {
            return new Which(setUp.drill().id(), setUp.path().version().id());
        }
    }

    public Post {
        visits = List.copyOf(visits);
    }

    /** All of a session, by the clock and in the order of their stations; those whose drill is not there are left out. */
    public static List<Post> of(SessionPlan plan) {
        List<Post> all = new ArrayList<>();
        plan.slots().forEach(s -> all.addAll(of(s)));
        return all;
    }

    /** Those of one block. */
    public static List<Post> of(Slot slot) {
        Map<List<Object>, Post> all = new LinkedHashMap<>();
        for (Round round : slot.rounds()) {
            for (int i = 0; i < round.stations().size(); i++) {
                Here here = round.stations().get(i);
                int number = i + 1;
                here.setUp()
                        .ifPresent(s -> all.merge(
                                List.of(number, Which.of(s)),
                                new Post(slot, number, s, List.of(new Visit(round, here))),
                                Post::with));
            }
        }
        return all.values().stream()
                .sorted(java.util.Comparator.comparingInt(Post::number))
                .toList();
    }

    private Post with(Post more) {
        List<Visit> both = new ArrayList<>(visits);
        both.addAll(more.visits);
        return new Post(slot, number, setUp, both);
    }

    public Which which() {
        return Which.of(setUp);
    }

    public Optional<CoachId> coach() {
        return visits.get(0).here().station().coach();
    }

    /** Seconds from the start of the session. */
    public double from() {
        return visits.get(0).round().from();
    }

    /** Seconds from the start of the session. */
    public double to() {
        return visits.get(visits.size() - 1).round().to();
    }
}
