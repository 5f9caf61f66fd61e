package wildchalk.core.drill;

import java.util.List;
import java.util.Objects;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;

/**
 * Players who wait for their turn.
 *
 * @param at where the first of the line stands
 * @param facingDegrees where the first looks; the others stand behind
 * @param feeds roles that the line gives, in order
 * @param standing how many stand in it, the first included; 1 to 40
 */
public record WaitingLine(LineId id, String label, Point at, double facingDegrees, List<RoleId> feeds, int standing) {

    public WaitingLine {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(label, "label");
        Objects.requireNonNull(at, "at");
        Limits.text("label", label, Limits.LABEL);
        Limits.place("line", at);
        facingDegrees = Limits.heading("line", facingDegrees);
        facingDegrees = Headings.normalise(facingDegrees);
        feeds = List.copyOf(feeds);
        if (standing < 1 || standing > 40) {
            throw new IllegalArgumentException("The line %s (%d standing) needs 1 to 40.".formatted(id, standing));
        }
    }

    /** Metres between people who wait. */
    public static final double SPACING_METRES = 1.0;

    /** Where somebody who joins it stands. */
    public Point tail() {
        return at.plus(Point.polar(standing * SPACING_METRES, facingDegrees + 180));
    }

    /** Where one of the roles that it feeds stands: the first at the head, the next behind. */
    public Point placeOf(RoleId role) {
        int back = Math.max(0, feeds.indexOf(role));
        return back == 0 ? at : at.plus(Point.polar(back * SPACING_METRES, facingDegrees + 180));
    }

    public WaitingLine carried(PlaneMap map) {
        return withAt(map.apply(at)).withFacing(map.applyToHeading(facingDegrees));
    }

    public WaitingLine withId(LineId name) {
        return new WaitingLine(name, label, at, facingDegrees, feeds, standing);
    }

    public WaitingLine withLabel(String text) {
        return new WaitingLine(id, text, at, facingDegrees, feeds, standing);
    }

    public WaitingLine withAt(Point place) {
        return new WaitingLine(id, label, place, facingDegrees, feeds, standing);
    }

    public WaitingLine withFacing(double degrees) {
        return new WaitingLine(id, label, at, degrees, feeds, standing);
    }

    public WaitingLine withFeeds(List<RoleId> roles) {
        return new WaitingLine(id, label, at, facingDegrees, roles, standing);
    }

    public WaitingLine withStanding(int count) {
        return new WaitingLine(id, label, at, facingDegrees, feeds, count);
    }
}
