package wildchalk.core.binder;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * What has not been saved yet, kept beside the drill after every change so that a crash loses nothing. A journal that is
 * left when its window is gone can be read back. The first line of its file says what it belongs to; the drill follows.
 */
public final class Journal implements AutoCloseable {

    private static final String SUFFIX = ".journal";
    private static final String LOCK = ".lock";
    /** The state before, until the present one is safely on the disk. */
    private static final String KEPT = ".kept";

    /**
     * A journal that a crash has left.
     *
     * @param file where the drill was stored; empty for one that never was
     * @param edits what had been done to it since it was saved, the first first
     */
    public record Left(Path journal, Optional<Path> file, List<String> edits, DrillFile content) {}

    private record Entry(DrillFile content, List<String> edits) {}

    private final Path journal;
    private final Optional<Path> file;
    private final FileChannel lock;
    private final Object latch = new Object();
    private final Thread writer;
    private Entry waiting;
    private boolean busy;
    private boolean closed;
    private IOException failed;

    private Journal(Path journal, Optional<Path> file, FileChannel lock) {
        this.journal = journal;
        this.file = file;
        this.lock = lock;
        this.writer = new Thread(this::write, "wildchalk-journal");
        writer.setDaemon(true);
        writer.start();
    }

    /** A journal for a drill that is being edited; nothing is written before the first change. */
    public static Journal open(Path folder, Optional<Path> file) throws IOException {
        Files.createDirectories(folder);
        Path journal = folder.resolve(UUID.randomUUID() + SUFFIX);
        FileChannel lock = FileChannel.open(beside(journal), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        if (lock.tryLock() == null) {
            throw new IOException(journal + ": somebody else holds this new journal.");
        }
        return new Journal(journal, file.map(Path::toAbsolutePath), lock);
    }

    private static Path beside(Path journal) {
        return journal.resolveSibling(journal.getFileName() + LOCK);
    }

    /** Keeps a state; of several that come quickly the last is kept. Returns at once. */
    public void keep(DrillFile content, List<String> edits) {
        synchronized (latch) {
            waiting = new Entry(content, List.copyOf(edits));
            latch.notifyAll();
        }
    }

    /** Forgets what was kept: the drill has been saved, or is as it was. */
    public void clear() throws IOException {
        synchronized (latch) {
            waiting = null;
            settle();
            remove(journal);
        }
    }

    /** Waits until everything that was given is on the disk. */
    public void flush() throws IOException {
        synchronized (latch) {
            settle();
            if (failed != null) {
                throw failed;
            }
        }
    }

    private void settle() {
        try {
            while (waiting != null || busy) {
                latch.wait();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void write() {
        while (true) {
            Entry entry;
            synchronized (latch) {
                busy = false;
                latch.notifyAll();
                while (waiting == null && !closed) {
                    try {
                        latch.wait();
                    } catch (InterruptedException e) {
                        return;
                    }
                }
                if (waiting == null) {
                    return;
                }
                entry = waiting;
                waiting = null;
                busy = true;
            }
            try {
                store(text(entry).getBytes(StandardCharsets.UTF_8));
            } catch (IOException e) {
                synchronized (latch) {
                    failed = e;
                }
            }
        }
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

    private static Path kept(Path journal) {
        return journal.resolveSibling(journal.getFileName() + KEPT);
    }

    private String text(Entry entry) {
        ObjectNode head = JsonNodeFactory.instance.objectNode();
        file.ifPresent(f -> head.put("file", f.toString()));
        ArrayNode edits = head.putArray("edits");
        entry.edits().forEach(edits::add);
        return head + "\n" + entry.content().toText();
    }

    /** The window closes in order: nothing is left to bring back. */
    @Override
    public void close() throws IOException {
        clear();
        synchronized (latch) {
            closed = true;
            latch.notifyAll();
        }
        lock.close();
        Files.deleteIfExists(beside(journal));
    }

    // ---- after a crash ----

    /** Journals whose windows are gone. One that cannot be read is left where it is and not listed. */
    public static List<Left> left(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        List<Path> journals;
        try (Stream<Path> files = Files.list(folder)) {
            // one that was killed between two moves has left only the state before
            journals = files.map(
                            f -> f.resolveSibling(f.getFileName().toString().replaceFirst("\\.kept$", "")))
                    .filter(f -> f.getFileName().toString().endsWith(SUFFIX))
                    .filter(f -> !f.getFileName().toString().startsWith("."))
                    .distinct()
                    .sorted()
                    .toList();
        }
        List<Left> left = new ArrayList<>();
        for (Path journal : journals) {
            if (!isHeld(journal)) {
                read(journal, journal).or(() -> read(journal, kept(journal))).ifPresent(left::add);
            }
        }
        return left;
    }

    private static boolean isHeld(Path journal) throws IOException {
        Path lockFile = beside(journal);
        if (!Files.exists(lockFile)) {
            return false;
        }
        try (FileChannel channel = FileChannel.open(lockFile, StandardOpenOption.WRITE);
                FileLock mine = channel.tryLock()) {
            return mine == null;
        } catch (OverlappingFileLockException e) {
            return true; // another window of this very process
        }
    }

    private static Optional<Left> read(Path journal, Path from) {
        try {
            String text = Files.readString(from);
            int end = text.indexOf('\n');
            Located head = JsonTree.parse(journal, text.substring(0, Math.max(0, end)));
            Fields f = new Fields(journal, new Extras(), head, "");
            Optional<Path> file = f.has("file") ? Optional.of(Path.of(f.text("file", 4096))) : Optional.empty();
            List<String> edits = f.texts("edits", 1000);
            return Optional.of(new Left(journal, file, edits, DrillFile.parse(journal, text.substring(end + 1))));
        } catch (IOException | IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    /** Throws a left journal away: it was brought back, or is not wanted. */
    public static void discard(Left left) throws IOException {
        remove(left.journal());
        Files.deleteIfExists(beside(left.journal()));
    }

    private static void remove(Path journal) throws IOException {
        Files.deleteIfExists(journal);
        Files.deleteIfExists(kept(journal));
    }
}
