package wildchalk.core.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wildchalk.core.arrange.Transforms;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.BranchId;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.ForkId;
import wildchalk.core.drill.Layout;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.OnBranch;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.ZoneId;
import wildchalk.core.drill.ZoneKind;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Symmetry;
import wildchalk.core.path.Choices;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.telling.Branching;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.Line;
import wildchalk.core.words.Words;

/** A rep that goes on by where the ball is won. */
class WhereWonTest {

    private static final ForkId FORK = new ForkId("f1");
    private static final String FAR = "far";

    /** Two fight for a ball that lies at a place; the zone is the part beyond x = 0. */
    private static Progression fight(double x) {
        Progression p = Drills.blank()
                .role("a", Side.ATTACK, x - 2, 0)
                .role("d", Side.DEFENCE, x + 2, 0)
                .ballAt(x, 0)
                .run("m0", "a", x - 0.6, 0)
                .run("m1", "d", x + 0.6, 0)
                .move(new Act(
                        new MoveId("m2"),
                        new RoleId("a"),
                        Optional.empty(),
                        false,
                        new Deed.Contest(Deed.Kind.LOOSE_BALL, List.of(new RoleId("d")), Optional.empty())))
                .progression();
        return p.withLayout(Layout.NONE.with(new MarkedZone(
                new ZoneId(FAR),
                "far half",
                ZoneKind.BOX,
                List.of(new Point(0, -10), new Point(20, -10), new Point(20, 10), new Point(0, 10)))));
    }

    private static Progression forked(double x) {
        return Branching.fork(fight(x), new StepId("s1"), Fork.By.PLACE);
    }

    private static RunThrough run(Progression p) {
        return Drills.run(p, AgeBand.ADULT);
    }

    private static BranchId taken(RunThrough run) {
        return run.path().course().forks().get(0).branches().get(0).id();
    }

    private static List<String> lines(RunThrough run) {
        return Words.of(run, LengthUnit.METRES).steps().stream()
                .flatMap(s -> s.lines().stream())
                .map(Line::text)
                .toList();
    }

    @Test
    void aForkByPlaceHasAWayForEachZoneAndOneForElsewhere() {
        Fork fork = forked(5).course().forks().get(0);
        assertEquals(
                List.of(Optional.of(FAR), Optional.empty()),
                fork.branches().stream().map(Branch::zone).toList());
        assertEquals(Optional.of(new MoveId("m2")), fork.decider());
        assertTrue(!Branching.canDecide(
                Drills.blank().role("a", Side.ATTACK, 0, 0).progression(),
                fight(5).steps().get(0),
                Fork.By.PLACE));
    }

    /** Whoever wins it, the way is that of the zone in which the ball is. */
    @ParameterizedTest
    @CsvSource({"5, true", "1, true", "-0.3, false", "-6, false"})
    void theWayIsThatOfTheZoneInWhichTheBallIsWon(double x, boolean far) {
        RunThrough run = run(forked(x));
        Fork fork = forked(x).course().forks().get(0);
        assertEquals(fork.branches().get(far ? 0 : 1).id(), taken(run));
        Whereabouts where = Whereabouts.of(
                        run.path(), run.timeline(), run.path().course().forks().get(0))
                .orElseThrow();
        assertTrue(where.at().isWithin(0.7, new Point(x, 0)), where.toString());
        String said = far ? "The ball is won in the far half." : "The ball is won outside the far half.";
        assertTrue(lines(run).contains(said), lines(run).toString());
    }

    /** Whoever wants to see the other way sees it, and is told what the clock would have. */
    @Test
    void whoChoosesTheOtherWayIsToldSo() {
        Progression p = forked(5);
        BranchId other = p.course().forks().get(0).branches().get(1).id();
        RunThrough run = RunThrough.of(Drills.drill(p, AgeBand.ADULT), Path.of(p, Choices.USUAL.with(FORK, other)));
        assertEquals(other, taken(run));
        assertTrue(
                lines(run).contains("By the clock the ball would be won in the far half."),
                lines(run).toString());
    }

    /** Mirrored, the zone lies on the other side and the rep goes the same way. */
    @Test
    void aMirroredDrillGoesTheSameWay() {
        for (Symmetry symmetry : Symmetry.values()) {
            for (double x : new double[] {5, -5}) {
                Progression p = forked(x);
                Progression mirrored = Transforms.all(p, Drills.HANDBALL, symmetry);
                assertEquals(taken(run(p)), taken(run(mirrored)), symmetry + " " + x);
            }
        }
    }

    /** A step that hangs on the way is only done on it. */
    @Test
    void whatHangsOnAWayIsDoneOnIt() {
        Progression p = forked(5);
        List<OnBranch> on = p.steps().stream().flatMap(s -> s.on().stream()).toList();
        assertEquals(2, on.size());
        assertEquals(2, run(p).path().steps().size());
    }
}
