package wildchalk.core.binder;

import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.DrillId;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.Station;
import wildchalk.core.drill.StationId;
import wildchalk.core.geometry.Point;
import wildchalk.core.json.Fields;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.session.Beat;
import wildchalk.core.session.Beside;
import wildchalk.core.session.BlockId;
import wildchalk.core.session.Coach;
import wildchalk.core.session.CoachId;
import wildchalk.core.session.Kit;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionBlock;
import wildchalk.core.session.SessionId;
import wildchalk.core.session.StationPlan;
import wildchalk.core.session.What;
import wildchalk.core.squad.Group;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Squad;
import wildchalk.core.squad.SquadId;

/** Reads sessions. The counterpart of {@link SessionWriter}. */
final class SessionReader {

    static final String FORMAT = "wild-chalk-session";
    static final int VERSION = 1;

    private static final int MOST_PIECES = 10_000;

    private SessionReader() {}

    static Session file(Fields f) throws FormatProblem {
        f.object("format").readAll(g -> g.format(FORMAT, VERSION));
        return new Session(
                new SessionId(f.slug("id")),
                f.text("title", Limits.LINE),
                SquadReader.date(f, "date"),
                time(f),
                f.whole("minutes", 1, Session.MOST_MINUTES),
                f.object("surface").readAll(DrillReader::surface),
                f.has("squad") ? Optional.of(new SquadId(f.slug("squad"))) : Optional.empty(),
                f.has("people") ? f.whole("people", 0, Squad.MOST_PLAYERS) : 0,
                SquadReader.ids(f, "absent"),
                f.elements("coaches", g -> new Coach(new CoachId(g.slug("id")), g.text("name", Limits.WORD))),
                f.texts("aims", Limits.LINE),
                f.has("kit") ? f.object("kit").readAll(SessionReader::kit) : Kit.UNCOUNTED,
                f.elements("groups", SessionReader::group),
                f.elements("blocks", SessionReader::block),
                f.elements("beside", SessionReader::beside),
                f.textOr("withoutHelper", "", Limits.TEXT));
    }

    private static LocalTime time(Fields f) throws FormatProblem {
        String text = f.text("start", Limits.LABEL);
        try {
            return LocalTime.parse(text);
        } catch (DateTimeParseException e) {
            throw f.problem(f.raw("start"), "\"start\" should be a time like 18:05; found \"%s\".".formatted(text));
        }
    }

    private static Kit kit(Fields f) throws FormatProblem {
        Map<GearKind, Integer> gear = new EnumMap<>(GearKind.class);
        for (GearKind kind : GearKind.values()) {
            String name = Fields.nameOf(kind);
            if (f.has(name)) {
                gear.put(kind, f.whole(name, 0, MOST_PIECES));
            }
        }
        return new Kit(gear, f.has("balls") ? f.whole("balls", 0, MOST_PIECES) : -1);
    }

    private static Group group(Fields f) throws FormatProblem {
        List<PlayerId> players = SquadReader.ids(f, "players");
        return new Group(
                f.slug("id"),
                f.text("name", Limits.WORD),
                f.has("bib") ? Optional.of(f.choice("bib", Chalk.class)) : Optional.empty(),
                f.has("captain") ? Optional.of(new PlayerId(f.slug("captain"))) : Optional.empty(),
                players);
    }

    private static SessionBlock block(Fields f) throws FormatProblem {
        return new SessionBlock(
                new BlockId(f.slug("id")),
                f.text("title", Limits.LINE),
                f.number("minutes"),
                f.flagOr("must", false),
                f.textOr("aim", "", Limits.LINE),
                f.has("goes") ? f.whole("goes", 0, SessionBlock.MOST_GOES) : 0,
                f.has("beat") ? Optional.of(f.object("beat").readAll(SessionReader::beat)) : Optional.empty(),
                f.has("stations")
                        ? new What.Drilling(
                                f.elements("stations", SessionReader::station),
                                f.choiceOr("turning", What.Turning.class, What.Turning.NONE),
                                f.choiceOr("correcting", What.Correcting.class, What.Correcting.OPEN))
                        : new What.Plain(
                                f.choiceOr("kind", What.Kind.class, What.Kind.OTHER),
                                f.textOr("text", "", Limits.TEXT)));
    }

    private static Beat beat(Fields f) throws FormatProblem {
        double least = f.number("seconds");
        return new Beat(least, f.numberOr("upTo", least), f.numberOr("rest", 0));
    }

    private static StationPlan station(Fields f) throws FormatProblem {
        StationId id = new StationId(f.slug("id"));
        Station place = f.has("place")
                ? f.object("place")
                        .readAll(g -> new Station(
                                id,
                                g.point("from"),
                                g.point("at"),
                                g.numberOr("turn", 0) + 0.0,
                                g.flagOr("mirrored", false)))
                : new Station(id, Point.ORIGIN, Point.ORIGIN, 0, false);
        return new StationPlan(
                place,
                new DrillId(f.slug("drill")),
                f.has("version") ? Optional.of(new ProgressionId(f.slug("version"))) : Optional.empty(),
                f.has("coach") ? Optional.of(new CoachId(f.slug("coach"))) : Optional.empty(),
                f.texts("groups", Limits.WORD));
    }

    private static Beside beside(Fields f) throws FormatProblem {
        return new Beside(
                new BlockId(f.slug("id")),
                f.text("title", Limits.LINE),
                f.numberOr("from", 0),
                f.number("minutes"),
                SquadReader.ids(f, "players"),
                f.has("coach") ? Optional.of(new CoachId(f.slug("coach"))) : Optional.empty(),
                f.textOr("text", "", Limits.TEXT));
    }
}
