package wildchalk.desktop.strip;

import java.util.HashMap;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import javafx.scene.text.Font;
import javafx.scene.text.Text;

/**
 * Shortens what is written on bars to the room there is. Letters are measured once each: cutting the canvas at every bar
 * would blend the whole strip anew for every move.
 */
final class BarText {

    private static final String MORE = "…";

    private final ToDoubleFunction<String> width;
    private final Map<Integer, Double> letters = new HashMap<>();

    /** @param width pixels that a text takes */
    BarText(ToDoubleFunction<String> width) {
        this.width = width;
    }

    static BarText of(Font font) {
        return new BarText(text -> {
            Text measured = new Text(text);
            measured.setFont(font);
            return measured.getLayoutBounds().getWidth();
        });
    }

    /** The text, or as many of its first letters as fit before three dots; empty where not even one does. */
    String fitting(String text, double room) {
        double used = 0;
        double dots = letter(MORE.codePointAt(0));
        int fits = 0;
        for (int i = 0; i < text.length(); i += Character.charCount(text.codePointAt(i))) {
            if (used + dots <= room) {
                fits = i;
            }
            used += letter(text.codePointAt(i));
        }
        if (used <= room) {
            return text;
        }
        return fits == 0 ? "" : text.substring(0, fits).stripTrailing() + MORE;
    }

    private double letter(int codePoint) {
        return letters.computeIfAbsent(codePoint, c -> width.applyAsDouble(Character.toString(c)));
    }
}
