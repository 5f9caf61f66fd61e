package wildchalk.core.binder;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Kinds;
import wildchalk.core.drill.MoveId;
import wildchalk.core.json.Fields;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.json.Located;

/** Elements of any kind as texts in a file: {@code gear/c1}, {@code role/lb}. */
final class ElementNames {

    private static final String MOVE = "move";

    private ElementNames() {}

    static List<String> write(Set<ElementId> ids) {
        return ids.stream().map(id -> kind(id) + "/" + id.text()).sorted().toList();
    }

    static Set<ElementId> read(Fields f, List<Located> list) throws FormatProblem {
        Set<ElementId> ids = new LinkedHashSet<>();
        for (Located element : list) {
            String text = element.value() instanceof String t ? t : "";
            int slash = text.indexOf('/');
            try {
                ids.add(of(text.substring(0, Math.max(0, slash)), text.substring(slash + 1)));
            } catch (IllegalArgumentException e) {
                throw f.problem(
                        element,
                        "An element here should be like \"gear/c1\" or \"role/lb\"; found \"%s\".".formatted(text));
            }
        }
        return ids;
    }

    private static String kind(ElementId id) {
        return id instanceof MoveId ? MOVE : Kinds.of(id).orElseThrow().kind().one();
    }

    private static ElementId of(String kind, String text) {
        if (kind.equals(MOVE)) {
            return new MoveId(text);
        }
        return Kinds.LYING.stream()
                .filter(k -> k.kind().one().equals(kind))
                .findFirst()
                .<ElementId>map(k -> k.id().apply(text))
                .orElseThrow(() -> new IllegalArgumentException(kind));
    }
}
