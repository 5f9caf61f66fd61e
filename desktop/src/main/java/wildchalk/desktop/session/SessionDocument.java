package wildchalk.desktop.session;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.UnaryOperator;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import wildchalk.core.binder.BinderFile;
import wildchalk.core.binder.BinderLibrary;
import wildchalk.core.binder.ChangedMeanwhile;
import wildchalk.core.binder.Expected;
import wildchalk.core.binder.Fingerprint;
import wildchalk.core.binder.SessionFile;
import wildchalk.core.session.Clash;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.session.SessionRemedies;
import wildchalk.core.session.SessionRemedy;
import wildchalk.core.session.Simulations;
import wildchalk.core.squad.Squad;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.document.History;
import wildchalk.desktop.document.Worker;
import wildchalk.desktop.ui.Ui;

/** An open session. Every edit is written to its file at once, so that there is nothing to save and nothing to lose. */
public final class SessionDocument implements AutoCloseable {

    /**
     * A session with what follows from it.
     *
     * @param remedies of each clash, in the order of the plan
     */
    record Worked(SessionPlan plan, Optional<Squad> squad, List<List<SessionRemedy>> remedies) {}

    private final Path file;
    private volatile BinderLibrary library;
    private final History<Session> history;
    private final Faults faults;
    private final Worker worker;
    private final Simulations simulations = new Simulations();
    private final ExecutorService writer = Executors.newSingleThreadExecutor(task -> {
        Thread t = new Thread(task, "wildchalk-session");
        t.setDaemon(true);
        return t;
    });
    private final ReadOnlyObjectWrapper<Session> session = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Worked> worked = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyStringWrapper state = new ReadOnlyStringWrapper("");
    /** What the file holds as far as this one wrote it; on the writer's thread alone, until that has ended. */
    private BinderFile<Session> content;
    /** What the file holds as far as is known here; on the writer's thread alone. */
    private Fingerprint known;

    private SessionDocument(Path file, BinderFile.Read<Session> read, BinderLibrary library, Faults faults) {
        this.file = file;
        this.content = read.content();
        this.known = read.fingerprint();
        this.library = library;
        this.faults = faults;
        this.history = new History<>(read.content().value(), true);
        this.worker = new Worker(why -> faults.told(Faults.Kind.WORK, why));
        shows();
        state.set(Ui.text("session.saved"));
    }

    /** Reads a session and its squad; for a thread that may wait. */
    static SessionDocument open(Path file, Faults faults) throws IOException {
        BinderLibrary library = BinderLibrary.of(file);
        BinderFile.Read<Session> read = SessionFile.KIND.readWhole(file);
        return new SessionDocument(file, read, library, faults);
    }

    public Path file() {
        return file;
    }

    /** Drills may have been changed meanwhile: they are read anew. */
    void readAnew() {
        library = BinderLibrary.of(file);
        shows();
    }

    Simulations simulations() {
        return simulations;
    }

    BinderLibrary library() {
        return library;
    }

    public ReadOnlyObjectProperty<Session> sessionProperty() {
        return session.getReadOnlyProperty();
    }

    public Session session() {
        return session.get();
    }

    /** Null until it has been worked out for the first time. */
    ReadOnlyObjectProperty<Worked> workedProperty() {
        return worked.getReadOnlyProperty();
    }

    /** Whether it is saved, in words. */
    public ReadOnlyStringProperty stateProperty() {
        return state.getReadOnlyProperty();
    }

    // ---- edits ----

    /** One edit, which undo takes back; what cannot be is told and changes nothing. */
    boolean edit(String label, UnaryOperator<Session> change) {
        try {
            if (!history.apply(label, change.apply(history.now()))) {
                return false;
            }
        } catch (IllegalArgumentException refused) {
            faults.told(Faults.Kind.REFUSED, refused);
            return false;
        }
        changed();
        return true;
    }

    public void undo() {
        if (history.undo()) {
            changed();
        }
    }

    public void redo() {
        if (history.redo()) {
            changed();
        }
    }

    public Optional<String> undoLabel() {
        return history.undoLabel();
    }

    public Optional<String> redoLabel() {
        return history.redoLabel();
    }

    private void changed() {
        shows();
        write(history.now());
    }

    private void shows() {
        Session now = history.now();
        BinderLibrary drills = library;
        session.set(now);
        worker.ask(
                () -> {
                    Optional<Squad> squad = squad(now);
                    SessionPlan plan = SessionPlan.of(now, drills, squad, simulations);
                    List<List<SessionRemedy>> remedies = plan.clashes().stream()
                            .map((Clash c) -> SessionRemedies.of(plan, c, drills, squad, simulations))
                            .toList();
                    return new Worked(plan, squad, remedies);
                },
                worked::set);
    }

    private Optional<Squad> squad(Session now) {
        try {
            return library.squad(now);
        } catch (IOException broken) {
            faults.told(Faults.Kind.FOLDER, broken);
            return Optional.empty();
        }
    }

    // ---- the file ----

    private void write(Session now) {
        state.set(Ui.text("session.saving"));
        writer.execute(() -> {
            BinderFile<Session> next = content.with(now);
            try {
                known = next.save(file, Expected.exactly(known));
                content = next;
                faults.mended(Faults.Kind.SESSION);
                tell("session.saved");
            } catch (ChangedMeanwhile other) {
                tell("session.changed");
            } catch (IOException | RuntimeException failed) {
                faults.told(Faults.Kind.SESSION, failed);
                tell("session.failed");
            }
        });
    }

    private void tell(String key) {
        Platform.runLater(() -> state.set(Ui.text(key)));
    }

    /** What is here is written over what somebody else wrote; what that was becomes a backup. */
    void keepMine() {
        Session now = history.now();
        writer.execute(() -> {
            BinderFile<Session> next = content.with(now);
            try {
                known = next.save(file);
                content = next;
                tell("session.saved");
            } catch (IOException | RuntimeException failed) {
                faults.told(Faults.Kind.SESSION, failed);
                tell("session.failed");
            }
        });
    }

    /** Done when everything that was edited until now is in the file, or told not to be. */
    public CompletableFuture<Void> written() {
        return CompletableFuture.runAsync(() -> {}, writer);
    }

    /** Whether somebody else has written the file. */
    boolean isChangedOutside() {
        return Fingerprint.of(file).filter(f -> !f.equals(known)).isPresent();
    }

    /**
     * Waits until everything is written. What could not be, since somebody else had the file or it cannot be written, becomes a
     * session of its own beside it: nothing is lost because another one is opened.
     */
    @Override
    public void close() {
        end();
        Session now = history.now();
        if (!content.value().equals(now)) {
            Path beside = library.binder().newSession(now.date(), now.title());
            try {
                Files.createDirectories(beside.getParent());
                content.with(now).save(beside, Expected.NOTHING);
                faults.told(Faults.Kind.SESSION, new IOException(Ui.text("session.beside", beside.getParent())));
            } catch (IOException failed) {
                faults.told(Faults.Kind.SESSION, failed);
            }
        }
    }

    /** Without keeping what is only here: somebody has chosen what the file holds. */
    void end() {
        worker.close();
        writer.shutdown();
        try {
            writer.awaitTermination(10, java.util.concurrent.TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
