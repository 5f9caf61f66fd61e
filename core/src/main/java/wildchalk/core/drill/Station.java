package wildchalk.core.drill;

import java.util.Objects;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;

/**
 * A drill at a place of a surface: the same again, elsewhere, perhaps turned or mirrored, for other people at the same time. It is
 * a link and no copy: what is changed in the drill is changed there too.
 *
 * @param from a place of the drill as drawn
 * @param at where that place is at the station
 * @param turnDegrees by how much the station is turned about it, counter-clockwise, -180 to 180
 * @param mirrored whether left is right there, before it is turned: y becomes its opposite
 */
public record Station(StationId id, Point from, Point at, double turnDegrees, boolean mirrored) implements Laid {

    public Station {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(from, "from");
        Objects.requireNonNull(at, "at");
        Limits.place("station", from);
        Limits.place("station", at);
        turnDegrees = Headings.normalise(Limits.heading("station", turnDegrees));
    }

    /** Where each place of the drill is at the station. */
    public PlaneMap map() {
        return new PlaneMap.Isometry(from, turnDegrees, mirrored, at.minus(from));
    }

    /** Whether everything is where it is in the drill itself. */
    public boolean isInPlace() {
        return from.equals(at) && turnDegrees == 0 && !mirrored;
    }

    public Station withAt(Point place) {
        return new Station(id, from, place, turnDegrees, mirrored);
    }

    public Station withTurn(double degrees) {
        return new Station(id, from, at, degrees, mirrored);
    }

    public Station withMirrored(boolean other) {
        return new Station(id, from, at, turnDegrees, other);
    }

    @Override
    public Station withId(ElementId other) {
        return new Station((StationId) other, from, at, turnDegrees, mirrored);
    }

    /** The station alone goes elsewhere; the drill stays where it is. */
    @Override
    public Station carried(PlaneMap map) {
        return new Station(
                id, from, map.apply(at), map.applyToHeading(map().applyToHeading(0)), mirrored != map.swapsHands());
    }

    /** The drill goes elsewhere with its stations: they stay to it as they were. */
    public Station withItsDrill(PlaneMap map) {
        double about = map.applyToHeading(0);
        double turn = map.swapsHands() ? -turnDegrees : turnDegrees;
        return new Station(id, map.apply(from), map.apply(at), mirrored ? turn + 2 * about : turn, mirrored);
    }

    @Override
    public Point middle() {
        return at;
    }
}
