package wildchalk.desktop.ui;

import javafx.scene.layout.Region;
import wildchalk.core.text.Numbers;

/** Signs on controls, drawn by hand on a square of 16: no font of the system decides what a coach sees. */
public enum Icon {
    PLAY("M4 2 L14 8 L4 14 Z", 10, 12),
    PAUSE("M3 2 h3.6 v12 h-3.6 Z M9.4 2 h3.6 v12 h-3.6 Z", 10, 12),
    /** To the step before. */
    BACK("M2 2 h2.4 v12 h-2.4 Z M14 2 L5.6 8 L14 14 Z", 12, 12),
    /** To the step after. */
    NEXT("M11.6 2 h2.4 v12 h-2.4 Z M2 2 L10.4 8 L2 14 Z", 12, 12),
    /** Further things in a menu. */
    MORE("M1 6.5 h3 v3 h-3 Z M6.5 6.5 h3 v3 h-3 Z M12 6.5 h3 v3 h-3 Z", 14, 3),
    /** A pennant: one of those that one keeps coming back to. */
    FAVOURITE("M3 1 h2 v1 L14 5.5 L5 9.5 V15 H3 Z", 11, 14),
    /** Dark on the one side, light on the other. */
    GROUND("M8 1 A7 7 0 1 1 8 15 A7 7 0 1 1 8 1 Z M8 3 L8 13 A5 5 0 0 0 8 3 Z", 14, 14),
    CLOSE("M2 4 L4 2 L8 6 L12 2 L14 4 L10 8 L14 12 L12 14 L8 10 L4 14 L2 12 L6 8 Z", 12, 12);

    private static final double GRID = 16;

    private final String path;
    private final double wide;
    private final double high;

    Icon(String path, double wide, double high) {
        this.path = path;
        this.wide = wide;
        this.high = high;
    }

    /** The sign in the size and the colour of the text that it stands with. */
    public Region node() {
        Region sign = new Region();
        sign.getStyleClass().add("icon");
        String width = Numbers.fixed(wide / GRID, 3);
        String height = Numbers.fixed(high / GRID, 3);
        sign.setStyle(
                "-fx-shape: \"%s\"; -fx-min-width: %sem; -fx-max-width: %sem; -fx-min-height: %sem; -fx-max-height: %sem;"
                        .formatted(path, width, width, height, height));
        return sign;
    }
}
