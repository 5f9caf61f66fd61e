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
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Squad;
import wildchalk.core.text.Slugs;
import wildchalk.core.words.PlanWriter;
import wildchalk.desktop.command.CommandLineEntry.BadInput;
import wildchalk.picture.export.Reader;
import wildchalk.picture.handout.Handout;
import wildchalk.picture.handout.HandoutOptions;
import wildchalk.picture.handout.Handouts;
import wildchalk.picture.handout.HourTold;
import wildchalk.picture.handout.Outbox;

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
     * @param player whose part is wanted, by id or name
     * @return where it is
     * @throws BadInput when there is no such kind of file
     */
    static Path of(Path file, String wanted, Path target, HandoutOptions how, Optional<String> player, Reader reader)
            throws IOException {
        if (wanted.equalsIgnoreCase(Outbox.FOLDER)) {
            return outbox(file, target, how, reader);
        }
        Handout kind = Handouts.find(wanted)
                .orElseThrow(() -> new BadInput("--to %s: no such file is made of a session; choose one of %s."
                        .formatted(wanted, Handouts.ids() + ", " + Outbox.FOLDER)));
        HourTold told = told(file, reader);
        Session session = told.hour().session();
        HandoutOptions whose = how.withPlayer(
                player.map(p -> player(p, told.hour().plan(), told.hour().squad())));
        byte[] bytes = kind.make(told, whose, Progress.NONE);
        Path path =
                target != null ? target : Path.of(Slugs.of(session.title()) + "-" + kind.name() + "." + kind.suffix());
        if (Files.isDirectory(path)) {
            throw new BadInput(path + ": is a folder; name a file to write.");
        }
        Files.write(path, bytes);
        return path;
    }

    private static HourTold told(Path file, Reader reader) throws IOException {
        Session session = SessionFile.read(file).value();
        BinderLibrary library = BinderLibrary.of(file);
        Optional<Squad> squad = library.squad(session);
        return HourTold.of(SessionPlan.of(session, library, squad), squad, reader, Progress.NONE);
    }

    /** A folder of messages, one a person. */
    private static Path outbox(Path file, Path target, HandoutOptions how, Reader reader) throws IOException {
        HourTold told = told(file, reader);
        Path folder =
                target != null ? target : Path.of(Slugs.of(told.hour().session().title()) + "-" + Outbox.FOLDER);
        if (Files.exists(folder) && !Files.isDirectory(folder)) {
            throw new BadInput(folder + ": is a file; name a folder to write into.");
        }
        Outbox.write(folder, told, how, who -> Optional.empty(), Progress.NONE);
        return folder;
    }

    private static PlayerId player(String wanted, SessionPlan plan, Optional<Squad> squad) {
        PlanWriter writer = new PlanWriter(plan, squad);
        return plan.present().stream()
                .filter(p -> p.text().equalsIgnoreCase(wanted)
                        || writer.name(p.text()).equalsIgnoreCase(wanted)
                        || writer.name(p.text()).split(" ")[0].equalsIgnoreCase(wanted))
                .findFirst()
                .orElseThrow(() -> new BadInput("--player %s: nobody of that name is there; there are %s."
                        .formatted(
                                wanted,
                                plan.present().stream()
                                        .map(p -> writer.name(p.text()))
                                        .collect(Collectors.joining(", ")))));
    }
}
