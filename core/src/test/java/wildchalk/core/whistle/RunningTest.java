package wildchalk.core.whistle;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.Drill;
import wildchalk.core.log.Log;
import wildchalk.core.log.LoggedBlock;
import wildchalk.core.log.Presence;
import wildchalk.core.session.Beat;
import wildchalk.core.session.BlockId;
import wildchalk.core.session.Clash;
import wildchalk.core.session.Library;
import wildchalk.core.session.RandomSessions;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.session.Simulations;
import wildchalk.core.session.What;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.RandomSquads;
import wildchalk.core.squad.Squad;

/** A session that is run, on simulated time: worked by hand, and by laws that hold whatever is pressed. */
class RunningTest {

    private static final Drill LADDER = Demo.read("lantern-ladder");
    private static final Drill BACKS = Demo.read("crossing-backs");
    private static final Library LIBRARY =
            id -> List.of(LADDER, BACKS).stream().filter(d -> d.id().equals(id)).findFirst();
    private static final Squad SQUAD = RandomSquads.of(5, 12);
    private static final Simulations SIMULATIONS = new Simulations();

    static LongStream seeds() {
        return LongStream.range(0, 80);
    }

    private static Function<Session, SessionPlan> planner(Optional<Squad> squad) {
        Map<Session, SessionPlan> known = new HashMap<>();
        return s -> known.computeIfAbsent(s, x -> SessionPlan.of(x, LIBRARY, squad, SIMULATIONS));
    }

    /** Talk 3, game 10, water 2, talk 5: an hour given. */
    private static Session plain() {
        return RandomSessions.blank(Optional.empty(), 8)
                .withBlocks(List.of(
                        RandomSessions.plain("a", 3, What.Kind.TALK),
                        RandomSessions.plain("b", 10, What.Kind.GAME),
                        RandomSessions.plain("w", 2, What.Kind.WATER),
                        RandomSessions.plain("c", 5, What.Kind.TALK)));
    }

    private static Stamped at(double seconds, Signal signal) {
        return new Stamped(seconds, signal);
    }

    private static Run run(Session session, double now, Stamped... pressed) {
        return Running.at(session, 0, List.of(pressed), planner(Optional.empty()), now);
    }

    private static final BlockId A = new BlockId("a");
    private static final BlockId B = new BlockId("b");

    @Test
    void theClockCountsDownAndOver() {
        Run after = run(plain(), 200);
        assertEquals(-20, after.left());
        assertEquals(20, after.behind(), "it should have ended at 180");
        assertEquals(200 + 17 * 60, after.end());
        assertEquals(200 + 17 * 60 - 3600, after.over());
        assertEquals(Optional.empty(), run(plain().withBlocks(List.of()), 5).part());
    }

    @Test
    void whatIsPausedIsNoBlocksTime() {
        Run run = run(plain(), 100, at(10, new Signal.Pause()), at(60, new Signal.Resume()), at(90, new Signal.Next()));
        assertEquals(1, run.index());
        assertEquals(10, run.elapsed());
        assertEquals(40.0 / 60, run.counted().get(A).minutes(), 0.05);
        assertEquals(90 + 600 - (180 + 600), run.behind(), "ahead by what was left of the talk, less the pause");
    }

    @Test
    void byItselfOnePartFollowsTheOther() {
        Run run = run(plain(), 180 + 600 + 30, at(0, new Signal.ByItself(true)));
        assertEquals("w", run.part().orElseThrow().block().id().text());
        assertEquals(30, run.elapsed());
        assertEquals(0, run.behind());
        assertEquals(3, run.counted().get(A).minutes());
        assertEquals(10, run.counted().get(B).minutes());
        Run over = run(plain(), 5000, at(0, new Signal.ByItself(true)));
        assertTrue(over.part().isEmpty());
        assertEquals(5, over.counted().get(new BlockId("c")).minutes());
    }

    @Test
    void aMinuteMoreIsAMinuteBehindAndNoneIsLessThanHasGone() {
        assertEquals(60, run(plain(), 100, at(50, new Signal.Longer(1))).behind());
        Run less = run(plain(), 170, at(150, new Signal.Longer(-1)));
        assertEquals(150, less.length(), "not shorter than has gone by");
        assertEquals(-20, less.left());
    }

    @Test
    void talkIsCountedAndNoRepIsTimedAcrossIt() {
        Run run = run(
                plain(),
                400,
                at(180, new Signal.Next()),
                at(200, new Signal.Rep()),
                at(209.4, new Signal.Rep()),
                at(220, new Signal.Freeze()),
                at(221, new Signal.Asked("Where is the space?")),
                at(250, new Signal.Go()),
                at(260, new Signal.Rep()),
                at(268, new Signal.Rep()),
                at(270, new Signal.Scored("g1", "goal", 2)),
                at(271, new Signal.Scored("g1", "goal", 2)),
                at(272, new Signal.Scored("g2", "goal", 3)),
                at(273, new Signal.Undo()),
                at(280, new Signal.Noted("late to the catch")),
                at(281, new Signal.Tallied("good")));
        LoggedBlock b = run.counted().get(B);
        assertEquals(4, b.reps());
        assertEquals(List.of(9.4, 8.0), b.repSeconds());
        assertEquals(1, b.stops());
        assertEquals(30, b.talkSeconds());
        assertEquals(4, b.points("g1"));
        assertEquals(0, b.points("g2"), "taken back");
        assertEquals(List.of("Where is the space?"), b.asked());
        assertEquals(List.of("late to the catch"), b.notes());
        assertEquals(Map.of("good", 1), b.tallies());
    }

    @Test
    void howLateItBeganCountsUnlessItIsAnotherDay() {
        Run late = Running.at(plain(), 240, List.of(), planner(Optional.empty()), 0);
        assertEquals(240, late.behind());
        assertEquals(3600 - 240, late.hallEnd());
        Run other = Running.at(plain(), 90_000, List.of(), planner(Optional.empty()), 0);
        assertEquals(0, other.behind());
        assertEquals(3600, other.hallEnd());
    }

    @Test
    void aNewPlanChangesWhatIsToComeAndNothingElse() {
        Signal plan = new Signal.Replanned(Map.of(new BlockId("w"), 2.0, new BlockId("c"), 1.5));
        Run run = run(plain(), 300, at(180, new Signal.Next()), at(240, plan));
        assertEquals(
                List.of("a", "b", "w", "c"),
                run.parts().stream().map(p -> p.block().id().text()).toList());
        assertEquals(90, run.parts().get(3).seconds());
        assertEquals(600, run.length());
        Run out = run(plain(), 300, at(240, new Signal.Replanned(Map.of(new BlockId("c"), 5.0))));
        assertEquals(
                List.of("a", "c"),
                out.parts().stream().map(p -> p.block().id().text()).toList());
        Run undone = run(
                plain(), 300, at(240, new Signal.Replanned(Map.of(new BlockId("c"), 5.0))), at(250, new Signal.Undo()));
        assertEquals(run(plain(), 300), undone, "as if it had never been pressed");
    }

    @Test
    void theHallClosesEarlier() {
        assertEquals(3600 - 720, run(plain(), 10, at(5, new Signal.Lost(12))).hallEnd());
    }

    @Test
    void shiftsGoOnAndOffByTheClock() {
        Session s = plain().withBlocks(List.of(
                RandomSessions.plain("b", 10, What.Kind.GAME).withBeat(Optional.of(new Beat(40, 40, 20)))));
        assertEquals(new BeatNow(1, true, 15), run(s, 25).beat().orElseThrow());
        assertEquals(new BeatNow(1, false, 5), run(s, 55).beat().orElseThrow());
        assertEquals(new BeatNow(3, true, 39), run(s, 121).beat().orElseThrow());
        Beat drawn = new Beat(20, 40, 0);
        List<Double> lengths = new ArrayList<>();
        for (double t = 0; t < 600; t += lengths.get(lengths.size() - 1)) {
            lengths.add(BeatNow.of(drawn, t, 7).leftSeconds());
        }
        assertTrue(lengths.stream().allMatch(l -> l >= 20 - 1e-9 && l <= 40 + 1e-9), "within its bounds " + lengths);
        assertTrue(new LinkedHashSet<>(lengths).size() > 3, "and not always the same");
    }

    @Test
    void whatComesIsHeardOnce() {
        Session s = plain().withBlocks(List.of(
                RandomSessions.plain("b", 3, What.Kind.GAME).withBeat(Optional.of(new Beat(50, 50, 10))),
                RandomSessions.plain("c", 5, What.Kind.TALK)));
        List<String> heard = new ArrayList<>();
        Run before = run(s, 0, at(0, new Signal.ByItself(true)));
        for (int tenth = 1; tenth < 10 * 8 * 60; tenth++) {
            Run now = run(s, tenth / 10.0, at(0, new Signal.ByItself(true)));
            for (Cue cue : Cue.between(before, now)) {
                heard.add(cue + "@" + Math.round(now.now()));
            }
            before = now;
        }
        assertEquals(
                List.of(
                        "REST@50",
                        "SHIFT@60",
                        "REST@110",
                        "LAST_MINUTE@120",
                        "SHIFT@120",
                        "REST@170",
                        "PART@180",
                        "LAST_MINUTE@420"),
                heard);
    }

    @Test
    void whoComesLateIsInTheSmallestGroupAndInTheLog() {
        Session s = RandomSessions.blank(Optional.of(SQUAD), 0)
                .withGroups(RandomSessions.groups(SQUAD, 2))
                .withBlocks(plain().blocks());
        PlayerId first = SQUAD.players().get(0).id();
        PlayerId second = SQUAD.players().get(1).id();
        s = s.withAbsent(List.of(first))
                .withGroups(s.groups().stream()
                        .map(g -> g.withPlayers(g.players().stream()
                                .filter(p -> !p.equals(first))
                                .toList()))
                        .toList());
        List<Stamped> pressed = List.of(at(400, new Signal.Came(first)), at(900, new Signal.Gone(second)));
        Run run = Running.at(s, 0, pressed, planner(Optional.of(SQUAD)), 1000);
        assertEquals(
                1,
                run.session().groups().stream()
                        .filter(g -> g.players().contains(first))
                        .count());
        assertTrue(run.session().groups().get(0).players().contains(first), "that with fewer");
        assertTrue(run.plan().present().contains(first));
        assertFalse(run.plan().present().contains(second));
        Log log = RunLog.of(s, run);
        assertEquals(Presence.LATE, log.attendance().get(first));
        assertEquals(Presence.LEFT, log.attendance().get(second));
    }

    // ---- whatever is pressed ----

    private static List<Stamped> random(Session session, long seed) {
        Random random = new Random(seed);
        List<Stamped> pressed = new ArrayList<>();
        double t = 0;
        List<PlayerId> all = SQUAD.players().stream().map(p -> p.id()).toList();
        for (int i = 0; i < 5 + random.nextInt(40); i++) {
            t += random.nextInt(1200) / 10.0;
            Signal signal =
                    switch (random.nextInt(16)) {
                        case 0 -> new Signal.Pause();
                        case 1 -> new Signal.Resume();
                        case 2, 3, 4 -> new Signal.Next();
                        case 5 -> new Signal.Longer(random.nextInt(5) - 2);
                        case 6 -> new Signal.Rep();
                        case 7 -> new Signal.Freeze();
                        case 8 -> new Signal.Go();
                        case 9 -> new Signal.Scored("g1", "goal", 1 + random.nextInt(3));
                        case 10 -> new Signal.Came(all.get(random.nextInt(all.size())));
                        case 11 -> new Signal.Gone(all.get(random.nextInt(all.size())));
                        case 12 -> new Signal.Undo();
                        case 13 -> new Signal.ByItself(random.nextBoolean());
                        case 14 -> new Signal.Lost(random.nextInt(10) - 2);
                        default -> {
                            Map<BlockId, Double> minutes = new HashMap<>();
                            session.blocks().forEach(b -> {
                                if (random.nextInt(4) > 0) {
                                    minutes.put(b.id(), 0.5 + random.nextInt(12));
                                }
                            });
                            yield new Signal.Replanned(minutes);
                        }
                    };
            pressed.add(at(t, signal));
        }
        return pressed;
    }

    private static Session session(long seed) {
        return RandomSessions.of(seed, SQUAD, List.of(LADDER, BACKS));
    }

    /** Minutes are those that went by while no change-over ran and nothing stood; nobody is there twice or lost. */
    @ParameterizedTest
    @MethodSource("seeds")
    void minutesAndPeopleAreConserved(long seed) {
        Session session = session(seed);
        List<Stamped> pressed = random(session, seed);
        Function<Session, SessionPlan> planner = planner(Optional.of(SQUAD));
        double end = pressed.get(pressed.size() - 1).at() + 300;
        Run last = Running.at(session, 0, pressed, planner, end);
        double stepped = 0;
        Set<Integer> meant = kept(pressed);
        List<Stamped> only = new ArrayList<>();
        for (int i = 0; i < pressed.size(); i++) {
            if (meant.contains(i)) {
                only.add(pressed.get(i));
            }
        }
        assertEquals(last, Running.at(session, 0, only, planner, end), "what was taken back was never pressed");
        double total = last.counted().values().stream()
                .mapToDouble(LoggedBlock::minutes)
                .sum();
        assertTrue(total * 60 <= end + 3.1 * session.blocks().size(), "no more than went by");
        for (LoggedBlock b : last.counted().values()) {
            assertTrue(b.talkSeconds() <= end + 1);
            stepped += b.minutes();
        }
        assertEquals(total, stepped, 1e-9);
        assertTrue(last.index() >= 0 && last.index() <= last.parts().size());
        List<PlayerId> present = last.plan().present();
        assertEquals(present.size(), new LinkedHashSet<>(present).size());
        Set<PlayerId> grouped = new LinkedHashSet<>();
        last.session().groups().forEach(g -> g.players().forEach(p -> assertTrue(grouped.add(p), "in two groups")));
        assertTrue(last.attendance().keySet().containsAll(session.absent()), "whoever was absent is in the attendance");
        Log log = RunLog.of(session, last);
        session.blocks().forEach(b -> assertEquals(1, log.of(b.id()).size(), "each block once in the log"));
    }

    /** A twin for taking back: each undo drops the latest that is still there. */
    private static Set<Integer> kept(List<Stamped> pressed) {
        List<Integer> stack = new ArrayList<>();
        for (int i = 0; i < pressed.size(); i++) {
            if (!(pressed.get(i).signal() instanceof Signal.Undo)) {
                stack.add(i);
            } else if (!stack.isEmpty()) {
                stack.remove(stack.size() - 1);
            }
        }
        return new LinkedHashSet<>(stack);
    }

    /** Looked at every second or once: it comes to the same. */
    @ParameterizedTest
    @MethodSource("seeds")
    void lookingChangesNothing(long seed) {
        Session session = session(seed);
        List<Stamped> pressed = random(session, seed).stream().limit(12).toList();
        Function<Session, SessionPlan> planner = planner(Optional.of(SQUAD));
        double end = pressed.get(pressed.size() - 1).at() + 60;
        double unpaused = 0;
        Run before = Running.at(session, 0, List.of(), planner, 0);
        for (double t = 1; t <= end; t++) {
            double now = t;
            List<Stamped> until = pressed.stream().filter(s -> s.at() <= now).toList();
            Run run = Running.at(session, 0, until, planner, now);
            boolean undone = until.stream().anyMatch(s -> s.signal() instanceof Signal.Undo);
            if (!undone && run.index() == before.index() && run.parts().equals(before.parts())) {
                double grew = run.elapsed() - before.elapsed();
                assertTrue(grew >= -1e-9 && grew <= 1 + 1e-9, "the clock goes on evenly: " + grew + " at " + t);
            }
            unpaused += 1;
            before = run;
        }
        assertTrue(unpaused >= before.elapsed() - 1e-6);
    }

    /** What is offered when it is too late keeps water and what must stay, and fits. */
    @ParameterizedTest
    @MethodSource("seeds")
    void aRescueFitsAndKeepsWhatMustStay(long seed) {
        Session session = session(seed);
        Random random = new Random(seed);
        Function<Session, SessionPlan> planner = planner(Optional.of(SQUAD));
        double planned = planner.apply(session).sums().planned();
        int given = (int) Math.max(4, Math.ceil(planned));
        session = session.withMinutes(Math.min(480, given));
        List<Stamped> pressed = new ArrayList<>();
        double t = 0;
        for (int i = 0; i < random.nextInt(3); i++) {
            t += 60 + random.nextInt(600);
            pressed.add(at(t, new Signal.Next()));
        }
        pressed.add(at(t, new Signal.Lost(1 + random.nextInt(15))));
        Run run = Running.at(session, 0, pressed, planner, t + 5);
        Optional<Rescue> rescue = Rescue.of(run, LIBRARY, Optional.of(SQUAD), SIMULATIONS);
        if (rescue.isEmpty()) {
            return;
        }
        pressed.add(at(t + 5, rescue.get().signal()));
        Run then = Running.at(session, 0, pressed, planner, t + 5);
        assertTrue(then.over() <= 30 + 1e-6, "it fits: " + then.over());
        boolean comes = !run.part().orElseThrow().isChange()
                || rescue.get()
                        .signal()
                        .minutes()
                        .containsKey(run.part().get().block().id());
        assertEquals(
                comes,
                then.part()
                        .orElseThrow()
                        .block()
                        .id()
                        .equals(run.part().get().block().id()),
                "what runs goes on; what a change-over leads to comes, unless it is left out");
        for (Part part : run.later()) {
            boolean stays = part.block().isWater() || part.block().must();
            if (stays && !part.isChange()) {
                assertTrue(
                        then.parts().subList(then.index(), then.parts().size()).stream()
                                .anyMatch(p -> !p.isChange()
                                        && p.block().id().equals(part.block().id())
                                        && Math.abs(p.seconds() - part.seconds()) < 1e-6),
                        part.block().id() + " stays as it was");
            }
        }
        assertTrue(
                then.plan().clashes().stream()
                        .filter(c -> c.kind().isGrave() && c.kind() != Clash.Kind.OVER_TIME)
                        .allMatch(c -> run.plan().clashes().stream().anyMatch(b -> b.kind() == c.kind())),
                "nothing grave is new");
    }
}
