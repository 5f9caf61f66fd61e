package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Following;
import wildchalk.core.drill.Mark;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.GoalMouth;

/**
 * Somebody who goes by where others are. At every moment he has a spot, worked out from where he takes them to be: he sees them late,
 * by his reaction time, and thinks that they go on as they went. He runs as fast as they carry that spot, and faster the further he is
 * from it, as far as his legs allow: his top speed, his push, his brakes and his grip.
 */
final class Shadow {

    /** He would be at a spot so far ahead in this time, were his legs free, s. */
    static final double CATCH_UP_SECONDS = 0.4;
    /** So long (s) it takes legs to do what is wanted: a quarter of the above, so that nobody swings about his spot. */
    static final double LEGS_SECONDS = 0.1;
    /** Who is slower (m/s) goes off as well to every side. */
    static final double SLOW = 0.3;
    /** Share of his brakes that somebody counts on who comes near his spot. */
    static final double BRAKES_SHARE = 0.6;

    /** Half the time of one step of reckoning, s: a twin with steps of 1 ms comes within centimetres. */
    private static final double HALF_STEP_SECONDS = 0.005;

    private static final int HALF_STEPS_A_KNOT = 4;
    /** Nobody is followed for longer once all plans are known, s. */
    private static final double MOST_SECONDS = 12;
    /** How far ahead (s) the way of a ball under way is looked at: it is caught, or comes to rest, and is looked at anew. */
    private static final double BALL_SECONDS = 5;
    /** Nobody is followed for longer, s: longer than any rep. */
    private static final double HORIZON_SECONDS = 600;
    /** Nearer (m) and slower (m/s) he stands at his spot. */
    private static final double THERE_METRES = 0.03;

    private static final double THERE_SPEED = 0.05;
    /** Who moves by less (m) stands. */
    private static final double STANDS_METRES = 1e-3;
    /** A spot that is slower (m/s) leaves nobody behind. */
    private static final double RUNS_SPEED = 1;
    /** Who stands so near to the middle (m) is on no side of it. */
    private static final double MIDDLE_METRES = 0.25;

    final Job job;
    final Following following;
    private final Mark of;
    private final Optional<Mark> to;
    private final Optional<Mark> faces;
    private final Marks marks;
    private final Gait gait;
    private final double lateral;
    private final double late;
    private final double begins;
    private final Point ownStart;
    private final Point ofStart;
    private final Line goalLine;
    /** Where who is trailed has been, at even times but not twice in one place. */
    private final List<Print> trail = new ArrayList<>();
    /** How many times have been looked at. */
    private int sampled;

    /** A place in somebody's tracks. */
    private record Print(double seconds, Point at) {}

    /** The plans that it was worked out from. */
    long plans;
    /** How often it was worked out. */
    int replans;
    /** Whether its end is settled. */
    boolean ending;

    /** The stretch that somebody keeps to who stays on the line between the goals. */
    record Line(Point from, Point to) {

        /** Between the two goals that are furthest apart; through the middle of the surface where there are fewer. */
        static Line of(List<GoalMouth> goals, double halfLength) {
            Line best = new Line(new Point(-halfLength, 0), new Point(halfLength, 0));
            double length = 0;
            for (int i = 0; i < goals.size(); i++) {
                for (int j = i + 1; j < goals.size(); j++) {
                    Point a = goals.get(i).centre();
                    Point b = goals.get(j).centre();
                    if (a.distanceTo(b) > length) {
                        length = a.distanceTo(b);
                        best = new Line(a, b);
                    }
                }
            }
            return best;
        }

        Point level(Point with) {
            Point way = to.minus(from);
            double share = with.minus(from).dot(way) / way.dot(way);
            return from.towards(to, Math.max(0, Math.min(1, share)));
        }
    }

    /**
     * @param marks settled ones of the following, in its order
     * @param late seconds from what others do to when he sees it
     */
    Shadow(
            Job job,
            Following following,
            List<Mark> settled,
            Optional<Mark> faces,
            Marks marks,
            Pace pace,
            double late,
            Line goalLine,
            double t) {
        this.job = job;
        this.following = following;
        this.of = settled.get(0);
        this.to = settled.size() > 1 ? Optional.of(settled.get(1)) : Optional.empty();
        this.faces = faces;
        this.marks = marks;
        this.gait = pace.gait(job.legs().manner(), job.legs().effort(), job.carrying, job.runner.own);
        this.lateral = pace.lateral();
        this.late = late;
        this.goalLine = goalLine;
        this.begins = t;
        this.ownStart = job.runner.at(t);
        this.ofStart = marks.at(of, t);
    }

    List<Mark> settled() {
        List<Mark> all = new ArrayList<>(List.of(of));
        to.ifPresent(all::add);
        return all;
    }

    long plansNow() {
        long sum = marks.plans(of);
        return to.map(m -> sum * 1_000_003L + marks.plans(m)).orElse(sum);
    }

    // ---- the spot ----

    /**
     * His spot.
     *
     * @param late 0 for where it is, else for where he takes it to be
     * @param at where what he goes by is then
     * @param other where that is towards which his spot lies; the same where there is none
     */
    private Point spot(double t, double late, Point at, Point other, Point own) {
        double metres = following.metres();
        return switch (following.how()) {
            case TRAIL -> behind(t, at, late);
            case BESIDE -> at.plus(unit(ownStart.minus(ofStart)).times(metres));
            case INSIDE -> at.plus(inwards().times(metres));
            case TOWARDS -> at.plus(unit(other.minus(at)).times(Math.min(metres, at.distanceTo(other))));
            case MIDWAY -> at.towards(other, 0.5);
            case PRESS -> at.plus(unit(own.minus(at)).times(metres));
            case MIRROR -> mirrored(at);
            case GOAL_LINE -> goalLine.level(at);
        };
    }

    /** His spot at even times from a second on, no earlier than when he set out. */
    private final class Spots {
        private final double from;
        private final double late;
        private final double every;
        private final Sight one;
        private final Sight two;
        private final int first;
        private final int glance;
        /** Those that do not hang on where he is himself. */
        private final Map<Integer, Point> known = new HashMap<>();

        Spots(double from, double late, double every) {
            this.from = from;
            this.late = late;
            this.every = every;
            this.one = new Sight(of, marks, from, late, every);
            this.two = to.map(m -> new Sight(m, marks, from, late, every)).orElse(one);
            this.glance = one.glance();
            this.first = -Math.min(glance, (int) Math.floor((from - begins) / every + 1e-9));
        }

        Point at(int k, Point own) {
            return following.how() == Following.How.PRESS
                    ? reckoned(k, own)
                    : known.computeIfAbsent(k, n -> reckoned(n, own));
        }

        private Point reckoned(int k, Point own) {
            return spot(from + k * every, late, one.at(k), two.at(k), own);
        }

        /** How it goes, m/s, as if nothing had gone before he set out. */
        Point carried(int k, Point own) {
            return at(k, own).minus(at(Math.max(first, k - glance), own)).times(1 / Marks.GLANCE_SECONDS);
        }

        /** How it has gone since the first that is known, m/s. */
        Point speed(int k, Point own) {
            int before = Math.max(first, k - glance);
            return k == before
                    ? Point.ORIGIN
                    : at(k, own).minus(at(before, own)).times(1 / ((k - before) * every));
        }
    }

    private Point inwards() {
        double side = Math.abs(ofStart.y()) > MIDDLE_METRES ? -ofStart.y() : ownStart.y() - ofStart.y();
        return new Point(0, Math.signum(side));
    }

    private Point mirrored(Point at) {
        Point across = unit(ofStart.minus(ownStart));
        Point middle = ofStart.towards(ownStart, 0.5);
        return at.minus(across.times(2 * at.minus(middle).dot(across)));
    }

    private static Point unit(Point p) {
        double length = p.length();
        return length < 1e-9 ? Point.ORIGIN : p.times(1 / length);
    }

    /** The last place on the way that somebody has come that is so far from him; before he has come so far, from where the follower stood. */
    private Point behind(double t, Point at, double late) {
        double until = Math.max(begins, t - late);
        for (double next = begins + sampled * Tracked.KNOT_SECONDS; next <= until; ) {
            Point here = marks.at(of, next);
            // who stands leaves no trail
            if (trail.isEmpty()
                    || !here.isWithin(STANDS_METRES, trail.get(trail.size() - 1).at())) {
                trail.add(new Print(next, here));
            }
            sampled++;
            next = begins + sampled * Tracked.KNOT_SECONDS;
        }
        int last = trail.size() - 1;
        while (last >= 0 && trail.get(last).seconds() > until) {
            last--;
        }
        Point near = at;
        for (int i = last; i >= -1; i--) {
            Point far = i < 0 ? ownStart : trail.get(i).at();
            if (far.distanceTo(at) >= following.metres()) {
                return leaves(at, near, far, following.metres());
            }
            near = far;
        }
        return ownStart;
    }

    /** Where a stretch from inside a circle to outside leaves it. */
    private static Point leaves(Point centre, Point inside, Point outside, double radius) {
        Point way = outside.minus(inside);
        Point from = inside.minus(centre);
        double a = way.dot(way);
        double b = from.dot(way);
        double c = from.dot(from) - radius * radius;
        return a == 0 ? outside : inside.towards(outside, (Math.sqrt(Math.max(0, b * b - a * c)) - b) / a);
    }

    // ---- his way ----

    /**
     * His way from a second on, as the plans of the others are now.
     *
     * @param now what he is doing
     * @param sideDegrees where he looked at the whistle
     */
    Tracked plan(double t, Trajectory.Piece now, double facing, double sideDegrees) {
        // what has been seen of others by now stays; what was planned for later may be different
        sampled = Math.min(sampled, (int) Math.floor((t - begins) / Tracked.KNOT_SECONDS) + 1);
        trail.removeIf(print -> print.seconds() > t);
        double rest = t;
        for (Mark mark : settled()) {
            double stands = marks.restsAt(mark);
            rest = Math.max(rest, mark.role().isPresent() ? stands : Math.min(stands, t + BALL_SECONDS));
        }
        double until = Math.min(rest + late + MOST_SECONDS, t + HORIZON_SECONDS);
        Point p = now.at(t);
        Point v = now.velocity(t);
        Spots seen = new Spots(t, late, HALF_STEP_SECONDS);
        Spots real = new Spots(t, 0, Tracked.KNOT_SECONDS);
        List<double[]> knots = new ArrayList<>();
        knots.add(knot(real, 0, p, v));
        for (int k = 0; t + k * HALF_STEP_SECONDS < until; k += 2) {
            Point a = push(seen, k, p, v);
            // a half step ahead: the error goes with the square of the step
            Point midP = p.plus(v.times(HALF_STEP_SECONDS));
            Point midV = v.plus(a.times(HALF_STEP_SECONDS));
            Point b = push(seen, k + 1, midP, midV);
            p = p.plus(midV.times(2 * HALF_STEP_SECONDS));
            v = v.plus(b.times(2 * HALF_STEP_SECONDS));
            int next = k + 2;
            if (next % HALF_STEPS_A_KNOT == 0) {
                knots.add(knot(real, next / HALF_STEPS_A_KNOT, p, v));
                boolean there = v.length() < THERE_SPEED && seen.at(next, p).isWithin(THERE_METRES, p);
                if (t + next * HALF_STEP_SECONDS > rest + late && there) {
                    break;
                }
            }
        }
        return new Tracked(t, knots.toArray(double[][]::new), facing, job.legs().manner(), faces, sideDegrees);
    }

    private static double[] knot(Spots real, int n, Point p, Point v) {
        Point spot = real.at(n, p);
        Point speed = real.speed(n, p);
        double behind = speed.length() < RUNS_SPEED ? 0 : spot.minus(p).dot(unit(speed));
        return new double[] {p.x(), p.y(), v.x(), v.y(), spot.distanceTo(p), behind};
    }

    /** How he pushes off, m/s². */
    private Point push(Spots seen, int k, Point p, Point v) {
        Point carried = seen.carried(k, p);
        Point way = seen.at(k, p).minus(p);
        double far = way.length();
        double brakes = BRAKES_SHARE * gait.brakeAt(gait.fastest());
        double catchUp = Math.min(far / CATCH_UP_SECONDS, Math.sqrt(2 * brakes * far));
        Point wanted = carried.plus(unit(way).times(catchUp));
        double speed = wanted.length();
        if (speed > gait.fastest()) {
            wanted = wanted.times(gait.fastest() / speed);
        }
        return within(wanted.minus(v).times(1 / LEGS_SECONDS), v);
    }

    /** As much of a push as his legs have at a speed. */
    private Point within(Point push, Point v) {
        double speed = v.length();
        if (speed < SLOW) {
            double most = gait.pushAt(speed);
            return push.length() > most ? unit(push).times(most) : push;
        }
        Point ahead = v.times(1 / speed);
        double along = Math.max(-gait.brakeAt(speed), Math.min(gait.pushAt(speed), push.dot(ahead)));
        double aside = Math.max(-lateral, Math.min(lateral, ahead.cross(push)));
        return ahead.times(along).plus(new Point(-ahead.y(), ahead.x()).times(aside));
    }
}
