package wildchalk.desktop.command;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.binder.FiguresFile;
import wildchalk.core.binder.HouseFile;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.path.Choices;
import wildchalk.core.path.Outcomes;
import wildchalk.core.text.Slugs;
import wildchalk.desktop.command.CommandLineEntry.BadInput;
import wildchalk.picture.export.Reader;
import wildchalk.picture.export.Told;

/** The file, the version and the path that a command is about. */
final class WhichRep {

    /** So many paths are named to somebody who has asked for one that is not there. */
    private static final int NAMED_WAYS = 12;

    @Parameters(paramLabel = "FILE")
    private Path file;

    @Option(names = "--progression", paramLabel = "ID", description = "a version; by default the first")
    private String progression;

    @Option(
            names = "--outcome",
            paramLabel = "A,B",
            split = ",",
            description = "branches in order (ids or labels), calls as 3+5; by default the likeliest")
    private List<String> outcome;

    Path file() {
        return file;
    }

    /** Whether one path is asked for. */
    boolean isOnePath() {
        return outcome != null;
    }

    Drill drill() throws IOException {
        return DrillFile.read(file).value();
    }

    /** The version that is asked for, else all. @throws BadInput when there is no such version */
    List<Progression> versions(Drill drill) {
        return progression == null ? drill.progressions() : List.of(version(drill));
    }

    /** @throws BadInput when there is no such version, branch or call */
    Told rep() throws IOException {
        Drill drill = drill();
        Progression version = version(drill);
        return Told.of(drill, wildchalk.core.path.Path.of(version, choices(version)), reader());
    }

    /** In the words of the club in whose binder the file lies. */
    Reader reader() throws IOException {
        Path folder = file.toAbsolutePath().normalize().getParent();
        // a session has a folder of its own among the sessions
        Path drills = folder != null && Handing.isSession(file) ? folder.getParent() : folder;
        Path binder = drills == null ? null : drills.getParent();
        return binder == null
                ? Reader.USUAL
                : Reader.USUAL
                        .withHouse(HouseFile.read(new Binder(binder)))
                        .withFigures(FiguresFile.read(new Binder(binder)));
    }

    private Progression version(Drill drill) {
        Optional<Progression> chosen = progression == null
                ? Optional.of(drill.base())
                : Slugs.isSlug(progression) ? drill.progression(new ProgressionId(progression)) : Optional.empty();
        String known = String.join(
                ", ", drill.progressions().stream().map(p -> p.id().text()).toList());
        return chosen.orElseThrow(() -> new BadInput(
                "--progression %s: %s has no such progression; it has %s.".formatted(progression, file, known)));
    }

    /** Each outcome answers the next thing that is open: a set of calls or a fork that is met. */
    private Choices choices(Progression version) {
        Choices choices = Choices.USUAL;
        for (String wanted : outcome == null ? List.<String>of() : outcome) {
            choices = Outcomes.choosing(version, choices, wanted.strip())
                    .orElseThrow(() -> new BadInput("--outcome %s: no such branch or call there; the paths are %s."
                            .formatted(
                                    wanted,
                                    Outcomes.ways(version).stream()
                                            .limit(NAMED_WAYS)
                                            .map(w -> String.join(",", w.labels()))
                                            .collect(Collectors.joining("; ")))));
        }
        return choices;
    }
}
