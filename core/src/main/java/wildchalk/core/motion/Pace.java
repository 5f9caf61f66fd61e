package wildchalk.core.motion;

import java.util.Set;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Bid;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.PickUpKind;
import wildchalk.core.drill.Posture;
import wildchalk.core.drill.Weight;
import wildchalk.core.surface.Medium;
import wildchalk.core.surface.Surface;

/**
 * Speeds, accelerations and times of an age band on a medium.
 *
 * <p>The figures are drawing defaults, no measurements and no medical advice. Running flat out is fitted to field tests
 * (sprints of 5, 10 and 20 m, the modified 505, the 5-10-5, 10 m to a stop; see docs/motion.md); the other running speeds follow
 * published norms and match zones where there are some (Bohannon 1997 for walking; Bradley et al. 2009 for running zones);
 * figures marked "estimate" are judgement, scaled from those anchors. Skating top speed of adults is near Budarick et al. 2020
 * and Lignell et al. 2018; the youth columns are estimates. In every column a club's U16 is at least as quick as a recreational
 * adult.
 *
 * @param sport whose ball speeds apply
 */
public record Pace(AgeBand age, Medium medium, String sport) {

    // columns: U8, U10, U12, U14, U16, adult recreational, competitive
    private static final double[] WALK = {1.2, 1.2, 1.3, 1.3, 1.4, 1.4, 1.45};
    private static final double[] JOG = {2.0, 2.2, 2.4, 2.6, 2.8, 2.8, 3.0};
    private static final double[] RUN = {3.0, 3.4, 3.8, 4.2, 4.7, 4.7, 5.2};
    /** What would be reached with endless room; from U8 and U12 on by the shape of their neighbours. */
    private static final double[] TOP = {5.5, 6.1, 6.5, 7.0, 8.1, 7.3, 9.0};
    /** Seconds in which two thirds of it are reached. */
    private static final double[] RUN_TAU = {1.12, 1.04, 0.95, 0.88, 0.96, 0.88, 1.04};
    /** m/s² towards standing, flat out. */
    private static final double[] RUN_BRAKING = {4.2, 4.5, 4.5, 4.5, 5.5, 5.5, 7.5};

    private static final double[] BACKPEDAL_TECHNICAL = {1.6, 1.8, 2.0, 2.3, 2.6, 2.6, 3.0};
    private static final double[] BACKPEDAL_HARD = {2.6, 2.9, 3.2, 3.7, 4.4, 4.4, 5.2};
    private static final double[] SHUFFLE_HARD = {2.0, 2.2, 2.5, 2.8, 3.2, 3.2, 3.6};
    /** Hard curves without a plant: 2-3 m/s² for children, 5-6 for adults (estimate). */
    private static final double[] RUN_LATERAL = {2.5, 3.0, 3.5, 4.0, 5.0, 5.0, 5.5};

    private static final double[] GLIDE = {2.0, 2.5, 3.0, 3.3, 3.6, 3.5, 4.0};
    private static final double[] SKATE_CRUISE = {3.0, 3.8, 4.5, 5.0, 5.5, 5.3, 6.3};
    private static final double[] SKATE_TOP = {4.2, 5.2, 6.2, 7.0, 7.8, 7.2, 9.0};
    private static final double[] SKATE_BACKWARD_TOP = {2.6, 3.4, 4.3, 5.1, 5.9, 5.4, 7.0};
    /** Seconds in which two thirds of the top speed are reached: with it 6 m and 35 m from standing take what they are known to take. */
    private static final double[] SKATE_TAU = {1.1, 1.1, 1.1, 1.1, 1.12, 1.1, 1.25};
    /** m/s² towards standing; the mean over a stop is about a fifth less. */
    private static final double[] SKATE_BRAKING = {2.2, 3.0, 3.9, 4.8, 5.8, 5.1, 7.2};
    /** A stop on skates and the first push the other way, beside braking and speeding up (estimate). */
    private static final double[] RESTART_SECONDS = {1.0, 0.8, 0.65, 0.55, 0.45, 0.5, 0.35};
    /** On a circle of 4.5 m (estimate). */
    private static final double[] SKATE_CROSSOVER = {2.8, 3.5, 4.2, 4.8, 5.4, 5.0, 6.2};
    /** v²/r on a circle of 4.5 m at crossover speed. */
    private static final double[] SKATE_LATERAL = {1.7, 2.7, 3.9, 5.1, 6.5, 5.6, 8.5};

    /** Full speed as drills have it, against flat out. */
    private static final double HARD_SHARE = 0.9;

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

    /** Braking is weaker by this share at the flat-out speed than towards standing. */
    private static final double BRAKING_FADE = 0.35;
    /** How hard each effort pushes off and brakes against flat out, from a walk up; hard as in pace by age, the rest estimates. */
    private static final double[] PUSH_SHARE = {0.35, 0.5, 0.65, 0.9, 1};

    private static final double[] BRAKE_SHARE = {0.4, 0.5, 0.7, 0.9, 1};

    /**
     * How a role speeds up and slows down.
     *
     * @param carrying whether the ball is with the role
     * @param own the role's own pace against its age's
     */
    Gait gait(Manner manner, Effort effort, boolean carrying, double own) {
        double flatOut = topSpeed(Manner.FORWARD, Effort.FLAT_OUT, false);
        boolean forward = manner == Manner.FORWARD || manner == Manner.CROSSOVER;
        double push = flatOut / at(medium == Medium.ICE ? SKATE_TAU : RUN_TAU);
        double brake = at(medium == Medium.ICE ? SKATE_BRAKING : RUN_BRAKING);
        double ball = carrying ? BallPace.of(sport).carryShare(age) : 1;
        return new Gait(
                topSpeed(manner, effort, carrying) * own,
                push * PUSH_SHARE[effort.ordinal()] * ball * own * (forward ? 1 : 0.7),
                brake * BRAKE_SHARE[effort.ordinal()] * (forward ? 1 : 0.8),
                BRAKING_FADE / flatOut);
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
                    case HARD -> HARD_SHARE * at(TOP);
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
                    case HARD -> HARD_SHARE * at(SKATE_TOP);
                    case FLAT_OUT -> at(SKATE_TOP);
                };
        return switch (manner) {
            case FORWARD -> forward;
            case BACKWARD -> forward * at(SKATE_BACKWARD_TOP) / at(SKATE_TOP);
            case CROSSOVER -> forward * at(SKATE_CROSSOVER) / at(SKATE_TOP);
            case SHUFFLE -> 0.4 * forward; // side-stepping on skates: estimate
        };
    }

    /** m/s² across the path in a curve. */
    public double lateral() {
        return at(medium == Medium.ICE ? SKATE_LATERAL : RUN_LATERAL);
    }

    /** The fastest (m/s) that a corner of so many degrees can be taken, by somebody with a pace of his own. */
    double cornerSpeed(double turnDegrees, double own) {
        if (plantSeconds(turnDegrees) > 0) {
            return 0;
        }
        double lost = (1 - TurnTable.shareKept(turnDegrees)) * TURN_LOSS[age.ordinal()];
        return (1 - lost) * topSpeed(Manner.FORWARD, Effort.FLAT_OUT, false) * own;
    }

    /** What children lose more in a turn, and trained adults less (estimate). */
    private static final double[] TURN_LOSS = {1.06, 1.06, 1.03, 1.03, 1, 1, 0.98};

    /** Standing in a hard turn, s: none on foot; on skates who nearly doubles back stops and starts again. */
    double plantSeconds(double turnDegrees) {
        return medium == Medium.ICE && turnDegrees >= DOUBLING_BACK_DEGREES ? at(RESTART_SECONDS) : 0;
    }

    // from a cue to the first movement in a drill, s; all estimates from laboratory times that rise with the choices
    // (Hick 1952,
    // Hyman 1953) and fall with age (Kail 1991)
    private static final double[] REACT_SOUND = {0.45, 0.38, 0.33, 0.29, 0.26, 0.25, 0.20};
    private static final double[] REACT_SIGHT = {0.50, 0.43, 0.37, 0.33, 0.30, 0.28, 0.23};
    private static final double[] REACT_OPPONENT = {0.65, 0.56, 0.48, 0.43, 0.39, 0.36, 0.28};
    private static final double[] REACT_OF_TWO = {0.80, 0.68, 0.57, 0.50, 0.45, 0.41, 0.35};
    private static final double[] REACT_OF_FOUR = {1.05, 0.90, 0.75, 0.65, 0.58, 0.53, 0.45};
    /** No call takes longer than an instruction to be understood. */
    private static final double[] REACT_INSTRUCTION = {1.5, 1.3, 1.1, 1.0, 0.9, 0.8, 0.7};

    /**
     * From a cue to the first movement, s.
     *
     * @param choices how many calls there are; matters for {@link Cue#CALL} only
     */
    double reactionSeconds(Cue cue, int choices) {
        return switch (cue) {
            case NONE -> 0;
            case SOUND -> at(REACT_SOUND);
            case SIGHT -> at(REACT_SIGHT);
            case OPPONENT -> at(REACT_OPPONENT);
            case CALL -> choices < 2 ? at(REACT_SOUND) : callSeconds(choices);
        };
    }

    /** From one of so many calls to the first movement of whoever hears it, s. */
    public double callReactionSeconds(int choices) {
        return reactionSeconds(Cue.CALL, choices);
    }

    /** So much more for every doubling of the choices. */
    private double callSeconds(int choices) {
        double doublings = StrictMath.log(choices) / StrictMath.log(2) - 1;
        double time = at(REACT_OF_TWO) + doublings * (at(REACT_OF_FOUR) - at(REACT_OF_TWO));
        return Math.min(time, at(REACT_INSTRUCTION));
    }

    private static final double DOUBLING_BACK_DEGREES = 150;

    /** Turning the body on the spot by age against the adult's (estimate). */
    private static final double[] TURN_SCALE = {1.6, 1.6, 1.2, 1.2, 1, 1, 0.8};

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
        return Math.min(1.5, (0.1 + 0.15 * degrees / 180) * TURN_SCALE[age.ordinal()]);
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
    // reach of adults, m: a step with a hand or a foot; with a stick (estimate)
    private static final double HAND_REACH_METRES = 1.2;
    private static final double STICK_REACH_METRES = 1.9;
    private static final double BODY_REACH_METRES = 0.9;
    /** By how much shorter arms, legs and sticks are (estimate, about as body height). */
    private static final double[] REACH_SHARE = {0.72, 0.79, 0.86, 0.93, 0.98, 1, 1};

    private static final Set<String> STICKS =
            Set.of("ice", "ringette", "floorball", "field-hockey", "lacrosse", "box-lacrosse");

    /** How near (m) somebody must be to get at a ball, or at whoever carries it. */
    public double challengeMetres(Bid bid) {
        double adult = bid.isBodily() || bid == Bid.STRIP
                ? BODY_REACH_METRES
                : STICKS.contains(sport) ? STICK_REACH_METRES : HAND_REACH_METRES;
        return adult * at(REACH_SHARE);
    }

    /** Getting up slowed by age (estimate): children are quick on their feet, but clumsy at it. */
    private static final double[] GET_UP_SHARE = {1.3, 1.2, 1.1, 1.05, 1, 1, 0.85};

    /** How long it takes to be on one's feet and ready to run, s (estimate). */
    public double getUpSeconds(Posture from) {
        double adult =
                switch (from) {
                    case STANDING -> 0;
                    case KNEELING -> 0.6;
                    case SEATED -> 1.0;
                    case ON_FRONT -> 1.2;
                    case ON_BACK -> 1.5;
                };
        return adult * at(GET_UP_SHARE);
    }

    /** How long it lasts from where they meet, s (estimate). */
    double challengeSeconds(Bid bid) {
        return switch (bid) {
            case INTERCEPTION -> 0;
            case KNOCK_DOWN, POKE -> 0.3;
            case BLOCK, STRIP -> 0.5;
            case RIP -> 1;
            case TACKLE, BOX_OUT -> 1.5;
        };
    }

    /** How long it takes whoever was beaten to be in the game again, s (estimate). */
    double beatenSeconds(Bid bid) {
        return bid.isBodily() ? 1.2 : 0.6;
    }

    /** How long somebody who is held up is held before the whistle, s (estimate). */
    double heldUpSeconds() {
        return 3;
    }

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
