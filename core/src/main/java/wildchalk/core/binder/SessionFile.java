package wildchalk.core.binder;

import java.io.IOException;
import java.nio.file.Path;
import wildchalk.core.json.Fields;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.session.Session;

/** Sessions as files: each has a folder of its own, named after its day and its title. */
public final class SessionFile {

    /** What the file is called in its folder. */
    public static final String NAME = "session.json";

    public static final FileKind<Session> KIND = new FileKind<>(
            "session",
            "sessions",
            NAME,
            s -> s.date() + " " + s.title(),
            (file, root, extras) -> new Fields(file, extras, root, "").readAll(SessionReader::file),
            SessionWriter::file);

    private SessionFile() {}

    public static BinderFile<Session> ofNew(Session session) {
        return KIND.ofNew(session);
    }

    public static BinderFile<Session> read(Path file) throws IOException {
        return KIND.read(file);
    }

    public static BinderFile<Session> parse(Path file, String text) throws FormatProblem {
        return KIND.parse(file, text);
    }
}
