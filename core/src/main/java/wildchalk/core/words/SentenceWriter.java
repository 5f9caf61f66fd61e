package wildchalk.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Behind;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;

/** Writes one sentence for each move. {@link TravelWriter} has those of runs, {@link BallWriter} those of balls, {@link DeedWriter} those on the spot. */
final class SentenceWriter {

    private final Path path;
    private final Surface surface;
    private final Timeline timeline;
    private final Places places;
    private final TriggerWriter triggers;
    private final BallWriter balls;
    private final DeedWriter deeds;
    private final TurnInto turns;
    private final TravelWriter travels;

    SentenceWriter(Path path, Surface surface, Timeline timeline, Places places) {
        this.path = path;
        this.surface = surface;
        this.timeline = timeline;
        this.places = places;
        this.triggers = new TriggerWriter(path, surface);
        this.balls = new BallWriter(path, surface, timeline, places);
        this.deeds = new DeedWriter(path, surface, timeline, places);
        this.turns = new TurnInto(path, surface, timeline);
        this.travels = new TravelWriter(path, surface, timeline, places, triggers);
    }

    Sentence write(Step step, Move move, String letter) {
        List<Phrase> phrases = new ArrayList<>();
        phrases.add(who(move));
        if (followsOwnMove(step, move)) {
            phrases.add(new Phrase.Plain(text("words.then"), true));
        }
        move.match(
                t -> travels.write(phrases, step, t),
                p -> balls.pass(phrases, p),
                s -> balls.shot(phrases, s),
                u -> balls.pickUp(phrases, u),
                a -> deeds.write(phrases, a));
        canTurn(phrases, move);
        phrases.add(triggers.slot(step, move, timeline.move(move.id())));
        if (move.runsOn()) {
            phrases.add(new Phrase.Plain(text("words.runs-on")));
        }
        return new Sentence(move.id(), letter, phrases, measures(move));
    }

    /** Its verb offers what else the move could be. */
    private void canTurn(List<Phrase> phrases, Move move) {
        for (int i = 1; i < phrases.size(); i++) {
            Phrase phrase = phrases.get(i);
            Optional<Phrase> turning = phrase.match(
                    plain -> plain.joins() ? Optional.empty() : Optional.of(verb(plain, move)),
                    slot -> verb(slot, move));
            if (turning.isPresent()) {
                phrases.set(i, turning.get());
                return;
            }
        }
    }

    private Phrase verb(Phrase.Plain plain, Move move) {
        return new Phrase.Slot(SlotKind.KIND, plain.text(), "", () -> turns.choices(move));
    }

    private Optional<Phrase> verb(Phrase.Slot slot, Move move) {
        boolean verb = slot.what() == SlotKind.MANNER || slot.what() == SlotKind.KIND;
        return verb
                ? Optional.of(new Phrase.Slot(slot.what(), slot.text(), slot.prompt(), () -> {
                    List<Phrase.Choice> all = new ArrayList<>(slot.choices());
                    all.addAll(turns.choices(move));
                    return all;
                }))
                : Optional.empty();
    }

    /** What a move says, taken apart. */
    Clause clause(Move move, Sentence sentence) {
        MoveSpan span = timeline.move(move.id());
        Point from = startOf(timeline, move);
        Clause clause = Clause.of(sentence, move, span, path, triggers.delay(move, span), from);
        boolean withTeam = move instanceof Travel t
                && t.path().size() == 1
                && t.follows().isEmpty()
                && t.seeks().isEmpty()
                && clause.team().isPresent();
        return withTeam ? clause.withStraight(straight(from, (Travel) move)) : clause;
    }

    /** "9 m up". */
    private String straight(Point from, Travel travel) {
        Point end = travel.path().get(0).at();
        return places.rough(from.distanceTo(end)) + " " + places.direction(from, end);
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
                label(path, move.role()),
                "",
                () -> path.roles().stream()
                        .filter(r -> !move.others().contains(r.id()))
                        .map(r -> new Phrase.Choice(r.label(), m -> m.withRole(r.id())))
                        .toList());
    }

    /** Where somebody is as his move begins. */
    static Point startOf(Timeline timeline, Move move) {
        return timeline.poseAt(move.role(), timeline.move(move.id()).start()).at();
    }

    // ---- the rest ----

    private List<Measure> measures(Move move) {
        MoveSpan span = timeline.move(move.id());
        if (!span.happens()) {
            return List.of(new Measure(Measure.Kind.NEVER, 0, text("measure.NEVER")));
        }
        List<Measure> all = new ArrayList<>();
        move.match(
                travel -> all.addAll(List.of(way(Measure.Kind.WAY, span.metres()), time(span.seconds()))),
                pass -> all.addAll(balls.passMeasures(pass, span)),
                shot -> all.addAll(balls.shotMeasures(shot, span)),
                pickUp -> all.add(time(span.seconds())),
                act -> all.add(act.deed() instanceof OpenPlay play ? about(play) : time(span.seconds())));
        Behind.of(timeline, move)
                .ifPresent(b -> all.add(
                        new Measure(Measure.Kind.OFF, b.metres(), text("measure.OFF", places.length(b.metres())))));
        double delay = triggers.delay(move, span);
        if (delay > 0) {
            all.add(seconds(Measure.Kind.DELAY, delay));
        }
        if (span.reactionSeconds() > 0) {
            all.add(seconds(Measure.Kind.REACTION, span.reactionSeconds()));
        }
        return all;
    }

    private Measure way(Measure.Kind what, double metres) {
        return new Measure(what, metres, places.length(metres));
    }

    /** Open play is never timed to the tenth. */
    private Measure about(OpenPlay play) {
        return new Measure(
                Measure.Kind.ABOUT,
                play.typicalSeconds(),
                text(
                        "measure.ABOUT",
                        Numbers.brief(Math.round(play.typicalSeconds()), 0),
                        Numbers.brief(Math.round(play.longestSeconds()), 0),
                        PlayWriter.ending(play.ending(), play, surface.ballName())));
    }

    private static Measure time(double seconds) {
        return seconds(Measure.Kind.TIME, seconds);
    }

    static Measure seconds(Measure.Kind what, double seconds) {
        return new Measure(what, seconds, text("measure." + what, Numbers.seconds(seconds)));
    }

    static <E> List<Phrase.Choice> each(E[] values, Function<E, Phrase.Choice> choice) {
        return Stream.of(values).map(choice).toList();
    }

    /** Whether a fork of the path decides how a move ends. */
    static boolean isDecidedByPath(Scene scene, Move move) {
        return scene.course().forks().stream()
                .filter(f -> f.by() != Fork.By.PLACE)
                .anyMatch(f -> f.decider().equals(Optional.of(move.id())));
    }

    static String label(Scene scene, RoleId role) {
        return RoleNames.of(scene, role);
    }

    static String text(String key, Object... arguments) {
        return Texts.CORE.get(key, arguments);
    }
}
