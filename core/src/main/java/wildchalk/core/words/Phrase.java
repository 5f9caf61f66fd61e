package wildchalk.core.words;

import java.util.List;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import wildchalk.core.drill.Move;

/** A piece of a sentence. */
public sealed interface Phrase permits Phrase.Plain, Phrase.Slot {

    /** As it reads; empty for a slot that has nothing to say now. */
    String text();

    <T> T match(Function<Plain, T> onPlain, Function<Slot, T> onSlot);

    /**
     * Words that nobody chooses.
     *
     * @param joins whether they only tie the sentence to the one before: "then"
     */
    record Plain(String text, boolean joins) implements Phrase {

        public Plain(String text) {
            this(text, false);
        }

        @Override
        public <T> T match(Function<Plain, T> onPlain, Function<Slot, T> onSlot) {
            return onPlain.apply(this);
        }
    }

    /**
     * Words that could be others.
     *
     * @param what which part of the move they set
     * @param prompt what stands on its button when it has no text
     * @param source gives the choices; asked only when somebody wants to see them
     */
    record Slot(SlotKind what, String text, String prompt, Supplier<List<Choice>> source) implements Phrase {

        /** All there are, the present one among them if it can be listed. */
        public List<Choice> choices() {
            return source.get();
        }

        @Override
        public <T> T match(Function<Plain, T> onPlain, Function<Slot, T> onSlot) {
            return onSlot.apply(this);
        }
    }

    /**
     * One way to fill a slot: its words, and what they do to the move, whatever it is by then.
     *
     * @param group what it is listed under where there are many; empty for those that come first
     */
    record Choice(String group, String label, UnaryOperator<Move> change) {

        public Choice(String label, UnaryOperator<Move> change) {
            this("", label, change);
        }
    }
}
