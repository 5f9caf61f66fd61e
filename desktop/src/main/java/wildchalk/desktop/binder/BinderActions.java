package wildchalk.desktop.binder;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyBooleanProperty;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.Order;
import wildchalk.core.surface.Surface;

/** What the Binder asks the window to do. */
public interface BinderActions {

    /** The binder that is open in the window. */
    Binder binder();

    /** Whether the binder is a copy of the demo that the next start does not find again. */
    ReadOnlyBooleanProperty demo();

    /** Asks for a folder and makes the demo a binder of one's own there. */
    void keepDemo();

    /** The order in which drills lie. */
    Order order();

    /** Remembers another. */
    void order(Order order);

    void open(Path drill);

    void newDrill();

    /** Chooses a file to take in. */
    void takeIn();

    /** Takes files in that were dropped. */
    void takeIn(List<Path> files);

    /** Packs drills into a bundle. */
    void handOn(List<Path> drills);

    /** Makes one picture of drills. */
    void contactSheet(List<Path> drills);

    /** Opens a surface of one's own to be laid out further. */
    void editSurface(Path surface);

    /** Begins a drill on a surface of one's own. */
    void newDrillOn(Surface surface);

    /** A drill's file has another name or folder from now on. */
    void moved(Path from, Path to);

    /** Asks what becomes of a copy that a sync tool has put beside a drill. */
    void resolve(Path copy, Path original) throws IOException;

    void error(String message);

    /** What is wrong with the binder as it was read just now, if anything, for the bar across the window; from any thread. */
    void found(Optional<? extends Throwable> problem);
}
