package wildchalk.core.ladder;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;

/**
 * What turns one list of elements with ids into another.
 *
 * @param set elements that are new or other than before
 * @param removed ids that are gone
 * @param order ids in their order, all of them or what is new with its neighbours; empty where replacing in place and adding at
 *     the end gives it
 */
public record ListChange<T>(List<T> set, Set<String> removed, List<String> order) {

    public ListChange {
        set = List.copyOf(set);
        removed = Set.copyOf(removed);
        order = List.copyOf(order);
    }

    public static <T> ListChange<T> none() {
        return new ListChange<>(List.of(), Set.of(), List.of());
    }

    public boolean isEmpty() {
        return set.isEmpty() && removed.isEmpty() && order.isEmpty();
    }

    /** What is to be done to {@code before} to get {@code after}. */
    public static <T> ListChange<T> between(List<T> before, List<T> after, Function<T, String> id) {
        Map<String, T> old = byId(before, id);
        Map<String, T> fresh = byId(after, id);
        List<T> set =
                after.stream().filter(x -> !x.equals(old.get(id.apply(x)))).toList();
        Set<String> removed = new LinkedHashSet<>(old.keySet());
        removed.removeAll(fresh.keySet());
        ListChange<T> plain = new ListChange<>(set, removed, List.of());
        boolean natural = plain.applyTo(before, id).equals(after);
        return natural ? plain : new ListChange<>(set, removed, List.copyOf(fresh.keySet()));
    }

    /** Does it to a list, which may be another than that it was worked out from. */
    public List<T> applyTo(List<T> list, Function<T, String> id) {
        Map<String, T> result = byId(list, id);
        Set<String> fresh = new LinkedHashSet<>();
        set.stream().map(id).filter(x -> !result.containsKey(x)).forEach(fresh::add);
        result.keySet().removeAll(removed);
        set.forEach(x -> result.put(id.apply(x), x));
        if (order.isEmpty()) {
            return List.copyOf(result.values());
        }
        List<String> ids = new ArrayList<>(order);
        ids.retainAll(result.keySet());
        String before = null;
        for (String key : result.keySet()) {
            if (!ids.contains(key)) {
                // what the base has got since then stands behind what it stands behind there, and behind what is new
                // there
                int at = before == null ? 0 : ids.indexOf(before) + 1;
                while (before != null && at < ids.size() && fresh.contains(ids.get(at))) {
                    at++;
                }
                ids.add(at, key);
            }
            before = key;
        }
        return ids.stream().map(result::get).toList();
    }

    private static <T> Map<String, T> byId(List<T> list, Function<T, String> id) {
        Map<String, T> map = new LinkedHashMap<>();
        list.forEach(x -> map.put(id.apply(x), x));
        return map;
    }
}
