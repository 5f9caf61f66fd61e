package wildchalk.core.binder;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.DrillId;
import wildchalk.core.session.Library;
import wildchalk.core.session.Session;
import wildchalk.core.squad.Squad;

/** Drills and squads of a binder, read when a session asks for them; drills once. May be asked by several threads. */
public final class BinderLibrary implements Library {

    private final Binder binder;
    private final Map<DrillId, Optional<Drill>> read = new HashMap<>();
    private Map<DrillId, Drill> all;

    public BinderLibrary(Binder binder) {
        this.binder = binder;
    }

    /** Of the binder in which a session file stands: {@code sessions/<folder>/session.json} lies three below it. */
    public static BinderLibrary of(Path session) {
        Path folder = session.toAbsolutePath().normalize();
        for (int i = 0; i < 3 && folder.getParent() != null; i++) {
            folder = folder.getParent();
        }
        return new BinderLibrary(new Binder(folder));
    }

    public Binder binder() {
        return binder;
    }

    @Override
    public synchronized Optional<Drill> drill(DrillId id) {
        return read.computeIfAbsent(id, this::find);
    }

    /** A file is usually called like its drill; where it is not, all are looked through. */
    private Optional<Drill> find(DrillId id) {
        Path likely = binder.drillsFolder().resolve(id + DrillFile.SUFFIX);
        try {
            if (Files.isRegularFile(likely)) {
                Drill drill = DrillFile.read(likely).value();
                if (drill.id().equals(id)) {
                    return Optional.of(drill);
                }
            }
            if (all == null) {
                all = new HashMap<>();
                binder.drills()
                        .forEach(e -> e.content()
                                .ifPresent(c -> all.putIfAbsent(c.value().id(), c.value())));
            }
            return Optional.ofNullable(all.get(id));
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    /**
     * The squad that a session names.
     *
     * @throws IOException when its file is there and cannot be read
     */
    public Optional<Squad> squad(Session session) throws IOException {
        if (session.squad().isEmpty()) {
            return Optional.empty();
        }
        Path file = binder.squadsFolder().resolve(session.squad().get() + SquadFile.SUFFIX);
        return Files.isRegularFile(file) ? Optional.of(SquadFile.read(file).value()) : Optional.empty();
    }
}
