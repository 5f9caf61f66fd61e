package wildchalk.core.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Challenge;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Repeat;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.path.Choices;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;

/**
 * Finds what does not hold together in a version, whatever way it goes: rotations that leave a place empty or fill it twice, two
 * roles of one label, a role that is its own rival, steps that no way leads to.
 */
public final class SoundnessCheck {

    private static final Flaw ROTATION_TWICE = Flaw.warn("rotation-twice");
    private static final Flaw ROTATION_EMPTY = Flaw.warn("rotation-empty");
    private static final Flaw LABEL_TWICE = Flaw.warn("label-twice");
    private static final Flaw OWN_RIVAL = Flaw.stop("own-rival");
    private static final Flaw REPEAT_CUT = Flaw.warn("repeat-cut");
    private static final Flaw STEP_UNREACHABLE = Flaw.warn("step-unreachable");

    private SoundnessCheck() {}

    static List<Finding> of(RunThrough run) {
        List<Finding> found = new ArrayList<>(of(run.version()));
        cutShort(run, found);
        return found;
    }

    /** A repeat of which a version has no room for all. */
    private static void cutShort(RunThrough run, List<Finding> found) {
        Path path = run.path();
        for (Repeat repeat : path.course().repeats()) {
            Optional<Step> drawn = path.step(repeat.from());
            long times = 1
                    + path.steps().stream()
                            .flatMap(s -> path.again(s.id()).stream())
                            .filter(a -> a.repeat().id().equals(repeat.id()) && a.begins())
                            .count();
            if (drawn.isPresent() && times < repeat.times()) {
                List<Move> first = drawn.get().moves().stream().limit(1).toList();
                double from = run.timeline().step(repeat.from()).start();
                Finding finding = Finding.of(
                                REPEAT_CUT, first.stream().map(Move::id).toList())
                        .at(from);
                for (Move move : first) {
                    finding = finding.at(run.timeline().placeAt(move.role(), from), from);
                }
                found.add(finding.with(Quantity.COUNT, times)
                        .with(Quantity.LIMIT, repeat.times())
                        .named(repeat.id().text()));
            }
        }
    }

    /** All that it finds in a version. */
    public static List<Finding> of(Progression version) {
        List<Finding> found = new ArrayList<>();
        rotation(version, found);
        labels(version, found);
        rivals(version, found);
        steps(version, found);
        return found;
    }

    /** Where everybody goes after the rep: each place of the next rep is to be filled once. */
    private static void rotation(Progression version, List<Finding> found) {
        List<Rotation> turns = version.course().rotation();
        if (turns.isEmpty()) {
            return;
        }
        Set<RoleId> fed = new HashSet<>();
        version.lines().stream().map(WaitingLine::feeds).forEach(fed::addAll);
        Map<RoleId, Integer> comes = new HashMap<>();
        Set<RoleId> goes = new HashSet<>();
        for (Rotation turn : turns) {
            if (turn.how() == Rotation.How.STAY) {
                comes.merge(turn.role(), 1, Integer::sum);
            } else {
                goes.add(turn.role());
                turn.next().ifPresent(n -> comes.merge(n, 1, Integer::sum));
            }
        }
        for (Role role : version.roles()) {
            boolean stays = !goes.contains(role.id()) && !fed.contains(role.id());
            int come = comes.getOrDefault(role.id(), 0) + (stays && noRotation(turns, role.id()) ? 1 : 0);
            if (come > 1) {
                found.add(Finding.of(ROTATION_TWICE, role.id()));
            } else if (come == 0 && goes.contains(role.id()) && !fed.contains(role.id())) {
                found.add(Finding.of(ROTATION_EMPTY, role.id()));
            }
        }
    }

    private static boolean noRotation(List<Rotation> turns, RoleId role) {
        return turns.stream().noneMatch(t -> t.role().equals(role));
    }

    /** Nobody knows whom a sentence means where two of a side, in one colour, have one label. */
    private static void labels(Progression version, List<Finding> found) {
        Map<List<Object>, RoleId> first = new HashMap<>();
        for (Role role : version.roles()) {
            List<Object> name = List.of(role.label().toLowerCase(Locale.ROOT), role.side(), role.team());
            RoleId before = first.putIfAbsent(name, role.id());
            if (before != null) {
                found.add(Finding.of(LABEL_TWICE, before, role.id()).named(role.label()));
            }
        }
    }

    private static void rivals(Progression version, List<Finding> found) {
        for (Move move : version.moves()) {
            boolean own = move instanceof Act act
                    && (act.deed() instanceof Deed.Contest contest
                                    && contest.rivals().contains(move.role())
                            || act.deed() instanceof Challenge challenge
                                    && challenge.on().equals(move.role()));
            if (own) {
                found.add(Finding.of(OWN_RIVAL, move.id(), move.role()));
            }
        }
    }

    private static void steps(Progression version, List<Finding> found) {
        if (!Outcomes.areMany(version)) {
            return;
        }
        Path usual = Path.usual(version);
        for (Step step : version.steps()) {
            boolean onUsual = usual.step(step.id()).isPresent();
            if (!onUsual) {
                Choices way = Outcomes.leadingTo(version, step, Choices.USUAL);
                if (!Outcomes.isOn(version, step, way)) {
                    Optional<Move> move = step.moves().stream().findFirst();
                    Finding finding = Finding.of(
                            STEP_UNREACHABLE, move.map(m -> List.of(m.id())).orElse(List.of()));
                    found.add(finding.named(step.id().text()));
                }
            }
        }
    }
}
