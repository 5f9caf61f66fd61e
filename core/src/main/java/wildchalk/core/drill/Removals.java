package wildchalk.core.drill;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import wildchalk.core.geometry.Point;

/** Takes elements out of a progression together with what would point at nothing then. */
public final class Removals {

    private Removals() {}

    /** Without a role: its moves, passes to it and its place in lines go; a ball it starts with lies where it stood. */
    public static Progression role(Progression version, RoleId role) {
        Point place = version.startOf(role);
        Set<MoveId> gone = version.moves().stream()
                .filter(m -> m.role().equals(role) || isPassTo(m, role))
                .map(Move::id)
                .collect(Collectors.toSet());
        Progression without = moves(version, gone);
        List<Ball> balls = without.balls().stream()
                .map(b -> b.start().equals(new Ball.With(role)) ? b.withStart(new Ball.Loose(place)) : b)
                .toList();
        List<WaitingLine> lines = without.lines().stream()
                .map(l -> l.withFeeds(
                        l.feeds().stream().filter(f -> !f.equals(role)).toList()))
                .toList();
        List<Role> roles = keep(without.roles(), r -> !r.id().equals(role));
        return Parts.of(without)
                .withLines(lines)
                .withRoles(roles)
                .withBalls(balls)
                .prunedAs(without);
    }

    /** How many moves go with a role, those of others that pass to it included. */
    public static int movesWith(Progression version, RoleId role) {
        return (int) version.moves().stream()
                .filter(m -> m.role().equals(role) || isPassTo(m, role))
                .count();
    }

    private static boolean isPassTo(Move move, RoleId role) {
        return move instanceof Pass pass
                && pass.to() instanceof Target.ToRole to
                && to.among().isEmpty()
                && to.role().equals(role);
    }

    /** Without a line; roles that it gave a place stay where they stand. */
    public static Progression line(Progression version, LineId line) {
        List<Role> roles = version.roles().stream()
                .map(r -> {
                    boolean fed = r.at().isEmpty()
                            && version.lineFeeding(r.id()).map(WaitingLine::id).equals(Optional.of(line));
                    return fed ? r.withAt(version.startOf(r.id())).withFacing(version.startFacingOf(r.id())) : r;
                })
                .toList();
        Course course = version.course();
        Progression stays = version.withCourse(
                course.withRotation(keep(course.rotation(), r -> !r.line().equals(Optional.of(line)))));
        return stays.withPeople(
                keep(version.lines(), l -> !l.id().equals(line)), roles, version.balls(), version.steps());
    }

    /** Without several elements of any kind, each as if it were taken out alone. */
    public static Progression elements(Progression version, Collection<ElementId> ids) {
        Progression left = version;
        for (ElementId id : ids) {
            left = element(left, id);
        }
        return left;
    }

    private static Progression element(Progression version, ElementId id) {
        if (!Elements.has(version, id)) {
            return version; // it went with one that was taken out before
        }
        if (id instanceof RoleId role) {
            return role(version, role);
        } else if (id instanceof MoveId move) {
            return move(version, move);
        } else if (id instanceof LineId line) {
            return line(version, line);
        }
        return Kinds.of(id).orElseThrow().without(version, id);
    }

    /** How many moves go with some elements beside those that are among them. */
    public static int movesWith(Progression version, Set<ElementId> ids) {
        long named = ids.stream().filter(i -> i instanceof MoveId).count();
        return (int) (version.moves().size() - elements(version, ids).moves().size() - named);
    }

    /** Without a move; others that waited for it start with their step instead. */
    public static Progression move(Progression version, MoveId move) {
        return moves(version, Set.of(move));
    }

    private static Progression moves(Progression version, Set<MoveId> gone) {
        List<Step> left = version.steps().stream()
                .map(s -> s.withMoves(keep(s.moves(), m -> !gone.contains(m.id()))))
                .toList();
        return Pruning.withSteps(version, left, version.course());
    }

    /** Without a step, its moves, and the branches that fork off after it; the last step stays, emptied. */
    public static Progression step(Progression version, StepId step) {
        Step found =
                version.step(step).orElseThrow(() -> new IllegalArgumentException("There is no step " + step + "."));
        if (version.steps().size() == 1) {
            return moves(version, found.moves().stream().map(Move::id).collect(Collectors.toSet()));
        }
        List<StepId> order = version.steps().stream().map(Step::id).toList();
        Course course = version.course()
                .withRepeats(version.course().repeats().stream()
                        .map(r -> without(r, step, order))
                        .toList());
        return Pruning.withSteps(version, keep(version.steps(), s -> !s.id().equals(step)), course);
    }

    /** A repeat of what is left where its first or last step goes; one of nothing else goes too, as it points at nothing. */
    private static Repeat without(Repeat repeat, StepId step, List<StepId> order) {
        int at = order.indexOf(step);
        if (repeat.from().equals(repeat.to())) {
            return repeat;
        } else if (repeat.from().equals(step)) {
            return repeat.withSteps(order.get(at + 1), repeat.to());
        }
        return repeat.to().equals(step) ? repeat.withSteps(repeat.from(), order.get(at - 1)) : repeat;
    }

    /** Without a fork and the steps of its branches. */
    public static Progression fork(Progression version, ForkId fork) {
        Course left = version.course().withForks(keep(version.course().forks(), f -> !f.id().equals(fork)));
        return Pruning.withSteps(version, version.steps(), left);
    }

    /** Without one branch and its steps; a fork with one way left is none. */
    public static Progression branch(Progression version, ForkId fork, BranchId branch) {
        Fork found = version.course().fork(fork).orElseThrow();
        List<Branch> left = keep(found.branches(), b -> !b.id().equals(branch));
        return left.size() < 2
                ? fork(version, fork)
                : Pruning.withSteps(version, version.steps(), version.course().with(found.withBranches(left)));
    }

    private static <T> List<T> keep(List<T> list, Predicate<T> wanted) {
        return list.stream().filter(wanted).toList();
    }
}
