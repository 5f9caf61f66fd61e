package wildchalk.core.binder;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import wildchalk.core.json.Extras;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.json.JsonText;

/**
 * A value of a binder and what its file held beside it.
 *
 * @param extras fields that this version does not know, written back on save
 */
public record BinderFile<T>(FileKind<T> kind, T value, Extras extras) {

    /** What a file held, and the fingerprint of the very bytes that it was read from. */
    public record Read<T>(BinderFile<T> content, Fingerprint fingerprint) {}

    public BinderFile<T> with(T changed) {
        return new BinderFile<>(kind, changed, extras);
    }

    public String toText() {
        return JsonText.of(kind.writing().write(value, extras));
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
        SafeFiles.write(file, content, part -> check(file, text, Files.readString(part)), expected);
        return Fingerprint.of(content);
    }

    private void check(Path file, String text, String written) throws IOException {
        BinderFile<T> again;
        try {
            again = kind.parse(file, written);
        } catch (FormatProblem refused) {
            throw new IOException(
                    "This %s was not saved, since it could not be read again; the file is as it was. %s"
                            .formatted(kind.one(), refused.getMessage()),
                    refused);
        }
        // the value itself, and where there is text that no version of ours knows, that too
        boolean same = again.value().equals(value)
                && (extras.isEmpty() && again.extras().isEmpty()
                        || again.toText().equals(text));
        if (!same) {
            throw new IOException(
                    ("%s: this %s was not saved, since it would come back otherwise than it is; the file is as"
                                    + " it was. Undo the last edit and try again.")
                            .formatted(file, kind.one()));
        }
    }
}
