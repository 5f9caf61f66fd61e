package wildchalk.core.reps;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Launches;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Pace;
import wildchalk.core.motion.Pose;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;

/**
 * Reps of one path, one after another. A rep starts when its launch has come and everybody is there whom it needs; who has done a
 * part walks to where the rotation sends him, without one to the tail of his own line or back to where he started; those in a
 * line move up.
 */
public final class RepFlow {

    /** Somebody who moves up in a line takes so long (s). */
    private static final double MOVE_UP_SECONDS = 0.8;

    /** Nobody turns away in the moment of a pass or a shot: so long (s) he looks after it. */
    static final double AFTERWARDS_SECONDS = 0.4;

    /** Nobody walks longer (s) than this to a line. */
    private static final double LONGEST_WALK_SECONDS = 60;

    /** A drill in which nothing happens yet has reps all the same, so far (s) apart. */
    private static final double LEAST_SECONDS = 1;

    /** Reps that are worked out at once. */
    private static final int AT_ONCE = 16;

    /** What one person does from a moment on. */
    private sealed interface Stay {
        double from();
    }

    /** @param whistle when its rep began */
    private record Playing(double from, double whistle, RoleId role) implements Stay {}

    /** To a place, or to wherever the tail of a line is by then. */
    private record Walking(double from, Point start, Point end, double until, Optional<InLine> then) implements Stay {}

    /** @param place in the order in which people came to the line */
    private record InLine(double from, LineId line, int place) implements Stay {}

    private record Standing(double from, Point at, double facing) implements Stay {}

    private static final class Person {
        final int number;
        final RoleId first;
        final List<Stay> days = new ArrayList<>();

        Person(int number, RoleId first) {
            this.number = number;
            this.first = first;
        }
    }

    /** Somebody who has come to a line. */
    private record Arrival(Person person, double at) {}

    private final Path path;
    private final Timeline timeline;
    private final double period;
    private final double speed;
    private final List<Person> people = new ArrayList<>();
    private final List<Double> starts = new ArrayList<>();
    /** For each line those who came, in order, and when each left it. */
    private final Map<LineId, List<Arrival>> came = new LinkedHashMap<>();

    private final Map<LineId, List<Double>> left = new HashMap<>();
    /** Who plays a role that no line feeds next, and from when. */
    private final Map<RoleId, Arrival> next = new HashMap<>();

    private RepFlow(Path path, Timeline timeline, Pace pace) {
        this.path = path;
        this.timeline = timeline;
        this.period = Math.max(LEAST_SECONDS, Launches.period(path, timeline).orElse(timeline.seconds()));
        this.speed = pace.topSpeed(Manner.FORWARD, Effort.WALK, false);
        setOut();
    }

    /** @param pace of those who walk back */
    public static RepFlow of(Path path, Timeline timeline, Pace pace) {
        return new RepFlow(path, timeline, pace);
    }

    private void setOut() {
        for (WaitingLine line : path.lines()) {
            List<Arrival> there = new ArrayList<>();
            came.put(line.id(), there);
            left.put(line.id(), new ArrayList<>());
            // a line that feeds nobody, in a drill without anybody, has nobody to be drawn as
            int standing = path.roles().isEmpty()
                    ? 0
                    : Math.max(line.standing(), line.feeds().size());
            for (int i = 0; i < standing; i++) {
                RoleId role = line.feeds().isEmpty()
                        ? path.roles().get(0).id()
                        : line.feeds().get(i % line.feeds().size());
                Person person = person(role);
                person.days.add(new InLine(Double.NEGATIVE_INFINITY, line.id(), i));
                there.add(new Arrival(person, Double.NEGATIVE_INFINITY));
            }
        }
        for (Role role : path.roles()) {
            if (path.lineFeeding(role.id()).isEmpty()) {
                next.put(role.id(), new Arrival(person(role.id()), 0));
            }
        }
    }

    private Person person(RoleId first) {
        Person person = new Person(people.size(), first);
        people.add(person);
        return person;
    }

    // ---- when ----

    /** Seconds from the first whistle to the start of a rep, from 0. */
    public double startOf(int rep) {
        while (starts.size() <= rep) {
            for (int i = 0; i < AT_ONCE; i++) {
                begin();
            }
        }
        return starts.get(rep);
    }

    /** The latest rep that has started at a moment. */
    public int repAt(double seconds) {
        int rep = 0;
        while (startOf(rep + 1) <= seconds) {
            rep++;
        }
        return rep;
    }

    private void begin() {
        int rep = starts.size();
        double start = rep == 0 ? 0 : starts.get(rep - 1) + period;
        for (WaitingLine line : path.lines()) {
            List<Arrival> there = came.get(line.id());
            int needed = left.get(line.id()).size() + line.feeds().size();
            if (!line.feeds().isEmpty() && needed <= there.size()) {
                start = Math.max(start, there.get(needed - 1).at());
            }
        }
        for (Role role : path.roles()) {
            if (next.containsKey(role.id())) {
                // who is needed later may still be on the way
                start = Math.max(start, next.get(role.id()).at() - neededAfter(role.id()));
            }
        }
        starts.add(start);
        play(start);
    }

    private void play(double start) {
        Map<RoleId, Person> parts = new LinkedHashMap<>();
        for (WaitingLine line : path.lines()) {
            for (RoleId role : line.feeds()) {
                List<Arrival> there = came.get(line.id());
                int gone = left.get(line.id()).size();
                if (gone < there.size()) {
                    left.get(line.id()).add(start);
                    parts.put(role, there.get(gone).person());
                }
            }
        }
        Map<Person, Double> from = new HashMap<>();
        for (Role role : path.roles()) {
            Optional.ofNullable(next.get(role.id())).ifPresent(a -> {
                parts.put(role.id(), a.person());
                from.put(a.person(), Math.max(start, a.at()));
            });
        }
        parts.forEach((role, person) -> person.days.add(new Playing(from.getOrDefault(person, start), start, role)));
        parts.entrySet().stream()
                .sorted((a, b) -> Double.compare(doneAfter(a.getKey()), doneAfter(b.getKey())))
                .forEach(e -> leave(e.getValue(), e.getKey(), start));
    }

    /** Seconds into a rep after which a role has nothing more to do in it. */
    private double doneAfter(RoleId role) {
        double last = 0;
        for (Move move : path.moves()) {
            MoveSpan span = timeline.move(move.id());
            if (span.happens() && move.role().equals(role)) {
                last = Math.max(last, span.roleFree());
            }
        }
        last = timeline.happenings().stream()
                .filter(h -> h.role().equals(Optional.of(role)))
                .mapToDouble(h -> h.seconds())
                .reduce(last, Math::max);
        return last > 0 ? last + AFTERWARDS_SECONDS : timeline.seconds(); // who only stands is there to the end
    }

    /** Seconds into a rep before which a role has nothing to do in it; the whole rep for one who only stands. */
    private double neededAfter(RoleId role) {
        double first = timeline.seconds();
        for (Move move : path.moves()) {
            MoveSpan span = timeline.move(move.id());
            if (span.happens() && move.role().equals(role)) {
                first = Math.min(first, span.start() - span.reactionSeconds());
            }
        }
        double handled = timeline.happenings().stream()
                .filter(h -> h.role().equals(Optional.of(role)))
                .mapToDouble(h -> h.seconds())
                .reduce(first, Math::min);
        boolean holds = timeline.ballIds().stream()
                .anyMatch(b -> timeline.ballStateAt(b, 0).holder().equals(Optional.of(role)));
        return holds ? 0 : Math.max(0, handled);
    }

    private Optional<Rotation> rotation(RoleId role) {
        return path.course().rotation().stream()
                .filter(r -> r.role().equals(role))
                .findFirst();
    }

    // ---- where to ----

    private void leave(Person person, RoleId role, double start) {
        double at = Math.max(person.days.get(person.days.size() - 1).from(), start + doneAfter(role));
        Point from =
                timeline.poseAt(role, Math.min(timeline.seconds(), at - start)).at();
        Optional<Rotation> turn = rotation(role);
        Optional<LineId> line = turn.flatMap(Rotation::line)
                .or(() ->
                        turn.flatMap(Rotation::next).flatMap(path::lineFeeding).map(WaitingLine::id))
                .or(() -> turn.isPresent()
                        ? Optional.empty()
                        : path.lineFeeding(role).map(WaitingLine::id));
        Optional<RoleId> becomes = turn.flatMap(Rotation::next);
        if (line.isPresent()) {
            join(person, line.get(), from, at);
        } else if (turn.filter(r -> r.how() == Rotation.How.REST).isPresent()) {
            person.days.add(new Standing(at, from, 0));
        } else {
            RoleId then = becomes.orElse(role);
            Point to = path.startOf(then);
            double arrives = at + from.distanceTo(to) / speed;
            person.days.add(new Walking(at, from, to, arrives, Optional.empty()));
            person.days.add(new Standing(arrives, to, path.startFacingOf(then)));
            next.put(then, new Arrival(person, arrives));
        }
    }

    private void join(Person person, LineId id, Point from, double at) {
        WaitingLine line = line(id);
        List<Arrival> there = came.get(id);
        Point tail = spot(line, Math.max(0, there.size() - left.get(id).size()));
        double arrives = at + from.distanceTo(tail) / speed;
        // nobody walks past those who came before
        double last = there.isEmpty() ? 0 : there.get(there.size() - 1).at();
        double in = Math.max(arrives, last);
        InLine then = new InLine(in, id, there.size());
        person.days.add(new Walking(at, from, tail, in, Optional.of(then)));
        person.days.add(then);
        there.add(new Arrival(person, in));
    }

    private WaitingLine line(LineId id) {
        return path.lines().stream().filter(l -> l.id().equals(id)).findFirst().orElseThrow();
    }

    private static Point spot(WaitingLine line, double behind) {
        return line.at().plus(Point.polar(behind * WaitingLine.SPACING_METRES, line.facingDegrees() + 180));
    }

    // ---- at a moment ----

    /** Everybody, seconds after the first whistle. */
    public List<Somebody> at(double seconds) {
        // who walks to a line ends where its tail is then, which hangs on the reps that start meanwhile
        startOf(repAt(seconds + LONGEST_WALK_SECONDS) + 1);
        return people.stream().map(p -> at(p, seconds)).toList();
    }

    private Somebody at(Person person, double seconds) {
        Stay now = person.days.isEmpty() ? null : person.days.get(0);
        RoleId role = person.first;
        for (Stay stay : person.days) {
            if (stay.from() <= seconds) {
                now = stay;
                role = stay instanceof Playing p ? p.role() : role;
            }
        }
        if (now instanceof Playing p) {
            Pose pose = timeline.poseAt(p.role(), Math.min(timeline.seconds(), seconds - p.whistle()));
            return new Somebody(person.number, p.role(), pose.at(), pose.facingDegrees(), Somebody.Doing.PLAYS);
        } else if (now instanceof Walking w) {
            double share = w.until() <= w.from() ? 1 : Math.min(1, (seconds - w.from()) / (w.until() - w.from()));
            Point end = w.then()
                    .map(in -> spot(line(in.line()), before(in, w.until())))
                    .orElse(w.end());
            double facing =
                    end.isWithin(0.01, w.start()) ? 0 : end.minus(w.start()).headingDegrees();
            return new Somebody(person.number, role, w.start().towards(end, share), facing, Somebody.Doing.WALKS);
        } else if (now instanceof InLine in) {
            WaitingLine line = line(in.line());
            return new Somebody(
                    person.number, role, spot(line, before(in, seconds)), line.facingDegrees(), Somebody.Doing.WAITS);
        } else if (now instanceof Standing s) {
            return new Somebody(person.number, role, s.at(), s.facing(), Somebody.Doing.STANDS);
        }
        return new Somebody(person.number, role, path.startOf(role), path.startFacingOf(role), Somebody.Doing.STANDS);
    }

    /** How many stand before somebody in a line; one who has just left counts less and less until the others have moved up. */
    private double before(InLine in, double seconds) {
        List<Double> gone = left.get(in.line());
        double before = 0;
        for (int i = 0; i < in.place(); i++) {
            double since = i < gone.size() ? seconds - gone.get(i) : -1;
            before += since < 0 ? 1 : Math.max(0, 1 - since / MOVE_UP_SECONDS);
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
        for (int rep = Math.max(0, latest - AT_ONCE); rep <= latest; rep++) {
            double into = seconds - startOf(rep);
            for (BallId ball : timeline.ballIds()) {
                spotOf(ball, into, rep == latest).ifPresent(all::add);
            }
        }
        return all;
    }

    private Optional<BallSpot> spotOf(BallId ball, double into, boolean latest) {
        double over = timeline.seconds();
        if (into <= over) {
            Optional<Double> facing = timeline.ballStateAt(ball, into)
                    .holder()
                    .map(r -> timeline.poseAt(r, into).facingDegrees());
            return Optional.of(new BallSpot(timeline.ballAt(ball, into), facing));
        }
        Point end = timeline.ballAt(ball, over);
        Point start = timeline.ballAt(ball, 0);
        double walk = end.distanceTo(start) / speed;
        double share = walk < 1e-9 ? 1 : (into - over) / walk;
        boolean under = share < 1 || latest;
        return under
                ? Optional.of(new BallSpot(end.towards(start, Math.min(1, share)), Optional.empty()))
                : Optional.empty();
    }
}
