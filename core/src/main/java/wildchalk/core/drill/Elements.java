package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import wildchalk.core.geometry.Point;

/** The elements of a progression whatever their kind. */
public final class Elements {

    private Elements() {}

    /** All ids, in the order in which the tab key visits them. */
    public static List<ElementId> all(Scene drill) {
        List<ElementId> ids = new ArrayList<>();
        drill.roles().forEach(r -> ids.add(r.id()));
        drill.balls().forEach(b -> ids.add(b.id()));
        drill.lines().forEach(l -> ids.add(l.id()));
        drill.gear().forEach(g -> ids.add(g.id()));
        drill.layout().zones().forEach(z -> ids.add(z.id()));
        drill.layout().notes().forEach(n -> ids.add(n.id()));
        drill.layout().gaps().forEach(g -> ids.add(g.id()));
        drill.moves().forEach(m -> ids.add(m.id()));
        return ids;
    }

    static Predicate<ElementId> among(
            List<Gear> gear, List<WaitingLine> lines, List<Role> roles, List<Ball> balls, List<Step> steps, Layout l) {
        if (l.groups().isEmpty() && l.locked().isEmpty() && l.labels().isEmpty()) {
            return id -> true;
        }
        Set<ElementId> ids = new HashSet<>();
        gear.forEach(g -> ids.add(g.id()));
        lines.forEach(w -> ids.add(w.id()));
        roles.forEach(r -> ids.add(r.id()));
        balls.forEach(b -> ids.add(b.id()));
        steps.forEach(s -> s.moves().forEach(m -> ids.add(m.id())));
        l.zones().forEach(z -> ids.add(z.id()));
        l.notes().forEach(n -> ids.add(n.id()));
        l.gaps().forEach(g -> ids.add(g.id()));
        return ids::contains;
    }

    public static boolean has(Scene drill, ElementId id) {
        return all(drill).contains(id);
    }

    /** Where an element stands at the whistle; empty for a move and for a ball in somebody's hands. */
    public static Optional<Point> place(Scene drill, ElementId id) {
        if (id instanceof RoleId role) {
            return drill.role(role).map(r -> drill.startOf(role));
        } else if (id instanceof GearId gear) {
            return drill.gear(gear).map(Gear::at);
        } else if (id instanceof LineId line) {
            return drill.line(line).map(WaitingLine::at);
        } else if (id instanceof BallId ball) {
            return drill.ball(ball).flatMap(b -> b.start().match(with -> Optional.empty(), l -> Optional.of(l.at())));
        } else if (id instanceof ZoneId zone) {
            return drill.layout().zones().stream()
                    .filter(z -> z.id().equals(zone))
                    .findFirst()
                    .map(MarkedZone::middle);
        } else if (id instanceof NoteId note) {
            return drill.layout().notes().stream()
                    .filter(n -> n.id().equals(note))
                    .findFirst()
                    .map(Note::at);
        } else if (id instanceof GapId gap) {
            return drill.layout().gaps().stream()
                    .filter(g -> g.id().equals(gap))
                    .findFirst()
                    .map(Gap::middle);
        }
        return Optional.empty();
    }

    /** The ids with everything that is grouped with one of them. */
    public static Set<ElementId> withGroups(Scene drill, Set<ElementId> ids) {
        Set<ElementId> all = new LinkedHashSet<>(ids);
        for (Set<ElementId> group : drill.layout().groups()) {
            if (group.stream().anyMatch(ids::contains)) {
                group.stream().sorted((a, b) -> a.text().compareTo(b.text())).forEach(all::add);
            }
        }
        return all;
    }

    public static boolean isLocked(Scene drill, ElementId id) {
        return drill.layout().locked().contains(id);
    }
}
