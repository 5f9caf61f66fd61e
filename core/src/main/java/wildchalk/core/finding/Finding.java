package wildchalk.core.finding;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.geometry.Point;

/**
 * What a check says, as data; {@code words} puts it into sentences.
 *
 * @param about the moves, roles and things it is about, the leading ones first
 * @param figures in SI units
 * @param event the moment that is waited for, if it is about one
 * @param name what is no element and stands by its name in the file: a goal, a zone; else empty
 * @param where where on the surface, if somewhere
 * @param atSeconds when, from the whistle, if at a moment
 */
public record Finding(
        Flaw flaw,
        List<ElementId> about,
        Map<Quantity, Double> figures,
        Optional<Event> event,
        String name,
        Optional<Point> where,
        Optional<Double> atSeconds) {

    public Finding {
        Objects.requireNonNull(flaw, "flaw");
        about = List.copyOf(about);
        figures = Map.copyOf(figures);
        Objects.requireNonNull(event, "event");
        Objects.requireNonNull(name, "name");
        Objects.requireNonNull(where, "where");
        Objects.requireNonNull(atSeconds, "atSeconds");
    }

    public static Finding of(Flaw flaw, ElementId... about) {
        return of(flaw, List.of(about));
    }

    public static Finding of(Flaw flaw, List<? extends ElementId> about) {
        return new Finding(
                flaw, List.copyOf(about), Map.of(), Optional.empty(), "", Optional.empty(), Optional.empty());
    }

    public Finding with(Quantity quantity, double figure) {
        Map<Quantity, Double> all = new EnumMap<>(Quantity.class);
        all.putAll(figures);
        all.put(quantity, figure);
        return new Finding(flaw, about, all, event, name, where, atSeconds);
    }

    public Finding waitingFor(Event moment) {
        return new Finding(flaw, about, figures, Optional.of(moment), name, where, atSeconds);
    }

    public Finding named(String text) {
        return new Finding(flaw, about, figures, event, text, where, atSeconds);
    }

    public Finding at(Point place, double seconds) {
        return new Finding(flaw, about, figures, event, name, Optional.of(place), Optional.of(seconds));
    }

    public Finding at(Point place) {
        return new Finding(flaw, about, figures, event, name, Optional.of(place), atSeconds);
    }

    public Finding at(double seconds) {
        return new Finding(flaw, about, figures, event, name, where, Optional.of(seconds));
    }

    public String rule() {
        return flaw.id();
    }

    public Severity severity() {
        return flaw.severity();
    }

    /** The moves among what it is about, the leading one first. */
    public List<MoveId> moves() {
        return of(MoveId.class);
    }

    public List<RoleId> roles() {
        return of(RoleId.class);
    }

    private <T> List<T> of(Class<T> type) {
        List<T> some = new ArrayList<>();
        about.stream().filter(type::isInstance).map(type::cast).forEach(some::add);
        return List.copyOf(some);
    }
}
