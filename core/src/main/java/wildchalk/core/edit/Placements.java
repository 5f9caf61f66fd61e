package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import wildchalk.core.arrange.Copies;
import wildchalk.core.arrange.Pattern;
import wildchalk.core.arrange.Patterns;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.Kinds;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.Note;
import wildchalk.core.drill.NoteId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Station;
import wildchalk.core.drill.StationId;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.drill.ZoneId;
import wildchalk.core.drill.ZoneKind;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Symmetry;
import wildchalk.core.path.Path;
import wildchalk.core.text.Slugs;

/** What is put on the surface anew. Each gets an id, and a label where it has one, that is free when it is put down. */
public final class Placements {

    /** How many stand in a new line. */
    private static final int STANDING = 4;

    private Placements() {}

    /** A player, labelled with a letter and the first free number. */
    public static Edit role(Side side, String letter, Point at, double facingDegrees) {
        return Edit.inVersion(EditKind.PLACE_ROLE, (drill, p) -> {
            String label = freeLabel(p, letter);
            RoleId id = p.freeRoleId(label);
            return Edit.Change.making(p.with(new Role(id, label, side, Optional.of(at), facingDegrees, 1)), id);
        });
    }

    private static String freeLabel(Progression p, String letter) {
        return Slugs.next(letter, p.roles().stream().map(Role::label).collect(Collectors.toSet()));
    }

    /** A line with its first player, who is an attacker until told otherwise. */
    public static Edit line(Point at) {
        return Edit.inVersion(EditKind.PLACE_LINE, (drill, p) -> {
            String label = freeLabel(p, "A");
            RoleId role = p.freeRoleId(label);
            LineId id = p.next(Kinds.LINES);
            String letter = String.valueOf((char) ('P' + p.lines().size() % 10));
            Progression after = p.withPeople(
                    longer(p.lines(), new WaitingLine(id, letter, at, 0, List.of(role), STANDING)),
                    longer(p.roles(), new Role(role, label, Side.ATTACK, Optional.empty(), 0, 1)),
                    p.balls(),
                    p.steps());
            return Edit.Change.making(after, id);
        });
    }

    private static <T> List<T> longer(List<T> list, T item) {
        List<T> all = new ArrayList<>(list);
        all.add(item);
        return all;
    }

    /**
     * A ball.
     *
     * @param holder in whose hands; on the ground where that is nobody, or nobody who is there
     */
    public static Edit ball(Optional<RoleId> holder, Point at) {
        return Edit.inVersion(EditKind.PLACE_BALL, (drill, p) -> {
            BallId id = p.next(Kinds.BALLS);
            Ball.Start start = holder.filter(r -> p.role(r).isPresent())
                    .<Ball.Start>map(Ball.With::new)
                    .orElseGet(() -> new Ball.Loose(at));
            return Edit.Change.making(p.with(new Ball(id, start)), id);
        });
    }

    /** @param like whose id does not count */
    public static Edit gear(Gear like) {
        return Edit.inVersion(EditKind.PLACE_GEAR, (drill, p) -> {
            GearId id = p.next(Kinds.GEAR);
            return Edit.Change.making(p.with(like.withId(id)), id);
        });
    }

    public static Edit pattern(Pattern pattern, Point at, double headingDegrees) {
        return Edit.inVersion(EditKind.PATTERN, (drill, p) -> pasted(Patterns.lay(p, pattern, at, headingDegrees)));
    }

    /** @param named gives a name for the zone of that number, counted from 1 */
    public static Edit zone(IntFunction<String> named, ZoneKind kind, List<Point> outline) {
        return Edit.inVersion(EditKind.ZONE, (drill, p) -> {
            ZoneId id = p.next(Kinds.ZONES);
            String name = named.apply(p.layout().zones().size() + 1);
            return Edit.Change.making(p.withLayout(p.layout().with(new MarkedZone(id, name, kind, outline))), id);
        });
    }

    public static Edit note(String text, Point at, Optional<Point> target) {
        return Edit.inVersion(EditKind.NOTE, (drill, p) -> {
            NoteId id = p.next(Kinds.NOTES);
            return Edit.Change.making(p.withLayout(p.layout().with(new Note(id, text, at, target))), id);
        });
    }

    // ---- copies ----

    /**
     * What was copied from a path; in the version that it was copied from, with what it does on other ways.
     *
     * @param map where each copy goes
     */
    public static Edit paste(Path from, Set<ElementId> ids, PlaneMap map) {
        Set<ElementId> chosen = Set.copyOf(ids);
        return Edit.inVersion(EditKind.PASTE, (drill, p) -> {
            boolean same = p.id().equals(from.id()) && stepIds(p).containsAll(stepIds(from.version()));
            return pasted(
                    same
                            ? Copies.paste(from.version(), chosen, p, drill.surface(), map)
                            : Copies.paste(from, chosen, p, drill.surface(), map));
        });
    }

    private static Set<StepId> stepIds(Progression p) {
        return p.steps().stream().map(Step::id).collect(Collectors.toSet());
    }

    /** Things again beside themselves, with what they do on every way. */
    public static Edit duplicate(Set<ElementId> ids, PlaneMap map) {
        Set<ElementId> chosen = Set.copyOf(ids);
        return Edit.inVersion(
                EditKind.PASTE, (drill, p) -> pasted(Copies.paste(p, present(p, chosen), p, drill.surface(), map)));
    }

    /** Things, or everything where there are none, again at the other end. */
    public static Edit atOtherEnd(Set<ElementId> ids) {
        Set<ElementId> chosen = Set.copyOf(ids);
        return Edit.inVersion(EditKind.PASTE, (drill, p) -> {
            Set<ElementId> what = chosen.isEmpty() ? Set.copyOf(Elements.all(p)) : present(p, chosen);
            return pasted(Copies.paste(p, what, p, drill.surface(), Symmetry.HALF_TURN));
        });
    }

    private static Set<ElementId> present(Progression p, Set<ElementId> ids) {
        return ids.stream().filter(i -> Elements.has(p, i)).collect(Collectors.toSet());
    }

    private static Edit.Change pasted(Copies.Pasted pasted) {
        return new Edit.Change(pasted.after(), pasted.copies());
    }

    /** The same again at another place, for other people at the same time. @param station whose id does not count */
    public static Edit station(Station station) {
        return Edit.inVersion(EditKind.STATION, (drill, p) -> {
            StationId id = p.next(Kinds.STATIONS);
            return Edit.Change.making(p.withLayout(p.layout().with(station.withId(id))), id);
        });
    }
}
