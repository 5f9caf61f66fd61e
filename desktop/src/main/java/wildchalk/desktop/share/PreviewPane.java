package wildchalk.desktop.share;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextAlignment;
import javafx.util.Duration;
import wildchalk.core.progress.Progress;
import wildchalk.desktop.ui.Failures;
import wildchalk.desktop.ui.Images;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Preview;

/** Shows what would be written: made beside the window, the last that was asked for wins. */
final class PreviewPane extends VBox {

    static final int WIDTH = 480;
    static final int HEIGHT = 400;

    /** Whoever leafs through choices is not kept busy with each of them. */
    private static final Duration PATIENCE = Duration.millis(120);

    /** Makes what is shown. */
    interface Work {
        Preview make(Progress progress) throws IOException;
    }

    private final ImageView picture = new ImageView();
    private final ProgressBar progress = new ProgressBar();
    private final Label about = new Label();
    private final Button back = new Button("‹");
    private final Button on = new Button("›");
    private final Label which = new Label();
    private final PauseTransition patience = new PauseTransition(PATIENCE);
    private final AtomicInteger asked = new AtomicInteger();
    private final BooleanProperty refused = new SimpleBooleanProperty();
    private final ExecutorService maker = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "wildchalk-preview");
        thread.setDaemon(true);
        return thread;
    });
    private List<Image> pictures = List.of();
    private int shown;

    PreviewPane() {
        super(8);
        setId("preview");
        picture.setId("preview-picture");
        picture.setPreserveRatio(true);
        picture.setFitWidth(WIDTH);
        picture.setFitHeight(HEIGHT);
        progress.setPrefWidth(WIDTH / 2.0);
        StackPane frame = new StackPane(picture, progress);
        frame.setMinSize(WIDTH, HEIGHT);
        frame.setPrefSize(WIDTH, HEIGHT);
        about.setId("preview-about");
        about.setWrapText(true);
        about.setMaxWidth(WIDTH);
        about.setAlignment(Pos.CENTER);
        about.setTextAlignment(TextAlignment.CENTER);
        which.setId("preview-which");
        back.setId("preview-back");
        on.setId("preview-on");
        back.setAccessibleText(Ui.text("share.back"));
        on.setAccessibleText(Ui.text("share.on"));
        back.setOnAction(e -> turn(-1));
        on.setOnAction(e -> turn(1));
        HBox pages = new HBox(8, back, which, on);
        pages.setAlignment(Pos.CENTER);
        pages.visibleProperty().bind(which.textProperty().isNotEmpty());
        setAlignment(Pos.TOP_CENTER);
        getChildren().addAll(frame, pages, about);
        show(List.of());
    }

    /** Whether what is wanted cannot be made; why stands where the length would. */
    BooleanProperty refusedProperty() {
        return refused;
    }

    /** Shows something else, once nobody has asked for yet another for a moment. */
    void ask(Work work) {
        int number = asked.incrementAndGet();
        progress.setVisible(true);
        progress.setProgress(ProgressBar.INDETERMINATE_PROGRESS);
        patience.setOnFinished(e -> maker.execute(() -> make(number, work)));
        patience.playFromStart();
    }

    /** Makes no more. */
    void close() {
        asked.incrementAndGet();
        patience.stop();
        maker.shutdown();
    }

    private void make(int number, Work work) {
        try {
            Preview made = work.make(fraction -> {
                Platform.runLater(() -> tell(number, fraction));
                return number == asked.get();
            });
            List<Image> images = new ArrayList<>();
            made.pictures().forEach(p -> images.add(Images.of(p)));
            Platform.runLater(() -> arrived(number, images, made.about(), false));
        } catch (CancellationException overtaken) {
            // somebody wants to see something else by now
        } catch (IOException | RuntimeException why) {
            Platform.runLater(() -> arrived(number, List.of(), Failures.said(why), true));
        }
    }

    private void tell(int number, double fraction) {
        if (number == asked.get()) {
            progress.setProgress(fraction);
        }
    }

    private void arrived(int number, List<Image> images, String said, boolean cannot) {
        if (number == asked.get()) {
            progress.setVisible(false);
            about.getStyleClass().removeAll("finding");
            if (cannot) {
                about.getStyleClass().add("finding");
            }
            refused.set(cannot);
            show(images);
            // last: whoever reads it finds the rest as it says
            about.setText(said);
        }
    }

    private void show(List<Image> images) {
        pictures = images;
        shown = Math.max(0, Math.min(shown, images.size() - 1));
        turn(0);
    }

    private void turn(int by) {
        shown += by;
        picture.setImage(pictures.isEmpty() ? null : pictures.get(shown));
        which.setText(pictures.size() < 2 ? "" : Ui.text("share.which", shown + 1, pictures.size()));
        back.setDisable(shown == 0);
        on.setDisable(shown + 1 >= pictures.size());
    }
}
