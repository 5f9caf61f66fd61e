package wildchalk.core.text;

import java.text.MessageFormat;
import java.util.Locale;
import java.util.Map;
import java.util.MissingResourceException;
import java.util.ResourceBundle;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Texts of one bundle. Patterns are those of {@link MessageFormat}; numbers are put in as text that has been formatted
 * by {@link Numbers}, so that no locale surprises a file or a test.
 */
public final class Texts {

    /** The bundle of {@code core}; other modules make their own with {@link #of}. */
    public static final Texts CORE = of("wildchalk.core.text.core");

    private static final Pattern WORD = Pattern.compile("\\{([a-z]+)}");

    private final ResourceBundle bundle;
    /** Reading a pattern costs far more than filling it in. */
    private final Map<String, MessageFormat> formats = new ConcurrentHashMap<>();

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
            MessageFormat format =
                    formats.computeIfAbsent(key, k -> new MessageFormat(bundle.getString(k), Locale.ENGLISH));
            synchronized (format) {
                return format.format(arguments);
            }
        } catch (MissingResourceException missing) {
            return "[" + key + "]";
        }
    }

    /** The text of a key in which words in braces stand for what they name: {@code {role}}. What is put in is not read again. */
    public String fill(String key, UnaryOperator<String> word) {
        return has(key)
                ? WORD.matcher(bundle.getString(key)).replaceAll(m -> Matcher.quoteReplacement(word.apply(m.group(1))))
                : "[" + key + "]";
    }
}
