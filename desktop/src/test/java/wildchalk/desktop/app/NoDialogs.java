package wildchalk.desktop.app;

import java.nio.file.Path;
import java.util.Optional;
import javafx.stage.Window;
import wildchalk.desktop.ui.FileDialogs;

/** Nobody is there to choose a file. */
enum NoDialogs implements FileDialogs {
    NONE;

    @Override
    public Optional<Path> open(Window owner, Path at) {
        return Optional.empty();
    }

    @Override
    public Optional<Path> save(Window owner, Path at, String name) {
        return Optional.empty();
    }

    @Override
    public Optional<Path> folder(Window owner, Path at) {
        return Optional.empty();
    }
}
