package wildchalk.core.binder;

import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import wildchalk.core.text.Texts;
import wildchalk.core.words.HouseWords;

/** The words of a club, in its binder: {@code house-words.txt}. */
public final class HouseFile {

    private static final String NAME = "house-words.txt";

    private HouseFile() {}

    public static Path of(Binder binder) {
        return binder.folder().resolve(NAME);
    }

    /**
     * Those of a binder; none where there is no such file.
     *
     * @throws IOException when it cannot be read, or a line of it cannot be used; that says where and how to mend it
     */
    public static HouseWords read(Binder binder) throws IOException {
        Path file = of(binder);
        if (!Files.exists(file)) {
            return HouseWords.NONE;
        }
        try {
            return HouseWords.parse(Files.readString(file, StandardCharsets.UTF_8));
        } catch (CharacterCodingException e) {
            throw new IOException(Texts.CORE.get("house.coding", file), e);
        } catch (IllegalArgumentException e) {
            throw new IOException(file + ": " + e.getMessage(), e);
        }
    }

    /** Stores them. */
    public static void write(Binder binder, HouseWords words) throws IOException {
        try (FolderLock turn = FolderLock.of(binder.folder())) {
            SafeFiles.write(of(binder), words.text().getBytes(StandardCharsets.UTF_8));
        }
    }
}
