package wildchalk.core.binder;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import wildchalk.core.json.Extras;
import wildchalk.core.json.Fields;
import wildchalk.core.json.JsonText;
import wildchalk.core.log.Log;
import wildchalk.core.log.LoggedBlock;
import wildchalk.core.log.Reply;
import wildchalk.core.log.Score;

/** Turns logs into JSON. The counterpart of {@link LogReader}. */
final class LogWriter {

    private final Extras extras;

    private LogWriter(Extras extras) {
        this.extras = extras;
    }

    static ObjectNode file(Log log, Extras extras) {
        return new LogWriter(extras).write(log);
    }

    private ObjectNode write(Log log) {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        ObjectNode format = o.putObject("format");
        format.put("name", LogReader.FORMAT).put("version", LogReader.VERSION);
        extras.addTo("/format", format);
        o.put("session", log.session().text());
        if (!log.attendance().isEmpty()) {
            ObjectNode there = o.putObject("attendance");
            log.attendance().forEach((p, is) -> there.put(p.text(), Fields.nameOf(is)));
        }
        ArrayNode blocks = o.putArray("blocks");
        for (int i = 0; i < log.blocks().size(); i++) {
            block(blocks.addObject(), log.blocks().get(i), "/blocks/" + i);
        }
        if (!log.notes().isEmpty()) {
            log.notes().forEach(o.putArray("notes")::add);
        }
        if (!log.replies().isEmpty()) {
            ArrayNode replies = o.putArray("replies");
            for (int i = 0; i < log.replies().size(); i++) {
                reply(replies.addObject(), log.replies().get(i), "/replies/" + i);
            }
        }
        extras.addTo("", o);
        return o;
    }

    private void block(ObjectNode o, LoggedBlock b, String path) {
        o.put("block", b.block().text());
        o.set("minutes", JsonText.number(b.minutes()));
        if (b.reps() > 0) {
            o.put("reps", b.reps());
        }
        if (!b.repSeconds().isEmpty()) {
            ArrayNode seconds = o.putArray("repSeconds");
            b.repSeconds().forEach(s -> seconds.add(JsonText.number(s)));
        }
        if (b.stops() > 0) {
            o.put("stops", b.stops());
        }
        if (b.talkSeconds() > 0) {
            o.set("talk", JsonText.number(b.talkSeconds()));
        }
        if (!b.scores().isEmpty()) {
            ArrayNode scores = o.putArray("scores");
            for (int i = 0; i < b.scores().size(); i++) {
                score(scores.addObject(), b.scores().get(i), path + "/scores/" + i);
            }
        }
        if (!b.tallies().isEmpty()) {
            ObjectNode tallies = o.putObject("tallies");
            b.tallies().forEach(tallies::put);
        }
        if (!b.asked().isEmpty()) {
            b.asked().forEach(o.putArray("asked")::add);
        }
        if (!b.notes().isEmpty()) {
            b.notes().forEach(o.putArray("notes")::add);
        }
        extras.addTo(path, o);
    }

    private void reply(ObjectNode o, Reply r, String path) {
        o.put("player", r.player().text());
        if (r.coming() != Reply.Coming.NOT_SAID) {
            o.put("coming", Fields.nameOf(r.coming()));
        }
        if (!r.questions().isEmpty()) {
            r.questions().forEach(o.putArray("questions")::add);
        }
        o.put("at", r.at().toString());
        extras.addTo(path, o);
    }

    private void score(ObjectNode o, Score s, String path) {
        o.put("group", s.group()).put("points", s.points());
        if (!s.what().isEmpty()) {
            o.put("what", s.what());
        }
        extras.addTo(path, o);
    }
}
