package wildchalk.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Trigger;
import wildchalk.core.text.Letters;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;

/** Writes when a move starts, and offers the other moments it could start at. */
final class TriggerWriter {

    private final Progression drill;

    TriggerWriter(Progression drill) {
        this.drill = drill;
    }

    Phrase slot(Step step, Move move) {
        String now = move.trigger().map(t -> text(move, t)).orElse("");
        return new Phrase.Slot(SlotKind.WHEN, now, Texts.CORE.get("words.when-prompt"), () -> choices(step, move));
    }

    private List<Phrase.Choice> choices(Step step, Move move) {
        List<Phrase.Choice> choices = new ArrayList<>();
        choices.add(new Phrase.Choice(Texts.CORE.get("trigger.choice.none"), move.withTrigger(Optional.empty())));
        choices.add(choice(move, Trigger.onWhistle(0)));
        for (Move other : others(step, move)) {
            if (other instanceof Pass) {
                choices.add(choice(move, Trigger.whenCaught(other.id(), 0)));
            }
            choices.add(choice(move, Trigger.withStartOf(other.id(), 0)));
            if (!(other instanceof Pass)) {
                choices.add(choice(move, Trigger.afterEndOf(other.id(), 0)));
            }
        }
        move.trigger().ifPresent(t -> {
            choices.add(new Phrase.Choice(
                    Texts.CORE.get("trigger.choice.later"), withPlus(move, t, t.plusSeconds() + 0.5)));
            if (t.plusSeconds() >= 0.5) {
                choices.add(new Phrase.Choice(
                        Texts.CORE.get("trigger.choice.earlier"), withPlus(move, t, t.plusSeconds() - 0.5)));
            }
        });
        return choices;
    }

    private static Move withPlus(Move move, Trigger trigger, double seconds) {
        return move.withTrigger(Optional.of(trigger.withPlus(Math.min(seconds, Trigger.MAX_PLUS_SECONDS))));
    }

    private Phrase.Choice choice(Move move, Trigger trigger) {
        return new Phrase.Choice(text(move, trigger), move.withTrigger(Optional.of(trigger)));
    }

    /** Moves of this step and the one before: what a coach points at. */
    private List<Move> others(Step step, Move move) {
        List<Move> list = new ArrayList<>();
        int index = drill.steps().indexOf(step);
        for (int i = Math.max(0, index - 1); i <= index; i++) {
            drill.steps().get(i).moves().stream()
                    .filter(m -> !m.id().equals(move.id()))
                    .forEach(list::add);
        }
        return list;
    }

    private String text(Move move, Trigger trigger) {
        String plus = trigger.plusSeconds() > 0 ? ".plus" : "";
        String seconds = Numbers.brief(trigger.plusSeconds(), 2);
        return trigger.event()
                .match(
                        whistle -> Texts.CORE.get("trigger.whistle" + plus, seconds),
                        starts -> about("trigger.start" + plus, starts.move(), seconds),
                        ends -> about("trigger.end" + plus, ends.move(), seconds),
                        caught -> caught(move, caught.move(), plus, seconds));
    }

    private String about(String key, MoveId id, String seconds) {
        Move other = drill.move(id).orElseThrow();
        String kind = other.match(t -> "travel", p -> "pass", s -> "shot", u -> "pick-up", w -> "wait");
        return Texts.CORE.get(key + "." + kind, actor(other), seconds);
    }

    private String caught(Move move, MoveId id, String plus, String seconds) {
        Move other = drill.move(id).orElseThrow();
        Optional<RoleId> receiver = other instanceof Pass pass
                ? pass.to().match(r -> Optional.of(r.role()), p -> Optional.empty())
                : Optional.empty();
        if (receiver.equals(Optional.of(move.role()))) {
            return Texts.CORE.get("trigger.caught.self" + plus, "", seconds);
        }
        return Texts.CORE.get(
                "trigger.caught" + plus, receiver.map(this::label).orElse("(" + letter(id) + ")"), seconds);
    }

    /** The label; with the sentence's letter when the role has several moves of the kind. */
    private String actor(Move other) {
        long same = drill.moves().stream()
                .filter(m -> m.role().equals(other.role()) && m.getClass() == other.getClass())
                .count();
        String label = label(other.role());
        return same > 1 ? label + " (" + letter(other.id()) + ")" : label;
    }

    private String letter(MoveId id) {
        return Letters.of(drill.moveOrder().get(id));
    }

    private String label(RoleId role) {
        return drill.role(role).orElseThrow().label();
    }
}
