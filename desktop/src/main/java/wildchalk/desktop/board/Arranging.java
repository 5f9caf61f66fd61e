package wildchalk.desktop.board;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.arrange.Alignments;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.edit.Arrangements;
import wildchalk.core.edit.Placements;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Selection;
import wildchalk.desktop.ui.Ui;

/** What can be done with what is chosen, by key or from the menu. Each is one undoable edit. */
public final class Arranging {

    /** How far (m) a duplicate lies from what it was made from. */
    private static final Point BESIDE = new Point(1, -1);

    /** What was copied last, in any drill. */
    private static Clip clip;

    private record Clip(Path from, Set<ElementId> ids) {}

    private final DrillDocument document;

    Arranging(DrillDocument document) {
        this.document = document;
    }

    private Set<ElementId> chosen() {
        return document.selectionProperty().get().ids();
    }

    void selectAll() {
        document.selectionProperty().set(new Selection(new LinkedHashSet<>(Elements.all(document.path()))));
    }

    void copy() {
        if (!chosen().isEmpty()) {
            clip = new Clip(document.path(), chosen());
        }
    }

    /** Pasted a little beside, so that both can be seen. */
    void paste() {
        if (clip != null) {
            document.edit(Ui.text("edit.paste"), Placements.paste(clip.from(), clip.ids(), PlaneMap.shift(BESIDE)));
        }
    }

    void duplicate() {
        if (!chosen().isEmpty()) {
            document.edit(Ui.text("edit.duplicate"), Placements.duplicate(chosen(), PlaneMap.shift(BESIDE)));
        }
    }

    /** What is chosen, or everything, again at the other end. */
    void duplicateAtOtherEnd() {
        document.edit(Ui.text("edit.both-ends"), Placements.atOtherEnd(chosen()));
    }

    /** In the line through the middle of what is chosen, along the length or the width. */
    void mirror(Alignments.Axis along) {
        Set<ElementId> what = movable();
        middle(what)
                .ifPresent(m -> document.edit(
                        Ui.text("edit.mirror"),
                        Arrangements.carry(
                                what,
                                along == Alignments.Axis.LENGTH
                                        ? PlaneMap.mirrorAcrossWidth(m)
                                        : PlaneMap.mirrorAcrossLength(m))));
    }

    /** One thing turns on the spot; several turn about their middle. */
    void turn(double degrees) {
        Set<ElementId> what = movable();
        middle(what)
                .ifPresent(
                        m -> document.edit(Ui.text("edit.turn"), Arrangements.carry(what, PlaneMap.turn(m, degrees))));
    }

    void nudge(Point by) {
        Set<ElementId> what = movable();
        document.edit(
                Ui.text(what.size() > 1 ? "edit.move-several" : "edit.move", what.size()),
                Arrangements.carry(what, PlaneMap.shift(by)));
    }

    void align(Alignments.Axis along) {
        document.edit(Ui.text("edit.align"), Arrangements.align(movable(), along));
    }

    void distribute(Alignments.Axis along) {
        document.edit(Ui.text("edit.distribute"), Arrangements.distribute(movable(), along));
    }

    void group() {
        if (chosen().size() > 1) {
            document.edit(Ui.text("edit.group"), Arrangements.group(chosen()));
        }
    }

    void ungroup() {
        document.edit(Ui.text("edit.ungroup"), Arrangements.ungroup(chosen()));
    }

    /** Locks what is chosen, or unlocks it when all of it is locked. */
    void lock() {
        Set<ElementId> what = chosen();
        if (!what.isEmpty()) {
            boolean all = document.path().layout().locked().containsAll(what);
            document.edit(Ui.text(all ? "edit.unlock" : "edit.lock"), Arrangements.lock(what, !all));
        }
    }

    /** To the front or the back among its kind: what is painted later lies on top. */
    void order(boolean front) {
        document.edit(Ui.text(front ? "edit.front" : "edit.back"), Arrangements.order(chosen(), front));
    }

    /** The next colour for chosen gear, the next bib for chosen players. */
    void nextColour() {
        document.edit(Ui.text("edit.colour"), Arrangements.nextColour(chosen()));
    }

    /** What is chosen without what is locked. */
    Set<ElementId> movable() {
        Set<ElementId> free = new LinkedHashSet<>(Elements.withGroups(document.path(), chosen()));
        free.removeAll(document.path().layout().locked());
        return free;
    }

    private Optional<Point> middle(Set<ElementId> ids) {
        List<Point> places = ids.stream()
                .flatMap(id -> Elements.place(document.path(), id).stream())
                .toList();
        return places.isEmpty()
                ? Optional.empty()
                : Optional.of(places.stream()
                        .reduce(Point.ORIGIN, Point::plus)
                        .times(1.0 / places.size())
                        .toMillimetres());
    }
}
