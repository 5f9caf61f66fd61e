package wildchalk.desktop.document;

import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.NoteId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.ZoneId;

/** What is chosen on the board, in the talk-through and on the strip: nothing, one thing or several. */
public record Selection(Set<ElementId> ids) {

    public static final Selection NONE = new Selection(Set.of());

    public Selection {
        ids = java.util.Collections.unmodifiableSet(new LinkedHashSet<>(ids));
    }

    public static Selection of(ElementId id) {
        return new Selection(Set.of(id));
    }

    public boolean isNone() {
        return ids.isEmpty();
    }

    public boolean isSeveral() {
        return ids.size() > 1;
    }

    public boolean has(ElementId id) {
        return ids.contains(id);
    }

    /** With an element that was not in it, or without one that was. */
    public Selection toggled(ElementId id) {
        Set<ElementId> changed = new LinkedHashSet<>(ids);
        if (!changed.remove(id)) {
            changed.add(id);
        }
        return new Selection(changed);
    }

    public Selection with(Set<ElementId> more) {
        Set<ElementId> all = new LinkedHashSet<>(ids);
        all.addAll(more);
        return new Selection(all);
    }

    /** The one thing that is chosen, if it is just one. */
    public Optional<ElementId> single() {
        return ids.size() == 1 ? Optional.of(ids.iterator().next()) : Optional.empty();
    }

    public Optional<RoleId> role() {
        return only(RoleId.class);
    }

    public Optional<MoveId> move() {
        return only(MoveId.class);
    }

    public Optional<GearId> gear() {
        return only(GearId.class);
    }

    public Optional<LineId> line() {
        return only(LineId.class);
    }

    public Optional<BallId> ball() {
        return only(BallId.class);
    }

    public Optional<ZoneId> zone() {
        return only(ZoneId.class);
    }

    public Optional<NoteId> note() {
        return only(NoteId.class);
    }

    private <T extends ElementId> Optional<T> only(Class<T> type) {
        return single().filter(type::isInstance).map(type::cast);
    }
}
