package wildchalk.core.session;

import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.GearKind;
import wildchalk.core.geometry.Point;

/** A piece of gear on the floor. @param colour counts only for what is called by its colour */
public record Piece(GearKind kind, Chalk colour, Point at) {

    /** A piece this near (m) to where one should be may stay. */
    private static final double SAME_METRES = 0.5;

    boolean servesAs(Piece other) {
        return kind == other.kind && colour == other.colour && at.isWithin(SAME_METRES, other.at);
    }
}
