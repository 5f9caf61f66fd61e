package wildchalk.core;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.drill.Drill;

/** The drills of the demo binder, for tests of every module. */
public final class Demo {

    private Demo() {}

    public static Path folder() {
        Path here = Path.of("").toAbsolutePath();
        while (!Files.isDirectory(here.resolve("demo/binder/drills"))) {
            here = here.getParent();
        }
        return here.resolve("demo/binder/drills");
    }

    public static List<Path> files() {
        try (Stream<Path> all = Files.list(folder())) {
            return all.filter(f -> f.toString().endsWith(DrillFile.SUFFIX))
                    .sorted()
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static List<String> ids() {
        return files().stream()
                .map(f -> f.getFileName().toString().replace(DrillFile.SUFFIX, ""))
                .toList();
    }

    public static Drill read(String id) {
        try {
            return DrillFile.read(folder().resolve(id + DrillFile.SUFFIX)).value();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Those and the drills that show what words and motion can. */
    public static Stream<Drill> everything() {
        Path structures =
                folder().resolve("../../../core/src/test/resources/structures").normalize();
        try (Stream<Path> more = Files.list(structures)) {
            return Stream.concat(files().stream(), more.sorted().toList().stream()).map(Demo::read).toList().stream();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Drill read(Path file) {
        try {
            return DrillFile.read(file).value();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
