package wildchalk.core.surface;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.Point;
import wildchalk.core.text.Texts;

/** Lays the lines of other sports over a floor. Their points and goals become points and goals of the floor. */
final class Overlays {

    private Overlays() {}

    static Surface compose(Surface floor, List<Overlay> overlays) {
        List<Marking> markings = new ArrayList<>(floor.markings());
        List<Landmark> landmarks = new ArrayList<>(floor.landmarks());
        List<GoalMouth> goals = new ArrayList<>(floor.goals());
        int number = 0;
        for (Overlay overlay : overlays) {
            number++;
            Surface laid = overlay.surface();
            String prefix = laid.sport() + (number > 1 ? "-" + number : "") + "-";
            markings.addAll(outline(overlay, laid));
            laid.markings().stream()
                    .filter(m -> !(m instanceof Marking.Area))
                    .map(m -> moved(m, overlay))
                    .forEach(markings::add);
            for (Landmark mark : laid.landmarks()) {
                landmarks.add(new Landmark(
                        prefix + mark.id(),
                        name(mark.name(), floor, overlay, overlays),
                        overlay.apply(mark.at()),
                        !overlay.strong()));
            }
            for (GoalMouth goal : laid.goals()) {
                goals.add(new GoalMouth(
                        prefix + goal.id(),
                        name(goal.name(), floor, overlay, overlays),
                        overlay.apply(goal.centre()),
                        goal.widthMetres(),
                        goal.depthMetres(),
                        Headings.normalise(overlay.applyToHeading(goal.facingDegrees())),
                        goal.shape()));
            }
        }
        return floor.withMarks(markings, landmarks, goals);
    }

    /** With the sport whose lines it belongs to, unless these are the only lines that are played on. */
    private static String name(String name, Surface floor, Overlay overlay, List<Overlay> overlays) {
        boolean only = overlay.strong()
                && overlays.stream().filter(Overlay::strong).count() == 1
                && floor.goals().isEmpty()
                && floor.landmarks().stream().noneMatch(l -> l.name().equals(name));
        return only
                ? name
                : Texts.CORE.get("overlay.landmark", name, overlay.surface().sportName());
    }

    private static Ink ink(Overlay overlay) {
        return overlay.strong() ? overlay.ink() : Ink.FAINT;
    }

    private static List<Marking> outline(Overlay overlay, Surface laid) {
        double x = laid.lengthMetres() / 2;
        double y = laid.widthMetres() / 2;
        List<Point> corners = List.of(new Point(-x, -y), new Point(x, -y), new Point(x, y), new Point(-x, y));
        List<Marking> lines = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            lines.add(new Marking.Line(
                    overlay.apply(corners.get(i)),
                    overlay.apply(corners.get((i + 1) % corners.size())),
                    SurfaceBuilder.LINE,
                    false,
                    ink(overlay)));
        }
        return lines;
    }

    private static Marking moved(Marking marking, Overlay overlay) {
        Ink ink = ink(overlay);
        return marking.match(
                l -> new Marking.Line(overlay.apply(l.from()), overlay.apply(l.to()), l.widthMetres(), l.dashed(), ink),
                a -> new Marking.Arc(
                        overlay.apply(a.centre()),
                        a.radiusMetres(),
                        overlay.applyToHeading(a.startDegrees()),
                        a.sweepDegrees(),
                        a.widthMetres(),
                        a.dashed(),
                        ink),
                s -> new Marking.Spot(overlay.apply(s.centre()), s.diameterMetres(), ink),
                area -> new Marking.Area(
                        area.outline().stream().map(overlay::apply).toList(), ink));
    }
}
