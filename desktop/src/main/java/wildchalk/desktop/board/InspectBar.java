package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.value.ChangeListener;
import javafx.geometry.Pos;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.inspect.Inspection;
import wildchalk.core.words.InspectWriter;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ui.NextFrame;
import wildchalk.desktop.ui.Shown;
import wildchalk.desktop.ui.Tips;
import wildchalk.desktop.ui.Ui;

/** What is looked at in the moment under the playhead: chosen here, drawn on the board, and said below. */
final class InspectBar extends VBox {

    /** While a drill plays, what is said changes no more often than this (s): nobody reads faster. */
    private static final double READ_SECONDS = 0.5;

    private final DrillDocument document;
    private final BoardView board;
    private final VBox said = new VBox(4);
    private final ChangeListener<Object> refresh = (o, a, b) -> soon();
    private boolean due;
    private double saidAt = -1;

    InspectBar(DrillDocument document, BoardView board) {
        this.document = document;
        this.board = board;
        setId("inspect-bar");
        getStyleClass().add("inspect");
        ChoiceBox<Optional<Inspection.Kind>> what = new ChoiceBox<>();
        what.setId("inspect");
        List<Optional<Inspection.Kind>> kinds = new ArrayList<>(List.of(Optional.empty()));
        for (Inspection.Kind kind : Inspection.Kind.values()) {
            kinds.add(Optional.of(kind));
        }
        what.getItems().setAll(kinds);
        what.setConverter(Shown.by(k -> Ui.text("inspect." + k.map(Enum::name).orElse("NOTHING"))));
        what.valueProperty().bindBidirectional(board.inspectingProperty());
        what.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(what, Priority.ALWAYS);
        Tips.on(what, Ui.text("inspect.tip"));
        Label name = new Label(Ui.text("inspect"));
        name.setLabelFor(what);
        name.setMinWidth(Region.USE_PREF_SIZE);
        HBox row = new HBox(10, name, what);
        row.setAlignment(Pos.CENTER_LEFT);
        said.setId("inspect-said");
        said.managedProperty().bind(said.visibleProperty());
        getChildren().addAll(row, said);
        board.inspectingProperty().addListener((o, a, b) -> {
            saidAt = -1;
            soon();
        });
        document.toldProperty().addListener(refresh);
        document.secondsProperty().addListener(refresh);
        document.playingProperty().addListener(refresh);
        say();
    }

    private void soon() {
        boolean waits = document.playingProperty().get()
                && Math.abs(document.secondsProperty().get() - saidAt)
                        < READ_SECONDS * document.speedProperty().get();
        if (!due && !waits && board.inspectingProperty().get().isPresent()) {
            due = true;
            NextFrame.run(() -> {
                due = false;
                say();
            });
        } else if (board.inspectingProperty().get().isEmpty()) {
            say();
        }
    }

    private void say() {
        Optional<Inspection> now = board.inspection();
        said.setVisible(now.isPresent());
        said.getChildren().clear();
        saidAt = document.secondsProperty().get();
        now.ifPresent(i -> new InspectWriter(
                        document.told().path(),
                        document.drill().surface(),
                        document.reader().unit())
                .said(i)
                .forEach(text -> {
                    Label line = new Label(text);
                    line.setWrapText(true);
                    line.setMinHeight(Region.USE_PREF_SIZE);
                    said.getChildren().add(line);
                }));
    }

    void dispose() {
        document.toldProperty().removeListener(refresh);
        document.secondsProperty().removeListener(refresh);
        document.playingProperty().removeListener(refresh);
    }
}
