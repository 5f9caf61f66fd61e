package wildchalk.core.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Fields of a file that this version does not know, by the path of ids at which they stood. They are written back at the
 * same place; those of an element that has gone are gone with it.
 */
public final class Extras {

    private final Map<String, Map<String, JsonNode>> byPath = new LinkedHashMap<>();

    /** For a file that is new. */
    public static Extras none() {
        return new Extras();
    }

    public void put(String path, String field, JsonNode value) {
        byPath.computeIfAbsent(path, p -> new LinkedHashMap<>()).put(field, value);
    }

    public void addTo(String path, ObjectNode node) {
        byPath.getOrDefault(path, Map.of()).forEach((field, value) -> {
            if (!node.has(field)) {
                node.set(field, value);
            }
        });
    }

    public boolean isEmpty() {
        return byPath.isEmpty();
    }
}
