package wildchalk.desktop.bench;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import wildchalk.core.Demo;
import wildchalk.core.binder.BinderLibrary;
import wildchalk.core.binder.SessionFile;
import wildchalk.core.check.Checks;
import wildchalk.core.check.Everywhere;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.CallId;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.motion.LargeShapes;
import wildchalk.core.motion.Pace;
import wildchalk.core.motion.RandomDrills;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.reps.Block;
import wildchalk.core.reps.Conditions;
import wildchalk.core.reps.Filling;
import wildchalk.core.reps.Misses;
import wildchalk.core.reps.Outlook;
import wildchalk.core.reps.RepScript;
import wildchalk.core.reps.Setting;
import wildchalk.core.reps.Spread;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.session.BlockId;
import wildchalk.core.session.Replan;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.session.SessionRemedies;
import wildchalk.core.session.Sessions;
import wildchalk.core.session.Simulations;
import wildchalk.core.squad.Squad;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.Words;
import wildchalk.picture.export.Told;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Painter;
import wildchalk.picture.paint.Viewport;
import wildchalk.picture.style.Ground;

/** Measures the bars that the project holds itself to; a ratio of 1.00 or less is within the bar. */
public final class Bench {

    private static final Surface COURT = Surfaces.find("handball").orElseThrow();
    private static final int STARTS = 5;
    private static final int ROUNDS = 25;
    private static final int PLAYS = 3;
    private static final double MAY_BE_LATE = 0.01;

    private Bench() {}

    public static void main(String[] arguments) throws Exception {
        Progression big = RandomDrills.sensible(7, 30, 12, 120);
        Progression huge = RandomDrills.sensible(7, 30, 12, 1200);
        System.out.println("measured / allowed = ratio (1.00 or less is within the bar)");

        // by turns, so that a machine that is slower for a while is so for both
        Runnable small = () -> Timeline.of(Path.usual(big), COURT, Pace.of(AgeBand.U16, COURT));
        Runnable large = () -> Timeline.of(Path.usual(huge), COURT, Pace.of(AgeBand.U16, COURT));
        median(400, small);
        double[] compiles = new double[ROUNDS];
        double[] huges = new double[ROUNDS];
        for (int i = 0; i < ROUNDS; i++) {
            compiles[i] = median(7, small);
            huges[i] = median(1, large);
        }
        double compile = middle(compiles);
        double compileHuge = middle(huges);
        line("compile 30 roles, 12 steps, 120 moves", compile * 1e3, 5, "ms");
        double growth = 1200 * Math.log(1200) / (120 * Math.log(120));
        line("growth of compiling to 1,200 moves against n log n", compileHuge / compile, growth, "times");

        Timeline timeline = Timeline.of(Path.usual(big), COURT, Pace.of(AgeBand.U16, COURT));
        double[] t = {0};
        double sample = median(20_000, () -> {
            t[0] = (t[0] + 0.37) % timeline.seconds();
            timeline.roles().forEach(r -> timeline.poseAt(r, t[0]));
            timeline.ballIds().forEach(b -> timeline.ballAt(b, t[0]));
        });
        line("sample one frame of it", sample * 1e6, 50, "µs");

        Drill drill = Drill.blank("Bench", new SurfaceUse("handball", "whole"), Audience.USUAL)
                .withProgression(big);
        double answer = median(40, () -> Told.of(drill, big));
        line("change to new times, words and findings", answer * 1e3, 50, "ms");

        double words = 0;
        for (String id : Demo.ids()) {
            Drill demo = Demo.read(id);
            RunThrough run = RunThrough.of(demo, demo.base());
            words = Math.max(words, median(40, () -> Words.of(run, LengthUnit.METRES)));
        }
        line("words of the demo drill that takes longest", words * 1e3, 5, "ms");

        line("paint one frame at 1280 x 800", paint(drill, big, timeline) * 1e3, 1000 / 60.0, "ms");
        draws();
        play();
        secondLook();
        blocks();
        binder();
        sessions();
        handOuts();
        largest();
        start();
    }

    /** An hour of eight drills as somebody gets it into his hands. */
    private static void handOuts() throws Exception {
        java.nio.file.Path hour = HandOutBench.session();
        line("an hour of 8 drills as a sheet, from nothing", HandOutBench.coldSheet(hour), 3, "s");
        line("its page for a phone", HandOutBench.phoneKilobytes(hour), 600, "KB");
        line("40 phones at once, each with its letter and page", HandOutBench.fortyPhones(hour), 300, "ms");
        line("a second of film, 1280 x 720 at 30 frames", HandOutBench.filmSecond(), 1, "s");
    }

    /** The demo drill that takes longest: its open path, and all its versions and ways. */
    private static void secondLook() {
        double open = 0;
        double everywhere = 0;
        for (String id : Demo.ids()) {
            Drill drill = Demo.read(id);
            open = Math.max(
                    open,
                    median(
                            5,
                            () -> Checks.open(RunThrough.of(drill, drill.base()))
                                    .size()));
            everywhere =
                    Math.max(everywhere, median(3, () -> Everywhere.of(drill).looked()));
        }
        line("findings of the slowest demo drill, open path", open * 1000, 50, "ms");
        line("findings of the slowest demo drill, all versions and ways", everywhere, 1, "s");
    }

    /** Twenty people in the demo drill whose block takes longest, a quarter of an hour; and what a dragged slider asks for. */
    private static void blocks() {
        double one = 0;
        double thousand = 0;
        double slider = 0;
        for (String id : Demo.ids()) {
            Drill drill = Demo.read(id);
            Path path = Path.usual(drill.base());
            RepScript script = RepScript.of(path, Timeline.of(drill, path), Pace.of(drill));
            Conditions twenty = Conditions.AS_DRAWN.withPeople(path, Math.max(20, Filling.fewest(path)));
            Misses misses = Misses.at(drill.audience().paceBand());
            double here = median(21, () -> Block.of(script, twenty, 15).reps());
            double drawn = median(3, () -> Spread.of(script, twenty, misses, 15, 1000));
            Setting setting = Setting.drawn(drill, path).withMinutes(15);
            Outlook before = Outlook.of(drill, path, setting);
            int[] people = {4};
            double dragged = median(11, () -> {
                people[0] = 4 + (people[0] + 7) % 36;
                before.with(drill, setting.withPeople(people[0]).withMinutes(15 + people[0] % 3));
            });
            one = Math.max(one, here);
            thousand = Math.max(thousand, drawn);
            slider = Math.max(slider, dragged);
        }
        line("a block of 15 minutes, 20 people, slowest demo drill", one * 1e3, 2, "ms");
        line("1,000 of them with misses drawn", thousand, 1.5, "s");
        line("what a dragged slider of the reps asks for", slider * 1e3, 50, "ms");
    }

    /** The demo session: what a drag on its ribbon asks for, with all sums and what mends each clash; and ways to do with less. */
    private static void sessions() throws IOException {
        java.nio.file.Path file = Demo.folder().resolve("../sessions/2026-12-03-before-the-weekend/session.json");
        BinderLibrary library = BinderLibrary.of(file);
        Session session = SessionFile.read(file).value();
        Optional<Squad> squad = library.squad(session);
        Simulations simulations = new Simulations();
        BlockId block = session.blocks().get(3).id();
        double[] minutes = {10};
        double drag = median(11, () -> {
            minutes[0] = 10 + (minutes[0] + 0.5) % 15;
            SessionPlan plan =
                    SessionPlan.of(Sessions.minutes(session, block, minutes[0]), library, squad, simulations);
            plan.clashes().forEach(c -> SessionRemedies.of(plan, c, library, squad, simulations));
        });
        line("a drag on the ribbon of a session, with all sums", drag * 1e3, 50, "ms");
        double[] lost = {0};
        double replans = median(5, () -> {
            for (int i = 0; i < 20; i++) {
                lost[0] = (lost[0] + 1.5) % 20;
                Replan.of(session, lost[0], library, squad, simulations);
            }
        });
        line("1,000 ways to do with less time", replans * 1000 / 60, 2, "s");
        line("200 sessions with logs and 40 players, read and added up", SeasonBench.seconds(file), 1, "s");
        line("drift of the whistle's clock in 10 minutes", SeasonBench.driftSeconds() * 1e3, 50, "ms");
    }

    /** The largest permitted drill: checking all its versions, and the longest that anybody waits for the window. */
    private static void largest() throws IOException, InterruptedException {
        Drill largest = LargeShapes.largest();
        double check = median(
                3,
                () -> largest.progressions()
                        .forEach(p -> Checks.of(RunThrough.of(largest, p)).size()));
        line("check the largest permitted drill, every version", check, 2, "s");
        String said = run("wildchalk.desktop.app.WatchdogForBench$Start", false);
        for (String what : List.of("binder", "search", "open", "edit", "save", "export")) {
            double longest = Pattern.compile("wait " + what + " (?:\\w+ )?([0-9.]+) ms")
                    .matcher(said)
                    .results()
                    .mapToDouble(m -> Double.parseDouble(m.group(1)))
                    .max()
                    .orElse(Double.NaN);
            line("largest drill, longest wait for the window: " + what, longest, 200, "ms");
        }
    }

    private static void draws() {
        List<String> options =
                IntStream.rangeClosed(1, 12).mapToObj(String::valueOf).toList();
        CallSet set = new CallSet(new CallId("c"), options, 3, true, 0);
        Random random = new Random(1);
        double seconds = median(20, () -> {
            for (int i = 0; i < 10_000; i++) {
                set.drawn(random);
            }
        });
        line("10,000 draws of three from 12 options", seconds, 0.1, "s");
    }

    private static double paint(Drill drill, Progression big, Timeline timeline) {
        BufferedImage image = new BufferedImage(1280, 800, BufferedImage.TYPE_INT_ARGB_PRE);
        Viewport viewport = Viewport.fitting(drill.surfaceUse(), 1280, 800);
        Painter painter = new Painter(Ground.SLATE);
        double[] t = {0};
        Graphics2D once = image.createGraphics();
        painter.paintStill(once, Frame.at(drill, Path.usual(big), timeline, 0), viewport);
        once.dispose();
        int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        int[] kept = pixels.clone();
        return median(150, () -> {
            t[0] = (t[0] + 0.1) % timeline.seconds();
            System.arraycopy(kept, 0, pixels, 0, pixels.length);
            Graphics2D g = image.createGraphics();
            painter.paintMoving(g, Frame.at(drill, Path.usual(big), timeline, t[0]), viewport);
            g.dispose();
        });
    }

    /** The middle of three, as for starts, since other guests of a machine may take a core away for seconds. */
    private static void play() throws IOException, InterruptedException {
        play("it");
        play("reps of 20 people", "reps");
    }

    private static void play(String what, String... arguments) throws IOException, InterruptedException {
        double[] shown = new double[PLAYS];
        double[] late = new double[PLAYS];
        for (int i = 0; i < PLAYS; i++) {
            String said = run("wildchalk.desktop.app.PlayForBench$Start", false, arguments);
            Matcher m = Pattern.compile("frames ([0-9.]+) late ([0-9.E-]+)").matcher(said);
            if (!m.find()) {
                System.out.println("play " + what + " on the board: not measured: " + said);
                return;
            }
            shown[i] = Double.parseDouble(m.group(1));
            late[i] = 100 * Double.parseDouble(m.group(2));
        }
        line(
                "play " + what + " on the board: 60 frames a second, less 1 % that may be late",
                60 * (1 - MAY_BE_LATE),
                middle(shown),
                "");
        line("late frames of playing " + what, middle(late), 100 * MAY_BE_LATE, "%");
    }

    private static void binder() throws IOException, InterruptedException {
        String said = run("wildchalk.desktop.app.BinderForBench$Start", false);
        Matcher m = Pattern.compile("open ([0-9.E-]+)\\s+search ([0-9.E-]+)").matcher(said);
        if (m.find()) {
            line("open a binder of 2,000 drills", Double.parseDouble(m.group(1)), 2, "s");
            line("search it, a key pressed to the cards laid out", 1e3 * Double.parseDouble(m.group(2)), 50, "ms");
        } else {
            System.out.println("binder of 2,000 drills: not measured: " + said);
        }
    }

    private static void start() throws IOException, InterruptedException {
        double[] window = new double[STARTS];
        double[] empty = new double[STARTS];
        for (int i = 0; i < STARTS; i++) {
            empty[i] = usable(run("wildchalk.desktop.bench.EmptyWindow$Start", true));
            window[i] = usable(run("wildchalk.desktop.app.Launcher", true, "demo"));
        }
        Arrays.sort(window);
        Arrays.sort(empty);
        line("start to usable window against 1.5 empty windows", window[STARTS / 2], 1.5 * empty[STARTS / 2], "ms");
    }

    private static double usable(String said) {
        Matcher m = Pattern.compile("usable after (\\d+) ms").matcher(said);
        if (!m.find()) {
            throw new IllegalStateException("The start was not measured: " + said);
        }
        return Double.parseDouble(m.group(1));
    }

    /** Runs a main class of this class path in a process of its own, as ./wildchalk runs it. */
    private static String run(String main, boolean exitWhenUsable, String... arguments)
            throws IOException, InterruptedException {
        File home = Files.createTempDirectory("wildchalk-bench-home").toFile();
        List<String> command = new ArrayList<>(List.of(
                System.getProperty("java.home") + "/bin/java",
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-XX:SharedArchiveFile=" + System.getProperty("bench.archive"),
                "-Xshare:auto",
                "-Xlog:cds=off",
                "-Xlog:cds+dynamic=off",
                "-Dprism.order=sw",
                "-Dwildchalk.home=" + home,
                "-Dwildchalk.demo=" + System.getProperty("wildchalk.demo"),
                "-Dwildchalk.exitWhenUsable=" + exitWhenUsable,
                "-cp",
                classPath(main),
                main));
        command.addAll(List.of(arguments));
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        process.waitFor();
        return said;
    }

    /** The program's own class path; the yardsticks need the tests' classes behind it, which keeps the archive valid. */
    private static String classPath(String main) {
        String program = System.getProperty("bench.classpath");
        return main.endsWith("Launcher") ? program : program + File.pathSeparator + testClasses();
    }

    private static String testClasses() {
        return String.join(
                File.pathSeparator,
                Arrays.stream(System.getProperty("java.class.path").split(File.pathSeparator))
                        .filter(p -> p.endsWith("test-classes"))
                        .toList());
    }

    /** Median seconds of a piece of work, warmed up first. */
    private static double median(int times, Runnable work) {
        for (int i = 0; i < times; i++) {
            work.run();
        }
        double[] seconds = new double[times];
        for (int i = 0; i < times; i++) {
            long start = System.nanoTime();
            work.run();
            seconds[i] = (System.nanoTime() - start) / 1e9;
        }
        return middle(seconds);
    }

    private static double middle(double[] seconds) {
        Arrays.sort(seconds);
        return seconds[seconds.length / 2];
    }

    private static void line(String what, double measured, double allowed, String unit) {
        System.out.println(String.format(
                Locale.ROOT, "%-58s %9.2f / %8.2f %-5s = %.2f", what, measured, allowed, unit, measured / allowed));
    }
}
