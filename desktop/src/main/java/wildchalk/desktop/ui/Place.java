package wildchalk.desktop.ui;

import javafx.scene.Node;
import wildchalk.picture.style.Ground;

/** One of the places of the window; one of them fills it under the bar. */
public interface Place {

    /** What fills the window. */
    Node content();

    /** It has come to be seen: brings itself up to date, and takes the keys. */
    void enter();

    /** Another ground from now on, whether it is seen or not. */
    void dress(Ground ground);
}
