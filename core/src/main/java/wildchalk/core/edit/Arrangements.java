package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import wildchalk.core.arrange.Alignments;
import wildchalk.core.arrange.Transforms;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.GapId;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.Kinds;
import wildchalk.core.drill.Layout;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.Lying;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.Note;
import wildchalk.core.drill.NoteId;
import wildchalk.core.drill.Parts;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Removals;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.drill.ZoneId;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;

/** What is done with things that are there. */
public final class Arrangements {

    private Arrangements() {}

    /**
     * Carries things elsewhere; several keep what they do, on every way of the version.
     *
     * @param ids that are not locked
     */
    public static Edit carry(Set<ElementId> ids, PlaneMap map) {
        Set<ElementId> chosen = Set.copyOf(ids);
        return inVersion(EditKind.CARRY, (drill, p) -> {
            Set<ElementId> there = present(p, chosen);
            Set<ElementId> all = chosen.size() > 1 ? Transforms.withTheirMoves(p, there) : there;
            return Transforms.of(p, drill.surface(), all, map);
        });
    }

    public static Edit align(Set<ElementId> ids, Alignments.Axis along) {
        Set<ElementId> chosen = Set.copyOf(ids);
        return inVersion(EditKind.ALIGN, (drill, p) -> Alignments.align(p, drill.surface(), present(p, chosen), along));
    }

    public static Edit distribute(Set<ElementId> ids, Alignments.Axis along) {
        Set<ElementId> chosen = Set.copyOf(ids);
        return inVersion(
                EditKind.DISTRIBUTE,
                (drill, p) -> Alignments.distribute(p, drill.surface(), present(p, chosen), along));
    }

    public static Edit group(Set<ElementId> ids) {
        Set<ElementId> chosen = Set.copyOf(ids);
        return layout(EditKind.GROUP, (p, l) -> {
            List<Set<ElementId>> groups = without(l, chosen);
            groups.add(present(p, chosen));
            return l.withGroups(groups);
        });
    }

    public static Edit ungroup(Set<ElementId> ids) {
        Set<ElementId> chosen = Set.copyOf(ids);
        return layout(EditKind.UNGROUP, (p, l) -> l.withGroups(without(l, chosen)));
    }

    private static List<Set<ElementId>> without(Layout layout, Set<ElementId> members) {
        return new ArrayList<>(layout.groups().stream()
                .filter(g -> g.stream().noneMatch(members::contains))
                .toList());
    }

    /** Locks things, or unlocks them. */
    public static Edit lock(Set<ElementId> ids, boolean locked) {
        Set<ElementId> chosen = Set.copyOf(ids);
        return layout(EditKind.LOCK, (p, l) -> {
            Set<ElementId> held = new LinkedHashSet<>(l.locked());
            if (locked) {
                held.addAll(present(p, chosen));
            } else {
                held.removeAll(chosen);
            }
            return l.withLocked(held);
        });
    }

    /** To the front or the back among their kind: what is painted later lies on top. */
    public static Edit order(Set<ElementId> ids, boolean front) {
        Set<ElementId> chosen = Set.copyOf(ids);
        return inVersion(EditKind.ORDER, (drill, p) -> {
            Parts parts = Parts.of(p);
            for (Lying<?, ?> kind : Kinds.LYING) {
                // who is fed by two lines stands in the first: their order says more than what lies on top
                parts = kind == Kinds.LINES ? parts : ordered(kind, parts, chosen, front);
            }
            return parts.whole(p.id(), p.title(), p.basedOn());
        });
    }

    private static <T, I extends ElementId> Parts ordered(
            Lying<T, I> kind, Parts parts, Set<ElementId> chosen, boolean front) {
        return kind.kind()
                .changed(
                        parts,
                        list -> ordered(list, t -> chosen.contains(kind.idOf().apply(t)), front));
    }

    private static <T> List<T> ordered(List<T> list, Predicate<T> chosen, boolean front) {
        List<T> first = new ArrayList<>(
                list.stream().filter(front ? chosen.negate() : chosen).toList());
        list.stream().filter(front ? chosen : chosen.negate()).forEach(first::add);
        return first;
    }

    /** The next colour for gear, the next bib for players; after the last bib comes the colour of the side again. */
    public static Edit nextColour(Set<ElementId> ids) {
        Set<ElementId> chosen = Set.copyOf(ids);
        return inVersion(
                EditKind.COLOUR,
                (drill, p) -> p.withGear(p.gear().stream()
                                .map(g -> chosen.contains(g.id()) ? g.withColour(next(g.colour())) : g)
                                .toList())
                        .withRoles(p.roles().stream()
                                .map(r -> chosen.contains(r.id()) ? nextBib(r) : r)
                                .toList()));
    }

    private static Chalk next(Chalk colour) {
        Chalk[] all = Chalk.values();
        return all[(colour.ordinal() + 1) % all.length];
    }

    private static Role nextBib(Role role) {
        Chalk[] all = Chalk.values();
        int now = role.team().map(Enum::ordinal).orElse(-1);
        return role.withTeam(now + 1 < all.length ? Optional.of(all[now + 1]) : Optional.empty());
    }

    /**
     * Puts a label by hand, or lets it find its place by itself again.
     *
     * @param offset metres from what it names to its middle
     */
    public static Edit label(ElementId of, Optional<Point> offset) {
        return layout(EditKind.LABEL, (p, l) -> Elements.has(p, of) ? l.withLabel(of, offset) : l);
    }

    /** Takes things out, with what would point at nothing then. */
    public static Edit delete(Set<ElementId> ids) {
        Set<ElementId> chosen = Set.copyOf(ids);
        return inVersion(
                EditKind.DELETE,
                (drill, p) -> Removals.elements(
                        p, Elements.all(p).stream().filter(chosen::contains).toList()));
    }

    // ---- one thing ----

    public static Edit role(RoleId id, UnaryOperator<Role> change) {
        return one((p, l) -> p.role(id).map(r -> p.with(change.apply(r).withId(id))));
    }

    public static Edit gear(GearId id, UnaryOperator<Gear> change) {
        return one((p, l) -> p.gear(id).map(g -> p.with(change.apply(g).withId(id))));
    }

    public static Edit ball(BallId id, UnaryOperator<Ball> change) {
        return one((p, l) -> p.balls().stream()
                .filter(b -> b.id().equals(id))
                .findFirst()
                .map(b -> p.with(change.apply(b).withId(id))));
    }

    public static Edit line(LineId id, UnaryOperator<WaitingLine> change) {
        return one((p, l) -> p.line(id).map(x -> p.with(change.apply(x).withId(id))));
    }

    public static Edit zone(ZoneId id, UnaryOperator<MarkedZone> change) {
        return one((p, l) -> l.zone(id).map(z -> p.withLayout(l.with(change.apply(z)))));
    }

    public static Edit note(NoteId id, UnaryOperator<Note> change) {
        return one((p, l) -> l.note(id).map(n -> p.withLayout(l.with(change.apply(n)))));
    }

    public static Edit gap(GapId id, UnaryOperator<Gap> change) {
        return one((p, l) -> l.gap(id).map(g -> p.withLayout(l.with(change.apply(g)))));
    }

    // ---- parts ----

    @FunctionalInterface
    private interface OfOne {
        Optional<Progression> apply(Progression version, Layout layout);
    }

    @FunctionalInterface
    private interface OfLayout {
        Layout apply(Progression version, Layout layout);
    }

    @FunctionalInterface
    private interface OfVersion {
        Progression apply(Drill drill, Progression version);
    }

    private static Edit one(OfOne change) {
        return inVersion(
                EditKind.ELEMENT, (drill, p) -> change.apply(p, p.layout()).orElse(p));
    }

    private static Edit layout(EditKind kind, OfLayout change) {
        return inVersion(kind, (drill, p) -> p.withLayout(change.apply(p, p.layout())));
    }

    private static Edit inVersion(EditKind kind, OfVersion change) {
        return Edit.inVersion(kind, (drill, p) -> Edit.Change.of(change.apply(drill, p)));
    }

    private static Set<ElementId> present(Progression p, Set<ElementId> ids) {
        Set<ElementId> there = new LinkedHashSet<>(Elements.all(p));
        there.retainAll(ids);
        return there;
    }
}
