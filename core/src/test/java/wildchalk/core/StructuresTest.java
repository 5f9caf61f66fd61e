package wildchalk.core;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.arrange.Transforms;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.binder.Schemas;
import wildchalk.core.check.Checks;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.BranchId;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.ForkId;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.Travel;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Severity;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Symmetry;
import wildchalk.core.motion.BallState;
import wildchalk.core.motion.Happening;
import wildchalk.core.motion.HeadCounts;
import wildchalk.core.motion.Launches;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Choices;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Way;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.Texts;
import wildchalk.core.words.Phrase;
import wildchalk.core.words.SlotKind;
import wildchalk.core.words.TalkThrough;
import wildchalk.core.words.Words;

/** Ten ways in which coaches tell a drill; each has to be possible, on every version and every path. */
class StructuresTest {

    private static Path folder() {
        try {
            return Path.of(StructuresTest.class.getResource("/structures").toURI());
        } catch (URISyntaxException e) {
            throw new IllegalStateException(e);
        }
    }

    static List<Path> files() throws IOException {
        try (Stream<Path> all = Files.list(folder())) {
            return all.sorted().toList();
        }
    }

    private static Drill read(String id) throws IOException {
        return DrillFile.read(folder().resolve(id + DrillFile.SUFFIX)).value();
    }

    private static Progression version(Drill drill, String id) {
        return drill.progression(new ProgressionId(id)).orElseThrow();
    }

    private static wildchalk.core.path.Path path(Drill drill, String... outcomes) {
        Choices choices = Choices.USUAL;
        for (String o : outcomes) {
            choices = Outcomes.choosing(drill.base(), choices, o).orElseThrow();
        }
        return wildchalk.core.path.Path.of(drill.base(), choices);
    }

    private static MoveId move(String id) {
        return new MoveId(id);
    }

    private static RoleId role(String id) {
        return new RoleId(id);
    }

    private static List<Finding> seriousIn(RunThrough run) {
        return Checks.of(run).stream()
                .filter(f -> f.severity() != Severity.NOTE)
                .toList();
    }

    @ParameterizedTest
    @MethodSource("files")
    void everyVersionAndPathFitsTheSchemaHappensWholeAndHasWords(Path file) throws IOException {
        assertEquals(List.of(), Schemas.check(file));
        Drill drill = DrillFile.read(file).value();
        for (Progression version : drill.progressions()) {
            for (Way way : Outcomes.ways(version)) {
                wildchalk.core.path.Path path = wildchalk.core.path.Path.of(version, way.choices());
                RunThrough run = RunThrough.of(drill, path);
                Timeline t = run.timeline();
                String where = file.getFileName() + " " + version.id() + " " + way.label();
                assertEquals(List.of(), seriousIn(run), where);
                assertTrue(t.moves().stream().allMatch(m -> m.happens()), where);
                assertTrue(t.seconds() > 1 && t.seconds() < 90, where + " lasts " + t.seconds() + " s");
                TalkThrough talk = Words.of(drill, path, t);
                talk.steps()
                        .forEach(s ->
                                s.sentences().forEach(w -> assertFalse(w.text().contains("{"), w.text())));
            }
        }
    }

    @Test
    void rimAndRedirect() throws IOException {
        Drill drill = read("lamp-rim");
        Timeline near = Timeline.of(drill, wildchalk.core.path.Path.usual(version(drill, "near")));
        double caught = near.move(move("m1")).end();
        assertTrue(near.move(move("m3")).start() >= caught + 0.1 - 1e-9);
        // the centre stays below the puck until the winger has played it
        for (double t = 0; t < near.move(move("m3")).start(); t += 0.1) {
            assertTrue(near.poseAt(role("c"), t).at().x() > 20, "at " + t);
        }
        assertTrue(near.flightOf(move("m3")).orElseThrow().path().stream().anyMatch(p -> Math.abs(p.y() - 15) < 1e-6));
        // the far side is the mirror of the near side, to the second
        Progression mirrored = Transforms.all(version(drill, "near"), drill.surface(), Symmetry.ACROSS_WIDTH);
        Timeline far = Timeline.of(drill, wildchalk.core.path.Path.usual(version(drill, "far")));
        assertEquals(
                far.seconds(),
                Timeline.of(drill, wildchalk.core.path.Path.usual(mirrored)).seconds(),
                1e-6);
        Timeline pinch = Timeline.of(drill, wildchalk.core.path.Path.usual(version(drill, "pinch")));
        assertTrue(pinch.poseAt(role("x"), 3.2).at().isWithin(0.5, new Point(18.5, 13.2)), "he pinches");
        List<String> changes = Words.changes(drill, version(drill, "pinch"), LengthUnit.METRES);
        assertTrue(changes.stream().anyMatch(c -> c.contains("straight back to D")), changes.toString());
    }

    @Test
    void twoDiagonalLines() throws IOException {
        Drill drill = read("cross-tide");
        Timeline t = Timeline.of(drill, wildchalk.core.path.Path.usual(drill.base()));
        // both start together and do the same, each towards the other's line
        for (double s = 0; s < t.seconds(); s += 0.5) {
            Point a = t.poseAt(role("a"), s).at();
            Point b = t.poseAt(role("b"), s).at();
            assertTrue(a.isWithin(0.05, new Point(-b.x(), -b.y())), "at " + s + ": " + a + " " + b);
        }
        assertTrue(t.poseAt(role("a"), t.seconds())
                        .at()
                        .distanceTo(drill.base().lines().get(1).at())
                < 4);
        double backward = t.move(move("a3")).start() + 0.5;
        Point way = t.poseAt(role("a"), backward + 0.1)
                .at()
                .minus(t.poseAt(role("a"), backward).at());
        assertTrue(way.dot(Point.polar(1, t.poseAt(role("a"), backward).facingDegrees())) < 0, "he skates backward");
    }

    @Test
    void continuousBreak() throws IOException {
        Drill drill = read("causeway-break");
        Timeline t = Timeline.of(drill, wildchalk.core.path.Path.usual(drill.base()));
        List<Happening.Kind> kinds =
                t.happenings().stream().map(Happening::kind).toList();
        int scored = kinds.indexOf(Happening.Kind.AT_GOAL);
        assertEquals(Happening.Kind.PICKED_UP, kinds.get(scored + 1), "taken out of the basket");
        assertEquals(Happening.Kind.AT_GOAL, kinds.get(kinds.size() - 1), "and scored at the other end");
        double cross = t.move(move("m6")).end();
        assertTrue(
                t.poseAt(role("lw"), cross).at().x()
                        > t.poseAt(role("rw"), cross).at().x(),
                "LW goes below RW");
        assertEquals(Optional.of(t.seconds()), Launches.period(wildchalk.core.path.Path.usual(drill.base()), t));
    }

    @Test
    void twoWingsAndOneForALooseBall() throws IOException {
        Drill drill = read("ground-ball-wings");
        assertNumbers(drill, path(drill, "pair", "goal"), "s2", 5, 4, HeadCounts.Direction.RIGHT);
        assertNumbers(drill, path(drill, "single"), "s5", 4, 3, HeadCounts.Direction.LEFT);
        assertNumbers(drill, path(drill, "pair", "rebound"), "s4", 6, 5, HeadCounts.Direction.RIGHT);
        wildchalk.core.path.Path save = path(drill, "pair", "save");
        Timeline t = Timeline.of(drill, save);
        assertTrue(t.happenings().stream().anyMatch(h -> h.kind() == Happening.Kind.SAVED));
        assertEquals(
                HeadCounts.Direction.LEFT,
                HeadCounts.of(save, drill.surface(), t)
                        .of(new StepId("s3"))
                        .orElseThrow()
                        .direction());
        assertEquals(4, Outcomes.ways(drill.base()).size());
    }

    private static void assertNumbers(
            Drill drill, wildchalk.core.path.Path path, String step, int with, int against, HeadCounts.Direction way) {
        HeadCounts counts = HeadCounts.of(path, drill.surface(), Timeline.of(drill, path));
        assertEquals(Optional.of(new HeadCounts.Count(with, against, way)), counts.of(new StepId(step)), step);
    }

    @Test
    void roundTheSquare() throws IOException {
        Drill drill = read("buoy-square");
        List<Point> corners = new ArrayList<>();
        Timeline t = Timeline.of(drill, wildchalk.core.path.Path.usual(version(drill, "base")));
        t.ballStates(new BallId("ball")).stream()
                .filter(s -> s instanceof BallState.Loose)
                .forEach(s -> corners.add(t.ballAt(new BallId("ball"), s.start())));
        assertEquals(4, corners.size(), "put down at four corners");
        for (Point c : corners) {
            assertEquals(5, Math.abs(c.x()), 0.3);
            assertEquals(5, Math.abs(c.y()), 0.3);
        }
        Progression defended = version(drill, "defended");
        assertEquals(2, defended.roles().size() - version(drill, "base").roles().size());
    }

    @Test
    void passAgainAndPressFromInside() throws IOException {
        Drill drill = read("slip-press");
        Timeline t = Timeline.of(drill, wildchalk.core.path.Path.usual(drill.base()));
        double goes = t.move(move("m5")).start() - t.move(move("m5")).reactionSeconds();
        assertEquals(
                7,
                t.poseAt(role("x"), goes)
                        .at()
                        .distanceTo(t.poseAt(role("a"), goes).at()),
                0.05,
                "as the presser comes near");
        assertTrue(
                t.poseAt(role("a"), goes + 2).at().y()
                        > t.poseAt(role("a"), goes).at().y() + 1,
                "he goes wide");
        assertEquals(3, drill.base().balls().size());
    }

    @Test
    void theRunnerTakesTheGapsThatAreCalled() throws IOException {
        Drill drill = read("counting-runner");
        List<Way> ways = Outcomes.ways(drill.base());
        assertEquals(30, ways.size(), "pairs from 1 to 6, none twice");
        for (Way way : ways) {
            List<String> called = way.choices().calls().values().iterator().next();
            wildchalk.core.path.Path path = wildchalk.core.path.Path.of(drill.base(), way.choices());
            Timeline t = Timeline.of(drill, path);
            List<Point> run = t.pathOf(role("r"), move("m2")).orElseThrow();
            for (String number : called) {
                Gap gap = path.layout().gaps().stream()
                        .filter(g -> String.valueOf(g.number()).equals(number))
                        .findFirst()
                        .orElseThrow();
                assertTrue(run.stream().anyMatch(p -> p.isWithin(0.11, gap.middle())), way.label() + " at " + number);
            }
        }
    }

    @Test
    void pointsOfAPathAreSentThroughTheCalledGapsByTheirWords() throws IOException {
        Drill drill = read("counting-runner");
        Travel told = (Travel) drill.base().move(move("m2")).orElseThrow();
        Travel plain = told.withPath(
                told.path().stream().map(w -> w.withCalled(Optional.empty())).toList());
        Progression whole = drill.base().withMove(plain);
        for (int point = 1; point <= 2; point++) {
            whole = whole.withMove(said(drill, whole, point, point == 1 ? "called.1" : "called.2"));
        }
        for (Way way : Outcomes.ways(drill.base())) {
            assertEquals(
                    wildchalk.core.path.Path.of(drill.base(), way.choices()),
                    wildchalk.core.path.Path.of(whole, way.choices()));
        }
        whole = whole.withMove(said(drill, whole, 1, "not-called"));
        assertEquals(
                Optional.empty(),
                ((Travel) whole.move(move("m2")).orElseThrow()).path().get(0).called());
    }

    /** What move m2 becomes when a choice of its way is taken for one point, counted from 1. */
    private static Move said(Drill drill, Progression whole, int point, String key) {
        String group = Texts.CORE.get("words.via.point", point, "").strip();
        return Words.of(
                        drill,
                        wildchalk.core.path.Path.usual(whole),
                        Timeline.of(drill, wildchalk.core.path.Path.usual(whole)))
                .sentence(move("m2"))
                .orElseThrow()
                .phrases()
                .stream()
                .filter(p -> p instanceof Phrase.Slot s && s.what() == SlotKind.VIA)
                .flatMap(p -> ((Phrase.Slot) p).choices().stream())
                .filter(c -> c.group().startsWith(group) && c.label().equals(Texts.CORE.get("words." + key)))
                .findFirst()
                .orElseThrow()
                .change()
                .apply(whole.move(move("m2")).orElseThrow());
    }

    @Test
    void twoCirclesUntilTheShot() throws IOException {
        Drill drill = read("beacon-circles");
        Timeline t = Timeline.of(drill, wildchalk.core.path.Path.usual(drill.base()));
        Point middle = new Point(8.5, 0);
        double s = 3;
        Point a = t.poseAt(role("a1"), s).at().minus(middle);
        Point x = t.poseAt(role("x1"), s).at().minus(middle);
        Point a2 = t.poseAt(role("a1"), s + 0.2).at().minus(middle);
        Point x2 = t.poseAt(role("x1"), s + 0.2).at().minus(middle);
        assertTrue(a.cross(a2) > 0 && x.cross(x2) < 0, "the circles run in opposite directions");
        double shot = t.move(move("shot")).start();
        for (String each : List.of("a1", "a2", "a3", "a4", "a5", "x1", "x2", "x3", "x4", "x5")) {
            MoveSpan round = t.move(move(each + "-round"));
            assertTrue(shot < round.end() && round.end() < shot + 1.5, each + " stops when the coach shoots");
        }
        assertTrue(Words.of(drill, wildchalk.core.path.Path.usual(drill.base()), t)
                .steps()
                .get(0)
                .sentences()
                .get(0)
                .text()
                .contains("until CO shoots"));
        assertTrue(Words.of(drill, wildchalk.core.path.Path.usual(drill.base()), t).cautions().stream()
                .anyMatch(c -> c.contains("governing body")));
        HeadCounts counts = HeadCounts.of(wildchalk.core.path.Path.usual(drill.base()), drill.surface(), t);
        assertEquals(Optional.of(new HeadCounts.Count(5, 5, HeadCounts.Direction.LEFT)), counts.of(new StepId("s4")));
    }

    @Test
    void scoopAndOut() throws IOException {
        Drill drill = read("gull-scoop");
        Timeline t = Timeline.of(drill, wildchalk.core.path.Path.usual(version(drill, "base")));
        double next = Launches.period(wildchalk.core.path.Path.usual(version(drill, "base")), t)
                .orElseThrow();
        assertTrue(next < t.seconds(), "the next one starts before the group has finished");
        List<Double> running = Launches.running(next, t.seconds(), next + 0.5);
        assertEquals(List.of(0.5, next + 0.5), running);
        double scooped = t.move(move("m2")).start();
        assertTrue(t.poseAt(role("a"), scooped).speed() > 0.5, "on the run");
        assertEquals(
                Optional.of(role("k")),
                t.ballStateAt(new BallId("b1"), t.seconds()).holder());
        assertEquals(List.of(), t.findings());
    }

    @Test
    void starOfFive() throws IOException {
        Drill drill = read("starfish-hits");
        Progression random = version(drill, "random");
        Random seeded = new Random(4);
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < 60; i++) {
            Way way = Outcomes.drawn(random, seeded);
            seen.add(way.label());
            assertEquals(2, new HashSet<>(way.labels()).size(), "never the same twice running: " + way.label());
        }
        assertTrue(seen.size() > 8, "all sorts come up: " + seen);
        Timeline t = Timeline.of(
                drill, wildchalk.core.path.Path.of(random, Choices.USUAL.with(new ForkId("f"), new BranchId("d"))));
        assertEquals(role("d"), t.happenings().get(1).role().orElseThrow());
    }
}
