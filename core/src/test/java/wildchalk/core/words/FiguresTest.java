package wildchalk.core.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.BallState;
import wildchalk.core.motion.Goals;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Coverage;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.GoalShape;
import wildchalk.core.text.LengthUnit;

/** Every figure beside a sentence is what the clock, the ball and the ground say, worked out here in another way. */
class FiguresTest {

    private static final double STEP = 0.005;
    /** The last half millimetre of a stop takes long. */
    private static final double ALMOST_METRES = 5e-4;

    static Stream<Drill> drills() {
        return Demo.everything();
    }

    /** Which figures a sentence of each kind must carry, and which it may. */
    private static void mustCarry(Move move, boolean happens, boolean ring, Set<Measure.Kind> there) {
        Set<Measure.Kind> must = !happens
                ? EnumSet.of(Measure.Kind.NEVER)
                : move.match(
                        t -> EnumSet.of(Measure.Kind.WAY, Measure.Kind.TIME),
                        p -> EnumSet.of(Measure.Kind.WAY),
                        s -> s.at().isPresent()
                                ? EnumSet.of(Measure.Kind.WAY)
                                : ring ? EnumSet.of(Measure.Kind.OUT) : EnumSet.of(Measure.Kind.OUT, Measure.Kind.OPEN),
                        u -> EnumSet.of(Measure.Kind.TIME),
                        a -> EnumSet.of(a.deed() instanceof OpenPlay ? Measure.Kind.ABOUT : Measure.Kind.TIME));
        assertTrue(there.containsAll(must), move + " carries " + there);
        if (happens && move instanceof Pass) {
            assertTrue(
                    there.contains(Measure.Kind.CAUGHT)
                            || there.contains(Measure.Kind.THERE)
                            || there.contains(Measure.Kind.LOST),
                    move + ": " + there);
        }
    }

    @ParameterizedTest
    @MethodSource("drills")
    void everyFigureIsTrue(Drill drill) {
        int looked = 0;
        for (Progression version : drill.progressions()) {
            for (var choices : Coverage.of(version, 60).choices()) {
                RunThrough run = RunThrough.of(drill, Path.of(version, choices));
                for (StepWords step : Words.of(run, LengthUnit.METRES).steps()) {
                    for (Sentence sentence : step.sentences()) {
                        check(run, sentence);
                        looked += sentence.measures().size();
                    }
                }
            }
        }
        assertTrue(looked > 0, "there are figures in " + drill.id());
    }

    private static void check(RunThrough run, Sentence sentence) {
        Move move = run.path().move(sentence.move()).orElseThrow();
        MoveSpan span = run.timeline().move(move.id());
        boolean ring = goal(run, move).filter(g -> g.shape() == GoalShape.RING).isPresent();
        mustCarry(
                move,
                span.happens(),
                ring,
                sentence.measures().stream().map(Measure::what).collect(Collectors.toSet()));
        for (Measure m : sentence.measures()) {
            if (span.happens()) {
                String what = run.drill().id() + " " + run.label() + " " + sentence.text() + " " + m;
                anew(run, move, span, m.what())
                        .ifPresent(v -> assertEquals(v, m.value(), 0.03 + 0.01 * Math.abs(v), what));
            }
        }
        delays(run, move, span, sentence);
    }

    private static Optional<GoalMouth> goal(RunThrough run, Move move) {
        return move instanceof Shot s ? Goals.find(run.path(), run.drill().surface(), s.goal()) : Optional.empty();
    }

    /** A figure in another way: from places and states of the ball, moment by moment. */
    private static Optional<Double> anew(RunThrough run, Move move, MoveSpan span, Measure.Kind what) {
        Timeline t = run.timeline();
        return switch (what) {
            case WAY ->
                move instanceof Travel
                        ? Optional.of(length(s -> t.poseAt(move.role(), s).at(), span.start(), span.end()))
                        : flying(t, move, span).map(b -> length(s -> t.ballAt(b, s), span.start(), landed(t, b, span)));
            case OUT -> flying(t, move, span).map(b -> length(s -> t.ballAt(b, s), span.start(), landed(t, b, span)));
            case CAUGHT -> flying(t, move, span).map(b -> held(t, b, span));
            case LOST -> flying(t, move, span).map(b -> landed(t, b, span));
            case THERE -> flying(t, move, span).map(b -> landed(t, b, span));
            case OPEN ->
                goal(run, move)
                        .map(g -> open(g, t.poseAt(move.role(), span.start()).at()));
            case TIME -> move instanceof Travel travel ? arrives(t, travel, span) : Optional.empty();
            case REACTION -> move.trigger().flatMap(w -> moment(t, w.event())).map(cue -> span.start() - cue);
            case ABOUT, DELAY, AHEAD, OFF, NOT_CAUGHT, NEVER -> Optional.empty();
        };
    }

    private static double length(DoubleFunction<Point> way, double from, double to) {
        double sum = 0;
        Point before = way.apply(from);
        for (double s = from + STEP; s < to; s += STEP) {
            Point here = way.apply(s);
            sum += before.distanceTo(here);
            before = here;
        }
        return sum + before.distanceTo(way.apply(Math.nextDown(to)));
    }

    /** The ball that starts to fly as the move releases it. */
    private static Optional<BallId> flying(Timeline t, Move move, MoveSpan span) {
        return t.ballIds().stream()
                .filter(b -> t.ballStates(b).stream()
                        .anyMatch(s -> s instanceof BallState.InFlight f
                                && Math.abs(f.start() - span.start()) < 1e-9
                                && f.flight()
                                        .from()
                                        .isWithin(
                                                0.01,
                                                t.poseAt(move.role(), span.start())
                                                        .at())))
                .findFirst();
    }

    private static double landed(Timeline t, BallId ball, MoveSpan span) {
        return t.ballStates(ball).stream()
                .filter(s -> s.start() > span.start() + 1e-9)
                .findFirst()
                .orElseThrow()
                .start();
    }

    private static double held(Timeline t, BallId ball, MoveSpan span) {
        return t.ballStates(ball).stream()
                .filter(s -> s.start() > span.start() + 1e-9 && s.holder().isPresent())
                .findFirst()
                .orElseThrow()
                .start();
    }

    /** By the cosine rule. */
    private static double open(GoalMouth g, Point from) {
        Point out = Point.polar(1, g.facingDegrees());
        if (from.minus(g.centre()).dot(out) <= 0) {
            return 0;
        }
        double a = from.distanceTo(g.leftPost());
        double b = from.distanceTo(g.rightPost());
        double c = g.widthMetres();
        return Math.toDegrees(Math.acos(Math.max(-1, Math.min(1, (a * a + b * b - c * c) / (2 * a * b)))));
    }

    /** How long until the last point is reached; unknown for circles, stops at the end, runs that something ends and those by others. */
    private static Optional<Double> arrives(Timeline t, Travel travel, MoveSpan span) {
        var last = travel.path().get(travel.path().size() - 1);
        if (travel.until().isPresent()
                || travel.follows().isPresent()
                || last.round().isPresent()
                || last.cut()
                || travel.path().size() > 1) {
            return Optional.empty();
        }
        double best = Double.MAX_VALUE;
        double when = Double.NaN;
        for (double s = span.start(); s < span.end() + 0.5; s += STEP) {
            double gap = t.poseAt(travel.role(), s).at().distanceTo(last.at());
            if (gap < best - ALMOST_METRES) {
                best = gap;
                when = s;
            }
        }
        return Optional.of(when - span.start());
    }

    /** What is said of a delay is what the clock has. */
    private static void delays(RunThrough run, Move move, MoveSpan span, Sentence sentence) {
        Optional<Double> cue = move.trigger().map(Trigger::event).flatMap(e -> moment(run.timeline(), e));
        List<Double> said = new ArrayList<>();
        sentence.measures().stream().filter(m -> m.what() == Measure.Kind.DELAY).forEach(m -> said.add(m.value()));
        if (sentence.text().contains("just after")) {
            assertTrue(said.get(0) >= 0.3 && said.get(0) < 1.25, sentence.text() + " " + said);
        }
        if (cue.isPresent() && span.happens()) {
            double since = span.start() - cue.get();
            String what = run.drill().id() + ": " + sentence.text() + " but " + since + " s by the clock";
            if (said.isEmpty()) {
                assertTrue(since <= 0.61 + span.reactionSeconds(), what);
            } else {
                assertEquals(since, said.get(0), 0.07, what);
            }
        }
    }

    /** When a moment comes, from places and states; empty for what this test does not know. */
    private static Optional<Double> moment(Timeline t, Event event) {
        if (event instanceof Event.Whistle) {
            return Optional.of(0.0);
        }
        return event.move().map(t::move).filter(MoveSpan::happens).flatMap(m -> {
            if (event instanceof Event.Starts) {
                return Optional.of(m.start());
            }
            return event instanceof Event.Caught ? t.caughtAt(m.move()) : Optional.of(m.end());
        });
    }
}
