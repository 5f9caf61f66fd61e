package wildchalk.core.binder;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import wildchalk.core.drill.Kind;
import wildchalk.core.json.Extras;
import wildchalk.core.json.Fields;
import wildchalk.core.json.FormatProblem;

/**
 * How one kind of a version stands in a file.
 *
 * @param isNamed whether each has an id of its own in the file
 */
record KindFile<T>(Kind<T> kind, boolean isNamed, Fields.Reading<T> reading, Writing<T> writing) {

    /** Puts what one is into its object, but for its id. */
    interface Writing<T> {
        /** @param path of the object, for what in it was not known when it was read */
        void write(ObjectNode into, T one, String path, Extras extras);
    }

    static <T> KindFile<T> named(Kind<T> kind, Fields.Reading<T> reading, Writing<T> writing) {
        return new KindFile<>(kind, true, reading, writing);
    }

    List<T> read(Fields f) throws FormatProblem {
        return f.elements(kind.many(), reading);
    }

    void write(ObjectNode into, String path, List<T> all, Extras extras) {
        ArrayNode array = into.putArray(kind.many());
        for (T one : all) {
            String key = isNamed ? kind.name().apply(one) : String.valueOf(array.size());
            String at = path + "/" + kind.many() + "/" + key;
            ObjectNode o = array.addObject();
            if (isNamed) {
                o.put("id", key);
            }
            writing.write(o, one, at, extras);
            extras.addTo(at, o);
        }
    }
}
