package wildchalk.core.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.arrange.Transforms;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Symmetry;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.RandomDrills;
import wildchalk.core.path.Coverage;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.surface.Landmark;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.LengthUnit;

/** What a coach would trip over who reads it to the players: over all drills that we know, and random ones. */
class ReadAloudTest {

    private static final Pattern TWICE = Pattern.compile("(?i)\\b(\\w+) \\1\\b");

    static Stream<Drill> drills() {
        return Stream.concat(
                Demo.everything(),
                Stream.iterate(1, i -> i + 1)
                        .limit(20)
                        .map(seed ->
                                Demo.read("crossing-backs").withProgression(RandomDrills.sensible(seed, 8, 4, 16))));
    }

    private static List<String> sentences(Drill drill) {
        return steps(drill).stream()
                .flatMap(s -> s.sentences().stream())
                .map(Sentence::text)
                .toList();
    }

    private static List<String> lines(Drill drill) {
        return steps(drill).stream()
                .flatMap(s -> s.lines().stream())
                .map(Line::text)
                .toList();
    }

    private static List<StepWords> steps(Drill drill) {
        List<StepWords> all = new ArrayList<>();
        for (Progression version : drill.progressions()) {
            for (var choices : Coverage.of(version, 40).choices()) {
                RunThrough run = RunThrough.of(drill, Path.of(version, choices));
                all.addAll(Words.of(run, LengthUnit.METRES).steps());
            }
        }
        return all;
    }

    @ParameterizedTest
    @MethodSource("drills")
    void noWordAndNoPlaceIsSaidTwiceInASentence(Drill drill) {
        // longer names first: some begin like others
        Set<String> places =
                new TreeSet<>(Comparator.comparingInt(String::length).reversed().thenComparing(n -> n));
        drill.surface().landmarks().forEach(l -> places.add(l.name()));
        for (Progression version : drill.progressions()) {
            GearNames names = new GearNames(version);
            version.gear().forEach(g -> places.add(names.of(g)));
        }
        List<String> all = new ArrayList<>(sentences(drill));
        all.addAll(lines(drill));
        for (String sentence : all) {
            assertFalse(TWICE.matcher(sentence).find(), sentence);
            String left = sentence;
            for (String place : places) {
                int said = left.split(Pattern.quote(place), -1).length - 1;
                assertTrue(said < 2, place + " twice in: " + sentence);
                left = left.replace(place, "-");
            }
        }
    }

    /** What is read out can be said in one breath, and has nothing in it that stands only on the board. */
    @ParameterizedTest
    @MethodSource("drills")
    void noLineIsLongAndNoneHasALetterOfTheBoard(Drill drill) {
        for (String line : lines(drill)) {
            assertTrue(line.split(" ").length <= ReadOut.MOST_WORDS, line);
            assertFalse(line.matches(".*\\([a-z]{1,2}\\).*"), line);
            assertTrue(line.matches("\\p{Lu}.*[^,]\\.|\\d.*[^,]\\."), line);
        }
    }

    /** Every move is told, once, and in the order of time but for what somebody goes on to do. */
    @ParameterizedTest
    @MethodSource("drills")
    void everyMoveIsTold(Drill drill) {
        for (Progression version : drill.progressions()) {
            RunThrough run = RunThrough.of(drill, version);
            for (StepWords step : Words.of(run, LengthUnit.METRES).steps()) {
                if (run.path().again(step.step()).isPresent()) {
                    continue; // what is done again is said once, as that
                }
                List<String> told = new ArrayList<>();
                double before = 0;
                for (Line line : step.lines()) {
                    boolean again = line.measures().stream().anyMatch(m -> m.what() == Measure.Kind.AHEAD);
                    if (again) {
                        continue; // who was first is said of runs that were told already
                    }
                    line.moves().stream()
                            .map(Object::toString)
                            .filter(m -> !told.contains(m))
                            .forEach(told::add);
                    double start = run.timeline().move(line.moves().get(0)).start();
                    boolean happens = run.timeline().move(line.moves().get(0)).happens();
                    assertTrue(!happens || start >= before - 0.06, line.text());
                    before = happens ? Math.max(before, start) : before;
                }
                List<String> all = step.sentences().stream()
                        .map(s -> run.path().move(s.move()).orElseThrow())
                        .filter(m -> !(m instanceof Act a && a.deed() instanceof Deed.Waiting)
                                || told.contains(m.id().toString()))
                        .map(m -> m.id().toString())
                        .sorted()
                        .toList();
                assertEquals(all, told.stream().sorted().toList());
            }
        }
    }

    /** Nobody is told to play on a ball before he is told that it comes. */
    @ParameterizedTest
    @MethodSource("drills")
    void whatIsDoneWithABallIsToldAfterItCame(Drill drill) {
        RunThrough run = RunThrough.of(drill, drill.base());
        for (StepWords step : Words.of(run, LengthUnit.METRES).steps()) {
            List<MoveId> told = new ArrayList<>();
            step.lines()
                    .forEach(l ->
                            l.moves().stream().filter(m -> !told.contains(m)).forEach(told::add));
            for (MoveId id : told) {
                if (run.path().move(id).orElseThrow() instanceof Pass pass
                        && run.timeline().move(id).happens()) {
                    for (MoveId later : told.subList(0, told.indexOf(id))) {
                        Move before = run.path().move(later).orElseThrow();
                        boolean plays = before instanceof Pass || before instanceof Shot;
                        boolean his = pass.receiver().equals(Optional.of(before.role()));
                        double start = run.timeline().move(later).start();
                        assertFalse(
                                plays && his && start > run.timeline().move(id).start() + 0.06,
                                step.lines().toString());
                    }
                }
            }
        }
    }

    /** As many players as do the same are told in one sentence, and the sentence counts them. */
    @Test
    void whoDoesTheSameIsToldOnce() {
        Drill circles = Demo.everything()
                .filter(d -> d.title().startsWith("Two circles"))
                .findFirst()
                .orElseThrow();
        String told = String.join(" ", lines(circles));
        assertTrue(told.contains("A1 to A5 jog") && told.contains("X1 to X5 jog"), told);
        assertFalse(told.contains("A3 jogs"), told);
    }

    @ParameterizedTest
    @MethodSource("drills")
    void aStepInAFewWordsHasFewThingsAndNoPlaceHalfSaid(Drill drill) {
        for (StepWords step : steps(drill)) {
            String brief = step.brief();
            assertTrue(brief.split(" · ").length <= Brief.MOST_THINGS, brief);
            assertFalse(brief.matches(".*\\b(to|towards|into|the|past|with|of)( ·.*|$)"), brief);
        }
    }

    @ParameterizedTest
    @MethodSource("drills")
    void linesThatNobodyPickedAreNotNamed(Drill drill) {
        List<String> foreign = drill.surface().landmarks().stream()
                .filter(Landmark::foreign)
                .map(Landmark::name)
                .toList();
        for (String sentence : sentences(drill)) {
            foreign.forEach(name -> assertFalse(sentence.contains(name), sentence));
        }
    }

    @ParameterizedTest
    @MethodSource("drills")
    void noPlaceOfATravelIsACoordinate(Drill drill) {
        for (String sentence : sentences(drill)) {
            assertFalse(sentence.matches(".*(past halfway|before halfway|of the middle,|on halfway).*"), sentence);
        }
    }

    /** No two pieces have one name, and mirroring swaps left and right in the names and nothing else. */
    @RepeatedTest(200)
    void everyPieceOfGearHasANameOfItsOwn(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        Progression p = Drills.blank().progression();
        Map<String, Gear> all = new HashMap<>();
        for (int i = 0; i < 2 + random.nextInt(9); i++) {
            GearKind kind = random.nextBoolean() ? GearKind.CONE : GearKind.POLE;
            Chalk colour = random.nextBoolean() ? Chalk.ORANGE : Chalk.YELLOW;
            Gear gear = new Gear(
                    new GearId("g" + i),
                    kind,
                    colour,
                    new Point(random.nextInt(-12, 13) + 0.25 * random.nextDouble(), random.nextInt(-8, 9)),
                    0);
            p = p.with(gear);
            all.put(gear.id().text(), gear);
        }
        GearNames names = new GearNames(p);
        Set<String> said = all.values().stream().map(names::of).collect(Collectors.toSet());
        assertEquals(all.size(), said.size(), said.toString());
    }

    @ParameterizedTest
    @MethodSource("drills")
    void mirroringADrillSwapsLeftAndRightAndNothingElse(Drill drill) {
        if (!isSymmetric(drill.surface())) {
            return; // such as a volleyball court, whose places are numbered round
        }
        Drill mirrored = Transforms.drill(drill, Symmetry.ACROSS_WIDTH);
        List<String> here = new ArrayList<>(sentences(drill));
        here.addAll(lines(drill));
        List<String> there = new ArrayList<>(sentences(mirrored));
        there.addAll(lines(mirrored));
        for (int i = 0; i < here.size(); i++) {
            assertEquals(swapped(here.get(i)), there.get(i));
        }
    }

    /** A hand's breadth at one place leaves the names of all other places, but for twins that are counted as they are met. */
    @ParameterizedTest
    @MethodSource("drills")
    void namesAreStable(Drill drill) {
        Progression base = drill.base();
        Map<String, String> before = placesSaid(drill);
        for (Step step : base.steps()) {
            for (Move move : step.moves()) {
                if (move instanceof Travel travel) {
                    List<Waypoint> way = new ArrayList<>(travel.path());
                    Waypoint last = way.remove(way.size() - 1);
                    way.add(last.withAt(last.at().plus(new Point(0.06, -0.08))));
                    Map<String, String> after = placesSaid(drill.withProgression(base.withMove(travel.withPath(way))));
                    base.moves().stream()
                            .filter(other -> !other.role().equals(move.role()))
                            .map(other -> other.id().text())
                            .forEach(other -> assertEquals(before.get(other), after.get(other)));
                }
            }
        }
    }

    /** What each move says of places; gear by its id, since twins are counted as they are met. */
    private static Map<String, String> placesSaid(Drill drill) {
        Map<String, String> all = new HashMap<>();
        GearNames names = new GearNames(drill.base());
        List<Gear> longestFirst = drill.base().gear().stream()
                .sorted(Comparator.comparingInt((Gear g) -> names.of(g).length())
                        .reversed())
                .toList();
        for (StepWords step :
                Words.of(RunThrough.of(drill, drill.base()), LengthUnit.METRES).steps()) {
            for (Sentence sentence : step.sentences()) {
                String said = sentence.phrases().stream()
                        .filter(p -> p.match(
                                plain -> false, slot -> slot.what() == SlotKind.WHERE || slot.what() == SlotKind.VIA))
                        .map(Phrase::text)
                        .collect(Collectors.joining(" "));
                for (Gear g : longestFirst) {
                    said = said.replace(names.of(g), "#" + g.id().text());
                }
                all.put(sentence.move().text(), said);
            }
        }
        return all;
    }

    /** A player's own part names every ball that comes to him, and him never by his label. */
    @ParameterizedTest
    @MethodSource("drills")
    void yourPartSaysYou(Drill drill) {
        for (Progression version : drill.progressions()) {
            Path path = Path.usual(version);
            RunThrough run = RunThrough.of(drill, path);
            TalkThrough talk = Words.of(run, LengthUnit.METRES);
            for (Role role : path.roles()) {
                List<String> part = Words.partOf(role.id(), run, talk);
                String label = Pattern.quote(role.label());
                for (String all : part.subList(2, part.size())) {
                    String line = all.replaceFirst("^Step [^:]*: ", "");
                    String names = line.replaceAll("\\b(line|cone|gap|zone) " + label + "\\b", "-");
                    assertFalse(names.matches(".*(?<!\\w)" + label + "(?!\\w).*"), role.label() + ": " + line);
                    assertFalse(TWICE.matcher(line).find(), line);
                    assertFalse(
                            line.matches(".*\\b[Yy]ou (then )?[a-z]+[^s]s\\b.*")
                                    && !line.matches(".*you (as|across|towards|past|sideways)\\b.*"),
                            line);
                }
                long balls = path.moves().stream()
                        .filter(m -> m instanceof Pass p && p.receiver().equals(Optional.of(role.id())))
                        // what he does again himself is told once
                        .filter(m -> path.again(
                                        path.stepOf(m.id()).orElseThrow().id())
                                .map(a -> !a.repeat().role(role.id(), a.n()).equals(role.id()))
                                .orElse(true))
                        .count();
                long said = String.join(" ", part).split("\\b(to|with|for) you\\b", -1).length - 1;
                assertTrue(said >= balls, role.label() + ": " + balls + " balls, but " + part);
            }
        }
    }

    @ParameterizedTest
    @CsvSource({
        "passes, pass",
        "carries, carry",
        "catches, catch",
        "goes, go",
        "has, have",
        "is, are",
        "pushes, push",
        "runs, run",
        "closes, close",
        "dribbles, dribble",
        "crosses, cross"
    })
    void verbsHaveTheirBase(String third, String base) {
        assertEquals(base, SecondPerson.base(third));
    }

    private static boolean isSymmetric(Surface surface) {
        return surface.landmarks().stream()
                        .allMatch(l -> surface.landmarkNear(Symmetry.ACROSS_WIDTH.apply(l.at()), 0.01)
                                .filter(m -> m.name().equals(swapped(l.name())))
                                .isPresent())
                && surface.zones().stream().noneMatch(z -> z.name().matches(".*\\d"));
    }

    private static String swapped(String sentence) {
        return sentence.replaceAll("(?i)\\bleft\\b", "\u0000")
                .replaceAll("(?i)\\bright\\b", "left")
                .replace("\u0000", "right");
    }
}
