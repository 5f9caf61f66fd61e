package wildchalk.core.finding;

import java.util.Objects;
import wildchalk.core.text.Slugs;

/**
 * A way in which a drill can be wrong, risky or unclear; what a {@link Finding} is one of.
 *
 * @param id short and stable, for files and reports: "no-ball"; texts stand under {@code finding.<id>} and {@code
 *     remedy.<id>}
 */
public record Flaw(String id, Severity severity) {

    public Flaw {
        Slugs.check("Flaw", id);
        Objects.requireNonNull(severity, "severity");
    }

    public static Flaw stop(String id) {
        return new Flaw(id, Severity.STOP);
    }

    public static Flaw warn(String id) {
        return new Flaw(id, Severity.WARN);
    }

    public static Flaw note(String id) {
        return new Flaw(id, Severity.NOTE);
    }
}
