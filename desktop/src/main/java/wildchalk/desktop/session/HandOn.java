package wildchalk.desktop.session;

import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javafx.scene.control.Alert;
import javafx.stage.Window;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.Bundle;
import wildchalk.core.drill.DrillId;
import wildchalk.core.session.Session;
import wildchalk.core.session.What;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Errand;
import wildchalk.desktop.ui.SaveQuestion;
import wildchalk.desktop.ui.Ui;

/** A session and its drills as a bundle; its squad and log only for the staff. */
final class HandOn {

    private HandOn() {}

    /** The drills that a session names. */
    static Set<DrillId> drills(Session session) {
        Set<DrillId> ids = new HashSet<>();
        session.blocks().forEach(b -> {
            if (b.what() instanceof What.Drilling d) {
                d.stations().forEach(s -> ids.add(s.drill()));
            }
        });
        return ids;
    }

    static void ask(Window owner, SessionDesk desk, SessionDocument open, boolean staff) {
        Binder binder = desk.binder();
        List<Path> drills = desk.files(drills(open.session()));
        String name = open.file().getParent().getFileName().toString();
        SaveQuestion.ask(desk.dialogs(), owner, binder.folder(), name, Bundle.SUFFIX)
                .ifPresent(target -> Errand.run(
                        owner,
                        Ui.text("errand.handing-on", target.getFileName()),
                        progress -> {
                            open.written().join();
                            Bundle.pack(target, drills, List.of(open.file()), staff, binder, progress);
                            return target;
                        },
                        made -> say(owner, Alert.AlertType.INFORMATION, Ui.text("share.done", made)),
                        why -> say(owner, Alert.AlertType.ERROR, target + ": " + why.getMessage()),
                        () -> say(owner, Alert.AlertType.INFORMATION, Ui.text("share.stopped"))));
    }

    private static void say(Window owner, Alert.AlertType type, String message) {
        Alert alert = new Alert(type, message);
        alert.setHeaderText(null);
        Dialogs.dress(alert, owner);
        alert.showAndWait();
    }
}
