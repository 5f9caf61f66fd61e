package wildchalk.desktop.document;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * What goes wrong and is not mended yet, for the bar across the window. Threads of any kind may tell; it is heard on the
 * thread of the windows.
 */
public final class Faults {

    /** What it is about; of each the newest counts. The gravest first. */
    public enum Kind {
        /** What is not saved is kept nowhere but in memory. */
        JOURNAL,
        /** An open session that could not be written; the next edit tries again. */
        SESSION,
        /** What is pressed while a session runs and could not be written; the next tries again. */
        RUN,
        /** Something that nobody expected. */
        UNEXPECTED,
        /** What is shown is older than what was drawn. */
        WORK,
        /** A journal or a backup that cannot be read. */
        LEFT,
        /** The folder cannot be watched, or read. */
        FOLDER,
        /** An edit that could not be made. */
        REFUSED
    }

    private final ReadOnlyObjectWrapper<Map<Kind, Throwable>> now = new ReadOnlyObjectWrapper<>(Map.of());

    public ReadOnlyObjectProperty<Map<Kind, Throwable>> nowProperty() {
        return now.getReadOnlyProperty();
    }

    /** Something has gone wrong. */
    public void told(Kind kind, Throwable why) {
        if (kind != Kind.REFUSED) {
            System.getLogger(Faults.class.getName()).log(System.Logger.Level.WARNING, kind + ": " + why, why);
        }
        onWindows(() -> {
            Map<Kind, Throwable> all = new EnumMap<>(Kind.class);
            all.putAll(now.get());
            all.put(kind, why);
            now.set(Collections.unmodifiableMap(all));
        });
    }

    /** It is well again, or has been read. */
    public void mended(Kind kind) {
        onWindows(() -> {
            if (now.get().containsKey(kind)) {
                Map<Kind, Throwable> all = new EnumMap<>(Kind.class);
                all.putAll(now.get());
                all.remove(kind);
                now.set(Collections.unmodifiableMap(all));
            }
        });
    }

    private static void onWindows(Runnable change) {
        if (Platform.isFxApplicationThread()) {
            change.run();
        } else {
            Platform.runLater(change);
        }
    }
}
