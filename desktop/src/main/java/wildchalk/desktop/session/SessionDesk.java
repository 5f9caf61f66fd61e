package wildchalk.desktop.session;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.SquadFile;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.session.Kit;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionId;
import wildchalk.core.squad.SquadId;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.document.Worker;
import wildchalk.desktop.ui.Ui;

/** What the Session place needs of the binder. */
public final class SessionDesk {

    private static final int USUAL_MINUTES = 60;
    private static final int USUAL_PEOPLE = 12;

    private final Supplier<Binder> binder;
    private final Consumer<Path> show;
    private final Faults faults;
    private final Worker worker;
    private List<Binder.Entry> entries = List.of();

    /** @param show opens a drill on the Board */
    public SessionDesk(Supplier<Binder> binder, Consumer<Path> show, Faults faults) {
        this.binder = binder;
        this.show = show;
        this.faults = faults;
        this.worker = new Worker(why -> faults.told(Faults.Kind.FOLDER, why));
    }

    Binder binder() {
        return binder.get();
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

    /** Reads the drills of the binder beside the window, for menus that are opened later. */
    void readDrills() {
        Binder now = binder();
        worker.ask(
                () -> {
                    try {
                        return now.drills().stream()
                                .filter(e -> e.content().isPresent())
                                .toList();
                    } catch (IOException e) {
                        throw new UncheckedIOException(e);
                    }
                },
                read -> entries = read);
    }

    /** All drills that could be read, by title. */
    List<Drill> drills() {
        return entries.stream()
                .flatMap(e -> e.content().stream())
                .map(c -> c.value())
                .sorted(Comparator.comparing(Drill::title))
                .toList();
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
                .max(java.util.Map.Entry.comparingByValue())
                .map(e -> SurfaceUse.of(e.getKey()))
                .orElseGet(() -> new SurfaceUse("handball", "whole"));
    }

    Faults faults() {
        return faults;
    }
}
