package wildchalk.picture.export;

import java.awt.Color;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Base64;
import wildchalk.core.drill.Side;
import wildchalk.picture.style.Ground;

/** What pages for a browser have in common: the colours of a ground by their names, and how a policy knows a style. */
public final class PageLooks {

    private PageLooks() {}

    /** The colours of a ground, by their names. */
    public static String colours(Ground ground) {
        return ":root{--ground:%s;--floor:%s;--text:%s;--quiet:%s;--accent:%s}"
                .formatted(
                        hex(ground.surround()),
                        hex(ground.floor()),
                        hex(ground.text()),
                        hex(ground.quiet()),
                        hex(ground.side(Side.DEFENCE)));
    }

    static String hex(Color c) {
        return "#%02x%02x%02x".formatted(c.getRed(), c.getGreen(), c.getBlue());
    }

    /** By which a policy knows a style or a script. */
    public static String hash(String content) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(content.getBytes(StandardCharsets.UTF_8));
            return "sha256-" + Base64.getEncoder().encodeToString(digest);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("This Java lacks SHA-256.", e);
        }
    }
}
