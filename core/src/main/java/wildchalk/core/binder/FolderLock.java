package wildchalk.core.binder;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;

/**
 * One at a time in a folder: whoever looks whether a name is free, or what a file holds, and then writes, is alone meanwhile,
 * among the threads of a process and the processes of a machine. Nobody waits for it without end.
 */
final class FolderLock implements AutoCloseable {

    /** Lies in the folder of backups, so that the binder's own folders hold nothing but drills. */
    private static final String NAME = ".lock";

    private static final Duration PATIENCE = Duration.ofSeconds(10);
    private static final long PAUSE_MILLIS = 2;

    private static final Map<Path, FolderLock> ALL = new ConcurrentHashMap<>();

    private final Path folder;
    private final ReentrantLock here = new ReentrantLock();
    private FileChannel channel;

    private FolderLock(Path folder) {
        this.folder = folder;
    }

    /**
     * Waits for its turn; who has it may ask again.
     *
     * @throws IOException when somebody else keeps it for longer than any save takes
     */
    static FolderLock of(Path folder) throws IOException {
        Files.createDirectories(folder);
        FolderLock lock = ALL.computeIfAbsent(folder.toRealPath(), FolderLock::new);
        lock.take();
        return lock;
    }

    private void take() throws IOException {
        try {
            if (!here.tryLock(PATIENCE.toMillis(), TimeUnit.MILLISECONDS)) {
                throw busy();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException(folder + ": interrupted while waiting for its turn.", e);
        }
        if (here.getHoldCount() > 1) {
            return;
        }
        try {
            channel = acrossProcesses();
        } catch (IOException | RuntimeException e) {
            here.unlock();
            throw e;
        }
    }

    private IOException busy() {
        return new IOException(folder + ": another program is writing here and does not come to an end; try again.");
    }

    private FileChannel acrossProcesses() throws IOException {
        Path backups = Files.createDirectories(folder.resolve(Backups.FOLDER));
        FileChannel opened =
                FileChannel.open(backups.resolve(NAME), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        try {
            long end = System.nanoTime() + PATIENCE.toNanos();
            while (!isMine(opened)) {
                if (System.nanoTime() > end) {
                    throw busy();
                }
                TimeUnit.MILLISECONDS.sleep(PAUSE_MILLIS);
            }
            return opened;
        } catch (InterruptedException e) {
            opened.close();
            Thread.currentThread().interrupt();
            throw new IOException(folder + ": interrupted while waiting for its turn.", e);
        } catch (IOException e) {
            opened.close();
            throw e;
        }
    }

    /** Some file systems know no locks: there, what a file holds is still compared before it is replaced. */
    private static boolean isMine(FileChannel channel) {
        try {
            FileLock lock = channel.tryLock();
            return lock != null;
        } catch (IOException noLocksHere) {
            return true;
        }
    }

    @Override
    public void close() {
        if (here.getHoldCount() == 1) {
            try {
                channel.close(); // which lets the lock go
            } catch (IOException gone) {
                // the folder has gone, and the lock with it
            }
        }
        here.unlock();
    }
}
