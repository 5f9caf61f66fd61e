package wildchalk.core.binder;

import java.io.IOException;
import java.nio.file.Path;
import wildchalk.core.drill.Drill;
import wildchalk.core.json.FormatProblem;

/** Drills as files. */
public final class DrillFile {

    /** How drill files end. */
    public static final String SUFFIX = ".drill.json";

    public static final FileKind<Drill> KIND =
            new FileKind<>("drill", "drills", SUFFIX, Drill::title, DrillReader::read, DrillWriter::write);

    private DrillFile() {}

    public static BinderFile<Drill> ofNew(Drill drill) {
        return KIND.ofNew(drill);
    }

    public static BinderFile<Drill> read(Path file) throws IOException {
        return KIND.read(file);
    }

    public static BinderFile<Drill> parse(Path file, String text) throws FormatProblem {
        return KIND.parse(file, text);
    }
}
