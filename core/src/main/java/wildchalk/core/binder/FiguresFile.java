package wildchalk.core.binder;

import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import wildchalk.core.runthrough.OwnFigures;
import wildchalk.core.text.Texts;

/** A club's own figures of the second look, in its binder: {@code second-look.txt}. */
public final class FiguresFile {

    private static final String NAME = "second-look.txt";

    private FiguresFile() {}

    public static Path of(Binder binder) {
        return binder.folder().resolve(NAME);
    }

    /**
     * Those of a binder; none where there is no such file.
     *
     * @throws IOException when it cannot be read, or a line of it cannot be used; that says where and how to mend it
     */
    public static OwnFigures read(Binder binder) throws IOException {
        Path file = of(binder);
        try {
            return Files.exists(file)
                    ? OwnFigures.parse(Files.readString(file, StandardCharsets.UTF_8))
                    : OwnFigures.NONE;
        } catch (CharacterCodingException e) {
            throw new IOException(Texts.CORE.get("house.coding", file), e);
        } catch (IllegalArgumentException e) {
            throw new IOException(file + ": " + e.getMessage(), e);
        }
    }

    /** Stores them in place of what was there. */
    public static void write(Binder binder, OwnFigures figures) throws IOException {
        try (FolderLock turn = FolderLock.of(binder.folder())) {
            SafeFiles.write(of(binder), figures.toText().getBytes(StandardCharsets.UTF_8));
        }
    }
}
