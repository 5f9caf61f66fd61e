package wildchalk.desktop.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javafx.application.Platform;
import wildchalk.core.binder.Binder;
import wildchalk.desktop.binder.FolderWatch;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.ui.Ui;

/** Hears when somebody else writes in the binder. A folder that cannot be watched is read again whenever it is shown. */
final class Watching {

    private static final int MOST_SESSIONS = 60;

    private final Settings settings;
    private final Faults faults;
    private final Runnable changed;
    private FolderWatch watch;

    Watching(Settings settings, Faults faults, Runnable changed) {
        this.settings = settings;
        this.faults = faults;
        this.changed = changed;
    }

    /** Watches a binder from now on, and no other. */
    void over(Binder binder) {
        try {
            if (watch != null) {
                watch.close();
            }
            if (isMissing(binder)) {
                // a drive may be missing: an empty binder in its place would hide that
                throw new IOException(Ui.text("binder.gone", binder.folder()));
            }
            Files.createDirectories(binder.drillsFolder());
            List<Path> folders = new ArrayList<>(List.of(
                    binder.folder(),
                    binder.drillsFolder(),
                    binder.archiveFolder(),
                    binder.surfacesFolder(),
                    binder.sessionsFolder(),
                    binder.squadsFolder()));
            // each session has a folder of its own; the latest are those that somebody may still change
            List<Path> sessions = binder.sessions();
            sessions.subList(Math.max(0, sessions.size() - MOST_SESSIONS), sessions.size())
                    .forEach(s -> folders.add(s.getParent()));
            watch = FolderWatch.of(folders, () -> Platform.runLater(changed));
        } catch (IOException e) {
            faults.told(Faults.Kind.FOLDER, e);
        }
    }

    /** Whether a binder that was there before, or one on a drive, is not there; the first of all is made. */
    private boolean isMissing(Binder binder) {
        Path folder = binder.folder().toAbsolutePath();
        return !Files.isDirectory(folder) && (settings.knows(folder) || !Files.isDirectory(folder.getParent()));
    }
}
