package wildchalk.core.words;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.text.Ordinals;
import wildchalk.core.text.Texts;

/**
 * A name for every piece of gear that no other piece has: by kind and colour; several alike in the order in which players come to
 * them, or, where nobody comes to all of them, by where they stand among each other, counted up the surface from where the
 * players start.
 */
final class GearNames {

    /** What differs by less is on one line. */
    private static final double SAME_METRES = 0.8;

    private final Map<Gear, String> names = new IdentityHashMap<>();

    GearNames(Scene scene) {
        Map<List<Object>, List<Gear>> alike = new HashMap<>();
        for (Gear g : scene.gear()) {
            if (g.kind().isGoal()) {
                names.put(g, g.asGoal().name());
            } else {
                alike.computeIfAbsent(
                                List.of(g.kind(), Places.hasColour(g.kind()) ? g.colour() : "", g.label()),
                                k -> new ArrayList<>())
                        .add(g);
            }
        }
        double start = scene.roles().stream()
                .map(Role::id)
                .mapToDouble(r -> scene.startOf(r).x())
                .average()
                .orElse(0);
        List<Gear> several = alike.values().stream()
                .filter(group -> group.size() > 1)
                .flatMap(List::stream)
                .toList();
        Map<Gear, Integer> met = met(scene, several);
        alike.values().forEach(group -> {
            if (group.size() > 1 && met.keySet().containsAll(group)) {
                count(group, Comparator.comparingInt(met::get), "gear.counted");
            } else {
                name(group, start);
            }
        });
    }

    /** Which of some pieces players come to, numbered in the order in which they do. */
    private static Map<Gear, Integer> met(Scene scene, List<Gear> among) {
        Map<Gear, Integer> met = new IdentityHashMap<>();
        List<Gear> left = new ArrayList<>(among);
        for (Move move : scene.moves()) {
            if (move instanceof Travel travel && !left.isEmpty()) {
                for (Waypoint w : travel.path()) {
                    left.removeIf(g -> {
                        boolean here = g.at().isWithin(Places.GEAR_METRES, w.at());
                        if (here) {
                            met.put(g, met.size());
                        }
                        return here;
                    });
                }
            }
        }
        return met;
    }

    String of(Gear gear) {
        return names.getOrDefault(gear, Texts.CORE.get("gear.the", Places.kindOf(gear)));
    }

    private void name(List<Gear> group, double start) {
        if (group.size() == 1) {
            names.put(group.get(0), Texts.CORE.get("gear.the", said(group.get(0))));
            return;
        }
        Comparator<Gear> up = Comparator.comparingDouble(g -> g.at().x());
        boolean back =
                Math.abs(least(group, g -> g.at().x()) - start) > Math.abs(-least(group, g -> -g.at().x()) - start);
        Comparator<Gear> met = back ? up.reversed() : up;
        List<List<Gear>> rows = clusters(group, met, g -> g.at().x());
        List<List<Gear>> columns = clusters(group, Comparator.comparingDouble(g -> -g.at().y()), g -> g.at().y());
        if (columns.size() == 1) {
            count(group, met, "gear.counted");
        } else if (rows.size() == 1) {
            across(group, "gear.", "");
        } else if (rows.stream().allMatch(r -> r.size() > columns.size() / 2 && r.size() > 1)
                && rows.size() < columns.size()) {
            for (int i = 0; i < rows.size(); i++) {
                across(rows.get(i), "gear.row.", Ordinals.of(i + 1));
            }
        } else if (columns.size() == 2) {
            count(columns.get(0).stream().sorted(met).toList(), "gear.on-left");
            count(columns.get(1).stream().sorted(met).toList(), "gear.on-right");
        } else {
            double middle = (least(group, g -> g.at().y()) - least(group, g -> -g.at().y())) / 2;
            count(side(group, met, g -> g.at().y() > middle + SAME_METRES), "gear.on-left");
            count(side(group, met, g -> g.at().y() < middle - SAME_METRES), "gear.on-right");
            count(side(group, met, g -> Math.abs(g.at().y() - middle) <= SAME_METRES), "gear.in-middle");
        }
        if (new HashSet<>(group.stream().map(names::get).toList()).size() < group.size()) {
            count(
                    group,
                    met.thenComparingDouble(g -> -Math.abs(g.at().y())).thenComparingDouble(g -> -g.at().y()),
                    "gear.counted");
        }
    }

    private static List<Gear> side(List<Gear> group, Comparator<Gear> order, Predicate<Gear> which) {
        return group.stream().filter(which).sorted(order).toList();
    }

    /** Those that stand on about one line across or along. */
    private static List<List<Gear>> clusters(List<Gear> group, Comparator<Gear> order, ToDoubleFunction<Gear> of) {
        List<List<Gear>> clusters = new ArrayList<>();
        double before = Double.NaN;
        for (Gear g : group.stream().sorted(order).toList()) {
            double at = of.applyAsDouble(g);
            if (!(Math.abs(at - before) <= SAME_METRES)) {
                clusters.add(new ArrayList<>());
            }
            clusters.get(clusters.size() - 1).add(g);
            before = at;
        }
        return clusters;
    }

    /**
     * Side by side: from the nearer end of the row.
     *
     * @param key under which names begin
     * @param row which row it is, in words
     */
    private void across(List<Gear> group, String key, String row) {
        List<Gear> fromLeft = group.stream()
                .sorted(Comparator.comparingDouble((Gear g) -> -g.at().y()))
                .toList();
        int n = fromLeft.size();
        for (int i = 0; i < n; i++) {
            Gear g = fromLeft.get(i);
            int end = Math.min(i, n - 1 - i);
            String side = i < n - 1 - i ? "left" : "right";
            String which = i == n - 1 - i ? "middle" : end == 0 ? side : "from-" + side;
            names.put(g, Texts.CORE.get(key + which, Ordinals.of(end + 1), said(g), row));
        }
    }

    private void count(List<Gear> sorted, String key) {
        for (int i = 0; i < sorted.size(); i++) {
            String number = sorted.size() == 1 ? "" : Ordinals.of(i + 1);
            names.put(
                    sorted.get(i),
                    Texts.CORE.get(key, number, said(sorted.get(i))).replace("  ", " "));
        }
    }

    private void count(List<Gear> group, Comparator<Gear> order, String key) {
        count(group.stream().sorted(order).toList(), key);
    }

    private static String said(Gear gear) {
        String kind = Places.kindOf(gear);
        return gear.label().isEmpty() ? kind : kind + " " + gear.label();
    }

    private static double least(List<Gear> group, ToDoubleFunction<Gear> of) {
        return group.stream().mapToDouble(of).min().orElse(0);
    }
}
