package wildchalk.core.binder;

import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.drill.Limits;
import wildchalk.core.json.Fields;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.json.Located;
import wildchalk.core.log.Log;
import wildchalk.core.log.LoggedBlock;
import wildchalk.core.log.Presence;
import wildchalk.core.log.Reply;
import wildchalk.core.log.Score;
import wildchalk.core.session.BlockId;
import wildchalk.core.session.SessionId;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.text.Slugs;

/** Reads logs. The counterpart of {@link LogWriter}. */
final class LogReader {

    static final String FORMAT = "wild-chalk-log";
    static final int VERSION = 1;

    private LogReader() {}

    static Log file(Fields f) throws FormatProblem {
        f.object("format").readAll(g -> g.format(FORMAT, VERSION));
        return new Log(
                new SessionId(f.slug("session")),
                f.has("attendance") ? f.object("attendance").readAll(LogReader::attendance) : Map.of(),
                f.elements("blocks", LogReader::block),
                f.texts("notes", Limits.TEXT),
                f.elements("replies", LogReader::reply));
    }

    private static Reply reply(Fields f) throws FormatProblem {
        return new Reply(
                new PlayerId(f.slug("player")),
                f.has("coming") ? f.choice("coming", Reply.Coming.class) : Reply.Coming.NOT_SAID,
                f.texts("questions", Limits.TEXT),
                at(f));
    }

    private static Instant at(Fields f) throws FormatProblem {
        String text = f.text("at", Limits.WORD);
        try {
            return Instant.parse(text);
        } catch (DateTimeParseException e) {
            throw f.problem(
                    f.raw("at"), "\"at\" should be a moment like 2026-12-03T18:00:00Z, found \"%s\".".formatted(text));
        }
    }

    private static Map<PlayerId, Presence> attendance(Fields f) throws FormatProblem {
        Map<PlayerId, Presence> all = new LinkedHashMap<>();
        for (String name : f.names()) {
            if (!Slugs.isSlug(name)) {
                throw f.problem(f.raw(name), "\"%s\" should be the id of a player.".formatted(name));
            }
            all.put(new PlayerId(name), f.choice(name, Presence.class));
        }
        return all;
    }

    private static LoggedBlock block(Fields f) throws FormatProblem {
        return new LoggedBlock(
                new BlockId(f.slug("block")),
                f.number("minutes"),
                f.has("reps") ? f.whole("reps", 0, LoggedBlock.MOST_COUNTED) : 0,
                seconds(f),
                f.has("stops") ? f.whole("stops", 0, LoggedBlock.MOST_COUNTED) : 0,
                f.numberOr("talk", 0),
                f.elements("scores", LogReader::score),
                f.has("tallies") ? f.object("tallies").readAll(LogReader::tallies) : Map.of(),
                f.texts("asked", Limits.TEXT),
                f.texts("notes", Limits.TEXT));
    }

    private static List<Double> seconds(Fields f) throws FormatProblem {
        java.util.ArrayList<Double> all = new java.util.ArrayList<>();
        for (Located value : f.list("repSeconds")) {
            if (!(value.value() instanceof Number n)) {
                throw f.problem(
                        value, "\"repSeconds\" should hold numbers of seconds, found %s.".formatted(value.kind()));
            }
            all.add(n.doubleValue());
        }
        return all;
    }

    private static Score score(Fields f) throws FormatProblem {
        return new Score(
                f.text("group", Limits.WORD),
                f.whole("points", -Score.MOST_POINTS, Score.MOST_POINTS),
                f.textOr("what", "", Limits.WORD));
    }

    private static Map<String, Integer> tallies(Fields f) throws FormatProblem {
        Map<String, Integer> all = new LinkedHashMap<>();
        for (String name : f.names()) {
            all.put(name, f.whole(name, 0, LoggedBlock.MOST_COUNTED));
        }
        return all;
    }
}
