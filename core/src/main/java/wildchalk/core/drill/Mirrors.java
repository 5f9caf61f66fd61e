package wildchalk.core.drill;

import java.util.Comparator;
import wildchalk.core.geometry.Symmetry;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.Surface;

/** Carries a progression to another part of its surface. Doing it twice gives the progression back. */
public final class Mirrors {

    private Mirrors() {}

    public static Progression of(Progression drill, Surface surface, Symmetry symmetry) {
        return new Progression(
                drill.id(),
                drill.title(),
                drill.gear().stream()
                        .map(g -> g.withAt(symmetry.apply(g.at()))
                                .withFacing(
                                        g.kind().isGoal()
                                                ? symmetry.applyToHeading(g.facingDegrees())
                                                : g.facingDegrees()))
                        .toList(),
                drill.lines().stream()
                        .map(l ->
                                l.withAt(symmetry.apply(l.at())).withFacing(symmetry.applyToHeading(l.facingDegrees())))
                        .toList(),
                drill.roles().stream().map(r -> role(r, symmetry)).toList(),
                drill.balls().stream()
                        .map(b -> b.start()
                                .match(
                                        with -> b,
                                        loose -> new Ball(b.id(), new Ball.Loose(symmetry.apply(loose.at())))))
                        .toList(),
                drill.steps().stream()
                        .map(s -> s.withMoves(s.moves().stream()
                                .map(m -> move(m, surface, symmetry))
                                .toList()))
                        .toList());
    }

    private static Role role(Role role, Symmetry symmetry) {
        Role turned = role.withFacing(symmetry.applyToHeading(role.facingDegrees()));
        return role.at().map(p -> turned.withAt(symmetry.apply(p))).orElse(turned);
    }

    private static Move move(Move move, Surface surface, Symmetry symmetry) {
        return move.match(
                t -> t.withPath(t.path().stream()
                        .map(w -> w.withAt(symmetry.apply(w.at())))
                        .toList()),
                p -> p.withTo(p.to().match(role -> role, place -> new Target.ToPlace(symmetry.apply(place.at())))),
                s -> s.withGoal(goal(s.goal(), surface, symmetry)),
                u -> u,
                w -> w);
    }

    /** The goal of the surface that stands where this one is carried to; a goal that was set out keeps its id. */
    private static String goal(String id, Surface surface, Symmetry symmetry) {
        return surface.goal(id)
                .flatMap(g -> surface.goals().stream()
                        .min(Comparator.comparingDouble(
                                other -> other.centre().distanceTo(symmetry.apply(g.centre())))))
                .map(GoalMouth::id)
                .orElse(id);
    }
}
