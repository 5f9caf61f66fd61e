package wildchalk.core.binder;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Aim;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Backdrop;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.DrillId;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Footprint;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.GapId;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Layout;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.MovedGoal;
import wildchalk.core.drill.Note;
import wildchalk.core.drill.NoteId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.PickUp;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.Wait;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.drill.Weight;
import wildchalk.core.drill.ZoneId;
import wildchalk.core.drill.ZoneKind;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Ink;
import wildchalk.core.surface.Overlay;
import wildchalk.core.surface.Size;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.surface.View;

/** Turns the JSON of a drill file into a drill. The counterpart of {@link DrillWriter}. */
final class DrillReader {

    static final String FORMAT = "wild-chalk-drill";
    static final int VERSION = 1;

    private static final int TITLE_LENGTH = 200;
    private static final int LABEL_LENGTH = 12;
    private static final int TEXT_LENGTH = 20_000;

    private DrillReader() {}

    static Drill read(Path file, Located root, Extras extras) throws FormatProblem {
        return new Fields(file, extras, root, "").readAll(DrillReader::drill);
    }

    private static Drill drill(Fields f) throws FormatProblem {
        f.object("format").readAll(g -> g.format(FORMAT, VERSION));
        DrillId id = new DrillId(f.slug("id"));
        String title = f.text("title", TITLE_LENGTH);
        SurfaceUse use = f.object("surface").readAll(DrillReader::surface);
        Audience audience = f.has("for") ? f.object("for").readAll(DrillReader::audience) : Audience.USUAL;
        List<String> themes = f.texts("themes", TITLE_LENGTH);
        String notes = f.textOr("notes", "", TEXT_LENGTH);
        List<Progression> progressions = f.elements("progressions", DrillReader::progression);
        Optional<Backdrop> backdrop =
                f.has("backdrop") ? Optional.of(f.object("backdrop").readAll(DrillReader::backdrop)) : Optional.empty();
        return new Drill(id, title, use, audience, themes, progressions, notes, backdrop);
    }

    /** A known surface, perhaps of another size, or an own one; what lies over it; the part that is shown. */
    private static SurfaceUse surface(Fields f) throws FormatProblem {
        Surface floor;
        if (f.has("own")) {
            floor = f.object("own").readAll(SurfaceReader::surface);
        } else {
            String id = f.slug("use");
            Point size = f.pointIfAny("size").orElse(null);
            floor = size == null
                    ? new SurfaceUse(id, "whole").floor()
                    : Surfaces.sized(id, new Size(size.x(), size.y()));
        }
        SurfaceUse use = SurfaceUse.of(floor)
                .withOverlays(f.elements("overlays", DrillReader::overlay))
                .withGoals(f.elements("goals", DrillReader::goal))
                .withStanding(f.flagOr("standing", false));
        if (f.isObject("view")) {
            return use.withView(f.object("view").readAll(v -> {
                List<Double> x = v.pair("x");
                List<Double> y = v.pair("y");
                return View.of(new Point(x.get(0), y.get(0)), new Point(x.get(1), y.get(1)));
            }));
        }
        return use.withNamedView(f.slug("view"));
    }

    private static MovedGoal goal(Fields f) throws FormatProblem {
        return new MovedGoal(f.slug("id"), f.point("at"), heading(f));
    }

    private static Overlay overlay(Fields f) throws FormatProblem {
        return new Overlay(
                f.slug("use"),
                f.pointIfAny("at").orElse(Point.ORIGIN),
                f.flagOr("crosswise", false),
                f.flagOr("strong", false),
                f.choiceOr("ink", Ink.class, Ink.BLUE));
    }

    private static Backdrop backdrop(Fields f) throws FormatProblem {
        return new Backdrop(
                f.text("picture", Backdrop.MAX_LENGTH),
                f.point("at"),
                f.number("width", 1, 300),
                f.numberOr("dim", 0.5, 0, 1));
    }

    private static Audience audience(Fields f) throws FormatProblem {
        List<AgeBand> ages = new ArrayList<>();
        for (Located age : f.list("ages")) {
            ages.add(ageBand(f, age));
        }
        var players = f.object("players")
                .readAll(p -> new Audience.HeadCount(
                        p.whole("min", 1, 200), p.whole("best", 1, 200), p.whole("max", 1, 200)));
        return new Audience(ages, players, f.has("minutes") ? f.whole("minutes", 1, 120) : Audience.USUAL_MINUTES);
    }

    private static AgeBand ageBand(Fields f, Located value) throws FormatProblem {
        for (AgeBand band : AgeBand.values()) {
            if (band.label().equals(value.value())) {
                return band;
            }
        }
        throw f.problem(
                value,
                "\"ages\" should hold U8, U10, U12, U14, U16, Adult or Competitive; found %s."
                        .formatted(value.value() instanceof String t ? "\"" + t + "\"" : value.kind()));
    }

    private static Progression progression(Fields f) throws FormatProblem {
        refuseLater(f, "basedOn", "a progression that is based on another");
        return new Progression(
                new ProgressionId(f.slug("id")),
                f.text("title", TITLE_LENGTH),
                f.elements("gear", DrillReader::gear),
                f.elements("lines", DrillReader::line),
                f.elements("roles", DrillReader::role),
                f.elements("balls", DrillReader::ball),
                f.elements("steps", DrillReader::step),
                layout(f));
    }

    private static Layout layout(Fields f) throws FormatProblem {
        List<Set<ElementId>> groups = new ArrayList<>();
        for (Located group : f.list("groups")) {
            if (!group.isArray()) {
                throw f.problem(group, "\"groups\" should hold lists of elements, found %s.".formatted(group.kind()));
            }
            groups.add(ElementNames.read(f, group.elements()));
        }
        return new Layout(
                f.elements("zones", DrillReader::zone),
                f.elements("notes", DrillReader::note),
                f.elements("gaps", DrillReader::gap),
                groups,
                ElementNames.read(f, f.list("locked")),
                labels(f));
    }

    private static Map<ElementId, Point> labels(Fields f) throws FormatProblem {
        Map<ElementId, Point> labels = new HashMap<>();
        for (Located element : f.list("labels")) {
            f.inner(element, "labels").readAll(l -> {
                ElementId of =
                        ElementNames.read(l, List.of(l.raw("of"))).iterator().next();
                return labels.put(of, l.point("by"));
            });
        }
        return labels;
    }

    private static MarkedZone zone(Fields f) throws FormatProblem {
        return new MarkedZone(
                new ZoneId(f.slug("id")),
                f.text("name", TITLE_LENGTH),
                f.choiceOr("kind", ZoneKind.class, ZoneKind.BOX),
                f.points("outline", 3, MarkedZone.MAX_CORNERS));
    }

    private static Note note(Fields f) throws FormatProblem {
        return new Note(new NoteId(f.slug("id")), f.text("text", TEXT_LENGTH), f.point("at"), f.pointIfAny("pointsAt"));
    }

    private static Gap gap(Fields f) throws FormatProblem {
        return new Gap(new GapId(f.slug("id")), f.whole("number", 1, 99), f.point("from"), f.point("to"));
    }

    /** What changes the meaning of a drill cannot be kept aside like another unknown field. */
    private static void refuseLater(Fields f, String field, String what) throws FormatProblem {
        if (f.has(field)) {
            throw f.problem("This is %s, which this Wild Chalk cannot read yet; open the file with a newer one."
                    .formatted(what));
        }
    }

    private static Gear gear(Fields f) throws FormatProblem {
        GearKind kind = f.choice("kind", GearKind.class);
        Point size = f.pointIfAny("size").orElse(null);
        return new Gear(
                new GearId(f.slug("id")),
                kind,
                f.choiceOr("colour", Chalk.class, Chalk.ORANGE),
                f.point("at"),
                heading(f),
                size == null ? kind.footprint() : new Footprint(size.x(), size.y()),
                f.textOr("label", "", LABEL_LENGTH),
                f.has("count") ? f.whole("count", 1, Gear.MAX_COUNT) : kind.isSupply() ? Gear.USUAL_SUPPLY : 1);
    }

    private static WaitingLine line(Fields f) throws FormatProblem {
        List<RoleId> feeds = new ArrayList<>();
        for (String role : f.texts("feeds", 60)) {
            feeds.add(new RoleId(role));
        }
        return new WaitingLine(
                new LineId(f.slug("id")),
                f.text("label", LABEL_LENGTH),
                f.point("at"),
                heading(f),
                feeds,
                f.has("standing") ? f.whole("standing", 1, 40) : 4);
    }

    private static Role role(Fields f) throws FormatProblem {
        return new Role(
                new RoleId(f.slug("id")),
                f.text("label", LABEL_LENGTH),
                f.choice("side", Side.class),
                f.pointIfAny("at"),
                heading(f),
                f.numberOr("pace", 1, Role.MIN_PACE, Role.MAX_PACE),
                f.has("team") ? Optional.of(f.choice("team", Chalk.class)) : Optional.empty(),
                f.choiceOr("hand", Hand.class, Hand.NONE),
                f.textOr("task", "", TITLE_LENGTH));
    }

    private static double heading(Fields f) throws FormatProblem {
        return f.numberOr("facing", 0, -360, 360) + 0.0;
    }

    private static Ball ball(Fields f) throws FormatProblem {
        BallId id = new BallId(f.slug("id"));
        if (f.has("with") == f.has("at")) {
            throw f.problem("A ball needs either \"with\" (a role) or \"at\" (a place), not both.");
        }
        return new Ball(id, f.has("with") ? new Ball.With(new RoleId(f.slug("with"))) : new Ball.Loose(f.point("at")));
    }

    private static Step step(Fields f) throws FormatProblem {
        refuseLater(f, "fork", "a fork");
        return new Step(
                new StepId(f.slug("id")), f.elements("moves", DrillReader::move), f.texts("points", TEXT_LENGTH));
    }

    private static Move move(Fields f) throws FormatProblem {
        MoveId id = new MoveId(f.slug("id"));
        RoleId role = new RoleId(f.slug("role"));
        Optional<Trigger> when =
                f.has("when") ? Optional.of(f.object("when").readAll(DrillReader::trigger)) : Optional.empty();
        boolean runsOn = f.flagOr("runsOn", false);
        String kind = f.text("do", 60);
        return switch (kind) {
            case "travel" ->
                new Travel(
                        id,
                        role,
                        when,
                        runsOn,
                        f.choiceOr("manner", Manner.class, Manner.FORWARD),
                        f.choiceOr("effort", Effort.class, Effort.STEADY),
                        path(f));
            case "pass" ->
                new Pass(
                        id,
                        role,
                        when,
                        runsOn,
                        f.object("to").readAll(DrillReader::target),
                        f.choice("kind", PassKind.class),
                        f.choiceOr("weight", Weight.class, Weight.FIRM));
            case "shot" ->
                new Shot(
                        id,
                        role,
                        when,
                        runsOn,
                        f.slug("goal"),
                        f.choiceOr("aim", Aim.class, Aim.MIDDLE),
                        f.choiceOr("weight", Weight.class, Weight.FIRM));
            case "pick-up" -> new PickUp(id, role, when, runsOn);
            case "wait" -> new Wait(id, role, when, runsOn, f.number("seconds", 0.01, Trigger.MAX_PLUS_SECONDS));
            default ->
                throw f.problem(
                        f.raw("do"),
                        "\"do\" should be one of travel, pass, shot, pick-up, wait; found \"%s\".".formatted(kind));
        };
    }

    private static List<Waypoint> path(Fields f) throws FormatProblem {
        List<Waypoint> path = new ArrayList<>();
        List<Located> elements = f.list("path");
        for (int i = 0; i < elements.size(); i++) {
            Located element = elements.get(i);
            path.add(
                    element.isArray()
                            ? new Waypoint(f.point(element, "a point of \"path\""), false)
                            : f.inner(element, "path/" + i)
                                    .readAll(w -> new Waypoint(w.point("at"), w.flagOr("cut", false))));
        }
        return path;
    }

    private static Target target(Fields f) throws FormatProblem {
        if (f.has("role") == f.has("at")) {
            throw f.problem("\"to\" needs either \"role\" or \"at\" (a place), not both.");
        }
        return f.has("role") ? new Target.ToRole(new RoleId(f.slug("role"))) : new Target.ToPlace(f.point("at"));
    }

    private static Trigger trigger(Fields f) throws FormatProblem {
        double plus = f.numberOr("plus", 0, 0, Trigger.MAX_PLUS_SECONDS);
        List<Trigger> found = new ArrayList<>();
        if (f.flagOr("whistle", false)) {
            found.add(Trigger.onWhistle(plus));
        }
        if (f.has("start")) {
            found.add(Trigger.withStartOf(new MoveId(f.slug("start")), plus));
        }
        if (f.has("end")) {
            found.add(Trigger.afterEndOf(new MoveId(f.slug("end")), plus));
        }
        if (f.has("caught")) {
            found.add(Trigger.whenCaught(new MoveId(f.slug("caught")), plus));
        }
        if (found.size() != 1) {
            throw f.problem("\"when\" needs exactly one of \"whistle\": true, \"start\", \"end\" or \"caught\".");
        }
        return found.get(0);
    }
}
