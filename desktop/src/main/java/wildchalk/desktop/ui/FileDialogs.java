package wildchalk.desktop.ui;

import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/** Asks the system for files and folders, and to open them. An interface, so that a test can answer. */
public interface FileDialogs {

    Optional<Path> open(Window owner, Path folder);

    Optional<Path> save(Window owner, Path folder, String name);

    Optional<Path> folder(Window owner, Path folder);

    /**
     * Opens a file with whatever the system opens such files with.
     *
     * @throws IOException where there is nothing that could be asked
     */
    default void openOutside(Path file) throws IOException {
        List<String> command = new ArrayList<>(opener(System.getProperty("os.name")));
        command.add(file.toAbsolutePath().toString());
        new ProcessBuilder(command)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
    }

    /** @param system as Java names it */
    private static List<String> opener(String system) {
        String name = system.toLowerCase(Locale.ROOT);
        if (name.contains("windows")) {
            return List.of("rundll32", "url.dll,FileProtocolHandler");
        }
        return List.of(name.contains("mac") ? "open" : "xdg-open");
    }

    /** The dialogs of the system. */
    static FileDialogs ofSystem() {
        return new FileDialogs() {
            @Override
            public Optional<Path> open(Window owner, Path folder) {
                return path(chooser(folder, null).showOpenDialog(owner));
            }

            @Override
            public Optional<Path> save(Window owner, Path folder, String name) {
                return path(chooser(folder, name).showSaveDialog(owner));
            }

            @Override
            public Optional<Path> folder(Window owner, Path folder) {
                DirectoryChooser chooser = new DirectoryChooser();
                existing(folder).ifPresent(chooser::setInitialDirectory);
                return path(chooser.showDialog(owner));
            }

            private FileChooser chooser(Path folder, String name) {
                FileChooser chooser = new FileChooser();
                existing(folder).ifPresent(chooser::setInitialDirectory);
                chooser.setInitialFileName(name);
                return chooser;
            }

            private Optional<File> existing(Path folder) {
                return Optional.ofNullable(folder).map(Path::toFile).filter(File::isDirectory);
            }

            private Optional<Path> path(File file) {
                return Optional.ofNullable(file).map(File::toPath);
            }
        };
    }
}
