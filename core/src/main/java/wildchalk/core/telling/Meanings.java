package wildchalk.core.telling;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Challenge;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.ShotEnd;
import wildchalk.core.text.Texts;

/** What a way of a fork can stand for: who wins it, what becomes of the shot, how play ends, what is called. */
public final class Meanings {

    /**
     * One of them.
     *
     * @param text as it reads: "the tackle is missed"
     * @param branch the way with it; a label that only said what the way stood for says this now
     */
    public record Meaning(String text, Branch branch) {

        /** Whether a way stands for this already. */
        public boolean isThatOf(Branch other) {
            return branch.winner().equals(other.winner())
                    && branch.result().equals(other.result())
                    && branch.word().equals(other.word())
                    && branch.verdict().equals(other.verdict())
                    && branch.ending().equals(other.ending())
                    && branch.zone().equals(other.zone());
        }
    }

    private Meanings() {}

    /** All that a way of a fork can stand for; none where chance decides. */
    public static List<Meaning> of(Progression p, Fork fork, Branch branch) {
        Optional<Move> decider = fork.decider().flatMap(p::move);
        List<Meaning> plain =
                switch (fork.by()) {
                    case BALL ->
                        decider.map(m -> who(p, roles(m), "wins", branch)).orElse(List.of());
                    case FIRST ->
                        fork.race()
                                .map(r -> who(p, new LinkedHashSet<>(r.runners()), "is-first", branch))
                                .orElse(List.of());
                    case PLACE -> where(p, branch);
                    case SHOT ->
                        Stream.of(ShotEnd.values())
                                .map(e -> new Meaning(text("result." + e), branch.withResult(e)))
                                .toList();
                    case CHALLENGE ->
                        deed(decider, Challenge.class)
                                .map(c -> c.bid().verdicts().stream()
                                        .map(v -> new Meaning(
                                                text("verdict." + c.bid() + "." + v), branch.withVerdict(v)))
                                        .toList())
                                .orElse(List.of());
                    case PLAY ->
                        deed(decider, OpenPlay.class)
                                .map(o -> o.endings().stream()
                                        .map(e -> new Meaning(text("ending." + e), branch.withEnding(e)))
                                        .toList())
                                .orElse(List.of());
                    case CALL ->
                        fork.call()
                                .flatMap(p.course()::call)
                                .map(CallSet::options)
                                .map(o -> o.stream()
                                        .map(w -> new Meaning(w, branch.withWord(w)))
                                        .toList())
                                .orElse(List.of());
                    case CHANCE -> List.of();
                };
        boolean said = plain.stream().anyMatch(m -> m.text().equals(branch.label()));
        return said
                ? plain.stream()
                        .map(m -> new Meaning(m.text(), m.branch().withLabel(m.text())))
                        .toList()
                : plain;
    }

    private static List<Meaning> where(Progression p, Branch branch) {
        return Stream.concat(
                        p.layout().zones().stream()
                                .map(z -> new Meaning(
                                        text("in-zone", z.name()), branch.withZone(Optional.of(z.id().text())))),
                        Stream.of(new Meaning(text("elsewhere"), branch.withZone(Optional.empty()))))
                .toList();
    }

    private static Set<RoleId> roles(Move contest) {
        Set<RoleId> all = new LinkedHashSet<>(List.of(contest.role()));
        all.addAll(contest.others());
        return all;
    }

    private static List<Meaning> who(Progression p, Set<RoleId> roles, String key, Branch branch) {
        List<Meaning> all = new ArrayList<>();
        for (RoleId role : roles) {
            p.role(role).ifPresent(r -> all.add(new Meaning(text(key, r.label()), branch.withWinner(role))));
        }
        return all;
    }

    private static <D extends Deed> Optional<D> deed(Optional<Move> move, Class<D> kind) {
        return move.filter(m -> m instanceof Act a && kind.isInstance(a.deed())).map(m -> kind.cast(((Act) m).deed()));
    }

    private static String text(String key, Object... arguments) {
        return Texts.CORE.get("branch." + key, arguments);
    }
}
