package wildchalk.desktop.app;

import wildchalk.desktop.document.Faults;

/** Hears what nobody has caught: the work goes on, what was done stays in its journal, and the window says that something failed. */
final class LastResort {

    private LastResort() {}

    static void install(Faults faults) {
        Thread.setDefaultUncaughtExceptionHandler((thread, failure) -> faults.told(Faults.Kind.UNEXPECTED, failure));
    }
}
