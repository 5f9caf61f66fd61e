package wildchalk.desktop.session;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.application.Platform;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.LogFile;
import wildchalk.core.binder.SessionFile;
import wildchalk.core.binder.SquadFile;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.DrillId;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.log.Log;
import wildchalk.core.session.Kit;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionId;
import wildchalk.core.session.What;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.SquadId;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.document.Worker;
import wildchalk.desktop.ui.FileDialogs;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Reader;

/** What the Session place needs of the binder. */
public final class SessionDesk {

    private static final int USUAL_MINUTES = 60;
    private static final int USUAL_PEOPLE = 12;

    private final Supplier<Binder> binder;
    private final Consumer<Path> show;
    private final FileDialogs dialogs;
    private final Faults faults;
    private final Supplier<Reader> reader;
    private final Worker worker;
    private List<Binder.Entry> entries = List.of();
    /** Of which binder what is known is, and when a drill was put into it last: a save puts a new file in place of the old. */
    private Object read = "";

    /** Whether the last try to read them failed. */
    private boolean unreadable;

    /** Who waits for the drills to be read. */
    private final List<Runnable> waiting = new ArrayList<>();

    private Map<DrillId, LocalDate> lastRun = Map.of();
    private Map<LocalDate, List<Set<PlayerId>>> earlier = Map.of();

    /**
     * @param show opens a drill on the Board
     * @param reader for whom it is written and drawn
     */
    public SessionDesk(
            Supplier<Binder> binder, Consumer<Path> show, FileDialogs dialogs, Faults faults, Supplier<Reader> reader) {
        this.reader = reader;
        this.dialogs = dialogs;
        this.binder = binder;
        this.show = show;
        this.faults = faults;
        this.worker = new Worker(why -> {
            faults.told(Faults.Kind.FOLDER, why);
            Platform.runLater(this::couldNotRead);
        });
    }

    Binder binder() {
        return binder.get();
    }

    Reader reader() {
        return reader.get();
    }

    /** Opens a drill on the Board, from its file. */
    void show(Drill drill) {
        entries.stream()
                .filter(e -> e.content()
                        .filter(c -> c.value().id().equals(drill.id()))
                        .isPresent())
                .findFirst()
                .ifPresent(e -> show.accept(e.file()));
    }

    /**
     * Reads the drills of the binder beside the window, for menus that are opened later.
     *
     * @param then runs when they are there, whoever asks meanwhile
     */
    void readDrills(Runnable then) {
        Binder now = binder();
        Object state = List.of(now, changed(now.drillsFolder()));
        if (state.equals(read)) {
            then.run();
            return;
        }
        waiting.add(then);
        worker.ask(
                () -> {
                    try {
                        return new Known(
                                now.drills().stream()
                                        .filter(e -> e.content().isPresent())
                                        .toList(),
                                lastRun(now),
                                earlier(now));
                    } catch (IOException e) {
                        throw new UncheckedIOException(e);
                    }
                },
                known -> {
                    entries = known.entries();
                    lastRun = known.lastRun();
                    earlier = known.earlier();
                    read = state;
                    unreadable = false;
                    answer();
                });
    }

    /** Whoever waits is answered all the same: nothing comes any more, and the bar across the window says why. */
    private void couldNotRead() {
        unreadable = true;
        answer();
    }

    private void answer() {
        List<Runnable> all = List.copyOf(waiting);
        waiting.clear();
        all.forEach(Runnable::run);
    }

    /** What is to be said where there is no drill. */
    String noDrills() {
        return Ui.text(
                knowsDrills()
                        ? "session.no-drills"
                        : unreadable ? "session.drills-unreadable" : "session.drills-are-read");
    }

    /** Whether the drills of the binder are there; until then nothing may be said of how many there are. */
    boolean knowsDrills() {
        return !"".equals(read);
    }

    private static Object changed(Path folder) {
        try {
            return Files.getLastModifiedTime(folder);
        } catch (IOException none) {
            return "";
        }
    }

    /** What was read. */
    private record Known(
            List<Binder.Entry> entries, Map<DrillId, LocalDate> lastRun, Map<LocalDate, List<Set<PlayerId>>> earlier) {}

    /** On which day a drill was run last; a log that cannot be read says nothing of it, and is told in the Log place. */
    private static Map<DrillId, LocalDate> lastRun(Binder binder) throws IOException {
        Map<DrillId, LocalDate> last = new HashMap<>();
        for (Path file : binder.sessions()) {
            try {
                Optional<Log> log = LogFile.of(file);
                if (log.isPresent()) {
                    Session s = SessionFile.read(file).value();
                    s.blocks().stream()
                            .filter(b -> log.get().minutes(b.id()).isPresent())
                            .forEach(b -> {
                                if (b.what() instanceof What.Drilling d) {
                                    d.stations()
                                            .forEach(x ->
                                                    last.merge(x.drill(), s.date(), (p, q) -> p.isAfter(q) ? p : q));
                                }
                            });
                }
            } catch (IOException unreadable) {
                continue;
            }
        }
        return last;
    }

    private static Map<LocalDate, List<Set<PlayerId>>> earlier(Binder binder) throws IOException {
        Map<LocalDate, List<Set<PlayerId>>> all = new TreeMap<>(Comparator.reverseOrder());
        for (Path file : binder.sessions()) {
            try {
                Session s = SessionFile.read(file).value();
                if (!s.groups().isEmpty()) {
                    all.put(
                            s.date(),
                            s.groups().stream()
                                    .map(g -> Set.copyOf(g.players()))
                                    .toList());
                }
            } catch (IOException unreadable) {
                continue;
            }
        }
        return all;
    }

    /** Files of drills, by their ids. */
    List<Path> files(Set<DrillId> ids) {
        return entries.stream()
                .filter(e ->
                        e.content().filter(c -> ids.contains(c.value().id())).isPresent())
                .map(Binder.Entry::file)
                .toList();
    }

    /** All drills that could be read, by title. */
    List<Drill> drills() {
        return entries.stream()
                .flatMap(e -> e.content().stream())
                .map(c -> c.value())
                .sorted(Comparator.comparing(Drill::title))
                .toList();
    }

    /**
     * Days before a day since each drill was run last, as far as logs say.
     *
     * @return as was read with the drills
     */
    Map<DrillId, Integer> lately(LocalDate day) {
        Map<DrillId, Integer> days = new HashMap<>();
        lastRun.forEach((drill, run) -> {
            long ago = ChronoUnit.DAYS.between(run, day);
            if (ago >= 0) {
                days.put(drill, (int) Math.min(Integer.MAX_VALUE, ago));
            }
        });
        return days;
    }

    /** Groups of earlier sessions, the latest first: who was with whom. */
    List<List<Set<PlayerId>>> before(LocalDate day) {
        return earlier.entrySet().stream()
                .filter(e -> e.getKey().isBefore(day))
                .map(Map.Entry::getValue)
                .toList();
    }

    /** How many come, where nobody has said who does not. */
    int people(Session session) {
        return session.squad()
                .map(id -> binder().squadsFolder().resolve(id + SquadFile.SUFFIX))
                .flatMap(f -> {
                    try {
                        return Optional.of((int) SquadFile.read(f).value().players().stream()
                                .filter(p -> p.takesPartOn(session.date()))
                                .count());
                    } catch (IOException none) {
                        return Optional.<Integer>empty();
                    }
                })
                .orElse(Math.max(1, session.people()));
    }

    /** Ids of squads of the binder. */
    List<SquadId> squads() {
        List<SquadId> ids = new ArrayList<>();
        try {
            for (var file : binder().squads()) {
                String name = file.getFileName().toString();
                ids.add(new SquadId(name.substring(0, name.length() - SquadFile.SUFFIX.length())));
            }
        } catch (IOException | IllegalArgumentException e) {
            faults.told(Faults.Kind.FOLDER, e);
        }
        return ids;
    }

    /** A session with no block yet, for today; what stays from one to the next is taken from another. */
    Session fresh(Optional<Session> like) {
        LocalDate today = LocalDate.now();
        return like.map(s -> new Session(
                        s.id(),
                        Ui.text("session.new.title"),
                        today,
                        s.start(),
                        s.minutes(),
                        s.floor(),
                        s.squad(),
                        s.people(),
                        List.of(),
                        s.coaches(),
                        List.of(),
                        s.kit(),
                        s.groups(),
                        List.of(),
                        List.of(),
                        ""))
                .orElseGet(() -> new Session(
                        new SessionId("session"),
                        Ui.text("session.new.title"),
                        today,
                        LocalTime.of(18, 0),
                        USUAL_MINUTES,
                        floor(),
                        squads().stream().findFirst(),
                        USUAL_PEOPLE,
                        List.of(),
                        List.of(),
                        List.of(),
                        Kit.UNCOUNTED,
                        List.of(),
                        List.of(),
                        List.of(),
                        ""));
    }

    /** The surface that most drills of the binder are on, all of it. */
    private SurfaceUse floor() {
        return drills().stream()
                .collect(Collectors.groupingBy(d -> d.surfaceUse().floor(), Collectors.counting()))
                .entrySet()
                .stream()
                .max(Map.Entry.comparingByValue())
                .map(e -> SurfaceUse.of(e.getKey()))
                .orElseGet(() -> new SurfaceUse("handball", "whole"));
    }

    FileDialogs dialogs() {
        return dialogs;
    }

    Faults faults() {
        return faults;
    }
}
