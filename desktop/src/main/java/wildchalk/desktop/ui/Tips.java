package wildchalk.desktop.ui;

import javafx.event.EventHandler;
import javafx.scene.control.Control;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;

/**
 * What a control says about itself to a pointer that rests on it. A tooltip is a window of its own, so each is only made when
 * a pointer first comes near: made with their controls they would hold up the start.
 */
public final class Tips {

    private Tips() {}

    /** Says a text over a control from now on. */
    public static void on(Control control, String text) {
        control.setAccessibleHelp(text);
        control.addEventHandler(MouseEvent.MOUSE_ENTERED, new EventHandler<>() {
            @Override
            public void handle(MouseEvent e) {
                control.removeEventHandler(MouseEvent.MOUSE_ENTERED, this);
                control.setTooltip(new Tooltip(text));
            }
        });
    }
}
