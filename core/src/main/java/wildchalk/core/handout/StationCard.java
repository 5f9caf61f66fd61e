package wildchalk.core.handout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Question;
import wildchalk.core.session.Coach;
import wildchalk.core.text.Texts;
import wildchalk.core.words.CourseWords;
import wildchalk.core.words.PlanWriter;
import wildchalk.core.words.Sentence;
import wildchalk.core.words.StepWords;
import wildchalk.core.words.TalkThrough;

/**
 * What hangs at a station, for whoever runs it without having heard it.
 *
 * @param block the block it belongs to, and when
 * @param who comes when, and how often each gets his turn
 * @param lead who runs it, where somebody does
 * @param brief what happens, a few words a step
 * @param watch the coach's own points
 * @param call what is called, and when
 * @param ask with answers
 * @param care cautions where bodies meet
 * @param then when the next rep starts and where everybody goes
 */
public record StationCard(
        Post post,
        String block,
        List<String> who,
        Optional<String> lead,
        List<String> bring,
        List<String> brief,
        List<String> watch,
        List<String> call,
        List<Question> ask,
        List<String> rules,
        List<String> care,
        List<String> then) {

    public StationCard {
        who = List.copyOf(who);
        bring = List.copyOf(bring);
        brief = List.copyOf(brief);
        watch = List.copyOf(watch);
        call = List.copyOf(call);
        ask = List.copyOf(ask);
        rules = List.copyOf(rules);
        care = List.copyOf(care);
        then = List.copyOf(then);
    }

    /** One for each station of an hour, by the clock. */
    public static List<StationCard> of(Hour hour) {
        return hour.posts().stream().map(p -> of(p, hour)).toList();
    }

    static StationCard of(Post post, Hour hour) {
        PlanWriter writer = hour.writer();
        TalkThrough talk = hour.talk(post);
        List<String> calls =
                hour.house().all(new CourseWords(post.path(), post.drill().surface()).calls());
        List<String> call = new ArrayList<>(calls);
        call.addAll(calling(post, talk));
        List<String> rules =
                talk.rules().stream().filter(r -> !calls.contains(r)).toList();
        return new StationCard(
                post,
                text(
                        "handout.at",
                        PlanWriter.title(post.slot().block()),
                        writer.clock(post.slot().from()),
                        writer.clock(post.slot().to())),
                who(post, writer),
                post.coach().flatMap(hour.session()::coach).map(Coach::name),
                talk.gear(),
                talk.steps().stream()
                        .map(StepWords::brief)
                        .filter(b -> !b.isEmpty())
                        .toList(),
                talk.steps().stream()
                        .flatMap(s -> s.points().stream())
                        .distinct()
                        .toList(),
                call,
                talk.steps().stream().flatMap(s -> s.question().stream()).toList(),
                rules,
                talk.cautions(),
                talk.rotation());
    }

    private static List<String> calling(Post post, TalkThrough talk) {
        return post.path().moves().stream()
                .filter(m -> m instanceof Act a && a.deed() instanceof Deed.Calling)
                .flatMap(m -> talk.sentence(m.id()).stream())
                .map(Sentence::text)
                .distinct()
                .toList();
    }

    private static List<String> who(Post post, PlanWriter writer) {
        return post.visits().stream()
                .map(v -> {
                    String said = writer.who(v.here());
                    String turns =
                            writer.turns(v.here()).map(t -> said + "; " + t).orElse(said);
                    boolean turned = post.isOtherwise(v);
                    return text(
                            "handout.from",
                            writer.clock(v.round().from()),
                            turned ? text("plan.mirrored", turns) : turns);
                })
                .toList();
    }

    private static String text(String key, Object... arguments) {
        return Texts.CORE.get(key, arguments);
    }
}
