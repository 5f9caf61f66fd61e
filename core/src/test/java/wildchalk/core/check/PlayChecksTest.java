package wildchalk.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.Demo;
import wildchalk.core.arrange.Transforms;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Symmetry;
import wildchalk.core.motion.Dash;
import wildchalk.core.motion.Flight;
import wildchalk.core.motion.Pace;
import wildchalk.core.runthrough.RunThrough;

/** How sides stand to each other: against closed forms, twins, and what must not matter. */
class PlayChecksTest {

    private static final Set<String> PLAY = Set.of(
            "help-unseen",
            "knows-script",
            "no-head-start",
            "spacing-closes",
            "gap-unused",
            "one-side",
            "one-end",
            "little-room");

    private static final RoleId D = new RoleId("d");
    private static final int TRIES = 60;

    private static Drill read(String name) throws IOException {
        return DrillFile.read(CheckPairsFolder.folder().resolve(name + DrillFile.SUFFIX))
                .value();
    }

    private static Drill with(Drill drill, RoleId role, Point at) {
        Progression base = drill.base();
        return drill.withProgression(base.with(base.role(role).orElseThrow().withAt(at)));
    }

    private static Optional<Finding> find(Drill drill, String rule) {
        return Checks.of(RunThrough.of(drill, drill.base())).stream()
                .filter(f -> f.rule().equals(rule))
                .findFirst();
    }

    private static List<String> said(Drill drill, boolean swapped) {
        List<String> all = new ArrayList<>();
        for (Progression p : drill.progressions()) {
            for (Finding f : Checks.of(RunThrough.of(drill, p))) {
                if (PLAY.contains(f.rule())) {
                    String name = !swapped || !f.rule().equals("one-side")
                            ? f.name()
                            : f.name().equals("left") ? "right" : "left";
                    all.add(f.rule() + f.about() + name);
                }
            }
        }
        return all;
    }

    /** Which way round a drill is drawn changes nothing but the side that it shoots from. */
    @ParameterizedTest
    @ValueSource(strings = {"ACROSS_LENGTH", "ACROSS_WIDTH"})
    void aMirroredDrillIsFoundTheSameWithItsSidesSwapped(String how) {
        Symmetry symmetry = Symmetry.valueOf(how);
        int found = 0;
        for (String id : Demo.ids()) {
            Drill drill = Demo.read(id);
            List<String> before = said(drill, true);
            found += before.size();
            assertEquals(before, said(Transforms.drill(drill, symmetry), false), id);
        }
        assertTrue(found > 10, "there is something to compare");
    }

    /** A helper who stands still: the angle is that of a triangle. */
    @Test
    void ballAndOwnPlayerAreAsFarApartAsTheTriangleSays() throws IOException {
        Drill drill = read("help-unseen.fault");
        Random random = new Random(5);
        int seen = 0;
        for (int i = 0; i < TRIES; i++) {
            Point at = new Point(2 + 8 * random.nextDouble(), -1 + 6 * random.nextDouble()).toMillimetres();
            Drill now = with(drill, D, at);
            RunThrough run = RunThrough.of(now, now.base());
            Optional<Finding> f = find(now, "help-unseen");
            if (f.isPresent()) {
                double t = f.get().atSeconds().orElseThrow();
                Point ball = run.timeline().placeAt(new RoleId("a"), t).minus(at);
                Point own = run.timeline().placeAt(new RoleId("b"), t).minus(at);
                double cosine = ball.dot(own) / ball.length() / own.length();
                double degrees = Math.toDegrees(Math.acos(cosine));
                assertEquals(degrees, f.get().figures().get(Quantity.DEGREES), 1e-6);
                assertTrue(degrees > 120, "the head has to turn");
                seen++;
            }
        }
        assertTrue(seen > 5 && seen < TRIES, seen + " of " + TRIES);
    }

    /** Whoever knows the drill, against a twin that tries every centimetre of the ball's way. */
    @Test
    void whoeverKnowsTheDrillIsThereAsATwinSays() throws IOException {
        Drill drill = read("knows-script.fault");
        Random random = new Random(11);
        int found = 0;
        for (int i = 0; i < TRIES; i++) {
            Drill now = with(
                    drill, D, new Point(-4 + 9 * random.nextDouble(), 2 + 8 * random.nextDouble()).toMillimetres());
            Optional<Finding> f = find(now, "knows-script");
            double twin = earlyByTwin(now);
            double said = f.map(x -> x.figures().get(Quantity.SECONDS)).orElse(Double.NaN);
            if (f.isPresent()) {
                assertEquals(twin, said, 0.05, i + "");
                found++;
            } else {
                assertTrue(!(twin > 0.35), i + ": " + twin);
            }
        }
        assertTrue(found > 5 && found < TRIES, found + " of " + TRIES);
    }

    /** Seconds in hand of who leaves as the step begins; none where leaving at the pass is soon enough. */
    private static double earlyByTwin(Drill drill) {
        RunThrough run = RunThrough.of(drill, drill.base());
        var pass = run.path().moves().get(1).id();
        Flight flight = run.timeline().flightOf(pass).orElseThrow();
        double leaves = run.timeline().move(pass).start();
        double caught = run.timeline().caughtAt(pass).orElseThrow();
        Pace pace = Pace.of(drill);
        Dash dash = Dash.of(pace, 1);
        Point at = drill.base().role(D).orElseThrow().at().orElseThrow();
        double length = flight.from().distanceTo(flight.to());
        double early = Double.NEGATIVE_INFINITY;
        for (double s = 1; s <= length - 1; s += 0.01) {
            Point place = flight.from().towards(flight.to(), s / length);
            double far = Math.max(0, at.distanceTo(place) - Pace.REACH_METRES);
            double runs = dash.seconds(new Point(0, 0), Point.ORIGIN, new Point(far, 0));
            double ball = leaves + (caught - leaves) * s / length;
            if (leaves + pace.callReactionSeconds(2) + runs <= ball) {
                return Double.NaN;
            }
            early = Math.max(early, ball - Math.max(0, leaves - 1.5) - runs);
        }
        return early;
    }

    /** Farther back costs what the dash says, and nothing else. */
    @Test
    void aChaserFartherBackIsThereLaterByHisDash() throws IOException {
        Drill drill = read("no-head-start.fault");
        Dash dash = Dash.of(Pace.of(drill), 1);
        Point spot = find(drill, "no-head-start").orElseThrow().where().orElseThrow();
        double before = Double.POSITIVE_INFINITY;
        for (double x = -1.5; x > -6; x -= 0.5) {
            Point from = new Point(x, 2);
            Optional<Finding> f = find(with(drill, D, from), "no-head-start");
            double shot = find(drill, "no-head-start").orElseThrow().atSeconds().orElseThrow();
            double spare = shot - dash.seconds(from, Point.ORIGIN, spot);
            assertEquals(spare >= 0.2, f.isPresent(), x + "");
            if (f.isPresent()) {
                double said = f.get().figures().get(Quantity.SECONDS);
                assertEquals(spare, said, 1e-6);
                assertTrue(said < before, "less and less");
                before = said;
            }
        }
    }
}
