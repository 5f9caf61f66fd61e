package wildchalk.desktop.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import wildchalk.core.binder.Journal;

/** Offers what a crash has left. */
final class Recovery {

    private final Shell shell;
    private final Path journals;

    Recovery(Shell shell, Path journals) {
        this.shell = shell;
        this.journals = journals;
    }

    /**
     * Asks about each journal that was left. The first that is wanted is opened; of several the others become files of the
     * binder, so that none is lost for another.
     */
    void offer() {
        try {
            boolean opened = false;
            for (Journal.Left left : Journal.left(journals)) {
                Optional<Boolean> answer = JournalDialog.ask(shell.stage(), left);
                if (answer.isEmpty()) {
                    continue;
                }
                if (answer.get() && opened) {
                    left.content()
                            .save(shell.binder().newFile(left.content().drill().title()));
                } else if (answer.get()) {
                    shell.openChanged(left.file().filter(Files::isRegularFile), left.content());
                    opened = true;
                }
                Journal.discard(left);
            }
        } catch (IOException e) {
            shell.error(e.getMessage());
        }
    }
}
