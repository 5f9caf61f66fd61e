package wildchalk.core.binder;

import java.io.IOException;
import java.nio.file.Path;
import wildchalk.core.json.Fields;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.squad.Squad;

/** Squads as files: the only ones in which names of players stand. */
public final class SquadFile {

    /** How squad files end. */
    public static final String SUFFIX = ".squad.json";

    public static final FileKind<Squad> KIND = new FileKind<>(
            "squad",
            "squads",
            SUFFIX,
            Squad::title,
            (file, root, extras) -> new Fields(file, extras, root, "").readAll(SquadReader::file),
            SquadWriter::file);

    private SquadFile() {}

    public static BinderFile<Squad> ofNew(Squad squad) {
        return KIND.ofNew(squad);
    }

    public static BinderFile<Squad> read(Path file) throws IOException {
        return KIND.read(file);
    }

    public static BinderFile<Squad> parse(Path file, String text) throws FormatProblem {
        return KIND.parse(file, text);
    }
}
