package wildchalk.desktop.session;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.stage.Window;
import wildchalk.core.progress.Progress;
import wildchalk.core.session.Clash;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.words.PlanWriter;
import wildchalk.desktop.session.SessionDocument.Worked;
import wildchalk.desktop.share.HandingOut;
import wildchalk.desktop.ui.LazyMenu;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Reader;
import wildchalk.picture.handout.Handout;
import wildchalk.picture.handout.Handouts;
import wildchalk.picture.handout.HourTold;

/** What can be handed out of the session that is open, as it has been worked out. */
final class HandOutMenu {

    private final SessionDesk desk;
    private final HandingOut handing;
    private Optional<LinksWindow> links = Optional.empty();

    HandOutMenu(SessionDesk desk) {
        this.desk = desk;
        this.handing = new HandingOut(desk.dialogs());
    }

    void fill(LazyMenu menu, SessionDocument open) {
        menu.getItems().clear();
        for (List<Handout> group : Handouts.MENU) {
            if (!menu.getItems().isEmpty()) {
                menu.getItems().add(new SeparatorMenuItem());
            }
            group.forEach(kind -> menu.getItems().add(item(menu, open, kind)));
        }
        menu.getItems().addAll(new SeparatorMenuItem(), links(menu, open));
    }

    private MenuItem links(LazyMenu menu, SessionDocument open) {
        MenuItem item = new MenuItem(Ui.text("links.menu"));
        item.setId("hand-out-links");
        item.setDisable(open.workedProperty().get() == null);
        item.setOnAction(e -> {
            Window owner = menu.getScene().getWindow();
            links.filter(l -> l.stage().isShowing()).ifPresent(l -> l.stage().close());
            LinksWindow window =
                    new LinksWindow(new Serving(desk, open), menu.getScene().getStylesheets());
            window.stage().initOwner(owner);
            links = Optional.of(window);
            window.open();
        });
        return item;
    }

    /** What is served ends with the window in which it was asked for. */
    void close() {
        links.ifPresent(l -> l.stage().close());
    }

    private MenuItem item(LazyMenu menu, SessionDocument open, Handout kind) {
        MenuItem item = new MenuItem(kind.title());
        item.setId("hand-out-" + kind.id());
        item.setDisable(open.workedProperty().get() == null);
        item.setOnAction(e -> ask(menu, open, kind));
        return item;
    }

    private void ask(LazyMenu menu, SessionDocument open, Handout kind) {
        Worked worked = open.workedProperty().get();
        if (worked == null) {
            return;
        }
        Reader reader = desk.reader();
        PlanWriter writer = new PlanWriter(worked.plan(), worked.squad());
        // what somebody is not to do is nobody's business but the coach's, who reads it in the Session place
        List<String> clashes = worked.plan().clashes().stream()
                .filter(c -> c.kind().isGrave() && c.kind() != Clash.Kind.RESTRAINT)
                .map(writer::clash)
                .toList();
        Map<PlayerId, String> players = new LinkedHashMap<>();
        worked.plan().present().forEach(p -> players.put(p, writer.name(p.text())));
        handing.ask(
                menu.getScene().getWindow(),
                kind,
                worked.plan().session().title(),
                desk.binder().folder(),
                () -> HourTold.of(worked.plan(), worked.squad(), reader, Progress.NONE),
                players,
                clashes);
    }
}
