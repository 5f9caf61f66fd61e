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
        try {
            return HouseWords.parse(text(binder));
        } catch (IllegalArgumentException e) {
            throw new IOException(of(binder) + ": " + e.getMessage(), e);
        }
    }

    /**
     * The file as it stands, with notes and with lines that cannot be used: to be mended by hand. Empty where there is none.
     *
     * @throws IOException when it cannot be read
     */
    public static String text(Binder binder) throws IOException {
        Path file = of(binder);
        try {
            return Files.exists(file) ? Files.readString(file, StandardCharsets.UTF_8) : "";
        } catch (CharacterCodingException e) {
            throw new IOException(Texts.CORE.get("house.coding", file), e);
        }
    }

    /** Stores them as they were typed, notes too. @throws IllegalArgumentException where a line cannot be used */
    public static HouseWords write(Binder binder, String text) throws IOException {
        HouseWords words = HouseWords.parse(text);
        try (FolderLock turn = FolderLock.of(binder.folder())) {
            SafeFiles.write(of(binder), text.getBytes(StandardCharsets.UTF_8));
        }
        return words;
    }
}
