package wildchalk.desktop.app;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.TextInputControl;
import wildchalk.core.binder.Backups;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.BinderFile;
import wildchalk.core.binder.ChangedMeanwhile;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.binder.Expected;
import wildchalk.core.binder.Fingerprint;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.DrillId;
import wildchalk.core.drill.Progression;
import wildchalk.core.edit.Wholes;
import wildchalk.core.text.Slugs;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Stored;
import wildchalk.desktop.ui.Failures;
import wildchalk.desktop.ui.SaveQuestion;
import wildchalk.desktop.ui.Ui;

/** Saves the open drill, brings back what it was, and asks before anything of it could be lost. */
final class Saving {

    private final Shell shell;
    private boolean writing;

    Saving(Shell shell) {
        this.shell = shell;
    }

    /** Saves to the drill's file, or to a new one in the binder; false if that failed. */
    boolean save() {
        finishTyping();
        if (writing) {
            return false; // pressed again while it is being written
        }
        return shell.document().map(this::save).orElse(true);
    }

    private boolean save(DrillDocument document) {
        while (true) {
            Path target = document.file().orElseGet(() -> free(document));
            try {
                write(document, target, document::save);
                return true;
            } catch (ChangedMeanwhile changed) {
                boolean newName = document.file().isEmpty(); // somebody has just taken it: the next one will do
                if (!newName && !decided(document, target)) {
                    return false;
                }
            } catch (IOException e) {
                failed(target, e);
                return false;
            }
        }
    }

    private Path free(DrillDocument document) {
        return shell.binder().newFile(document.drill().title());
    }

    /** Shows what somebody else has written beside what would be saved; false to stay as it is. */
    private boolean decided(DrillDocument document, Path target) {
        Stored<Drill> theirs;
        try {
            theirs = Stored.read(DrillFile.KIND, target);
        } catch (IOException unreadable) {
            return unreadable(document, target);
        }
        Drill there = theirs.content().value();
        Optional<TwoStates.Answer> answer = new TwoStates(shell.ground(), shell.reader())
                .ask(shell.stage(), "conflict", document.drill().title(), document.drill(), there);
        if (answer.isEmpty()) {
            return false;
        }
        switch (answer.get().keep()) {
            case HERE -> {}
            case THERE -> document.edit(Ui.text("conflict.edit"), Wholes.bringBack(there));
            case SOME -> bring(document, Ui.text("conflict.edit"), answer.get().versions());
            case BOTH -> {
                return saveTo(document, free(document));
            }
        }
        document.seen(theirs);
        return true;
    }

    private boolean unreadable(DrillDocument document, Path target) {
        return switch (SaveQuestions.changedOutside(shell.stage(), target)) {
            case OVER -> {
                document.seen(new Stored<>(document.stored().content(), Optional.of(target), Fingerprint.of(target)));
                yield true;
            }
            case BESIDE -> saveTo(document, free(document));
            case STAY -> false;
        };
    }

    /** Asks where to. */
    void saveAs() {
        finishTyping();
        shell.document()
                .ifPresent(document -> SaveQuestion.ask(
                                shell.dialogs(),
                                shell.stage(),
                                shell.binder().drillsFolder(),
                                Binder.stem(free(document)),
                                DrillFile.SUFFIX)
                        .ifPresent(target -> saveTo(document, target)));
    }

    /** Saving to a free name, or over what is there. */
    @FunctionalInterface
    private interface Writing {
        void to(Path target) throws IOException;
    }

    /** The window goes on while it is written: a drill that is closed meanwhile is none of the window's. */
    private void write(DrillDocument document, Path target, Writing how) throws IOException {
        writing = true;
        try {
            how.to(target);
        } finally {
            writing = false;
        }
        if (shell.document().equals(Optional.of(document))) {
            shell.saved(target);
        }
    }

    private boolean saveTo(DrillDocument document, Path target) {
        try {
            // the system has asked whether what is there may go
            write(document, target, document::saveOver);
            return true;
        } catch (IOException e) {
            failed(target, e);
            return false;
        }
    }

    private void failed(Path target, IOException e) {
        String text = Failures.said(e);
        shell.error(text.contains(target.getFileName().toString()) ? text : target + ": " + text);
    }

    /** Whether the open drill may be left: it is saved, or its changes are not wanted. */
    boolean mayLeave() {
        finishTyping();
        Optional<DrillDocument> document = shell.document().filter(d -> !d.isSaved());
        if (document.isEmpty()) {
            return true;
        }
        return switch (SaveQuestions.leaving(
                shell.stage(), document.get().drill().title())) {
            case SAVE -> save();
            case DISCARD -> true;
            case STAY -> false;
        };
    }

    /** What is being typed on the Board is kept when the field is left, so it is left first. */
    private void finishTyping() {
        boolean typing = shell.getScene() != null && shell.getScene().getFocusOwner() instanceof TextInputControl;
        if (typing && shell.isOnBoard()) {
            shell.board().ifPresent(b -> b.focusBoard());
        }
    }

    // ---- what it was before ----

    /** Shows the backups of the open drill's file. */
    void earlier() {
        shell.document().ifPresent(this::earlier);
    }

    private void earlier(DrillDocument document) {
        List<Backups.Backup> all;
        try {
            all = document.file().isPresent() ? Backups.of(document.file().get()) : List.of();
        } catch (IOException e) {
            shell.error(Failures.said(e));
            return;
        }
        if (all.isEmpty()) {
            shell.say(Ui.text("backups.none"));
            return;
        }
        BackupsDialog.ask(
                        shell.stage(),
                        document.drill(),
                        document.versionProperty().get(),
                        all,
                        shell.ground(),
                        shell.reader())
                .ifPresent(answer -> take(document, answer));
    }

    private void take(DrillDocument document, BackupsDialog.Answer answer) {
        switch (answer.what()) {
            case BRING_BACK ->
                document.edit(
                        Ui.text("backups.edit"),
                        Wholes.bringBack(answer.content().value()));
            case SOME -> bring(document, Ui.text("backups.edit"), answer.versions());
            case KEEP_BOTH -> keepBeside(answer.content());
        }
    }

    private static void bring(DrillDocument document, String label, List<Progression> versions) {
        document.edit(label, Wholes.bringBack(Merges.with(document.drill(), versions)));
    }

    private void keepBeside(BinderFile<Drill> earlier) {
        Drill drill = earlier.value();
        String title = Ui.text("backups.beside", drill.title());
        try {
            Path target = shell.binder().newFile(title);
            earlier.with(drill.withTitle(title).withId(new DrillId(Slugs.of(title))))
                    .save(target, Expected.NOTHING);
            shell.say(Ui.text("backups.kept", target.getFileName()));
        } catch (IOException e) {
            shell.error(Failures.said(e));
        }
    }
}
