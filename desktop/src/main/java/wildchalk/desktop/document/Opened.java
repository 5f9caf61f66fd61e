package wildchalk.desktop.document;

import java.io.IOException;
import java.nio.file.Path;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.drill.Drill;
import wildchalk.picture.export.Reader;
import wildchalk.picture.export.Told;

/**
 * A drill that has been read, with its base worked out along its likeliest path: made beside the window, then shown by it.
 *
 * @param told what is shown first
 */
public record Opened(Stored<Drill> stored, Told told) {

    /** Reads a file. @throws IOException when it cannot be read */
    public static Opened read(Path file, Reader reader) throws IOException {
        return of(Stored.read(DrillFile.KIND, file), reader);
    }

    public static Opened of(Stored<Drill> stored, Reader reader) {
        Drill drill = stored.content().value();
        return new Opened(stored, Told.of(drill, drill.base(), reader));
    }
}
