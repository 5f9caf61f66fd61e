package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import wildchalk.core.geometry.Point;

/**
 * What lies on the surface besides gear and people, and how elements hang together.
 *
 * @param things zones, notes, gaps, stations: kind by kind in the order of {@link Kinds}, and within a kind as drawn
 * @param groups elements that are chosen and moved together; each element in at most one
 * @param locked elements that stay where they are until unlocked
 * @param labels where labels were put by hand: metres from what they name to the middle of the label; others find their
 *     place by themselves
 */
public record Layout(
        List<Laid> things, List<Set<ElementId>> groups, Set<ElementId> locked, Map<ElementId, Point> labels) {

    public static final Layout NONE = new Layout(List.of(), List.of(), Set.of(), Map.of());

    public Layout {
        List<Laid> given = things;
        things = Kinds.LAID.stream()
                .flatMap(kind -> checked(kind, given).stream())
                .toList();
        groups = groups.stream().filter(g -> g.size() > 1).map(Set::copyOf).toList();
        locked = Set.copyOf(locked);
        labels = Map.copyOf(labels);
        labels.values().forEach(p -> Limits.place("label", p));
        Uniqueness.check("group member", groups.stream().flatMap(Set::stream));
    }

    private static List<Laid> checked(Lying<?, ?> kind, List<Laid> all) {
        List<Laid> some =
                all.stream().filter(t -> kind.ids().isInstance(t.id())).toList();
        Uniqueness.check(kind.kind().one(), some.stream().map(Laid::id));
        return some;
    }

    /** Those of one kind. */
    public <T extends Laid> List<T> of(Class<T> type) {
        return things.stream().filter(type::isInstance).map(type::cast).toList();
    }

    public List<MarkedZone> zones() {
        return of(MarkedZone.class);
    }

    public List<Note> notes() {
        return of(Note.class);
    }

    public List<Gap> gaps() {
        return of(Gap.class);
    }

    public List<Station> stations() {
        return of(Station.class);
    }

    public Optional<MarkedZone> zone(ZoneId wanted) {
        return zones().stream().filter(z -> z.id().equals(wanted)).findFirst();
    }

    public Optional<Note> note(NoteId wanted) {
        return notes().stream().filter(n -> n.id().equals(wanted)).findFirst();
    }

    public Optional<Station> station(StationId wanted) {
        return stations().stream().filter(s -> s.id().equals(wanted)).findFirst();
    }

    public Optional<Gap> gap(GapId wanted) {
        return gaps().stream().filter(g -> g.id().equals(wanted)).findFirst();
    }

    public boolean isEmpty() {
        return things.isEmpty();
    }

    private Layout withThings(List<Laid> list) {
        return new Layout(list, groups, locked, labels);
    }

    /** With these instead of all of their kind. */
    public <T extends Laid> Layout with(Class<T> type, List<T> list) {
        List<Laid> all =
                new ArrayList<>(things.stream().filter(t -> !type.isInstance(t)).toList());
        all.addAll(list);
        return withThings(all);
    }

    public Layout withGroups(List<Set<ElementId>> list) {
        return new Layout(things, list, locked, labels);
    }

    public Layout withLocked(Set<ElementId> held) {
        return new Layout(things, groups, held, labels);
    }

    public Layout withLabels(Map<ElementId, Point> offsets) {
        return new Layout(things, groups, locked, offsets);
    }

    /** With a label put by hand, or back to finding its place by itself. */
    public Layout withLabel(ElementId of, Optional<Point> offset) {
        Map<ElementId, Point> all = new HashMap<>(labels);
        all.remove(of);
        offset.ifPresent(p -> all.put(of, p));
        return withLabels(all);
    }

    /** Adds a thing, or replaces the one of its id in place. */
    public Layout with(Laid thing) {
        return withThings(put(things, thing, t -> t.id().equals(thing.id())));
    }

    /** Groups and locks that name only elements of which some are left. */
    Layout keeping(Predicate<ElementId> there) {
        List<Set<ElementId>> kept = groups.stream()
                .map(g -> {
                    Set<ElementId> left = new LinkedHashSet<>(g);
                    left.removeIf(there.negate());
                    return left;
                })
                .toList();
        Set<ElementId> held = new LinkedHashSet<>(locked);
        held.removeIf(there.negate());
        Map<ElementId, Point> named = new HashMap<>(labels);
        named.keySet().removeIf(there.negate());
        return withGroups(kept).withLocked(held).withLabels(named);
    }

    static <T> List<T> put(List<T> list, T item, Predicate<T> same) {
        List<T> result = new ArrayList<>();
        boolean replaced = false;
        for (T other : list) {
            boolean hit = same.test(other);
            result.add(hit ? item : other);
            replaced |= hit;
        }
        if (!replaced) {
            result.add(item);
        }
        return result;
    }
}
