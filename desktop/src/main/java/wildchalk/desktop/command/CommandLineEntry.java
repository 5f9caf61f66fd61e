package wildchalk.desktop.command;

import java.io.FilterWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.PrintWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystemException;
import picocli.CommandLine;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.text.Printable;

/** Runs one command of the command line. */
public final class CommandLineEntry {

    public static final int WELL = 0;
    public static final int STOPPED = 1;
    public static final int BAD_INPUT = 2;

    private CommandLineEntry() {}

    /** Whether the arguments ask for a command, and not for the window. */
    public static boolean wants(String[] arguments) {
        return arguments.length > 0 && !arguments[0].equals("demo") && !arguments[0].equals("open");
    }

    /** Runs a command against the given streams and returns the exit code. */
    public static int run(String[] arguments, OutputStream out, OutputStream err) {
        PrintWriter outWriter = printer(out);
        PrintWriter errWriter = printer(err);
        CommandLine line = new CommandLine(new WildChalkCommand())
                .setOut(outWriter)
                .setErr(errWriter)
                .setCaseInsensitiveEnumValuesAllowed(true)
                .setParameterExceptionHandler((e, args) -> say(errWriter, e.getMessage() + " See ./wildchalk --help."))
                .setExecutionExceptionHandler((e, command, result) -> say(errWriter, explain(e)));
        int code = line.execute(arguments);
        outWriter.flush();
        errWriter.flush();
        return code;
    }

    /** What a drill holds that would steer a terminal does not reach it. */
    private static PrintWriter printer(OutputStream stream) {
        return new PrintWriter(
                new FilterWriter(new OutputStreamWriter(stream, StandardCharsets.UTF_8)) {
                    @Override
                    public void write(String text, int from, int length) throws IOException {
                        out.write(Printable.of(text.substring(from, from + length)));
                    }

                    @Override
                    public void write(char[] chars, int from, int length) throws IOException {
                        out.write(Printable.of(new String(chars, from, length)));
                    }
                },
                true);
    }

    private static int say(PrintWriter err, String message) {
        err.println("wildchalk: " + message.replaceAll("\\s*[\\r\\n]+\\s*", " "));
        return BAD_INPUT;
    }

    private static String explain(Exception e) {
        if (e instanceof FormatProblem || e instanceof BadInput) {
            return e.getMessage();
        }
        if (e instanceof FileSystemException io) {
            return io.getFile() + ": cannot be written or read (" + e.getClass().getSimpleName()
                    + "); check the folder and its permissions.";
        }
        if (e instanceof IOException || e instanceof UncheckedIOException) {
            return "Reading or writing failed: " + e.getMessage();
        }
        return "Something went wrong inside Wild Chalk (" + e + "); please report it with the file.";
    }

    /** Input that a person has to mend. */
    static final class BadInput extends RuntimeException {
        private static final long serialVersionUID = 1L;

        BadInput(String message) {
            super(message);
        }
    }
}
