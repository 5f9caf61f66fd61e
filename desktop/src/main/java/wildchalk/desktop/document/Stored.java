package wildchalk.desktop.document;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import wildchalk.core.binder.BinderFile;
import wildchalk.core.binder.FileKind;
import wildchalk.core.binder.Fingerprint;

/**
 * Something that can be open, and where it is stored.
 *
 * @param file empty for one that was never saved
 * @param known what the file held when it was read or written here last; empty where there is none
 */
public record Stored<T>(BinderFile<T> content, Optional<Path> file, Optional<Fingerprint> known) {

    /** Reads a file once: the content and the fingerprint are of the same bytes. */
    public static <T> Stored<T> read(FileKind<T> kind, Path file) throws IOException {
        BinderFile.Read<T> read = kind.readWhole(file);
        return new Stored<>(read.content(), Optional.of(file), Optional.of(read.fingerprint()));
    }

    public static <T> Stored<T> ofNew(BinderFile<T> content) {
        return new Stored<>(content, Optional.empty(), Optional.empty());
    }

    /** A content whose file may hold it already. */
    static <T> Stored<T> of(BinderFile<T> content, Optional<Path> file) {
        return new Stored<>(content, file, file.flatMap(Fingerprint::of));
    }

    /** Whether another window or program has written the file since. */
    boolean isChangedOutside() {
        return file.isPresent()
                && known.isPresent()
                && Files.exists(file.get())
                && !Fingerprint.of(file.get()).equals(known);
    }
}
