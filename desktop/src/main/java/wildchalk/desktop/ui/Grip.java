package wildchalk.desktop.ui;

import javafx.beans.property.DoubleProperty;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;

/** The edge of a part of the window, by which it is made larger or smaller: pulled, or with the arrow keys. */
public final class Grip extends Region {

    private static final double KEY_STEP = 16;

    private double from;
    private double sizeThen;

    private Grip(DoubleProperty size, double least, double most, boolean sideways, String name) {
        getStyleClass().addAll("grip", sideways ? "side" : "flat");
        setCursor(sideways ? Cursor.H_RESIZE : Cursor.V_RESIZE);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.SLIDER);
        setAccessibleText(name);
        setOnMousePressed(e -> {
            from = sideways ? e.getSceneX() : e.getSceneY();
            sizeThen = size.get();
            e.consume();
        });
        setOnMouseDragged(e -> {
            double now = sideways ? e.getSceneX() : e.getSceneY();
            size.set(Math.max(least, Math.min(most, sizeThen + from - now)));
            e.consume();
        });
        setOnKeyPressed(e -> {
            boolean more = e.getCode() == (sideways ? KeyCode.LEFT : KeyCode.UP);
            boolean less = e.getCode() == (sideways ? KeyCode.RIGHT : KeyCode.DOWN);
            if (more || less) {
                size.set(Math.max(least, Math.min(most, size.get() + (more ? KEY_STEP : -KEY_STEP))));
                e.consume();
            }
        });
    }

    /** At the left edge of something on the right. */
    public static Grip left(DoubleProperty width, double least, double most, String name) {
        return new Grip(width, least, most, true, name);
    }

    /** At the top of something at the bottom. */
    public static Grip top(DoubleProperty height, double least, double most, String name) {
        return new Grip(height, least, most, false, name);
    }
}
