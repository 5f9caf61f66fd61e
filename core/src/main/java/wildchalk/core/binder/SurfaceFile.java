package wildchalk.core.binder;

import java.io.IOException;
import java.nio.file.Path;
import wildchalk.core.json.Fields;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.surface.Surface;

/** A coach's own surfaces as files. */
public final class SurfaceFile {

    /** How surface files end. */
    public static final String SUFFIX = ".surface.json";

    public static final FileKind<Surface> KIND = new FileKind<>(
            "surface",
            "surfaces",
            SUFFIX,
            Surface::title,
            (file, root, extras) -> new Fields(file, extras, root, "").readAll(SurfaceReader::file),
            SurfaceWriter::file);

    private SurfaceFile() {}

    public static BinderFile<Surface> ofNew(Surface surface) {
        return KIND.ofNew(surface);
    }

    public static BinderFile<Surface> read(Path file) throws IOException {
        return KIND.read(file);
    }

    public static BinderFile<Surface> parse(Path file, String text) throws FormatProblem {
        return KIND.parse(file, text);
    }
}
