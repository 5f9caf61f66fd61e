package wildchalk.core.session;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.GearKind;
import wildchalk.core.session.Proposal.Candidate;

/** Sessions out of a sketch: the rules hold or it is said which do not, and no other choice would have been better. */
class ProposalTest {

    private static final List<Drill> ALL = Demo.ids().stream().map(Demo::read).toList();
    private static final Simulations SIMULATIONS = new Simulations();

    private static Session blank() {
        return RandomSessions.blank(Optional.empty(), 14);
    }

    private static Sketch sketch(int minutes, int people, String... aims) {
        return new Sketch(List.of(aims), minutes, people, Kit.UNCOUNTED, true, Map.of(), 1);
    }

    private static Proposal propose(Sketch sketch) {
        return Proposal.of(blank(), sketch, ALL, Optional.empty(), SIMULATIONS);
    }

    private static List<SessionBlock> drills(Proposal p) {
        return p.session().blocks().stream()
                .filter(b -> b.what() instanceof What.Drilling)
                .toList();
    }

    @ParameterizedTest
    @ValueSource(ints = {15, 30, 45, 60, 75, 90, 120, 240})
    void theRulesHold(int minutes) {
        Proposal p = propose(sketch(minutes, 14, "crossing", "fast break"));
        SessionPlan plan = SessionPlan.of(
                p.session().withPeople(14),
                id -> ALL.stream().filter(d -> d.id().equals(id)).findFirst(),
                Optional.empty());
        assertTrue(plan.sums().slack() >= -0.05, "it fits: " + plan.sums().slack());
        Set<String> seen = new HashSet<>();
        drills(p)
                .forEach(b -> assertTrue(
                        seen.add(((What.Drilling) b.what())
                                .stations()
                                .get(0)
                                .drill()
                                .text()),
                        "no drill twice"));
        List<Clash.Kind> wrong = plan.clashes().stream().map(Clash::kind).toList();
        assertTrue(
                wrong.stream().noneMatch(k -> k == Clash.Kind.NO_WATER || k == Clash.Kind.TOO_FEW), wrong.toString());
        if (minutes >= 60) {
            assertEquals(List.of(), p.broken());
            assertTrue(p.reasons().stream().anyMatch(r -> r.aims().contains("crossing")));
            assertTrue(p.reasons().stream().anyMatch(r -> r.aims().contains("fast break")));
        } else if (p.broken().isEmpty()) {
            assertTrue(p.reasons().size() >= 2, "two aims, or it is said that there is no time for one");
        }
    }

    @Test
    void whatCannotBeKeptIsSaid() {
        Proposal knitting = propose(sketch(60, 14, "knitting", "crossing"));
        assertEquals(List.of(new Proposal.Broken(Proposal.Rule.NO_DRILL_FOR_AIM, "knitting")), knitting.broken());
        Proposal two = propose(sketch(60, 1, "crossing"));
        assertTrue(
                two.broken().contains(new Proposal.Broken(Proposal.Rule.NO_DRILL, "")),
                two.broken().toString());
        Proposal short20 = propose(sketch(22, 14, "crossing", "fast break"));
        assertTrue(
                short20.broken().stream().anyMatch(b -> b.rule() == Proposal.Rule.TOO_LITTLE_TIME),
                short20.broken().toString());
        Sketch noCones = new Sketch(
                List.of(), 60, 14, new Kit(Map.of(GearKind.CONE, 0, GearKind.POLE, 0), -1), true, Map.of(), 1);
        for (SessionBlock b : drills(propose(noCones))) {
            Drill drill = ALL.stream()
                    .filter(d -> d.id().equals(
                                    ((What.Drilling) b.what()).stations().get(0).drill()))
                    .findFirst()
                    .orElseThrow();
            assertTrue(
                    drill.base().gear().stream().noneMatch(g -> g.kind() == GearKind.CONE || g.kind() == GearKind.POLE),
                    drill.title());
        }
    }

    @Test
    void theSameSeedProposesTheSameAndOthersMayNot() {
        assertEquals(propose(sketch(60, 14)), propose(sketch(60, 14)));
        Set<String> drafts = new HashSet<>();
        for (long seed = 0; seed < 40; seed++) {
            drafts.add(drills(propose(sketch(35, 14).withSeed(seed))).toString());
        }
        assertNotEquals(1, drafts.size());
    }

    /** Of all sets of drills, each with as many minutes as are best for it, none is worth more. */
    @ParameterizedTest
    @ValueSource(ints = {30, 40, 60, 75})
    void nothingWouldHaveBeenBetter(int minutes) {
        Sketch sketch = sketch(minutes, 14, "crossing");
        List<Candidate> all = Proposal.candidates(blank(), sketch, ALL, SIMULATIONS);
        int best = 0;
        for (int set = 0; set < 1 << all.size(); set++) {
            List<Candidate> chosen = new ArrayList<>();
            for (int i = 0; i < all.size(); i++) {
                if ((set >> i & 1) == 1) {
                    chosen.add(all.get(i));
                }
            }
            boolean aim = chosen.stream().anyMatch(c -> c.aims().contains("crossing"));
            int room = Proposal.room(sketch, chosen.size()) - Proposal.LEAST * chosen.size();
            if (aim && room >= 0 && chosen.size() <= Proposal.MOST_DRILLS) {
                best = Math.max(best, filled(chosen, room));
            }
        }
        Proposal p = propose(sketch);
        int worth = 0;
        for (SessionBlock b : drills(p)) {
            int points = all.stream()
                    .filter(c -> c.drill()
                            .id()
                            .equals(((What.Drilling) b.what()).stations().get(0).drill()))
                    .mapToInt(Candidate::points)
                    .findFirst()
                    .orElseThrow();
            worth += points * (int) b.minutes();
        }
        assertEquals(best, worth);
    }

    /** The best drills get all they may, one after the other. */
    private static int filled(List<Candidate> chosen, int room) {
        int worth = 0;
        int left = room;
        for (Candidate c : chosen.stream()
                .sorted(Comparator.comparingInt(x -> -x.points()))
                .toList()) {
            int more = Math.min(left, Proposal.MOST - Proposal.LEAST);
            worth += c.points() * (Proposal.LEAST + more);
            left -= more;
        }
        return worth;
    }

    @Test
    void whatWasNotRunLatelyComesSooner() {
        Sketch plain = sketch(30, 14);
        String first = drills(propose(plain)).get(0).title();
        Drill often =
                ALL.stream().filter(d -> d.title().equals(first)).findFirst().orElseThrow();
        int with = points(plain, often);
        int lately = points(new Sketch(List.of(), 30, 14, Kit.UNCOUNTED, true, Map.of(often.id(), 2), 1), often);
        assertEquals(15, with - lately);
    }

    private static int points(Sketch sketch, Drill drill) {
        return Proposal.candidates(blank(), sketch, List.of(drill), SIMULATIONS)
                .get(0)
                .points();
    }
}
