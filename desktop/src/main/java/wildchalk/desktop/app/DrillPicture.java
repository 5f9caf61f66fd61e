package wildchalk.desktop.app;

import javafx.application.Platform;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.ProgressionId;
import wildchalk.desktop.document.Worker;
import wildchalk.desktop.ui.FrameView;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Reader;
import wildchalk.picture.export.Told;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.style.Ground;

/** A drill as it stands at the whistle, with what is done first; worked out elsewhere, and said where it cannot be. */
final class DrillPicture extends StackPane implements AutoCloseable {

    private final Ground ground;
    private final Reader reader;
    private final Worker worker = new Worker(e -> Platform.runLater(() -> say(e)));

    DrillPicture(Ground ground, Reader reader) {
        this.ground = ground;
        this.reader = reader;
        getStyleClass().add("drill-picture");
        setMinSize(220, 150);
        setPrefSize(380, 230);
    }

    /** Shows a version of a drill, its base where it does not have that. */
    void show(Drill drill, ProgressionId version) {
        getChildren().setAll(new Label(Ui.text("states.drawing")));
        worker.ask(
                () -> Told.of(drill, drill.progression(version).orElseGet(drill::base), reader),
                told -> getChildren()
                        .setAll(new FrameView(
                                () -> Frame.ofStep(drill, told.path(), told.timeline(), 0), ground, reader.code())));
    }

    private void say(Throwable why) {
        Label label = new Label(Ui.text("states.no-picture", String.valueOf(why.getMessage())));
        label.setWrapText(true);
        getChildren().setAll(label);
    }

    @Override
    public void close() {
        worker.close();
    }
}
