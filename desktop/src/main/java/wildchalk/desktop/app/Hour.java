package wildchalk.desktop.app;

import java.nio.file.Path;
import java.util.Optional;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.log.LogDesk;
import wildchalk.desktop.log.LogView;
import wildchalk.desktop.session.SessionDesk;
import wildchalk.desktop.session.SessionDocument;
import wildchalk.desktop.session.SessionView;
import wildchalk.desktop.ui.Place;

/** The places of the hour: planning it, running it, and what it was. Each is made when it is first shown. */
final class Hour {

    private final Shell shell;
    private final Faults faults;
    private final WhistleCorner whistle;
    private SessionView session;
    private LogView log;

    Hour(Shell shell, Faults faults) {
        this.shell = shell;
        this.faults = faults;
        this.whistle = new WhistleCorner(shell, faults);
    }

    private SessionView session() {
        if (session == null) {
            session = new SessionView(
                    new SessionDesk(shell::binder, shell::openFile, shell.dialogs(), faults, shell::reader), faults);
            session.onChanged(shell::refreshBar);
            session.onRun(this::showWhistle);
        }
        return session;
    }

    void showSession() {
        shell.show(session());
    }

    /** Opens a session, and shows it. */
    void showSession(Path file) {
        showSession();
        session().open(file);
    }

    void showWhistle() {
        whistle.show(
                Optional.ofNullable(session).flatMap(SessionView::document),
                session().next());
    }

    WhistleCorner whistle() {
        return whistle;
    }

    private LogView log() {
        if (log == null) {
            log = new LogView(new LogDesk(shell::binder, this::showSession, shell.dialogs(), faults));
        }
        return log;
    }

    void showLog() {
        shell.show(log());
    }

    /** Shows the log of a session. */
    void showLog(Path session) {
        log().choose(session);
        showLog();
    }

    boolean isSession(Place place) {
        return session != null && session == place;
    }

    boolean isLog(Place place) {
        return log != null && log == place;
    }

    /** The session that is open, where it is what is seen. */
    Optional<SessionDocument> open(Place place) {
        return isSession(place) ? session.document() : Optional.empty();
    }

    /** What was written last is in its file by then; what runs can be gone on with. */
    void close() {
        if (session != null) {
            session.close();
        }
        whistle.close();
    }
}
