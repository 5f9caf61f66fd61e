package wildchalk.core.handout;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.arrange.Transforms;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.DrillId;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.geometry.Symmetry;
import wildchalk.core.path.Path;
import wildchalk.core.session.CoachId;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.session.SessionPlan.Here;
import wildchalk.core.session.SessionPlan.Round;
import wildchalk.core.session.SessionPlan.Slot;
import wildchalk.core.session.SetUp;
import wildchalk.core.text.Texts;

/**
 * One version of a drill at a station of a block, with everybody who comes to it, round by round.
 *
 * @param number of its station on the floor of the block, from 1
 * @param setUp as it is drawn, wherever it stands
 * @param mirrored whether it stands the other way round to begin with: then it is told and shown so
 * @param visits at least one
 */
public record Post(Slot slot, int number, SetUp setUp, boolean mirrored, List<Visit> visits) {

    /** Who is there in a round. */
    public record Visit(Round round, Here here) {}

    /** What is played: one version of a drill, as it is drawn or the other way round. */
    public record Which(DrillId drill, ProgressionId version, boolean mirrored) {

        static Which of(SetUp setUp, boolean mirrored) {
            return new Which(setUp.drill().id(), setUp.path().version().id(), mirrored);
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
                boolean mirrored =
                        slot.rounds().get(0).stations().get(i).station().place().mirrored();
                here.setUp()
                        .ifPresent(s -> all.merge(
                                List.of(number, Which.of(s, mirrored)),
                                new Post(slot, number, s, mirrored, List.of(new Visit(round, here))),
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
        return new Post(slot, number, setUp, mirrored, both);
    }

    public Which which() {
        return Which.of(setUp, mirrored);
    }

    /** The drill as it is told and shown here: whoever stands at a station that is the other way round sees it so. */
    public Drill drill() {
        Drill drawn = setUp.drill();
        return mirrored ? Transforms.drill(drawn, Symmetry.ACROSS_WIDTH).withTitle(title()) : drawn;
    }

    /** What it is called; one that is the other way round says so. */
    public String title() {
        String drawn = setUp.drill().title();
        return mirrored ? Limits.fitting(Texts.CORE.get("plan.mirrored", drawn), Limits.LINE) : drawn;
    }

    /** The way that a rep goes, as {@link #drill} has it. */
    public Path path() {
        Path drawn = setUp.path();
        return mirrored ? Path.of(drill().progression(drawn.version().id()).orElseThrow(), drawn.choices()) : drawn;
    }

    /** Whether somebody finds it otherwise than it is told: its sides were changed meanwhile. */
    public boolean isOtherwise(Visit visit) {
        return visit.here().station().place().mirrored() != mirrored;
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
