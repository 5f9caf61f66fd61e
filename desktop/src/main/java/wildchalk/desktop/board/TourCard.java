package wildchalk.desktop.board;

import javafx.beans.value.ChangeListener;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ui.Ui;

/** Says in a corner of the board what to try next, six times; takes nothing over and can be sent away. */
final class TourCard extends HBox {

    private final DrillDocument document;
    private final Label asks = new Label();
    private final Button away = new Button(Ui.text("tour.away"));
    private int at;
    private final ChangeListener<Drill> changed = this::changed;
    private final ChangeListener<Boolean> played = (o, was, is) -> {
        if (is && at == TourStep.WATCH.ordinal()) {
            next();
        }
    };
    /** @param gone takes the card off the board */
    TourCard(DrillDocument document, Runnable gone) {
        super(12);
        this.document = document;
        setId("tour");
        getStyleClass().add("tour");
        setAlignment(Pos.CENTER_LEFT);
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        asks.setId("tour-asks");
        asks.setMinWidth(USE_PREF_SIZE);
        away.setId("tour-away");
        away.setMinWidth(USE_PREF_SIZE);
        away.setOnAction(e -> gone.run());
        getChildren().addAll(asks, away);
        document.drillProperty().addListener(changed);
        document.playingProperty().addListener(played);
        show();
    }

    private void changed(Object property, Drill was, Drill is) {
        Progression before = was.progression(document.versionProperty().get()).orElse(was.base());
        Progression after = is.progression(document.versionProperty().get()).orElse(is.base());
        if (at < TourStep.values().length && TourStep.values()[at].isDone(before, after)) {
            next();
        }
    }

    private void next() {
        at++;
        show();
    }

    private void show() {
        TourStep[] steps = TourStep.values();
        boolean over = at == steps.length;
        asks.setText(
                over ? Ui.text("tour.over") : Ui.text("tour.step", at + 1, steps.length, Ui.text("tour." + steps[at])));
        away.setText(Ui.text(over ? "tour.done" : "tour.away"));
    }

    void dispose() {
        document.drillProperty().removeListener(changed);
        document.playingProperty().removeListener(played);
    }
}
