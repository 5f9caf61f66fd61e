package wildchalk.picture.export;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A page with places such as {@code @title@}, filled in one pass: what is put in is never looked at for places again. */
final class Template {

    private static final Pattern PLACE = Pattern.compile("@([a-zA-Z-]+)@");

    private final String name;
    private final String text;

    private Template(String name, String text) {
        this.name = name;
        this.text = text;
    }

    /** From a resource beside this class. */
    static Template of(String resource) throws IOException {
        return new Template(resource, resource(resource));
    }

    /** @throws IllegalStateException when the page has a place for which there is nothing, or there is no place for something */
    String fill(Map<String, ? extends CharSequence> values) {
        StringBuilder out = new StringBuilder();
        Matcher places = PLACE.matcher(text);
        int end = 0;
        Set<String> filled = new HashSet<>();
        while (places.find()) {
            CharSequence value = values.get(places.group(1));
            if (value == null) {
                throw new IllegalStateException(name + ": nothing goes to " + places.group() + ".");
            }
            out.append(text, end, places.start()).append(value);
            end = places.end();
            filled.add(places.group(1));
        }
        if (filled.size() < values.size()) {
            throw new IllegalStateException(
                    name + ": has places for " + filled + " only, not for " + values.keySet() + ".");
        }
        return out.append(text, end, text.length()).toString();
    }

    static String resource(String name) throws IOException {
        try (InputStream in = Template.class.getResourceAsStream(name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
