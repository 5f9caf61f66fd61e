package wildchalk.core.handout;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.RoleId;
import wildchalk.core.session.Library;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.session.SetUp;
import wildchalk.core.squad.Squad;
import wildchalk.core.words.HouseWords;
import wildchalk.core.words.PlanWriter;
import wildchalk.core.words.TalkThrough;

/**
 * A session as it is handed out: what follows from it, whose names are said, and its drills in words.
 *
 * @param talks of every version that is played, as whoever reads them is used to
 * @param house words of the club for what is said beside the drills
 */
public record Hour(SessionPlan plan, Optional<Squad> squad, Map<Post.Which, Spoken> talks, HouseWords house) {

    public Hour {
        Objects.requireNonNull(squad, "squad");
        Objects.requireNonNull(house, "house");
        talks = Map.copyOf(talks);
    }

    public Session session() {
        return plan.session();
    }

    public PlanWriter writer() {
        return new PlanWriter(plan, squad);
    }

    public List<Post> posts() {
        return Post.of(plan);
    }

    public TalkThrough talk(Post post) {
        return talks.get(post.which()).talk();
    }

    /** What somebody has to know who plays a role at a post. */
    List<String> part(Post post, RoleId role) {
        return talks.get(post.which()).parts().apply(role);
    }

    /** The drills that it plays. */
    Library library() {
        return id -> plan.slots().stream()
                .flatMap(s -> s.rounds().stream())
                .flatMap(r -> r.stations().stream())
                .flatMap(h -> h.setUp().stream())
                .map(SetUp::drill)
                .filter((Drill d) -> d.id().equals(id))
                .findFirst();
    }
}
