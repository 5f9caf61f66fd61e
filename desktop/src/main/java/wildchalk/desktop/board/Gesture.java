package wildchalk.desktop.board;

import javafx.scene.input.KeyCode;

/** Something that goes on between a press and a release, by mouse or by keys. */
interface Gesture {

    /** The button was pressed at these pixels: where a hand takes hold, however fast it moves then. */
    default void takenAt(double x, double y) {}

    /** The pointer is now at these pixels. */
    void moveTo(double x, double y);

    /** A key was pressed meanwhile; true if it meant something. */
    default boolean key(KeyCode code) {
        return false;
    }

    /** A character was typed meanwhile; true if it meant something. */
    default boolean typed(String character) {
        return false;
    }

    /** Pressed again at a pixel, for what takes several clicks. */
    default void press(double x, double y) {}

    /** Whether letting go of the button ends it. */
    default boolean endsOnRelease() {
        return true;
    }

    /** What is measured meanwhile, in words; empty for gestures that measure nothing. */
    default String reading() {
        return "";
    }

    /** Let go: the change is made. */
    void finish();

    /** Draws what is going on. */
    void paint(Overlay overlay);
}
