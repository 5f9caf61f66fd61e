package wildchalk.desktop.ladder;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import javafx.stage.Window;
import wildchalk.core.ladder.ChangeMarks;
import wildchalk.core.text.Numbers;
import wildchalk.core.words.ChangeWriter;
import wildchalk.desktop.ui.FrameView;
import wildchalk.desktop.ui.Ticker;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Told;
import wildchalk.picture.paint.Extra;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.style.Ground;

/** Two versions of a drill side by side, playing in step: the whistle is the same for both. */
public final class CompareWindow {

    private final Told before;
    private final Told after;
    private final FrameView left;
    private final FrameView right;
    private final Slider time = new Slider();
    private final Button play = new Button();
    private final Label clock = new Label();
    private final CheckBox marks = new CheckBox(Ui.text("compare.marks"));
    private final Stage stage = new Stage();
    private final double seconds;
    private boolean playing;

    private CompareWindow(Told before, Told after, Ground ground) {
        this.before = before;
        this.after = after;
        this.seconds = Math.max(before.timeline().seconds(), after.timeline().seconds());
        left = new FrameView(
                () -> frame(before, Optional.empty()), ground, before.reader().code());
        ChangeMarks changes = ChangeMarks.between(before.path(), after.path());
        right = new FrameView(
                () -> frame(after, Optional.of(changes).filter(c -> marks.isSelected())),
                ground,
                after.reader().code());
    }

    /** Opens the window: the first version on the left. */
    public static void show(Window owner, Told before, Told after, Ground ground) {
        new CompareWindow(before, after, ground).open(owner);
    }

    private void open(Window owner) {
        marks.setId("compare-marks");
        marks.setSelected(true);
        marks.selectedProperty().addListener((o, a, b) -> paint());
        play.setId("compare-play");
        play.getStyleClass().add("accent-button");
        play.setOnAction(e -> toggle());
        time.setId("compare-time");
        time.setMax(Math.max(0.1, seconds));
        time.setBlockIncrement(0.1);
        time.setAccessibleText(Ui.text("strip.accessible"));
        time.valueProperty().addListener((o, a, b) -> paint());
        HBox.setHgrow(time, Priority.ALWAYS);
        Button close = new Button(Ui.text("compare.close"));
        close.setId("compare-close");
        close.setOnAction(e -> stage.close());
        HBox transport = new HBox(play, time, clock, marks, close);
        transport.getStyleClass().add("transport");
        transport.setAlignment(Pos.CENTER_LEFT);
        HBox boards = new HBox(side(before, left), side(after, right));
        boards.getStyleClass().add("compare-boards");
        VBox.setVgrow(boards, Priority.ALWAYS);
        VBox middle = new VBox(boards, words());
        BorderPane root = new BorderPane(middle);
        root.setBottom(transport);
        root.getStyleClass().addAll("shell", "compare");
        Scene scene = new Scene(root, owner.getWidth() * 0.96, owner.getHeight() * 0.92);
        scene.getStylesheets().setAll(owner.getScene().getStylesheets());
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        stage.initOwner(owner);
        stage.setTitle(Ui.text("compare.title", after.drill().title()));
        stage.setScene(scene);
        Ticker ticker = Ticker.start(this::tick);
        stage.setOnHidden(e -> ticker.stop());
        showPlaying(false);
        stage.show();
    }

    private static Node side(Told told, FrameView view) {
        Label title = new Label(told.run().version().title());
        title.getStyleClass().add("side-title");
        Label about = new Label(Ui.text(
                "compare.about",
                Numbers.seconds(told.timeline().seconds()),
                told.path().roles().size(),
                told.path().steps().size()));
        about.getStyleClass().add("quiet");
        HBox head = new HBox(10, title, about);
        head.setAlignment(Pos.BASELINE_LEFT);
        VBox.setVgrow(view, Priority.ALWAYS);
        VBox box = new VBox(6, head, view);
        HBox.setHgrow(box, Priority.ALWAYS);
        box.setPrefWidth(400);
        return box;
    }

    private Node words() {
        List<String> lines = ChangeWriter.between(
                after.drill(),
                before.run().version(),
                after.run().version(),
                after.reader().unit());
        VBox box = new VBox(3);
        box.setId("compare-words");
        box.getStyleClass().add("compare-words");
        Label head = new Label(Ui.text("compare.changes"));
        head.getStyleClass().add("side-title");
        box.getChildren().add(head);
        for (String line : lines.isEmpty() ? List.of(Ui.text("compare.same")) : lines) {
            Label label = new Label(line);
            label.setWrapText(true);
            box.getChildren().add(label);
        }
        ScrollPane scroll = new ScrollPane(box);
        scroll.setFitToWidth(true);
        scroll.setPrefHeight(170);
        scroll.setMinHeight(110);
        scroll.getStyleClass().add("talk-scroll");
        return scroll;
    }

    private Frame frame(Told told, Optional<ChangeMarks> changes) {
        double t = Math.min(time.getValue(), told.timeline().seconds());
        return new Frame(
                        told.drill(),
                        told.path(),
                        told.timeline(),
                        t,
                        told.timeline().stepIndexAt(t),
                        true,
                        Set.of())
                .with(Extra.NONE.withChanges(changes));
    }

    private void key(KeyEvent e) {
        if (e.getCode() == KeyCode.ESCAPE) {
            stage.close();
        } else if (e.getCode() == KeyCode.SPACE) {
            toggle();
            e.consume();
        }
    }

    private void toggle() {
        if (!playing && time.getValue() >= seconds - 1e-6) {
            time.setValue(0);
        }
        showPlaying(!playing);
    }

    private void showPlaying(boolean on) {
        playing = on;
        play.setText(Ui.text(on ? "strip.pause" : "strip.play"));
        paint();
    }

    private void tick(double elapsed) {
        if (playing) {
            time.setValue(Math.min(seconds, time.getValue() + elapsed));
            if (time.getValue() >= seconds) {
                showPlaying(false);
            }
        }
    }

    private void paint() {
        clock.setText(Ui.text("strip.time", Numbers.fixed(time.getValue(), 1)));
        left.paint();
        right.paint();
    }
}
