package wildchalk.core.path;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.BranchId;
import wildchalk.core.drill.CallId;
import wildchalk.core.drill.Called;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.ForkId;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.OnBranch;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;

/** One pass over the steps of a version in their order, along some choices: what is met, and which call each thing goes by. */
final class Walk {

    /** What somebody has to decide: a call, or a fork. */
    sealed interface Decision {}

    record OfCall(Ask ask) implements Decision {}

    record OfFork(Fork fork) implements Decision {}

    /** What goes where it is called. */
    private record Goer(MoveId move, CallId set) {}

    private final Progression version;
    private final Choices choices;
    private final List<Step> steps = new ArrayList<>();
    private final Map<ForkId, Branch> taken = new LinkedHashMap<>();
    private final List<Fork> forks = new ArrayList<>();
    private final List<Decision> decisions = new ArrayList<>();
    private final Map<Ask, List<MoveId>> goers = new LinkedHashMap<>();
    private final Map<Goer, Ask> goesBy = new HashMap<>();
    private final Map<ForkId, Ask> forksBy = new HashMap<>();
    private final Map<CallId, Ask> latest = new HashMap<>();

    Walk(Progression version, Choices choices) {
        this.version = version;
        this.choices = choices;
        Map<ForkId, BranchId> ways = new HashMap<>();
        Optional<OnBranch> ending = Optional.empty();
        List<Step> all = version.steps();
        for (int i = 0; i < all.size(); i++) {
            Step step = all.get(i);
            boolean reached = step.on().isEmpty()
                    || step.on().get().branch().equals(ways.get(step.on().get().fork()));
            boolean over = ending.isPresent() && !Outcomes.chain(version, step).contains(ending.get());
            if (!reached || over) {
                continue;
            }
            steps.add(step);
            for (Move move : step.moves()) {
                meet(move, i);
            }
            for (Fork fork : version.course().forks()) {
                if (fork.after().equals(step.id())) {
                    Branch branch = meet(fork, i + 1);
                    ways.put(fork.id(), branch.id());
                    if (branch.ends()) {
                        ending = Optional.of(new OnBranch(fork.id(), branch.id()));
                    }
                }
            }
        }
    }

    private void meet(Move move, int step) {
        Optional<CallId> calls = setOf(move);
        if (calls.isPresent()) {
            Ask ask = new Ask(calls.get(), Optional.of(move.id()));
            latest.put(calls.get(), ask);
            meet(ask).add(move.id());
        } else if (move instanceof Travel travel) {
            travel.path().stream()
                    .flatMap(w -> w.called().stream())
                    .map(Called::call)
                    .distinct()
                    .forEach(set -> {
                        Ask ask = heard(travel, set).orElseGet(() -> at(set, step));
                        goesBy.put(new Goer(travel.id(), set), ask);
                        meet(ask).add(travel.id());
                    });
        }
    }

    private List<MoveId> meet(Ask ask) {
        return goers.computeIfAbsent(ask, a -> {
            decisions.add(new OfCall(a));
            return new ArrayList<>();
        });
    }

    private Branch meet(Fork fork, int nextStep) {
        fork.call().ifPresent(set -> {
            Ask ask = at(set, nextStep);
            forksBy.put(fork.id(), ask);
            meet(ask);
        });
        Branch branch = Outcomes.branch(fork, said(fork), choices);
        forks.add(fork);
        taken.put(fork.id(), branch);
        decisions.add(new OfFork(fork));
        return branch;
    }

    /** The call that a run waits for. */
    private Optional<Ask> heard(Travel travel, CallId set) {
        return travel.trigger()
                .flatMap(Trigger::move)
                .flatMap(version::move)
                .filter(m -> setOf(m).equals(Optional.of(set)))
                .map(m -> new Ask(set, Optional.of(m.id())));
    }

    /** The last call before; where there was none, the next that comes. */
    private Ask at(CallId set, int step) {
        Ask last = latest.get(set);
        if (last != null) {
            return last;
        }
        List<Step> all = version.steps();
        return all.subList(step, all.size()).stream()
                .flatMap(s -> s.moves().stream())
                .filter(m -> setOf(m).equals(Optional.of(set)))
                .findFirst()
                .map(m -> new Ask(set, Optional.of(m.id())))
                .orElseGet(() -> Ask.of(set));
    }

    /** The set that a move calls from. */
    static Optional<CallId> setOf(Move move) {
        return move instanceof Act act && act.deed() instanceof Deed.Calling c ? c.set() : Optional.empty();
    }

    List<Step> steps() {
        return steps;
    }

    /** Forks that are met, in order. */
    List<Fork> forks() {
        return forks;
    }

    /** The branch that is taken at a fork that is met. */
    Branch taken(Fork fork) {
        return taken.get(fork.id());
    }

    /** Calls and forks in the order in which they come. */
    List<Decision> decisions() {
        return decisions;
    }

    Stream<Ask> asks() {
        return goers.keySet().stream();
    }

    List<Asked> asked() {
        return goers.entrySet().stream()
                .map(e -> new Asked(
                        e.getKey(),
                        e.getValue(),
                        forksBy.entrySet().stream()
                                .filter(f -> f.getValue().equals(e.getKey()))
                                .map(Map.Entry::getKey)
                                .sorted()
                                .toList()))
                .toList();
    }

    /** The call that a fork goes by. */
    Optional<Ask> askOf(Fork fork) {
        return Optional.ofNullable(forksBy.get(fork.id()));
    }

    /** What is called where a fork goes by it; nothing where it does not. */
    List<String> said(Fork fork) {
        return askOf(fork).map(a -> Outcomes.called(version, a, choices)).orElse(List.of());
    }

    /** What is called for a run that goes where it says. */
    List<String> said(MoveId travel, CallId set) {
        return Outcomes.called(version, goesBy.get(new Goer(travel, set)), choices);
    }

    /** The first thing of which nobody has said how it goes. */
    Optional<Decision> open() {
        return openOnes().stream().findFirst();
    }

    List<Decision> openOnes() {
        return decisions.stream().filter(this::isOpen).toList();
    }

    private boolean isOpen(Decision decision) {
        if (decision instanceof OfCall call) {
            return !choices.calls().containsKey(call.ask());
        }
        return !choices.branches().containsKey(((OfFork) decision).fork().id());
    }
}
