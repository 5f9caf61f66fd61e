package wildchalk.core.binder;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import wildchalk.core.drill.Limits;
import wildchalk.core.json.Extras;
import wildchalk.core.json.Fields;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.json.JsonTree;
import wildchalk.core.session.Session;
import wildchalk.core.whistle.Reading;
import wildchalk.core.whistle.RunHead;
import wildchalk.core.whistle.Stamped;

/**
 * What is pressed while a session runs, a line each, at once in a file beside the session; every second a line says where the clock
 * is. Nothing of it is ever written over, so that whatever stops the computer takes at most a part of the last line. What cannot be
 * written is kept and tried again with the next.
 */
public final class RunJournal implements AutoCloseable {

    /** What the file is called in the folder of its session. */
    public static final String NAME = ".running.jsonl";

    private static final String FORMAT = "wild-chalk-run";
    private static final int VERSION = 1;

    /**
     * What a run has left.
     *
     * @param at seconds of the run when its clock was last read
     * @param reading what it said then
     * @param damaged lines that could not be read, the last one not counted
     */
    public record Left(RunHead head, List<Stamped> pressed, double at, Reading reading, int damaged) {
        public Left {
            pressed = List.copyOf(pressed);
        }
    }

    private final Path file;
    private final FileChannel channel;
    private final FileLock lock;
    private final Consumer<Optional<IOException>> listener;
    private final StringBuilder waiting = new StringBuilder();
    private boolean failing;

    private RunJournal(Path file, FileChannel channel, FileLock lock, Consumer<Optional<IOException>> listener) {
        this.file = file;
        this.channel = channel;
        this.lock = lock;
        this.listener = listener;
    }

    public static Path beside(Path session) {
        return session.resolveSibling(NAME);
    }

    /**
     * Begins one.
     *
     * @param listener hears what cannot be written, and an empty one when it can be again
     * @throws IOException when it cannot be, or when another window runs this session
     */
    public static RunJournal start(
            Path session, RunHead head, Reading reading, Consumer<Optional<IOException>> listener) throws IOException {
        RunJournal journal = open(beside(session), listener);
        journal.channel.truncate(0);
        ObjectNode first = JsonNodeFactory.instance.objectNode();
        first.putObject("format").put("name", FORMAT).put("version", VERSION);
        first.put("late", head.lateSeconds());
        first.set("session", SessionWriter.file(head.session(), Extras.none()));
        first.set("reading", reading(reading));
        journal.append(first, true);
        return journal;
    }

    /** Goes on with what a run has left. */
    public static RunJournal goOn(Path session, Consumer<Optional<IOException>> listener) throws IOException {
        RunJournal journal = open(beside(session), listener);
        if (journal.channel.size() > 0) {
            // behind a line that was torn off
            journal.waiting.append('\n');
        }
        return journal;
    }

    private static RunJournal open(Path file, Consumer<Optional<IOException>> listener) throws IOException {
        FileChannel channel = FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        FileLock lock = null;
        try {
            lock = channel.tryLock();
        } catch (OverlappingFileLockException here) {
            // this very program runs it
        }
        if (lock == null) {
            channel.close();
            throw new IOException("This session is being run in another window: %s. Go on there.".formatted(file));
        }
        channel.position(channel.size());
        return new RunJournal(file, channel, lock, listener);
    }

    // ---- writing ----

    /** On the disk when this returns, as far as that can be. */
    public void press(Stamped pressed) {
        append(SignalFile.write(pressed), true);
    }

    /** Where the clock is. */
    public void tick(double at, Reading reading) {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        o.put("now", at);
        o.set("reading", reading(reading));
        append(o, false);
    }

    private synchronized void append(ObjectNode line, boolean force) {
        waiting.append(line).append('\n');
        try {
            ByteBuffer bytes = ByteBuffer.wrap(waiting.toString().getBytes(StandardCharsets.UTF_8));
            long before = channel.position();
            try {
                while (bytes.hasRemaining()) {
                    channel.write(bytes);
                }
            } catch (IOException half) {
                channel.truncate(before);
                throw half;
            }
            if (force) {
                channel.force(false);
            }
            waiting.setLength(0);
            if (failing) {
                failing = false;
                listener.accept(Optional.empty());
            }
        } catch (IOException e) {
            failing = true;
            listener.accept(Optional.of(e));
        }
    }

    private static ObjectNode reading(Reading r) {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        o.put("wall", r.wallSeconds()).put("process", r.process()).put("steady", r.steadySeconds());
        o.put("boot", r.boot());
        r.upSeconds().ifPresent(u -> o.put("up", u));
        return o;
    }

    /** It is kept elsewhere now: the file goes. */
    public void finished() throws IOException {
        close();
        Files.deleteIfExists(file);
    }

    /** The file stays, to be gone on with. */
    @Override
    public synchronized void close() throws IOException {
        if (channel.isOpen()) {
            lock.release();
            channel.close();
        }
    }

    // ---- reading ----

    /**
     * What a run of a session has left; empty where there is none.
     *
     * @throws IOException when the file is there and its beginning cannot be read
     */
    public static Optional<Left> left(Path session) throws IOException {
        Path file = beside(session);
        if (!Files.isRegularFile(file)) {
            return Optional.empty();
        }
        byte[] bytes = JsonTree.bytes(file);
        List<String> lines = new String(bytes, StandardCharsets.UTF_8)
                .lines()
                .filter(l -> !l.isBlank())
                .toList();
        if (lines.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(read(file, lines));
    }

    private static Left read(Path file, List<String> lines) throws FormatProblem {
        RunHead[] head = new RunHead[1];
        Reading[] reading = new Reading[1];
        fields(file, lines.get(0)).readAll(f -> {
            f.object("format").readAll(g -> g.format(FORMAT, VERSION));
            Session session = f.object("session").readAll(SessionReader::file);
            head[0] = new RunHead(session, f.number("late"));
            reading[0] = f.object("reading").readAll(RunJournal::reading);
            return head[0];
        });
        List<Stamped> pressed = new ArrayList<>();
        double at = 0;
        int damaged = 0;
        for (int i = 1; i < lines.size(); i++) {
            try {
                Fields f = fields(file, lines.get(i));
                if (f.has("do")) {
                    Stamped s = f.readAll(SignalFile::read);
                    pressed.add(new Stamped(Math.max(s.at(), last(pressed)), s.signal()));
                } else {
                    double now = f.number("now", 0, 1e9);
                    reading[0] = f.object("reading").readAll(RunJournal::reading);
                    at = now;
                }
            } catch (FormatProblem torn) {
                damaged += i + 1 < lines.size() ? 1 : 0;
            }
        }
        return new Left(head[0], pressed, at, reading[0], damaged);
    }

    private static double last(List<Stamped> pressed) {
        return pressed.isEmpty() ? 0 : pressed.get(pressed.size() - 1).at();
    }

    private static Fields fields(Path file, String line) throws FormatProblem {
        return new Fields(file, new Extras(), JsonTree.parse(file, line), "");
    }

    private static Reading reading(Fields f) throws FormatProblem {
        return new Reading(
                f.number("wall"),
                f.text("process", Limits.LINE),
                f.number("steady"),
                f.textOr("boot", "", Limits.LINE),
                f.has("up") ? OptionalDouble.of(f.number("up")) : OptionalDouble.empty());
    }
}
