package wildchalk.desktop.binder;

import java.io.IOException;
import java.nio.file.ClosedWatchServiceException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardWatchEventKinds;
import java.nio.file.WatchKey;
import java.nio.file.WatchService;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** Tells when something in some folders has changed, once it is quiet again. */
public final class FolderWatch implements AutoCloseable {

    private static final long QUIET_MILLIS = 250;

    private final WatchService service;

    private FolderWatch(WatchService service) {
        this.service = service;
    }

    /** Watches the folders that exist; {@code changed} runs on a thread of its own. */
    public static FolderWatch of(List<Path> folders, Runnable changed) throws IOException {
        WatchService service = folders.get(0).getFileSystem().newWatchService();
        for (Path folder : folders) {
            if (Files.isDirectory(folder)) {
                folder.register(
                        service,
                        StandardWatchEventKinds.ENTRY_CREATE,
                        StandardWatchEventKinds.ENTRY_DELETE,
                        StandardWatchEventKinds.ENTRY_MODIFY);
            }
        }
        FolderWatch watch = new FolderWatch(service);
        Thread thread = new Thread(() -> watch.run(changed), "wildchalk-watch");
        thread.setDaemon(true);
        thread.start();
        return watch;
    }

    private void run(Runnable changed) {
        try {
            while (true) {
                WatchKey key = service.take();
                boolean any = false;
                while (key != null) {
                    // files that are being written beside have names that begin with a dot
                    any |= key.pollEvents().stream()
                            .anyMatch(e -> !String.valueOf(e.context()).startsWith("."));
                    key.reset();
                    key = service.poll(QUIET_MILLIS, TimeUnit.MILLISECONDS);
                }
                if (any) {
                    changed.run();
                }
            }
        } catch (InterruptedException | ClosedWatchServiceException e) {
            // closed: nobody wants to know any more
        }
    }

    @Override
    public void close() throws IOException {
        service.close();
    }
}
