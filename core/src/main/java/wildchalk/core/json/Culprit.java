package wildchalk.core.json;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.text.Misplaced;

/** Finds the value of a file that something is wrong with, within an object that was read whole. */
final class Culprit {

    private static final List<String> NAMES = List.of("id", "role");

    private Culprit() {}

    /** The value that names what is wrong; the object itself where it stands somewhere else, as in the version it is based on. */
    static Located in(Located whole, Misplaced problem) {
        List<Located> owners = new ArrayList<>();
        collect(whole, problem.owner(), owners);
        if (problem.owner().equals(problem.name())) {
            // an id that stands twice: the second
            return owners.size() > 1 ? owners.get(1).fields().get("id") : whole;
        }
        return owners.stream()
                .flatMap(o -> value(o, problem.name()).stream())
                .findFirst()
                .orElseGet(() -> owners.isEmpty() ? whole : owners.get(0));
    }

    private static void collect(Located node, String owner, List<Located> found) {
        if (node.isObject()) {
            boolean named = NAMES.stream().anyMatch(n -> {
                Located value = node.fields().get(n);
                return value != null && owner.equals(value.value());
            });
            if (named) {
                found.add(node);
            }
            node.fields().values().forEach(v -> collect(v, owner, found));
        } else if (node.isArray()) {
            node.elements().forEach(v -> collect(v, owner, found));
        }
    }

    private static Optional<Located> value(Located node, String name) {
        if (node.isObject()) {
            return node.fields().entrySet().stream()
                    .filter(e -> !e.getKey().equals("id"))
                    .flatMap(e -> value(e.getValue(), name).stream())
                    .findFirst();
        } else if (node.isArray()) {
            return node.elements().stream()
                    .flatMap(v -> value(v, name).stream())
                    .findFirst();
        }
        return name.equals(node.value()) ? Optional.of(node) : Optional.empty();
    }
}
