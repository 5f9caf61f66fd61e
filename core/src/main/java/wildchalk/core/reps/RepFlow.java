package wildchalk.core.reps;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Pace;
import wildchalk.core.motion.Pose;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.reps.RepRun.InLine;
import wildchalk.core.reps.RepRun.Person;
import wildchalk.core.reps.RepRun.Playing;
import wildchalk.core.reps.RepRun.Standing;
import wildchalk.core.reps.RepRun.Stay;
import wildchalk.core.reps.RepRun.Walking;

/**
 * Reps of one path, one after another: where everybody and every ball is at a moment. Those in a line move up; those who have
 * played walk back.
 */
public final class RepFlow {

    /** Somebody who moves up in a line takes so long (s). */
    private static final double MOVE_UP_SECONDS = 0.8;

    /** Nobody walks longer (s) than this to a line. */
    private static final double LONGEST_WALK_SECONDS = 60;

    /** So many reps back a ball may still be on its way. */
    private static final int REPS_BACK = 16;

    private final Path path;
    private final RepScript script;
    private final RepRun run;
    private final boolean goesOn;

    private RepFlow(RepScript script, Conditions conditions) {
        this.path = script.path;
        this.goesOn = path.course().launch().filter(Launch::goesOn).isPresent();
        this.script = script;
        this.run = new RepRun(script, conditions);
    }

    /** With those who are drawn. @param pace of those who walk back */
    public static RepFlow of(Path path, Timeline timeline, Pace pace) {
        return of(RepScript.of(path, timeline, pace), Conditions.AS_DRAWN);
    }

    public static RepFlow of(RepScript script, Conditions conditions) {
        return new RepFlow(script, conditions);
    }

    // ---- when ----

    /** Seconds from the first whistle to the start of a rep, from 0. */
    public double startOf(int rep) {
        return run.startOf(rep);
    }

    /** The latest rep that has started at a moment. */
    public int repAt(double seconds) {
        run.playUntil(seconds);
        int low = 0;
        int high = 1;
        while (startOf(high) <= seconds) {
            low = high;
            high *= 2;
        }
        while (low + 1 < high) {
            int middle = (low + high) >>> 1;
            if (startOf(middle) <= seconds) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** The rep as it is done: some are the other way round where reps change sides. */
    RepScript scriptOf(int rep) {
        run.startOf(rep);
        return run.scriptOf(rep);
    }

    /** The moment of the rep as drawn that is shown so many seconds after its whistle. */
    public double drawn(int rep, double into) {
        return run.hitchesOf(rep).drawn(into);
    }

    // ---- at a moment ----

    /** Everybody, seconds after the first whistle. */
    public List<Somebody> at(double seconds) {
        // who walks to a line ends where its tail is then, which hangs on the reps that start meanwhile
        run.playUntil(seconds + LONGEST_WALK_SECONDS);
        return run.people.stream().map(p -> at(p, seconds)).toList();
    }

    private Somebody at(Person person, double seconds) {
        int day = dayAt(person, seconds);
        RoleId role = person.first;
        for (int i = day; i >= 0; i--) {
            if (person.days.get(i) instanceof Playing p) {
                role = script.parts.get(p.role()).role().id();
                break;
            }
        }
        Stay now = day < 0 ? null : person.days.get(day);
        if (now instanceof Playing p) {
            double into = drawn(p.rep(), seconds - startOf(p.rep()));
            Timeline timeline = run.scriptOf(p.rep()).timeline;
            Pose pose = timeline.poseAt(role, Math.min(timeline.seconds(), into));
            return new Somebody(person.number, role, pose.at(), pose.facingDegrees(), Somebody.Doing.PLAYS);
        } else if (now instanceof Walking w) {
            double share = w.until() <= w.from() ? 1 : Math.min(1, (seconds - w.from()) / (w.until() - w.from()));
            Point end = w.then() == null ? w.end() : RepRun.spot(line(w.then()), before(w.then(), w.until()));
            double facing =
                    end.isWithin(0.01, w.start()) ? 0 : end.minus(w.start()).headingDegrees();
            return new Somebody(person.number, role, w.start().towards(end, share), facing, Somebody.Doing.WALKS);
        } else if (now instanceof InLine in) {
            Point at = RepRun.spot(line(in), before(in, seconds));
            return new Somebody(person.number, role, at, line(in).facingDegrees(), Somebody.Doing.WAITS);
        } else if (now instanceof Standing s) {
            return new Somebody(person.number, role, s.at(), s.facing(), Somebody.Doing.STANDS);
        }
        return new Somebody(person.number, role, path.startOf(role), path.startFacingOf(role), Somebody.Doing.STANDS);
    }

    /** The last of somebody's days that has begun, or the first; -1 for one who has none. */
    private static int dayAt(Person person, double seconds) {
        int day = Math.min(0, person.days.size() - 1);
        int low = 0;
        int high = person.days.size() - 1;
        while (low <= high) {
            int middle = (low + high) >>> 1;
            if (person.days.get(middle).from() <= seconds) {
                day = middle;
                low = middle + 1;
            } else {
                high = middle - 1;
            }
        }
        return day;
    }

    private WaitingLine line(InLine in) {
        return script.queues.get(in.line()).line();
    }

    /** How many stand before somebody in a line; one who has just left counts less and less until the others have moved up. */
    private double before(InLine in, double seconds) {
        List<Double> gone = run.leftOf(in.line());
        double before = 0;
        for (int i = in.place() - 1; i >= 0; i--) {
            double since = i < gone.size() ? seconds - gone.get(i) : -1;
            before += since < 0 ? 1 : Math.max(0, 1 - since / MOVE_UP_SECONDS);
            if (since >= MOVE_UP_SECONDS) {
                break; // who came before him has left before him
            }
        }
        return before;
    }

    /** Everybody and every ball, seconds after the first whistle. */
    public Crowd crowd(double seconds) {
        return new Crowd(at(seconds), ballsAt(seconds));
    }

    /** Balls of reps that run, and those that are brought back from reps that are over. */
    private List<BallSpot> ballsAt(double seconds) {
        List<BallSpot> all = new ArrayList<>();
        int latest = repAt(seconds);
        for (int rep = Math.max(0, latest - REPS_BACK); rep <= latest; rep++) {
            double into = drawn(rep, seconds - startOf(rep));
            if (rep < latest && goesOn) {
                continue; // the next rep has it
            }
            Timeline timeline = run.scriptOf(rep).timeline;
            for (BallId ball : timeline.ballIds()) {
                spotOf(timeline, ball, into, rep == latest).ifPresent(all::add);
            }
        }
        return all;
    }

    private Optional<BallSpot> spotOf(Timeline timeline, BallId ball, double into, boolean latest) {
        double over = timeline.seconds();
        if (into <= over) {
            Optional<Double> facing = timeline.ballStateAt(ball, into)
                    .holder()
                    .map(r -> timeline.poseAt(r, into).facingDegrees());
            return Optional.of(new BallSpot(timeline.ballAt(ball, into), facing));
        }
        Point end = timeline.ballAt(ball, over);
        Point start = timeline.ballAt(ball, 0);
        double walk = end.distanceTo(start) / script.walkSpeed;
        double share = walk < 1e-9 ? 1 : (into - over) / walk;
        boolean under = share < 1 || latest;
        return under
                ? Optional.of(new BallSpot(end.towards(start, Math.min(1, share)), Optional.empty()))
                : Optional.empty();
    }
}
