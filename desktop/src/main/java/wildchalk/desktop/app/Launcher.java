package wildchalk.desktop.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.stream.Stream;
import javafx.application.Application;
import wildchalk.desktop.command.CommandLineEntry;

/** Where the program starts. It is no JavaFX application itself, so that it runs from a plain class path. */
public final class Launcher {

    /** The drill of the demo binder that is opened first. */
    private static final String FIRST_DEMO = "second-wave-from-the-left.drill.json";

    private static final Logger FX_LOG = Logger.getLogger("javafx");

    private Launcher() {}

    public static void main(String[] arguments) throws IOException {
        keepCacheTogether();
        if (OpenedWith.file(arguments).isEmpty() && CommandLineEntry.wants(arguments)) {
            System.setProperty("java.awt.headless", "true");
            System.exit(CommandLineEntry.run(arguments, System.out, System.err));
        }
        // the painter works on pictures only; JavaFX alone talks to the display
        System.setProperty("java.awt.headless", "true");
        // JavaFX would warn that it was not started as a module, which is how we mean it
        FX_LOG.setLevel(Level.SEVERE);
        String[] window = windowArguments(arguments);
        WarmUp.begin(window);
        Application.launch(WildChalkApp.class, window);
    }

    /** What makes films is unpacked once, where caches lie: whoever empties those loses nothing. */
    private static void keepCacheTogether() {
        String caches = System.getenv().getOrDefault("XDG_CACHE_HOME", "");
        Path folder = caches.isBlank() ? Path.of(System.getProperty("user.home"), ".cache") : Path.of(caches);
        System.getProperties()
                .putIfAbsent(
                        "org.bytedeco.javacpp.cachedir",
                        folder.resolve("wildchalk").toString());
    }

    private static String[] windowArguments(String[] arguments) throws IOException {
        if (arguments.length > 0 && arguments[0].equals("demo")) {
            Path copy = copyOfDemo(Path.of(System.getProperty("wildchalk.demo", "demo/binder")));
            return new String[] {
                WildChalkApp.BINDER + copy,
                WildChalkApp.DRILL + copy.resolve("drills").resolve(FIRST_DEMO),
                WildChalkApp.DEMO
            };
        }
        Optional<Path> file = OpenedWith.file(arguments);
        if (file.isPresent()) {
            return OpenedWith.arguments(file.get().toAbsolutePath());
        }
        if (arguments.length > 1) {
            return new String[] {WildChalkApp.BINDER + Path.of(arguments[1]).toAbsolutePath()};
        }
        return new String[0];
    }

    /** The demo stays clean: people work on a copy in the temporary folder. */
    static Path copyOfDemo(Path demo) throws IOException {
        if (!Files.isDirectory(demo)) {
            System.err.println("wildchalk: " + demo
                    + ": the demo binder is not there; start ./wildchalk from the project's folder.");
            System.exit(CommandLineEntry.BAD_INPUT);
        }
        Path copy = Files.createDirectory(
                Files.createTempDirectory("wildchalk-demo").resolve("Tern Point"));
        List<Path> all;
        try (Stream<Path> walk = Files.walk(demo)) {
            all = walk.toList();
        }
        for (Path from : all) {
            Path to = copy.resolve(demo.relativize(from).toString());
            if (Files.isDirectory(from)) {
                Files.createDirectories(to);
            } else {
                Files.copy(from, to);
            }
        }
        return copy;
    }
}
