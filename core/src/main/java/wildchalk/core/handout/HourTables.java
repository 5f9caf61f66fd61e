package wildchalk.core.handout;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Chalk;
import wildchalk.core.session.Coach;
import wildchalk.core.session.Load;
import wildchalk.core.session.SessionBlock;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.session.SessionPlan.Here;
import wildchalk.core.session.SessionPlan.Round;
import wildchalk.core.session.SessionPlan.Slot;
import wildchalk.core.session.What;
import wildchalk.core.squad.Group;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.text.Table;
import wildchalk.core.text.Texts;
import wildchalk.core.words.PlanWriter;

/** An hour in rows, for whoever keeps lists: by the clock, its stations, its groups, what to bring, what each player gets. */
public final class HourTables {

    private HourTables() {}

    /** All of them. */
    public static List<Table> of(Hour hour) {
        return List.of(clock(hour), stations(hour), groups(hour), gear(hour), players(hour));
    }

    /** A row for each block and each change-over. */
    public static Table clock(Hour hour) {
        PlanWriter writer = hour.writer();
        List<List<Table.Cell>> rows = new ArrayList<>();
        for (Slot slot : hour.plan().slots()) {
            SessionBlock block = slot.block();
            boolean change = slot.change().isPresent();
            rows.add(Table.row(
                    writer.clock(slot.from()),
                    writer.clock(slot.to()),
                    (slot.to() - slot.from()) / 60,
                    change ? text("change") : PlanWriter.title(block),
                    change ? "" : block.aim(),
                    change
                            ? writer.changing(slot.change().get())
                            : block.what() instanceof What.Plain plain ? plain.text() : ""));
        }
        return table("hour", List.of("from", "to", "minutes", "block", "aim", "what"), rows);
    }

    /** A row for each station in each round. */
    public static Table stations(Hour hour) {
        List<List<Table.Cell>> rows = new ArrayList<>();
        for (Slot slot : hour.plan().slots()) {
            for (Round round : slot.rounds()) {
                for (int i = 0; i < round.stations().size(); i++) {
                    rows.add(station(hour, slot, round, i + 1));
                }
            }
        }
        return table(
                "stations",
                List.of(
                        "from", "to", "block", "station", "drill", "version", "coach", "groups", "players", "fewest",
                        "most", "balls"),
                rows);
    }

    private static List<Table.Cell> station(Hour hour, Slot slot, Round round, int number) {
        PlanWriter writer = hour.writer();
        Here here = round.stations().get(number - 1);
        return Table.row(
                writer.clock(round.from()),
                writer.clock(round.to()),
                PlanWriter.title(slot.block()),
                number,
                here.setUp()
                        .map(s -> s.drill().title())
                        .orElse(here.station().drill().text()),
                here.setUp().map(s -> s.path().version().title()).orElse(""),
                here.station()
                        .coach()
                        .flatMap(hour.session()::coach)
                        .map(Coach::name)
                        .orElse(""),
                writer.who(here),
                here.players().size(),
                here.turnsFewest(),
                here.turnsMost(),
                here.balls());
    }

    /** A row for each player of each group, and for those who are in none. */
    public static Table groups(Hour hour) {
        PlanWriter writer = hour.writer();
        List<List<Table.Cell>> rows = new ArrayList<>();
        List<PlayerId> left = new ArrayList<>(hour.plan().present());
        for (Group group : hour.session().groups()) {
            String bib = group.bib().map(HourTables::bib).orElse("");
            for (PlayerId player : group.players()) {
                if (left.remove(player)) {
                    rows.add(Table.row(group.name(), bib, writer.name(player.text())));
                }
            }
        }
        left.forEach(p -> rows.add(Table.row("", "", writer.name(p.text()))));
        return table("groups", List.of("group", "bib", "player"), rows);
    }

    private static String bib(Chalk bib) {
        return Texts.CORE.get("chalk." + bib);
    }

    /** A row for each kind of thing that has to be there. */
    public static Table gear(Hour hour) {
        SessionPlan plan = hour.plan();
        List<List<Table.Cell>> rows = new ArrayList<>();
        plan.bring().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(e -> rows.add(Table.row(Texts.CORE.get("gears." + e.getKey()), e.getValue())));
        if (plan.balls() > 0) {
            rows.add(Table.row(text("balls"), plan.balls()));
        }
        return table("gear", List.of("piece", "count"), rows);
    }

    /** A row for each who is there: what he gets by the model. */
    public static Table players(Hour hour) {
        PlanWriter writer = hour.writer();
        List<List<Table.Cell>> rows = new ArrayList<>();
        for (PlayerId player : hour.plan().present()) {
            Load load = Optional.ofNullable(hour.plan().loads().get(player)).orElse(Load.NONE);
            rows.add(Table.row(
                    writer.name(player.text()),
                    load.turns(),
                    load.touches(),
                    load.shots(),
                    load.shotsFaced(),
                    Math.round(load.metres()),
                    load.workSeconds() / 60,
                    load.hardSeconds() / 60,
                    load.standSeconds() / 60));
        }
        return table(
                "players",
                List.of("player", "turns", "touches", "shots", "faced", "metres", "work", "hard", "stands"),
                rows);
    }

    private static Table table(String key, Collection<String> heads, List<List<Table.Cell>> rows) {
        return new Table(text(key), heads.stream().map(h -> text("head." + h)).toList(), rows);
    }

    private static String text(String key) {
        return Texts.CORE.get("table." + key);
    }
}
