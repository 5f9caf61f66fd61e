package wildchalk.core.drill;

import java.util.Objects;
import java.util.Optional;

/**
 * A question that stops the showing; its answer stays hidden until somebody asks for it.
 *
 * @param at when it is asked: as a move of its step starts; empty for when the step starts
 * @param answer perhaps empty
 */
public record Question(Optional<MoveId> at, String ask, String answer) {

    public Question {
        Objects.requireNonNull(at, "at");
        Objects.requireNonNull(ask, "ask");
        Objects.requireNonNull(answer, "answer");
        Limits.text("question", ask, Limits.TEXT);
        Limits.text("answer", answer, Limits.TEXT);
        if (ask.isBlank()) {
            throw new IllegalArgumentException("A question needs words.");
        }
    }
}
