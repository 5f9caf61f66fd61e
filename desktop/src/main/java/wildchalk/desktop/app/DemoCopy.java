package wildchalk.desktop.app;

import java.nio.file.Path;
import java.util.Optional;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import wildchalk.core.binder.Binder;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.edit.Edit;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.Saying;
import wildchalk.desktop.ui.Errand;
import wildchalk.desktop.ui.Failures;
import wildchalk.desktop.ui.Ui;

/** What is special where somebody works in a copy of the demo: a tour is offered, and the copy can become a binder of one's own. */
final class DemoCopy {

    private final Shell shell;
    private final BooleanProperty isCopy = new SimpleBooleanProperty();

    DemoCopy(Shell shell) {
        this.shell = shell;
    }

    /** Whether the binder is a copy that the next start does not find again. */
    BooleanProperty isCopyProperty() {
        return isCopy;
    }

    /** Asks for a folder, copies the binder into it, and goes on working there: with the drill that is open, saved or not. */
    void keep() {
        Binder demo = shell.binder();
        Path home = Path.of(System.getProperty("user.home"));
        shell.dialogs()
                .folder(shell.stage(), home)
                .ifPresent(parent -> Errand.run(
                        shell.stage(),
                        Ui.text("binder.keeping", demo.folder().getFileName()),
                        progress -> demo.copyInto(parent, progress),
                        own -> goOnIn(demo, own),
                        why -> shell.error(Failures.said(why)),
                        () -> shell.say(Ui.text("share.stopped"))));
    }

    private void goOnIn(Binder demo, Binder own) {
        Optional<Path> open = shell.document().flatMap(d -> d.file());
        shell.use(own);
        open.filter(f -> f.startsWith(demo.folder()))
                .ifPresent(f -> shell.moved(
                        f, own.folder().resolve(demo.folder().relativize(f).toString())));
        if (!shell.isOnBoard()) {
            shell.showBinder();
        }
        shell.say(Ui.text("binder.kept", own.folder()));
    }

    // ---- the tour ----

    /** Opens a small drill of its own and asks for six short pulls. */
    void startTour() {
        if (shell.mayLeave()) {
            Drill blank = Drill.blank(Ui.text("tour.title"), new SurfaceUse("handball", "half-right"), Audience.USUAL);
            wildchalk.core.path.Path path = wildchalk.core.path.Path.usual(blank.base());
            Edit setOut = Saying.edit(blank, path, path.steps().get(0).id(), LengthUnit.METRES, Ui.text("tour.said"));
            shell.startNew(setOut.applyTo(blank, path.id()).drill());
            shell.board().orElseThrow().startTour();
        }
    }

    /** Offered once, to somebody who looks at the demo for the first time. */
    void offerTour() {
        if (!shell.settings().knowsTour()) {
            shell.board()
                    .ifPresent(b -> b.offerTour(yes -> {
                        shell.settings().tourSeen();
                        if (yes) {
                            startTour();
                        }
                    }));
        }
    }
}
