package wildchalk.desktop.whistle;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import java.util.function.Supplier;
import wildchalk.core.binder.BinderLibrary;
import wildchalk.core.binder.LogFile;
import wildchalk.core.binder.RunJournal;
import wildchalk.core.binder.SessionFile;
import wildchalk.core.log.Log;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.session.Simulations;
import wildchalk.core.squad.Squad;
import wildchalk.core.whistle.Reading;
import wildchalk.core.whistle.Rescue;
import wildchalk.core.whistle.Run;
import wildchalk.core.whistle.RunClock;
import wildchalk.core.whistle.RunHead;
import wildchalk.core.whistle.RunLog;
import wildchalk.core.whistle.Running;
import wildchalk.core.whistle.Signal;
import wildchalk.core.whistle.Stamped;
import wildchalk.desktop.document.Faults;

/** A session that is being run, or about to be. What is pressed goes to the disk at once. On the window's thread alone. */
public final class RunDocument {

    /** How often (s) the journal is told where the clock is. */
    private static final double BEAT_SECONDS = 0.5;

    private static final int PATIENCE_SECONDS = 10;

    /** After a session nobody goes on with it when so much time (s) has gone by. */
    private static final double LONG_SECONDS = 3600;

    private final Path file;
    private final BinderLibrary library;
    private final Optional<Squad> squad;
    private final Supplier<Reading> clocks;
    private final Faults faults;
    private final Map<Session, SessionPlan> plans = new HashMap<>();
    private final Simulations simulations = new Simulations();
    private final List<Stamped> pressed = new ArrayList<>();
    /** A slow disk holds nobody up. */
    private final ExecutorService writer = Executors.newSingleThreadExecutor(task -> {
        Thread t = new Thread(task, "wildchalk-run");
        t.setDaemon(true);
        return t;
    });

    private RunHead head;
    private RunClock clock;
    private RunJournal journal;
    private double told = Double.NEGATIVE_INFINITY;
    /** Its log is written: nothing more goes to the journal. */
    private volatile boolean over;

    /** When the run began, as the clock on the wall says now. */
    private LocalTime began = LocalTime.now();
    /** How long nobody was there to see it: this run was left by a crash. */
    private double unseenSeconds;

    private RunDocument(
            Path file,
            RunHead head,
            BinderLibrary library,
            Optional<Squad> squad,
            Supplier<Reading> clocks,
            Faults faults) {
        this.file = file;
        this.head = head;
        this.library = library;
        this.squad = squad;
        this.clocks = clocks;
        this.faults = faults;
    }

    /** Makes one ready to begin; reads files, for a thread that may wait. */
    public static RunDocument ready(Path file, Supplier<Reading> clocks, Faults faults) throws IOException {
        Session session = SessionFile.read(file).value();
        BinderLibrary library = BinderLibrary.of(file);
        RunDocument run =
                new RunDocument(file, new RunHead(session, 0), library, library.squad(session), clocks, faults);
        run.plan(session);
        return run;
    }

    /**
     * One that was left by a crash, or by somebody who closed the program: its clock has gone on.
     *
     * @return empty where nothing was left
     */
    public static Optional<RunDocument> left(Path file, Supplier<Reading> clocks, Faults faults) throws IOException {
        Optional<RunJournal.Left> left = RunJournal.left(file);
        if (left.isEmpty()) {
            return Optional.empty();
        }
        RunJournal.Left was = left.get();
        BinderLibrary library = BinderLibrary.of(file);
        Session session = was.head().session();
        RunDocument run = new RunDocument(file, was.head(), library, library.squad(session), clocks, faults);
        run.pressed.addAll(was.pressed());
        run.clock = new RunClock(clocks, was.at(), was.reading());
        double now = run.clock.now();
        run.unseenSeconds = now - was.at();
        run.began = LocalTime.now().minus(Duration.ofMillis(Math.round(1000 * now)));
        run.plan(session);
        // the last that can fail: it holds the file from here on
        run.journal = RunJournal.goOn(file, run::writes);
        return Optional.of(run);
    }

    private void writes(Optional<IOException> failed) {
        failed.ifPresentOrElse(e -> faults.told(Faults.Kind.RUN, e), () -> faults.mended(Faults.Kind.RUN));
    }

    // ---- what it is ----

    public Path file() {
        return file;
    }

    public Session planned() {
        return head.session();
    }

    Optional<Squad> squad() {
        return squad;
    }

    LocalTime began() {
        return began;
    }

    double unseenSeconds() {
        return unseenSeconds;
    }

    /** Seconds that were only guessed, since the computer slept or its clock was set. */
    double guessedSeconds() {
        return clock == null ? 0 : clock.guessedSeconds();
    }

    boolean hasBegun() {
        return clock != null;
    }

    private SessionPlan plan(Session session) {
        return plans.computeIfAbsent(session, s -> SessionPlan.of(s, library, squad, simulations));
    }

    // ---- running ----

    /** The clock goes. */
    void begin() throws IOException {
        if (hasBegun()) {
            return;
        }
        LocalDateTime now = LocalDateTime.now();
        Session session = head.session();
        double late =
                Duration.between(session.date().atTime(session.start()), now).toMillis() / 1000.0;
        RunHead begun = new RunHead(session, late);
        RunClock started = RunClock.started(clocks);
        journal = RunJournal.start(file, begun, started.reading(), this::writes);
        head = begun;
        clock = started;
        began = now.toLocalTime();
    }

    void press(Signal signal) {
        if (hasBegun()) {
            Stamped stamped = new Stamped(clock.now(), signal);
            pressed.add(stamped);
            write(() -> journal.press(stamped));
        }
    }

    /** Where it stands now; before it has begun, where it will begin. */
    public Run now() {
        double at = hasBegun() ? clock.now() : 0;
        if (hasBegun() && at - told >= BEAT_SECONDS) {
            told = at;
            Reading reading = clock.reading();
            write(() -> journal.tick(at, reading));
        }
        return Running.at(head.session(), head.lateSeconds(), pressed, this::plan, at);
    }

    /** What to do when the rest does not fit any more; for any thread. */
    Function<Run, Optional<Rescue>> rescuer() {
        Simulations own = new Simulations();
        return run -> Rescue.of(run, library, squad, own);
    }

    /** Whether it was left so long ago that nobody will go on with it. */
    public boolean isLongOver() {
        return unseenSeconds > LONG_SECONDS && now().now() > now().hallEnd() + LONG_SECONDS;
    }

    /** What was done until it was left. */
    public Log lastKnown() {
        double at = clock.now() - unseenSeconds;
        return RunLog.of(
                head.session(),
                Running.at(head.session(), head.lateSeconds(), pressed, this::plan, Math.max(at, lastPressed())));
    }

    private double lastPressed() {
        return pressed.isEmpty() ? 0 : pressed.get(pressed.size() - 1).at();
    }

    /** What was done so far. */
    Log log() {
        return RunLog.of(head.session(), now());
    }

    /**
     * Over: what was done goes to the log beside the session; for a thread that may wait. Where it cannot be written all is as it
     * was: what is pressed then still counts.
     *
     * @param log as it was on the window's thread
     */
    public void finish(Log log) throws IOException {
        try {
            CompletableFuture.runAsync(
                            () -> {
                                try {
                                    LogFile.add(file, log);
                                    over = true;
                                    journal.finished();
                                } catch (IOException e) {
                                    throw new UncheckedIOException(e);
                                }
                            },
                            writer)
                    .join();
        } catch (CompletionException failed) {
            throw failed.getCause() instanceof UncheckedIOException e ? e.getCause() : new IOException(failed);
        }
        writer.shutdown();
    }

    /** Leaves it running, to be gone on with. */
    public void leave() {
        writer.shutdown();
        try {
            writer.awaitTermination(PATIENCE_SECONDS, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        try {
            if (journal != null && !over) {
                journal.close();
            }
        } catch (IOException e) {
            faults.told(Faults.Kind.RUN, e);
        }
    }

    /** Not once all is over. */
    private void write(Runnable line) {
        if (!writer.isShutdown()) {
            writer.execute(() -> {
                if (!over) {
                    line.run();
                }
            });
        }
    }
}
