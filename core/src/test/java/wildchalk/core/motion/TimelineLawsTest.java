package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.arrange.Transforms;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Trigger;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.Symmetry;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;

/** What holds for every drill, sense or nonsense. */
class TimelineLawsTest {

    private static final double ONE_CENTIMETRE = 0.01;

    static LongStream seeds() {
        return LongStream.range(0, 120);
    }

    private static Progression drill(long seed) {
        return RandomDrills.of(seed, 2 + (int) (seed % 7), 1 + (int) (seed % 4), 3 + (int) (seed % 19));
    }

    private static Surface surface(long seed) {
        return seed % 2 == 0 ? Drills.HANDBALL : Drills.ICE;
    }

    private static Timeline compile(long seed) {
        return Timeline.of(
                Path.usual(drill(seed)), surface(seed), Pace.of(AgeBand.values()[(int) (seed % 7)], surface(seed)));
    }

    @Test
    void everyTimelineEnds() {
        for (long seed = 0; seed < 3000; seed++) {
            Timeline t = compile(seed);
            assertTrue(t.seconds() < 3600, "seed " + seed + " lasts " + t.seconds() + " s");
            for (MoveSpan span : t.moves()) {
                assertTrue(Double.isFinite(span.end()) && span.end() >= span.start(), seed + ": " + span);
                assertTrue(Double.isFinite(span.metres()) && Double.isFinite(span.peakSpeed()), seed + ": " + span);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void compilingTwiceGivesTheSameBits(long seed) {
        Timeline a = compile(seed);
        Timeline b = compile(seed);
        assertEquals(a.moves(), b.moves());
        assertEquals(a.steps(), b.steps());
        assertEquals(a.happenings(), b.happenings());
        assertEquals(a.findings(), b.findings());
        for (double t = 0; t <= a.seconds(); t += 0.17) {
            for (RoleId role : a.roles()) {
                assertEquals(a.poseAt(role, t), b.poseAt(role, t));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aBallIsAlwaysInExactlyOneStateAndNeverJumps(long seed) {
        Timeline t = compile(seed);
        for (BallId ball : t.ballIds()) {
            List<BallState> states = t.ballStates(ball);
            assertEquals(0, states.get(0).start());
            for (int i = 1; i < states.size(); i++) {
                double at = states.get(i).start();
                assertTrue(at > states.get(i - 1).start(), "one state ends where the next begins");
                boolean pickedUp =
                        states.get(i - 1) instanceof BallState.Loose || states.get(i - 1) instanceof BallState.Dead;
                // who comes for a ball that was played to a spot takes it from an arm's length
                double reach = pickedUp ? Pace.HAND_OFF_METRES : ONE_CENTIMETRE;
                assertTrue(
                        t.ballAt(ball, at).distanceTo(t.ballAt(ball, Math.nextDown(at))) <= reach,
                        "ball " + ball + " jumps at " + at);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void nobodyJumpsOrIsFasterThanHeCan(long seed) {
        Progression drill = drill(seed);
        Timeline t = compile(seed);
        Pace pace = new Pace(
                AgeBand.values()[(int) (seed % 7)],
                surface(seed).medium(),
                surface(seed).sport());
        double dt = 0.02;
        for (var role : drill.roles()) {
            double fastest = role.pace() * pace.topSpeed(Manner.FORWARD, Effort.FLAT_OUT, false);
            for (double s = dt; s <= t.seconds() + dt; s += dt) {
                double moved = t.poseAt(role.id(), s)
                        .at()
                        .distanceTo(t.poseAt(role.id(), s - dt).at());
                assertTrue(moved <= fastest * dt + 1e-6, role.label() + " moves " + moved + " m at " + s);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aCaughtPassIsWhereItsReceiverIs(long seed) {
        Timeline t = compile(seed);
        for (Happening h : t.happenings()) {
            if (h.kind() == Happening.Kind.CAUGHT) {
                Flight flight = t.flightOf(h.move().orElseThrow()).orElse(null);
                if (flight != null) {
                    double away = flight.to()
                            .distanceTo(t.poseAt(h.role().orElseThrow(), h.seconds())
                                    .at());
                    boolean toSpot =
                            Path.usual(drill(seed)).move(h.move().orElseThrow()).orElseThrow() instanceof Pass p
                                    && p.to().match(r -> false, place -> true);
                    assertTrue(away <= (toSpot ? Pace.HAND_OFF_METRES : ONE_CENTIMETRE), h + " is " + away + " m away");
                }
            }
        }
    }

    /** When a moment came; the whistle for one that is no moment of a move. */
    private static double fired(Event event, Timeline t) {
        return event.move()
                .map(t::move)
                .map(m -> event instanceof Event.Starts ? m.start() : m.end())
                .orElse(0.0);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void noMoveStartsBeforeWhatItWaitsFor(long seed) {
        Progression drill = drill(seed);
        Timeline t = compile(seed);
        for (Move move : Path.usual(drill).moves()) {
            MoveSpan own = t.move(move.id());
            if (own.happens() && move.trigger().isPresent()) {
                Trigger trigger = move.trigger().get();
                double fired = fired(trigger.event(), t);
                assertTrue(own.start() >= fired + trigger.plusSeconds() - 1e-9, move.toString());
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whatNeverHappensIsExplained(long seed) {
        Progression drill = drill(seed);
        Timeline t = compile(seed);
        for (Move move : Path.usual(drill).moves()) {
            if (!t.move(move.id()).happens()) {
                assertTrue(
                        t.findings().stream().anyMatch(f -> f.moves().contains(move.id())),
                        "nothing is said about " + move);
            } else if (move instanceof Pass) {
                assertTrue(t.happenings().stream()
                        .anyMatch(h -> h.move().filter(move.id()::equals).isPresent()));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aMirroredDrillHasAMirroredTimeline(long seed) {
        Progression drill = drill(seed);
        for (Symmetry symmetry : Symmetry.values()) {
            Progression mirrored = Transforms.all(drill, surface(seed), symmetry);
            assertEquals(drill, Transforms.all(mirrored, surface(seed), symmetry), "twice gives it back");
            Timeline a = compile(seed);
            Timeline b = Timeline.of(
                    Path.usual(mirrored), surface(seed), Pace.of(AgeBand.values()[(int) (seed % 7)], surface(seed)));
            assertEquals(a.seconds(), b.seconds(), 1e-6);
            for (double s = 0; s <= a.seconds(); s += 0.31) {
                for (RoleId role : a.roles()) {
                    Pose p = a.poseAt(role, s);
                    Pose q = b.poseAt(role, s);
                    assertTrue(symmetry.apply(p.at()).isWithin(1e-4, q.at()), role + " at " + s);
                    if (p.speed() > 0.05) {
                        assertEquals(
                                0,
                                Headings.between(symmetry.applyToHeading(p.facingDegrees()), q.facingDegrees()),
                                1.5,
                                role + " looks at " + s);
                    }
                }
                for (BallId ball : a.ballIds()) {
                    assertTrue(symmetry.apply(a.ballAt(ball, s)).isWithin(1e-3, b.ballAt(ball, s)), "ball at " + s);
                }
            }
        }
    }
}
