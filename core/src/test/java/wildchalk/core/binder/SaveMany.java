package wildchalk.core.binder;

import java.io.IOException;
import java.nio.file.Path;
import wildchalk.core.drill.Drill;

/** One of two programs that write to the same binder: the same file again and again, and new drills of the same titles. */
final class SaveMany {

    private SaveMany() {}

    /** @param arguments the binder's folder, the shared file, who this is, how many times */
    public static void main(String[] arguments) throws IOException {
        Binder binder = new Binder(Path.of(arguments[0]));
        Path shared = Path.of(arguments[1]);
        String who = arguments[2];
        int times = Integer.parseInt(arguments[3]);
        int seen = 0;
        for (int i = 0; i < times; i++) {
            seen += add(shared, who + i);
            Drill own = DrillFile.read(shared).value();
            binder.saveNew(DrillFile.ofNew(own.withNotes(who + i).withTitle("Shared " + i % 7)));
        }
        System.out.println(who + " saw what the other had written " + seen + " times");
    }

    /** Adds a word to what the file holds; where the other was quicker, to what it holds then. */
    private static int add(Path file, String word) throws IOException {
        for (int tries = 0; ; tries++) {
            BinderFile.Read<Drill> now = DrillFile.KIND.readWhole(file);
            Drill drill = now.content().value();
            try {
                now.content()
                        .with(drill.withNotes(drill.notes() + " " + word))
                        .save(file, Expected.exactly(now.fingerprint()));
                return tries;
            } catch (ChangedMeanwhile somebody) {
                // looked at again, and nothing of the other's is lost
            }
        }
    }
}
