package wildchalk.core.whistle;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import wildchalk.core.log.LoggedBlock;
import wildchalk.core.log.Presence;
import wildchalk.core.session.BlockId;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionBlock;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.squad.Group;
import wildchalk.core.squad.PlayerId;

/** Goes through what was pressed, one after the other, and says where the session stands then. */
public final class Running {

    /** Whoever comes or goes in the first minutes (s) was late or absent, and has not left. */
    private static final double FIRST_SECONDS = 600;

    private static final double LATE_SECONDS = 300;

    /** Two hours off, the day was another one: then the plan begins when the coach does. */
    private static final double FARTHEST_OFF = 2 * 3600.0;

    private final Function<Session, SessionPlan> planner;
    private final double offset;
    private Session session;
    private SessionPlan plan;
    private List<Part> parts;
    private int index;
    private double at;
    private double elapsed;
    private double extra;
    private boolean paused;
    private boolean frozen;
    private boolean byItself;
    private double dueEnd;
    private final Map<BlockId, Counts> counted = new LinkedHashMap<>();
    private final Map<String, List<List<String>>> calls = new HashMap<>();
    private final Map<PlayerId, Presence> attendance = new LinkedHashMap<>();
    private final Set<PlayerId> there = new LinkedHashSet<>();

    private Running(Session session, double lateSeconds, Function<Session, SessionPlan> planner) {
        this.planner = planner;
        this.offset = Math.abs(lateSeconds) > FARTHEST_OFF ? 0 : lateSeconds;
        this.session = session;
        this.plan = planner.apply(session);
        this.parts = Part.of(plan);
        this.dueEnd = parts.isEmpty() ? 0 : parts.get(0).seconds() - offset;
        plan.present().forEach(p -> attendance.put(p, Presence.THERE));
        session.absent().forEach(p -> attendance.put(p, Presence.ABSENT));
        there.addAll(plan.present());
    }

    /**
     * Where a session stands.
     *
     * @param lateSeconds how much later than planned the run began; less than nothing when earlier
     * @param pressed in the order in which it was
     * @param planner works a session out; asked again only when what is planned changes
     * @param now seconds since the run began, not before the last that was pressed
     */
    public static Run at(
            Session session,
            double lateSeconds,
            List<Stamped> pressed,
            Function<Session, SessionPlan> planner,
            double now) {
        Running running = new Running(session, lateSeconds, planner);
        List<Stamped> meant = meant(pressed);
        meant.forEach(s -> {
            running.until(s.at());
            running.take(s.signal());
        });
        running.until(now);
        Optional<Signal> last = meant.isEmpty()
                ? Optional.empty()
                : Optional.of(meant.get(meant.size() - 1).signal());
        return running.run(last);
    }

    /** Without what was taken back. */
    private static List<Stamped> meant(List<Stamped> pressed) {
        List<Stamped> meant = new ArrayList<>();
        for (Stamped s : pressed) {
            if (!(s.signal() instanceof Signal.Undo)) {
                meant.add(s);
            } else if (!meant.isEmpty()) {
                meant.remove(meant.size() - 1);
            }
        }
        return meant;
    }

    // ---- the clock ----

    private double length() {
        return index < parts.size() ? Math.max(0, parts.get(index).seconds() + extra) : 0;
    }

    private void until(double then) {
        double left = Math.max(0, then - at);
        while (byItself && !paused && index < parts.size() && elapsed + left >= length()) {
            double here = Math.max(0, length() - elapsed);
            pass(here);
            left -= here;
            next();
        }
        pass(left);
        at = Math.max(at, then);
    }

    private void pass(double seconds) {
        if (paused || index >= parts.size()) {
            return;
        }
        elapsed += seconds;
        if (!parts.get(index).isChange()) {
            counts().runs(seconds);
        }
        if (frozen) {
            counts().talked(seconds);
        }
    }

    /** Of the block that runs, or of the one that comes. */
    private Counts counts() {
        SessionBlock block = parts.get(Math.min(index, parts.size() - 1)).block();
        return counted.computeIfAbsent(block.id(), id -> new Counts());
    }

    private void next() {
        if (index < parts.size()) {
            counts().interrupted();
            index++;
            elapsed = 0;
            extra = 0;
            dueEnd += index < parts.size() ? parts.get(index).seconds() : 0;
        }
    }

    // ---- what is pressed ----

    private void take(Signal signal) {
        if (parts.isEmpty()) {
            return;
        }
        switch (kind(signal)) {
            case CLOCK -> clock(signal);
            case PEOPLE -> people(signal);
            case COUNT -> count(signal);
        }
    }

    private enum Sort {
        CLOCK,
        PEOPLE,
        COUNT
    }

    private static Sort kind(Signal signal) {
        if (signal instanceof Signal.Came || signal instanceof Signal.Gone) {
            return Sort.PEOPLE;
        }
        boolean clock = signal instanceof Signal.Pause
                || signal instanceof Signal.Resume
                || signal instanceof Signal.Next
                || signal instanceof Signal.ByItself
                || signal instanceof Signal.Longer
                || signal instanceof Signal.Lost
                || signal instanceof Signal.Replanned;
        return clock ? Sort.CLOCK : Sort.COUNT;
    }

    private void clock(Signal signal) {
        if (signal instanceof Signal.Pause) {
            paused = true;
            counts().interrupted();
        } else if (signal instanceof Signal.Resume) {
            paused = false;
        } else if (signal instanceof Signal.Next) {
            frozen = false;
            paused = false;
            next();
        } else if (signal instanceof Signal.ByItself s) {
            byItself = s.is();
        } else if (signal instanceof Signal.Longer s) {
            extra = Math.max(elapsed - partSeconds(), extra + 60 * s.minutes());
        } else if (signal instanceof Signal.Lost s) {
            int minutes = (int) Math.round(session.minutes() - s.minutes());
            session = session.withMinutes(Math.max(1, Math.min(Session.MOST_MINUTES, minutes)));
        } else if (signal instanceof Signal.Replanned s) {
            replanned(s.minutes());
        }
    }

    private double partSeconds() {
        return index < parts.size() ? parts.get(index).seconds() : 0;
    }

    private void count(Signal signal) {
        Counts counts = counts();
        if (signal instanceof Signal.Rep) {
            counts.rep(at);
        } else if (signal instanceof Signal.Called s) {
            calls.computeIfAbsent(s.set(), k -> new ArrayList<>()).add(s.words());
        } else if (signal instanceof Signal.Scored s) {
            counts.score(s.group(), s.what(), s.points());
        } else if (signal instanceof Signal.Freeze) {
            frozen = true;
            counts.stop();
        } else if (signal instanceof Signal.Go) {
            frozen = false;
        } else if (signal instanceof Signal.Asked s) {
            counts.ask(s.question());
        } else if (signal instanceof Signal.Noted s) {
            counts.note(s.text());
        } else if (signal instanceof Signal.Tallied s) {
            counts.tally(s.what());
        }
    }

    // ---- another plan ----

    /** What is still to come lasts otherwise or is left out; what is over or runs stays. */
    private void replanned(Map<BlockId, Double> minutes) {
        if (index >= parts.size()) {
            return;
        }
        Part runs = parts.get(index);
        List<SessionBlock> blocks = new ArrayList<>();
        boolean later = false;
        for (SessionBlock b : session.blocks()) {
            boolean is = b.id().equals(runs.block().id());
            later |= is && runs.isChange();
            if (!later) {
                blocks.add(b);
            } else if (minutes.containsKey(b.id())) {
                blocks.add(b.withMinutes(minutes.get(b.id())));
            }
            later |= is;
        }
        int ahead = (int) parts.subList(index + (runs.isChange() ? 0 : 1), parts.size()).stream()
                .filter(p -> !p.isChange())
                .filter(p -> minutes.containsKey(p.block().id()))
                .count();
        session = session.withBlocks(blocks);
        plannedAnew(runs, ahead);
        dueEnd = at + Math.max(0, length() - elapsed);
    }

    /** The part that runs is found again in the new plan; where the block that comes is gone, the next takes its place. */
    private void plannedAnew(Part runs, int ahead) {
        plan = planner.apply(session);
        parts = Part.of(plan);
        for (int i = 0; i < parts.size(); i++) {
            if (parts.get(i).isLike(runs)) {
                index = i;
                return;
            }
        }
        int from = parts.size();
        for (int left = ahead; left > 0 && from > 0; ) {
            from--;
            left -= parts.get(from).isChange() ? 0 : 1;
        }
        index = from > 0 && from < parts.size() && parts.get(from - 1).isChangeTo(parts.get(from)) ? from - 1 : from;
        elapsed = 0;
        extra = 0;
    }

    private void people(Signal signal) {
        List<PlayerId> absent = new ArrayList<>(session.absent());
        if (signal instanceof Signal.Came s) {
            absent.remove(s.player());
            boolean was = there.contains(s.player());
            there.add(s.player());
            attendance.put(s.player(), was || at < LATE_SECONDS ? Presence.THERE : Presence.LATE);
            session = inGroup(session, s.player()).withAbsent(absent);
        } else if (signal instanceof Signal.Gone s) {
            absent.remove(s.player());
            absent.add(s.player());
            attendance.put(s.player(), at < FIRST_SECONDS ? Presence.ABSENT : Presence.LEFT);
            session = session.withAbsent(absent);
        }
        if (index < parts.size()) {
            plannedAnew(parts.get(index), parts.size() - index);
        }
    }

    /** Whoever comes and is in no group goes into the one with the fewest who are there. */
    private static Session inGroup(Session session, PlayerId player) {
        boolean has = session.groups().stream().anyMatch(g -> g.players().contains(player));
        if (has || session.groups().isEmpty()) {
            return session;
        }
        Group least = Collections.min(
                session.groups(),
                java.util.Comparator.comparingLong(g -> g.players().stream()
                        .filter(p -> !session.absent().contains(p))
                        .count()));
        return session.withGroups(session.groups().stream()
                .map(g -> {
                    List<PlayerId> more = new ArrayList<>(g.players());
                    more.add(player);
                    return g == least ? g.withPlayers(more) : g;
                })
                .toList());
    }

    // ---- what comes out ----

    private Run run(Optional<Signal> last) {
        Map<BlockId, LoggedBlock> logged = new LinkedHashMap<>();
        counted.forEach((id, c) -> logged.put(id, c.logged(id)));
        return new Run(
                session,
                plan,
                at,
                parts,
                index,
                elapsed,
                length(),
                paused,
                frozen,
                byItself,
                dueEnd,
                60.0 * session.minutes() - offset,
                Collections.unmodifiableMap(logged),
                Map.copyOf(calls),
                Collections.unmodifiableMap(new LinkedHashMap<>(attendance)),
                last);
    }
}
