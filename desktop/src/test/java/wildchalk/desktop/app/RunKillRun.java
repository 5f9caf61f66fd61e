package wildchalk.desktop.app;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import wildchalk.core.Demo;
import wildchalk.core.binder.MachineClocks;
import wildchalk.core.binder.RunJournal;
import wildchalk.core.binder.SessionFile;
import wildchalk.core.whistle.Run;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.whistle.RunDocument;

/** Kills {@link RunTrial} at any moment, many times: what was pressed, and whether the clock goes on right. */
public final class RunKillRun {

    private static final int LEAST_PRESSED = 5;
    private static final int LONGEST_MILLIS = 1_200;
    private static final double CLOCK_SECONDS = 0.1;

    private int kills;
    private int presses;
    private int broken;
    private int lostOld;
    private double worstClock;

    private RunKillRun() {}

    public static void main(String[] arguments) throws Exception {
        RunKillRun run = times(Integer.parseInt(arguments[0]));
        System.out.println(run.figures());
        System.exit(run.isClean() ? 0 : 1);
    }

    static RunKillRun times(int kills) throws Exception {
        RunKillRun run = new RunKillRun();
        for (int i = 0; i < kills; i++) {
            run.kill(i);
        }
        return run;
    }

    boolean isClean() {
        return broken == 0 && lostOld == 0 && worstClock <= CLOCK_SECONDS;
    }

    String figures() {
        return "%d kills of a run, %d presses: %d could not be gone on with, in %d something older than 1 s was lost; the clock was at most %.0f ms off"
                .formatted(kills, presses, broken, lostOld, 1000 * worstClock);
    }

    private void kill(long seed) throws Exception {
        Path folder = Files.createTempDirectory("wildchalk-run-kill");
        Path session = Files.createDirectories(folder.resolve("sessions/x")).resolve(SessionFile.NAME);
        Files.copy(
                Demo.folder()
                        .resolve("../sessions/2026-12-03-before-the-weekend")
                        .resolve(SessionFile.NAME),
                session);
        Process process = new ProcessBuilder(
                        System.getProperty("java.home") + "/bin/java",
                        "-XX:+UseSerialGC",
                        "-XX:TieredStopAtLevel=1",
                        "-Djava.awt.headless=true",
                        "-cp",
                        System.getProperty("java.class.path"),
                        RunTrial.class.getName(),
                        session.toString(),
                        String.valueOf(seed))
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        List<String> said = new ArrayList<>();
        long[] killed = new long[1];
        int millis = new Random(seed).nextInt(LONGEST_MILLIS);
        try (BufferedReader out =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
            Thread axe = null;
            for (String line = out.readLine(); line != null; line = out.readLine()) {
                said.add(line);
                if (said.size() == LEAST_PRESSED && axe == null) {
                    axe = new Thread(() -> {
                        long until = System.nanoTime() + millis * 1_000_000L;
                        while (System.nanoTime() < until) {
                            Thread.onSpinWait();
                        }
                        killed[0] = System.currentTimeMillis();
                        // SIGKILL: nothing in it can tidy up; what it has said until then can still be read
                        process.toHandle().destroyForcibly();
                    });
                    axe.start();
                }
            }
            if (axe != null) {
                axe.join();
            }
        }
        process.waitFor();
        look(session, said, killed[0]);
    }

    /** What was said more than a second before the end is there; the clock is where it would be had nothing happened. */
    private void look(Path session, List<String> said, long killed) throws IOException {
        kills++;
        presses += said.size();
        try {
            int kept = RunJournal.left(session).orElseThrow().pressed().size();
            long old = said.stream()
                    .filter(l -> Long.parseLong(l.split(" ")[0]) < killed - 1000)
                    .count();
            lostOld += kept < old ? 1 : 0;
            RunDocument left =
                    RunDocument.left(session, new MachineClocks(), new Faults()).orElseThrow();
            String[] last = said.get(said.size() - 1).split(" ");
            Run now = left.now();
            double expected =
                    Double.parseDouble(last[1]) + (System.currentTimeMillis() - Long.parseLong(last[0])) / 1000.0;
            worstClock = Math.max(worstClock, Math.abs(now.now() - expected));
            left.leave();
        } catch (IOException | RuntimeException e) {
            System.out.println(e);
            broken++;
        }
    }
}
