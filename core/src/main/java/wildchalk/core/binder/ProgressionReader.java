package wildchalk.core.binder;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Alternation;
import wildchalk.core.drill.BranchId;
import wildchalk.core.drill.Conduct;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.ForkId;
import wildchalk.core.drill.Kind;
import wildchalk.core.drill.Kinds;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.Layout;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.OnBranch;
import wildchalk.core.drill.Parts;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.Question;
import wildchalk.core.drill.Scoring;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.Stint;
import wildchalk.core.drill.Suits;
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
        Parts parts = Parts.of(Progression.blank());
        for (KindFile<?> kind : KindFiles.BEFORE_STEPS) {
            parts = read(kind, f, parts);
        }
        Layout layout = parts.layout()
                .withGroups(groups(f))
                .withLocked(ElementNames.read(f, f.list("locked")))
                .withLabels(labels(f));
        parts = parts.withSteps(f.elements("steps", ProgressionReader::step)).withLayout(layout);
        for (KindFile<?> kind : KindFiles.BEHIND_STEPS) {
            parts = read(kind, f, parts);
        }
        Course course = parts.course()
                .withLaunch(f.has("launch") ? launch(f) : Optional.empty())
                .withAlternation(f.has("alternation") ? alternation(f) : Optional.empty())
                .withStint(f.has("stint") ? f.object("stint").readAll(CourseReader::stint) : Stint.ONE_REP)
                .withScoring(f.has("scoring") ? f.object("scoring").readAll(CourseReader::scoring) : Scoring.NONE)
                .withSuits(f.has("suits") ? f.object("suits").readAll(CourseReader::suits) : Suits.EVERYBODY)
                .withConduct(f.has("conduct") ? f.object("conduct").readAll(CourseReader::conduct) : Conduct.PLAIN);
        return parts.withCourse(course).whole(id, title, Optional.empty());
    }

    private static Optional<Alternation> alternation(Fields f) throws FormatProblem {
        return Optional.of(f.object("alternation").readAll(CourseReader::alternation));
    }

    private static <T> Parts read(KindFile<T> kind, Fields f, Parts into) throws FormatProblem {
        return kind.kind().put().apply(into, kind.read(f));
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
        Map<Kind<?>, ListChange<?>> lists = new LinkedHashMap<>();
        for (KindFile<?> kind : KindFiles.BEFORE_STEPS) {
            lists.put(kind.kind(), change(kind.kind(), kind.read(f), removed, order));
        }
        lists.put(Kinds.STEPS, change(Kinds.STEPS, bare, removed, order));
        for (KindFile<?> kind : KindFiles.BEHIND_STEPS) {
            lists.put(kind.kind(), change(kind.kind(), kind.read(f), removed, order));
        }
        Changes all = new Changes(
                lists,
                moves,
                f.has("groups") ? Optional.of(groups(f)) : Optional.empty(),
                f.has("locked") ? Optional.of(ElementNames.read(f, f.list("locked"))) : Optional.empty(),
                f.has("labels") ? Optional.of(labels(f)) : Optional.empty(),
                f.flagOr("noLaunch", false)
                        ? Optional.of(Optional.empty())
                        : f.has("launch") ? Optional.of(launch(f)) : Optional.empty(),
                f.flagOr("noAlternation", false)
                        ? Optional.of(Optional.empty())
                        : f.has("alternation") ? Optional.of(alternation(f)) : Optional.empty(),
                f.has("stint") ? Optional.of(f.object("stint").readAll(CourseReader::stint)) : Optional.empty(),
                f.has("scoring") ? Optional.of(f.object("scoring").readAll(CourseReader::scoring)) : Optional.empty(),
                f.has("suits") ? Optional.of(f.object("suits").readAll(CourseReader::suits)) : Optional.empty(),
                f.has("conduct") ? Optional.of(f.object("conduct").readAll(CourseReader::conduct)) : Optional.empty());
        removed.checkKinds();
        return all;
    }

    /** @param whole whether more than its moves is given */
    private record StepPart(boolean whole, Step step) {}

    private static ListChange<?> change(Kind<?> kind, List<?> set, Removed removed, Map<String, List<String>> order) {
        return change(set, removed.of(kind.one()), order, kind.many());
    }

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
                if (!kind.equals("move")
                        && Kinds.ALL.stream().noneMatch(k -> k.one().equals(kind))) {
                    throw fields.problem(
                            fields.raw("remove"),
                            "\"remove\" should hold elements like \"gear/c1\" or \"move/m3\"; found \"%s/%s\"."
                                    .formatted(kind, byKind.get(kind).iterator().next()));
                }
            }
        }
    }

    // ---- course ----

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
}
