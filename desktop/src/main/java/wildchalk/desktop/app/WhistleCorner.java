package wildchalk.desktop.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import javafx.application.Platform;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.MachineClocks;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.document.Worker;
import wildchalk.desktop.session.SessionDocument;
import wildchalk.desktop.ui.Ui;
import wildchalk.desktop.whistle.RunDocument;
import wildchalk.desktop.whistle.WhistleWindow;

/** The session that is being run, in a window of its own. */
final class WhistleCorner {

    /** Asked for when something runs, not at the start. */
    private static final class Clocks {
        private static final MachineClocks HERE = new MachineClocks();
    }

    private final Shell shell;
    private final Faults faults;
    private final Worker worker;
    private WhistleWindow window;
    /** One is being read: whoever opens it holds its file, so that it is opened once. */
    private boolean opening;

    WhistleCorner(Shell shell, Faults faults) {
        this.shell = shell;
        this.faults = faults;
        this.worker = new Worker(why -> {
            faults.told(Faults.Kind.RUN, why);
            Platform.runLater(() -> opening = false);
        });
    }

    boolean isRunning() {
        return window != null;
    }

    Optional<WhistleWindow> window() {
        return Optional.ofNullable(window);
    }

    /** The one that runs; else the session that is open, or the next of the binder, ready to begin. */
    void show(Optional<SessionDocument> open, Optional<Path> next) {
        if (window != null) {
            window.show();
            return;
        }
        if (opening) {
            return;
        }
        Optional<Path> file = open.map(SessionDocument::file).or(() -> next);
        if (file.isEmpty()) {
            faults.told(Faults.Kind.REFUSED, new IOException(Ui.text("whistle.no-session")));
            return;
        }
        opening = true;
        CompletableFuture<Void> written =
                open.map(SessionDocument::written).orElseGet(() -> CompletableFuture.completedFuture(null));
        worker.ask(
                () -> {
                    written.join();
                    try {
                        return RunDocument.left(file.get(), Clocks.HERE, faults).orElseGet(() -> ready(file.get()));
                    } catch (IOException e) {
                        throw new UncheckedIOException(e);
                    }
                },
                this::open);
    }

    private RunDocument ready(Path file) {
        try {
            return RunDocument.ready(file, Clocks.HERE, faults);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void open(RunDocument run) {
        opening = false;
        if (window == null) {
            window = new WhistleWindow(run, shell.getScene().getStylesheets(), faults, this::finished);
        }
        window.show();
        shell.refreshBar();
    }

    private void finished() {
        Path file = window.document().file();
        window = null;
        shell.refreshBar();
        shell.hour().showLog(file);
    }

    /** What a crash, or somebody who closed the program, has left running goes on; what is long over goes to its log. */
    void recover(Binder binder) {
        if (opening || window != null) {
            return;
        }
        opening = true;
        worker.ask(
                () -> {
                    try {
                        List<Path> left = binder.runs();
                        for (Path file : left) {
                            Optional<RunDocument> run = RunDocument.left(file, Clocks.HERE, faults);
                            if (run.isPresent() && run.get().isLongOver()) {
                                run.get().finish(run.get().lastKnown());
                                faults.told(
                                        Faults.Kind.LEFT,
                                        new IOException(Ui.text(
                                                "whistle.left.logged",
                                                run.get().planned().title())));
                            } else if (run.isPresent()) {
                                return run;
                            }
                        }
                        return Optional.<RunDocument>empty();
                    } catch (IOException e) {
                        throw new UncheckedIOException(e);
                    }
                },
                run -> {
                    opening = false;
                    run.ifPresent(this::open);
                });
    }

    /** The program ends; what runs can be gone on with. */
    void close() {
        if (window != null) {
            window.leave();
            window = null;
        }
    }
}
