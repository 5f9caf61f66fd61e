package wildchalk.core.ladder;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import wildchalk.core.drill.Kind;
import wildchalk.core.drill.Kinds;
import wildchalk.core.drill.Layout;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Step;

/** Everything that a version consists of under a name: "gear c1", "move m3", "launch". Two versions are compared by it. */
public final class Keys {

    private static final String MOVE = "move ";

    /** A move and the step it is in. */
    private record Placed(String step, Object move) {}

    private Keys() {}

    public static Map<String, Object> of(Progression p) {
        Map<String, Object> all = new LinkedHashMap<>();
        all.put("title", p.title());
        all.put("basedOn", p.basedOn());
        Kinds.ALL.stream().filter(kind -> kind != Kinds.STEPS).forEach(kind -> put(all, kind, p));
        for (Step step : p.steps()) {
            all.put("step " + step.id(), step.withMoves(List.of()));
            step.moves()
                    .forEach(m -> all.put(MOVE + m.id(), new Placed(step.id().text(), m)));
        }
        Layout l = p.layout();
        l.labels().forEach((id, at) -> all.put("label " + id, at));
        all.put("groups", l.groups());
        all.put("locked", l.locked());
        all.put("launch", p.course().launch());
        all.put("alternation", p.course().alternation());
        all.put("stint", p.course().stint());
        all.put("scoring", p.course().scoring());
        all.put("suits", p.course().suits());
        all.put("conduct", p.course().conduct());
        return all;
    }

    private static <T> void put(Map<String, Object> all, Kind<T> kind, Progression p) {
        kind.of(p).forEach(t -> all.put(kind.one() + " " + kind.name().apply(t), t));
    }

    /** Names of what is new, gone or other. */
    public static Set<String> differing(Progression before, Progression after) {
        Map<String, Object> a = of(before);
        Map<String, Object> b = of(after);
        Set<String> keys = new LinkedHashSet<>(a.keySet());
        keys.addAll(b.keySet());
        keys.removeIf(k -> Objects.equals(a.get(k), b.get(k)));
        return keys;
    }

    /** Names of what a version has set itself: new or other than in its base. */
    static Set<String> own(Map<String, Object> base, Map<String, Object> version) {
        Set<String> own = new LinkedHashSet<>(version.keySet());
        own.removeIf(k -> Objects.equals(base.get(k), version.get(k)));
        return own;
    }

    public static Set<String> own(Progression base, Progression version) {
        return own(of(base), of(version));
    }

    public static boolean isMove(String key) {
        return key.startsWith(MOVE);
    }
}
