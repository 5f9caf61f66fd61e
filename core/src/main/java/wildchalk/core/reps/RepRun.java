package wildchalk.core.reps;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.SplittableRandom;
import wildchalk.core.drill.Alternation;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Point;
import wildchalk.core.reps.RepScript.Leaving;
import wildchalk.core.reps.RepScript.Part;
import wildchalk.core.reps.RepScript.Queue;

/**
 * Rep after rep, worked out as far as somebody asks. A rep starts when its launch has come and everybody and every ball is there
 * that it needs; who has done a part walks to where the rotation sends him, without one to the tail of his own line or back to
 * where he started. The same script under the same conditions goes the same way.
 */
final class RepRun {

    /** What one person does from a moment on. */
    sealed interface Stay {
        double from();
    }

    /**
     * @param rep counted from 0
     * @param role counted from 0
     * @param until when he has nothing more to do in it
     */
    record Playing(double from, int rep, int role, double until) implements Stay {}

    /** To a place, or to wherever the tail of a line is by then. */
    record Walking(double from, Point start, Point end, double until, InLine then) implements Stay {}

    /** @param place in the order in which people came to the line */
    record InLine(double from, int line, int place) implements Stay {}

    record Standing(double from, Point at, double facing) implements Stay {}

    /** One of those who are there. */
    static final class Person {
        final int number;
        final RoleId first;
        final List<Stay> days = new ArrayList<>();

        Person(int number, RoleId first) {
            this.number = number;
            this.first = first;
        }
    }

    /** Somebody who has come to a place or a line. */
    private record Arrival(Person person, double at) {}

    /** What a rep had to wait for. */
    enum Cause {
        NOTHING,
        /** Nobody stood at the head of a line. */
        LINE,
        /** Somebody was on the way to his place. */
        PLACE,
        BALL,
        /** A rest. */
        REST
    }

    /** What one rep waited for last, and how long (s) it waited in all. */
    record Wait(Cause cause, double seconds) {}

    final RepScript script;
    final List<Person> people = new ArrayList<>();
    private final Conditions conditions;
    private final SplittableRandom random;
    private final List<Double> starts = new ArrayList<>();
    private final List<Wait> waits = new ArrayList<>();
    private final List<Hitches> hitches = new ArrayList<>();
    /** For each line those who came, in order, and when each left it. */
    private final List<List<Arrival>> came = new ArrayList<>();

    private final List<List<Double>> left = new ArrayList<>();
    /** Who plays a role that no line feeds next, and from when. */
    private final Arrival[] next;
    /** When each ball is back; only where balls are counted. */
    private final PriorityQueue<Double> backAt = new PriorityQueue<>();

    private final Integer[] firstDone;
    /** When the rep before was over, s. */
    private double overBefore;
    /** How many stints were over before the next rep. */
    private int stints;
    /** For each rep, and the next, whether it is the other way round. */
    private final List<Boolean> turned = new ArrayList<>(List.of(false));

    RepRun(RepScript script, Conditions conditions) {
        this.script = script;
        this.conditions = conditions;
        this.random = new SplittableRandom(conditions.seed());
        this.next = new Arrival[script.parts.size()];
        this.firstDone = new Integer[next.length];
        Arrays.setAll(firstDone, i -> i);
        Arrays.sort(
                firstDone, Comparator.comparingDouble(i -> script.parts.get(i).done()));
        conditions.balls().ifPresent(n -> {
            // with fewer than one rep takes there is none at all: an Outlook says so
            for (int i = 0; i < Math.max(n, script.balls.size()); i++) {
                backAt.add(0.0);
            }
        });
        setOut();
    }

    private void setOut() {
        for (Queue queue : script.queues) {
            List<Arrival> there = new ArrayList<>();
            came.add(there);
            left.add(new ArrayList<>());
            // a line that feeds nobody, in a drill without anybody, has nobody to be drawn as
            int standing =
                    script.parts.isEmpty() ? 0 : Math.max(conditions.standing(queue.line()), queue.gives().length);
            for (int i = 0; i < standing; i++) {
                int role = queue.gives().length == 0 ? 0 : queue.gives()[i % queue.gives().length];
                Person person = person(role);
                person.days.add(new InLine(Double.NEGATIVE_INFINITY, came.size() - 1, i));
                there.add(new Arrival(person, Double.NEGATIVE_INFINITY));
            }
        }
        for (int role = 0; role < next.length; role++) {
            // who comes in later is somebody who has played something else before
            if (script.fedBy[role] < 0 && !(script.first().waits[role] && !script.waits[role])) {
                next[role] = new Arrival(person(role), 0);
                if (script.waits[role]) {
                    RoleId id = script.parts.get(role).role().id();
                    next[role]
                            .person()
                            .days
                            .add(new Standing(0, script.starts.get(role), script.path.startFacingOf(id)));
                }
            }
        }
    }

    private Person person(int role) {
        Person person = new Person(people.size(), script.parts.get(role).role().id());
        people.add(person);
        return person;
    }

    // ---- when ----

    /** Works out all reps that start by a moment, and some beyond. */
    void playUntil(double seconds) {
        while (starts.isEmpty() || starts.get(starts.size() - 1) <= seconds) {
            begin();
        }
    }

    /** Seconds from the first whistle to the start of a rep, from 0. */
    double startOf(int rep) {
        while (starts.size() <= rep) {
            begin();
        }
        return starts.get(rep);
    }

    Optional<Rests> rests() {
        return conditions.rests();
    }

    Wait waitBefore(int rep) {
        startOf(rep);
        return waits.get(rep);
    }

    Hitches hitchesOf(int rep) {
        startOf(rep);
        return hitches.get(rep);
    }

    /** When people left a line, in the order in which they had come. */
    List<Double> leftOf(int line) {
        return left.get(line);
    }

    private void begin() {
        int rep = starts.size();
        double due = rep == 0 ? 0 : dueAfter(rep - 1);
        RepScript now = scriptOf(rep);
        double start = due;
        Cause cause = Cause.NOTHING;
        for (int i = 0; i < script.queues.size(); i++) {
            List<Arrival> there = came.get(i);
            int gives = gives(now, i);
            int needed = left.get(i).size() + gives;
            if (gives > 0 && needed <= there.size() && there.get(needed - 1).at() > start) {
                start = there.get(needed - 1).at();
                cause = Cause.LINE;
            }
        }
        for (int role = 0; role < next.length; role++) {
            if (next[role] != null && !now.waits[role]) {
                // who is needed later may still be on the way
                double there = next[role].at() - now.parts.get(role).needed();
                cause = there > start ? Cause.PLACE : cause;
                start = Math.max(start, there);
            }
        }
        double balls = ballsAt(start);
        cause = balls > start ? Cause.BALL : cause;
        start = Math.max(start, balls);
        double rested =
                conditions.rests().isPresent() ? conditions.rests().get().start(start) : start;
        cause = rested > start ? Cause.REST : cause;
        start = rested;
        starts.add(start);
        waits.add(new Wait(cause, start - due));
        hitches.add(conditions.misses().draw(now.passes, random));
        takeBalls(now, start, hitches.get(rep));
        play(rep, start);
    }

    /** One of those before the next, and the next. */
    RepScript scriptOf(int rep) {
        return rep == 0 ? script.first() : turned.get(rep) ? script.other() : script;
    }

    private double dueAfter(int rep) {
        return starts.get(rep) + scriptOf(rep).period(conditions, hitches.get(rep));
    }

    /** Whether a rep that starts so many seconds after the first whistle is the other way round. */
    private boolean isTurned(int rep, double seconds) {
        return script.path
                .course()
                .alternation()
                .map(Alternation::after)
                .filter(after -> after.stintOf(rep, seconds) % 2 == 1)
                .isPresent();
    }

    /** How many a line gives that nobody else has. */
    private int gives(RepScript now, int line) {
        int count = 0;
        for (int role : script.queues.get(line).gives()) {
            count += next[role] == null && !now.waits[role] ? 1 : 0;
        }
        return count;
    }

    /** When there are as many balls as a rep takes. */
    private double ballsAt(double start) {
        if (backAt.isEmpty()) {
            return start;
        }
        List<Double> taken = new ArrayList<>();
        double there = start;
        for (int i = 0; i < script.balls.size(); i++) {
            taken.add(backAt.remove());
            there = Math.max(there, taken.get(i));
        }
        backAt.addAll(taken);
        return there;
    }

    private void takeBalls(RepScript now, double start, Hitches late) {
        if (backAt.isEmpty()) {
            return;
        }
        for (int i = 0; i < now.balls.size(); i++) {
            backAt.remove();
        }
        now.balls.forEach(b -> backAt.add(start + late.real(b.back())));
    }

    private void play(int rep, double start) {
        RepScript now = scriptOf(rep);
        Person[] who = new Person[next.length];
        double[] from = new double[next.length];
        Arrays.fill(from, start);
        for (int i = 0; i < script.queues.size(); i++) {
            for (int role : script.queues.get(i).gives()) {
                int gone = left.get(i).size();
                // whoever stays in a part keeps it
                if (gone < came.get(i).size() && next[role] == null && who[role] == null && !now.waits[role]) {
                    left.get(i).add(start);
                    who[role] = came.get(i).get(gone).person();
                }
            }
        }
        for (int role = 0; role < next.length; role++) {
            if (next[role] != null && !now.waits[role]) {
                who[role] = next[role].person();
                from[role] = Math.max(start, next[role].at());
                next[role] = null;
            }
        }
        turned.add(isTurned(rep + 1, dueAfter(rep)));
        RepScript then = scriptOf(rep + 1);
        Hitches late = hitches.get(rep);
        for (int role = 0; role < who.length; role++) {
            if (who[role] != null) {
                double until = start + late.real(now.parts.get(role).done());
                who[role].days.add(new Playing(from[role], rep, role, Math.max(from[role], until)));
            }
        }
        double over = start + late.real(now.over);
        boolean turns = script.stint.endsWith(rep, overBefore, over);
        overBefore = over;
        for (int role : firstDone) {
            if (who[role] != null && turns) {
                leave(who[role], now.parts.get(role), now.leaving(role, stints), then);
            } else if (who[role] != null) {
                // whoever stays on does the same again
                place(who[role], now.parts.get(role), role, then);
            }
        }
        stints += turns ? 1 : 0;
    }

    // ---- where to ----

    private void leave(Person person, Part part, Leaving leaving, RepScript then) {
        double at = ((Playing) person.days.get(person.days.size() - 1)).until();
        switch (leaving.then()) {
            case LINE -> join(person, leaving.goes(), part.end(), at);
            case REST -> person.days.add(new Standing(at, part.end(), 0));
            case PLACE -> place(person, part, leaving.goes(), then);
        }
    }

    /** To where a role starts, to play it next. */
    private void place(Person person, Part part, int role, RepScript next) {
        Point at = next.starts.get(role);
        double from = ((Playing) person.days.get(person.days.size() - 1)).until();
        double arrives = from + part.end().distanceTo(at) / script.walkSpeed;
        person.days.add(new Walking(from, part.end(), at, arrives, null));
        person.days.add(new Standing(
                arrives, at, next.path.startFacingOf(next.parts.get(role).role().id())));
        this.next[role] = new Arrival(person, arrives);
    }

    private void join(Person person, int line, Point from, double at) {
        List<Arrival> there = came.get(line);
        Point tail = spot(
                script.queues.get(line).line(),
                Math.max(0, there.size() - left.get(line).size()));
        double arrives = at + from.distanceTo(tail) / script.walkSpeed;
        // nobody walks past those who came before
        double last = there.isEmpty() ? 0 : there.get(there.size() - 1).at();
        double in = Math.max(arrives, last);
        InLine then = new InLine(in, line, there.size());
        person.days.add(new Walking(at, from, tail, in, then));
        person.days.add(then);
        there.add(new Arrival(person, in));
    }

    static Point spot(WaitingLine line, double behind) {
        return line.at().plus(Point.polar(behind * WaitingLine.SPACING_METRES, line.facingDegrees() + 180));
    }
}
