package wildchalk.desktop.board;

import java.util.function.Function;
import javafx.util.StringConverter;

/** Shows values by a text; nothing is typed back. */
public final class TextOf<T> extends StringConverter<T> {

    private final Function<T, String> text;

    public TextOf(Function<T, String> text) {
        this.text = text;
    }

    @Override
    public String toString(T value) {
        return value == null ? "" : text.apply(value);
    }

    @Override
    public T fromString(String typed) {
        throw new UnsupportedOperationException("Values are chosen, not typed.");
    }
}
