package wildchalk.core.binder;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import wildchalk.core.Demo;
import wildchalk.core.drill.Drill;

/** Starts a class twice, as two programs at one binder, and looks whether all that both have saved is there. */
public final class TwoPrograms {

    private TwoPrograms() {}

    /**
     * @param program adds its words {@code a0, a1 …} to the notes of the shared drill, and saves each as the notes of a new
     *     drill called "Shared …"; its arguments are the binder's folder, the shared file, who it is and how many times
     */
    public static void assertNothingIsLost(Class<?> program, Path folder, int times)
            throws IOException, InterruptedException {
        Binder binder = new Binder(folder);
        Path shared = binder.drillsFolder().resolve("shared.drill.json");
        DrillFile.ofNew(Demo.read("crossing-backs").withNotes("")).save(shared);
        Process a = start(program, folder, shared, "a", times);
        Process b = start(program, folder, shared, "b", times);
        assertEquals(0, a.waitFor());
        assertEquals(0, b.waitFor());
        Set<String> words = new HashSet<>(
                Arrays.asList(DrillFile.read(shared).value().notes().strip().split(" ")));
        Set<String> wanted = new HashSet<>();
        for (int i = 0; i < times; i++) {
            wanted.addAll(List.of("a" + i, "b" + i));
        }
        assertEquals(wanted, words, "every save to the shared file");
        Set<String> fresh = new HashSet<>();
        for (Binder.Entry entry : binder.drills()) {
            Drill drill = entry.content().orElseThrow().value();
            if (drill.title().startsWith("Shared ")) {
                assertTrue(fresh.add(drill.notes()), "each in a file of its own");
            }
        }
        assertEquals(wanted, fresh, "every new drill");
    }

    private static Process start(Class<?> program, Path binder, Path shared, String who, int times) throws IOException {
        return new ProcessBuilder(
                        System.getProperty("java.home") + "/bin/java",
                        "-XX:+UseSerialGC",
                        "-XX:TieredStopAtLevel=1",
                        "-Dprism.order=sw",
                        "-cp",
                        System.getProperty("java.class.path"),
                        program.getName(),
                        binder.toString(),
                        shared.toString(),
                        who,
                        String.valueOf(times))
                .inheritIO()
                .start();
    }
}
