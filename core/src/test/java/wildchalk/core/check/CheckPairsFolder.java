package wildchalk.core.check;

import java.net.URISyntaxException;
import java.nio.file.Path;
import java.util.Objects;

/** Where the pairs of drills with and without a fault are, for tests of every module. */
public final class CheckPairsFolder {

    private CheckPairsFolder() {}

    static Path folder() {
        try {
            return Path.of(Objects.requireNonNull(CheckPairsFolder.class.getResource("/checks"))
                    .toURI());
        } catch (URISyntaxException e) {
            throw new IllegalStateException("The folder of the pairs has no path.", e);
        }
    }

    /** The drill that has the fault that a rule finds. */
    public static Path fault(String rule) {
        return folder().resolve(rule + ".fault.drill.json");
    }
}
