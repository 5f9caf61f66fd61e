package wildchalk.desktop.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import wildchalk.core.json.Fields;
import wildchalk.core.json.JsonText;
import wildchalk.core.season.NextWeek;
import wildchalk.core.season.Practice;
import wildchalk.core.season.Weeks;
import wildchalk.core.session.Load;
import wildchalk.core.session.Replan;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.session.SessionPlan.Here;
import wildchalk.core.session.SessionPlan.Slot;
import wildchalk.core.session.SessionPlan.Sums;
import wildchalk.core.squad.Grouping;
import wildchalk.core.squad.PlayerId;

/** Sessions and groups as JSON: players by their ids alone. */
final class PlanReports {

    private PlanReports() {}

    static String json(SessionPlan plan) {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        o.put("session", plan.session().id().text());
        o.set("present", ids(plan.present()));
        ArrayNode slots = o.putArray("slots");
        plan.slots().forEach(s -> slot(slots.addObject(), s));
        Sums sums = plan.sums();
        o.putObject("minutes")
                .put("given", JsonReports.round(sums.given()))
                .put("planned", JsonReports.round(sums.planned()))
                .put("slack", JsonReports.round(sums.slack()))
                .put("drills", JsonReports.round(sums.drilling()))
                .put("changes", JsonReports.round(sums.changing()))
                .put("talk", JsonReports.round(sums.talking()))
                .put("water", JsonReports.round(sums.water()))
                .put("other", JsonReports.round(sums.other()))
                .put("works", JsonReports.round(sums.working()))
                .put("stands", JsonReports.round(sums.standing()));
        ObjectNode bring = o.putObject("bring");
        plan.bring().entrySet().stream()
                .sorted(java.util.Map.Entry.comparingByKey())
                .forEach(e -> bring.put(Fields.nameOf(e.getKey()), e.getValue()));
        o.put("balls", plan.balls());
        ArrayNode players = o.putArray("players");
        plan.present()
                .forEach(p -> load(
                        players.addObject().put("id", p.text()), plan.loads().get(p)));
        ArrayNode clashes = o.putArray("clashes");
        plan.clashes().forEach(c -> {
            ObjectNode n = clashes.addObject()
                    .put("kind", Fields.nameOf(c.kind()))
                    .put("grave", c.kind().isGrave());
            ArrayNode blocks = n.putArray("blocks");
            c.blocks().forEach(b -> blocks.add(b.text()));
            ArrayNode names = n.putArray("names");
            c.names().forEach(names::add);
            n.put("have", JsonReports.round(c.have())).put("need", JsonReports.round(c.need()));
        });
        return JsonText.of(o);
    }

    static String json(List<Replan> ways) {
        ArrayNode list = JsonNodeFactory.instance.arrayNode();
        for (Replan way : ways) {
            ObjectNode n = list.addObject()
                    .put("how", Fields.nameOf(way.how()))
                    .put("turns", way.turns())
                    .put("turnsBefore", way.turnsBefore());
            way.gone().forEach(n.putArray("gone")::add);
            way.aimsGone().forEach(n.putArray("aimsGone")::add);
            ArrayNode blocks = n.putArray("blocks");
            way.session()
                    .blocks()
                    .forEach(b -> blocks.addObject().put("id", b.id().text()).put("minutes", b.minutes()));
        }
        return JsonText.of(list);
    }

    private static void slot(ObjectNode o, Slot slot) {
        o.put("block", slot.block().id().text())
                .put("what", slot.change().isPresent() ? "change" : "block")
                .put("from", JsonReports.round(slot.from()))
                .put("to", JsonReports.round(slot.to()));
        slot.change()
                .ifPresent(c -> o.put("walk", JsonReports.round(c.walkMetres()))
                        .put("bring", c.bring().size())
                        .put("clear", c.clear().size())
                        .put("bibs", c.bibs()));
        if (!slot.rounds().isEmpty()) {
            ArrayNode rounds = o.putArray("rounds");
            slot.rounds().forEach(r -> {
                ObjectNode n = rounds.addObject()
                        .put("from", JsonReports.round(r.from()))
                        .put("to", JsonReports.round(r.to()));
                ArrayNode stations = n.putArray("stations");
                r.stations().forEach(h -> here(stations.addObject(), h));
            });
        }
    }

    private static void here(ObjectNode o, Here here) {
        o.put("id", here.station().id().text())
                .put("drill", here.station().drill().text())
                .put("turnsFewest", here.turnsFewest())
                .put("turnsMost", here.turnsMost())
                .put("balls", here.balls());
        o.set("players", ids(here.players()));
    }

    private static void load(ObjectNode o, Load load) {
        o.put("turns", load.turns())
                .put("touches", load.touches())
                .put("shots", load.shots())
                .put("metres", JsonReports.round(load.metres()))
                .put("work", JsonReports.round(load.workSeconds()))
                .put("hard", JsonReports.round(load.hardSeconds()))
                .put("stands", JsonReports.round(load.standSeconds()))
                .put("shotsFaced", load.shotsFaced());
    }

    static String json(Grouping grouping) {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        ArrayNode groups = o.putArray("groups");
        grouping.groups().forEach(g -> {
            ObjectNode n = groups.addObject().put("id", g.id()).put("name", g.name());
            g.bib().ifPresent(b -> n.put("bib", Fields.nameOf(b)));
            n.set("players", ids(g.players()));
        });
        o.set("over", ids(grouping.over()));
        ArrayNode broken = o.putArray("broken");
        grouping.broken().forEach(b -> {
            ObjectNode n = broken.addObject().put("wish", Fields.nameOf(b.wish()));
            n.set("players", ids(b.who().stream().sorted().toList()));
        });
        return JsonText.of(o);
    }

    private static ArrayNode ids(Collection<PlayerId> players) {
        ArrayNode list = JsonNodeFactory.instance.arrayNode();
        players.forEach(p -> list.add(p.text()));
        return list;
    }

    static String json(Weeks weeks, Optional<NextWeek> next) {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        ArrayNode sessions = o.putArray("sessions");
        for (Practice p : weeks.practices()) {
            ObjectNode n = sessions.addObject()
                    .put("session", p.planned().id().text())
                    .put("date", p.planned().date().toString())
                    .put("minutes", JsonReports.round(p.minutes()))
                    .put("talk", JsonReports.round(p.talkMinutes()));
            ArrayNode missed = n.putArray("missed");
            p.missed().forEach(b -> missed.add(b.id().text()));
        }
        ObjectNode themes = o.putObject("themes");
        weeks.themes().forEach((monday, minutes) -> {
            ObjectNode n = themes.putObject(monday.toString());
            minutes.forEach((t, m) -> n.put(t, JsonReports.round(m)));
        });
        ArrayNode players = o.putArray("players");
        weeks.shares().forEach(s -> {
            ObjectNode n = players.addObject().put("id", s.player().text());
            load(n.put("there", s.there()).put("known", s.known()).put("late", s.late()), s.load());
        });
        ArrayNode stopped = o.putArray("stopped");
        weeks.stopped()
                .forEach(s -> stopped.addObject()
                        .put("drill", s.drill().text())
                        .put("date", s.day().toString())
                        .put("reps", s.reps())
                        .put("median", JsonReports.round(s.median()))
                        .put("drawn", JsonReports.round(s.drawn())));
        ArrayNode hints = o.putArray("hints");
        weeks.hints().forEach(h -> {
            ObjectNode n = hints.addObject().put("kind", Fields.nameOf(h.kind()));
            h.names().forEach(n.putArray("names")::add);
            ArrayNode figures = n.putArray("figures");
            h.figures().forEach(f -> figures.add(JsonReports.round(f)));
        });
        ArrayNode reasons = o.putArray("next");
        next.ifPresent(x -> x.reasons().forEach(r -> {
            ObjectNode n = reasons.addObject().put("kind", Fields.nameOf(r.kind()));
            r.names().forEach(n.putArray("names")::add);
        }));
        return JsonText.of(o);
    }
}
