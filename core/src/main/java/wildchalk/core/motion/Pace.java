package wildchalk.core.motion;

import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.PickUpKind;
import wildchalk.core.drill.Weight;
import wildchalk.core.surface.Medium;
import wildchalk.core.surface.Surface;

/**
 * Speeds, accelerations and times of an age band on a medium.
 *
 * <p>The figures are drawing defaults, no measurements and no medical advice. Running speeds follow published norms and
 * match zones where there are some (Bohannon 1997 for walking; Bradley et al. 2009 for running zones; Meyers et al. 2015
 * and Haugen et al. 2019 for top speeds); figures marked "estimate" are judgement, scaled from those anchors. Skating
 * top speed of adults is near Budarick et al. 2020 and Lignell et al. 2018; the youth columns are estimates.
 *
 * @param sport whose ball speeds apply
 */
public record Pace(AgeBand age, Medium medium, String sport) {

    // columns: U8, U10, U12, U14, U16, adult recreational, competitive
    private static final double[] WALK = {1.2, 1.2, 1.3, 1.3, 1.35, 1.4, 1.4};
    private static final double[] JOG = {2.0, 2.2, 2.4, 2.6, 2.7, 2.8, 3.0};
    private static final double[] RUN = {3.0, 3.4, 3.8, 4.2, 4.5, 4.7, 5.2};
    private static final double[] SPRINT_IN_DRILL = {4.5, 4.9, 5.3, 5.8, 6.5, 6.7, 7.8};
    private static final double[] TOP = {5.0, 5.5, 5.9, 6.5, 7.2, 7.5, 8.7};
    private static final double[] BACKPEDAL_TECHNICAL = {1.6, 1.8, 2.0, 2.3, 2.5, 2.6, 3.0};
    private static final double[] BACKPEDAL_HARD = {2.6, 2.9, 3.2, 3.7, 4.2, 4.4, 5.2};
    private static final double[] SHUFFLE_HARD = {2.0, 2.2, 2.5, 2.8, 3.1, 3.2, 3.6};
    private static final double[] RUN_ACCELERATION = {2.2, 2.5, 2.8, 3.0, 3.3, 3.4, 4.2};
    private static final double[] RUN_BRAKING = {2.2, 2.6, 3.0, 3.4, 3.8, 3.9, 4.8};
    /** Hard curves without a plant: 2-3 m/s² for children, 5-6 for adults (estimate). */
    private static final double[] RUN_LATERAL = {2.5, 3.0, 3.5, 4.0, 4.5, 5.0, 5.5};

    private static final double[] GLIDE = {2.0, 2.5, 3.0, 3.3, 3.6, 3.5, 4.0};
    private static final double[] SKATE_CRUISE = {3.0, 3.8, 4.5, 5.0, 5.5, 5.3, 6.3};
    private static final double[] SKATE_TOP = {4.2, 5.2, 6.2, 7.0, 7.8, 7.2, 9.0};
    private static final double[] SKATE_BACKWARD_TOP = {2.6, 3.4, 4.3, 5.1, 5.9, 5.4, 7.0};
    private static final double[] SKATE_ACCELERATION = {1.5, 1.9, 2.3, 2.7, 3.0, 2.8, 3.6};
    private static final double[] SKATE_BRAKING = {1.8, 2.5, 3.2, 4.0, 4.8, 4.2, 6.0};
    /** On a circle of 4.5 m (estimate). */
    private static final double[] SKATE_CROSSOVER = {2.8, 3.5, 4.2, 4.8, 5.4, 5.0, 6.2};
    /** v²/r on a circle of 4.5 m at crossover speed. */
    private static final double[] SKATE_LATERAL = {1.7, 2.7, 3.9, 5.1, 6.5, 5.6, 8.5};

    /** A crossover run against a straight one (estimate). */
    private static final double CROSSOVER_SHARE = 0.85;

    /** From catch to release without a touch limit (estimate). */
    private static final double[] CONTROL_SECONDS = {0.9, 0.75, 0.6, 0.5, 0.45, 0.4, 0.3};
    /** Bending down and having the ball (estimate). */
    private static final double[] PICK_UP_SECONDS = {1.0, 0.9, 0.8, 0.7, 0.6, 0.6, 0.5};
    /** Throws and hits relative to adult recreational players (estimate). */
    private static final double[] BALL_SCALE = {0.45, 0.55, 0.67, 0.80, 0.92, 1, 1};

    /** How near (m) a player must stand to pick up a ball. */
    public static final double REACH_METRES = 1.0;

    /** That of an age on a surface. */
    public static Pace of(AgeBand age, Surface surface) {
        return new Pace(age, surface.medium(), surface.sport());
    }

    /** That of those whom a drill is for. */
    public static Pace of(Drill drill) {
        return of(drill.audience().paceBand(), drill.surface());
    }

    /**
     * The speed (m/s) that a role settles at, given room.
     *
     * @param carrying whether the ball is with the role
     */
    public double topSpeed(Manner manner, Effort effort, boolean carrying) {
        double free = medium == Medium.ICE ? skating(manner, effort) : running(manner, effort);
        return free * (carrying ? BallPace.of(sport).carryShare(age) : 1);
    }

    private double running(Manner manner, Effort effort) {
        return switch (manner) {
            case FORWARD ->
                switch (effort) {
                    case WALK -> at(WALK);
                    case EASY -> at(JOG);
                    case STEADY -> at(RUN);
                    case HARD -> at(SPRINT_IN_DRILL);
                    case FLAT_OUT -> at(TOP);
                };
            case BACKWARD ->
                switch (effort) {
                    case WALK -> 0.7 * at(WALK); // estimate
                    case EASY -> 0.75 * at(BACKPEDAL_TECHNICAL); // estimate
                    case STEADY -> at(BACKPEDAL_TECHNICAL);
                    case HARD -> at(BACKPEDAL_HARD);
                    case FLAT_OUT -> at(BACKPEDAL_HARD) / 0.9;
                };
            case CROSSOVER -> CROSSOVER_SHARE * running(Manner.FORWARD, effort);
            case SHUFFLE ->
                at(SHUFFLE_HARD)
                        * switch (effort) { // shares of the hard shuffle: estimate
                            case WALK -> 0.35;
                            case EASY -> 0.55;
                            case STEADY -> 0.75;
                            case HARD -> 1;
                            case FLAT_OUT -> 1 / 0.9;
                        };
        };
    }

    private double skating(Manner manner, Effort effort) {
        double forward =
                switch (effort) {
                    case WALK -> 0.6 * at(GLIDE); // estimate
                    case EASY -> at(GLIDE);
                    case STEADY -> at(SKATE_CRUISE);
                    case HARD -> 0.9 * at(SKATE_TOP);
                    case FLAT_OUT -> at(SKATE_TOP);
                };
        return switch (manner) {
            case FORWARD -> forward;
            case BACKWARD -> forward * at(SKATE_BACKWARD_TOP) / at(SKATE_TOP);
            case CROSSOVER -> forward * at(SKATE_CROSSOVER) / at(SKATE_TOP);
            case SHUFFLE -> 0.4 * forward; // side-stepping on skates: estimate
        };
    }

    /** m/s² when speeding up. */
    public double acceleration(Manner manner) {
        double forward = at(medium == Medium.ICE ? SKATE_ACCELERATION : RUN_ACCELERATION);
        return manner == Manner.FORWARD || manner == Manner.CROSSOVER ? forward : 0.7 * forward;
    }

    /** m/s² when slowing down, as a positive number. */
    public double braking(Manner manner) {
        double forward = at(medium == Medium.ICE ? SKATE_BRAKING : RUN_BRAKING);
        return manner == Manner.FORWARD || manner == Manner.CROSSOVER ? forward : 0.8 * forward;
    }

    /** m/s² across the path in a curve. */
    public double lateral() {
        return at(medium == Medium.ICE ? SKATE_LATERAL : RUN_LATERAL);
    }

    /** Seconds that the foot stands in a hard cut of so many degrees. */
    public double plantSeconds(double turnDegrees) {
        return TurnTable.plantSeconds(turnDegrees) * PLANT_SCALE[age.ordinal()];
    }

    /** Plant times by age against the adult's, in the proportion of the turn costs by age (estimate). */
    private static final double[] PLANT_SCALE = {1.6, 1.6, 1.2, 1.2, 1, 1, 0.8};

    public double controlSeconds() {
        return at(CONTROL_SECONDS);
    }

    /** From catch to release: at the touch, with a limit of touches, or with all the time that control takes. */
    public double controlSeconds(boolean oneTouch, int touchLimit) {
        if (oneTouch || touchLimit == 1) {
            return TOUCH_SECONDS;
        }
        return touchLimit == 2 ? TWO_TOUCH_SHARE * controlSeconds() : controlSeconds();
    }

    /** How long the ball is on hand, foot or stick in a one-touch (estimate). */
    private static final double TOUCH_SECONDS = 0.1;
    /** Control with two touches against control without a limit (estimate). */
    private static final double TWO_TOUCH_SHARE = 0.75;

    public double pickUpSeconds(PickUpKind how) {
        return at(PICK_UP_SECONDS)
                * switch (how) { // estimate
                    case GROUND -> 1;
                    case SCOOP -> 0.6;
                    case REBOUND -> 0.5;
                };
    }

    /** Putting the ball down, in the proportion of picking it up (estimate). */
    public double putDownSeconds() {
        return 0.7 * at(PICK_UP_SECONDS);
    }

    /** Turning the body by so many degrees: 0.1 to 0.35 s for a pivot of 180 (estimate), slower for the young. */
    public double turnSeconds(double degrees) {
        return Math.min(1.5, (0.1 + 0.15 * degrees / 180) * PLANT_SCALE[age.ordinal()]);
    }

    /** Share of the speed that somebody keeps who turns without stopping: 5 to 15 % are lost (estimate). */
    static final double TURN_KEEPS = 0.9;
    /** Likewise for a scoop on the run (estimate). */
    static final double SCOOP_KEEPS = 0.7;
    /** A fight for the ball lasts about as long (estimate). */
    static final double CONTEST_SECONDS = 1.2;
    /** A call is out and understood (estimate; shorter for one word that is expected). */
    static final double CALL_SECONDS = 0.3;
    /** A touch of a line or a wall beside the turn (estimate). */
    static final double TOUCH_LINE_SECONDS = 0.25;
    /** How near (m) to a loose ball all must be who contest it. */
    static final double CONTEST_METRES = 3;
    /** How near (m) two must be for a hand-off. */
    static final double HAND_OFF_METRES = 1.5;

    /** Speed (m/s) of a pass at release. */
    public double passSpeed(PassKind kind, Weight weight) {
        BallPace ball = BallPace.of(sport);
        double ground = ballColumn(ball.groundAdult(), ball.groundCompetitive());
        double air = ballColumn(ball.airAdult(), ball.airCompetitive());
        double usual =
                switch (kind) { // shares beside ground and air: estimate
                    case GROUND -> ground;
                    case AIR -> air;
                    case BOUNCE -> 0.85 * air;
                    case LOFTED -> Math.max(1.3 * air, 12 * at(BALL_SCALE));
                    case HAND_OFF -> 3;
                    case TOSS -> 9 * at(BALL_SCALE);
                    case SERVE -> ballColumn(ball.serveAdult(), ball.serveAdult() * 1.2);
                    case FULL_SERVE -> ballColumn(ball.serveAdult() * 1.3, ball.serveAdult() * 1.6);
                    case RIM -> 1.25 * ground;
                    case DUMP -> 1.3 * ground;
                };
        return usual * passWeight(weight);
    }

    /** Whether a pass of a kind is in the air, so that it does not slow down along the ground. */
    public boolean fliesThroughAir(PassKind kind) {
        return switch (kind) {
            case GROUND, RIM, DUMP -> false;
            case AIR, BOUNCE, LOFTED, HAND_OFF, TOSS, SERVE, FULL_SERVE -> true;
        };
    }

    /** Speed (m/s) of a shot at release. */
    public double shotSpeed(Weight weight) {
        BallPace ball = BallPace.of(sport);
        double usual = ballColumn(ball.shotAdult(), ball.shotCompetitive());
        return usual * (weight == Weight.SOFT ? 0.75 : weight == Weight.FIRM ? 1 : 1.2);
    }

    /** m/s² that a ball loses along the ground; 0 in the air, where drag is left out over passing distances. */
    public double ballSlowing(PassKind kind) {
        return fliesThroughAir(kind) ? 0 : BallPace.of(sport).slowing();
    }

    private static double passWeight(Weight weight) {
        return switch (weight) { // the usual range about the default: estimate
            case SOFT -> 0.7;
            case FIRM -> 1;
            case HARD -> 1.3;
        };
    }

    private double ballColumn(double adult, double competitive) {
        return age == AgeBand.COMPETITIVE ? competitive : adult * at(BALL_SCALE);
    }

    private double at(double[] column) {
        return column[age.ordinal()];
    }
}
