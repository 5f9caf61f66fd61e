package wildchalk.desktop.command;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import wildchalk.core.binder.BinderLibrary;
import wildchalk.core.binder.SessionFile;
import wildchalk.core.binder.SquadFile;
import wildchalk.core.binder.SquadTable;
import wildchalk.core.drill.Chalk;
import wildchalk.core.session.Clash;
import wildchalk.core.session.Replan;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.squad.Grouping;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Player;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Roll;
import wildchalk.core.squad.Squad;
import wildchalk.core.squad.SquadId;
import wildchalk.core.squad.Wanted;
import wildchalk.core.text.Slugs;
import wildchalk.core.text.Texts;
import wildchalk.core.words.GroupWriter;
import wildchalk.core.words.PlanWriter;
import wildchalk.desktop.command.CommandLineEntry.BadInput;

/** Sessions and squads on the command line. */
final class PlanCommands {

    private PlanCommands() {}

    /** The clock of a session. */
    @Command(
            name = "plan",
            description =
                    "A session by the clock: who is where, what it takes, what does not go together; exit code 1 if it cannot be run like that.",
            mixinStandardHelpOptions = true)
    static final class Plan implements java.util.concurrent.Callable<Integer> {

        @Spec
        private CommandSpec spec;

        @Parameters(paramLabel = "SESSION", description = "sessions/<date>-<name>/session.json in a binder")
        private Path file;

        @Option(
                names = "--lost",
                paramLabel = "M",
                description = "so many minutes are lost: ways to do with less, instead of the clock")
        private Double lost;

        @Option(names = "--json", description = "as JSON")
        private boolean json;

        @Override
        public Integer call() throws IOException {
            if (lost != null && !(lost > 0 && lost <= Session.MOST_MINUTES)) {
                throw new BadInput(
                        "--lost is %s; it should be above 0 and at most %d.".formatted(lost, Session.MOST_MINUTES));
            }
            Session session = SessionFile.read(file).value();
            BinderLibrary library = BinderLibrary.of(file);
            Optional<Squad> squad = library.squad(session);
            SessionPlan plan = SessionPlan.of(session, library, squad);
            PrintWriter out = spec.commandLine().getOut();
            if (lost != null) {
                return lost(Replan.of(session, lost, library, squad), json, new PlanWriter(plan, squad), out);
            }
            if (json) {
                out.print(PlanReports.json(plan));
            } else {
                PlanWriter writer = new PlanWriter(plan, squad);
                out.println("%s · %s, %s".formatted(session.title(), session.date(), session.start()));
                if (session.squad().isPresent() && squad.isEmpty()) {
                    out.println("  "
                            + Texts.CORE.get("plan.no-squad", session.squad().get()));
                }
                writer.timetable().forEach(l -> out.println("  " + l));
                writer.sums().forEach(out::println);
                plan.clashes().forEach(c -> out.println((c.kind().isGrave() ? "stop " : "note ") + writer.clash(c)));
                out.println(Texts.CORE.get("plan.model"));
            }
            boolean stops = plan.clashes().stream().map(Clash::kind).anyMatch(Clash.Kind::isGrave);
            return stops ? CommandLineEntry.STOPPED : CommandLineEntry.WELL;
        }
    }

    /** Ways to do with less. */
    private static int lost(List<Replan> ways, boolean json, PlanWriter writer, PrintWriter out) {
        if (json) {
            out.print(PlanReports.json(ways));
        } else {
            ways.forEach(w -> out.println(writer.replan(w)));
            if (ways.isEmpty()) {
                out.println(Texts.CORE.get("replan.none"));
            }
        }
        return ways.isEmpty() ? CommandLineEntry.STOPPED : CommandLineEntry.WELL;
    }

    /** Players from a table and into one. */
    @Command(
            name = "squad",
            description =
                    "Takes players of a table (CSV, xlsx) into a squad, which is made where there is none; or writes one.",
            mixinStandardHelpOptions = true)
    static final class Tables implements java.util.concurrent.Callable<Integer> {

        @Spec
        private CommandSpec spec;

        @Parameters(paramLabel = "SQUAD", description = "squads/<name>.squad.json in a binder")
        private Path file;

        @Option(names = "--take", paramLabel = "TABLE", description = "a CSV or xlsx with a row a player")
        private Path take;

        @Option(names = "--table", paramLabel = "OUT", description = "the squad as a table: a name with .csv or .xlsx")
        private Path table;

        @Override
        public Integer call() throws IOException {
            if (!file.toString().endsWith(SquadFile.SUFFIX) || take == null && table == null) {
                throw new BadInput("Give a squad, a name with " + SquadFile.SUFFIX + ", and --take or --table.");
            }
            PrintWriter out = spec.commandLine().getOut();
            if (take != null) {
                boolean there = Files.exists(file);
                var before = there ? SquadFile.read(file) : SquadFile.ofNew(empty());
                Squad after = SquadTable.read(take, before.value());
                before.with(after).save(file);
                out.println("%s: %d players, %d of them new"
                        .formatted(
                                file,
                                after.players().size(),
                                after.players().size()
                                        - before.value().players().size()));
            }
            if (table != null) {
                Squad squad = SquadFile.read(file).value();
                boolean sheet = table.toString().toLowerCase(Locale.ROOT).endsWith(".xlsx");
                Files.write(
                        table,
                        sheet ? SquadTable.xlsx(squad) : SquadTable.csv(squad).getBytes(StandardCharsets.UTF_8));
                out.println(table + ": " + squad.players().size() + " players");
            }
            return CommandLineEntry.WELL;
        }

        private Squad empty() {
            String name = file.getFileName().toString().replace(SquadFile.SUFFIX, "");
            return new Squad(new SquadId(Slugs.of(name)), name, List.of(), List.of(), List.of(), List.of());
        }
    }

    /** Groups of a squad. */
    @Command(name = "groups", description = "Fair groups of a squad.", mixinStandardHelpOptions = true)
    static final class MakeGroups implements java.util.concurrent.Callable<Integer> {

        @Spec
        private CommandSpec spec;

        @Parameters(paramLabel = "SQUAD", description = "squads/<name>.squad.json in a binder")
        private Path file;

        @Option(
                names = "--groups",
                paramLabel = "N",
                defaultValue = "2",
                description = "how many, 1 to 12; ${DEFAULT-VALUE} by default")
        private int count;

        @Option(
                names = "--by",
                paramLabel = "HOW",
                defaultValue = "EVEN",
                description = "EVEN: each as good as the others; LEVEL or POSITION: those alike together")
        private Wanted.Sort by;

        @Option(
                names = "--odd",
                paramLabel = "HOW",
                defaultValue = "ONE_MORE",
                description = "when it does not go evenly: ONE_MORE in some, JOKER, or COME_IN after each go")
        private Wanted.Odd odd;

        @Option(
                names = "--absent",
                paramLabel = "NAMES",
                defaultValue = "",
                description = "who has not come, with commas between")
        private String absent;

        @Option(
                names = "--bibs",
                paramLabel = "COLOURS",
                split = ",",
                description = "colours there are: ${COMPLETION-CANDIDATES}")
        private List<Chalk> bibs = new ArrayList<>();

        @Option(names = "--seed", paramLabel = "N", defaultValue = "1", description = "another number, other groups")
        private long seed;

        @Option(names = "--json", description = "as JSON")
        private boolean json;

        @Override
        public Integer call() throws IOException {
            Squad squad = SquadFile.read(file).value();
            Roll missing = Roll.of(squad, absent);
            if (!missing.unclear().isEmpty()) {
                throw new BadInput(
                        "--absent names \"%s\", which is nobody in the squad, or more than one; give the whole name."
                                .formatted(missing.unclear().get(0)));
            }
            if (count < 1 || count > Wanted.MOST_GROUPS) {
                throw new BadInput("--groups is %d; it should be 1 to %d.".formatted(count, Wanted.MOST_GROUPS));
            }
            List<PlayerId> there = squad.players().stream()
                    .map(Player::id)
                    .filter(p -> !missing.found().contains(p))
                    .toList();
            Wanted wanted = new Wanted(count, by, odd, bibs, List.of(), Map.of(), List.of(), seed);
            Grouping grouping = Groups.of(squad, there, wanted);
            PrintWriter out = spec.commandLine().getOut();
            if (json) {
                out.print(PlanReports.json(grouping));
            } else {
                new GroupWriter(squad).all(grouping, odd).forEach(out::println);
            }
            return CommandLineEntry.WELL;
        }
    }
}
