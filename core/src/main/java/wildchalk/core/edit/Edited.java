package wildchalk.core.edit;

import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.Set;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.ProgressionId;

/**
 * What an edit has made.
 *
 * @param open the version that is open then
 * @param made what is new, to be chosen next, in the order in which it was made
 */
public record Edited(Drill drill, ProgressionId open, Set<ElementId> made) {
    public Edited {
        made = Collections.unmodifiableSet(new LinkedHashSet<>(made));
    }
}
