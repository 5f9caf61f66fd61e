package wildchalk.core.binder;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import wildchalk.core.json.Extras;
import wildchalk.core.json.Fields;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.json.JsonText;
import wildchalk.core.json.JsonTree;
import wildchalk.core.surface.Surface;

/**
 * An own surface and what its file held beside it.
 *
 * @param extras fields that this version does not know, written back on save
 */
public record SurfaceFile(Surface surface, Extras extras) {

    /** How surface files end. */
    public static final String SUFFIX = ".surface.json";

    public static SurfaceFile ofNew(Surface surface) {
        return new SurfaceFile(surface, Extras.none());
    }

    /**
     * Reads a surface file.
     *
     * @throws FormatProblem when it is missing, too large, no JSON, or no surface, with line and column where there is one
     */
    public static SurfaceFile read(Path file) throws IOException {
        Extras extras = new Extras();
        Surface surface = new Fields(file, extras, JsonTree.read(file), "").readAll(SurfaceReader::file);
        return new SurfaceFile(surface, extras);
    }

    /** Reads a surface from text; {@code file} is only named in errors. */
    public static SurfaceFile parse(Path file, String text) throws FormatProblem {
        Extras extras = new Extras();
        Surface surface = new Fields(file, extras, JsonTree.parse(file, text), "").readAll(SurfaceReader::file);
        return new SurfaceFile(surface, extras);
    }

    public SurfaceFile withSurface(Surface changed) {
        return new SurfaceFile(changed, extras);
    }

    public String toText() {
        return JsonText.of(SurfaceWriter.file(surface, extras));
    }

    /** Saves whole or not at all, after reading back what was written; what stood there before becomes a backup. */
    public void save(Path file) throws IOException {
        SafeFiles.write(file, toText().getBytes(StandardCharsets.UTF_8), part -> {
            try {
                parse(file, Files.readString(part));
            } catch (FormatProblem refused) {
                throw new IOException(
                        "This surface was not saved, since it could not be read again; the file is as it was. "
                                + refused.getMessage(),
                        refused);
            }
        });
    }
}
