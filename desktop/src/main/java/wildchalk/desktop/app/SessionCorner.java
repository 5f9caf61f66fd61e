package wildchalk.desktop.app;

import java.io.IOException;
import java.util.Optional;
import wildchalk.core.drill.Drill;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.session.SessionDesk;
import wildchalk.desktop.session.SessionDocument;
import wildchalk.desktop.session.SessionView;
import wildchalk.desktop.ui.Failures;
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
            view = new SessionView(new SessionDesk(shell::binder, this::openDrill, faults), faults);
            view.onChanged(changed);
        }
        return view;
    }

    /** A drill of a session, from its file in the binder. */
    private void openDrill(Drill drill) {
        try {
            shell.binder().drills().stream()
                    .filter(e ->
                            e.content().filter(c -> c.value().equals(drill)).isPresent())
                    .findFirst()
                    .ifPresent(e -> shell.openFile(e.file()));
        } catch (IOException e) {
            shell.error(Failures.said(e));
        }
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
