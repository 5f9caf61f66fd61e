package wildchalk.core.binder;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.Demo;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.ladder.Ladder;
import wildchalk.core.log.Log;
import wildchalk.core.log.RandomLogs;
import wildchalk.core.motion.RandomDrills;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Way;
import wildchalk.core.progress.Progress;
import wildchalk.core.session.RandomSessions;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Player;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.RandomSquads;
import wildchalk.core.squad.Squad;
import wildchalk.core.squad.Wanted;
import wildchalk.core.surface.OwnSurfaces;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.whistle.Reading;
import wildchalk.core.whistle.RunHead;
import wildchalk.core.whistle.Running;
import wildchalk.core.whistle.Signal;
import wildchalk.core.whistle.Stamped;
import wildchalk.core.words.PlanWriter;
import wildchalk.core.words.Words;

/**
 * Broken and hostile files: each is a clear error or a drill that can be worked with; nothing hangs, nothing else is thrown,
 * nothing is written outside the binder. A short run here; {@code scripts/fuzz-run} makes the long one.
 */
class FuzzTest {

    private static final int USUAL_COUNT = 2_500;
    private static final long SEED = 20_261_124;
    /** No honest run takes a tenth of this: a guard against hanging, not a measurement. */
    private static final Duration LONG = Duration.ofSeconds(300);

    private static final Journal.Listener QUIET = new Journal.Listener() {
        @Override
        public void failing(Throwable why) {
            throw new IllegalStateException(why);
        }

        @Override
        public void keeping() {}
    };

    @TempDir
    Path folder;

    private int read;
    private int refused;

    @Test
    void mutatedFilesAreReadOrRefused() throws IOException {
        int count = Integer.getInteger("fuzz.count", USUAL_COUNT);
        List<String> drills = drills();
        List<String> surfaces = Surfaces.all().stream()
                .filter(s -> s.markings().size() < 60)
                .map(s -> OwnSurfaces.copyOf(s, "own-" + s.id(), s.title()))
                .map(s -> SurfaceFile.ofNew(s).toText())
                .toList();
        List<String> squads = new ArrayList<>();
        List<String> sessions = new ArrayList<>();
        List<String> logs = new ArrayList<>();
        List<Drill> handball = List.of(Demo.read("lantern-ladder"), Demo.read("crossing-backs"));
        for (int seed = 0; seed < 8; seed++) {
            Squad squad = RandomSquads.of(seed, 4 + seed);
            squads.add(SquadFile.ofNew(squad).toText());
            logs.add(LogFile.ofNew(RandomLogs.of(20 + seed)).toText());
            sessions.add(
                    SessionFile.ofNew(RandomSessions.of(seed, squad, handball)).toText());
        }
        String run = run();
        byte[] bundle = bundle(drills);
        byte[] journal = journal(drills.get(0));
        String stars = "{\"format\": {\"name\": \"wild-chalk-binder\", \"version\": 1},"
                + " \"favourites\": [\"far-post\", \"ebb-or-flow\"], \"later\": {\"x\": [1, 2]}}\n";
        Mutations mutations = new Mutations(SEED);
        assertTimeoutPreemptively(LONG.multipliedBy(1 + count / USUAL_COUNT / 8), () -> {
            for (int i = 0; i < count; i++) {
                switch (i % 10) {
                    case 0, 1 -> drill(mutations.of(drills.get(i / 10 % drills.size())));
                    case 2 -> surface(mutations.of(surfaces.get(i / 10 % surfaces.size())));
                    case 6 -> squad(mutations.of(squads.get(i / 10 % squads.size())));
                    case 7 -> session(mutations.of(sessions.get(i / 10 % sessions.size())));
                    case 8 -> log(mutations.of(logs.get(i / 10 % logs.size())));
                    case 9 -> run(mutations.of(run));
                    case 3 -> journal(mutations.of(journal));
                    case 4 -> favourites(mutations.of(stars));
                    default -> takeIn(mutations.of(bundle), i);
                }
            }
        });
        System.out.printf("%d mutated files: %d read, %d refused with a clear error%n", count, read, refused);
        assertEquals(count, read + refused);
        assertTrue(read > count / 100 && refused > count / 100, "both happen");
    }

    private static List<String> drills() throws IOException {
        List<String> texts = new ArrayList<>();
        for (Path demo : Demo.files()) {
            texts.add(Files.readString(demo));
        }
        for (int seed = 0; seed < 6; seed++) {
            Drill random = Drill.blank("R", new SurfaceUse("ice-60x30", "whole"), Audience.USUAL)
                    .withProgression(RandomDrills.of(seed, 4, 2, 8));
            texts.add(DrillFile.ofNew(random).toText());
            Drill forked = random.withProgression(RandomDrills.forked(seed));
            texts.add(DrillFile.ofNew(Ladder.add(forked, forked.base().id(), "Two"))
                    .toText());
        }
        return texts;
    }

    private void drill(byte[] bytes) throws IOException {
        Path file = Files.write(folder.resolve("f.drill.json"), bytes);
        try {
            BinderFile<Drill> content = DrillFile.read(file);
            Drill drill = content.value();
            // what is taken can be worked with, and is written so that it is read as the same
            for (Progression version : drill.progressions()) {
                for (Way way : Outcomes.ways(version).stream().limit(3).toList()) {
                    wildchalk.core.path.Path path = wildchalk.core.path.Path.of(version, way.choices());
                    Words.of(drill, path, Timeline.of(drill, path));
                }
            }
            assertEquals(drill, DrillFile.parse(file, content.toText()).value());
            read++;
        } catch (FormatProblem problem) {
            refuse(problem);
        }
    }

    private void squad(byte[] bytes) throws IOException {
        Path file = Files.write(folder.resolve("f.squad.json"), bytes);
        try {
            BinderFile<Squad> content = SquadFile.read(file);
            Squad squad = content.value();
            Groups.of(squad, squad.players().stream().map(Player::id).toList(), Wanted.even(2, 1));
            assertEquals(squad, SquadFile.parse(file, content.toText()).value());
            read++;
        } catch (FormatProblem problem) {
            refuse(problem);
        }
    }

    /** What is taken can be planned, whatever it names that is not there. */
    private void session(byte[] bytes) throws IOException {
        Path file = Files.write(folder.resolve("session.json"), bytes);
        try {
            BinderFile<Session> content = SessionFile.read(file);
            Session session = content.value();
            Drill drill = Demo.read("lantern-ladder");
            SessionPlan plan = SessionPlan.of(
                    session, id -> id.equals(drill.id()) ? Optional.of(drill) : Optional.empty(), Optional.empty());
            new PlanWriter(plan, Optional.empty()).timetable();
            assertEquals(session, SessionFile.parse(file, content.toText()).value());
            read++;
        } catch (FormatProblem problem) {
            refuse(problem);
        }
    }

    private void log(byte[] bytes) throws IOException {
        Path file = Files.write(folder.resolve("log.json"), bytes);
        try {
            BinderFile<Log> content = LogFile.read(file);
            assertEquals(content.value(), LogFile.parse(file, content.toText()).value());
            read++;
        } catch (FormatProblem problem) {
            refuse(problem);
        }
    }

    private String run() throws IOException {
        Path session = Files.createDirectories(folder.resolve("run")).resolve(SessionFile.NAME);
        Squad squad = RandomSquads.of(1, 8);
        RunHead head = new RunHead(RandomSessions.of(1, squad, List.of(Demo.read("crossing-backs"))), 4);
        Reading reading = new Reading(1000, "p", 5, "boot", OptionalDouble.of(77));
        try (RunJournal journal = RunJournal.start(session, head, reading, e -> {})) {
            journal.press(new Stamped(1, new Signal.Next()));
            journal.press(new Stamped(9, new Signal.Scored("g1", "goal", 2)));
            journal.tick(12, reading);
            journal.press(new Stamped(14, new Signal.Gone(new PlayerId("p1"))));
        }
        return Files.readString(RunJournal.beside(session));
    }

    /** What is left of a run can be gone on with, or its beginning is refused. */
    private void run(byte[] bytes) throws IOException {
        Path session = folder.resolve("run").resolve(SessionFile.NAME);
        Files.write(RunJournal.beside(session), bytes);
        try {
            Optional<RunJournal.Left> left = RunJournal.left(session);
            left.ifPresent(l -> Running.at(
                    l.head().session(),
                    l.head().lateSeconds(),
                    l.pressed(),
                    s -> SessionPlan.of(s, id -> Optional.empty(), Optional.empty()),
                    l.at() + 1));
            read++;
        } catch (FormatProblem problem) {
            refuse(problem);
        }
    }

    private void surface(byte[] bytes) throws IOException {
        Path file = Files.write(folder.resolve("f.surface.json"), bytes);
        try {
            BinderFile<Surface> content = SurfaceFile.read(file);
            assertEquals(
                    content.value(), SurfaceFile.parse(file, content.toText()).value());
            read++;
        } catch (FormatProblem problem) {
            refuse(problem);
        }
    }

    private void takeIn(byte[] bytes, int number) throws IOException {
        Path around = Files.createDirectories(folder.resolve("around-" + number));
        Path file = Files.write(folder.resolve("f.chalk"), bytes);
        Binder binder = new Binder(around.resolve("binder"));
        try {
            binder.takeIn(file, Progress.NONE);
            read++;
        } catch (FormatProblem problem) {
            refuse(problem);
            assertFalse(Files.exists(binder.folder()), "a refused bundle brings nothing");
        }
        try (Stream<Path> all = Files.walk(around)) {
            for (Path p : all.filter(Files::isRegularFile).toList()) {
                assertTrue(p.startsWith(binder.folder()), p + " was written outside");
                Files.delete(p);
            }
        }
    }

    /** What a crash would have left of a drill. */
    private byte[] journal(String drill) throws IOException {
        Path left = folder.resolve("journals");
        BinderFile<Drill> content = DrillFile.parse(left, drill);
        try (Journal<BinderFile<Drill>> journal = new Journal<>(left, DrillFile.KIND, QUIET)) {
            journal.keep(content, Journal.Belongs.NOWHERE, List.of("move", "run"));
            journal.flush();
            try (Stream<Path> files = Files.list(left)) {
                Path file = files.filter(f -> f.toString().endsWith(Journal.SUFFIX))
                        .findFirst()
                        .orElseThrow();
                return Files.readAllBytes(file);
            }
        }
    }

    private void journal(byte[] bytes) throws IOException {
        Path left = Files.createDirectories(folder.resolve("left"));
        Files.write(left.resolve("f" + Journal.SUFFIX), bytes);
        LeftJournals<BinderFile<Drill>> found = LeftJournals.in(left, DrillFile.KIND);
        assertEquals(1, found.left().size() + found.damaged().size(), "it is offered or told, never passed over");
        if (found.left().isEmpty()) {
            assertTrue(found.damaged().get(0).why().length() > 10);
            refused++;
        } else {
            read++;
        }
    }

    private void favourites(byte[] bytes) throws IOException {
        Path binder = Files.createDirectories(folder.resolve("stars"));
        Path file = Files.write(binder.resolve("binder.json"), bytes);
        Favourites marked = Favourites.of(new Binder(binder));
        if (marked.problem().isPresent()) {
            assertThrows(IOException.class, () -> marked.set(binder.resolve("drills/a.drill.json"), true));
            assertArrayEquals(bytes, Files.readAllBytes(file), "what cannot be read is not written over");
            refused++;
        } else {
            marked.set(binder.resolve("drills/a.drill.json"), true);
            assertTrue(
                    Favourites.of(new Binder(binder)).has(binder.resolve("drills/a.drill.json")),
                    () -> new String(bytes, StandardCharsets.UTF_8)
                            + Favourites.of(new Binder(binder)).problem());
            read++;
        }
    }

    private void refuse(FormatProblem problem) {
        String message = problem.getMessage();
        assertTrue(message.length() > 20 && message.lines().count() == 1, message);
        refused++;
    }

    private byte[] bundle(List<String> drills) throws IOException {
        Binder binder = new Binder(folder.resolve("source"));
        for (int i = 0; i < 3; i++) {
            Path file = binder.drillsFolder().resolve("d" + i + DrillFile.SUFFIX);
            DrillFile.parse(file, drills.get(i)).save(file);
        }
        Path target = folder.resolve("source.chalk");
        Bundle.pack(target, binder.drills().stream().map(Binder.Entry::file).toList(), binder, Progress.NONE);
        return Files.readAllBytes(target);
    }
}
