package wildchalk.core.binder;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
import wildchalk.core.text.Table;

/** Logs as tables for the staff: a row for each player of each session, and one for each block. */
public final class LogTable {

    private LogTable() {}

    /** All of them. */
    public static List<Table> all(Weeks weeks, Optional<Squad> squad) {
        return List.of(players(weeks, squad), blocks(weeks));
    }

    /** Who was there and what each got, by the model. */
    public static Table players(Weeks weeks, Optional<Squad> squad) {
        List<List<Table.Cell>> rows = new ArrayList<>();
        for (Practice p : weeks.practices()) {
            p.log().attendance().forEach((player, presence) -> {
                Load load =
                        presence == Presence.ABSENT ? Load.NONE : p.load(player).orElse(Load.NONE);
                rows.add(Table.row(
                        p.planned().date(),
                        p.planned().title(),
                        player,
                        name(squad, player),
                        Fields.nameOf(presence),
                        load.turns(),
                        load.workSeconds() / 60,
                        load.hardSeconds() / 60,
                        load.touches(),
                        load.shots(),
                        load.shotsFaced()));
            });
        }
        return new Table(
                "Players",
                List.of(
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
                        "shots faced"),
                rows);
    }

    /** What was planned, and what was. */
    public static Table blocks(Weeks weeks) {
        List<List<Table.Cell>> rows = new ArrayList<>();
        for (Practice p : weeks.practices()) {
            for (LoggedBlock b : p.log().blocks()) {
                Optional<SessionBlock> planned = p.planned().blocks().stream()
                        .filter(x -> x.id().equals(b.block()))
                        .findFirst();
                rows.add(Table.row(
                        p.planned().date(),
                        p.planned().title(),
                        planned.map(LogTable::title).orElse(b.block().text()),
                        planned.map(x -> (Object) x.minutes()).orElse(""),
                        b.minutes(),
                        b.reps(),
                        b.stops(),
                        Math.round(b.talkSeconds()),
                        String.join(" / ", b.notes())));
            }
        }
        return new Table(
                "Blocks",
                List.of(
                        "day",
                        "session",
                        "block",
                        "planned minutes",
                        "minutes",
                        "reps",
                        "stops",
                        "talk seconds",
                        "notes"),
                rows);
    }

    private static String title(SessionBlock b) {
        return b.title().isBlank() && b.what() instanceof What.Plain p ? Fields.nameOf(p.kind()) : b.title();
    }

    private static String name(Optional<Squad> squad, PlayerId id) {
        return squad.flatMap(s -> s.player(id)).map(p -> p.name()).orElse("");
    }
}
