package wildchalk.core.binder;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.BallKind;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Footprint;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.GapId;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.Note;
import wildchalk.core.drill.NoteId;
import wildchalk.core.drill.Posture;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Station;
import wildchalk.core.drill.StationId;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.drill.ZoneId;
import wildchalk.core.drill.ZoneKind;
import wildchalk.core.geometry.Point;
import wildchalk.core.json.Extras;
import wildchalk.core.json.Fields;
import wildchalk.core.json.FormatProblem;

/** How gear, lines, roles, balls and what lies on the surface stand in a file: reading and writing side by side. */
final class ElementFiles {

    private ElementFiles() {}

    static Gear gear(Fields f) throws FormatProblem {
        GearKind kind = f.choice("kind", GearKind.class);
        Point size = f.pointIfAny("size").orElse(null);
        return new Gear(
                new GearId(f.slug("id")),
                kind,
                f.choiceOr("colour", Chalk.class, Chalk.ORANGE),
                f.point("at"),
                heading(f),
                size == null ? kind.footprint() : new Footprint(size.x(), size.y()),
                f.textOr("label", "", Limits.LABEL),
                f.has("count") ? f.whole("count", 1, Gear.MAX_COUNT) : kind.isSupply() ? Gear.USUAL_SUPPLY : 1);
    }

    static void gear(ObjectNode o, Gear g, String path, Extras extras) {
        o.put("kind", Fields.nameOf(g.kind()));
        if (g.colour() != Chalk.ORANGE) {
            o.put("colour", Fields.nameOf(g.colour()));
        }
        o.set("at", SurfaceWriter.point(g.at()));
        DrillWriter.heading(o, g.facingDegrees());
        if (!g.size().equals(g.kind().footprint())) {
            o.set(
                    "size",
                    SurfaceWriter.point(
                            new Point(g.size().widthMetres(), g.size().depthMetres())));
        }
        if (!g.label().isEmpty()) {
            o.put("label", g.label());
        }
        if (g.count() != (g.kind().isSupply() ? Gear.USUAL_SUPPLY : 1)) {
            o.put("count", g.count());
        }
    }

    static WaitingLine line(Fields f) throws FormatProblem {
        List<RoleId> feeds = new ArrayList<>();
        for (String role : f.texts("feeds", 60)) {
            feeds.add(new RoleId(role));
        }
        return new WaitingLine(
                new LineId(f.slug("id")),
                f.text("label", Limits.LABEL),
                f.point("at"),
                heading(f),
                feeds,
                f.has("standing") ? f.whole("standing", 1, 40) : 4);
    }

    static void line(ObjectNode o, WaitingLine l, String path, Extras extras) {
        o.put("label", l.label());
        o.set("at", SurfaceWriter.point(l.at()));
        DrillWriter.heading(o, l.facingDegrees());
        ArrayNode feeds = o.putArray("feeds");
        l.feeds().forEach(r -> feeds.add(r.text()));
        o.put("standing", l.standing());
    }

    static Role role(Fields f) throws FormatProblem {
        return new Role(
                new RoleId(f.slug("id")),
                f.text("label", Limits.LABEL),
                f.choice("side", Side.class),
                f.pointIfAny("at"),
                heading(f),
                f.numberOr("pace", 1),
                f.has("team") ? Optional.of(f.choice("team", Chalk.class)) : Optional.empty(),
                f.choiceOr("hand", Hand.class, Hand.NONE),
                f.textOr("task", "", Limits.LINE),
                f.choiceOr("posture", Posture.class, Posture.STANDING),
                f.has("from") && f.whole("from", 1, 2) > 1);
    }

    static void role(ObjectNode o, Role r, String path, Extras extras) {
        o.put("label", r.label()).put("side", Fields.nameOf(r.side()));
        r.at().ifPresent(p -> o.set("at", SurfaceWriter.point(p)));
        DrillWriter.heading(o, r.facingDegrees());
        if (r.pace() != 1) {
            DrillWriter.number(o, "pace", r.pace());
        }
        r.team().ifPresent(t -> o.put("team", Fields.nameOf(t)));
        if (r.hand() != Hand.NONE) {
            o.put("hand", Fields.nameOf(r.hand()));
        }
        if (!r.task().isEmpty()) {
            o.put("task", r.task());
        }
        if (r.posture() != Posture.STANDING) {
            o.put("posture", Fields.nameOf(r.posture()));
        }
        if (r.later()) {
            o.put("from", 2);
        }
    }

    static Ball ball(Fields f) throws FormatProblem {
        BallId id = new BallId(f.slug("id"));
        if (f.has("with") == f.has("at")) {
            throw f.problem("A ball needs either \"with\" (a role) or \"at\" (a place), not both.");
        }
        return new Ball(
                id,
                f.has("with") ? new Ball.With(new RoleId(f.slug("with"))) : new Ball.Loose(f.point("at")),
                f.choiceOr("kind", BallKind.class, BallKind.USUAL));
    }

    static void ball(ObjectNode o, Ball b, String path, Extras extras) {
        b.start()
                .match(
                        with -> o.put("with", with.role().text()),
                        loose -> o.set("at", SurfaceWriter.point(loose.at())));
        if (b.kind() != BallKind.USUAL) {
            o.put("kind", Fields.nameOf(b.kind()));
        }
    }

    static MarkedZone zone(Fields f) throws FormatProblem {
        return new MarkedZone(
                new ZoneId(f.slug("id")),
                f.text("name", Limits.LINE),
                f.choiceOr("kind", ZoneKind.class, ZoneKind.BOX),
                f.points("outline", 3, MarkedZone.MAX_CORNERS));
    }

    static void zone(ObjectNode o, MarkedZone z, String path, Extras extras) {
        o.put("name", z.name()).put("kind", Fields.nameOf(z.kind()));
        o.set("outline", SurfaceWriter.points(z.outline()));
    }

    static Note note(Fields f) throws FormatProblem {
        return new Note(new NoteId(f.slug("id")), f.text("text", Limits.TEXT), f.point("at"), f.pointIfAny("pointsAt"));
    }

    static void note(ObjectNode o, Note n, String path, Extras extras) {
        o.put("text", n.text());
        o.set("at", SurfaceWriter.point(n.at()));
        n.target().ifPresent(p -> o.set("pointsAt", SurfaceWriter.point(p)));
    }

    static Gap gap(Fields f) throws FormatProblem {
        return new Gap(new GapId(f.slug("id")), f.whole("number", 1, 99), f.point("from"), f.point("to"));
    }

    static void gap(ObjectNode o, Gap g, String path, Extras extras) {
        o.put("number", g.number());
        o.set("from", SurfaceWriter.point(g.from()));
        o.set("to", SurfaceWriter.point(g.to()));
    }

    static Station station(Fields f) throws FormatProblem {
        return new Station(
                new StationId(f.slug("id")),
                f.point("from"),
                f.point("at"),
                f.numberOr("turn", 0) + 0.0,
                f.flagOr("mirrored", false));
    }

    static void station(ObjectNode o, Station s, String path, Extras extras) {
        o.set("from", SurfaceWriter.point(s.from()));
        o.set("at", SurfaceWriter.point(s.at()));
        if (s.turnDegrees() != 0) {
            DrillWriter.number(o, "turn", s.turnDegrees());
        }
        if (s.mirrored()) {
            o.put("mirrored", true);
        }
    }

    static double heading(Fields f) throws FormatProblem {
        return f.numberOr("facing", 0) + 0.0;
    }
}
