package wildchalk.core.binder;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import wildchalk.core.json.Fields;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.log.Log;
import wildchalk.core.log.Reply;
import wildchalk.core.session.SessionId;

/** Logs as files: each stands beside its session. */
public final class LogFile {

    /** What the file is called in the folder of its session. */
    public static final String NAME = "log.json";

    public static final FileKind<Log> KIND = new FileKind<>(
            "log",
            "sessions",
            NAME,
            l -> l.session().text(),
            (file, root, extras) -> new Fields(file, extras, root, "").readAll(LogReader::file),
            LogWriter::file);

    private LogFile() {}

    /** Where the log of a session file is, or will be. */
    public static Path beside(Path session) {
        return session.resolveSibling(NAME);
    }

    public static BinderFile<Log> ofNew(Log log) {
        return KIND.ofNew(log);
    }

    public static BinderFile<Log> read(Path file) throws IOException {
        return KIND.read(file);
    }

    public static BinderFile<Log> parse(Path file, String text) throws FormatProblem {
        return KIND.parse(file, text);
    }

    /** The log of a session; empty where there is none yet. */
    public static Optional<Log> of(Path session) throws IOException {
        Path file = beside(session);
        return Files.isRegularFile(file) ? Optional.of(read(file).value()) : Optional.empty();
    }

    /**
     * Writes what was done behind what stands there already.
     *
     * @return the whole
     */
    public static synchronized Log add(Path session, Log done) throws IOException {
        Path file = beside(session);
        if (!Files.isRegularFile(file)) {
            ofNew(done).save(file);
            return done;
        }
        BinderFile<Log> before = read(file);
        Log all = before.value().then(done);
        before.with(all).save(file);
        return all;
    }

    /** Writes what a player answers. @param id of the session, where it has no log yet */
    public static void add(Path session, SessionId id, Reply reply) throws IOException {
        add(session, Log.empty(id).with(reply));
    }
}
