package wildchalk.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.drill.Accepted;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.Weight;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Flaw;
import wildchalk.core.finding.Quantity;
import wildchalk.core.finding.Severity;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.RandomDrills;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.FindingWriter;

/** What is offered to mend a finding mends it, and what was accepted stays away until it gets worse. */
class RemediesTest {

    static LongStream seeds() {
        return LongStream.range(0, 120);
    }

    private static RunThrough run(Progression version) {
        return Drills.run(version, AgeBand.U16);
    }

    private static List<String> kinds(Progression version, String rule) {
        return kinds(run(version), rule);
    }

    private static List<String> kinds(RunThrough run, String rule) {
        Finding finding = Checks.of(run).stream()
                .filter(f -> f.rule().equals(rule))
                .findFirst()
                .orElseThrow();
        return Remedies.of(run, finding).stream().map(Remedy::kind).toList();
    }

    /** On any drill: with what is offered the finding is gone, nothing graver has come, and the offer can be read. */
    @ParameterizedTest
    @MethodSource("seeds")
    void whatIsOfferedHelps(long seed) {
        RunThrough run = run(RandomDrills.of(seed, 4, 3, 9));
        FindingWriter writer = new FindingWriter(run, LengthUnit.METRES);
        List<Finding> before = Checks.of(run);
        for (Finding f : before.stream().limit(4).toList()) {
            for (Remedy remedy : Remedies.of(run, f)) {
                Progression after = remedy.change().apply(run.version());
                List<Finding> left = Checks.of(run(after));
                assertTrue(left.stream().noneMatch(g -> same(f, g)), remedy.kind() + " leaves " + f);
                left.stream()
                        .filter(g -> g.severity() != Severity.NOTE)
                        .forEach(g ->
                                assertTrue(before.stream().anyMatch(b -> same(b, g)), remedy.kind() + " brings " + g));
                String words = writer.mend(remedy);
                assertFalse(words.contains("{") || words.contains("mend."), words);
            }
        }
    }

    private static boolean same(Finding a, Finding b) {
        return a.rule().equals(b.rule())
                && a.about().equals(b.about())
                && a.name().equals(b.name());
    }

    private static final int SEEN_OFTEN = 5;

    @Test
    void almostEveryFindingOfRandomDrillsHasARemedy() {
        Set<String> without = new TreeSet<>();
        Set<String> with = new HashSet<>();
        Map<String, Integer> seen = new HashMap<>();
        for (long seed = 0; seed < 300; seed++) {
            RunThrough run = run(RandomDrills.of(seed, 4, 3, 9));
            for (Finding f : Checks.of(run).stream().limit(3).toList()) {
                seen.merge(f.rule(), 1, Integer::sum);
                (Remedies.of(run, f).isEmpty() ? without : with).add(f.rule());
            }
        }
        without.removeAll(with);
        // a rule that comes up a few times may have come up only where nothing helps
        without.removeIf(rule -> seen.get(rule) < SEEN_OFTEN);
        assertEquals(Set.of(), without, "rules without any remedy");
    }

    @Test
    void aBallIsGivenOnlyWhereItHelps() {
        Progression bare = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("b", Side.ATTACK, 6, 0)
                .pass("m1", "a", "b")
                .progression();
        assertEquals("give-ball", kinds(bare, "no-ball").get(0));
    }

    @Test
    void aPassThatFallsShortIsPlayedHarderOrThroughTheAir() {
        Pass soft = new Pass(
                new MoveId("m1"),
                new RoleId("a"),
                Optional.empty(),
                false,
                new Target.ToPlace(new Point(6, 0), Optional.empty()),
                PassKind.GROUND,
                Weight.SOFT,
                false,
                Optional.empty());
        Progression version = Drills.blank()
                .role("a", Side.ATTACK, -19, 0)
                .ballWith("a")
                .move(soft)
                .progression();
        // 25 m are too far for a child who rolls it softly
        assertTrue(kinds(Drills.run(version, AgeBand.U8), "pass-too-soft").contains("play-weight"));
    }

    @Test
    void aCircleIsOpenedAtEitherMove() {
        Progression round = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("b", Side.ATTACK, 0, 5)
                .run("m1", "a", Trigger.withStartOf(new MoveId("m2"), 0), 5, 0)
                .run("m2", "b", Trigger.withStartOf(new MoveId("m1"), 0), 5, 5)
                .progression();
        assertEquals(List.of("with-its-step", "with-its-step", "take-out", "take-out"), kinds(round, "circle"));
    }

    // ---- accepted ----

    private static final Finding LATE = Finding.of(Flaw.warn("area-pass-late"), new MoveId("m1"), new RoleId("a"))
            .with(Quantity.SECONDS, 1.0)
            .with(Quantity.METRES, 3);

    private static Drill accepting(Finding finding) {
        Progression version = Drills.blank().role("a", Side.ATTACK, 0, 0).progression();
        Drill drill = Drills.drill(version, AgeBand.U16);
        return drill.withAccepted(List.of(Acceptance.of(finding, version.id(), "it is a race")));
    }

    private static boolean isAccepted(Drill drill, Finding finding) {
        return Acceptance.in(drill, drill.base().id(), finding).isPresent();
    }

    @Test
    void anAcceptedFindingComesBackWhenAFigureIsWorseByMoreThanATenth() {
        Drill drill = accepting(LATE);
        assertTrue(isAccepted(drill, LATE));
        assertTrue(isAccepted(drill, LATE.with(Quantity.SECONDS, 1.1)));
        assertFalse(isAccepted(drill, LATE.with(Quantity.SECONDS, 1.102)));
        assertTrue(isAccepted(drill, LATE.with(Quantity.METRES, 1)), "better is no other matter");
    }

    @Test
    void anotherRuleAnotherElementAndAnotherVersionAreOtherMatters() {
        Drill drill = accepting(LATE);
        Finding early = Finding.of(Flaw.warn("area-pass-early"), LATE.about());
        assertFalse(isAccepted(drill, early));
        assertFalse(isAccepted(
                drill,
                Finding.of(LATE.flaw(), new MoveId("m2"), new RoleId("a"))
                        .with(Quantity.SECONDS, 1.0)
                        .with(Quantity.METRES, 3)));
        assertFalse(Acceptance.in(drill, new ProgressionId("second"), LATE).isPresent());
    }

    @Test
    void aCountIsAcceptedAsItIs() {
        Finding few = Finding.of(Flaw.warn("limit-passes"), new MoveId("m1"))
                .with(Quantity.COUNT, 2)
                .with(Quantity.LIMIT, 3);
        Drill drill = accepting(few);
        assertTrue(isAccepted(drill, few));
        assertFalse(isAccepted(drill, few.with(Quantity.COUNT, 1)));
    }

    @Test
    void whatIsAcceptedIsNotShownAndGoesWithItsVersion() {
        Progression bare = Drills.blank()
                .role("a", Side.ATTACK, 0, 0)
                .role("b", Side.ATTACK, 6, 0)
                .pass("m1", "a", "b")
                .progression();
        RunThrough run = run(bare);
        Finding noBall = Checks.of(run).get(0);
        Accepted reason = Acceptance.of(noBall, bare.id(), "the coach throws one in");
        Drill drill = run.drill().withAccepted(List.of(reason));
        assertEquals(List.of(), Checks.open(RunThrough.of(drill, bare)));
        Everywhere all = Everywhere.of(drill);
        assertEquals(List.of(), all.found());
        assertEquals(1, all.accepted().size());
        Progression other = bare.withId(new ProgressionId("other"));
        assertEquals(List.of(), drill.withProgressions(List.of(other)).accepted());
        assertEquals(Map.of(), reason.figures());
    }
}
