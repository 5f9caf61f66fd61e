package wildchalk.core.binder;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import wildchalk.core.drill.Drill;
import wildchalk.core.json.Extras;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.json.JsonText;
import wildchalk.core.json.JsonTree;

/**
 * A drill and what its file held beside it.
 *
 * @param extras fields that this version does not know, written back on save
 */
public record DrillFile(Drill drill, Extras extras) {

    /** How drill files end. */
    public static final String SUFFIX = ".drill.json";

    public static final Format<DrillFile> FORMAT = new Format<>() {
        @Override
        public String text(DrillFile content) {
            return content.toText();
        }

        @Override
        public DrillFile parse(Path file, String text) throws FormatProblem {
            return DrillFile.parse(file, text);
        }
    };

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

    /** A drill, and the fingerprint of the very bytes that it was read from. */
    public record Read(DrillFile content, Fingerprint fingerprint) {}

    /** Reads a drill file as {@link #read} does. */
    public static Read readWhole(Path file) throws IOException {
        byte[] bytes = JsonTree.bytes(file);
        Extras extras = new Extras();
        Drill drill = DrillReader.read(file, JsonTree.parse(file, bytes), extras);
        return new Read(new DrillFile(drill, extras), Fingerprint.of(bytes));
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

    /**
     * Saves whole or not at all, after reading back what was written; what stood there before becomes a backup.
     *
     * @return what the file holds then
     */
    public Fingerprint save(Path file) throws IOException {
        return save(file, Expected.ANYTHING);
    }

    /**
     * Saves as {@link #save(Path)} does, if the file holds what is expected.
     *
     * @throws ChangedMeanwhile when it does not; it stays as it is
     */
    public Fingerprint save(Path file, Expected expected) throws IOException {
        String text = toText();
        byte[] content = text.getBytes(StandardCharsets.UTF_8);
        SafeFiles.write(
                file,
                content,
                part -> {
                    DrillFile again;
                    try {
                        again = parse(file, Files.readString(part));
                    } catch (FormatProblem refused) {
                        throw new IOException(
                                "This drill was not saved, since it could not be read again; the file is as it was. "
                                        + refused.getMessage(),
                                refused);
                    }
                    // the drill itself, and where there is text that no version of ours knows, that too
                    boolean same = again.drill().equals(drill)
                            && (extras.isEmpty() && again.extras().isEmpty()
                                    || again.toText().equals(text));
                    if (!same) {
                        throw new IOException(file
                                + ": this drill was not saved, since it would come back otherwise than it is; the file is as"
                                + " it was. Undo the last edit and try again.");
                    }
                },
                expected);
        return Fingerprint.of(content);
    }
}
