package wildchalk.core.binder;

import java.nio.file.Path;
import wildchalk.core.json.FormatProblem;

/** How a kind of content is written as text and read again. */
public interface Format<T> {

    String text(T content);

    /** @param file only named in errors */
    T parse(Path file, String text) throws FormatProblem;
}
