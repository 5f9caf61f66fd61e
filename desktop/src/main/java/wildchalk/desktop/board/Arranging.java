package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import wildchalk.core.arrange.Alignments;
import wildchalk.core.arrange.Copies;
import wildchalk.core.arrange.Transforms;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.Layout;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Surface;
import wildchalk.desktop.app.Ui;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Selection;

/** What can be done with what is chosen, by key or from the menu. Each is one undoable edit. */
public final class Arranging {

    /** How far (m) a duplicate lies from what it was made from. */
    private static final Point BESIDE = new Point(1, -1);

    /** What was copied last, in any drill. */
    private static Clip clip;

    private record Clip(Progression from, Set<ElementId> ids) {}

    private final DrillDocument document;

    Arranging(DrillDocument document) {
        this.document = document;
    }

    private Set<ElementId> chosen() {
        return document.selectionProperty().get().ids();
    }

    private Surface surface() {
        return document.drill().surface();
    }

    void selectAll() {
        document.selectionProperty().set(new Selection(new LinkedHashSet<>(Elements.all(document.progression()))));
    }

    void copy() {
        if (!chosen().isEmpty()) {
            clip = new Clip(document.progression(), chosen());
        }
    }

    /** Pasted a little beside, so that both can be seen. */
    void paste() {
        if (clip != null) {
            Clip from = clip;
            document.changeAndSelect(
                    Ui.text("edit.paste"),
                    p -> Copies.paste(from.from(), from.ids(), p, surface(), PlaneMap.shift(BESIDE)));
        }
    }

    void duplicate() {
        if (!chosen().isEmpty()) {
            document.changeAndSelect(
                    Ui.text("edit.duplicate"), p -> Copies.paste(p, chosen(), p, surface(), PlaneMap.shift(BESIDE)));
        }
    }

    /** What is chosen, or everything, again at the other end. */
    void duplicateAtOtherEnd() {
        Set<ElementId> what = chosen().isEmpty() ? new LinkedHashSet<>(Elements.all(document.progression())) : chosen();
        document.changeAndSelect(Ui.text("edit.both-ends"), p -> Copies.atOtherEnd(p, what, surface()));
    }

    /** In the line through the middle of what is chosen, along the length or the width. */
    void mirror(Alignments.Axis along) {
        Set<ElementId> what = movable();
        middle(what)
                .ifPresent(m -> document.change(
                        Ui.text("edit.mirror"),
                        p -> Transforms.of(
                                p,
                                surface(),
                                Transforms.withTheirMoves(p, what),
                                along == Alignments.Axis.LENGTH
                                        ? PlaneMap.mirrorAcrossWidth(m)
                                        : PlaneMap.mirrorAcrossLength(m))));
    }

    /** One thing turns on the spot; several turn about their middle. */
    void turn(double degrees) {
        Set<ElementId> what = movable();
        middle(what)
                .ifPresent(m -> document.change(
                        Ui.text("edit.turn"),
                        p -> Transforms.of(
                                p,
                                surface(),
                                what.size() > 1 ? Transforms.withTheirMoves(p, what) : what,
                                PlaneMap.turn(m, degrees))));
    }

    void nudge(Point by) {
        Set<ElementId> what = movable();
        document.change(
                Ui.text(what.size() > 1 ? "edit.move-several" : "edit.move", what.size()),
                p -> Transforms.of(
                        p, surface(), what.size() > 1 ? Transforms.withTheirMoves(p, what) : what, PlaneMap.shift(by)));
    }

    void align(Alignments.Axis along) {
        document.change(Ui.text("edit.align"), p -> Alignments.align(p, surface(), movable(), along));
    }

    void distribute(Alignments.Axis along) {
        document.change(Ui.text("edit.distribute"), p -> Alignments.distribute(p, surface(), movable(), along));
    }

    void group() {
        Set<ElementId> members = chosen();
        if (members.size() > 1) {
            document.change(
                    Ui.text("edit.group"),
                    p -> p.withLayout(p.layout().withGroups(added(without(p.layout(), members), members))));
        }
    }

    void ungroup() {
        document.change(
                Ui.text("edit.ungroup"), p -> p.withLayout(p.layout().withGroups(without(p.layout(), chosen()))));
    }

    private static List<Set<ElementId>> without(Layout layout, Set<ElementId> members) {
        return layout.groups().stream()
                .filter(g -> g.stream().noneMatch(members::contains))
                .toList();
    }

    private static List<Set<ElementId>> added(List<Set<ElementId>> groups, Set<ElementId> group) {
        List<Set<ElementId>> all = new ArrayList<>(groups);
        all.add(group);
        return all;
    }

    /** Locks what is chosen, or unlocks it when all of it is locked. */
    void lock() {
        Set<ElementId> what = chosen();
        if (what.isEmpty()) {
            return;
        }
        boolean all = document.progression().layout().locked().containsAll(what);
        document.change(Ui.text(all ? "edit.unlock" : "edit.lock"), p -> {
            Set<ElementId> locked = new LinkedHashSet<>(p.layout().locked());
            if (all) {
                locked.removeAll(what);
            } else {
                locked.addAll(what);
            }
            return p.withLayout(p.layout().withLocked(locked));
        });
    }

    /** To the front or the back among its kind: what is painted later lies on top. */
    void order(boolean front) {
        Set<ElementId> what = chosen();
        document.change(
                Ui.text(front ? "edit.front" : "edit.back"),
                p -> p.withGear(ordered(p.gear(), g -> what.contains(g.id()), front))
                        .withRoles(ordered(p.roles(), r -> what.contains(r.id()), front))
                        .withLayout(p.layout()
                                .withZones(ordered(p.layout().zones(), z -> what.contains(z.id()), front))
                                .withNotes(ordered(p.layout().notes(), n -> what.contains(n.id()), front))));
    }

    private static <T> List<T> ordered(List<T> list, Predicate<T> chosen, boolean front) {
        List<T> first = new ArrayList<>(
                list.stream().filter(front ? chosen.negate() : chosen).toList());
        list.stream().filter(front ? chosen : chosen.negate()).forEach(first::add);
        return first;
    }

    /** The next colour for chosen gear, the next bib for chosen players. */
    void nextColour() {
        Set<ElementId> what = chosen();
        document.change(
                Ui.text("edit.colour"),
                p -> p.withGear(p.gear().stream()
                                .map(g -> what.contains(g.id()) ? recoloured(g) : g)
                                .toList())
                        .withRoles(p.roles().stream()
                                .map(r -> what.contains(r.id()) ? Colours.nextBib(r) : r)
                                .toList()));
    }

    private static Gear recoloured(Gear gear) {
        return gear.withColour(Colours.next(gear.colour()));
    }

    /** What is chosen without what is locked. */
    Set<ElementId> movable() {
        Set<ElementId> free = new LinkedHashSet<>(Elements.withGroups(document.progression(), chosen()));
        free.removeAll(document.progression().layout().locked());
        return free;
    }

    private java.util.Optional<Point> middle(Set<ElementId> ids) {
        List<Point> places = ids.stream()
                .flatMap(id -> Elements.place(document.progression(), id).stream())
                .toList();
        return places.isEmpty()
                ? java.util.Optional.empty()
                : java.util.Optional.of(places.stream()
                        .reduce(Point.ORIGIN, Point::plus)
                        .times(1.0 / places.size())
                        .toMillimetres());
    }

    /** Bibs and cones go through the colours in their order. */
    static final class Colours {

        private Colours() {}

        static Chalk next(Chalk colour) {
            var all = Chalk.values();
            return all[(colour.ordinal() + 1) % all.length];
        }

        /** After the last colour comes the colour of the side again. */
        static Role nextBib(Role role) {
            var all = Chalk.values();
            int now = role.team().map(Enum::ordinal).orElse(-1);
            return role.withTeam(
                    now + 1 < all.length ? java.util.Optional.of(all[now + 1]) : java.util.Optional.empty());
        }
    }
}
