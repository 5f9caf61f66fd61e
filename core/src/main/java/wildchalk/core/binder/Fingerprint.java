package wildchalk.core.binder;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;

/**
 * Tells whether a content is the one that was there before.
 *
 * @param hex of its SHA-256
 */
public record Fingerprint(String hex) {

    public static Fingerprint of(byte[] content) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            return new Fingerprint(HexFormat.of().formatHex(digest.digest(content)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e); // every Java has it
        }
    }

    /** Of what a file holds now; empty when it cannot be read. */
    public static Optional<Fingerprint> of(Path file) {
        try {
            return Optional.of(of(Files.readAllBytes(file)));
        } catch (IOException e) {
            return Optional.empty();
        }
    }
}
