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
import java.util.stream.Stream;
import wildchalk.core.Demo;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.binder.Journal;

/** Kills {@link KillTrial} at any moment, many times, and counts what was lost and what was broken. */
public final class KillRun {

    private static final int LEAST_EDITS = 3;
    private static final int LONGEST_MILLIS = 1_500;

    private int broken;
    private int edits;
    private long oldestLost;
    private int lostOlderThanASecond;

    private KillRun() {}

    public static void main(String[] arguments) throws Exception {
        int kills = Integer.parseInt(arguments[0]);
        KillRun run = new KillRun();
        for (int i = 0; i < kills; i++) {
            run.kill(i);
            if ((i + 1) % 20 == 0) {
                System.out.println("after " + run.figures(i + 1));
            }
        }
        System.out.println(run.figures(kills));
        System.exit(run.isClean() ? 0 : 1);
    }

    /** Kills so often, as a test does. */
    static KillRun times(int kills) throws Exception {
        KillRun run = new KillRun();
        for (int i = 0; i < kills; i++) {
            run.kill(1_000 + i);
        }
        return run;
    }

    boolean isClean() {
        return broken == 0 && lostOlderThanASecond == 0;
    }

    String figures(int kills) {
        return "%d kills during %d edits: %d files broken, %d edits lost that were older than 1 s; the oldest lost was %d ms old"
                .formatted(kills, edits, broken, lostOlderThanASecond, oldestLost);
    }

    private void kill(long seed) throws Exception {
        Path folder = Files.createTempDirectory("wildchalk-kill");
        Path home = Files.createDirectories(folder.resolve("home"));
        Path drill = folder.resolve("binder/drills/under-the-axe.drill.json");
        DrillFile.ofNew(Demo.read("crossing-backs")).save(drill);
        List<String> command = new ArrayList<>(List.of(
                System.getProperty("java.home") + "/bin/java",
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-Dprism.order=sw",
                "-Djava.awt.headless=true",
                "-cp",
                System.getProperty("java.class.path"),
                KillTrial.class.getName() + "$Start",
                home.toString(),
                drill.toString(),
                String.valueOf(seed)));
        Process process = new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        List<String> said = new ArrayList<>();
        long killed = edit(process, said, new Random(seed).nextInt(LONGEST_MILLIS));
        look(home, drill, said, killed);
    }

    /** Lets a few edits pass, then kills after some more time; what was said until then is kept. */
    private static long edit(Process process, List<String> said, int millis) throws Exception {
        Thread[] axe = new Thread[1];
        long[] killed = new long[1];
        try (BufferedReader out =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
            for (String line = out.readLine(); line != null; line = out.readLine()) {
                said.add(line);
                if (said.size() == LEAST_EDITS && axe[0] == null) {
                    axe[0] = new Thread(() -> {
                        long until = System.nanoTime() + millis * 1_000_000L;
                        while (System.nanoTime() < until) {
                            Thread.onSpinWait();
                        }
                        killed[0] = System.currentTimeMillis();
                        process.destroyForcibly(); // SIGKILL: nothing in it can tidy up
                    });
                    axe[0].start();
                }
            }
        }
        process.waitFor();
        axe[0].join();
        return killed[0];
    }

    private void look(Path home, Path drill, List<String> said, long killed) throws IOException {
        int back = 0;
        try {
            back = number(DrillFile.read(drill).drill().title());
        } catch (IOException e) {
            broken++;
        }
        Path journals = new Settings(home).journals();
        List<Journal.Left> left = Journal.left(journals);
        for (Journal.Left journal : left) {
            back = Math.max(back, number(journal.content().drill().title()));
        }
        try (Stream<Path> all = Files.list(journals)) {
            long there = all.filter(f -> f.toString().endsWith(".journal"))
                    .filter(f -> !f.getFileName().toString().startsWith("."))
                    .count();
            broken += (int) (there - left.size());
        }
        for (String line : said) {
            String[] words = line.split(" ");
            if (words.length == 3 && words[0].equals("edit")) {
                edits++;
                long age = killed - Long.parseLong(words[2]);
                if (Integer.parseInt(words[1]) > back) {
                    oldestLost = Math.max(oldestLost, age);
                    lostOlderThanASecond += age > 1_000 ? 1 : 0;
                }
            }
        }
    }

    private static int number(String title) {
        return title.startsWith("Edit ") ? Integer.parseInt(title.substring("Edit ".length())) : 0;
    }
}
