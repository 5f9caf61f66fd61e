package wildchalk.core.check;

import java.util.List;
import wildchalk.core.drill.ElementId;
import wildchalk.core.finding.Finding;

/** What makes two findings one: the rule and what they are about, not their figures. */
record Key(String rule, List<ElementId> about, String name) {

    static Key of(Finding f) {
        return new Key(f.rule(), f.about(), f.name());
    }
}
