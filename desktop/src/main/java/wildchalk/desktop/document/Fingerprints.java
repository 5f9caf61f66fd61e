package wildchalk.desktop.document;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;

/** Tells whether a file still holds what it held. */
final class Fingerprints {

    private Fingerprints() {}

    /** Of the content of a file; empty when it cannot be read. */
    static Optional<String> of(Path file) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            return Optional.of(HexFormat.of().formatHex(digest.digest(Files.readAllBytes(file))));
        } catch (IOException e) {
            return Optional.empty();
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e); // every Java has it
        }
    }
}
