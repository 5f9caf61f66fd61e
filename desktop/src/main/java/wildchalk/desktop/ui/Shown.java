package wildchalk.desktop.ui;

import java.util.function.Function;
import javafx.util.StringConverter;

/** Words for values in a list that nobody types into. */
public final class Shown<T> extends StringConverter<T> {

    private final Function<T, String> words;

    private Shown(Function<T, String> words) {
        this.words = words;
    }

    public static <T> Shown<T> by(Function<T, String> words) {
        return new Shown<>(words);
    }

    @Override
    public String toString(T value) {
        return value == null ? "" : words.apply(value);
    }

    @Override
    public T fromString(String text) {
        throw new UnsupportedOperationException("Nobody types here.");
    }
}
