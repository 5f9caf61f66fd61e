package wildchalk.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import wildchalk.core.drill.Aim;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Wait;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.drill.Weight;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Goals;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Timeline;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.SportTexts;
import wildchalk.core.text.Texts;

/** Writes one sentence for each move. */
final class SentenceWriter {

    private static final List<Double> WAITS = List.of(0.5, 1.0, 1.5, 2.0, 3.0, 5.0);

    private final Progression drill;
    private final Surface surface;
    private final Timeline timeline;
    private final Places places;
    private final TriggerWriter triggers;

    SentenceWriter(Progression drill, Surface surface, Timeline timeline, Places places) {
        this.drill = drill;
        this.surface = surface;
        this.timeline = timeline;
        this.places = places;
        this.triggers = new TriggerWriter(drill);
    }

    Sentence write(Step step, Move move, String letter) {
        List<Phrase> phrases = new ArrayList<>();
        phrases.add(who(move));
        if (followsOwnMove(step, move)) {
            phrases.add(new Phrase.Plain(text("words.then")));
        }
        move.match(
                t -> travel(phrases, t),
                p -> pass(phrases, p),
                s -> shot(phrases, s),
                u -> pickUp(phrases),
                w -> waiting(phrases, w));
        phrases.add(triggers.slot(step, move));
        if (move.runsOn()) {
            phrases.add(new Phrase.Plain(text("words.runs-on")));
        }
        return new Sentence(move.id(), letter, phrases, measure(move));
    }

    private boolean followsOwnMove(Step step, Move move) {
        return move.trigger().isEmpty()
                && step.moves().stream()
                        .takeWhile(m -> m != move)
                        .anyMatch(m -> m.role().equals(move.role()));
    }

    private Phrase who(Move move) {
        return new Phrase.Slot(
                SlotKind.WHO,
                label(move.role()),
                "",
                () -> drill.roles().stream()
                        .map(r -> new Phrase.Choice(r.label(), move.withRole(r.id())))
                        .toList());
    }

    // ---- travel ----

    private Void travel(List<Phrase> phrases, Travel move) {
        boolean carrying = timeline.move(move.id()).carrying();
        phrases.add(new Phrase.Slot(
                SlotKind.MANNER,
                verb(move.manner(), carrying),
                "",
                () -> each(Manner.values(), m -> new Phrase.Choice(verb(m, carrying), move.withManner(m)))));
        phrases.add(new Phrase.Slot(
                SlotKind.EFFORT,
                text("effort." + move.effort()),
                "",
                () -> each(Effort.values(), e -> new Phrase.Choice(text("effort." + e), move.withEffort(e)))));
        from(move).ifPresent(n -> phrases.add(new Phrase.Plain(text("words.from", n))));
        for (Waypoint w : move.path().subList(0, move.path().size() - 1)) {
            via(w).ifPresent(v -> phrases.add(new Phrase.Plain(v)));
        }
        phrases.add(where(move));
        return null;
    }

    private String verb(Manner manner, boolean carrying) {
        return SportTexts.get("manner", surface.sport(), (carrying ? "carry." : "") + manner);
    }

    private Optional<String> from(Travel move) {
        MoveSpan span = timeline.move(move.id());
        Point start = timeline.poseAt(move.role(), span.start()).at();
        Point end = move.path().get(move.path().size() - 1).at();
        // "from the goal to the goal" says nothing
        return places.named(start).filter(n -> !places.named(end).equals(Optional.of(n)));
    }

    private Optional<String> via(Waypoint w) {
        Optional<String> name = places.named(w.at());
        if (w.cut()) {
            return Optional.of(name.map(n -> text("words.cutting", n)).orElse(text("words.cut")));
        }
        return name.map(n -> text("words.past", n));
    }

    private Phrase where(Travel move) {
        Waypoint last = move.path().get(move.path().size() - 1);
        return new Phrase.Slot(SlotKind.WHERE, places.goingTo(last.at()), "", () -> ends(move, last));
    }

    /** Named places that the travel could end at instead. */
    private List<Phrase.Choice> ends(Travel move, Waypoint last) {
        List<Phrase.Choice> choices = new ArrayList<>();
        drill.gear().forEach(g -> addEnd(choices, move, last, g.at(), places.gear(g)));
        surface.landmarks().stream()
                .filter(l -> l.at().distanceTo(last.at()) < 8)
                .forEach(l -> addEnd(choices, move, last, l.at(), l.name()));
        return choices;
    }

    private void addEnd(List<Phrase.Choice> choices, Travel move, Waypoint last, Point place, String name) {
        List<Waypoint> path = new ArrayList<>(move.path());
        path.set(path.size() - 1, last.withAt(place));
        choices.add(new Phrase.Choice(text("words.to", name), move.withPath(path)));
    }

    // ---- passes and shots ----

    private Void pass(List<Phrase> phrases, Pass move) {
        phrases.add(new Phrase.Slot(SlotKind.KIND, passVerb(move.kind(), move.weight()), "", () -> passKinds(move)));
        phrases.add(new Phrase.Slot(
                SlotKind.RECEIVER,
                receiver(move.to()),
                "",
                () -> drill.roles().stream()
                        .filter(r -> !r.id().equals(move.role()))
                        .map(r -> new Phrase.Choice(
                                text("words.to-role", r.label()), move.withTo(new Target.ToRole(r.id()))))
                        .toList()));
        return null;
    }

    private List<Phrase.Choice> passKinds(Pass move) {
        List<Phrase.Choice> kinds = new ArrayList<>();
        for (PassKind kind : PassKind.values()) {
            for (Weight weight : Weight.values()) {
                kinds.add(new Phrase.Choice(
                        passVerb(kind, weight), move.withKind(kind).withWeight(weight)));
            }
        }
        return kinds;
    }

    private static <E> List<Phrase.Choice> each(E[] values, Function<E, Phrase.Choice> choice) {
        return Stream.of(values).map(choice).toList();
    }

    private String passVerb(PassKind kind, Weight weight) {
        return SportTexts.get("pass", surface.sport(), kind + "." + weight);
    }

    private String receiver(Target to) {
        return to.match(
                role -> text("words.to-role", label(role.role())),
                place -> places.named(place.at())
                        .map(n -> text("words.to-place", n))
                        .orElseGet(() -> places.zone(place.at())
                                .map(z -> text("words.to-zone", z))
                                .orElseGet(() -> text("words.to-place", places.axes(place.at())))));
    }

    private Void shot(List<Phrase> phrases, Shot move) {
        phrases.add(new Phrase.Slot(
                SlotKind.KIND,
                text("shot." + move.weight()),
                "",
                () -> each(Weight.values(), w -> new Phrase.Choice(text("shot." + w), move.withWeight(w)))));
        List<GoalMouth> goals = Goals.all(drill, surface);
        String goalName = goals.stream()
                .filter(g -> g.id().equals(move.goal()))
                .findFirst()
                .map(GoalMouth::name)
                .orElse(move.goal());
        phrases.add(new Phrase.Slot(
                SlotKind.WHERE,
                text("words.at-goal", goalName),
                "",
                () -> goals.stream()
                        .map(g -> new Phrase.Choice(text("words.at-goal", g.name()), move.withGoal(g.id())))
                        .toList()));
        phrases.add(new Phrase.Slot(
                SlotKind.AIM,
                text("aim." + move.aim()),
                "",
                () -> each(Aim.values(), a -> new Phrase.Choice(text("aim." + a), move.withAim(a)))));
        return null;
    }

    // ---- the rest ----

    private Void pickUp(List<Phrase> phrases) {
        phrases.add(new Phrase.Plain(text("words.picks-up", surface.ballName())));
        return null;
    }

    private Void waiting(List<Phrase> phrases, Wait move) {
        phrases.add(new Phrase.Plain(text("words.waits")));
        phrases.add(new Phrase.Slot(
                SlotKind.SECONDS,
                text("words.for-seconds", Numbers.brief(move.seconds(), 1)),
                "",
                () -> WAITS.stream()
                        .map(s ->
                                new Phrase.Choice(text("words.for-seconds", Numbers.brief(s, 1)), move.withSeconds(s)))
                        .toList()));
        return null;
    }

    private String measure(Move move) {
        MoveSpan span = timeline.move(move.id());
        if (!span.happens()) {
            return text("measure.never");
        }
        String metres = places.length(span.metres());
        String seconds = Numbers.seconds(span.seconds());
        return move.match(
                travel -> text("measure.travel", metres, seconds),
                pass -> text(
                        pass.to().match(r -> "measure.pass", p -> "measure.pass.loose"),
                        metres,
                        Numbers.seconds(span.end())),
                shot -> shotMeasure(shot, span),
                pickUp -> text("measure.pick-up", seconds),
                wait -> text("measure.wait", seconds));
    }

    private String shotMeasure(Shot shot, MoveSpan span) {
        Point from = timeline.poseAt(shot.role(), span.start()).at();
        double open = Goals.find(drill, surface, shot.goal())
                .map(g -> g.openAngleDegrees(from))
                .orElse(0.0);
        return text("measure.shot", places.length(span.metres()), Numbers.fixed(open, 0));
    }

    private String label(RoleId role) {
        return drill.role(role).map(Role::label).orElse(role.text());
    }

    private static String text(String key, Object... arguments) {
        return Texts.CORE.get(key, arguments);
    }
}
