package wildchalk.core.words;

import static wildchalk.core.words.Rewordings.deed;
import static wildchalk.core.words.SentenceWriter.each;
import static wildchalk.core.words.SentenceWriter.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Bid;
import wildchalk.core.drill.Challenge;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.Verdict;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;
import wildchalk.core.telling.Bids;
import wildchalk.core.text.SportTexts;

/** Writes how somebody tries for a ball that another has or sends, and what becomes of it by the clock. */
final class ChallengeWriter {

    private final Path path;
    private final Surface surface;
    private final Timeline timeline;

    ChallengeWriter(Path path, Surface surface, Timeline timeline) {
        this.path = path;
        this.surface = surface;
        this.timeline = timeline;
    }

    void write(List<Phrase> phrases, Act act, Challenge c) {
        Optional<Verdict> came = timeline.verdict(act.id());
        boolean late = came.isPresent() && came.get() != c.verdict();
        Verdict verdict = came.orElse(c.verdict());
        String cue = c.bid() + ".cue";
        boolean heard = isCued(act, c) && SportTexts.has("challenge", surface.sport(), cue);
        String bid = heard ? SportTexts.get("challenge", surface.sport(), cue) : bid(c.bid(), verdict, c.on());
        phrases.add(new Phrase.Slot(SlotKind.KIND, bid, "", () -> bids(c)));
        if (c.bid().isBodily()) {
            phrases.add(new Phrase.Slot(
                    SlotKind.LEVEL,
                    // as hard as usual is not said
                    c.level() == Deed.Level.CONTROLLED ? "" : text("level." + c.level()),
                    text("words.level-prompt"),
                    () -> each(
                            Deed.Level.values(),
                            l -> new Phrase.Choice(text("level." + l), deed(Challenge.class, d -> d.withLevel(l))))));
        }
        String ends = late ? text("challenge.late") : ends(c.bid(), verdict, c.on());
        if (SentenceWriter.isDecidedByPath(path, act)) {
            phrases.add(new Phrase.Plain(ends));
        } else {
            phrases.add(new Phrase.Slot(SlotKind.HOW, ends, "", () -> verdicts(c)));
        }
    }

    /** What is tried, and against whom. */
    private List<Phrase.Choice> bids(Challenge c) {
        List<Phrase.Choice> all = new ArrayList<>();
        for (Bid bid : Bids.of(surface.sport())) {
            all.add(new Phrase.Choice(
                    bid(bid, bid.verdicts().get(0), c.on()), deed(Challenge.class, d -> d.withBid(bid))));
        }
        path.roles().stream()
                .filter(r -> !r.id().equals(c.on()))
                .forEach(r -> all.add(new Phrase.Choice(
                        text("challenge.group"),
                        bid(c.bid(), c.verdict(), r.id()),
                        deed(Challenge.class, d -> d.withOn(r.id())))));
        return all;
    }

    private List<Phrase.Choice> verdicts(Challenge c) {
        return c.bid().verdicts().stream()
                .map(v -> new Phrase.Choice(ends(c.bid(), v, c.on()), deed(Challenge.class, d -> d.withVerdict(v))))
                .toList();
    }

    private String bid(Bid bid, Verdict verdict, RoleId on) {
        boolean other = SportTexts.has("challenge", surface.sport(), bid + "." + verdict);
        String sent = sendsShot(on) ? text("challenge.shot") : text("challenge.pass");
        return SportTexts.get(
                "challenge", surface.sport(), bid + (other ? "." + verdict : ""), label(on), surface.ballName(), sent);
    }

    /** Whether its cue says already whose pass or shot it is. */
    private boolean isCued(Act act, Challenge c) {
        return act.trigger()
                .filter(t -> t.event() instanceof Event.Starts)
                .flatMap(Trigger::move)
                .flatMap(path::move)
                .filter(m -> m.isBallRelease() && m.role().equals(c.on()))
                .isPresent();
    }

    /** Whether it is a shot and no pass that somebody sends. */
    private boolean sendsShot(RoleId on) {
        List<Move> sent = path.moves().stream()
                .filter(m -> m.role().equals(on) && m.isBallRelease())
                .toList();
        return !sent.isEmpty() && sent.stream().noneMatch(m -> m instanceof Pass);
    }

    private String ends(Bid bid, Verdict verdict, RoleId on) {
        return SportTexts.get("challenged", surface.sport(), bid + "." + verdict, label(on), surface.ballName());
    }

    private String label(RoleId role) {
        return SentenceWriter.label(path, role);
    }
}
