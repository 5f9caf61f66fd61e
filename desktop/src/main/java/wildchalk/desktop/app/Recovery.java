package wildchalk.desktop.app;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import wildchalk.core.binder.BinderFile;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.binder.LeftJournals;
import wildchalk.core.binder.LeftJournals.Left;
import wildchalk.core.drill.Drill;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.ui.Failures;
import wildchalk.desktop.ui.Ui;

/** Offers what a crash has left, each journal on its own. */
final class Recovery {

    private final Shell shell;
    private final Path journals;
    private boolean opened;

    Recovery(Shell shell, Path journals) {
        this.shell = shell;
        this.journals = journals;
    }

    /**
     * Asks about each journal that was left. The first that is wanted is opened, with what it brings waiting to be saved; of
     * several the others go to their files, or become files of the binder, so that none is lost for another.
     */
    void offer() {
        LeftJournals<BinderFile<Drill>> all;
        try {
            all = LeftJournals.in(journals, DrillFile.KIND);
        } catch (IOException e) {
            shell.faults().told(Faults.Kind.LEFT, e);
            return;
        }
        for (Left<BinderFile<Drill>> left : all.left()) {
            try {
                offer(left);
            } catch (IOException e) {
                // the journal stays, and is offered again
                shell.error(Ui.text("journal.failed", left.content().value().title(), Failures.said(e)));
            }
        }
        for (LeftJournals.Damaged damaged : all.damaged()) {
            putAside(damaged);
        }
    }

    private void putAside(LeftJournals.Damaged damaged) {
        try {
            Path there = damaged.putAside();
            shell.faults().told(Faults.Kind.LEFT, new IOException(Ui.text("journal.damaged", damaged.why(), there)));
        } catch (IOException e) {
            shell.faults().told(Faults.Kind.LEFT, e);
        }
    }

    private void offer(Left<BinderFile<Drill>> left) throws IOException {
        if (left.state() == Left.State.CHANGED_SINCE) {
            bothStates(left);
            return;
        }
        Optional<Boolean> answer = JournalDialog.ask(shell.stage(), left);
        if (answer.isEmpty()) {
            return;
        }
        if (answer.get()) {
            Optional<Path> file = left.state() == Left.State.NO_FILE
                    ? Optional.empty()
                    : left.belongs().file();
            bring(file, left.content());
        }
        left.discard();
    }

    private void bring(Optional<Path> file, BinderFile<Drill> content) throws IOException {
        if (!opened) {
            shell.openChanged(file, content);
            opened = true;
            // the old journal goes only when the new one holds it
            if (shell.document().isPresent()) {
                shell.document().get().flush();
            }
        } else if (file.isPresent()) {
            content.save(file.get());
        } else {
            shell.binder().saveNew(content);
        }
    }

    /** The file was written by somebody since: nothing is put over it unasked. */
    private void bothStates(Left<BinderFile<Drill>> left) throws IOException {
        Path file = left.belongs().file().orElseThrow();
        BinderFile<Drill> there;
        try {
            there = DrillFile.read(file);
        } catch (IOException unreadable) {
            // what the file holds stays where it is; what was brought back becomes a drill of its own
            if (JournalDialog.ask(shell.stage(), left).orElse(false)) {
                bring(Optional.empty(), left.content());
                left.discard();
            }
            return;
        }
        Optional<TwoStates.Answer> answer = new TwoStates(shell.ground(), shell.reader())
                .ask(
                        shell.stage(),
                        "journal.two",
                        left.content().value().title(),
                        there.value(),
                        left.content().value());
        if (answer.isEmpty()) {
            return;
        }
        switch (answer.get().keep()) {
            case HERE -> {}
            case THERE -> bring(Optional.of(file), left.content());
            case BOTH -> shell.binder().saveNew(left.content());
            case SOME -> bringVersions(file, there, answer.get());
        }
        left.discard();
    }

    private void bringVersions(Path file, BinderFile<Drill> there, TwoStates.Answer answer) throws IOException {
        BinderFile<Drill> merged = there.with(Merges.with(there.value(), answer.versions()));
        bring(Optional.of(file), merged);
    }
}
