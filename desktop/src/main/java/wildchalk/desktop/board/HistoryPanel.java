package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.List;
import javafx.beans.value.ChangeListener;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ui.Ui;

/** Everything that was done since the drill was opened, by name; pressing a line goes there. */
final class HistoryPanel extends VBox {

    /** A line of the list: how many edits are done when it is reached. */
    private record Line(int edits, String text, boolean undone) {}

    private final DrillDocument document;
    private final ListView<Line> list = new ListView<>();
    private final ChangeListener<Object> refresh = (o, a, b) -> refresh();
    private boolean filling;

    /** @param back closes the list */
    HistoryPanel(DrillDocument document, Runnable back) {
        this.document = document;
        getStyleClass().add("history");
        Label title = new Label(Ui.text("history.title"));
        title.getStyleClass().add("side-title");
        list.setId("history-list");
        list.setCellFactory(view -> new ListCell<>() {
            @Override
            protected void updateItem(Line line, boolean empty) {
                super.updateItem(line, empty);
                setText(empty ? null : line.text());
                setOpacity(!empty && line.undone() ? 0.6 : 1);
            }
        });
        list.getSelectionModel().selectedItemProperty().addListener((o, was, is) -> {
            if (is != null && !filling) {
                document.goToEdit(is.edits());
            }
        });
        VBox.setVgrow(list, Priority.ALWAYS);
        Button talk = new Button(Ui.text("history.back"));
        talk.setId("history-back");
        talk.setOnAction(e -> back.run());
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox head = new HBox(title, gap, talk);
        head.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(head, list);
        document.drillProperty().addListener(refresh);
        refresh();
    }

    private void refresh() {
        filling = true;
        List<Line> lines = new ArrayList<>();
        lines.add(new Line(0, Ui.text("history.start"), false));
        for (String label : document.doneLabels()) {
            lines.add(new Line(lines.size(), label, false));
        }
        int now = lines.size() - 1;
        for (String label : document.undoneLabels()) {
            lines.add(new Line(lines.size(), Ui.text("history.undone", label), true));
        }
        list.getItems().setAll(lines);
        list.getSelectionModel().select(now);
        list.scrollTo(now);
        filling = false;
    }

    void dispose() {
        document.drillProperty().removeListener(refresh);
    }
}
