package wildchalk.core.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.BooleanNode;
import com.fasterxml.jackson.databind.node.DoubleNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.LongNode;
import com.fasterxml.jackson.databind.node.NullNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.util.List;
import java.util.Map;

/**
 * A JSON value that remembers where it stood in its file.
 *
 * @param value a {@code Map<String, Located>}, a {@code List<Located>}, a String, a Double, a Long, a Boolean or null
 */
public record Located(Object value, int line, int column) {

    public boolean isObject() {
        return value instanceof Map;
    }

    public boolean isArray() {
        return value instanceof List;
    }

    @SuppressWarnings("unchecked") // the parser makes no other maps
    public Map<String, Located> fields() {
        return (Map<String, Located>) value;
    }

    @SuppressWarnings("unchecked") // the parser makes no other lists
    public List<Located> elements() {
        return (List<Located>) value;
    }

    /** What kind of value it is, as an error message says it. */
    public String kind() {
        if (isObject()) {
            return "an object";
        }
        if (isArray()) {
            return "a list";
        }
        if (value instanceof String) {
            return "a text";
        }
        if (value instanceof Number) {
            return "the number " + value;
        }
        return value == null ? "null" : value.toString();
    }

    public JsonNode toJson() {
        JsonNodeFactory make = JsonNodeFactory.instance;
        if (isObject()) {
            var node = make.objectNode();
            fields().forEach((k, v) -> node.set(k, v.toJson()));
            return node;
        }
        if (isArray()) {
            var node = make.arrayNode();
            elements().forEach(e -> node.add(e.toJson()));
            return node;
        }
        if (value instanceof String text) {
            return TextNode.valueOf(text);
        }
        if (value instanceof Long number) {
            return LongNode.valueOf(number);
        }
        if (value instanceof Double number) {
            return DoubleNode.valueOf(number);
        }
        return value == null ? NullNode.instance : BooleanNode.valueOf((Boolean) value);
    }
}
