package wildchalk.desktop.board;

import javafx.scene.input.KeyCode;

/** Something that goes on between a press and a release, by mouse or by keys. */
interface Gesture {

    /** The pointer is now at these pixels. */
    void moveTo(double x, double y);

    /** A key was pressed meanwhile; true if it meant something. */
    boolean key(KeyCode code);

    /** Let go: the change is made. */
    void finish();

    /** Draws what is going on. */
    void paint(Overlay overlay);
}
