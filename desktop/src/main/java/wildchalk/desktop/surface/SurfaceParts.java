package wildchalk.desktop.surface;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.GoalShape;
import wildchalk.core.surface.Ink;
import wildchalk.core.surface.Landmark;
import wildchalk.core.surface.Marking;
import wildchalk.core.surface.Medium;
import wildchalk.core.surface.OwnSurfaces;
import wildchalk.core.surface.Size;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Zone;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.Slugs;
import wildchalk.desktop.ui.Ui;

/** Adds parts to a surface and takes them out: markings, then landmarks, zones and goals, in this order. */
final class SurfaceParts {

    private static final double LINE = 0.05;

    /** What the next thing that is drawn is called, and how its lines look. */
    record Pen(String name, Ink ink, boolean dashed) {}

    private SurfaceParts() {}

    /** What a pull from one place to another draws; a click is a pull of no length. */
    static Surface drawn(Surface s, SurfaceTool tool, Point from, Point to, Pen pen) {
        String name = pen.name();
        List<Marking> marks = new ArrayList<>(s.markings());
        List<Landmark> landmarks = new ArrayList<>(s.landmarks());
        List<Zone> zones = new ArrayList<>(s.zones());
        List<GoalMouth> goals = new ArrayList<>(s.goals());
        double far = from.distanceTo(to);
        List<Point> box = List.of(from, new Point(to.x(), from.y()), to, new Point(from.x(), to.y()));
        switch (tool) {
            case LINE -> marks.add(new Marking.Line(from, to, LINE, pen.dashed(), pen.ink()));
            case RECTANGLE -> {
                for (int i = 0; i < 4; i++) {
                    marks.add(new Marking.Line(box.get(i), box.get((i + 1) % 4), LINE, pen.dashed(), pen.ink()));
                }
            }
            case CIRCLE -> marks.add(new Marking.Arc(from, Math.max(0.1, far), 0, 360, LINE, pen.dashed(), pen.ink()));
            case SPOT -> marks.add(new Marking.Spot(from, 0.3, pen.ink()));
            case LANDMARK -> landmarks.add(new Landmark(id(name, s), named(name, "landmark", landmarks.size()), from));
            case ZONE -> zones.add(new Zone(id(name, s), named(name, "zone", zones.size()), box));
            case GOAL ->
                goals.add(new GoalMouth(
                        id(name, s),
                        named(name, "goal", goals.size()),
                        from,
                        3,
                        1,
                        far < 0.2 ? (from.x() > 0 ? 180 : 0) : to.minus(from).headingDegrees(),
                        GoalShape.NET));
        }
        return copy(s, s.size(), s.medium(), s.boards(), marks, landmarks, zones, goals);
    }

    /** Whether a tool needs a pull of some length. */
    static boolean needsLength(SurfaceTool tool) {
        return tool == SurfaceTool.LINE
                || tool == SurfaceTool.RECTANGLE
                || tool == SurfaceTool.CIRCLE
                || tool == SurfaceTool.ZONE;
    }

    private static String named(String typed, String kind, int before) {
        return typed.isBlank() ? Ui.text("editor." + kind, before + 1) : typed.strip();
    }

    private static String id(String name, Surface s) {
        Set<String> taken = new HashSet<>();
        s.landmarks().forEach(l -> taken.add(l.id()));
        s.zones().forEach(z -> taken.add(z.id()));
        s.goals().forEach(g -> taken.add(g.id()));
        String slug = name.isBlank() ? "p" : Slugs.of(name.strip().replaceFirst("(?i)^the ", ""));
        return taken.contains(slug) || name.isBlank() ? Slugs.next(slug + (name.isBlank() ? "" : "-"), taken) : slug;
    }

    static Surface with(Surface s, Size size, Medium medium, boolean boards) {
        return copy(s, size, medium, boards, s.markings(), s.landmarks(), s.zones(), s.goals());
    }

    /** Two lines across that divide the length in three, each third a zone. */
    static Surface inThirds(Surface s) {
        double x = s.lengthMetres() / 6;
        double y = s.widthMetres() / 2;
        List<Marking> marks = new ArrayList<>(s.markings());
        List<Zone> zones = new ArrayList<>(s.zones());
        for (int i = -1; i <= 1; i += 2) {
            marks.add(new Marking.Line(new Point(i * x, -y), new Point(i * x, y), LINE, true, Ink.LINE));
        }
        Surface marked = copy(s, s.size(), s.medium(), s.boards(), marks, s.landmarks(), zones, s.goals());
        String[] names = {Ui.text("editor.third.left"), Ui.text("editor.third.middle"), Ui.text("editor.third.right")};
        for (int i = 0; i < 3; i++) {
            marked = drawn(
                    marked,
                    SurfaceTool.ZONE,
                    new Point((2 * i - 3) * x, -y),
                    new Point((2 * i - 1) * x, y),
                    new Pen(names[i], Ink.LINE, false));
        }
        return marked;
    }

    /** A line for each part, in the order of {@link #without}. */
    static List<String> names(Surface s) {
        List<String> names = new ArrayList<>();
        for (Marking m : s.markings()) {
            names.add(m.match(
                    l -> Ui.text(
                            "editor.part.line", LengthUnit.METRES.exact(l.from().distanceTo(l.to()))),
                    a -> Ui.text("editor.part.arc", LengthUnit.METRES.exact(a.radiusMetres())),
                    p -> Ui.text("editor.part.spot"),
                    a -> Ui.text("editor.part.area")));
        }
        s.landmarks().forEach(l -> names.add(Ui.text("editor.part.landmark", l.name())));
        s.zones().forEach(z -> names.add(Ui.text("editor.part.zone", z.name())));
        s.goals().forEach(g -> names.add(Ui.text("editor.part.goal", g.name())));
        return names;
    }

    static Surface without(Surface s, int index) {
        List<Marking> marks = new ArrayList<>(s.markings());
        List<Landmark> landmarks = new ArrayList<>(s.landmarks());
        List<Zone> zones = new ArrayList<>(s.zones());
        List<GoalMouth> goals = new ArrayList<>(s.goals());
        int left = index;
        for (List<?> list : List.of(marks, landmarks, zones, goals)) {
            if (left < list.size()) {
                list.remove(left);
                break;
            }
            left -= list.size();
        }
        return copy(s, s.size(), s.medium(), s.boards(), marks, landmarks, zones, goals);
    }

    private static Surface copy(
            Surface s,
            Size size,
            Medium medium,
            boolean boards,
            List<Marking> marks,
            List<Landmark> landmarks,
            List<Zone> zones,
            List<GoalMouth> goals) {
        double corner = Math.min(s.cornerRadiusMetres(), Math.min(size.lengthMetres(), size.widthMetres()) / 2);
        Surface changed = new Surface(
                s.id(),
                s.title(),
                s.sport(),
                medium,
                size.lengthMetres(),
                size.widthMetres(),
                corner,
                boards,
                boards ? 0 : s.runOffMetres(),
                marks,
                landmarks,
                zones,
                goals,
                s.views());
        return OwnSurfaces.of(changed, size.equals(s.size()) ? OwnSurfaces.ownViews(s) : List.of());
    }
}
