package wildchalk.core.binder;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Breaks files in the ways in which files break: bits, cuts, repeats, and values of the wrong kind or size. */
public final class Mutations {

    private static final String[] VALUES = {
        "null",
        "true",
        "[]",
        "{}",
        "-1",
        "0",
        "1e308",
        "-1e999",
        "NaN",
        "0.1e-400",
        "99999999999999999999",
        "\"\"",
        "\"../../x\"",
        "\"\\u0000\"",
        "[[[[[[[[[[[[1]]]]]]]]]]]]",
        "\"<img src=x onerror=alert(1)>\"",
        "[1,2,3]"
    };
    private static final Pattern VALUE = Pattern.compile("-?\\d+(\\.\\d+)?|(?<=: )\"[^\"]*\"|true|false");

    private final Random random;

    public Mutations(long seed) {
        this.random = new Random(seed);
    }

    public byte[] of(String text) {
        String changed = text;
        for (int i = 1 + random.nextInt(3); i > 0; i--) {
            changed = switch (random.nextInt(4)) {
                case 0, 1 -> value(changed);
                case 2 -> key(changed);
                default -> twice(changed);
            };
        }
        byte[] bytes = changed.getBytes(StandardCharsets.UTF_8);
        return random.nextInt(3) == 0 ? of(bytes) : bytes;
    }

    public byte[] of(byte[] whole) {
        byte[] bytes = whole.clone();
        switch (random.nextInt(5)) {
            case 0 -> {
                return Arrays.copyOf(bytes, random.nextInt(bytes.length));
            }
            case 1 -> {
                int from = random.nextInt(bytes.length);
                int length = Math.min(bytes.length - from, 1 + random.nextInt(200));
                byte[] longer = Arrays.copyOf(bytes, bytes.length + length);
                System.arraycopy(bytes, from, longer, from + length, bytes.length - from);
                return longer;
            }
            default -> {
                for (int i = 1 + random.nextInt(6); i > 0; i--) {
                    bytes[random.nextInt(bytes.length)] ^= (byte) (1 << random.nextInt(8));
                }
                return bytes;
            }
        }
    }

    /** Another value in the place of a number, a text or a word. */
    private String value(String text) {
        List<int[]> spans = new ArrayList<>();
        Matcher matcher = VALUE.matcher(text);
        while (matcher.find()) {
            spans.add(new int[] {matcher.start(), matcher.end()});
        }
        if (spans.isEmpty()) {
            return text;
        }
        int[] span = spans.get(random.nextInt(spans.size()));
        String old = text.substring(span[0], span[1]);
        String other = random.nextInt(3) == 0 ? nudged(old) : VALUES[random.nextInt(VALUES.length)];
        return text.substring(0, span[0]) + other + text.substring(span[1]);
    }

    private String nudged(String value) {
        try {
            return String.valueOf(Double.parseDouble(value) + random.nextInt(21) - 10);
        } catch (NumberFormatException word) {
            return value;
        }
    }

    /** One word of the file for another. */
    private String key(String text) {
        String[] words = text.split("\"");
        String from = words[random.nextInt(words.length)];
        String to = words[random.nextInt(words.length)];
        return from.isBlank() || to.isBlank()
                ? text
                : text.replaceFirst(Pattern.quote(from), Matcher.quoteReplacement(to));
    }

    /** A line that stands there twice. */
    private String twice(String text) {
        List<String> lines = new ArrayList<>(text.lines().toList());
        int i = random.nextInt(lines.size());
        lines.add(random.nextInt(lines.size()), lines.get(i));
        return String.join("\n", lines);
    }
}
