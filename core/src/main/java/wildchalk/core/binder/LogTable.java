package wildchalk.core.binder;

import java.io.IOException;
import java.io.StringWriter;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import wildchalk.core.json.Fields;
import wildchalk.core.log.LoggedBlock;
import wildchalk.core.log.Presence;
import wildchalk.core.season.Practice;
import wildchalk.core.season.Weeks;
import wildchalk.core.session.Load;
import wildchalk.core.session.SessionBlock;
import wildchalk.core.session.What;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Squad;

/** Logs as tables for the staff: a row for each player of each session, and one for each block. */
public final class LogTable {

    private LogTable() {}

    /** Who was there and what each got, by the model. */
    public static String players(Weeks weeks, Optional<Squad> squad) throws IOException {
        StringWriter text = new StringWriter();
        try (CSVPrinter out = new CSVPrinter(
                text,
                format(
                        "day",
                        "session",
                        "player",
                        "name",
                        "there",
                        "turns",
                        "work minutes",
                        "hard minutes",
                        "balls played",
                        "shots",
                        "shots faced"))) {
            for (Practice p : weeks.practices()) {
                for (var e : p.log().attendance().entrySet()) {
                    Load load = e.getValue() == Presence.ABSENT
                            ? Load.NONE
                            : p.load(e.getKey()).orElse(Load.NONE);
                    out.printRecord(
                            p.planned().date(),
                            SquadTable.cell(p.planned().title()),
                            e.getKey(),
                            SquadTable.cell(name(squad, e.getKey())),
                            Fields.nameOf(e.getValue()),
                            load.turns(),
                            tenth(load.workSeconds() / 60),
                            tenth(load.hardSeconds() / 60),
                            load.touches(),
                            load.shots(),
                            load.shotsFaced());
                }
            }
        }
        return text.toString();
    }

    /** What was planned, and what was. */
    public static String blocks(Weeks weeks) throws IOException {
        StringWriter text = new StringWriter();
        try (CSVPrinter out = new CSVPrinter(
                text,
                format(
                        "day",
                        "session",
                        "block",
                        "planned minutes",
                        "minutes",
                        "reps",
                        "stops",
                        "talk seconds",
                        "notes"))) {
            for (Practice p : weeks.practices()) {
                for (LoggedBlock b : p.log().blocks()) {
                    Optional<SessionBlock> planned = p.planned().blocks().stream()
                            .filter(x -> x.id().equals(b.block()))
                            .findFirst();
                    out.printRecord(
                            p.planned().date(),
                            SquadTable.cell(p.planned().title()),
                            SquadTable.cell(planned.map(LogTable::title)
                                    .orElse(b.block().text())),
                            planned.map(x -> tenth(x.minutes())).orElse(""),
                            tenth(b.minutes()),
                            b.reps(),
                            b.stops(),
                            Math.round(b.talkSeconds()),
                            SquadTable.cell(String.join(" / ", b.notes())));
                }
            }
        }
        return text.toString();
    }

    private static String title(SessionBlock b) {
        return b.title().isBlank() && b.what() instanceof What.Plain p ? Fields.nameOf(p.kind()) : b.title();
    }

    private static CSVFormat format(String... heads) {
        return CSVFormat.DEFAULT.builder().setHeader(heads).get();
    }

    private static String name(Optional<Squad> squad, PlayerId id) {
        return squad.flatMap(s -> s.player(id)).map(p -> p.name()).orElse("");
    }

    private static String tenth(double value) {
        return String.valueOf(Math.round(10 * value) / 10.0);
    }
}
