package wildchalk.core.json;

import com.fasterxml.jackson.core.io.JsonStringEncoder;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.DoubleNode;
import com.fasterxml.jackson.databind.node.LongNode;
import com.fasterxml.jackson.databind.node.NumericNode;
import java.util.Iterator;
import java.util.Map;

/** JSON as text with two-space indent; lists and objects without others inside stand on one line, so that a diff reads. */
public final class JsonText {

    private static final int ONE_LINE_LENGTH = 110;

    private JsonText() {}

    /** A whole number without a point, another with all its digits: both read back as the same double. */
    public static NumericNode number(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e15
                ? LongNode.valueOf((long) value)
                : DoubleNode.valueOf(value);
    }

    /** The text of a file, with a line feed at its end. */
    public static String of(JsonNode node) {
        StringBuilder out = new StringBuilder();
        write(node, "", out);
        return out.append('\n').toString();
    }

    private static void write(JsonNode node, String indent, StringBuilder out) {
        int start = out.length();
        if (!node.isContainerNode()) {
            value(node, out);
            return;
        } else if (node.isEmpty()) {
            out.append(node.isArray() ? "[]" : "{}");
            return;
        } else if (isFlat(node, 2)) {
            oneLine(node, out, start + ONE_LINE_LENGTH - indent.length());
            if (out.length() - start + indent.length() <= ONE_LINE_LENGTH) {
                return;
            }
            out.setLength(start); // too long: line by line instead
        }
        if (node.isArray()) {
            String separator = "[\n";
            for (JsonNode element : node) {
                out.append(separator).append(indent).append("  ");
                write(element, indent + "  ", out);
                separator = ",\n";
            }
            out.append('\n').append(indent).append(']');
        } else {
            String separator = "{\n";
            for (Iterator<Map.Entry<String, JsonNode>> i = node.fields(); i.hasNext(); ) {
                Map.Entry<String, JsonNode> field = i.next();
                out.append(separator)
                        .append(indent)
                        .append("  ")
                        .append(quoted(field.getKey()))
                        .append(": ");
                write(field.getValue(), indent + "  ", out);
                separator = ",\n";
            }
            out.append('\n').append(indent).append('}');
        }
    }

    /** Whether nothing is nested deeper than so many levels. */
    private static boolean isFlat(JsonNode node, int levels) {
        if (!node.isContainerNode()) {
            return true;
        }
        if (levels == 0) {
            return false;
        }
        for (JsonNode child : node) {
            if (!isFlat(child, levels - 1)) {
                return false;
            }
        }
        return true;
    }

    /** Stops soon after a length that is too much anyway. */
    private static void oneLine(JsonNode node, StringBuilder out, int longest) {
        if (!node.isContainerNode()) {
            value(node, out);
            return;
        }
        out.append(node.isArray() ? '[' : '{');
        String separator = "";
        if (node.isArray()) {
            for (Iterator<JsonNode> i = node.elements(); i.hasNext() && out.length() <= longest; ) {
                out.append(separator);
                oneLine(i.next(), out, longest);
                separator = ", ";
            }
        } else {
            for (Iterator<Map.Entry<String, JsonNode>> i = node.fields(); i.hasNext() && out.length() <= longest; ) {
                Map.Entry<String, JsonNode> field = i.next();
                out.append(separator).append(quoted(field.getKey())).append(": ");
                oneLine(field.getValue(), out, longest);
                separator = ", ";
            }
        }
        out.append(node.isArray() ? ']' : '}');
    }

    private static void value(JsonNode node, StringBuilder out) {
        if (node.isNumber() || node.isBoolean()) {
            out.append(node.asText());
        } else if (node.isTextual()) {
            out.append(quoted(node.textValue()));
        } else {
            out.append(node);
        }
    }

    private static String quoted(String text) {
        return '"' + String.valueOf(JsonStringEncoder.getInstance().quoteAsString(text)) + '"';
    }
}
