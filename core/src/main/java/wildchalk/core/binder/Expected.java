package wildchalk.core.binder;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/**
 * What a file should hold when it is written, so that nobody writes over what he has not seen.
 *
 * @param any whether it does not matter
 * @param content what it should hold; empty for no file at all
 */
public record Expected(boolean any, Optional<Fingerprint> content) {

    /** Somebody has been asked, and said so. */
    public static final Expected ANYTHING = new Expected(true, Optional.empty());

    /** The name should be free. */
    public static final Expected NOTHING = new Expected(false, Optional.empty());

    public static Expected exactly(Fingerprint content) {
        return new Expected(false, Optional.of(content));
    }

    /** Where the file has gone nothing is written over, whatever it should hold. */
    void check(Path file) throws IOException {
        if (!any && Files.exists(file) && !Fingerprint.of(file).equals(content)) {
            throw new ChangedMeanwhile(file);
        }
    }
}
