package wildchalk.desktop.app;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import wildchalk.core.binder.BinderFile;
import wildchalk.core.binder.ConflictingCopies;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.binder.Expected;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.DrillId;
import wildchalk.core.text.Slugs;
import wildchalk.desktop.ui.Ui;

/** Shows a drill and a copy that a sync tool has put beside it: either is kept, both, or version by version. */
final class CopyQuestion {

    private final Shell shell;

    CopyQuestion(Shell shell) {
        this.shell = shell;
    }

    /** Asks. Whatever is not kept becomes an earlier state of the drill, so that it can be brought back. */
    void ask(Path copy, Path original) throws IOException {
        BinderFile.Read<Drill> here = DrillFile.KIND.readWhole(original);
        BinderFile<Drill> there = DrillFile.read(copy);
        Optional<TwoStates.Answer> answer = new TwoStates(shell.ground(), shell.reader())
                .ask(
                        shell.stage(),
                        "copy",
                        here.content().value().title(),
                        here.content().value(),
                        there.value());
        if (answer.isEmpty()) {
            return;
        }
        switch (answer.get().keep()) {
            case HERE -> ConflictingCopies.putAway(copy, original);
            case THERE -> replace(original, here, there, copy);
            case SOME ->
                replace(
                        original,
                        here,
                        here.content()
                                .with(Merges.with(
                                        here.content().value(), answer.get().versions())),
                        copy);
            case BOTH -> {
                Drill drill = there.value();
                String title = Ui.text("binder.copy", drill.title());
                shell.binder().saveNew(there.with(drill.withTitle(title).withId(new DrillId(Slugs.of(title)))));
                ConflictingCopies.putAway(copy, original);
            }
        }
    }

    private static void replace(Path original, BinderFile.Read<Drill> seen, BinderFile<Drill> by, Path copy)
            throws IOException {
        by.save(original, Expected.exactly(seen.fingerprint()));
        ConflictingCopies.putAway(copy, original);
    }
}
