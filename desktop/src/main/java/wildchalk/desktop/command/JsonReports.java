package wildchalk.desktop.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import wildchalk.core.check.Everywhere;
import wildchalk.core.check.Remedies;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Stint;
import wildchalk.core.drill.Travel;
import wildchalk.core.finding.Finding;
import wildchalk.core.geometry.Point;
import wildchalk.core.json.JsonText;
import wildchalk.core.motion.BallState;
import wildchalk.core.motion.Happening;
import wildchalk.core.motion.MoveKinds;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.StepSpan;
import wildchalk.core.path.Outcomes;
import wildchalk.core.reps.Rotations;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.FindingWriter;
import wildchalk.core.words.Line;
import wildchalk.core.words.Sentence;
import wildchalk.core.words.StepWords;
import wildchalk.picture.export.Told;

/** What commands print for programs; {@code docs/cli.md} holds the shapes. Seconds and metres are rounded to 0.001. */
final class JsonReports {

    private static final JsonNodeFactory MAKE = JsonNodeFactory.instance;

    private JsonReports() {}

    static ObjectNode about(Told told) {
        ObjectNode o = MAKE.objectNode();
        o.put("drill", told.drill().id().text());
        o.put("title", told.drill().title());
        o.put("progression", told.path().id().text());
        if (Outcomes.areMany(told.run().version())) {
            o.put("path", told.run().label());
            o.set("choices", texts(told.run().choices().asTexts()));
        }
        return o;
    }

    static String reps(Told told, int count) {
        ObjectNode o = about(told);
        Rotations rotations = Rotations.of(told.path());
        Rotations.Play play = rotations.round();
        o.put("people", play.people());
        play.round().ifPresent(r -> o.put("round", r));
        ObjectNode drift = o.putObject("drift");
        rotations.drift().forEach((line, more) -> drift.put(line.text(), more));
        Stint stint = told.path().course().stint();
        if (!stint.isUsual()) {
            o.putObject("stint").put(stint.unit().name().toLowerCase(Locale.ROOT), stint.count());
        }
        ArrayNode reps = o.putArray("reps");
        for (Rotations.Rep rep : rotations.first(count)) {
            ObjectNode parts = reps.addObject();
            told.path().roles().forEach(r -> {
                if (rep.parts().containsKey(r.id())) {
                    parts.put(r.id().text(), rep.parts().get(r.id()));
                }
            });
        }
        return JsonText.of(o);
    }

    static String time(Told told) {
        ObjectNode o = about(told);
        o.put("seconds", round(told.timeline().seconds()));
        ArrayNode steps = o.putArray("steps");
        for (StepSpan s : told.timeline().steps()) {
            steps.addObject()
                    .put("id", s.step().text())
                    .put("start", round(s.start()))
                    .put("end", round(s.end()));
        }
        ArrayNode moves = o.putArray("moves");
        for (MoveSpan span : told.timeline().moves()) {
            move(moves.addObject(), told.path().move(span.move()).orElseThrow(), span);
        }
        ArrayNode events = o.putArray("events");
        told.timeline().happenings().forEach(h -> event(events.addObject(), h));
        ArrayNode balls = o.putArray("balls");
        for (BallId ball : told.timeline().ballIds()) {
            ObjectNode b = balls.addObject().put("id", ball.text());
            ArrayNode states = b.putArray("states");
            told.timeline().ballStates(ball).forEach(s -> state(states.addObject(), s));
        }
        return JsonText.of(o);
    }

    private static void move(ObjectNode o, Move move, MoveSpan span) {
        o.put("id", move.id().text()).put("role", move.role().text());
        String kind = MoveKinds.of(move);
        o.put("do", kind);
        o.put("happens", span.happens());
        o.put("start", round(span.start()))
                .put("roleFree", round(span.roleFree()))
                .put("end", round(span.end()));
        o.put("metres", round(span.metres())).put("peakSpeed", round(span.peakSpeed()));
        if (move instanceof Travel) {
            o.put("carrying", span.carrying());
            o.put("runOut", round(span.runOutMetres()));
        }
        o.put("reaction", round(span.reactionSeconds()));
    }

    private static void event(ObjectNode o, Happening h) {
        o.put("seconds", round(h.seconds()))
                .put("what", lower(h.kind()))
                .put("ball", h.ball().text());
        h.move().ifPresent(m -> o.put("move", m.text()));
        h.role().ifPresent(r -> o.put("role", r.text()));
        o.set("at", point(h.at()));
    }

    private static void state(ObjectNode o, BallState state) {
        o.put("start", round(state.start()));
        state.match(
                held -> o.put("state", "held").put("role", held.role().text()),
                loose -> at(o.put("state", "loose"), "at", loose.at()),
                flying -> at(
                        at(o.put("state", "in-flight"), "from", flying.flight().from()),
                        "to",
                        flying.flight().to()),
                dead -> at(o.put("state", "dead"), "at", dead.at()));
    }

    private static ObjectNode at(ObjectNode o, String name, Point p) {
        o.set(name, point(p));
        return o;
    }

    static String words(Told told) {
        ObjectNode o = about(told);
        o.set("gear", texts(told.talk().gear()));
        o.set("setUp", texts(told.talk().setUp()));
        o.set("problem", texts(told.problem()));
        o.set("rules", texts(told.talk().rules()));
        o.set("rotation", texts(told.talk().rotation()));
        o.set("changes", texts(told.talk().changes()));
        o.set("cautions", texts(told.talk().cautions()));
        ArrayNode steps = o.putArray("steps");
        for (StepWords step : told.talk().steps()) {
            ObjectNode s = steps.addObject().put("id", step.step().text()).put("title", step.title());
            s.put("numbers", step.numbers());
            s.set("aloud", texts(step.lines().stream().map(Line::text).toList()));
            s.put("short", step.brief());
            ArrayNode sentences = s.putArray("sentences");
            for (Sentence sentence : step.sentences()) {
                sentences
                        .addObject()
                        .put("letter", sentence.letter())
                        .put("move", sentence.move().text())
                        .put("text", sentence.text())
                        .put("measure", sentence.measure());
            }
            s.set("points", texts(step.points()));
            step.question()
                    .ifPresent(q -> s.putObject("question").put("ask", q.ask()).put("answer", q.answer()));
        }
        return JsonText.of(o);
    }

    static String part(String role, List<String> lines) {
        ObjectNode o = MAKE.objectNode().put("role", role);
        o.set("lines", texts(lines));
        return JsonText.of(o);
    }

    static String findings(Drill drill, Everywhere all) {
        ObjectNode o = MAKE.objectNode();
        o.put("drill", drill.id().text()).put("title", drill.title());
        o.put("ways", all.looked()).put("of", all.of()).put("orMore", all.orMore());
        ArrayNode list = o.putArray("findings");
        for (Everywhere.Found found : all.found()) {
            Finding f = found.finding();
            FindingWriter writer =
                    new FindingWriter(found.run(), spoken(found.run().drill()));
            ObjectNode n = list.addObject()
                    .put("severity", lower(f.severity()))
                    .put("rule", f.rule())
                    .put("message", writer.message(f))
                    .put("remedy", writer.remedy(f));
            n.set("moves", texts(f.moves().stream().map(Object::toString).toList()));
            ObjectNode figures = n.putObject("figures");
            f.figures().entrySet().stream()
                    .sorted(Map.Entry.comparingByKey())
                    .forEach(e -> figures.put(lower(e.getKey()), round(e.getValue())));
            n.set(
                    "progressions",
                    texts(found.where().keySet().stream()
                            .map(Object::toString)
                            .sorted()
                            .toList()));
            if (!found.run().label().isEmpty()) {
                n.put("path", found.run().label());
            }
            f.where().ifPresent(p -> n.set("at", point(p)));
            f.atSeconds().ifPresent(t -> n.put("seconds", round(t)));
            ArrayNode remedies = n.putArray("remedies");
            Remedies.of(found.run(), f).forEach(r -> remedies.add(writer.mend(r)));
        }
        ArrayNode accepted = o.putArray("accepted");
        for (Everywhere.Found found : all.accepted()) {
            FindingWriter writer =
                    new FindingWriter(found.run(), spoken(found.run().drill()));
            accepted.addObject()
                    .put("rule", found.finding().rule())
                    .put("message", writer.message(found.finding()))
                    .put("reason", TextReports.reason(found));
        }
        return JsonText.of(o);
    }

    /** @param odd for each file what does not hold together in it */
    static String valid(Map<Path, List<String>> odd) {
        ObjectNode o = MAKE.objectNode();
        o.set("wellFormed", texts(odd.keySet().stream().map(Path::toString).toList()));
        ObjectNode but = o.putObject("but");
        odd.forEach((f, lines) -> {
            if (!lines.isEmpty()) {
                but.set(f.toString(), texts(lines));
            }
        });
        return JsonText.of(o);
    }

    static String surfaces() {
        ArrayNode list = MAKE.arrayNode();
        for (Surface s : Surfaces.all()) {
            ObjectNode o = list.addObject()
                    .put("id", s.id())
                    .put("title", s.title())
                    .put("length", round(s.lengthMetres()))
                    .put("width", round(s.widthMetres()))
                    .put("boards", s.boards())
                    .put("runOff", s.runOffMetres())
                    .put("ball", s.ballName())
                    .put("sport", s.sport())
                    .put("ground", s.medium().name().toLowerCase(Locale.ROOT))
                    .put("cornerRadius", round(s.cornerRadiusMetres()))
                    .put("usualGear", s.usualGear());
            Surfaces.range(s.id()).ifPresent(r -> {
                ObjectNode permitted = o.putObject("permitted");
                permitted.putArray("length").add(round(r.minLength())).add(round(r.maxLength()));
                permitted.putArray("width").add(round(r.minWidth())).add(round(r.maxWidth()));
            });
            ArrayNode positions = o.putArray("positions");
            s.positions()
                    .forEach(p -> positions.addObject().put("label", p.label()).put("name", p.name()));
            ArrayNode zones = o.putArray("zones");
            s.zones().forEach(z -> zones.addObject().put("id", z.id()).put("name", z.name()));
            ArrayNode views = o.putArray("views");
            s.views().forEach(v -> views.add(v.id()));
            ArrayNode goals = o.putArray("goals");
            for (GoalMouth g : s.goals()) {
                ObjectNode goal = goals.addObject().put("id", g.id()).put("width", round(g.widthMetres()));
                goal.set("at", point(g.centre()));
            }
            ArrayNode landmarks = o.putArray("landmarks");
            s.landmarks().forEach(l -> {
                ObjectNode mark = landmarks.addObject().put("id", l.id()).put("name", l.name());
                mark.set("at", point(l.at()));
            });
        }
        return JsonText.of(list);
    }

    private static String lower(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static ArrayNode point(Point p) {
        return MAKE.arrayNode().add(round(p.x())).add(round(p.y()));
    }

    static ArrayNode texts(List<String> lines) {
        ArrayNode array = MAKE.arrayNode();
        lines.forEach(array::add);
        return array;
    }

    static double round(double value) {
        return Math.round(value * 1000) / 1000.0 + 0.0;
    }

    private static LengthUnit spoken(Drill drill) {
        return LengthUnit.spokenIn(drill.surface().sport());
    }
}
