package wildchalk.core.binder;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import wildchalk.core.drill.Drill;

/**
 * A drill and what its file held beside it.
 *
 * @param extras fields that this version does not know, written back on save
 */
public record DrillFile(Drill drill, Extras extras) {

    /** How drill files end. */
    public static final String SUFFIX = ".drill.json";

    public static DrillFile ofNew(Drill drill) {
        return new DrillFile(drill, Extras.none());
    }

    /**
     * Reads a drill file.
     *
     * @throws FormatProblem when it is missing, too large, no JSON, or no drill, with line and column where there is one
     */
    public static DrillFile read(Path file) throws IOException {
        Extras extras = new Extras();
        Drill drill = DrillReader.read(file, JsonTree.read(file), extras);
        return new DrillFile(drill, extras);
    }

    /** Reads a drill from text; {@code file} is only named in errors. */
    public static DrillFile parse(Path file, String text) throws FormatProblem {
        Extras extras = new Extras();
        return new DrillFile(DrillReader.read(file, JsonTree.parse(file, text), extras), extras);
    }

    public DrillFile withDrill(Drill changed) {
        return new DrillFile(changed, extras);
    }

    public String toText() {
        return JsonText.of(DrillWriter.write(drill, extras));
    }

    /** Saves whole or not at all, and keeps what stood there before as a numbered backup. */
    public void save(Path file) throws IOException {
        SafeFiles.write(file, toText().getBytes(StandardCharsets.UTF_8));
    }
}
