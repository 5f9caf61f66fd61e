package wildchalk.core.binder;

import java.io.IOException;
import java.nio.file.Path;

/** Another window or program has written a file since it was read, or has taken its name: nothing was written over it. */
public final class ChangedMeanwhile extends IOException {

    private static final long serialVersionUID = 1L;

    private final transient Path file;

    ChangedMeanwhile(Path file) {
        super(
                file
                        + ": another window or program has written this meanwhile; nothing was written over it. Look at it again.");
        this.file = file;
    }

    public Path file() {
        return file;
    }
}
