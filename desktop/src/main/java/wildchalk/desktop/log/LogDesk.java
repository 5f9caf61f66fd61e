package wildchalk.desktop.log;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.BinderFile;
import wildchalk.core.binder.BinderLibrary;
import wildchalk.core.binder.LogFile;
import wildchalk.core.binder.Seasons;
import wildchalk.core.binder.SessionFile;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.DrillId;
import wildchalk.core.log.Log;
import wildchalk.core.season.NextWeek;
import wildchalk.core.season.Weeks;
import wildchalk.core.session.Session;
import wildchalk.core.session.Simulations;
import wildchalk.core.squad.Squad;
import wildchalk.core.stopwatch.LearnedPace;
import wildchalk.core.words.WeeksWriter;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.ui.FileDialogs;
import wildchalk.desktop.ui.Ui;

/** What the Log place needs of the binder. Its files are read and written by threads that may wait. */
public final class LogDesk {

    /** How many weeks are looked at together. */
    static final int WEEKS = 6;

    private final Supplier<Binder> binder;
    private final Consumer<Path> open;
    private final FileDialogs dialogs;
    private final Faults faults;
    private final Simulations simulations = new Simulations();

    /** @param open shows a session in the Session place */
    public LogDesk(Supplier<Binder> binder, Consumer<Path> open, FileDialogs dialogs, Faults faults) {
        this.binder = binder;
        this.open = open;
        this.dialogs = dialogs;
        this.faults = faults;
    }

    /**
     * All that is to be seen.
     *
     * @param entries of sessions that have a log or cannot be read, the latest first
     * @param weeks of the last of them
     */
    record Read(
            List<Seasons.Entry> entries,
            Weeks weeks,
            WeeksWriter words,
            Optional<Squad> squad,
            Optional<NextWeek> next) {
        Read {
            entries = List.copyOf(entries);
        }
    }

    /** For a thread that may wait. */
    synchronized Read read() throws IOException {
        Binder now = binder.get();
        BinderLibrary library = new BinderLibrary(now);
        Seasons seasons = Seasons.of(now, library, simulations);
        Seasons.Lately lately = seasons.lately(WEEKS, library, simulations);
        List<Seasons.Entry> entries = new ArrayList<>(seasons.entries().stream()
                .filter(e -> e.practice().isPresent()
                        || e.problem().isPresent()
                        || !e.replies().isEmpty())
                .toList());
        java.util.Collections.reverse(entries);
        return new Read(
                entries,
                lately.weeks(),
                new WeeksWriter(lately.weeks(), library, lately.squad()),
                lately.squad(),
                lately.next());
    }

    /** Makes a session of what is proposed and shows it. */
    void plan(Session session) {
        Path file = binder.get().newSession(session.date(), session.title());
        try {
            Files.createDirectories(file.getParent());
            SessionFile.ofNew(session).save(file);
            open.accept(file);
        } catch (IOException e) {
            faults.told(Faults.Kind.FOLDER, e);
        }
    }

    /**
     * Draws a drill so that reps follow each other as they were stopped; what it was stands under its earlier states. For a thread
     * that may wait.
     *
     * @throws IOException when it cannot be, saying why
     */
    void drawAsStopped(DrillId id, double seconds) throws IOException {
        for (Binder.Entry e : binder.get().drills()) {
            Optional<BinderFile<Drill>> content =
                    e.content().filter(c -> c.value().id().equals(id));
            if (content.isPresent()) {
                Drill drill = content.get().value();
                double factor = LearnedPace.ofInterval(drill, wildchalk.core.path.Path.usual(drill.base()), seconds)
                        .orElseThrow(() -> new IOException(Ui.text("log.pace.none", drill.title())));
                Drill paced = drill.withProgression(LearnedPace.paced(drill.base(), Optional.empty(), factor));
                content.get().with(paced).save(e.file());
                return;
            }
        }
        throw new IOException(Ui.text("log.pace.no-drill", id));
    }

    void open(Path session) {
        open.accept(session);
    }

    /** Writes a note to a log. */
    void note(Path session, String text) throws IOException {
        Path file = LogFile.beside(session);
        BinderFile<Log> content = LogFile.read(file);
        List<String> notes = new ArrayList<>(content.value().notes());
        notes.add(text);
        content.with(content.value().withNotes(notes)).save(file);
    }

    FileDialogs dialogs() {
        return dialogs;
    }

    Path folder() {
        return binder.get().folder();
    }

    Faults faults() {
        return faults;
    }
}
