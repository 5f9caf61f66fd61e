package wildchalk.core.binder;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.GapId;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.NoteId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.ZoneId;
import wildchalk.core.json.Fields;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.json.Located;

/** Elements of any kind as texts in a file: {@code gear/c1}, {@code role/lb}. */
final class ElementNames {

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
        if (id instanceof RoleId) {
            return "role";
        } else if (id instanceof MoveId) {
            return "move";
        } else if (id instanceof GearId) {
            return "gear";
        } else if (id instanceof LineId) {
            return "line";
        } else if (id instanceof BallId) {
            return "ball";
        } else if (id instanceof ZoneId) {
            return "zone";
        } else if (id instanceof NoteId) {
            return "note";
        }
        return "gap";
    }

    private static ElementId of(String kind, String text) {
        return switch (kind) {
            case "role" -> new RoleId(text);
            case "move" -> new MoveId(text);
            case "gear" -> new GearId(text);
            case "line" -> new LineId(text);
            case "ball" -> new BallId(text);
            case "zone" -> new ZoneId(text);
            case "note" -> new NoteId(text);
            case "gap" -> new GapId(text);
            default -> throw new IllegalArgumentException(kind);
        };
    }
}
