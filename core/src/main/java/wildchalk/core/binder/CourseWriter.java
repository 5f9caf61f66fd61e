package wildchalk.core.binder;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import wildchalk.core.drill.Alternation;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Conduct;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.Race;
import wildchalk.core.drill.Repeat;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.Scoring;
import wildchalk.core.drill.Stint;
import wildchalk.core.drill.Suits;
import wildchalk.core.drill.Team;
import wildchalk.core.drill.TeamTurn;
import wildchalk.core.json.Extras;
import wildchalk.core.json.Fields;
import wildchalk.core.json.JsonText;

/** Turns forks, calls, rules, launch and rotation into JSON. The counterpart of {@link CourseReader}. */
final class CourseWriter {

    private CourseWriter() {}

    static void fork(ObjectNode o, Fork f, String path, Extras extras) {
        o.put("after", f.after().text()).put("by", Fields.nameOf(f.by()));
        f.decider().ifPresent(m -> o.put("decider", m.text()));
        f.call().ifPresent(c -> o.put("calls", c.text()));
        f.race().ifPresent(r -> {
            ObjectNode race = o.putObject("race");
            ArrayNode runners = race.putArray("runners");
            r.runners().forEach(x -> runners.add(x.text()));
            r.ball().ifPresent(b -> race.put("ball", b.text()));
            r.where().ifPresent(w -> {
                ObjectNode where = race.putObject("where");
                new MoveWriter(extras).region(where, w);
                extras.addTo(path + "/race/where", where);
            });
            if (r.closeSeconds() != Race.CLOSE_SECONDS) {
                race.set("close", JsonText.number(r.closeSeconds()));
            }
            extras.addTo(path + "/race", race);
        });
        ArrayNode branches = o.putArray("branches");
        for (Branch b : f.branches()) {
            ObjectNode n = branches.addObject();
            n.put("id", b.id().text()).put("label", b.label());
            n.set("weight", JsonText.number(b.weight()));
            if (b.ends()) {
                n.put("ends", true);
            }
            b.winner().ifPresent(r -> n.put("winner", r.text()));
            b.result().ifPresent(r -> n.put("result", Fields.nameOf(r)));
            b.ending().ifPresent(e -> n.put("ending", Fields.nameOf(e)));
            b.verdict().ifPresent(v -> n.put("verdict", Fields.nameOf(v)));
            b.word().ifPresent(w -> n.put("word", w));
            b.zone().ifPresent(z -> n.put("zone", z));
            extras.addTo(path + "/branches/" + b.id(), n);
        }
    }

    static void calls(ObjectNode o, CallSet c, String path, Extras extras) {
        ArrayNode options = o.putArray("options");
        c.options().forEach(options::add);
        o.put("picks", c.picks());
        if (c.repeats()) {
            o.put("repeats", true);
        }
        if (c.within() > 0) {
            o.put("within", c.within());
        }
    }

    static void rule(ObjectNode o, Rule rule, String path, Extras extras) {
        if (rule instanceof Rule.Limit l) {
            o.put("limit", Fields.nameOf(l.kind())).put("number", l.number());
            if (l.bound() != l.kind().usual()) {
                o.put("bound", Fields.nameOf(l.bound()));
            }
            l.zone().ifPresent(z -> o.put("zone", z));
            l.side().ifPresent(s -> o.put("side", Fields.nameOf(s)));
            l.team().ifPresent(t -> o.put("team", t.text()));
        } else if (rule instanceof Rule.Duty d) {
            o.put("heads", d.number()).put("bound", Fields.nameOf(d.bound())).put("zone", d.zone());
            d.side().ifPresent(s -> o.put("side", Fields.nameOf(s)));
            d.team().ifPresent(t -> o.put("team", t.text()));
        } else if (rule instanceof Rule.Hold h) {
            o.put("hold", Fields.nameOf(h.what())).put("role", h.role().text());
            h.where().ifPresent(r -> {
                ObjectNode where = o.putObject("where");
                new MoveWriter(extras).region(where, r);
                extras.addTo(path + "/where", where);
            });
            h.until().ifPresent(e -> {
                ObjectNode until = o.putObject("until");
                new MoveWriter(extras).event(until, e, path + "/until");
                extras.addTo(path + "/until", until);
            });
        }
    }

    static void launch(ObjectNode o, Launch launch, String path, Extras extras) {
        launch.at().ifPresent(e -> {
            ObjectNode when = o.putObject("when");
            new MoveWriter(extras).event(when, e, path + "/launch/when");
            extras.addTo(path + "/launch/when", when);
        });
        o.set("seconds", JsonText.number(launch.seconds()));
        if (launch.goesOn()) {
            o.put("goesOn", true);
        }
        extras.addTo(path + "/launch", o);
    }

    static void repeat(ObjectNode o, Repeat r, String path, Extras extras) {
        o.put("from", r.from().text());
        if (!r.to().equals(r.from())) {
            o.put("to", r.to().text());
        }
        o.put("how", Fields.nameOf(r.how())).put("times", r.times());
        if (r.how() == Repeat.How.TURNED) {
            o.put("side", Fields.nameOf(r.side()));
        }
        o.set(r.how() == Repeat.How.ALONG ? "by" : "about", MoveWriter.point(r.about()));
        r.until().ifPresent(w -> o.put("until", w));
        if (!r.growth().joining().isEmpty()) {
            ArrayNode joining = o.putArray("joining");
            r.growth().joining().forEach(role -> joining.add(role.text()));
        }
        if (r.growth().touchFewer()) {
            o.put("touchFewer", true);
        }
        pairs(o, "instead", r.insteadInOrder(), path, extras);
        pairs(o, "goals", r.goalsInOrder(), path, extras);
    }

    static void team(ObjectNode o, Team t, String path, Extras extras) {
        o.put("name", t.name());
        ArrayNode roles = o.putArray("roles");
        t.roles().forEach(r -> roles.add(r.text()));
    }

    static void teamTurn(ObjectNode o, TeamTurn t, String path, Extras extras) {
        o.put("how", Fields.nameOf(t.how()))
                .put("first", t.first().text())
                .put("second", t.second().text());
    }

    static void alternation(ObjectNode o, Alternation a, String path, Extras extras) {
        o.put("how", Fields.nameOf(a.how()));
        o.set(
                a.after().unit() == Stint.Unit.REPS ? "reps" : "minutes",
                JsonText.number(a.after().count()));
        pairs(o, "instead", a.insteadInOrder(), path + "/alternation", extras);
        pairs(o, "goals", a.goalsInOrder(), path + "/alternation", extras);
        extras.addTo(path + "/alternation", o);
    }

    private static void pairs(ObjectNode o, String name, Map<?, ?> pairs, String path, Extras extras) {
        if (!pairs.isEmpty()) {
            ArrayNode list = o.putArray(name);
            pairs.forEach((of, by) -> {
                ObjectNode pair = list.addObject().put("of", of.toString()).put("by", by.toString());
                extras.addTo(path + "/" + name + "/" + (list.size() - 1), pair);
            });
        }
    }

    static void rotation(ObjectNode o, Rotation r, String path, Extras extras) {
        o.put("role", r.role().text()).put("to", Fields.nameOf(r.how()));
        r.line().ifPresent(l -> o.put("line", l.text()));
        r.next().ifPresent(n -> o.put("next", n.text()));
    }

    static void stint(ObjectNode o, Stint stint, String path, Extras extras) {
        o.set(stint.unit() == Stint.Unit.REPS ? "reps" : "minutes", JsonText.number(stint.count()));
        extras.addTo(path + "/stint", o);
    }

    static void conduct(ObjectNode o, Conduct c, String path, Extras extras) {
        if (c.tempo() != 1) {
            o.set("tempo", JsonText.number(c.tempo()));
        }
        c.situation().ifPresent(s -> {
            ObjectNode from = o.putObject("situation").put("ours", s.ours()).put("theirs", s.theirs());
            if (s.seconds() > 0) {
                from.put("seconds", s.seconds());
            }
            extras.addTo(path + "/conduct/situation", from);
        });
        c.lost().ifPresent(l -> o.put("lost", Fields.nameOf(l)));
        extras.addTo(path + "/conduct", o);
    }

    static void scoring(ObjectNode o, Scoring s, String path, Extras extras) {
        ArrayNode points = o.putArray("points");
        for (int i = 0; i < s.points().size(); i++) {
            ObjectNode one = points.addObject();
            one.put("what", s.points().get(i).what())
                    .put("worth", s.points().get(i).worth());
            extras.addTo(path + "/scoring/points/" + i, one);
        }
        if (s.tally() != Scoring.Tally.TOTAL) {
            o.put("tally", Fields.nameOf(s.tally()));
        }
        if (s.against()) {
            o.put("against", true);
        }
        if (s.target() > 0) {
            o.put("target", s.target());
        }
        if (s.rounds() > 0) {
            o.put("rounds", s.rounds());
        }
        if (!s.others().isEmpty()) {
            o.put("others", s.others());
        }
        extras.addTo(path + "/scoring", o);
    }

    static void suits(ObjectNode o, Suits suits, String path, Extras extras) {
        ArrayNode ages = o.putArray("ages");
        suits.ages().forEach(a -> ages.add(a.label()));
        o.put("level", suits.level());
        extras.addTo(path + "/suits", o);
    }
}
