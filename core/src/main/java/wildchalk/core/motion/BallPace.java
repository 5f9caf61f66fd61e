package wildchalk.core.motion;

import java.util.Map;
import wildchalk.core.drill.AgeBand;

/**
 * How fast the ball of a sport is played, how it slows down, and what carrying it costs. Speeds are estimates for drawing
 * unless a source is named; "adult" is the recreational adult, other ages are scaled from it.
 *
 * @param groundAdult m/s at release, along the ground; likewise the other speeds
 * @param slowing m/s² that it loses along the ground
 * @param carry share of the free speed that is left with the ball: U8-U10, U12-U14, U16 to adult, competitive
 * @param serveAdult m/s of a serve from standing: volleyball 13 (10-16), tennis a placed serve (estimate)
 */
record BallPace(
        double groundAdult,
        double groundCompetitive,
        double airAdult,
        double airCompetitive,
        double shotAdult,
        double shotCompetitive,
        double slowing,
        double[] carry,
        double serveAdult) {

    /** Where nobody serves. */
    BallPace(
            double groundAdult,
            double groundCompetitive,
            double airAdult,
            double airCompetitive,
            double shotAdult,
            double shotCompetitive,
            double slowing,
            double[] carry) {
        this(
                groundAdult,
                groundCompetitive,
                airAdult,
                airCompetitive,
                shotAdult,
                shotCompetitive,
                slowing,
                carry,
                1.2 * airAdult);
    }

    private static final double[] DRIBBLE = {0.75, 0.86, 0.92, 0.95};
    private static final double[] FOOT = {0.65, 0.78, 0.83, 0.88};
    private static final double[] STICK = {0.60, 0.72, 0.80, 0.86};
    private static final double[] PUCK = {0.75, 0.85, 0.90, 0.95};
    private static final double[] CRADLE = {0.80, 0.88, 0.93, 0.96};
    private static final double[] TWO_HANDS = {0.90, 0.94, 0.96, 0.97};
    private static final double[] TUCKED = {0.92, 0.94, 0.96, 0.97};
    /** No walking with the ball: landing and a step. */
    private static final double[] STEP = {0.30, 0.30, 0.30, 0.30};

    private static final BallPace HANDBALL = new BallPace(8, 10, 11, 15, 18, 22, 0.3, DRIBBLE);

    private static final Map<String, BallPace> BY_SPORT = Map.ofEntries(
            Map.entry("handball", HANDBALL),
            Map.entry("ice", new BallPace(11, 18, 9, 12, 18, 29, 0.7, PUCK)),
            Map.entry("ringette", new BallPace(9, 13, 8, 11, 16, 22, 1.0, PUCK)),
            Map.entry("basketball", new BallPace(7.5, 9, 9, 11, 8.5, 9.5, 0.3, DRIBBLE)),
            Map.entry("volleyball", new BallPace(6, 8, 7, 9, 17, 26, 0.3, DRIBBLE, 13)),
            Map.entry("beach-volleyball", new BallPace(6, 8, 7, 9, 16, 24, 2.0, DRIBBLE, 13)),
            Map.entry("netball", new BallPace(7, 9, 11, 14, 7, 8, 0.3, STEP)),
            Map.entry("futsal", new BallPace(9, 12, 12, 15, 20, 26, 0.4, FOOT)),
            Map.entry("football", new BallPace(9, 12, 17, 20, 20, 27, 0.9, FOOT)),
            Map.entry("floorball", new BallPace(9, 14, 9, 12, 20, 28, 0.5, PUCK)),
            Map.entry("tennis", new BallPace(10, 14, 20, 28, 32, 50, 0.6, DRIBBLE, 25)),
            Map.entry("rugby-union", new BallPace(8, 10, 13, 16, 20, 26, 1.5, TWO_HANDS)),
            Map.entry("rugby-league", new BallPace(8, 10, 13, 16, 20, 26, 1.5, TWO_HANDS)),
            Map.entry("gridiron", new BallPace(8, 9, 13, 16, 17, 22, 1.5, TUCKED)),
            Map.entry("flag", new BallPace(8, 9, 13, 16, 17, 22, 1.5, TUCKED)),
            Map.entry("field-hockey", new BallPace(11, 15, 16, 20, 20, 28, 0.5, STICK)),
            Map.entry("lacrosse", new BallPace(12, 16, 15, 22, 27, 36, 1.0, CRADLE)),
            Map.entry("lacrosse-women", new BallPace(11, 14, 13, 19, 20, 26, 1.0, CRADLE)),
            Map.entry("box-lacrosse", new BallPace(12, 16, 15, 22, 25, 34, 0.5, CRADLE)));

    /** The figures of a sport; those of a hand ball for one without its own. */
    static BallPace of(String sport) {
        return BY_SPORT.getOrDefault(sport, HANDBALL);
    }

    double carryShare(AgeBand age) {
        return carry[
                switch (age) {
                    case U8, U10 -> 0;
                    case U12, U14 -> 1;
                    case U16, ADULT -> 2;
                    case COMPETITIVE -> 3;
                }];
    }
}
