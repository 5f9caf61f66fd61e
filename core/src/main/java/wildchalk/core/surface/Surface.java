package wildchalk.core.surface;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.geometry.Point;
import wildchalk.core.text.SportTexts;

/**
 * A court, field or rink, true to scale.
 *
 * @param id short slug that files use
 * @param sport which words and ball speeds apply: a key of the text bundle, such as {@code handball}
 * @param lengthMetres along x
 * @param widthMetres along y
 * @param cornerRadiusMetres 0 for square corners
 * @param boards whether the outline is a wall that players can run into
 * @param runOffMetres free space that the rules ask for outside the outline; 0 inside boards
 */
public record Surface(
        String id,
        String title,
        String sport,
        Medium medium,
        double lengthMetres,
        double widthMetres,
        double cornerRadiusMetres,
        boolean boards,
        double runOffMetres,
        List<Marking> markings,
        List<Landmark> landmarks,
        List<Zone> zones,
        List<GoalMouth> goals,
        List<View> views) {

    /** Sports in which the ball or puck usually goes along the ground. */
    private static final Set<String> LOW_PASSES =
            Set.of("ice", "ringette", "football", "futsal", "floorball", "field-hockey");

    public Surface {
        markings = List.copyOf(markings);
        landmarks = List.copyOf(landmarks);
        zones = List.copyOf(zones);
        goals = List.copyOf(goals);
        views = List.copyOf(views);
    }

    /** The same ground with other marks on it. */
    Surface withMarks(List<Marking> marks, List<Landmark> points, List<GoalMouth> mouths) {
        return new Surface(
                id,
                title,
                sport,
                medium,
                lengthMetres,
                widthMetres,
                cornerRadiusMetres,
                boards,
                runOffMetres,
                marks,
                points,
                zones,
                mouths,
                views);
    }

    /** This floor with the lines of other sports on it; their points and goals count as its own. */
    public Surface withOverlays(List<Overlay> overlays) {
        return Overlays.compose(this, overlays);
    }

    /**
     * The same ground with one of its goals somewhere else.
     *
     * @throws IllegalArgumentException when there is no such goal
     */
    public Surface withGoalAt(String goalId, Point at, double facingDegrees) {
        if (goal(goalId).isEmpty()) {
            throw new IllegalArgumentException("The surface \"%s\" has no goal \"%s\" to move.".formatted(id, goalId));
        }
        return withMarks(
                markings,
                landmarks,
                goals.stream()
                        .map(g -> g.id().equals(goalId) ? g.at(at, facingDegrees) : g)
                        .toList());
    }

    /** What the ball is called: "ball", "puck". */
    public String ballName() {
        return SportTexts.get("sport", sport, "ball");
    }

    /** Whether a usual pass of its sport runs along the ground. */
    public boolean ballStaysLow() {
        return LOW_PASSES.contains(sport);
    }

    /** Who plays on it, with the short labels of the sport; empty for a plain area. */
    public List<Position> positions() {
        return Position.of(sport);
    }

    /** What is usually set out, in words. */
    public String usualGear() {
        return SportTexts.get("sport", sport, "gear");
    }

    public String sportName() {
        return SportTexts.get("sport", sport, "name");
    }

    public Size size() {
        return new Size(lengthMetres, widthMetres);
    }

    public Optional<View> view(String viewId) {
        return views.stream().filter(v -> v.id().equals(viewId)).findFirst();
    }

    public View wholeView() {
        return views.get(0);
    }

    public Optional<GoalMouth> goal(String goalId) {
        return goals.stream().filter(g -> g.id().equals(goalId)).findFirst();
    }

    /** The first listed zone that holds a place. */
    public Optional<Zone> zoneAt(Point p) {
        return zones.stream().filter(z -> z.contains(p)).findFirst();
    }

    /** The landmark nearest to a place, if one is within reach (m); of equals, the first listed. */
    public Optional<Landmark> landmarkNear(Point p, double metres) {
        Landmark best = null;
        for (Landmark mark : landmarks) {
            if (mark.at().isWithin(metres, p)
                    && (best == null || mark.at().distanceTo(p) < best.at().distanceTo(p))) {
                best = mark;
            }
        }
        return Optional.ofNullable(best);
    }

    /** Whether a place is on the playing area. */
    public boolean contains(Point p) {
        double halfLength = lengthMetres / 2;
        double halfWidth = widthMetres / 2;
        double x = Math.abs(p.x());
        double y = Math.abs(p.y());
        if (x > halfLength || y > halfWidth) {
            return false;
        }
        double beyondX = x - (halfLength - cornerRadiusMetres);
        double beyondY = y - (halfWidth - cornerRadiusMetres);
        return beyondX <= 0 || beyondY <= 0 || StrictMath.hypot(beyondX, beyondY) <= cornerRadiusMetres;
    }
}
