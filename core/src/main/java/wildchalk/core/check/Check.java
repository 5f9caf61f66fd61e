package wildchalk.core.check;

import java.util.List;
import wildchalk.core.finding.Finding;
import wildchalk.core.runthrough.RunThrough;

/** One rule of the second look. */
@FunctionalInterface
public interface Check {

    /** All that it finds in a run-through, in a stable order. */
    List<Finding> of(RunThrough run);
}
