package wildchalk.core.text;

import java.text.MessageFormat;
import java.util.Locale;
import java.util.MissingResourceException;
import java.util.ResourceBundle;

/**
 * Texts of one bundle. Patterns are those of {@link MessageFormat}; numbers are put in as text that has been formatted
 * by {@link Numbers}, so that no locale surprises a file or a test.
 */
public final class Texts {

    /** The bundle of {@code core}; other modules make their own with {@link #of}. */
    public static final Texts CORE = of("wildchalk.core.text.core");

    private final ResourceBundle bundle;

    private Texts(ResourceBundle bundle) {
        this.bundle = bundle;
    }

    public static Texts of(String baseName) {
        return new Texts(ResourceBundle.getBundle(baseName, Locale.ENGLISH));
    }

    public boolean has(String key) {
        return bundle.containsKey(key);
    }

    /** The text of a key with its arguments put in. A missing key shows itself, so that it is seen and mended. */
    public String get(String key, Object... arguments) {
        try {
            String pattern = bundle.getString(key);
            return new MessageFormat(pattern, Locale.ENGLISH).format(arguments);
        } catch (MissingResourceException missing) {
            return "[" + key + "]";
        }
    }
}
