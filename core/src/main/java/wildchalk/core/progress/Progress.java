package wildchalk.core.progress;

import java.util.concurrent.CancellationException;

/** Is told how far a long piece of work has come, and may stop it. */
@FunctionalInterface
public interface Progress {

    /** For whoever does not want to know. */
    Progress NONE = fraction -> true;

    /**
     * @param fraction done so far, 0 to 1
     * @return false to stop
     */
    boolean at(double fraction);

    /** Tells, and stops the work with an exception when asked to. */
    static void tell(Progress progress, double fraction) {
        if (!progress.at(fraction)) {
            throw new CancellationException("The work was stopped.");
        }
    }
}
