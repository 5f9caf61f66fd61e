package wildchalk.core.binder;

import java.util.List;
import java.util.Locale;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Gear;
import wildchalk.core.text.Texts;

/** What drills of a binder can be told apart by, beside numbers. */
public enum Facet {
    SPORT {
        @Override
        public List<Value> of(Drill drill) {
            return List.of(new Value(drill.surface().sport(), drill.surface().sportName(), 0));
        }
    },
    AGE {
        @Override
        public List<Value> of(Drill drill) {
            return drill.audience().ages().stream()
                    .map(a -> new Value(a.name(), a.label(), a.ordinal()))
                    .toList();
        }
    },
    GEAR {
        @Override
        public List<Value> of(Drill drill) {
            List<Value> kinds = drill.progressions().stream()
                    .flatMap(p -> p.gear().stream())
                    .map(Gear::kind)
                    .distinct()
                    .map(k -> new Value(k.name(), Texts.CORE.get("gear." + k), 0))
                    .toList();
            return kinds.isEmpty() ? List.of(new Value("", Texts.CORE.get("facet.no-gear"), -1)) : kinds;
        }
    },
    THEME {
        @Override
        public List<Value> of(Drill drill) {
            return drill.themes().stream()
                    .map(t -> new Value(t.strip().toLowerCase(Locale.ROOT), t.strip(), 0))
                    .distinct()
                    .toList();
        }
    };

    /**
     * One value, the same for all drills that have it.
     *
     * @param key by which it is the same
     * @param label in words
     * @param place in lists; those with the same place by their labels
     */
    public record Value(String key, String label, int place) implements Comparable<Value> {

        @Override
        public int compareTo(Value other) {
            int places = Integer.compare(place, other.place);
            int labels = places != 0 ? places : label.compareToIgnoreCase(other.label);
            return labels != 0 ? labels : key.compareTo(other.key);
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Value value && value.key.equals(key);
        }

        @Override
        public int hashCode() {
            return key.hashCode();
        }
    }

    /** The values that a drill has, each once; at least one but for themes. */
    public abstract List<Value> of(Drill drill);
}
