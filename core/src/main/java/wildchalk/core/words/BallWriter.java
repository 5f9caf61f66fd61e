package wildchalk.core.words;

import static wildchalk.core.words.SentenceWriter.each;
import static wildchalk.core.words.SentenceWriter.text;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import wildchalk.core.check.TouchCheck;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Aim;
import wildchalk.core.drill.Board;
import wildchalk.core.drill.Challenge;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.PickUp;
import wildchalk.core.drill.PickUpKind;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Seeks;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.ShotEnd;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Stroke;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Verdict;
import wildchalk.core.drill.Weight;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Goals;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.GoalShape;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.SportTexts;

/** Writes what is done with balls. */
final class BallWriter {

    /** A serve is across the court when it goes over so much of the width for its length. */
    private static final double CROSS_SHARE = 0.35;

    /** A ball that comes this near (m) to the head of a line is for whoever is the first there. */
    private static final double HEAD_METRES = 0.6;

    /** A catch so soon after the ball came down (s) is that moment: rounding noise. */
    private static final double SAME_SECONDS = 1e-6;

    /** Who is so near (m) to the middle of a box stands on it. */
    private static final double ON_BOX_METRES = 0.6;

    private static final Set<String> SERVING = Set.of("volleyball", "beach-volleyball", "tennis");
    private static final Set<String> BOUNCING = Set.of("basketball", "handball", "netball");

    private final Path path;
    private final Surface surface;
    private final Timeline timeline;
    private final Places places;
    /** Passes and shots before which the ball was in hand for more than a touch. */
    private final Set<MoveId> held;
    /** For each pass who has passed to its passer last. */
    /** More pieces of gear are not offered to be hit. */
    private static final int MOST_TARGETS = 12;

    /** With more players than these there are too many pairs to offer. */
    private static final int MOST_AHEAD = 9;

    /** A ball that is taken on its way is in other hands so soon after, s. */
    private static final double TAKEN_SECONDS = 0.6;

    private final Map<MoveId, RoleId> before = new HashMap<>();

    BallWriter(Path path, Surface surface, Timeline timeline, Places places) {
        this.held = TouchCheck.heldTooLong(timeline);
        this.path = path;
        this.surface = surface;
        this.timeline = timeline;
        this.places = places;
        Map<RoleId, RoleId> last = new HashMap<>();
        for (Move move : path.moves()) {
            if (move instanceof Pass pass) {
                Optional.ofNullable(last.get(pass.role())).ifPresent(from -> before.put(pass.id(), from));
                pass.receiver().ifPresent(r -> last.put(r, pass.role()));
            }
        }
    }

    Void pass(List<Phrase> phrases, Pass move) {
        phrases.add(new Phrase.Slot(
                SlotKind.KIND,
                stroke("stroke", move.stroke()).orElseGet(() -> verb(move, move.kind(), move.weight())),
                "",
                () -> passKinds(move)));
        phrases.add(new Phrase.Slot(SlotKind.RECEIVER, receiver(move), "", () -> receivers(move)));
        phrases.add(new Phrase.Slot(SlotKind.HOW, how(move), text("words.how-prompt"), () -> hows(move)));
        return null;
    }

    private String verb(Pass move, PassKind kind, Weight weight) {
        boolean serve = kind == PassKind.SERVE || kind == PassKind.FULL_SERVE;
        String of = kind + "." + weight;
        if (knocksPast(move)) {
            return text("words.knocks");
        }
        boolean thrownOut =
                path.role(move.role()).filter(r -> r.side() == Side.KEEPER).isPresent()
                        && SportTexts.has("keeper-pass", surface.sport(), of);
        String verb = SportTexts.get(thrownOut ? "keeper-pass" : "pass", surface.sport(), of);
        return serve && goesAcross(move) ? text("words.cross-court", verb) : verb;
    }

    /** Whether he goes after it himself at once. */
    private boolean knocksPast(Pass move) {
        boolean toSpot = move.to().match(r -> false, p -> p.runner().isEmpty());
        return toSpot
                && path.stepOf(move.id()).stream()
                        .flatMap(s -> s.moves().stream().dropWhile(m -> !m.id().equals(move.id())))
                        .skip(1)
                        .filter(m -> m.role().equals(move.role()))
                        .findFirst()
                        .filter(m -> m instanceof Travel t && t.seeks().equals(Optional.of(Seeks.BALL)))
                        .isPresent();
    }

    private boolean goesAcross(Pass move) {
        return timeline.move(move.id()).happens()
                && timeline.flightOf(move.id())
                        .map(f -> Math.abs(f.to().y() - f.from().y())
                                > CROSS_SHARE * Math.abs(f.to().x() - f.from().x()))
                        .orElse(false);
    }

    private List<Phrase.Choice> passKinds(Pass move) {
        List<Phrase.Choice> kinds = new ArrayList<>();
        for (PassKind kind : PassKind.values()) {
            boolean usual = kind == PassKind.GROUND || kind == PassKind.AIR;
            if (usual || isPlayed(kind) || kind == move.kind()) {
                for (Weight weight : Weight.values()) {
                    kinds.add(new Phrase.Choice(
                            usual ? "" : text("pass-group." + kind),
                            SportTexts.get("pass", surface.sport(), kind + "." + weight),
                            Rewordings.pass(p -> p.withKind(kind).withWeight(weight))));
                }
            }
        }
        kinds.addAll(strokes("stroke", s -> Rewordings.pass(p -> p.withStroke(Optional.of(s)))));
        return kinds;
    }

    /** What the sport calls it. @param key "stroke" for passes, "stroke-shot" for shots */
    private Optional<String> stroke(String key, Optional<Stroke> stroke) {
        return stroke.filter(s -> SportTexts.has(key, surface.sport(), s.name()))
                .map(s -> SportTexts.get(key, surface.sport(), s.name(), surface.ballName()));
    }

    /** All that the sport has a word for. */
    private List<Phrase.Choice> strokes(String key, Function<Stroke, UnaryOperator<Move>> change) {
        return Stream.of(Stroke.values())
                .filter(s -> SportTexts.has(key, surface.sport(), s.name()))
                .map(s -> new Phrase.Choice(
                        text("words.stroke-group"), stroke(key, Optional.of(s)).orElseThrow(), change.apply(s)))
                .toList();
    }

    private boolean isPlayed(PassKind kind) {
        return switch (kind) {
            case BOUNCE -> BOUNCING.contains(surface.sport());
            case TOSS, SERVE, FULL_SERVE -> SERVING.contains(surface.sport());
            case RIM, DUMP -> surface.boards();
            case GROUND, AIR, LOFTED, HAND_OFF -> true;
        };
    }

    private String receiver(Pass move) {
        return move.to()
                .match(
                        role -> role.among().isEmpty()
                                ? text(
                                        givesBack(move, role.role()) ? "words.back-to" : "words.to-role",
                                        label(role.role()))
                                : text(
                                        "words.to-ahead",
                                        either(role.among().stream()
                                                .map(this::label)
                                                .toList())),
                        place -> toPlace(move, place));
    }

    private static String either(List<String> names) {
        return String.join(text("words.or"), names);
    }

    /** Whether the ball goes at a touch to whoever has just passed it here. */
    private boolean givesBack(Pass move, RoleId to) {
        return move.oneTouch() && Optional.ofNullable(before.get(move.id())).equals(Optional.of(to));
    }

    private String toPlace(Pass move, Target.ToPlace place) {
        String where = space(SentenceWriter.startOf(timeline, move), place.at());
        return place.runner()
                .map(r -> text("words.for-runner", where, label(r)))
                .orElse(where);
    }

    private String space(Point from, Point at) {
        return line(at).orElseGet(() -> spot(from, at));
    }

    /** The next in a line stands at its head. */
    private Optional<String> line(Point at) {
        return path.lines().stream()
                .filter(l -> l.at().isWithin(HEAD_METRES, at))
                .findFirst()
                .map(l -> text("words.next-in-line", l.label()));
    }

    private String spot(Point from, Point at) {
        return places.named(at)
                .map(n -> text("words.to-place", n))
                .orElseGet(() -> places.area(at)
                        .filter(z -> !places.area(from).equals(Optional.of(z)))
                        .map(z -> text(z.contains(text("words.space")) ? "words.into-zone" : "words.to-zone", z))
                        .orElseGet(() -> text("words.to-space", places.towards(from, at))));
    }

    private List<Phrase.Choice> receivers(Pass move) {
        List<Phrase.Choice> choices = new ArrayList<>();
        List<Role> others =
                path.roles().stream().filter(r -> !r.id().equals(move.role())).toList();
        others.forEach(r -> choices.add(new Phrase.Choice(
                text("words.to-role", r.label()), Rewordings.pass(p -> p.withTo(new Target.ToRole(r.id()))))));
        for (int i = 0; i + 1 < others.size() && others.size() <= MOST_AHEAD; i++) {
            for (int j = i + 1; j < others.size(); j++) {
                Role one = others.get(i);
                Role other = others.get(j);
                if (one.side() == other.side()) {
                    Target.ToRole ahead = Target.ToRole.furthest(List.of(one.id(), other.id()));
                    choices.add(new Phrase.Choice(
                            text("words.ahead-group"),
                            text("words.to-ahead", either(List.of(one.label(), other.label()))),
                            Rewordings.pass(p -> p.withTo(ahead))));
                }
            }
        }
        path.lines()
                .forEach(l -> choices.add(new Phrase.Choice(
                        text("words.next-in-line", l.label()),
                        Rewordings.pass(p -> p.withTo(new Target.ToPlace(l.at()))))));
        Point spot = move.to()
                .match(
                        role -> timeline.poseAt(
                                        role.role(), timeline.move(move.id()).end())
                                .at()
                                .toMillimetres(),
                        Target.ToPlace::at);
        others.forEach(r -> {
            Target.ToPlace to = new Target.ToPlace(spot, Optional.of(r.id()));
            choices.add(new Phrase.Choice(
                    text("words.space-group"), toPlace(move, to), Rewordings.pass(p -> p.withTo(to))));
        });
        Target.ToPlace loose = new Target.ToPlace(spot);
        choices.add(new Phrase.Choice(
                text("words.space-group"), toPlace(move, loose), Rewordings.pass(p -> p.withTo(loose))));
        return choices;
    }

    private String how(Pass move) {
        String touch = move.oneTouch() ? text(held.contains(move.id()) ? "words.held" : "words.one-touch") : "";
        String bank = move.bank().map(b -> text("words.off", boardName(b))).orElse("");
        return (bank + " " + fromBox(move) + " " + touch).strip().replaceAll(" +", " ");
    }

    /** Whether he stands on a box that was set out. */
    private String fromBox(Move move) {
        Point at = SentenceWriter.startOf(timeline, move);
        boolean on = path.gear().stream().anyMatch(g -> g.kind() == GearKind.BOX && g.at().isWithin(ON_BOX_METRES, at));
        return on ? text("words.from-box") : "";
    }

    private List<Phrase.Choice> hows(Pass move) {
        List<Phrase.Choice> choices = new ArrayList<>();
        choices.add(new Phrase.Choice(text("words.one-touch"), Rewordings.pass(p -> p.withOneTouch(true))));
        choices.add(new Phrase.Choice(text("words.after-control"), Rewordings.pass(p -> p.withOneTouch(false))));
        for (Board board : Board.values()) {
            choices.add(new Phrase.Choice(
                    text("words.off-group"),
                    text("words.off", boardName(board)),
                    Rewordings.pass(p -> p.withBank(Optional.of(board)))));
        }
        choices.add(new Phrase.Choice(
                text("words.off-group"),
                text("words.off-nothing"),
                Rewordings.pass(p -> p.withBank(Optional.empty()))));
        return choices;
    }

    private String boardName(Board board) {
        return text((surface.boards() ? "board." : "wall.") + board);
    }

    // ---- shots ----

    Void shot(List<Phrase> phrases, Shot move) {
        phrases.add(new Phrase.Slot(
                SlotKind.KIND,
                stroke("stroke-shot", move.stroke().filter(s -> !move.oneTouch()))
                        .orElseGet(() -> shotVerb(move, move.weight())),
                "",
                () -> shotKinds(move)));
        List<GoalMouth> goals = Goals.all(path, surface);
        String goalName = goals.stream()
                .filter(g -> g.id().equals(move.goal()))
                .findFirst()
                .map(GoalMouth::name)
                .or(() -> Goals.target(path, move.goal()).map(places::gear))
                .or(() -> move.at().map(this::label))
                .orElse(move.goal());
        phrases.add(new Phrase.Slot(
                SlotKind.WHERE,
                isTheOne(move) ? "" : text("words.at-goal", goalName),
                text("words.goal-prompt"),
                () -> targets(move, goals)));
        boolean target =
                move.at().isPresent() || Goals.target(path, move.goal()).isPresent();
        boolean ring = move.at().isPresent()
                || Goals.find(path, surface, move.goal())
                        .filter(g -> g.shape() == GoalShape.RING)
                        .isPresent();
        phrases.add(new Phrase.Slot(
                SlotKind.AIM,
                // a ring has no sides that one would tell
                aim(move.aim(), ring, target),
                text("words.aim-prompt"),
                () -> each(
                        Aim.values(),
                        a -> new Phrase.Choice(aim(a, ring, target), Rewordings.shot(s -> s.withAim(a))))));
        phrases.add(new Phrase.Slot(SlotKind.HOW, shotHow(move), text("words.how-prompt"), () -> shotHows(move)));
        return null;
    }

    private List<Phrase.Choice> shotKinds(Shot move) {
        List<Phrase.Choice> kinds = new ArrayList<>(each(
                Weight.values(),
                w -> new Phrase.Choice(
                        shotVerb(move, w), Rewordings.shot(s -> s.withWeight(w).withStroke(Optional.empty())))));
        kinds.addAll(strokes(
                "stroke-shot", k -> Rewordings.shot(s -> s.withOneTouch(false).withStroke(Optional.of(k)))));
        return kinds;
    }

    /** All goals, and what else stands there to be hit. */
    private List<Phrase.Choice> targets(Shot move, List<GoalMouth> goals) {
        List<Phrase.Choice> all = new ArrayList<>(goals.stream()
                .map(g -> new Phrase.Choice(text("words.at-goal", g.name()), Rewordings.shot(s -> s.withGoal(g.id()))))
                .toList());
        path.gear().stream()
                .filter(g -> !g.kind().isGoal() && !g.kind().isSupply())
                .limit(MOST_TARGETS)
                .forEach(g -> all.add(new Phrase.Choice(
                        text("words.target-group"),
                        text("words.at-goal", places.gear(g)),
                        Rewordings.shot(s -> s.withGoal(g.id().text())))));
        path.roles().stream()
                .filter(r -> !r.id().equals(move.role()))
                .forEach(r -> all.add(new Phrase.Choice(
                        text("words.person-group"),
                        text("words.at-goal", label(r.id())),
                        Rewordings.shot(s -> s.role().equals(r.id()) ? s : s.withAt(r.id())))));
        return all;
    }

    /** Whether nobody has to be told which goal: it is one of the surface, and all shots go there. */
    private boolean isTheOne(Shot move) {
        return surface.goal(move.goal()).isPresent()
                && path.moves().stream()
                        .filter(m -> m instanceof Shot)
                        .allMatch(m -> ((Shot) m).goal().equals(move.goal()));
    }

    private String shotVerb(Shot move, Weight weight) {
        if (move.at().isPresent()) {
            return text((thrown() ? "shot-at.throw." : "shot-at.") + weight);
        }
        return move.oneTouch() ? text("tip." + weight) : SportTexts.get("shot", surface.sport(), weight.name());
    }

    /** Whether the ball of the sport is thrown, and neither kicked nor hit. */
    private boolean thrown() {
        return !surface.ballStaysLow();
    }

    /** A ring has no sides and no posts: straight in, or off the board; of what is to be hit the middle is not said. */
    private static String aim(Aim aim, boolean ring, boolean target) {
        boolean bare = target && aim == Aim.MIDDLE;
        return text((ring && (!target || bare) ? "aim.ring." : "aim.") + aim);
    }

    private String shotHow(Shot move) {
        // who is thrown at is hit or not: that is always told
        return move.end() == ShotEnd.GOAL && move.at().isEmpty() ? "" : shotEnd(move, move.end());
    }

    /** A ring has no post and no keeper. */
    private String shotEnd(Shot move, ShotEnd end) {
        if (move.at().isPresent()) {
            return text("shot-end.at." + end, label(move.at().get()));
        }
        boolean ring = Goals.find(path, surface, move.goal())
                .filter(g -> g.shape() == GoalShape.RING)
                .isPresent();
        String keeper = keeper(path, surface, move).map(this::label).orElseGet(() -> text("shot-end.keeper"));
        boolean hit = Goals.target(path, move.goal()).isPresent();
        return SportTexts.get("shot-end", surface.sport(), (hit ? "target." : ring ? "ring." : "") + end, keeper);
    }

    /** Who keeps the goal that a shot is at. */
    static Optional<RoleId> keeper(Scene scene, Surface surface, Shot shot) {
        return Goals.find(scene, surface, shot.goal())
                .filter(g -> g.shape() != GoalShape.RING)
                .flatMap(g -> scene.roles().stream()
                        .filter(r -> r.side() == Side.KEEPER)
                        .map(Role::id)
                        .min(Comparator.comparingDouble(r -> scene.startOf(r).distanceTo(g.centre()))));
    }

    private List<Phrase.Choice> shotHows(Shot move) {
        List<Phrase.Choice> choices = new ArrayList<>();
        if (move.at().isEmpty()) {
            choices.add(new Phrase.Choice(text("words.one-touch"), Rewordings.shot(s -> s.withOneTouch(true))));
            choices.add(new Phrase.Choice(text("words.after-control"), Rewordings.shot(s -> s.withOneTouch(false))));
        }
        // where a fork decides what becomes of it, the path says so, not the move
        List<ShotEnd> ends = SentenceWriter.isDecidedByPath(path, move) ? List.of() : List.of(ShotEnd.values());
        for (ShotEnd end : ends) {
            choices.add(new Phrase.Choice(
                    text("words.end-group"), shotEnd(move, end), Rewordings.shot(s -> s.withEnd(end))));
        }
        return choices;
    }

    List<Measure> shotMeasures(Shot shot, MoveSpan span) {
        Point from = timeline.poseAt(shot.role(), span.start()).at();
        List<Measure> all = new ArrayList<>();
        String out = places.length(span.metres());
        all.add(
                shot.at().isPresent()
                        ? new Measure(Measure.Kind.WAY, span.metres(), out)
                        : new Measure(Measure.Kind.OUT, span.metres(), text("measure.OUT", out)));
        Goals.find(path, surface, shot.goal())
                .filter(g -> g.shape() != GoalShape.RING)
                .ifPresent(g -> {
                    double open = g.openAngleDegrees(from);
                    all.add(new Measure(Measure.Kind.OPEN, open, text("measure.OPEN", Numbers.fixed(open, 0))));
                });
        return all;
    }

    /** How far a pass goes, when it comes down where it waits for somebody, and when it is caught, if it is. */
    List<Measure> passMeasures(Pass pass, MoveSpan span) {
        List<Measure> all = new ArrayList<>();
        all.add(new Measure(Measure.Kind.WAY, span.metres(), places.length(span.metres())));
        Optional<Double> caught = timeline.caughtAt(pass.id());
        boolean lost = isTakenOnTheWay(pass);
        boolean lies = !lost && (caught.isEmpty() || caught.get() > span.end() + SAME_SECONDS);
        if (lies) {
            all.add(SentenceWriter.seconds(Measure.Kind.THERE, span.end()));
        }
        if (lost) {
            all.add(SentenceWriter.seconds(Measure.Kind.LOST, span.end()));
        }
        caught.ifPresent(t -> all.add(SentenceWriter.seconds(Measure.Kind.CAUGHT, t)));
        boolean meant = pass.receiver().isPresent()
                || pass.to().match(r -> true, p -> p.runner().isPresent());
        if (caught.isEmpty() && meant && !lost) {
            all.add(new Measure(Measure.Kind.NOT_CAUGHT, 0, text("measure.NOT_CAUGHT")));
        }
        return all;
    }

    /** Whether somebody else has it, or knocks it away, before it is where it should be. */
    private boolean isTakenOnTheWay(Pass pass) {
        return path.moves().stream()
                .filter(m -> m instanceof Act a
                        && a.deed() instanceof Challenge c
                        && c.bid().isForPass()
                        && c.on().equals(pass.role()))
                .filter(m -> timeline.verdict(m.id())
                        .filter(v -> v != Verdict.MISSED)
                        .isPresent())
                .anyMatch(m -> timeline.happenings().stream()
                        .anyMatch(h -> h.move().equals(Optional.of(m.id()))
                                && Math.abs(h.seconds()
                                                - timeline.move(pass.id()).end())
                                        < TAKEN_SECONDS));
    }

    // ---- picking up ----

    Void pickUp(List<Phrase> phrases, PickUp move) {
        phrases.add(new Phrase.Slot(
                SlotKind.KIND,
                pickUpVerb(move.how()),
                "",
                () -> each(
                        PickUpKind.values(),
                        k -> new Phrase.Choice(pickUpVerb(k), Rewordings.pickUp(u -> u.withHow(k))))));
        return null;
    }

    private String pickUpVerb(PickUpKind kind) {
        return SportTexts.get("picks-up", surface.sport(), kind.name(), surface.ballName());
    }

    private String label(RoleId role) {
        return SentenceWriter.label(path, role);
    }
}
