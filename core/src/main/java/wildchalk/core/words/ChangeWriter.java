package wildchalk.core.words;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.Kinds;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Question;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Point;
import wildchalk.core.ladder.Changes;
import wildchalk.core.ladder.ListChange;
import wildchalk.core.motion.MoveKinds;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Choices;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.Texts;

/** Writes what one version changes in another. */
public final class ChangeWriter {

    /** Who is set this much (m) aside has moved. */
    private static final double MOVED_METRES = 0.05;

    private final Progression before;
    private final Progression after;
    private final Changes changes;
    private final Surface surface;
    private final LengthUnit unit;
    private final Drill drill;
    private final List<String> lines = new ArrayList<>();
    /** Made once for each path that is told. */
    private final Map<Path, SentenceWriter> writers = new HashMap<>();

    private final Places places;

    private ChangeWriter(Drill drill, Progression before, Progression after, LengthUnit unit) {
        this.drill = drill;
        this.before = before;
        this.after = after;
        this.changes = Changes.between(before, after);
        this.surface = drill.surface();
        this.places = new Places(after, surface, unit);
        this.unit = unit;
    }

    /** Sentences, what matters most to players first: who plays, rules, moves, points, then where things stand. Empty where nothing changes. */
    public static List<String> between(Drill drill, Progression before, Progression after, LengthUnit unit) {
        return new ChangeWriter(drill, before, after, unit).write();
    }

    private List<String> write() {
        who();
        rules();
        steps();
        points();
        people();
        balls();
        things();
        if (lines.isEmpty() && !changes.of(Kinds.STEPS).order().isEmpty()) {
            lines.add(text("change.step-order"));
        }
        if (lines.isEmpty() && !changes.isEmpty()) {
            lines.add(text("change.small"));
        }
        return lines;
    }

    private void things() {
        Set<String> old = ids(before.gear(), g -> g.id().text());
        List<Gear> fresh = changes.of(Kinds.GEAR.kind()).set().stream()
                .filter(g -> !old.contains(g.id().text()))
                .toList();
        List<Gear> gone = before.gear().stream()
                .filter(g -> changes.of(Kinds.GEAR.kind()).removed().contains(g.id().text()))
                .toList();
        counted(fresh).forEach((what, n) -> lines.add(text("change.adds-gear", n, what)));
        counted(gone).forEach((what, n) -> lines.add(text("change.takes-gear", n, what)));
        changes.of(Kinds.GEAR.kind()).set().stream()
                .filter(g -> old.contains(g.id().text()))
                .forEach(g ->
                        moved(places.gear(g), before.gear(g.id()).orElseThrow().at(), g.at()));
        named(changes.of(Kinds.LINES.kind()), before.lines(), l -> l.id().text(), l -> text("change.line", l.label()));
        named(
                changes.of(Kinds.ZONES.kind()),
                before.layout().zones(),
                z -> z.id().text(),
                z -> text("change.zone", z.name()));
        for (WaitingLine line : changes.of(Kinds.LINES.kind()).set()) {
            before.line(line.id()).ifPresent(l -> moved(text("change.line", line.label()), l.at(), line.at()));
        }
    }

    private static Map<String, Integer> counted(List<Gear> gear) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        gear.forEach(g -> counts.merge(Places.kindOf(g), 1, Integer::sum));
        return counts;
    }

    /** Who joins, who leaves, and who plays as somebody else. */
    private void who() {
        Set<String> there = ids(before.roles(), r -> r.id().text());
        changes.of(Kinds.ROLES.kind()).set().stream()
                .filter(r -> !there.contains(r.id().text()))
                .forEach(r -> lines.add(text("change.joins", said(r))));
        before.roles().stream()
                .filter(r -> changes.of(Kinds.ROLES.kind()).removed().contains(r.id().text()))
                .forEach(r -> lines.add(text("change.takes", said(r))));
        changes.of(Kinds.TEAMS).set().forEach(t -> lines.add(new CourseWords(after, surface).team(t)));
        before.course().teams().stream()
                .filter(t -> changes.of(Kinds.TEAMS).removed().contains(t.id().text()))
                .forEach(t -> lines.add(text("team.gone", t.name())));
        for (Role role : changes.of(Kinds.ROLES.kind()).set()) {
            before.role(role.id()).ifPresent(old -> {
                if (!old.label().equals(role.label())) {
                    lines.add(text("change.called", old.label(), role.label()));
                }
                if (old.side() != role.side()) {
                    lines.add(text("change.side", role.label(), text("side." + role.side())));
                }
                if (old.posture() != role.posture()) {
                    lines.add(text("change.posture", role.label(), text("posture." + role.posture())));
                }
                if (!old.task().equals(role.task()) && !role.task().isEmpty()) {
                    lines.add(text("change.task", role.label(), role.task()));
                }
            });
        }
    }

    private static String said(Role role) {
        return role.side() == Side.ATTACK
                ? role.label()
                : text("change.role", role.label(), text("side." + role.side()));
    }

    private void people() {
        for (Role role : changes.of(Kinds.ROLES.kind()).set()) {
            before.role(role.id())
                    .ifPresent(old -> moved(role.label(), before.startOf(old.id()), after.startOf(role.id())));
        }
    }

    /** What the coach says besides: points and questions. */
    private void points() {
        for (Step step : after.steps()) {
            List<String> old = before.step(step.id()).map(Step::points).orElse(List.of());
            step.points().stream()
                    .filter(p -> !old.contains(p))
                    .forEach(p -> lines.add(text("change.point", stopped(p))));
            Optional<Question> asked = before.step(step.id()).flatMap(Step::question);
            step.question()
                    .filter(q -> !Optional.of(q).equals(asked))
                    .ifPresent(q -> lines.add(text("change.question", stopped(q.ask()))));
        }
    }

    private static String stopped(String text) {
        return text.matches(".*[.!?…]") ? text : text + ".";
    }

    private void balls() {
        Function<Ball, String> name = b -> surface.ballName();
        named(
                changes.of(Kinds.BALLS.kind()),
                before.balls(),
                b -> b.id().text(),
                b -> text("change.ball", name.apply(b)));
        changes.of(Kinds.BALLS.kind()).set().stream()
                .filter(b -> before.ball(b.id()).isPresent())
                .forEach(b -> lines.add(text("change.ball-starts", surface.ballName())));
    }

    private void steps() {
        for (Step step : after.steps()) {
            String title = StepTitles.of(after, step, surface);
            boolean isNew = before.step(step.id()).isEmpty();
            ListChange<Move> moves = changes.moves().getOrDefault(step.id().text(), ListChange.none());
            if (isNew) {
                lines.add(text("change.step-new", title));
            }
            for (Move move : step.moves()) {
                if (moves.set().contains(move)) {
                    boolean other = before.move(move.id()).isPresent();
                    boolean joined = isNew || before.role(move.role()).isEmpty();
                    lines.add(sentence(after, step, move, other ? "change.now" : joined ? "" : "change.also"));
                }
            }
            before.step(step.id())
                    .ifPresent(s -> s.moves().stream()
                            .filter(m -> moves.removed().contains(m.id().text())
                                    && after.move(m.id()).isEmpty())
                            .forEach(m -> lines.add(sentence(before, s, m, "change.no-longer"))));
        }
        before.steps().stream()
                .filter(s -> changes.of(Kinds.STEPS).removed().contains(s.id().text()))
                .forEach(s -> lines.add(text("change.step-gone", StepTitles.of(before, s, surface))));
    }

    /** @param how the key of a word that stands before the verb: "now", "also", "no longer"; empty for none */
    private String sentence(Progression version, Step step, Move move, String how) {
        Path path = Path.of(version, Outcomes.leadingTo(version, step, Choices.USUAL));
        if (path.move(move.id()).isEmpty()) {
            // no way of the rep leads there: it has no times, and nobody sees it
            return text(
                    "change.never",
                    version.role(move.role()).orElseThrow().label(),
                    text("move.kind." + MoveKinds.of(move)));
        }
        SentenceWriter writer = writers.computeIfAbsent(path, this::writer);
        Move there = path.move(move.id()).orElseThrow();
        Clause clause = writer.clause(there, writer.write(path.step(step.id()).orElseThrow(), there, ""));
        return ReadOut.linesAlone(List.of(how.isEmpty() ? clause : clause.withWord(text(how)))).stream()
                .map(Line::text)
                .collect(Collectors.joining(" "));
    }

    private SentenceWriter writer(Path path) {
        return new SentenceWriter(path, surface, Timeline.of(drill, path), new Places(path, surface, unit));
    }

    private void rules() {
        CourseWords now = new CourseWords(after, surface);
        CourseWords then = new CourseWords(before, surface);
        changes.of(Kinds.RULES).set().forEach(r -> lines.add(now.rule(r)));
        for (Rule rule : before.course().rules()) {
            if (changes.of(Kinds.RULES).removed().contains(rule.id().text())) {
                lines.add(text("change.rule-gone", then.rule(rule)));
            }
        }
        changes.of(Kinds.REPEATS).set().forEach(r -> lines.add(now.again(r)));
        changes.of(Kinds.REPEATS).removed().forEach(r -> lines.add(text("change.again-gone")));
        changes.of(Kinds.FORKS)
                .set()
                .forEach(f -> lines.add(text(
                        "change.fork", f.branches().stream().map(b -> b.label()).collect(Collectors.joining(", ")))));
        changes.of(Kinds.FORKS).removed().forEach(f -> lines.add(text("change.fork-gone")));
        if (!changes.of(Kinds.CALLS).isEmpty()) {
            lines.add(text("change.calls"));
        }
        changes.conduct().ifPresent(c -> {
            lines.addAll(now.conduct(c));
            if (c.isPlain()) {
                lines.add(text("change.conduct-gone"));
            }
        });
        changes.scoring().ifPresent(s -> lines.add(now.scoring(s).orElse(text("change.scoring-gone"))));
        if (changes.launch().isPresent()
                || changes.stint().isPresent()
                || changes.alternation().isPresent()
                || !changes.of(Kinds.TEAM_TURNS).isEmpty()
                || !changes.of(Kinds.ROTATION).isEmpty()) {
            lines.add(text("change.rotation"));
        }
    }

    private void moved(String what, Point from, Point to) {
        if (!from.isWithin(MOVED_METRES, to)) {
            String sentence = text("change.moves", what, places.pacedGear(to));
            lines.add(Character.toUpperCase(sentence.charAt(0)) + sentence.substring(1));
        }
    }

    private <T> void named(ListChange<T> change, List<T> old, Function<T, String> id, Function<T, String> name) {
        Set<String> there = ids(old, id);
        change.set().stream()
                .filter(x -> !there.contains(id.apply(x)))
                .forEach(x -> lines.add(text("change.adds", name.apply(x))));
        old.stream()
                .filter(x -> change.removed().contains(id.apply(x)))
                .forEach(x -> lines.add(text("change.takes", name.apply(x))));
    }

    private static <T> Set<String> ids(List<T> list, Function<T, String> id) {
        return list.stream().map(id).collect(Collectors.toSet());
    }

    private static String text(String key, Object... arguments) {
        return Texts.CORE.get(key, arguments);
    }
}
