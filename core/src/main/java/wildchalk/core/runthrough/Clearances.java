package wildchalk.core.runthrough;

import java.util.Set;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Drill;
import wildchalk.core.runthrough.OwnFigures.Figure;
import wildchalk.core.surface.Medium;

/**
 * From which figures on the second look says something: by age and by what is played on. All are estimates on the safe side
 * of what clubs teach, for drills and for nothing else; {@code docs/checks.md} tells where each comes from.
 *
 * @param bodyMetres how near the middles of two bodies are that touch
 * @param spareSeconds how long before they would meet two who cross have to be past each other
 * @param laneMetres how far from the line of a shot somebody may stand who is not part of it
 * @param behindMetres how far behind its goal a shot is still followed
 * @param wallMetres how much room somebody needs beside his braking way before something hard
 * @param spacingMetres how near two attackers may stay to each other before one defender covers both
 * @param viewDegrees how far apart ball and own player may be as a helper sees them
 */
public record Clearances(
        double bodyMetres,
        double spareSeconds,
        double laneMetres,
        double behindMetres,
        double wallMetres,
        double spacingMetres,
        double viewDegrees) {

    /** Two pairs of shoulders. */
    private static final double BODY = 0.6;

    private static final double SPARE = 0.12;
    private static final double SPARE_ON_ICE = 0.16;
    /** Children see later what comes. */
    private static final double SPARE_OF_CHILDREN = 0.06;

    /** Who nears another no faster than this (m/s) steps past him. */
    public static final double STEPS_PAST = 2.5;

    private static final double LANE = 1;
    private static final double LANE_OF_STICKS = 1.5;
    /** Beside all that is played on ice. */
    private static final Set<String> STICKS =
            Set.of("field-hockey", "floorball", "box-lacrosse", "lacrosse", "lacrosse-women");

    private static final double BEHIND = 10;
    private static final double WALL = 1;

    /** On a court; on a surface longer than one, more. */
    private static final double SPACING = 2.5;

    private static final double SPACING_OF_FIELDS = 4;
    private static final double COURT_LENGTH_METRES = 50;

    /** Beyond it the head has to turn (pace: 120 degrees; of U8 and U10, 100, and we take twice what they read at a glance). */
    private static final double VIEW = 120;

    private static final double VIEW_OF_CHILDREN = 90;

    /** Those of a club, and for the others what is usual for an age on a surface. */
    public static Clearances of(Drill drill, OwnFigures own) {
        AgeBand age = drill.audience().paceBand();
        Medium medium = drill.surface().medium();
        boolean children = age == AgeBand.U8 || age == AgeBand.U10;
        double spare = (medium == Medium.ICE ? SPARE_ON_ICE : SPARE) + (children ? SPARE_OF_CHILDREN : 0);
        boolean sticks = medium == Medium.ICE || STICKS.contains(drill.surface().sport());
        return new Clearances(
                own.or(Figure.BODIES, BODY),
                own.or(Figure.SPARE, spare),
                own.or(Figure.LANE, sticks ? LANE_OF_STICKS : LANE),
                own.or(Figure.BEHIND, BEHIND),
                own.or(Figure.WALL, WALL),
                own.or(
                        Figure.SPACING,
                        drill.surface().lengthMetres() > COURT_LENGTH_METRES ? SPACING_OF_FIELDS : SPACING),
                own.or(Figure.VIEW, children ? VIEW_OF_CHILDREN : VIEW));
    }

    /** One of them. */
    public double of(Figure figure) {
        return switch (figure) {
            case BODIES -> bodyMetres;
            case SPARE -> spareSeconds;
            case LANE -> laneMetres;
            case BEHIND -> behindMetres;
            case WALL -> wallMetres;
            case SPACING -> spacingMetres;
            case VIEW -> viewDegrees;
        };
    }

    /** Whether two who near each other so fast and come so near are no longer able to step past each other. */
    public boolean areTooNear(double metres, double closingSpeed) {
        return closingSpeed > STEPS_PAST && metres < apartMetres(closingSpeed);
    }

    /** How near two may come that near each other at a speed, m. */
    public double apartMetres(double closingSpeed) {
        return bodyMetres + spareSeconds * closingSpeed;
    }
}
