package wildchalk.core.binder;

import java.util.Comparator;
import wildchalk.core.drill.Drill;

/** In which order the drills of a binder lie; those that are alike by their titles, those that cannot be read last. */
public enum Order {
    TITLE(Comparator.comparing(e -> 0)),
    CHANGED(Comparator.comparing(Binder.Entry::changed).reversed()),
    SPORT(by(Comparator.comparing(d -> d.surface().sportName()))),
    MINUTES(by(Comparator.comparing(d -> d.audience().minutes()))),
    PLAYERS(by(Comparator.comparing(d -> d.audience().players().best())));

    private final Comparator<Binder.Entry> comparator;

    Order(Comparator<Binder.Entry> first) {
        this.comparator = Comparator.comparing((Binder.Entry e) -> e.content().isEmpty())
                .thenComparing(first)
                .thenComparing(e -> e.content().map(c -> c.value().title()).orElse(""), String.CASE_INSENSITIVE_ORDER)
                .thenComparing(Binder.Entry::file);
    }

    private static Comparator<Binder.Entry> by(Comparator<Drill> drills) {
        return (a, b) -> a.content().isEmpty() || b.content().isEmpty()
                ? 0
                : drills.compare(a.content().get().value(), b.content().get().value());
    }

    public Comparator<Binder.Entry> comparator() {
        return comparator;
    }
}
