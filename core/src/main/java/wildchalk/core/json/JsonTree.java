package wildchalk.core.json;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.core.io.JsonEOFException;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Reads JSON into {@link Located} values, within limits that no honest file meets. */
public final class JsonTree {

    /** A drill of 1,200 moves has about 300 kB. */
    public static final long MAX_BYTES = 16L * 1024 * 1024;

    private static final JsonFactory FACTORY = JsonFactory.builder()
            .streamReadConstraints(StreamReadConstraints.builder()
                    .maxNestingDepth(60)
                    .maxNumberLength(60)
                    .maxStringLength(2_000_000)
                    .build())
            .build();

    private static final char BYTE_ORDER_MARK = '\uFEFF';

    private JsonTree() {}

    public static Located read(Path file) throws IOException {
        return parse(file, bytes(file));
    }

    public static Located parse(Path file, byte[] bytes) throws FormatProblem {
        return parse(file, chars(file, bytes));
    }

    /** What a file holds, if it can be one of ours. */
    public static byte[] bytes(Path file) throws IOException {
        if (Files.isDirectory(file)) {
            throw new FormatProblem(file, "This is a folder; name a file in it.");
        }
        if (!Files.exists(file)) {
            throw new FormatProblem(file, "There is no such file; check the name and the folder.");
        }
        if (!Files.isRegularFile(file) || !Files.isReadable(file)) {
            throw new FormatProblem(file, "This cannot be read; check its permissions.");
        }
        long size = Files.size(file);
        if (size == 0) {
            throw new FormatProblem(file, "The file is empty; restore it from a backup.");
        }
        if (size > MAX_BYTES) {
            throw new FormatProblem(
                    file,
                    "The file has %d MB; %d MB is the most. It is probably not a Wild Chalk file."
                            .formatted(size >> 20, MAX_BYTES >> 20));
        }
        return Files.readAllBytes(file);
    }

    /** The characters of a file without a byte order mark; kept as they are decoded, which is quickest for many files. */
    private static CharBuffer chars(Path file, byte[] bytes) throws FormatProblem {
        try {
            CharBuffer chars = StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes));
            if (chars.hasRemaining() && chars.charAt(0) == BYTE_ORDER_MARK) {
                chars.get();
            }
            return chars;
        } catch (CharacterCodingException e) {
            throw new FormatProblem(file, "The file is not UTF-8 text; it is probably not a Wild Chalk file.");
        }
    }

    public static Located parse(Path file, String text) throws FormatProblem {
        return parse(file, CharBuffer.wrap(text.toCharArray()));
    }

    private static Located parse(Path file, CharBuffer text) throws FormatProblem {
        try (JsonParser parser =
                FACTORY.createParser(text.array(), text.arrayOffset() + text.position(), text.remaining())) {
            if (parser.nextToken() == null) {
                throw new FormatProblem(file, "The file is empty; restore it from a backup.");
            }
            Located root = value(file, parser);
            if (parser.nextToken() != null) {
                JsonLocation at = parser.currentTokenLocation();
                throw new FormatProblem(
                        file, at.getLineNr(), at.getColumnNr(), "The file should end here, but more follows.");
            }
            return root;
        } catch (JsonProcessingException e) {
            JsonLocation at = e.getLocation();
            // the library's own note on sources says nothing to a coach
            String what = e.getOriginalMessage().replaceAll("\\s*\\(start marker at \\[Source.*", "") + "."
                    + (isCutOff(e) ? " The file is cut off; restore it from a backup." : "");
            if (at == null) {
                throw new FormatProblem(file, "This is not valid JSON: " + what);
            }
            throw new FormatProblem(
                    file, at.getLineNr(), Math.max(1, at.getColumnNr()), "This is not valid JSON: " + what);
        } catch (FormatProblem e) {
            throw e;
        } catch (IOException e) {
            throw new FormatProblem(file, "The file cannot be read: " + e.getMessage());
        }
    }

    private static boolean isCutOff(JsonProcessingException e) {
        return e instanceof JsonEOFException || e.getOriginalMessage().startsWith("Unexpected end-of-input");
    }

    private static Located value(Path file, JsonParser parser) throws IOException {
        JsonLocation at = parser.currentTokenLocation();
        int line = at.getLineNr();
        int column = at.getColumnNr();
        Object value =
                switch (parser.currentToken()) {
                    case START_OBJECT -> object(file, parser);
                    case START_ARRAY -> array(file, parser);
                    case VALUE_STRING -> parser.getText();
                    case VALUE_NUMBER_INT -> whole(file, parser, line, column);
                    case VALUE_NUMBER_FLOAT -> finite(file, parser, line, column);
                    case VALUE_TRUE -> Boolean.TRUE;
                    case VALUE_FALSE -> Boolean.FALSE;
                    default -> null;
                };
        return new Located(value, line, column);
    }

    /** A number that could be written again; one beyond all that is kept would come back as no number. */
    private static double finite(Path file, JsonParser parser, int line, int column) throws IOException {
        double number = parser.getDoubleValue();
        if (!Double.isFinite(number)) {
            throw new FormatProblem(
                    file,
                    line,
                    column,
                    "The number %s is larger than any that can be kept.".formatted(parser.getText()));
        }
        return number;
    }

    /** Whole numbers stay whole; those too large for that become decimal ones. */
    private static Object whole(Path file, JsonParser parser, int line, int column) throws IOException {
        return parser.getNumberType() == JsonParser.NumberType.BIG_INTEGER
                ? (Object) finite(file, parser, line, column)
                : (Object) parser.getLongValue();
    }

    private static Map<String, Located> object(Path file, JsonParser parser) throws IOException {
        Map<String, Located> fields = new LinkedHashMap<>();
        while (parser.nextToken() != JsonToken.END_OBJECT) {
            String name = parser.currentName();
            parser.nextToken();
            Located value = value(file, parser);
            if (fields.put(name, value) != null) {
                // of two values one would be lost without a word
                throw new FormatProblem(
                        file,
                        value.line(),
                        value.column(),
                        "Duplicate field \"%s\"; keep one of them.".formatted(name));
            }
        }
        return fields;
    }

    private static List<Located> array(Path file, JsonParser parser) throws IOException {
        List<Located> elements = new ArrayList<>();
        while (parser.nextToken() != JsonToken.END_ARRAY) {
            elements.add(value(file, parser));
        }
        return elements;
    }
}
