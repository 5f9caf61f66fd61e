package wildchalk.core.binder;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Path;
import java.util.function.Function;
import wildchalk.core.json.Extras;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.json.JsonTree;
import wildchalk.core.json.Located;

/**
 * One kind of file of a binder: drills, surfaces. Reading, safe saving, journals and storage are the same for all.
 *
 * @param one what one is called in messages: "drill"
 * @param folder of a binder, in which they stand
 * @param suffix how such files end
 * @param title what its file is named after
 */
public record FileKind<T>(
        String one, String folder, String suffix, Function<T, String> title, Reading<T> reading, Writing<T> writing)
        implements Format<BinderFile<T>> {

    /** Makes a value of what a file holds; what it does not know goes to the extras. */
    public interface Reading<T> {
        T read(Path file, Located root, Extras extras) throws FormatProblem;
    }

    /** Makes JSON of a value, with the extras where they stood. */
    public interface Writing<T> {
        ObjectNode write(T value, Extras extras);
    }

    public BinderFile<T> ofNew(T value) {
        return new BinderFile<>(this, value, Extras.none());
    }

    /**
     * Reads a file.
     *
     * @throws FormatProblem when it is missing, too large, no JSON, or not of this kind, with line and column where there is
     *     one
     */
    public BinderFile<T> read(Path file) throws IOException {
        return of(file, JsonTree.read(file));
    }

    /** Reads a file as {@link #read} does, and takes the fingerprint of the very bytes. */
    public BinderFile.Read<T> readWhole(Path file) throws IOException {
        byte[] bytes = JsonTree.bytes(file);
        return new BinderFile.Read<>(of(file, JsonTree.parse(file, bytes)), Fingerprint.of(bytes));
    }

    /** Reads text; {@code file} is only named in errors. */
    @Override
    public BinderFile<T> parse(Path file, String text) throws FormatProblem {
        return of(file, JsonTree.parse(file, text));
    }

    @Override
    public String text(BinderFile<T> content) {
        return content.toText();
    }

    private BinderFile<T> of(Path file, Located root) throws FormatProblem {
        Extras extras = new Extras();
        return new BinderFile<>(this, reading.read(file, root, extras), extras);
    }

    @Override
    public String toString() {
        return one;
    }
}
