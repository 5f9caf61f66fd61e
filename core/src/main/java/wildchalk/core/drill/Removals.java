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
    public static Progression role(Progression drill, RoleId role) {
        Point place = drill.startOf(role);
        Set<MoveId> gone = drill.moves().stream()
                .filter(m -> m.role().equals(role) || isPassTo(m, role))
                .map(Move::id)
                .collect(Collectors.toSet());
        Progression without = moves(drill, gone);
        List<Ball> balls = without.balls().stream()
                .map(b -> b.start().equals(new Ball.With(role)) ? new Ball(b.id(), new Ball.Loose(place)) : b)
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
    public static int movesWith(Progression drill, RoleId role) {
        return (int) drill.moves().stream()
                .filter(m -> m.role().equals(role) || isPassTo(m, role))
                .count();
    }

    private static boolean isPassTo(Move move, RoleId role) {
        return move instanceof Pass pass && pass.to().equals(new Target.ToRole(role));
    }

    /** Without a line; roles that it gave a place stay where they stand. */
    public static Progression line(Progression drill, LineId line) {
        List<Role> roles = drill.roles().stream()
                .map(r -> {
                    boolean fed = r.at().isEmpty()
                            && drill.lineFeeding(r.id()).map(WaitingLine::id).equals(Optional.of(line));
                    return fed ? r.withAt(drill.startOf(r.id())).withFacing(drill.startFacingOf(r.id())) : r;
                })
                .toList();
        Course course = drill.course();
        Progression stays = drill.withCourse(
                course.withRotation(keep(course.rotation(), r -> !r.line().equals(Optional.of(line)))));
        return stays.withPeople(keep(drill.lines(), l -> !l.id().equals(line)), roles, drill.balls(), drill.steps());
    }

    /** Without several elements of any kind, each as if it were taken out alone. */
    public static Progression elements(Progression drill, Collection<ElementId> ids) {
        Progression left = drill;
        for (ElementId id : ids) {
            left = element(left, id);
        }
        return left;
    }

    private static Progression element(Progression drill, ElementId id) {
        if (!Elements.has(drill, id)) {
            return drill; // it went with one that was taken out before
        }
        if (id instanceof RoleId role) {
            return role(drill, role);
        } else if (id instanceof MoveId move) {
            return move(drill, move);
        } else if (id instanceof LineId line) {
            return line(drill, line);
        }
        return Kinds.of(id).orElseThrow().without(drill, id);
    }

    /** How many moves go with some elements beside those that are among them. */
    public static int movesWith(Progression drill, Set<ElementId> ids) {
        long named = ids.stream().filter(i -> i instanceof MoveId).count();
        return (int) (drill.moves().size() - elements(drill, ids).moves().size() - named);
    }

    /** Without a move; others that waited for it start with their step instead. */
    public static Progression move(Progression drill, MoveId move) {
        return moves(drill, Set.of(move));
    }

    private static Progression moves(Progression drill, Set<MoveId> gone) {
        List<Step> left = drill.steps().stream()
                .map(s -> s.withMoves(keep(s.moves(), m -> !gone.contains(m.id()))))
                .toList();
        return Pruning.withSteps(drill, left, drill.course());
    }

    /** Without a step, its moves, and the branches that fork off after it; the last step stays, emptied. */
    public static Progression step(Progression drill, StepId step) {
        Step found = drill.step(step).orElseThrow(() -> new IllegalArgumentException("There is no step " + step + "."));
        if (drill.steps().size() == 1) {
            return moves(drill, found.moves().stream().map(Move::id).collect(Collectors.toSet()));
        }
        return Pruning.withSteps(drill, keep(drill.steps(), s -> !s.id().equals(step)), drill.course());
    }

    /** Without a fork and the steps of its branches. */
    public static Progression fork(Progression drill, ForkId fork) {
        Course left = drill.course().withForks(keep(drill.course().forks(), f -> !f.id().equals(fork)));
        return Pruning.withSteps(drill, drill.steps(), left);
    }

    /** Without one branch and its steps; a fork with one way left is none. */
    public static Progression branch(Progression drill, ForkId fork, BranchId branch) {
        Fork found = drill.course().fork(fork).orElseThrow();
        List<Branch> left = keep(found.branches(), b -> !b.id().equals(branch));
        return left.size() < 2
                ? fork(drill, fork)
                : Pruning.withSteps(drill, drill.steps(), drill.course().with(found.withBranches(left)));
    }

    private static <T> List<T> keep(List<T> list, Predicate<T> wanted) {
        return list.stream().filter(wanted).toList();
    }
}
