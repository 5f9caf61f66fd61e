package wildchalk.desktop.board;

import java.util.List;
import java.util.function.Supplier;
import javafx.beans.value.ChangeListener;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.reps.RepsView;
import wildchalk.desktop.talk.FindingsList;
import wildchalk.desktop.talk.TalkView;
import wildchalk.desktop.ui.Grip;
import wildchalk.desktop.ui.Tips;
import wildchalk.desktop.ui.Ui;

/** Beside the board: the talk-through, what the second look has found, and what minutes of it give; all close to the edge of the window. */
final class SidePanel extends HBox {

    private final BoardSizes sizes;
    private final TalkView talk;
    private final FindingsList look;
    private final InspectBar inspect;
    /** What the second look has found, under what is looked at in one moment. */
    private final VBox looks;

    private final Supplier<RepsView> makesReps;
    /** Made when somebody first asks for it. */
    private RepsView reps;

    private final ToggleButton words = new ToggleButton(Ui.text("panel.words"));
    private final ToggleButton turns = new ToggleButton(Ui.text("panel.reps"));
    private final ToggleButton found = new ToggleButton(Ui.text("panel.look"));
    private final Label badge = new Label();
    private final StackPane content = new StackPane();
    private Runnable gone = () -> {};
    private final VBox whole = new VBox();
    private final Grip grip;
    private final Button open = new Button("\u2039");
    private final ChangeListener<Object> layout = (o, a, b) -> layOut();

    SidePanel(DrillDocument document, BoardSizes sizes, TalkView talk, BoardView board, Supplier<RepsView> reps) {
        this.sizes = sizes;
        this.talk = talk;
        this.look = new FindingsList(document);
        this.makesReps = reps;
        this.inspect = new InspectBar(document, board);
        this.looks = new VBox(inspect, look);
        VBox.setVgrow(look, Priority.ALWAYS);
        this.grip = Grip.left(
                sizes.panelWidthProperty(), BoardSizes.LEAST_PANEL, BoardSizes.MOST_PANEL, Ui.text("panel.width"));
        getStyleClass().add("side-panel");
        words.setId("words");
        words.getStyleClass().add("tab");
        words.setOnAction(e -> leaveFor(talk));
        Tips.on(words, Ui.text("panel.words.tip"));
        found.setId("look");
        found.getStyleClass().add("tab");
        found.setGraphic(badge);
        found.setContentDisplay(ContentDisplay.RIGHT);
        found.setOnAction(e -> leaveFor(looks));
        Tips.on(found, Ui.text("panel.look.tip"));
        turns.setId("reps");
        turns.getStyleClass().add("tab");
        turns.setOnAction(e -> leaveFor(reps()));
        Tips.on(turns, Ui.text("panel.reps.tip"));
        badge.getStyleClass().add("badge");
        badge.textProperty().bind(look.countProperty());
        badge.visibleProperty().bind(look.countProperty().isNotEmpty());
        badge.managedProperty().bind(badge.visibleProperty());
        found.accessibleTextProperty().bind(look.saidProperty().map(s -> Ui.text("panel.look.said", s)));
        Button close = new Button("\u203a");
        close.setId("panel-close");
        close.getStyleClass().add("edge");
        close.setAccessibleText(Ui.text("panel.close"));
        Tips.on(close, Ui.text("panel.close"));
        close.setOnAction(e -> sizes.panelProperty().set(false));
        open.setId("panel-open");
        open.getStyleClass().addAll("edge", "tall");
        open.setAccessibleText(Ui.text("panel.open"));
        Tips.on(open, Ui.text("panel.open"));
        open.setMaxHeight(Double.MAX_VALUE);
        open.setOnAction(e -> sizes.panelProperty().set(true));
        HBox tabs = new HBox(words, found, turns);
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox.setHgrow(found, Priority.ALWAYS);
        HBox.setHgrow(turns, Priority.ALWAYS);
        words.setMaxWidth(Double.MAX_VALUE);
        found.setMaxWidth(Double.MAX_VALUE);
        turns.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(tabs, Priority.ALWAYS);
        HBox head = new HBox(tabs, close);
        head.getStyleClass().add("tabs");
        VBox.setVgrow(content, Priority.ALWAYS);
        HBox.setHgrow(whole, Priority.ALWAYS);
        whole.getChildren().addAll(head, content);
        whole.setMinWidth(0);
        look.setVisible(false);
        sizes.panelProperty().addListener(layout);
        sizes.panelWidthProperty().addListener(layout);
        show(talk);
        layOut();
    }

    private RepsView reps() {
        if (reps == null) {
            reps = makesReps.get();
        }
        return reps;
    }

    /** The talk-through comes to be seen. */
    void showWords() {
        show(talk);
    }

    /** @param gone told when somebody leaves what was shown in the place of both */
    void onLeave(Runnable gone) {
        this.gone = gone;
    }

    private void leaveFor(Node tab) {
        gone.run();
        show(tab);
    }

    /** Something else in the place of both, until one of them is shown again. */
    void show(Node node) {
        look.setVisible(node == looks);
        if (reps != null) {
            reps.setVisible(node == reps);
        }
        content.getChildren().setAll(node);
        words.setSelected(node == talk);
        found.setSelected(node == looks);
        turns.setSelected(reps != null && node == reps);
    }

    private void layOut() {
        boolean shown = sizes.panelProperty().get();
        getChildren().setAll(shown ? List.of(grip, whole) : List.of(open));
        double wide = shown ? sizes.panelWidthProperty().get() : USE_COMPUTED_SIZE;
        setMinWidth(shown ? wide : USE_PREF_SIZE);
        setPrefWidth(wide);
        setMaxWidth(shown ? wide : USE_PREF_SIZE);
    }

    void dispose() {
        look.dispose();
        inspect.dispose();
        if (reps != null) {
            reps.dispose();
        }
        sizes.panelProperty().removeListener(layout);
        sizes.panelWidthProperty().removeListener(layout);
    }
}
