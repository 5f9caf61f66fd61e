package wildchalk.core.words;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Mover;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.Zones;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Zone;
import wildchalk.core.telling.CourseOffers;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;

/** Writes when a move starts, and offers the other moments it could start at. */
final class TriggerWriter {

    private static final int MOST_ZONES = 8;

    /** "Comes near" is offered at this distance, m. */
    private static final double NEAR_METRES = 3;

    private final Scene scene;
    private final Surface surface;
    private final EventNames names;

    TriggerWriter(Scene scene, Surface surface) {
        this.scene = scene;
        this.surface = surface;
        this.names = new EventNames(scene, surface);
    }

    /** @param span when the move happens: what is said of its cue is what the clock has */
    Phrase slot(Step step, Move move, MoveSpan span) {
        String now = move.trigger().map(t -> text(move, asItIs(t, span))).orElse("");
        return new Phrase.Slot(
                SlotKind.WHEN,
                now,
                Texts.CORE.get("words.when-prompt"),
                () -> choices(step, move, span.reactionSeconds()));
    }

    /** With the delay that it comes to: something else may hold a move back longer than its trigger asks for. */
    private static Trigger asItIs(Trigger trigger, MoveSpan span) {
        if (!span.happens() || span.cuedAt().isEmpty()) {
            return trigger;
        }
        double since = span.start() - span.cuedAt().get();
        boolean late = trigger.plusSeconds() > 0
                ? since - trigger.plusSeconds() > SAME_DELAY_SECONDS
                : since - span.reactionSeconds() > STILL_AS_SECONDS;
        return late ? trigger.withPlus(Math.round(since * 10) / 10.0) : trigger;
    }

    /** Delays that differ by less (s) are told as one. */
    private static final double SAME_DELAY_SECONDS = 0.06;
    /** "As he catches" may be so long ago (s), and is "so long after" then. */
    private static final double STILL_AS_SECONDS = 0.6;

    /** A delay (s) that nobody hears: "as". */
    private static final double AT_ONCE_SECONDS = 0.3;
    /** Up to here (s) it is "just after". */
    private static final double SOON_SECONDS = 1.25;

    /** A moment, and under which heading it is offered. */
    private record Offer(Optional<String> group, Event event) {}

    private List<Phrase.Choice> choices(Step step, Move move, double reacts) {
        List<Phrase.Choice> choices = new ArrayList<>();
        choices.add(new Phrase.Choice(Texts.CORE.get("trigger.choice.none"), m -> m.withTrigger(Optional.empty())));
        choices.add(choice(move, Trigger.onWhistle(0)));
        for (Offer offer : offers(move, others(step, move, -1))) {
            Trigger trigger = Trigger.when(offer.event());
            choices.add(choice(offer, text(move, trigger), m -> m.withTrigger(Optional.of(trigger))));
        }
        choices.add(new Phrase.Choice(
                Texts.CORE.get("trigger.group.step"),
                Texts.CORE.get(move.runsOn() ? "trigger.choice.holds" : "trigger.choice.runs-on"),
                m -> m.withRunsOn(!move.runsOn())));
        move.trigger().ifPresent(t -> {
            choices.add(new Phrase.Choice(Texts.CORE.get("trigger.choice.later"), later(0.5)));
            if (t.plusSeconds() >= 0.5) {
                choices.add(new Phrase.Choice(Texts.CORE.get("trigger.choice.earlier"), later(-0.5)));
            }
        });
        move.trigger().filter(t -> reacts > 0 || t.reaction().isPresent()).ifPresent(t -> reactions(choices, t));
        return choices;
    }

    private static void reactions(List<Phrase.Choice> choices, Trigger trigger) {
        if (trigger.reaction().isPresent()) {
            choices.add(reaction("trigger.reaction.age", Optional.empty()));
        }
        for (double seconds : REACTIONS) {
            if (!trigger.reaction().equals(Optional.of(seconds))) {
                choices.add(reaction(
                        seconds == 0 ? "trigger.reaction.none" : "trigger.reaction.seconds", Optional.of(seconds)));
            }
        }
    }

    private static Phrase.Choice reaction(String key, Optional<Double> seconds) {
        return new Phrase.Choice(
                Texts.CORE.get("trigger.group.reaction"),
                Texts.CORE.get(key, Numbers.brief(seconds.orElse(0.0), 2)),
                m -> m.withTrigger(m.trigger().map(t -> t.withReaction(seconds))));
    }

    /** Times to react (s) that are offered beside those of the age. */
    private static final List<Double> REACTIONS = List.of(0.0, 0.2, 0.5, 1.0);

    private static Phrase.Choice choice(Offer offer, String text, UnaryOperator<Move> after) {
        return offer.group()
                .map(g -> new Phrase.Choice(Texts.CORE.get(g), text, after))
                .orElseGet(() -> new Phrase.Choice(text, after));
    }

    // ---- how long ----

    /** "Until A shoots", for a travel that does not go to the end of its path. */
    Optional<Phrase> until(Step step, Travel move) {
        return move.until()
                .map(e -> new Phrase.Slot(SlotKind.UNTIL, untilWords(e), "", () -> {
                    List<Phrase.Choice> choices = new ArrayList<>();
                    choices.add(new Phrase.Choice(
                            Texts.CORE.get("words.until.none"), Rewordings.travel(t -> t.withUntil(Optional.empty()))));
                    choices.addAll(untilChoices(step, move, Optional.empty()));
                    return choices;
                }));
    }

    /** @param group the heading that all of them stand under; empty for those of what they are about */
    List<Phrase.Choice> untilChoices(Step step, Travel move, Optional<String> group) {
        List<Phrase.Choice> choices = new ArrayList<>();
        // shots, passes and calls end a run more often than other runs do
        List<Move> others = others(step, move, 1).stream()
                .sorted(Comparator.comparing(m -> m instanceof Travel))
                .toList();
        for (Offer offer : offers(move, others)) {
            Optional<String> heading = group.isPresent() ? group : offer.group();
            choices.add(choice(
                    new Offer(heading, offer.event()),
                    untilWords(offer.event()),
                    Rewordings.travel(t -> t.withUntil(Optional.of(offer.event())))));
        }
        return choices;
    }

    /** "Until CO shoots". */
    String untilWords(Event event) {
        return Texts.CORE.get("words.until", names.of(event));
    }

    // ---- the moments there are ----

    private List<Offer> offers(Move move, List<Move> others) {
        List<Offer> offers = new ArrayList<>();
        for (Move other : others) {
            if (other instanceof Pass) {
                offers.add(new Offer(Optional.empty(), new Event.Caught(other.id())));
            }
            offers.add(new Offer(Optional.empty(), new Event.Starts(other.id())));
            if (!(other instanceof Pass)) {
                offers.add(new Offer(Optional.empty(), new Event.Ends(other.id())));
            }
        }
        for (Role role : scene.roles()) {
            for (Event.Handling what : Event.Handling.values()) {
                add(offers, "trigger.group.ball", new Event.Handles(role.id(), what));
            }
        }
        onGround(move, offers);
        scene.course()
                .calls()
                .forEach(set ->
                        set.options().forEach(word -> add(offers, "trigger.group.call", new Event.IsCalled(word))));
        return offers;
    }

    /** Zones that were drawn, the nearest of the surface, and others who come near. */
    private void onGround(Move move, List<Offer> offers) {
        List<String> zones = Stream.concat(
                        scene.layout().zones().stream().map(z -> z.id().text()),
                        surface.zones().stream().map(Zone::id))
                .distinct()
                .limit(MOST_ZONES)
                .toList();
        for (Role role : scene.roles()) {
            if (!role.id().equals(move.role())) {
                Mover who = new Mover.Somebody(role.id());
                add(
                        offers,
                        "trigger.group.near",
                        new Event.Reaches(who, new Region.NearRole(move.role(), NEAR_METRES)));
            }
        }
        for (Region line : CourseOffers.lines(scene, surface)) {
            for (Role role : scene.roles()) {
                add(offers, "trigger.group.zone", new Event.Reaches(new Mover.Somebody(role.id()), line));
            }
        }
        for (Ball ball : scene.balls()) {
            Mover who = new Mover.TheBall(ball.id());
            zones.stream()
                    .filter(z -> !Zones.goesWithBall(z))
                    .forEach(z -> add(offers, "trigger.group.zone", new Event.Reaches(who, new Region.In(z))));
        }
        for (Role role : scene.balls().isEmpty() ? List.<Role>of() : scene.roles()) {
            Region far = new Region.In(Zones.FAR_SIDE);
            add(offers, "trigger.group.zone", new Event.Reaches(new Mover.Somebody(role.id()), far));
        }
        for (MarkedZone zone : scene.layout().zones()) {
            for (Role role : scene.roles()) {
                Mover who = new Mover.Somebody(role.id());
                String id = zone.id().text();
                add(offers, "trigger.group.zone", new Event.Reaches(who, new Region.In(id)));
                add(offers, "trigger.group.zone", new Event.Reaches(who, new Region.Out(id)));
            }
        }
    }

    private static void add(List<Offer> offers, String group, Event event) {
        offers.add(new Offer(Optional.of(group), event));
    }

    private static UnaryOperator<Move> later(double seconds) {
        return m -> m.withTrigger(m.trigger()
                .map(t -> t.withPlus(Math.max(0, Math.min(t.plusSeconds() + seconds, Trigger.MAX_PLUS_SECONDS)))));
    }

    private Phrase.Choice choice(Move move, Trigger trigger) {
        return new Phrase.Choice(text(move, trigger), m -> m.withTrigger(Optional.of(trigger)));
    }

    /** Moves of this step and of the one before (-1) or behind it (1): what a coach points at. */
    private List<Move> others(Step step, Move move, int beside) {
        List<Move> list = new ArrayList<>();
        int index = scene.steps().indexOf(step);
        for (int i = Math.min(index, index + beside); i <= Math.max(index, index + beside); i++) {
            if (i >= 0 && i < scene.steps().size()) {
                scene.steps().get(i).moves().stream()
                        .filter(m -> !m.id().equals(move.id()) && scene.isTold(m.id()))
                        .forEach(list::add);
            }
        }
        return list;
    }

    private String text(Move move, Trigger trigger) {
        String moment = moment(move, trigger);
        return trigger.reaction()
                .map(r -> r == 0
                        ? Texts.CORE.get("trigger.rehearsed", moment)
                        : Texts.CORE.get("trigger.reacting", moment, Numbers.brief(r, 2)))
                .orElse(moment);
    }

    private String moment(Move move, Trigger trigger) {
        String plus = trigger.plusSeconds() >= AT_ONCE_SECONDS ? ".plus" : "";
        String seconds = delay(trigger.plusSeconds());
        Event event = trigger.event();
        if (event instanceof Event.Whistle) {
            return Texts.CORE.get("trigger.whistle" + plus, seconds);
        } else if (event instanceof Event.Starts starts) {
            return names.about("trigger.start" + plus, starts.of(), seconds, move);
        } else if (event instanceof Event.Ends ends) {
            return names.about("trigger.end" + plus, ends.of(), seconds, move);
        } else if (event instanceof Event.Caught caught) {
            return caught(move, caught.of(), plus, seconds);
        }
        return Texts.CORE.get("trigger.when" + plus, names.of(event), seconds);
    }

    /** How long after its cue it starts, s; 0 where it is no delay. */
    double delay(Move move, MoveSpan span) {
        return move.trigger().map(t -> asItIs(t, span).plusSeconds()).orElse(0.0);
    }

    /** As one says it; the exact figure stands beside the sentence. */
    private static String delay(double seconds) {
        return seconds < SOON_SECONDS
                ? Texts.CORE.get("trigger.just")
                : Texts.CORE.get("trigger.seconds", Numbers.brief(Math.round(seconds * 2) / 2.0, 1));
    }

    private String caught(Move move, MoveId id, String plus, String seconds) {
        Move other = scene.move(id).orElseThrow();
        Optional<RoleId> receiver = other instanceof Pass pass ? pass.receiver() : Optional.of(other.role());
        if (receiver.equals(Optional.of(move.role()))) {
            return Texts.CORE.get("trigger.caught.self" + plus, "", seconds);
        }
        return Texts.CORE.get(
                "trigger.caught" + plus, receiver.map(this::label).orElse("(" + names.letter(id) + ")"), seconds);
    }

    private String label(RoleId role) {
        return RoleNames.of(scene, role);
    }
}
