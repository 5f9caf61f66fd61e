package wildchalk.desktop.app;

import wildchalk.core.binder.Journal;
import wildchalk.desktop.document.Faults;

/** Tells the window how the journal of the open drill fares. */
record JournalWatch(Faults faults) implements Journal.Listener {

    @Override
    public void failing(Throwable why) {
        faults.told(Faults.Kind.JOURNAL, why);
    }

    @Override
    public void keeping() {
        faults.mended(Faults.Kind.JOURNAL);
    }
}
