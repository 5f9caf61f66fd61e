package wildchalk.core.binder;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ScheduledThreadPoolExecutor;
import java.util.concurrent.TimeUnit;

/**
 * What has not been saved yet, kept after every change so that a crash loses nothing. The first line of its file says what
 * it belongs to, and what that held then; the content follows. What cannot be written is told at once and tried again until
 * it can; nobody ever waits for it without end. {@link LeftJournals} reads back what a crash has left.
 */
public final class Journal<T> implements AutoCloseable {

    static final String SUFFIX = ".journal";
    static final String LOCK = ".lock";
    /** The state before, until the present one is safely on the disk. */
    static final String KEPT = ".kept";

    static final String FORMAT = "wild-chalk-journal";
    static final int VERSION = 2;

    private static final long RETRY_MILLIS = 1000;
    private static final Duration PATIENCE = Duration.ofSeconds(5);

    /**
     * What a content belongs to.
     *
     * @param file where it is stored; empty for one that never was
     * @param base what the file held when it was read or written here last
     * @param version which version of a drill was open
     */
    public record Belongs(Optional<Path> file, Optional<Fingerprint> base, Optional<String> version) {

        /** To nothing that is stored yet. */
        public static final Belongs NOWHERE = new Belongs(Optional.empty(), Optional.empty(), Optional.empty());

        public Belongs {
            file = file.map(Path::toAbsolutePath);
        }
    }

    /** Hears on the journal's own thread how it fares. */
    public interface Listener {
        /** What is given to it is kept nowhere but in memory. */
        void failing(Throwable why);

        /** Everything that was given to it is on the disk. */
        void keeping();
    }

    private record Entry<T>(T content, Belongs belongs, List<String> edits) {}

    private final Format<T> format;
    private final Path journal;
    private final Listener listener;
    private final ScheduledThreadPoolExecutor writer;
    private final Object latch = new Object();
    /** What should be kept; empty for nothing. */
    private Optional<Entry<T>> wanted = Optional.empty();

    private long asked;
    private long done;
    /** The newest of what was asked that could not be done. */
    private long tried;

    private Throwable failure;
    private FileChannel lock;

    /** A journal for something that is being edited; nothing is written before the first change. */
    public Journal(Path folder, Format<T> format, Listener listener) {
        this.format = format;
        this.journal = folder.toAbsolutePath().resolve(UUID.randomUUID() + SUFFIX);
        this.listener = listener;
        this.writer = new ScheduledThreadPoolExecutor(1, task -> {
            Thread thread = new Thread(task, "wildchalk-journal");
            thread.setDaemon(true);
            return thread;
        });
        writer.setExecuteExistingDelayedTasksAfterShutdownPolicy(false);
    }

    /** Keeps a state; of several that come quickly the last is kept. Returns at once. */
    public void keep(T content, Belongs belongs, List<String> edits) {
        want(Optional.of(new Entry<>(content, belongs, List.copyOf(edits))));
    }

    /** Forgets what was kept: it has been saved, or is as it was. Returns at once. */
    public void clear() {
        want(Optional.empty());
    }

    private void want(Optional<Entry<T>> entry) {
        synchronized (latch) {
            wanted = entry;
            asked++;
        }
        try {
            writer.execute(this::write);
        } catch (RejectedExecutionException closed) {
            // closed in order: nothing is edited any more
        }
    }

    /**
     * Waits until everything that was given is on the disk, some seconds at most.
     *
     * @throws IOException when it cannot be, or not in time
     */
    public void flush() throws IOException {
        long end = System.nanoTime() + PATIENCE.toNanos();
        synchronized (latch) {
            long wantedNow = asked;
            while (done < wantedNow) {
                long left = TimeUnit.NANOSECONDS.toMillis(end - System.nanoTime());
                if (failure != null && tried >= wantedNow) {
                    throw new IOException(journal + ": " + failure.getMessage(), failure);
                }
                if (left <= 0) {
                    throw new IOException(journal + ": the disk does not answer.");
                }
                try {
                    latch.wait(left);
                } catch (InterruptedException e) {
                    Thread.currentThread().interrupt();
                    throw new IOException(journal + ": interrupted.", e);
                }
            }
        }
    }

    // ---- on the journal's own thread ----

    private void write() {
        Optional<Entry<T>> entry;
        long number;
        boolean wasFailing;
        synchronized (latch) {
            if (done == asked) {
                return; // what was given was written with something newer
            }
            entry = wanted;
            number = asked;
            wasFailing = failure != null;
        }
        try {
            if (entry.isPresent()) {
                hold();
                store(text(entry.get()).getBytes(StandardCharsets.UTF_8));
            } else {
                remove(journal);
            }
        } catch (IOException | RuntimeException | Error e) {
            failed(e, number);
            return;
        }
        synchronized (latch) {
            done = number;
            failure = null;
            latch.notifyAll();
        }
        if (wasFailing) {
            listener.keeping();
        }
    }

    private void failed(Throwable why, long number) {
        synchronized (latch) {
            tried = number;
            failure = why;
            latch.notifyAll();
        }
        listener.failing(why);
        try {
            writer.schedule(this::write, RETRY_MILLIS, TimeUnit.MILLISECONDS);
        } catch (RejectedExecutionException closed) {
            // nobody waits for it any more
        }
    }

    /** Holds the lock that says that this journal has a window; also when somebody has taken the folder away meanwhile. */
    private void hold() throws IOException {
        if (lock != null && Files.exists(beside(journal))) {
            return;
        }
        Files.createDirectories(journal.getParent());
        FileChannel channel = FileChannel.open(beside(journal), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        FileLock held = channel.tryLock();
        if (held == null) {
            channel.close();
            throw new IOException(journal + ": somebody else holds this new journal.");
        }
        if (lock != null) {
            lock.close();
        }
        lock = channel;
    }

    static Path beside(Path journal) {
        return journal.resolveSibling(journal.getFileName() + LOCK);
    }

    static Path kept(Path journal) {
        return journal.resolveSibling(journal.getFileName() + KEPT);
    }

    /**
     * Puts a state in its place at once, so that a kill loses none, and then waits for the disk, which may take long; the
     * state before stays until that is done, for the case that the power fails meanwhile.
     */
    private void store(byte[] content) throws IOException {
        Path fresh = journal.resolveSibling("." + journal.getFileName() + ".part");
        Files.write(fresh, content);
        if (Files.exists(journal)) {
            Files.move(journal, kept(journal), StandardCopyOption.ATOMIC_MOVE);
        }
        Files.move(fresh, journal, StandardCopyOption.ATOMIC_MOVE);
        try (FileChannel channel = FileChannel.open(journal, StandardOpenOption.WRITE)) {
            channel.force(true);
        }
        Files.deleteIfExists(kept(journal));
    }

    private String text(Entry<T> entry) {
        ObjectNode head = JsonNodeFactory.instance.objectNode();
        head.putObject("format").put("name", FORMAT).put("version", VERSION);
        entry.belongs().file().ifPresent(f -> head.put("file", f.toString()));
        entry.belongs().base().ifPresent(b -> head.put("base", b.hex()));
        entry.belongs().version().ifPresent(v -> head.put("version", v));
        ArrayNode edits = head.putArray("edits");
        entry.edits().forEach(edits::add);
        return head + "\n" + format.text(entry.content());
    }

    static void remove(Path journal) throws IOException {
        Files.deleteIfExists(journal);
        Files.deleteIfExists(kept(journal));
    }

    /**
     * The window closes in order: nothing is left to bring back.
     *
     * @throws IOException when the journal could not be taken away; it will be offered at the next start
     */
    @Override
    public void close() throws IOException {
        if (writer.isShutdown()) {
            return;
        }
        clear();
        try {
            flush();
        } finally {
            writer.shutdownNow();
            if (lock != null) {
                lock.close();
                Files.deleteIfExists(beside(journal));
            }
        }
    }
}
