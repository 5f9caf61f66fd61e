package wildchalk.desktop.binder;

import java.io.IOException;
import java.nio.file.ClosedWatchServiceException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardWatchEventKinds;
import java.nio.file.WatchKey;
import java.nio.file.WatchService;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;

/** Tells when something in some folders has changed, once it is quiet again. */
public final class FolderWatch implements AutoCloseable {

    private static final long QUIET_MILLIS = 250;

    /** So long at most what changes is gathered. */
    private static final long LONGEST_MILLIS = 1_000;

    private final WatchService service;

    private final List<Path> folders;
    private final Set<Path> watched = new HashSet<>();

    private FolderWatch(WatchService service, List<Path> folders) {
        this.service = service;
        this.folders = folders;
    }

    /** Watches folders, those that are made later too; {@code changed} runs on a thread of its own. */
    public static FolderWatch of(List<Path> folders, Runnable changed) throws IOException {
        WatchService service = folders.get(0).getFileSystem().newWatchService();
        FolderWatch watch = new FolderWatch(service, List.copyOf(folders));
        watch.register();
        Thread thread = new Thread(() -> watch.run(changed), "wildchalk-watch");
        thread.setDaemon(true);
        thread.start();
        return watch;
    }

    private void register() throws IOException {
        for (Path folder : folders) {
            if (Files.isDirectory(folder) && watched.add(folder)) {
                folder.register(
                        service,
                        StandardWatchEventKinds.ENTRY_CREATE,
                        StandardWatchEventKinds.ENTRY_DELETE,
                        StandardWatchEventKinds.ENTRY_MODIFY);
            }
        }
    }

    private void run(Runnable changed) {
        try {
            while (true) {
                WatchKey key = service.take();
                boolean any = false;
                // what comes in one go is told once, but events without end are told all the same
                long end = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(LONGEST_MILLIS);
                while (key != null && System.nanoTime() < end) {
                    // files that are being written beside have names that begin with a dot
                    any |= key.pollEvents().stream()
                            .anyMatch(e -> !String.valueOf(e.context()).startsWith("."));
                    if (!key.reset()) {
                        watched.removeIf(f -> !Files.isDirectory(f));
                    }
                    key = service.poll(QUIET_MILLIS, TimeUnit.MILLISECONDS);
                }
                if (key != null) {
                    key.reset();
                }
                register();
                if (any) {
                    changed.run();
                }
            }
        } catch (InterruptedException | ClosedWatchServiceException e) {
            // closed: nobody wants to know any more
        } catch (IOException e) {
            changed.run(); // what cannot be watched is read once more, which says what is wrong
        }
    }

    @Override
    public void close() throws IOException {
        service.close();
    }
}
