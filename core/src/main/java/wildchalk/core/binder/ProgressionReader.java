package wildchalk.core.binder;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.BranchId;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Footprint;
import wildchalk.core.drill.ForkId;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.GapId;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.Layout;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Note;
import wildchalk.core.drill.NoteId;
import wildchalk.core.drill.OnBranch;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.Question;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.Suits;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.drill.ZoneId;
import wildchalk.core.drill.ZoneKind;
import wildchalk.core.geometry.Point;
import wildchalk.core.json.Fields;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.json.Located;
import wildchalk.core.ladder.Changes;
import wildchalk.core.ladder.ListChange;

/** Reads one version of a drill: whole, or as what it changes in another. The counterpart of {@link ProgressionWriter}. */
final class ProgressionReader {

    private ProgressionReader() {}

    /** @param before the versions that stand before it in the file */
    static Progression read(Fields f, List<Progression> before) throws FormatProblem {
        ProgressionId id = new ProgressionId(f.slug("id"));
        String title = f.text("title", Limits.LINE);
        if (f.has("basedOn")) {
            ProgressionId wanted = new ProgressionId(f.slug("basedOn"));
            Progression base = before.stream()
                    .filter(p -> p.id().equals(wanted))
                    .findFirst()
                    .orElse(null);
            if (base == null) {
                throw f.problem(
                        f.raw("basedOn"),
                        "\"basedOn\" names the progression \"%s\", which must stand before this one."
                                .formatted(wanted));
            }
            return changes(f, base).exactly(base, id, title);
        }
        return new Progression(
                id,
                title,
                f.elements("gear", ProgressionReader::gear),
                f.elements("lines", ProgressionReader::line),
                f.elements("roles", ProgressionReader::role),
                f.elements("balls", ProgressionReader::ball),
                f.elements("steps", ProgressionReader::step),
                layout(f),
                course(f),
                Optional.empty());
    }

    // ---- as changes ----

    private static Changes changes(Fields f, Progression base) throws FormatProblem {
        Removed removed = new Removed(f);
        Map<String, List<String>> order = orders(f);
        List<StepPart> parts =
                f.elements("steps", s -> new StepPart(s.has("points") || s.has("on") || s.has("question"), step(s)));
        List<Step> steps = parts.stream().map(StepPart::step).toList();
        Map<String, ListChange<Move>> moves = new LinkedHashMap<>();
        for (Step step : base.steps()) {
            Set<String> gone = removed.among(
                    "move", step.moves().stream().map(m -> m.id().text()).toList());
            moves.put(step.id().text(), change(List.of(), gone, order, "moves/" + step.id()));
        }
        for (Step step : steps) {
            Set<String> gone =
                    moves.getOrDefault(step.id().text(), ListChange.none()).removed();
            moves.put(step.id().text(), change(step.moves(), gone, order, "moves/" + step.id()));
        }
        moves.values().removeIf(ListChange::isEmpty);
        List<Step> bare = parts.stream()
                .filter(p -> p.whole() || base.step(p.step().id()).isEmpty())
                .map(p -> p.step().withMoves(List.of()))
                .toList();
        Changes all = new Changes(
                change(f.elements("gear", ProgressionReader::gear), removed.of("gear"), order, "gear"),
                change(f.elements("lines", ProgressionReader::line), removed.of("line"), order, "lines"),
                change(f.elements("roles", ProgressionReader::role), removed.of("role"), order, "roles"),
                change(f.elements("balls", ProgressionReader::ball), removed.of("ball"), order, "balls"),
                change(f.elements("zones", ProgressionReader::zone), removed.of("zone"), order, "zones"),
                change(f.elements("notes", ProgressionReader::note), removed.of("note"), order, "notes"),
                change(f.elements("gaps", ProgressionReader::gap), removed.of("gap"), order, "gaps"),
                change(bare, removed.of("step"), order, "steps"),
                moves,
                change(f.elements("forks", CourseReader::fork), removed.of("fork"), order, "forks"),
                change(f.elements("calls", CourseReader::calls), removed.of("calls"), order, "calls"),
                change(f.elements("rules", CourseReader::rule), removed.of("rule"), order, "rules"),
                change(f.elements("rotation", CourseReader::rotation), removed.of("rotation"), order, "rotation"),
                f.has("groups") ? Optional.of(groups(f)) : Optional.empty(),
                f.has("locked") ? Optional.of(ElementNames.read(f, f.list("locked"))) : Optional.empty(),
                f.has("labels") ? Optional.of(labels(f)) : Optional.empty(),
                f.flagOr("noLaunch", false)
                        ? Optional.of(Optional.empty())
                        : f.has("launch") ? Optional.of(launch(f)) : Optional.empty(),
                f.has("suits") ? Optional.of(f.object("suits").readAll(CourseReader::suits)) : Optional.empty());
        removed.checkKinds();
        return all;
    }

    /** @param whole whether more than its moves is given */
    private record StepPart(boolean whole, Step step) {}

    private static <T> ListChange<T> change(
            List<T> set, Set<String> removed, Map<String, List<String>> order, String list) {
        return new ListChange<>(set, removed, order.getOrDefault(list, List.of()));
    }

    private static Map<String, List<String>> orders(Fields f) throws FormatProblem {
        if (!f.has("order")) {
            return Map.of();
        }
        return f.object("order").readAll(o -> {
            Map<String, List<String>> map = new LinkedHashMap<>();
            for (String name : o.names()) {
                map.put(name, o.texts(name, 200));
            }
            return map;
        });
    }

    /** Elements that are taken out, as "gear/c1". */
    private static final class Removed {
        private static final Set<String> KINDS = Set.of(
                "gear",
                "line",
                "role",
                "ball",
                "zone",
                "note",
                "gap",
                "step",
                "move",
                "fork",
                "calls",
                "rule",
                "rotation");

        private final Fields fields;
        private final Map<String, Set<String>> byKind = new LinkedHashMap<>();

        Removed(Fields f) throws FormatProblem {
            this.fields = f;
            for (String name : f.texts("remove", 200)) {
                int slash = Math.max(0, name.indexOf('/'));
                byKind.computeIfAbsent(name.substring(0, slash), k -> new LinkedHashSet<>())
                        .add(name.substring(Math.min(name.length(), slash + 1)));
            }
        }

        Set<String> of(String kind) {
            return byKind.getOrDefault(kind, Set.of());
        }

        Set<String> among(String kind, List<String> ids) {
            Set<String> some = new LinkedHashSet<>(of(kind));
            some.retainAll(ids);
            return some;
        }

        void checkKinds() throws FormatProblem {
            for (String kind : byKind.keySet()) {
                if (!KINDS.contains(kind)) {
                    throw fields.problem(
                            fields.raw("remove"),
                            "\"remove\" should hold elements like \"gear/c1\" or \"move/m3\"; found \"%s/%s\"."
                                    .formatted(kind, byKind.get(kind).iterator().next()));
                }
            }
        }
    }

    // ---- course ----

    private static Course course(Fields f) throws FormatProblem {
        return new Course(
                f.elements("forks", CourseReader::fork),
                f.elements("calls", CourseReader::calls),
                f.elements("rules", CourseReader::rule),
                f.has("launch") ? launch(f) : Optional.empty(),
                f.elements("rotation", CourseReader::rotation),
                f.has("suits") ? f.object("suits").readAll(CourseReader::suits) : Suits.EVERYBODY);
    }

    private static Optional<Launch> launch(Fields f) throws FormatProblem {
        return Optional.of(f.object("launch").readAll(CourseReader::launch));
    }

    private static Step step(Fields f) throws FormatProblem {
        return new Step(
                new StepId(f.slug("id")),
                f.elements("moves", MoveReader::move),
                f.texts("points", Limits.TEXT),
                f.has("on")
                        ? Optional.of(f.object("on")
                                .readAll(o -> new OnBranch(new ForkId(o.slug("fork")), new BranchId(o.slug("branch")))))
                        : Optional.empty(),
                f.has("question")
                        ? Optional.of(f.object("question").readAll(ProgressionReader::question))
                        : Optional.empty());
    }

    private static Question question(Fields f) throws FormatProblem {
        return new Question(
                f.has("start") ? Optional.of(new MoveId(f.slug("start"))) : Optional.empty(),
                f.text("ask", Limits.TEXT),
                f.textOr("answer", "", Limits.TEXT));
    }

    // ---- elements ----

    private static Layout layout(Fields f) throws FormatProblem {
        return new Layout(
                f.elements("zones", ProgressionReader::zone),
                f.elements("notes", ProgressionReader::note),
                f.elements("gaps", ProgressionReader::gap),
                groups(f),
                ElementNames.read(f, f.list("locked")),
                labels(f));
    }

    private static List<Set<ElementId>> groups(Fields f) throws FormatProblem {
        List<Set<ElementId>> groups = new ArrayList<>();
        for (Located group : f.list("groups")) {
            if (!group.isArray()) {
                throw f.problem(group, "\"groups\" should hold lists of elements, found %s.".formatted(group.kind()));
            }
            groups.add(ElementNames.read(f, group.elements()));
        }
        return groups;
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
                f.text("name", Limits.LINE),
                f.choiceOr("kind", ZoneKind.class, ZoneKind.BOX),
                f.points("outline", 3, MarkedZone.MAX_CORNERS));
    }

    private static Note note(Fields f) throws FormatProblem {
        return new Note(new NoteId(f.slug("id")), f.text("text", Limits.TEXT), f.point("at"), f.pointIfAny("pointsAt"));
    }

    private static Gap gap(Fields f) throws FormatProblem {
        return new Gap(new GapId(f.slug("id")), f.whole("number", 1, 99), f.point("from"), f.point("to"));
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
                f.textOr("label", "", Limits.LABEL),
                f.has("count") ? f.whole("count", 1, Gear.MAX_COUNT) : kind.isSupply() ? Gear.USUAL_SUPPLY : 1);
    }

    private static WaitingLine line(Fields f) throws FormatProblem {
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

    private static Role role(Fields f) throws FormatProblem {
        return new Role(
                new RoleId(f.slug("id")),
                f.text("label", Limits.LABEL),
                f.choice("side", Side.class),
                f.pointIfAny("at"),
                heading(f),
                f.numberOr("pace", 1),
                f.has("team") ? Optional.of(f.choice("team", Chalk.class)) : Optional.empty(),
                f.choiceOr("hand", Hand.class, Hand.NONE),
                f.textOr("task", "", Limits.LINE));
    }

    static double heading(Fields f) throws FormatProblem {
        return f.numberOr("facing", 0) + 0.0;
    }

    private static Ball ball(Fields f) throws FormatProblem {
        BallId id = new BallId(f.slug("id"));
        if (f.has("with") == f.has("at")) {
            throw f.problem("A ball needs either \"with\" (a role) or \"at\" (a place), not both.");
        }
        return new Ball(id, f.has("with") ? new Ball.With(new RoleId(f.slug("with"))) : new Ball.Loose(f.point("at")));
    }
}
