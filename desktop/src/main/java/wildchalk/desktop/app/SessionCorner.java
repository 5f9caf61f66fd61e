package wildchalk.desktop.app;

import java.util.Optional;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.session.SessionDesk;
import wildchalk.desktop.session.SessionDocument;
import wildchalk.desktop.session.SessionView;
import wildchalk.desktop.ui.Place;

/** The Session place in the window: made when it is first shown. */
final class SessionCorner {

    private final Shell shell;
    private final Faults faults;
    private SessionView view;

    SessionCorner(Shell shell, Faults faults) {
        this.shell = shell;
        this.faults = faults;
    }

    /** @param changed runs whenever something is shown that the bar should know */
    SessionView view(Runnable changed) {
        if (view == null) {
            view = new SessionView(new SessionDesk(shell::binder, shell::openFile, faults), faults);
            view.onChanged(changed);
        }
        return view;
    }

    boolean is(Place place) {
        return view != null && view == place;
    }

    /** The session that is open, where it is what is seen. */
    Optional<SessionDocument> open(Place place) {
        return is(place) ? view.document() : Optional.empty();
    }

    /** What was written last is in its file by then. */
    void close() {
        if (view != null) {
            view.close();
        }
    }
}
