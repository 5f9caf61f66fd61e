package wildchalk.core.ladder;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.Layout;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Step;

/** Everything that a version consists of under a name: "gear c1", "move m3", "launch". Two versions are compared by it. */
public final class Keys {

    private static final String MOVE = "move ";

    /** A move and the step it is in. */
    private record Placed(String step, Object move) {}

    private Keys() {}

    /** In the order in which it stands in files. */
    public static Map<String, Object> of(Progression p) {
        Map<String, Object> all = new LinkedHashMap<>();
        all.put("title", p.title());
        all.put("basedOn", p.basedOn());
        p.gear().forEach(g -> all.put("gear " + g.id(), g));
        p.lines().forEach(l -> all.put("line " + l.id(), l));
        p.roles().forEach(r -> all.put("role " + r.id(), r));
        p.balls().forEach(b -> all.put("ball " + b.id(), b));
        for (Step step : p.steps()) {
            all.put("step " + step.id(), step.withMoves(List.of()));
            step.moves()
                    .forEach(m -> all.put(MOVE + m.id(), new Placed(step.id().text(), m)));
        }
        Layout l = p.layout();
        l.zones().forEach(z -> all.put("zone " + z.id(), z));
        l.notes().forEach(n -> all.put("note " + n.id(), n));
        l.gaps().forEach(g -> all.put("gap " + g.id(), g));
        l.labels().forEach((id, at) -> all.put("label " + id, at));
        all.put("groups", l.groups());
        all.put("locked", l.locked());
        Course c = p.course();
        c.forks().forEach(f -> all.put("fork " + f.id(), f));
        c.calls().forEach(x -> all.put("calls " + x.id(), x));
        c.rules().forEach(r -> all.put("rule " + r.id(), r));
        c.rotation().forEach(r -> all.put("rotation " + r.role(), r));
        all.put("launch", c.launch());
        all.put("suits", c.suits());
        return all;
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
