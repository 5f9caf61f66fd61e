package wildchalk.desktop.ui;

import wildchalk.core.text.Texts;

/** The interface's own texts. */
public final class Ui {

    private static final Texts TEXTS = Texts.of("wildchalk.desktop.desktop");

    private Ui() {}

    public static String text(String key, Object... arguments) {
        return TEXTS.get(key, arguments);
    }
}
