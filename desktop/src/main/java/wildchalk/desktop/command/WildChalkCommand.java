package wildchalk.desktop.command;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.binder.LogFile;
import wildchalk.core.binder.Schemas;
import wildchalk.core.binder.SessionFile;
import wildchalk.core.binder.SquadFile;
import wildchalk.core.binder.SurfaceFile;
import wildchalk.core.check.Everywhere;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.RoleId;
import wildchalk.core.finding.Severity;
import wildchalk.core.progress.Progress;
import wildchalk.core.reps.Outlook;
import wildchalk.core.text.Slugs;
import wildchalk.core.words.Register;
import wildchalk.desktop.command.CommandLineEntry.BadInput;
import wildchalk.picture.export.Export;
import wildchalk.picture.export.ExportOptions;
import wildchalk.picture.export.ExportOptions.Reach;
import wildchalk.picture.export.Exports;
import wildchalk.picture.export.Paper;
import wildchalk.picture.export.Told;
import wildchalk.picture.handout.Handout;
import wildchalk.picture.handout.HandoutOptions;
import wildchalk.picture.handout.Handouts;
import wildchalk.picture.style.Ground;

/** The commands and their options. */
@Command(
        name = "wildchalk",
        description = "Draws drills true to scale, works out their motion, and shares them.",
        mixinStandardHelpOptions = true,
        version = "Wild Chalk 0.1.0",
        subcommands = {
            PlanCommands.Plan.class,
            PlanCommands.MakeGroups.class,
            PlanCommands.Tables.class,
            LogCommand.class
        },
        footer = {
            "",
            "Without a command the application opens; \"wildchalk demo\" opens it on a copy of the demo binder,",
            "\"wildchalk open FOLDER\" on a binder of yours."
        })
final class WildChalkCommand implements Runnable {

    /** What can be made, for the help and for whoever asks for something else. */
    static final class Kinds implements Iterable<String> {
        @Override
        public Iterator<String> iterator() {
            return Stream.concat(
                            Exports.ALL.stream().map(Export::id),
                            Handouts.ALL.stream().map(Handout::id))
                    .distinct()
                    .iterator();
        }
    }

    private static final int MOST_LISTED = 500;

    @Spec
    private CommandSpec spec;

    @Override
    public void run() {
        spec.commandLine().usage(out());
    }

    private PrintWriter out() {
        return spec.commandLine().getOut();
    }

    @Command(
            name = "time",
            description = "Moves, balls and steps with their seconds and metres.",
            mixinStandardHelpOptions = true)
    int time(@Mixin WhichRep which, @Option(names = "--json", description = "as JSON") boolean json)
            throws IOException {
        Told told = which.rep();
        if (json) {
            out().print(JsonReports.time(told));
        } else {
            TextReports.time(told, out());
        }
        return CommandLineEntry.WELL;
    }

    @Command(
            name = "reps",
            description =
                    "Who plays what in rep after rep, and who comes round when; with --players or --minutes what everybody gets.",
            mixinStandardHelpOptions = true)
    int reps(
            @Mixin WhichRep which,
            @Option(
                            names = "--reps",
                            paramLabel = "N",
                            defaultValue = "12",
                            description = "how many reps are listed, 1 to 500; ${DEFAULT-VALUE} by default")
                    int count,
            @Mixin WithWhom whom,
            @Option(names = "--json", description = "as JSON") boolean json)
            throws IOException {
        if (count < 1 || count > MOST_LISTED) {
            throw new BadInput("--reps is " + count + "; it should be from 1 to " + MOST_LISTED + ".");
        }
        Told told = which.rep();
        if (whom.isAsked()) {
            Outlook outlook = Outlook.of(told.drill(), told.path(), whom.setting(told.drill(), told.path()));
            if (json) {
                out().print(BlockReports.json(told, outlook));
            } else {
                BlockReports.text(told, outlook, out());
            }
        } else if (json) {
            out().print(JsonReports.reps(told, count));
        } else {
            TextReports.reps(told, count, out());
        }
        return CommandLineEntry.WELL;
    }

    @Command(name = "words", description = "The talk-through, or one role's part.", mixinStandardHelpOptions = true)
    int words(
            @Mixin WhichRep which,
            @Option(names = "--role", paramLabel = "ROLE", description = "id or label of a role") String role,
            @Option(
                            names = "--as",
                            paramLabel = "HOW",
                            defaultValue = "ALOUD",
                            description = "ALOUD: as it is read to the players; SHORT: a few words for each step;"
                                    + " PROBLEM: what is at stake, not the answer")
                    Register how,
            @Option(names = "--json", description = "as JSON") boolean json)
            throws IOException {
        Told told = which.rep();
        if (role != null) {
            List<String> part = told.parts().apply(roleOf(told, role, which.file()));
            if (json) {
                out().print(JsonReports.part(role, part));
            } else {
                part.forEach(out()::println);
            }
        } else if (json) {
            out().print(JsonReports.words(told));
        } else {
            TextReports.words(told, how, out());
        }
        return CommandLineEntry.WELL;
    }

    @Command(
            name = "check",
            description = "Findings of all versions and ways; exit code 1 if one of them stops the drill.",
            mixinStandardHelpOptions = true)
    int check(@Mixin WhichRep which, @Option(names = "--json", description = "as JSON") boolean json)
            throws IOException {
        Drill drill = which.drill();
        Everywhere all = which.isOnePath()
                ? Everywhere.on(which.rep().run())
                : Everywhere.of(drill, which.versions(drill), which.reader().figures());
        if (json) {
            out().print(JsonReports.findings(drill, all));
        } else {
            TextReports.findings(drill, all, out());
        }
        boolean stops = all.found().stream().anyMatch(f -> f.finding().severity() == Severity.STOP);
        return stops ? CommandLineEntry.STOPPED : CommandLineEntry.WELL;
    }

    @Command(
            name = "validate",
            description = "Whether files are well-formed drills, surfaces, squads, sessions or logs.",
            mixinStandardHelpOptions = true)
    int validate(
            @Parameters(paramLabel = "FILE", arity = "1..*") List<Path> files,
            @Option(names = "--json", description = "as JSON") boolean json)
            throws IOException {
        Map<Path, List<String>> odd = new LinkedHashMap<>();
        for (Path file : files) {
            odd.put(file, List.of());
            if (file.toString().endsWith(SurfaceFile.SUFFIX)) {
                SurfaceFile.read(file);
            } else if (file.toString().endsWith(SquadFile.SUFFIX)) {
                SquadFile.read(file);
            } else if (file.endsWith(SessionFile.NAME)) {
                SessionFile.read(file);
            } else if (file.endsWith(LogFile.NAME)) {
                LogFile.read(file);
            } else {
                odd.put(file, TextReports.unsound(DrillFile.read(file).value()));
            }
            List<String> against = Schemas.check(file);
            if (!against.isEmpty()) {
                throw new BadInput(file + ": does not fit the schema: " + String.join("; ", against));
            }
        }
        if (json) {
            out().print(JsonReports.valid(odd));
        } else {
            odd.forEach((f, lines) -> {
                out().println(f + ": well-formed");
                lines.forEach(l -> out().println("  but " + l));
            });
        }
        return CommandLineEntry.WELL;
    }

    @Command(name = "export", description = "Writes a file to hand out.", mixinStandardHelpOptions = true)
    int export(
            @Mixin WhichRep which,
            @Option(
                            names = "--to",
                            required = true,
                            paramLabel = "KIND",
                            completionCandidates = Kinds.class,
                            description = "one of ${COMPLETION-CANDIDATES}")
                    String wanted,
            @Option(names = "--out", paramLabel = "PATH", description = "file to write; by default beside you")
                    Path target,
            @Option(
                            names = "--step",
                            paramLabel = "K",
                            description =
                                    "for svg, png (the first unless said) and mp4 (all unless said); from 1, or 'all'")
                    String step,
            @Option(
                            names = "--slow",
                            paramLabel = "K",
                            split = ",",
                            description = "for mp4: steps that are shown at half the speed; from 1")
                    List<Integer> slow,
            @Option(
                            names = "--shown",
                            defaultValue = "ONCE",
                            description =
                                    "for mp4: ${COMPLETION-CANDIDATES}; as fast as it is, at half the speed, both")
                    ExportOptions.Shown shown,
            @Option(names = "--paper", defaultValue = "A4", description = "for pdf: ${COMPLETION-CANDIDATES}")
                    Paper paper,
            @Option(
                            names = "--words",
                            defaultValue = "ALOUD",
                            description =
                                    "for pdf: ${COMPLETION-CANDIDATES}; everything, in a few words, the problem only")
                    Register words,
            @Option(names = "--ground", defaultValue = "PAPER", description = "${COMPLETION-CANDIDATES}") Ground ground,
            @Option(names = "--all-paths", description = "for gif: every path, one after the other; as --ways ALL")
                    boolean everyPath,
            @Option(
                            names = "--versions",
                            description = "${COMPLETION-CANDIDATES}; ALL, but for gif ONE, unless said otherwise")
                    Reach versions,
            @Option(
                            names = "--ways",
                            description = "${COMPLETION-CANDIDATES}; ALL, but for gif ONE, unless said otherwise")
                    Reach ways,
            @Option(
                            names = "--player",
                            paramLabel = "NAME",
                            description = "whose part of a session, by name or id; everybody's unless said")
                    Optional<String> player,
            @Option(
                            names = "--names",
                            defaultValue = "FIRST",
                            description = "in what is made of a session: ${COMPLETION-CANDIDATES}")
                    HandoutOptions.Names names,
            @Option(
                            names = "--width",
                            paramLabel = "PIXELS",
                            description = "for png (default 2244, 300 dpi on A4) and gif (default 800)")
                    Integer width)
            throws IOException {
        if (Files.isDirectory(which.file())) {
            out().println(WholeBinder.picture(which.file(), wanted, target, ground, width));
            return CommandLineEntry.WELL;
        }
        if (Handing.isSession(which.file())) {
            out().println(Handing.of(
                    which.file(),
                    wanted,
                    target,
                    new HandoutOptions(paper, names, Optional.empty()),
                    player,
                    which.reader()));
            return CommandLineEntry.WELL;
        }
        Told told = which.rep();
        int steps = told.path().steps().size();
        Export kind = Exports.find(wanted)
                .orElseThrow(() -> new BadInput("--to %s: there is no such kind of file; choose one of %s."
                        .formatted(wanted, String.join(", ", new Kinds()))));
        ExportOptions chosen =
                kind.usual(ground, 0).withPaper(paper).withShown(shown).withSlow(WhichStep.all(slow, steps));
        ExportOptions usual = step == null ? chosen : chosen.withStep(WhichStep.of(step, steps));
        int pixels = width == null ? usual.widthPixels() : width;
        if (pixels < 200 || pixels > 8000) {
            throw new BadInput("--width %d: choose from 200 to 8000 pixels.".formatted(pixels));
        }
        Reach wantedWays = everyPath ? Reach.ALL : ways;
        ExportOptions how = usual.withWidth(pixels)
                .withWords(words)
                .withVersions(versions == null ? usual.versions() : versions)
                .withWays(wantedWays == null ? usual.ways() : wantedWays);
        byte[] bytes = kind.make(told, how, Progress.NONE);
        Path path = target != null ? target : Path.of(Slugs.of(told.drill().title()) + "." + kind.suffix());
        if (Files.isDirectory(path)) {
            throw new BadInput(path + ": is a folder; name a file to write.");
        }
        Files.write(path, bytes);
        out().println(path);
        return CommandLineEntry.WELL;
    }

    @Command(name = "surfaces", description = "The surfaces with their sizes.", mixinStandardHelpOptions = true)
    int surfaces(@Option(names = "--json", description = "as JSON") boolean json) throws IOException {
        if (json) {
            out().print(JsonReports.surfaces());
        } else {
            TextReports.surfaces(out());
        }
        return CommandLineEntry.WELL;
    }

    private static RoleId roleOf(Told told, String wanted, Path file) {
        return told.path().roles().stream()
                .filter(r -> r.id().text().equals(wanted) || r.label().equalsIgnoreCase(wanted))
                .findFirst()
                .orElseThrow(() -> new BadInput("--role %s: %s has no such role; it has %s."
                        .formatted(
                                wanted,
                                file,
                                String.join(
                                        ", ",
                                        told.path().roles().stream()
                                                .map(r -> r.label())
                                                .toList()))))
                .id();
    }
}
