package wildchalk.desktop.document;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import javafx.application.Platform;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.ChangedMeanwhile;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.drill.Drill;
import wildchalk.core.edit.Wholes;
import wildchalk.picture.export.Reader;

/**
 * One of two windows at the same binder: it edits and saves the same drill again and again, and saves new ones of the same
 * titles. When it is told that the other was quicker, it does what the coach does in front of the two states: it takes the
 * other's, adds its own, and saves.
 */
final class SaveManyByDocument {

    private SaveManyByDocument() {}

    /** @param arguments the binder's folder, the shared file, who this is, how many times */
    public static void main(String[] arguments) throws Exception {
        CompletableFuture<Integer> conflicts = new CompletableFuture<>();
        Platform.startup(() -> {
            try {
                conflicts.complete(run(
                        new Binder(Path.of(arguments[0])),
                        Path.of(arguments[1]),
                        arguments[2],
                        Integer.parseInt(arguments[3])));
            } catch (IOException | RuntimeException e) {
                conflicts.completeExceptionally(e);
            }
        });
        System.out.println(arguments[2] + " was shown what the other had written " + conflicts.get() + " times");
        Platform.exit();
    }

    private static int run(Binder binder, Path shared, String who, int times) throws IOException {
        int shown = 0;
        Faults faults = new Faults();
        try (DrillDocument open = new DrillDocument(Stored.read(DrillFile.KIND, shared), Reader.USUAL, faults)) {
            for (int i = 0; i < times; i++) {
                add(open, who + i);
                while (!saved(open, shared)) {
                    shown++;
                    Stored<Drill> theirs = Stored.read(DrillFile.KIND, shared);
                    open.edit(
                            "take the other's",
                            Wholes.bringBack(theirs.content().value()));
                    open.seen(theirs);
                    add(open, who + i);
                }
                saveNew(binder, open.drill().withNotes(who + i).withTitle("Shared " + i % 7), faults);
            }
        }
        return shown;
    }

    private static void add(DrillDocument open, String word) {
        open.edit("a word", Wholes.bringBack(open.drill().withNotes(open.drill().notes() + " " + word)));
    }

    private static boolean saved(DrillDocument open, Path target) throws IOException {
        try {
            open.save(target);
            return true;
        } catch (ChangedMeanwhile somebody) {
            return false;
        }
    }

    private static void saveNew(Binder binder, Drill drill, Faults faults) throws IOException {
        Stored<Drill> fresh = Stored.of(DrillFile.ofNew(drill), Optional.empty());
        try (DrillDocument one = new DrillDocument(fresh, Reader.USUAL, faults)) {
            while (!saved(one, binder.newFile(drill.title()))) {
                // somebody has just taken that name
            }
        }
    }
}
