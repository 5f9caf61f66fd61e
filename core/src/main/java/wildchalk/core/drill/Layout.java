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
 * @param groups elements that are chosen and moved together; each element in at most one
 * @param locked elements that stay where they are until unlocked
 * @param labels where labels were put by hand: metres from what they name to the middle of the label; others find their
 *     place by themselves
 */
public record Layout(
        List<MarkedZone> zones,
        List<Note> notes,
        List<Gap> gaps,
        List<Set<ElementId>> groups,
        Set<ElementId> locked,
        Map<ElementId, Point> labels) {

    public static final Layout NONE = new Layout(List.of(), List.of(), List.of(), List.of(), Set.of(), Map.of());

    public Layout {
        zones = List.copyOf(zones);
        notes = List.copyOf(notes);
        gaps = List.copyOf(gaps);
        groups = groups.stream().filter(g -> g.size() > 1).map(Set::copyOf).toList();
        locked = Set.copyOf(locked);
        labels = Map.copyOf(labels);
        labels.values().forEach(p -> Limits.place("label", p));
        Uniqueness.check("zone", zones.stream().map(MarkedZone::id));
        Uniqueness.check("note", notes.stream().map(Note::id));
        Uniqueness.check("gap", gaps.stream().map(Gap::id));
        Uniqueness.check("group member", groups.stream().flatMap(Set::stream));
    }

    public Optional<MarkedZone> zone(ZoneId wanted) {
        return zones.stream().filter(z -> z.id().equals(wanted)).findFirst();
    }

    public Optional<Note> note(NoteId wanted) {
        return notes.stream().filter(n -> n.id().equals(wanted)).findFirst();
    }

    public Optional<Gap> gap(GapId wanted) {
        return gaps.stream().filter(g -> g.id().equals(wanted)).findFirst();
    }

    public boolean isEmpty() {
        return zones.isEmpty() && notes.isEmpty() && gaps.isEmpty();
    }

    public Layout withZones(List<MarkedZone> list) {
        return new Layout(list, notes, gaps, groups, locked, labels);
    }

    public Layout withNotes(List<Note> list) {
        return new Layout(zones, list, gaps, groups, locked, labels);
    }

    public Layout withGaps(List<Gap> list) {
        return new Layout(zones, notes, list, groups, locked, labels);
    }

    public Layout withGroups(List<Set<ElementId>> list) {
        return new Layout(zones, notes, gaps, list, locked, labels);
    }

    public Layout withLocked(Set<ElementId> held) {
        return new Layout(zones, notes, gaps, groups, held, labels);
    }

    public Layout withLabels(Map<ElementId, Point> offsets) {
        return new Layout(zones, notes, gaps, groups, locked, offsets);
    }

    /** With a label put by hand, or back to finding its place by itself. */
    public Layout withLabel(ElementId of, Optional<Point> offset) {
        Map<ElementId, Point> all = new HashMap<>(labels);
        all.remove(of);
        offset.ifPresent(p -> all.put(of, p));
        return withLabels(all);
    }

    public Layout with(MarkedZone zone) {
        return withZones(put(zones, zone, z -> z.id().equals(zone.id())));
    }

    public Layout with(Note note) {
        return withNotes(put(notes, note, n -> n.id().equals(note.id())));
    }

    public Layout with(Gap gap) {
        return withGaps(put(gaps, gap, g -> g.id().equals(gap.id())));
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
