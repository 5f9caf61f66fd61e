package wildchalk.desktop.document;

import java.util.List;
import java.util.Optional;
import wildchalk.core.edit.Edit;

/** Asks how far an edit may go that would take something away which other versions have set themselves. */
@FunctionalInterface
public interface Consent {

    /** The edit flows on without a question. */
    Consent ALWAYS = (label, losses) -> Optional.of(Edit.Flow.DOWN);

    /**
     * Asks.
     *
     * @param label what is to be done
     * @param losses what each version would lose
     * @return empty where it is not to be done at all
     */
    Optional<Edit.Flow> to(String label, List<Edit.Loss> losses);
}
