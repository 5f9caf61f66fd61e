package wildchalk.desktop.ui;

import javafx.scene.control.TextFormatter;
import javafx.scene.control.TextInputControl;
import wildchalk.core.drill.Limits;

/** Fields that take no more than a drill can keep, and say so. */
public final class Limited {

    private Limited() {}

    /** What is typed or pasted beyond so many characters does not fit in; the tip at the field says how many fit. */
    public static <T extends TextInputControl> T to(T field, int most) {
        field.setTextFormatter(new TextFormatter<>(change -> {
            int room = most
                    - (change.getControlNewText().length() - change.getText().length());
            String fits = room <= 0 ? "" : Limits.fitting(change.getText(), room);
            if (!fits.equals(change.getText())) {
                change.setText(fits);
                int caret = Math.min(
                        change.getCaretPosition(), change.getControlNewText().length());
                change.setAnchor(caret);
                change.setCaretPosition(caret);
            }
            return change;
        }));
        Tips.on(field, Ui.text("typed.most", most));
        field.setAccessibleHelp(Ui.text("typed.most", most));
        return field;
    }
}
