package wildchalk.desktop.command;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.BinderLibrary;
import wildchalk.core.binder.LogTable;
import wildchalk.core.binder.SafeFiles;
import wildchalk.core.binder.Seasons;
import wildchalk.core.binder.TableFiles;
import wildchalk.core.season.Practice;
import wildchalk.core.season.Weeks;
import wildchalk.core.session.Simulations;
import wildchalk.core.text.Texts;
import wildchalk.core.words.WeeksWriter;
import wildchalk.desktop.command.CommandLineEntry.BadInput;
import wildchalk.picture.export.WeeksPage;

/** What sessions were. */
@Command(
        name = "log",
        description = "What the sessions of a binder were: minutes, turns, what fell out, what may come next.",
        mixinStandardHelpOptions = true)
final class LogCommand implements java.util.concurrent.Callable<Integer> {

    private static final int MOST_WEEKS = 520;

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "BINDER", description = "the folder of a binder")
    private Path folder;

    @Option(names = "--weeks", paramLabel = "N", description = "up to the last session; 6 without it")
    private int weeks = 6;

    @Option(names = "--players", paramLabel = "CSV", description = "writes a table with a row a player and session")
    private Path players;

    @Option(names = "--blocks", paramLabel = "CSV", description = "writes a table with a row a block")
    private Path blocks;

    @Option(names = "--table", paramLabel = "XLSX", description = "writes both tables as the sheets of one file")
    private Path table;

    @Option(names = "--page", paramLabel = "HTML", description = "writes a page for the staff")
    private Path page;

    @Option(names = "--json", description = "as JSON, players by their ids")
    private boolean json;

    @Override
    public Integer call() throws IOException {
        if (weeks < 1 || weeks > MOST_WEEKS) {
            throw new BadInput("--weeks is %d; it should be 1 to %d.".formatted(weeks, MOST_WEEKS));
        }
        Binder binder = new Binder(folder);
        if (!Files.isDirectory(folder)) {
            throw new BadInput("%s is no folder; give the folder of a binder.".formatted(folder));
        }
        BinderLibrary library = new BinderLibrary(binder);
        Simulations simulations = new Simulations();
        Seasons seasons = Seasons.of(binder, library, simulations);
        Seasons.Lately lately = seasons.lately(weeks, library, simulations);
        Weeks shown = lately.weeks();
        WeeksWriter words = new WeeksWriter(shown, library, lately.squad());
        write(players, TableFiles.csv(LogTable.players(shown, lately.squad())));
        write(blocks, TableFiles.csv(LogTable.blocks(shown)));
        write(table, TableFiles.xlsx(LogTable.all(shown, lately.squad())));
        write(page, WeeksPage.html(Texts.CORE.get("weeks.title"), shown, words).getBytes(StandardCharsets.UTF_8));
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.print(PlanReports.json(shown, lately.next()));
        } else {
            say(out, lately, words);
        }
        seasons.entries().forEach(e -> e.problem().ifPresent(spec.commandLine().getErr()::println));
        return CommandLineEntry.WELL;
    }

    private static void write(Path file, byte[] bytes) throws IOException {
        if (file != null) {
            SafeFiles.replace(file, bytes);
        }
    }

    private static void say(PrintWriter out, Seasons.Lately lately, WeeksWriter words) {
        words.sums().forEach(out::println);
        for (Practice p : lately.weeks().practices()) {
            out.println("%s  %s".formatted(p.planned().date(), p.planned().title()));
            words.practice(p).forEach(l -> out.println("    " + l));
        }
        words.scores().forEach(out::println);
        words.paces().forEach(out::println);
        lately.weeks().hints().forEach(h -> out.println("note " + words.hint(h)));
        lately.next().ifPresent(n -> n.reasons().forEach(r -> out.println("next " + words.reason(r))));
    }
}
