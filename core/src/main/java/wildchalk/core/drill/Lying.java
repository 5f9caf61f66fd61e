package wildchalk.core.drill;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.core.text.Slugs;

/**
 * A kind of which each element has a place on the surface, and can be chosen, moved, copied and taken out.
 *
 * @param ids the type of its ids
 * @param id makes an id of a text
 * @param stem what new ids begin with: "gap" for gap1, gap2…
 * @param place where one is at the whistle; empty for a ball in somebody's hands
 */
public record Lying<T, I extends ElementId>(
        Kind<T> kind,
        Class<I> ids,
        Function<String, I> id,
        String stem,
        Function<T, I> idOf,
        BiFunction<T, I, T> renamed,
        BiFunction<T, PlaneMap, T> carried,
        BiFunction<Scene, T, Optional<Point>> place) {

    /** A kind of what is laid on the surface, which is kept in the layout. */
    static <T extends Laid, I extends ElementId> Lying<T, I> laid(
            String one, Class<T> type, Class<I> ids, Function<String, I> id, String stem) {
        Kind<T> kind = new Kind<>(
                one,
                one + "s",
                t -> t.id().text(),
                p -> p.layout().of(type),
                (p, list) -> p.withLayout(p.layout().with(type, list)));
        return new Lying<>(
                kind,
                ids,
                id,
                stem,
                t -> ids.cast(t.id()),
                (t, other) -> type.cast(t.withId(other)),
                (t, map) -> type.cast(t.carried(map)),
                (scene, t) -> Optional.of(t.middle()));
    }

    public Optional<T> find(Scene scene, ElementId wanted) {
        return kind.of(scene).stream().filter(t -> idOf.apply(t).equals(wanted)).findFirst();
    }

    Optional<Point> placeOf(Scene scene, ElementId wanted) {
        return find(scene, wanted).flatMap(t -> place.apply(scene, t));
    }

    public List<I> idsOf(Scene scene) {
        return idsOf(Parts.of(scene));
    }

    List<I> idsOf(Parts parts) {
        return kind.list().apply(parts).stream().map(idOf).toList();
    }

    /** An id that no element of the kind has in a version. */
    public I next(Progression version) {
        Set<String> taken = kind.of(version).stream().map(kind.name()).collect(Collectors.toSet());
        return id.apply(Slugs.next(version.stem(stem), taken));
    }

    /** With some of them where a map carries them. */
    public Parts carry(Parts parts, Set<ElementId> chosen, PlaneMap map) {
        return kind.each(parts, t -> chosen.contains(idOf.apply(t)) ? carried.apply(t, map) : t);
    }

    Progression without(Progression version, ElementId gone) {
        return kind.changed(
                        Parts.of(version),
                        all -> all.stream()
                                .filter(t -> !idOf.apply(t).equals(gone))
                                .toList())
                .prunedAs(version);
    }
}
