package wildchalk.core.words;

import static wildchalk.core.words.Rewordings.point;
import static wildchalk.core.words.SentenceWriter.text;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Called;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Passing;
import wildchalk.core.drill.Posture;
import wildchalk.core.drill.Round;
import wildchalk.core.drill.Seeks;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.CarriedGear;
import wildchalk.core.motion.Happening;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.GapRows;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.SportTexts;

/** Writes how somebody goes somewhere: how hard, past what, where to, how it ends, and by whom he goes. */
final class TravelWriter {

    /** Circles are offered about what is so near (m) to the point they start from. */
    private static final double ROUND_METRES = 8;

    /** Who goes round where he stands goes nowhere first. */
    private static final double NO_WAY_METRES = 2;

    /** Who ends so much before the end of his path (m) was stopped. */
    private static final double CUT_SHORT_METRES = 0.5;

    /** So near (m) is where a piece of gear stood. */
    private static final double STOOD_METRES = 1;

    private static final String HALFWAY = text("line.halfway");

    private static final List<Double> TURNS = List.of(0.5, 1.0, 2.0, 3.0);

    /** As many as may be, for a circle that something else ends. */
    private static final List<Double> ENDLESS_TURNS = List.of(Round.MAX_TURNS);

    private static final List<Passing> ON_THE_WAY = List.of(Passing.CURVE, Passing.CUT, Passing.STOP, Passing.TOUCH);

    private final Path path;
    private final Surface surface;
    private final Timeline timeline;
    private final Places places;
    private final TriggerWriter triggers;
    private final FollowWriter follows;
    private final EndingWriter ending;
    private final TravelVerbs verbs;
    private final CarriedGear carried;

    TravelWriter(Path path, Surface surface, Timeline timeline, Places places, TriggerWriter triggers) {
        this.path = path;
        this.surface = surface;
        this.timeline = timeline;
        this.places = places;
        this.triggers = triggers;
        this.follows = new FollowWriter(path, surface, timeline, places);
        this.ending = new EndingWriter(path, timeline);
        this.verbs = new TravelVerbs(path, surface);
        this.carried = CarriedGear.of(path, timeline);
    }

    /** All that is said of a run behind the name. */
    Void write(List<Phrase> phrases, Step step, Travel move) {
        if (move.follows().isPresent()) {
            follows.write(phrases, move);
            follows.eyes(move).ifPresent(phrases::add);
            triggers.until(step, move).ifPresent(phrases::add);
            return null;
        }
        boolean carrying = timeline.move(move.id()).carrying();
        phrases.add(new Phrase.Slot(
                SlotKind.MANNER,
                (getsUp(move) ? text("words.gets-up") + " " : "") + verbs.said(move.manner(), move.effort(), carrying),
                "",
                () -> {
                    List<Phrase.Choice> all = new ArrayList<>(verbs.choices(move, carrying));
                    all.addAll(follows.sights(move));
                    return all;
                }));
        Phrase via = via(step, move);
        phrases.add(via);
        phrases.add(where(move, via.text()));
        phrases.add(ending.slot(move));
        String round = roundAtEnd(move);
        if (!round.isEmpty()) {
            phrases.add(new Phrase.Plain(round));
        }
        follows.eyes(move).ifPresent(phrases::add);
        triggers.until(step, move).ifPresent(phrases::add);
        return null;
    }

    /** Whether he has to get up for it: his first who does not stand at the whistle. */
    private boolean getsUp(Travel move) {
        boolean down = path.role(move.role())
                .filter(r -> r.posture() != Posture.STANDING)
                .isPresent();
        return down
                && path.moves().stream()
                        .filter(m -> m.role().equals(move.role()) && m.needsLegs())
                        .findFirst()
                        .filter(m -> m.id().equals(move.id()))
                        .isPresent();
    }

    private Point startOf(Travel move) {
        return SentenceWriter.startOf(timeline, move);
    }

    /** What is done on the way, and one place that is passed; no place that the sentence has named already. */
    private Phrase via(Step step, Travel move) {
        Set<String> said = new HashSet<>();
        places.named(move.path().get(move.path().size() - 1).at()).ifPresent(said::add);
        Optional<String> start = places.named(startOf(move));
        List<String> all = new ArrayList<>();
        boolean passed = false;
        List<Waypoint> before = move.path().subList(0, move.path().size() - 1);
        int lastCut = before.stream().map(Waypoint::how).toList().lastIndexOf(Passing.CUT);
        for (Waypoint w : before) {
            boolean passes = w.how() == Passing.CURVE || w.how() == Passing.THROUGH;
            boolean plain = passes && w.round().isEmpty() && w.called().isEmpty();
            if (plain && (passed || places.named(w.at()).equals(start))) {
                continue;
            }
            Optional<String> words = passing(w, said, before.indexOf(w) == lastCut);
            words.ifPresent(all::add);
            passed |= plain && words.isPresent();
        }
        String now = String.join(" ", all);
        return new Phrase.Slot(SlotKind.VIA, now, text("words.via-prompt"), () -> ways(step, move));
    }

    /**
     * @param said places that have been named, to which it adds
     * @param lastCut whether no other cut follows
     */
    private Optional<String> passing(Waypoint w, Set<String> said, boolean lastCut) {
        boolean planted = w.foot() != Hand.NONE;
        String foot = planted ? text("words.foot." + w.foot()) : "";
        String cut = (planted && w.how() == Passing.CUT ? ".foot" : "") + (lastCut ? "" : ".before");
        if (w.called().isPresent() && w.round().isEmpty() && (!w.cut() || w.how() == Passing.CUT)) {
            String gap = called(w);
            return Optional.of(w.how() == Passing.CUT ? text("words.cutting-called" + cut, gap, foot) : gap);
        }
        Optional<String> name = places.named(w.at()).filter(said::add);
        String round = round(w, times(w.round().map(Round::turns).orElse(1.0)), said);
        String plain =
                switch (w.how()) {
                    case CUT ->
                        name.map(n -> text("words.cutting" + cut, n, foot)).orElse(text("words.cut" + cut, "", foot));
                    case STOP -> onFoot(stop(w, name), foot);
                    case TOUCH ->
                        onFoot(name.map(n -> text("words.touching", n)).orElse(text("words.touch")), foot);
                    case CURVE, THROUGH ->
                        round.isEmpty() ? name.map(n -> text("words.past", n)).orElse("") : "";
                };
        // "keeping it on the left, into the circle"
        String both = (plain + " " + (round.isEmpty() ? "" : round + ",")).strip();
        return both.isEmpty() ? Optional.empty() : Optional.of(both);
    }

    private static String onFoot(String stopped, String foot) {
        return foot.isEmpty() ? stopped : text("words.on-foot", stopped, foot);
    }

    /** "Through the gap that is called", with its row where numbers stand in several. */
    private String called(Waypoint w) {
        String gap = text("words.called." + w.called().orElseThrow().pick());
        List<Gap> gaps = path.layout().gaps();
        return GapRows.count(gaps) > 1
                ? text("words.called.row", gap, text("words.row." + Math.min(3, GapRows.rowAt(gaps, w.at()))))
                : gap;
    }

    private static String stop(Waypoint w, Optional<String> name) {
        String seconds = w.pauseSeconds() > 0 ? ".for" : "";
        String brief = Numbers.brief(w.pauseSeconds(), 1);
        return name.map(n -> text("words.stopping" + seconds, n, brief))
                .orElseGet(() -> text("words.stop" + seconds, "", brief));
    }

    private String roundAtEnd(Travel move) {
        Waypoint w = move.path().get(move.path().size() - 1);
        if (w.round().isEmpty()) {
            return "";
        }
        boolean goes = !goingTo(move, w.at()).isEmpty();
        Set<String> said = new HashSet<>();
        if (goes) {
            places.named(w.at()).ifPresent(said::add);
        }
        // how often it is drawn does not matter where something else ends it
        String times = move.until().isPresent()
                ? text("words.endless")
                : times(w.round().map(Round::turns).orElse(1.0));
        String round = round(w, times, said);
        return goes ? text("words.and", round) : round;
    }

    /** As it is offered. */
    private String round(Waypoint w, String times) {
        return round(w, times, new HashSet<>());
    }

    private String round(Waypoint w, String times, Set<String> said) {
        return w.round()
                .map(r -> {
                    String key = "words.round." + (r.side() == Hand.LEFT ? "left" : "right");
                    Optional<String> centre = places.named(r.centre());
                    return centre.map(n -> text(key, times, " " + (said.add(n) ? n : text("words.it"))))
                            .orElseGet(() -> text(key + ".circle", times));
                })
                .orElse("");
    }

    private static String times(double turns) {
        return turns == 0.5
                ? text("words.half")
                : turns == 1
                        ? text("words.once")
                        : turns == 2 ? text("words.twice") : text("words.times", Numbers.brief(turns, 2));
    }

    /** For every point of the path: how it is passed, and circles from it. */
    private List<Phrase.Choice> ways(Step step, Travel move) {
        List<Phrase.Choice> choices = new ArrayList<>();
        for (int i = 0; i < move.path().size(); i++) {
            Waypoint w = move.path().get(i);
            boolean last = i + 1 == move.path().size();
            String group = last
                    ? text("words.via.end")
                    : text("words.via.point", i + 1, places.named(w.at()).orElse(""));
            int index = i;
            if (!last) {
                for (Passing how : ON_THE_WAY) {
                    choices.add(new Phrase.Choice(group, text("passing." + how), point(index, p -> p.withHow(how, 0))));
                }
                choices.add(new Phrase.Choice(
                        group, text("passing.pause"), point(index, p -> p.withHow(Passing.STOP, 1))));
                feet(choices, group, w, index);
            }
            circles(choices, group, move, index);
            calls(choices, group, move, index);
        }
        choices.addAll(triggers.untilChoices(step, move, Optional.of("words.until.group")));
        return choices;
    }

    /** Where he turns hard: off which foot. */
    private void feet(List<Phrase.Choice> choices, String group, Waypoint w, int index) {
        for (Hand foot : w.cut() ? List.of(Hand.LEFT, Hand.RIGHT, Hand.NONE) : List.<Hand>of()) {
            if (foot != w.foot()) {
                choices.add(
                        new Phrase.Choice(group, text("passing.foot." + foot), point(index, p -> p.withFoot(foot))));
            }
        }
    }

    /** Where gaps are numbered and their numbers may be called: through the gap that is. */
    private void calls(List<Phrase.Choice> choices, String group, Travel move, int index) {
        Waypoint w = move.path().get(index);
        for (CallSet set : path.course().calls()) {
            boolean gaps =
                    path.layout().gaps().stream().anyMatch(g -> set.options().contains(String.valueOf(g.number())));
            for (int pick = 1; gaps && pick <= set.picks(); pick++) {
                Optional<Called> called = Optional.of(new Called(set.id(), pick));
                choices.add(new Phrase.Choice(
                        group, text("words.called." + pick), point(index, p -> p.withCalled(called))));
            }
        }
        if (w.called().isPresent()) {
            choices.add(new Phrase.Choice(
                    group, text("words.not-called"), point(index, p -> p.withCalled(Optional.empty()))));
        }
    }

    private void circles(List<Phrase.Choice> choices, String group, Travel move, int index) {
        Waypoint w = move.path().get(index);
        Point centre = w.round()
                .map(Round::centre)
                .or(() -> places.nearest(w.at(), 0.5, ROUND_METRES))
                .orElse(null);
        if (centre == null) {
            return;
        }
        // where something else ends it, it matters only which way round
        boolean endless = move.until().isPresent() && index + 1 == move.path().size();
        for (double turns : endless ? ENDLESS_TURNS : TURNS) {
            for (Hand side : List.of(Hand.LEFT, Hand.RIGHT)) {
                Waypoint circled = w.withRound(Optional.of(new Round(centre, turns, side)));
                boolean same =
                        endless && w.round().filter(r -> r.side() == side).isPresent();
                if (!same) {
                    String text = round(circled, endless ? text("words.endless") : times(turns));
                    choices.add(new Phrase.Choice(group, text, point(index, p -> p.withRound(circled.round()))));
                }
            }
        }
        if (w.round().isPresent()) {
            choices.add(new Phrase.Choice(
                    group, text("passing.no-round"), point(index, p -> p.withRound(Optional.empty()))));
        }
    }

    /** @param via what has been said of the way there, whose places are not said again */
    private Phrase where(Travel move, String via) {
        if (move.seeks().isPresent()) {
            return new Phrase.Slot(
                    SlotKind.WHERE,
                    seeking(move),
                    text("words.where-prompt"),
                    () -> ends(move, move.path().get(move.path().size() - 1)));
        }
        Waypoint last = move.path().get(move.path().size() - 1);
        String text = last.called().map(c -> called(last)).orElseGet(() -> goingTo(move, last.at()));
        Point from = turnsAt(move).orElse(startOf(move));
        String place = text.substring(text.indexOf(' ') + 1);
        boolean again = text.contains(" ") && via.contains(place) || via.contains(HALFWAY) && text.contains(HALFWAY);
        if (again && places.named(last.at()).isEmpty()) {
            text = places.way(from, last.at());
        }
        // how far is said of a way that begins where somebody can see it: where he stands, or turns
        boolean measured = !isCutShort(move)
                && (via.isEmpty() || turnsAt(move).isPresent())
                && !text.isEmpty()
                && last.called().isEmpty()
                && last.round().isEmpty();
        String said = measured ? far(move, from, last.at(), text) : text;
        return new Phrase.Slot(SlotKind.WHERE, said, text("words.where-prompt"), () -> ends(move, last));
    }

    /** Whether somebody or something stops him on his way: then it is not so far as it was drawn. */
    private boolean isCutShort(Travel move) {
        MoveSpan span = timeline.move(move.id());
        Point end = move.path().get(move.path().size() - 1).leave();
        return span.happens() && startOf(move).distanceTo(end) > span.metres() + CUT_SHORT_METRES;
    }

    /** "5 m up and to the left"; who drops back is told how far alone. */
    private String far(Travel move, Point from, Point to, String way) {
        return places.howFar(from, to)
                .map(far -> move.manner() == Manner.BACKWARD && way.equals(text("direction.back"))
                        ? far
                        : text("direction.far", far, way))
                .orElse(way);
    }

    /** Where a travel turns last before its end, if that is what is said of its way. */
    private static Optional<Point> turnsAt(Travel move) {
        List<Waypoint> before = move.path().subList(0, move.path().size() - 1);
        return before.isEmpty()
                ? Optional.empty()
                : Optional.of(before.get(before.size() - 1))
                        .filter(w -> w.how() == Passing.CUT || w.how() == Passing.STOP || w.how() == Passing.TOUCH)
                        .filter(w -> w.round().isEmpty())
                        .map(Waypoint::at);
    }

    /** Where to; nothing for a circle about the place. */
    private String goingTo(Travel move, Point end) {
        if (move.path().get(move.path().size() - 1).round().isPresent()
                && startOf(move).isWithin(NO_WAY_METRES, end)) {
            return "";
        }
        Optional<Gear> gone = carriedFrom(move, end);
        if (gone.isPresent()) {
            boolean his = carried.holder(
                            gone.get().id(), timeline.move(move.id()).start())
                    .equals(Optional.of(move.role()));
            return text("words.where-stood", his ? text("words.gear.it") : places.gear(gone.get()));
        }
        return places.goingTo(turnsAt(move).orElse(startOf(move)), end);
    }

    /** The piece that was set out there and that somebody has taken away by then. */
    private Optional<Gear> carriedFrom(Travel move, Point end) {
        MoveSpan span = timeline.move(move.id());
        return path.gear().stream()
                .filter(g -> carried.moves(g.id()) && g.at().isWithin(STOOD_METRES, end))
                .filter(g -> span.happens() && !carried.at(g, span.start()).at().isWithin(STOOD_METRES, g.at()))
                .findFirst();
    }

    /** Named places that the travel could end at instead. */
    private List<Phrase.Choice> ends(Travel move, Waypoint last) {
        List<Phrase.Choice> choices = new ArrayList<>();
        for (Seeks what : Seeks.values()) {
            choices.add(new Phrase.Choice(seeks(what, true), Rewordings.travel(t -> t.withSeeks(Optional.of(what)))));
        }
        path.gear().forEach(g -> addEnd(choices, move, g.at(), places.gear(g)));
        surface.landmarks().stream()
                .filter(l -> !l.foreign() && l.at().distanceTo(last.at()) < 8)
                .forEach(l -> addEnd(choices, move, l.at(), l.name()));
        choices.addAll(follows.offers(move));
        return choices;
    }

    private void addEnd(List<Phrase.Choice> choices, Travel move, Point place, String name) {
        choices.add(new Phrase.Choice(
                text("words.to", name), Rewordings.travel(t -> (Travel)
                        point(move.path().size() - 1, p -> p.withAt(place).withCalled(Optional.empty()))
                                .apply(t.withSeeks(Optional.empty())))));
    }

    /** What it goes for; that somebody has it only where he is the first there. */
    private String seeking(Travel move) {
        // in a race it is not said beforehand who has it
        boolean races = path.course().forks().stream()
                .flatMap(f -> f.race().stream())
                .anyMatch(r -> r.ball().isPresent() && r.runners().contains(move.role()));
        boolean has = !races
                && timeline.happenings().stream()
                        .anyMatch(h ->
                                h.kind() == Happening.Kind.PICKED_UP && h.move().equals(Optional.of(move.id())));
        return seeks(move.seeks().orElseThrow(), has);
    }

    private String seeks(Seeks what, boolean has) {
        return SportTexts.get("seeks", surface.sport(), what + (has ? "" : ".not"), surface.ballName());
    }
}
