package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Mark;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PickUp;
import wildchalk.core.drill.PickUpKind;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Skill;
import wildchalk.core.drill.Travel;

/** One move while a timeline is compiled: what it still waits for, and when it happened. */
final class Job {

    /**
     * Somebody who is told of a moment.
     *
     * @param delay how long after it he may act, s
     * @param reaction how much of that it takes him to see or hear it, s
     * @param cue whether it is what his trigger waits for
     */
    record Link(Job job, double delay, double reaction, boolean cue) {
        Link(Job job, double delay) {
            this(job, delay, 0, false);
        }
    }

    /** How far a job has come. */
    enum State {
        WAITING,
        RUNNING,
        DONE,
        NEVER
    }

    final Move move;
    final int index;
    final int step;
    final Runner runner;
    final List<Link> onStart = new ArrayList<>();
    /** Own moves that interrupt it: once it has begun, or never will. */
    final List<Link> onUnderWay = new ArrayList<>();

    final List<Link> onFree = new ArrayList<>();
    final List<Link> onEnd = new ArrayList<>();
    final List<Link> onCaught = new ArrayList<>();
    /** Jobs whose moments this one waits for, for the explanation of a circle. */
    final List<Job> waitsFor = new ArrayList<>();
    /** Whether it also waits for the end of the step before its own. */
    boolean waitsForStep;

    State state = State.WAITING;
    int unmet;
    double readyAt;
    boolean parked;
    /** Whether the catch that somebody waits for can no longer come. */
    boolean neverCaught;

    double start;
    double roleFree;
    double end;
    double metres;
    double peakSpeed;
    boolean carrying;
    Route route;

    /** How it ends if it is a travel that nothing follows at once. */
    Endings.Ending ending = Endings.Ending.TO_A_STOP;

    /** How far (m) its role runs on beyond its end. */
    double runOut;

    /** When what its trigger waits for has come; not a number before. */
    double cuedAt = Double.NaN;

    /** What its cue costs before it moves anybody, s. */
    double reaction;

    /** What it still waits for that is no moment of another move; null for nothing of the kind. */
    Watch watch;

    /** The ball that is fought for. */
    BallRun contested;

    /** Whether the ball or its carrier can be reached in time. */
    boolean inTime;

    /** Whether what it tries for was met already. */
    boolean met;

    /** Where it goes if that is not drawn but worked out; null before. */
    Travel legs;

    /** A pass with whoever gets it, if that is not drawn but worked out; null before. */
    Pass sent;

    /** What a travel keeps looking at; empty for where it goes. */
    Optional<Mark> faces = Optional.empty();

    /** The ball that a travel goes for. */
    BallRun sought;

    /** Whether something else took its role away before its end. */
    boolean brokenOff;

    /** Whether its role was told already that it is free. */
    boolean freeTold;

    /** It starts no earlier than this second, for what has cost a reaction time. */
    void readyFrom(double t, double seconds) {
        if (t > readyAt) {
            readyAt = t;
            reaction = seconds;
        }
    }

    /** How it goes to where it goes. */
    Travel legs() {
        return legs != null ? legs : (Travel) move;
    }

    /** Whether its end is worked out as it starts, so that nothing can be planned beyond it. */
    boolean isWorkedOut() {
        return legs != null || move instanceof Travel travel && travel.isWorkedOut();
    }

    /** Whether it can be done while running on into the next travel. */
    boolean joins() {
        return move instanceof Act act
                        && (act.deed() instanceof Deed.Turning
                                || act.deed() instanceof Skill s && s.trick().keeps() > 0)
                || move instanceof PickUp pickUp && pickUp.how() == PickUpKind.SCOOP;
    }

    double keepsOnTheRun() {
        if (move instanceof Act act && act.deed() instanceof Skill skill) {
            return skill.trick().keeps();
        }
        return move instanceof PickUp ? Pace.SCOOP_KEEPS : Pace.TURN_KEEPS;
    }

    boolean isOneTouch() {
        return move instanceof Pass pass ? pass.oneTouch() : move instanceof Shot shot && shot.oneTouch();
    }

    Job(Move move, int index, int step, Runner runner) {
        this.move = move;
        this.index = index;
        this.step = step;
        this.runner = runner;
    }

    MoveSpan span() {
        return new MoveSpan(
                move.id(),
                state == State.DONE,
                start,
                roleFree,
                Math.max(end, start),
                metres,
                peakSpeed,
                carrying,
                runOut,
                heldByReaction() ? reaction : 0,
                Double.isNaN(cuedAt) ? Optional.empty() : Optional.of(cuedAt));
    }

    /** Whether it is the reaction to its cue that it starts after, and nothing that took longer. */
    private boolean heldByReaction() {
        return reaction > 0 && Math.abs(start - cuedAt - reaction) < SAME_SECONDS;
    }

    private static final double SAME_SECONDS = 1e-6;
}
