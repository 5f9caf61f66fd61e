package wildchalk.desktop.app;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import wildchalk.core.Demo;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.BinderFile;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.binder.Fingerprint;
import wildchalk.core.binder.LeftJournals;
import wildchalk.core.drill.Drill;

/** Kills {@link KillTrial} at any moment, many times, and counts what was lost and what was broken. */
public final class KillRun {

    private static final int LEAST_EDITS = 3;
    private static final int LONGEST_MILLIS = 1_500;

    private int broken;
    private int foreign;
    private int wrongFile;
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
        return broken == 0 && foreign == 0 && wrongFile == 0 && lostOlderThanASecond == 0;
    }

    String figures(int kills) {
        return ("%d kills during %d edits: %d files broken, %d with what nobody made, %d in the wrong file, %d edits lost that"
                        + " were older than 1 s; the oldest lost was %d ms old")
                .formatted(kills, edits, broken, foreign, wrongFile, lostOlderThanASecond, oldestLost);
    }

    /** What a drill would be in a file, in short. */
    static String hash(Drill drill) {
        return Fingerprint.of(DrillFile.ofNew(drill).toText().getBytes(StandardCharsets.UTF_8))
                .hex()
                .substring(0, 16);
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
                        // SIGKILL: nothing in it can tidy up; what it has said until then can still be read
                        process.toHandle().destroyForcibly();
                    });
                    axe[0].start();
                }
            }
        } catch (IOException cut) {
            // the axe closes what is being read; before it fell that would be a fault
            if (killed[0] == 0) {
                throw cut;
            }
        }
        process.waitFor();
        axe[0].join();
        return killed[0];
    }

    /** One edit that was said. */
    private record Said(int number, long time, String hash, String file) {}

    private void look(Path home, Path drill, List<String> lines, long killed) throws IOException {
        List<Said> said = new ArrayList<>();
        Set<String> written = new HashSet<>();
        written.add(hash(Demo.read("crossing-backs")));
        for (String line : lines) {
            String[] words = line.split(" ");
            if (words[0].equals("edit") && words.length == 5) {
                said.add(new Said(Integer.parseInt(words[1]), Long.parseLong(words[2]), words[3], words[4]));
            } else if (words[0].equals("writes") && words.length == 2) {
                written.add(words[1]);
            }
        }
        edits += said.size();
        for (Binder.Entry entry : new Binder(drill.getParent().getParent()).drills()) {
            broken += entry.content().isEmpty() ? 1 : 0;
            foreign += entry.content().isPresent()
                            && !written.contains(hash(entry.content().get().value()))
                    ? 1
                    : 0;
        }
        LeftJournals<BinderFile<Drill>> left = LeftJournals.in(new Settings(home).journals(), DrillFile.KIND);
        broken += left.damaged().size() + Math.max(0, left.left().size() - 1);
        Said newest = said.get(said.size() - 1);
        String back;
        String file;
        if (left.left().isEmpty()) {
            file = newest.file();
            back = stored(drill.resolveSibling(file)).orElse("");
        } else {
            var journal = left.left().get(0);
            file = journal.belongs().file().map(f -> f.getFileName().toString()).orElse("");
            back = hash(journal.content().value());
        }
        int number = number(said, back, killed);
        for (Said edit : said) {
            if (edit.number() > number) {
                oldestLost = Math.max(oldestLost, killed - edit.time());
                lostOlderThanASecond += killed - edit.time() > 1_000 ? 1 : 0;
            } else if (edit.number() == number && !edit.file().equals(file)) {
                // between a file that moves and the journal that follows it the kill may come
                boolean since = said.stream().anyMatch(e -> e.number() >= number && killed - e.time() <= 1_000);
                wrongFile += since ? 0 : 1;
            }
        }
    }

    private static Optional<String> stored(Path file) {
        try {
            return Optional.of(hash(DrillFile.read(file).value()));
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    /** The newest edit that made this; an edit that was made but not yet said counts as the newest of all. */
    private int number(List<Said> said, String hash, long killed) {
        for (int i = said.size() - 1; i >= 0; i--) {
            if (said.get(i).hash().equals(hash)) {
                return said.get(i).number();
            }
        }
        Said last = said.get(said.size() - 1);
        if (killed - last.time() > 1_000) {
            foreign++;
        }
        return last.number();
    }
}
