package wildchalk.core.binder;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Challenge;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.DroppingOut;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.HandlingGear;
import wildchalk.core.drill.Looking;
import wildchalk.core.drill.Mark;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Passing;
import wildchalk.core.drill.PickUp;
import wildchalk.core.drill.PickUpKind;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.ShotEnd;
import wildchalk.core.drill.Skill;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;
import wildchalk.core.json.Extras;
import wildchalk.core.json.Fields;
import wildchalk.core.json.JsonText;

/** Turns a move into JSON. The counterpart of {@link MoveReader}. */
final class MoveWriter {

    private static final JsonNodeFactory MAKE = JsonNodeFactory.instance;

    private final Extras extras;

    MoveWriter(Extras extras) {
        this.extras = extras;
    }

    ObjectNode move(Move m, String path) {
        ObjectNode o = MAKE.objectNode();
        o.put("id", m.id().text()).put("role", m.role().text());
        m.match(
                t -> travel(o, t, path),
                p -> pass(o, p, path),
                s -> shot(o, s),
                u -> pickUp(o, u),
                a -> deed(o, a, path));
        m.trigger().ifPresent(t -> trigger(o.putObject("when"), t, path + "/when"));
        if (m.runsOn()) {
            o.put("runsOn", true);
        }
        extras.addTo(path, o);
        return o;
    }

    private ObjectNode travel(ObjectNode o, Travel t, String path) {
        o.put("do", "travel").put("manner", Fields.nameOf(t.manner())).put("effort", Fields.nameOf(t.effort()));
        ArrayNode points = o.putArray("path");
        for (int i = 0; i < t.path().size(); i++) {
            points.add(waypoint(t.path().get(i), path + "/path/" + i));
        }
        t.until().ifPresent(e -> {
            ObjectNode until = o.putObject("until");
            event(until, e, path + "/until");
            extras.addTo(path + "/until", until);
        });
        t.seeks().ifPresent(s -> o.put("seeks", Fields.nameOf(s)));
        t.follows().ifPresent(f -> {
            ObjectNode follows = o.putObject("follows").put("how", Fields.nameOf(f.how()));
            follows.set("of", mark(f.of(), path + "/follows/of"));
            f.to().ifPresent(m -> follows.set("to", mark(m, path + "/follows/to")));
            if (f.how().asksMetres()) {
                number(follows, "metres", f.metres());
            }
            extras.addTo(path + "/follows", follows);
        });
        t.faces().ifPresent(m -> o.set("faces", mark(m, path + "/faces")));
        return o;
    }

    private ObjectNode mark(Mark mark, String path) {
        ObjectNode o = mark.match(new Mark.Cases<ObjectNode>() {
            @Override
            public ObjectNode somebody(Mark.Somebody s) {
                return MAKE.objectNode().put("role", s.who().text());
            }

            @Override
            public ObjectNode ball(Mark.TheBall b) {
                return MAKE.objectNode().put("ball", b.ball().text());
            }

            @Override
            public ObjectNode goal(Mark.TheGoal g) {
                return MAKE.objectNode().put("goal", g.goal());
            }

            @Override
            public ObjectNode spot(Mark.Spot s) {
                return MAKE.objectNode().set("at", point(s.at()));
            }
        });
        extras.addTo(path, o);
        return o;
    }

    private JsonNode waypoint(Waypoint w, String path) {
        ObjectNode whole = MAKE.objectNode();
        whole.set("at", point(w.at()));
        if (w.how() == Passing.CUT) {
            whole.put("cut", true);
        } else if (w.how() != Passing.CURVE) {
            whole.put("how", Fields.nameOf(w.how()));
        }
        if (w.foot() != Hand.NONE) {
            whole.put("foot", Fields.nameOf(w.foot()));
        }
        if (w.pauseSeconds() > 0) {
            number(whole, "pause", w.pauseSeconds());
        }
        w.round().ifPresent(r -> {
            ObjectNode round = whole.putObject("round");
            round.set("centre", point(r.centre()));
            number(round, "turns", r.turns());
            round.put("side", Fields.nameOf(r.side()));
            extras.addTo(path + "/round", round);
        });
        w.called().ifPresent(c -> {
            ObjectNode called = whole.putObject("called");
            called.put("call", c.call().text()).put("pick", c.pick());
            extras.addTo(path + "/called", called);
        });
        extras.addTo(path, whole);
        return whole.size() == 1 ? point(w.at()) : whole;
    }

    private static ObjectNode receiver(ObjectNode to, Target.ToRole role) {
        if (role.among().isEmpty()) {
            return to.put("role", role.role().text());
        }
        ArrayNode ahead = to.putArray("ahead");
        role.among().forEach(r -> ahead.add(r.text()));
        return to;
    }

    private ObjectNode pass(ObjectNode o, Pass p, String path) {
        o.put("do", "pass");
        ObjectNode to = o.putObject("to");
        p.to().match(role -> receiver(to, role), place -> {
            to.set("at", point(place.at()));
            place.runner().ifPresent(r -> to.put("runner", r.text()));
            return to;
        });
        extras.addTo(path + "/to", to);
        o.put("kind", Fields.nameOf(p.kind())).put("weight", Fields.nameOf(p.weight()));
        p.stroke().ifPresent(x -> o.put("stroke", Fields.nameOf(x)));
        if (p.oneTouch()) {
            o.put("oneTouch", true);
        }
        p.bank().ifPresent(b -> o.put("bank", Fields.nameOf(b)));
        return o;
    }

    private ObjectNode shot(ObjectNode o, Shot s) {
        o.put("do", "shot")
                .put(s.at().isPresent() ? "at" : "goal", s.goal())
                .put("aim", Fields.nameOf(s.aim()))
                .put("weight", Fields.nameOf(s.weight()));
        s.stroke().ifPresent(x -> o.put("stroke", Fields.nameOf(x)));
        if (s.oneTouch()) {
            o.put("oneTouch", true);
        }
        if (s.end() != ShotEnd.GOAL) {
            o.put("end", Fields.nameOf(s.end()));
        }
        s.rebound().ifPresent(p -> o.set("rebound", point(p)));
        return o;
    }

    private ObjectNode pickUp(ObjectNode o, PickUp u) {
        o.put("do", "pick-up");
        if (u.how() != PickUpKind.GROUND) {
            o.put("how", Fields.nameOf(u.how()));
        }
        return o;
    }

    private ObjectNode deed(ObjectNode o, Act act, String path) {
        return act.deed().match(new Deed.Cases<ObjectNode>() {
            @Override
            public ObjectNode waiting(Deed.Waiting w) {
                return number(o.put("do", "wait"), "seconds", w.seconds());
            }

            @Override
            public ObjectNode turning(Deed.Turning t) {
                o.put("do", "turn").put("turn", Fields.nameOf(t.turn())).put("hand", Fields.nameOf(t.hand()));
                return number(o, "degrees", t.degrees());
            }

            @Override
            public ObjectNode screening(Deed.Screening s) {
                o.put("do", "screen");
                s.against().ifPresent(r -> o.put("against", r.text()));
                return number(o, "seconds", s.seconds());
            }

            @Override
            public ObjectNode contact(Deed.Contact c) {
                o.put("do", "contact").put("with", c.with().text()).put("level", Fields.nameOf(c.level()));
                return number(o, "seconds", c.seconds());
            }

            @Override
            public ObjectNode contest(Deed.Contest c) {
                o.put("do", "contest").put("kind", Fields.nameOf(c.kind()));
                ArrayNode rivals = o.putArray("rivals");
                c.rivals().stream().map(RoleId::text).forEach(rivals::add);
                c.winner().ifPresent(r -> o.put("winner", r.text()));
                return o;
            }

            @Override
            public ObjectNode challenge(Challenge c) {
                o.put("do", "challenge").put("bid", Fields.nameOf(c.bid())).put("on", c.on().text());
                o.put("level", Fields.nameOf(c.level())).put("verdict", Fields.nameOf(c.verdict()));
                c.spill().ifPresent(p -> o.set("spill", point(p)));
                return o;
            }

            @Override
            public ObjectNode openPlay(OpenPlay p) {
                ArrayNode with = o.put("do", "play").putArray("with");
                p.with().forEach(r -> with.add(r.text()));
                p.zone().ifPresent(z -> o.put("in", z));
                ArrayNode until = o.putArray("until");
                p.endings().forEach(e -> until.add(Fields.nameOf(e)));
                if (p.passes() > 0) {
                    o.put("passes", p.passes());
                }
                number(o, "seconds", p.typicalSeconds());
                number(o, "longest", p.longestSeconds());
                if (!p.joining().isEmpty()) {
                    ArrayNode joining = o.putArray("joining");
                    p.joining()
                            .forEach(j -> joining.addObject()
                                    .put("role", j.who().text())
                                    .put("at", j.at().text()));
                }
                if (!p.scores().isEmpty()) {
                    ObjectNode scores = o.putObject("scores");
                    p.scoresInOrder().forEach((e, n) -> scores.put(Fields.nameOf(e), n));
                    extras.addTo(path + "/scores", scores);
                }
                return o.put("ending", Fields.nameOf(p.ending()));
            }

            @Override
            public ObjectNode skill(Skill s) {
                o.put("do", "skill").put("trick", Fields.nameOf(s.trick()));
                if (!s.name().isEmpty()) {
                    o.put("name", s.name());
                }
                if (s.hand() != Hand.NONE) {
                    o.put("hand", Fields.nameOf(s.hand()));
                }
                return o;
            }

            @Override
            public ObjectNode looking(Looking l) {
                o.put("do", "look");
                o.set("at", mark(l.at(), path + "/at"));
                if (l.over() != Hand.NONE) {
                    o.put("over", Fields.nameOf(l.over()));
                }
                return o;
            }

            @Override
            public ObjectNode droppingOut(DroppingOut d) {
                return o.put("do", "drop-out");
            }

            @Override
            public ObjectNode handlingGear(HandlingGear h) {
                return o.put("do", h.way() == HandlingGear.Way.TAKE ? "take-gear" : "put-gear")
                        .put("gear", h.gear().text());
            }

            @Override
            public ObjectNode calling(Deed.Calling c) {
                o.put("do", "call").put("words", c.words());
                c.set().ifPresent(s -> o.put("set", s.text()));
                return o;
            }

            @Override
            public ObjectNode puttingDown(Deed.PuttingDown p) {
                return o.put("do", "put-down");
            }
        });
    }

    void trigger(ObjectNode o, Trigger t, String path) {
        event(o, t.event(), path);
        if (t.plusSeconds() > 0) {
            number(o, "plus", t.plusSeconds());
        }
        t.reaction().ifPresent(r -> number(o, "reaction", r));
        extras.addTo(path, o);
    }

    /** One field that says what is waited for. */
    void event(ObjectNode o, Event event, String path) {
        event.match(new Event.Cases<ObjectNode>() {
            @Override
            public ObjectNode whistle(Event.Whistle w) {
                return o.put("whistle", true);
            }

            @Override
            public ObjectNode starts(Event.Starts s) {
                return o.put("start", s.of().text());
            }

            @Override
            public ObjectNode ends(Event.Ends e) {
                return o.put("end", e.of().text());
            }

            @Override
            public ObjectNode caught(Event.Caught c) {
                return o.put("caught", c.of().text());
            }

            @Override
            public ObjectNode handles(Event.Handles h) {
                return o.put(Fields.nameOf(h.what()), h.role().text());
            }

            @Override
            public ObjectNode reaches(Event.Reaches r) {
                ObjectNode to = o.putObject("reaches");
                r.who()
                        .match(
                                s -> to.put("role", s.role().text()),
                                b -> to.put("ball", b.ball().text()));
                region(to, r.where());
                extras.addTo(path + "/reaches", to);
                return o;
            }

            @Override
            public ObjectNode called(Event.IsCalled c) {
                return o.put("called", c.words());
            }
        });
    }

    void region(ObjectNode o, Region region) {
        region.match(new Region.Cases<ObjectNode>() {
            @Override
            public ObjectNode line(Region.Line l) {
                o.putArray("line").add(point(l.from())).add(point(l.to()));
                return o;
            }

            @Override
            public ObjectNode in(Region.In i) {
                return o.put("in", i.zone());
            }

            @Override
            public ObjectNode out(Region.Out out) {
                return o.put("out", out.zone());
            }

            @Override
            public ObjectNode nearPlace(Region.NearPlace n) {
                o.set("at", point(n.at()));
                return number(o, "within", n.metres());
            }

            @Override
            public ObjectNode nearRole(Region.NearRole n) {
                o.put("near", n.role().text());
                return number(o, "within", n.metres());
            }
        });
    }

    static ArrayNode point(Point p) {
        return SurfaceWriter.point(p);
    }

    private static ObjectNode number(ObjectNode o, String name, double value) {
        o.set(name, JsonText.number(value));
        return o;
    }
}
