package wildchalk.core.check;

import java.io.IOException;
import java.io.InputStream;
import java.net.URISyntaxException;
import java.nio.charset.StandardCharsets;
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

    /** The file of the drill that has the fault that a rule finds; read from wherever it is packed. */
    public static String fault(String rule) throws IOException {
        return text(rule, "fault");
    }

    /** The file of the one that just has not. */
    public static String near(String rule) throws IOException {
        return text(rule, "near");
    }

    private static String text(String rule, String kind) throws IOException {
        try (InputStream file = Objects.requireNonNull(
                CheckPairsFolder.class.getResourceAsStream("/checks/" + rule + "." + kind + ".drill.json"))) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
