package wildchalk.core.json;

import java.io.IOException;
import java.nio.file.Path;

/** A file that cannot be used: which, where in it, and what was expected. */
public final class FormatProblem extends IOException {

    private static final long serialVersionUID = 1L;

    private final transient Path file;
    private final int line;
    private final int column;

    /** A problem of the whole file. */
    public FormatProblem(Path file, String message) {
        this(file, 0, 0, message);
    }

    /** A problem at a place; line and column count from 1. */
    public FormatProblem(Path file, int line, int column, String message) {
        super((file + ": " + (line > 0 ? "line " + line + ", column " + column + ": " : "") + message)
                .replaceAll("\\s*[\\r\\n]+\\s*", " "));
        this.file = file;
        this.line = line;
        this.column = column;
    }

    public Path file() {
        return file;
    }

    /** From 1; 0 when the problem is the whole file. */
    public int line() {
        return line;
    }

    public int column() {
        return column;
    }
}
