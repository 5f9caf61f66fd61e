package wildchalk.core.binder;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import wildchalk.core.drill.Station;
import wildchalk.core.geometry.Point;
import wildchalk.core.json.Extras;
import wildchalk.core.json.Fields;
import wildchalk.core.json.JsonText;
import wildchalk.core.session.Beat;
import wildchalk.core.session.Beside;
import wildchalk.core.session.Kit;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionBlock;
import wildchalk.core.session.StationPlan;
import wildchalk.core.session.What;
import wildchalk.core.squad.Group;

/** Turns sessions into JSON. The counterpart of {@link SessionReader}. */
final class SessionWriter {

    private final Extras extras;

    private SessionWriter(Extras extras) {
        this.extras = extras;
    }

    static ObjectNode file(Session session, Extras extras) {
        return new SessionWriter(extras).write(session);
    }

    private ObjectNode write(Session s) {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        ObjectNode format = o.putObject("format");
        format.put("name", SessionReader.FORMAT).put("version", SessionReader.VERSION);
        extras.addTo("/format", format);
        o.put("id", s.id().text())
                .put("title", s.title())
                .put("date", s.date().toString())
                .put("start", s.start().toString())
                .put("minutes", s.minutes());
        DrillWriter.surface(o.putObject("surface"), s.floor(), extras);
        s.squad().ifPresent(q -> o.put("squad", q.text()));
        if (s.people() > 0) {
            o.put("people", s.people());
        }
        if (!s.absent().isEmpty()) {
            o.set("absent", SquadWriter.ids(s.absent()));
        }
        ArrayNode coaches = list(o, "coaches", s.coaches().isEmpty());
        s.coaches().forEach(c -> {
            ObjectNode n = coaches.addObject().put("id", c.id().text()).put("name", c.name());
            extras.addTo("/coaches/" + c.id(), n);
        });
        s.aims().forEach(list(o, "aims", s.aims().isEmpty())::add);
        if (!s.kit().equals(Kit.UNCOUNTED)) {
            kit(o.putObject("kit"), s.kit());
        }
        ArrayNode groups = list(o, "groups", s.groups().isEmpty());
        s.groups().forEach(g -> group(groups.addObject(), g));
        ArrayNode blocks = o.putArray("blocks");
        s.blocks().forEach(b -> block(blocks.addObject(), b));
        ArrayNode beside = list(o, "beside", s.beside().isEmpty());
        s.beside().forEach(b -> beside(beside.addObject(), b));
        text(o, "withoutHelper", s.withoutHelper());
        extras.addTo("", o);
        return o;
    }

    /** Not in the file where there is nothing in it. */
    private static ArrayNode list(ObjectNode o, String name, boolean empty) {
        return empty ? JsonNodeFactory.instance.arrayNode() : o.putArray(name);
    }

    private static void text(ObjectNode o, String name, String text) {
        if (!text.isEmpty()) {
            o.put(name, text);
        }
    }

    private void kit(ObjectNode o, Kit kit) {
        if (kit.balls() >= 0) {
            o.put("balls", kit.balls());
        }
        kit.gear().forEach((kind, count) -> o.put(Fields.nameOf(kind), count));
        extras.addTo("/kit", o);
    }

    private void group(ObjectNode o, Group g) {
        o.put("id", g.id()).put("name", g.name());
        g.bib().ifPresent(b -> o.put("bib", Fields.nameOf(b)));
        g.captain().ifPresent(c -> o.put("captain", c.text()));
        o.set("players", SquadWriter.ids(g.players()));
        extras.addTo("/groups/" + g.id(), o);
    }

    private void block(ObjectNode o, SessionBlock b) {
        String path = "/blocks/" + b.id();
        o.put("id", b.id().text()).put("title", b.title());
        o.set("minutes", JsonText.number(b.minutes()));
        if (b.must()) {
            o.put("must", true);
        }
        text(o, "aim", b.aim());
        if (b.goes() > 0) {
            o.put("goes", b.goes());
        }
        b.beat().ifPresent(t -> beat(o.putObject("beat"), t, path + "/beat"));
        if (b.what() instanceof What.Drilling d) {
            ArrayNode stations = o.putArray("stations");
            d.stations().forEach(s -> station(stations.addObject(), s, path));
            if (d.turning() != What.Turning.NONE) {
                o.put("turning", Fields.nameOf(d.turning()));
            }
            if (d.correcting() != What.Correcting.OPEN) {
                o.put("correcting", Fields.nameOf(d.correcting()));
            }
        } else if (b.what() instanceof What.Plain p) {
            o.put("kind", Fields.nameOf(p.kind()));
            text(o, "text", p.text());
        }
        extras.addTo(path, o);
    }

    private void beat(ObjectNode o, Beat beat, String path) {
        o.set("seconds", JsonText.number(beat.leastSeconds()));
        if (beat.isDrawn()) {
            o.set("upTo", JsonText.number(beat.mostSeconds()));
        }
        if (beat.restSeconds() > 0) {
            o.set("rest", JsonText.number(beat.restSeconds()));
        }
        extras.addTo(path, o);
    }

    private void station(ObjectNode o, StationPlan s, String block) {
        String path = block + "/stations/" + s.id();
        o.put("id", s.id().text()).put("drill", s.drill().text());
        s.version().ifPresent(v -> o.put("version", v.text()));
        Station place = s.place();
        if (!place.equals(new Station(place.id(), Point.ORIGIN, Point.ORIGIN, 0, false))) {
            ObjectNode n = o.putObject("place");
            ElementFiles.station(n, place, path + "/place", extras);
            extras.addTo(path + "/place", n);
        }
        s.coach().ifPresent(c -> o.put("coach", c.text()));
        if (!s.groups().isEmpty()) {
            s.groups().forEach(o.putArray("groups")::add);
        }
        extras.addTo(path, o);
    }

    private void beside(ObjectNode o, Beside b) {
        o.put("id", b.id().text()).put("title", b.title());
        o.set("from", JsonText.number(b.from()));
        o.set("minutes", JsonText.number(b.minutes()));
        if (!b.players().isEmpty()) {
            o.set("players", SquadWriter.ids(b.players()));
        }
        b.coach().ifPresent(c -> o.put("coach", c.text()));
        text(o, "text", b.text());
        extras.addTo("/beside/" + b.id(), o);
    }
}
