package wildchalk.core.binder;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashMap;
import java.util.Map;
import wildchalk.core.drill.Limits;
import wildchalk.core.json.Fields;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.session.BlockId;
import wildchalk.core.session.SessionBlock;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.text.Slugs;
import wildchalk.core.whistle.Signal;
import wildchalk.core.whistle.Stamped;

/** What was pressed in a run, as lines of its journal. */
final class SignalFile {

    private SignalFile() {}

    static ObjectNode write(Stamped pressed) {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        o.put("at", pressed.at());
        Signal signal = pressed.signal();
        if (signal instanceof Signal.Pause) {
            o.put("do", "pause");
        } else if (signal instanceof Signal.Resume) {
            o.put("do", "resume");
        } else if (signal instanceof Signal.Next) {
            o.put("do", "next");
        } else if (signal instanceof Signal.ByItself s) {
            o.put("do", "by-itself").put("is", s.is());
        } else if (signal instanceof Signal.Longer s) {
            o.put("do", "longer").put("minutes", s.minutes());
        } else if (signal instanceof Signal.Rep) {
            o.put("do", "rep");
        } else if (signal instanceof Signal.Called s) {
            ArrayNode words = o.put("do", "called").put("set", s.set()).putArray("words");
            s.words().forEach(words::add);
        } else if (signal instanceof Signal.Scored s) {
            o.put("do", "scored").put("group", s.group()).put("what", s.what()).put("points", s.points());
        } else if (signal instanceof Signal.Freeze) {
            o.put("do", "freeze");
        } else if (signal instanceof Signal.Go) {
            o.put("do", "go");
        } else if (signal instanceof Signal.Asked s) {
            o.put("do", "asked").put("text", s.question());
        } else if (signal instanceof Signal.Noted s) {
            o.put("do", "noted").put("text", s.text());
        } else if (signal instanceof Signal.Tallied s) {
            o.put("do", "tallied").put("what", s.what());
        } else if (signal instanceof Signal.Came s) {
            o.put("do", "came").put("player", s.player().text());
        } else if (signal instanceof Signal.Gone s) {
            o.put("do", "gone").put("player", s.player().text());
        } else if (signal instanceof Signal.Lost s) {
            o.put("do", "lost").put("minutes", s.minutes());
        } else if (signal instanceof Signal.Replanned s) {
            ObjectNode minutes = o.put("do", "replanned").putObject("minutes");
            s.minutes().forEach((id, m) -> minutes.put(id.text(), m));
        } else {
            o.put("do", "undo");
        }
        return o;
    }

    static Stamped read(Fields f) throws FormatProblem {
        return new Stamped(f.number("at"), signal(f));
    }

    private static Signal signal(Fields f) throws FormatProblem {
        String what = f.text("do", Limits.WORD);
        return switch (what) {
            case "pause" -> new Signal.Pause();
            case "resume" -> new Signal.Resume();
            case "next" -> new Signal.Next();
            case "by-itself" -> new Signal.ByItself(f.flagOr("is", false));
            case "longer" -> new Signal.Longer(f.number("minutes"));
            case "rep" -> new Signal.Rep();
            case "called" -> new Signal.Called(f.text("set", Limits.LINE), f.texts("words", Limits.WORD));
            case "scored" ->
                new Signal.Scored(
                        f.text("group", Limits.WORD),
                        f.textOr("what", "", Limits.WORD),
                        f.whole("points", -100_000, 100_000));
            case "freeze" -> new Signal.Freeze();
            case "go" -> new Signal.Go();
            case "asked" -> new Signal.Asked(f.text("text", Limits.TEXT));
            case "noted" -> new Signal.Noted(f.text("text", Limits.TEXT));
            case "tallied" -> new Signal.Tallied(f.text("what", Limits.WORD));
            case "came" -> new Signal.Came(new PlayerId(f.slug("player")));
            case "gone" -> new Signal.Gone(new PlayerId(f.slug("player")));
            case "lost" -> new Signal.Lost(f.number("minutes"));
            case "replanned" -> new Signal.Replanned(f.object("minutes").readAll(SignalFile::minutes));
            case "undo" -> new Signal.Undo();
            default -> throw f.problem(f.raw("do"), "\"do\" is \"%s\", which nobody knows.".formatted(what));
        };
    }

    private static Map<BlockId, Double> minutes(Fields f) throws FormatProblem {
        Map<BlockId, Double> all = new LinkedHashMap<>();
        for (String id : f.names()) {
            Slugs.check("block", id);
            all.put(new BlockId(id), f.number(id, 0.01, SessionBlock.MOST_MINUTES));
        }
        return all;
    }
}
