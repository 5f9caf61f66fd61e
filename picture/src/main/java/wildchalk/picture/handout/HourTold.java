package wildchalk.picture.handout;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Function;
import wildchalk.core.drill.RoleId;
import wildchalk.core.handout.EveryWay;
import wildchalk.core.handout.Hour;
import wildchalk.core.handout.Post;
import wildchalk.core.handout.Spoken;
import wildchalk.core.progress.Progress;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.squad.FirstNames;
import wildchalk.core.squad.Squad;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.Words;
import wildchalk.picture.export.Reader;
import wildchalk.picture.export.SideBySide;
import wildchalk.picture.export.Told;

/**
 * An hour as it is told to somebody: what everything that is handed out of it is made from. The second look is left out: it is for
 * whoever plans.
 *
 * @param drills every version that is played, by the clock
 */
public record HourTold(Hour hour, Map<Post.Which, Told> drills) {

    /** @param squad whose names are said; empty for numbers */
    public static HourTold of(SessionPlan plan, Optional<Squad> squad, Reader reader, Progress progress)
            throws IOException {
        Map<Post.Which, Post> posts = new LinkedHashMap<>();
        Post.of(plan).forEach(p -> posts.putIfAbsent(p.which(), p));
        Map<Post.Which, Told> drills = new LinkedHashMap<>();
        Map<Post.Which, Spoken> talks = new HashMap<>();
        List<Post> each = List.copyOf(posts.values());
        List<Told> told = SideBySide.each(
                each.size(),
                i -> told(each.get(i), reader),
                done -> Progress.tell(progress, (double) done / each.size()));
        for (int i = 0; i < each.size(); i++) {
            drills.put(each.get(i).which(), told.get(i));
            talks.put(each.get(i).which(), spoken(told.get(i)));
        }
        return new HourTold(new Hour(plan, squad, talks, reader.house()), drills);
    }

    /** Parts are written when somebody first asks for one: most of what is handed out has none. */
    private static Spoken spoken(Told told) {
        AtomicReference<Function<RoleId, List<String>>> parts = new AtomicReference<>();
        return new Spoken(
                told.talk(),
                role -> parts.updateAndGet(p -> p == null ? told.parts() : p).apply(role));
    }

    private static Function<RoleId, List<String>> parts(Told told) {
        // in the tool's words first: a part is put together from whole sentences
        LengthUnit unit = told.reader().unit();
        return EveryWay.of(told.run(), Words.of(told.run(), unit), unit)
                .andThen(told.reader().house()::all);
    }

    private static Told told(Post post, Reader reader) {
        Reader who = reader.forSport(post.setUp().drill().surface().sport());
        RunThrough run = RunThrough.of(post.drill(), post.path(), who.figures());
        return new Told(run, who.house().of(Words.of(run, who.unit())), List.of(), who);
    }

    /** With people called as they are to be. */
    HourTold calling(HandoutOptions.Names names) {
        return names == HandoutOptions.Names.WHOLE
                ? this
                : new HourTold(
                        new Hour(hour.plan(), hour.squad().map(FirstNames::of), hour.talks(), hour.house()), drills);
    }

    Told told(Post post) {
        return drills.get(post.which());
    }

    /** For each version that is played the first post at which it is. */
    List<Post> firsts() {
        List<Post> first = new ArrayList<>();
        for (Post post : hour.posts()) {
            if (first.stream().noneMatch(f -> f.which().equals(post.which()))) {
                first.add(post);
            }
        }
        return first;
    }
}
