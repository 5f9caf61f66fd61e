package wildchalk.desktop.reps;

import java.util.List;
import java.util.function.BiConsumer;
import javafx.animation.PauseTransition;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import wildchalk.core.drill.Drill;
import wildchalk.core.reps.Outlook;
import wildchalk.core.runthrough.OwnFigures;
import wildchalk.core.turns.MoreTurns;
import wildchalk.core.turns.Proposal;
import wildchalk.core.words.RepsWriter;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Worker;
import wildchalk.desktop.ui.Ui;

/** What would give everybody more turns: tried when nothing has been dragged for a while; until then nothing here can be pressed. */
final class MoreTurnsBox extends VBox {

    private static final Duration QUIET = Duration.millis(250);

    private final DrillDocument document;
    private final Worker worker;
    private final BiConsumer<Proposal, String> taken;
    private final PauseTransition quiet = new PauseTransition(QUIET);

    /** @param taken told what was pressed, and what stood on it */
    MoreTurnsBox(DrillDocument document, BiConsumer<Proposal, String> taken) {
        super(4);
        this.document = document;
        this.worker = document.helper();
        this.taken = taken;
        setId("reps-more");
        managedProperty().bind(visibleProperty());
        setVisible(false);
    }

    /** Tries what there is for an outlook of a drill. */
    void show(Drill drill, Outlook outlook) {
        setDisable(true);
        worker.forget();
        quiet.setOnFinished(e -> ask(drill, outlook));
        quiet.playFromStart();
    }

    private void ask(Drill drill, Outlook outlook) {
        OwnFigures own = document.reader().figures();
        worker.ask(() -> MoreTurns.of(drill, outlook, own), found -> show(drill, outlook, found));
    }

    private void show(Drill drill, Outlook outlook, List<Proposal> found) {
        RepsWriter writer =
                new RepsWriter(outlook, drill.surface(), document.reader().unit());
        getChildren().setAll(RepsView.title(Ui.text("reps.more")));
        for (int i = 0; i < found.size(); i++) {
            Proposal p = found.get(i);
            Hyperlink does = new Hyperlink(writer.does(p));
            does.setId("reps-more-" + i);
            does.setWrapText(true);
            does.setOnAction(e -> taken.accept(p, does.getText()));
            Label gives = RepsView.line(writer.gives(p));
            gives.getStyleClass().add("quiet");
            getChildren().add(new VBox(does, gives));
        }
        setDisable(false);
        setVisible(!found.isEmpty());
    }

    void dispose() {
        quiet.stop();
        worker.close();
    }
}
