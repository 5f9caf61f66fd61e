package wildchalk.desktop.command;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.stream.Collectors;
import wildchalk.core.binder.BinderLibrary;
import wildchalk.core.binder.SessionFile;
import wildchalk.core.progress.Progress;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.squad.Squad;
import wildchalk.core.text.Slugs;
import wildchalk.desktop.command.CommandLineEntry.BadInput;
import wildchalk.picture.export.Reader;
import wildchalk.picture.handout.Handout;
import wildchalk.picture.handout.HandoutOptions;
import wildchalk.picture.handout.Handouts;
import wildchalk.picture.handout.HourTold;

/** Makes a file of a session to hand out. */
final class Handing {

    private Handing() {}

    /** Whether a file is one of a session, by its name. */
    static boolean isSession(Path file) {
        return file.getFileName() != null && file.getFileName().toString().equals(SessionFile.NAME);
    }

    /**
     * Makes one.
     *
     * @param target where to; beside whoever asks if it is null
     * @return where it is
     * @throws BadInput when there is no such kind of file
     */
    static Path of(Path file, String wanted, Path target, HandoutOptions how, Reader reader) throws IOException {
        Handout kind = Handouts.find(wanted)
                .orElseThrow(() -> new BadInput("--to %s: no such file is made of a session; choose one of %s."
                        .formatted(
                                wanted, Handouts.ALL.stream().map(Handout::id).collect(Collectors.joining(", ")))));
        Session session = SessionFile.read(file).value();
        BinderLibrary library = BinderLibrary.of(file);
        Optional<Squad> squad = library.squad(session);
        SessionPlan plan = SessionPlan.of(session, library, squad);
        byte[] bytes = kind.make(HourTold.of(plan, squad, reader, Progress.NONE), how, Progress.NONE);
        Path path =
                target != null ? target : Path.of(Slugs.of(session.title()) + "-" + kind.name() + "." + kind.suffix());
        if (Files.isDirectory(path)) {
            throw new BadInput(path + ": is a folder; name a file to write.");
        }
        Files.write(path, bytes);
        return path;
    }
}
