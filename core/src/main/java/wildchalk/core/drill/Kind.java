package wildchalk.core.drill;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/**
 * One kind of thing of which a version has a list.
 *
 * @param one its word in files, in front of an id: "line" of "line/l1"
 * @param many the name of its list in files: "lines"
 * @param name what tells two of them apart within a version
 */
public record Kind<T>(
        String one,
        String many,
        Function<T, String> name,
        Function<Parts, List<T>> list,
        BiFunction<Parts, List<T>, Parts> put) {

    public List<T> of(Scene scene) {
        return list.apply(Parts.of(scene));
    }

    public Parts changed(Parts parts, UnaryOperator<List<T>> change) {
        return put.apply(parts, change.apply(list.apply(parts)));
    }

    public Parts each(Parts parts, UnaryOperator<T> change) {
        return changed(parts, all -> all.stream().map(change).toList());
    }

    @Override
    public String toString() {
        return many;
    }
}
