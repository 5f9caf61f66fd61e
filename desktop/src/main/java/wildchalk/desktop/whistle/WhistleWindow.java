package wildchalk.desktop.whistle;

import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.beans.binding.Bindings;
import javafx.collections.ObservableList;
import javafx.scene.Scene;
import javafx.stage.Stage;
import javafx.util.Duration;
import wildchalk.desktop.document.Faults;

/** The window of a run. Closing it stops nothing: it can be opened again, and what is to be heard is heard. */
public final class WhistleWindow {

    private static final double TICK_MILLIS = 100;

    private final RunDocument document;
    private final WhistleView view;
    private final Stage stage = new Stage();
    private final Timeline ticking;

    /**
     * @param sheets of the window that it belongs to: it is dressed alike, now and later
     * @param finished when the run is over and its log written
     */
    public WhistleWindow(RunDocument document, ObservableList<String> sheets, Faults faults, Runnable finished) {
        this.document = document;
        this.view = new WhistleView(
                document,
                new WhistleView.Around() {
                    @Override
                    public void leave() {
                        if (document.hasBegun()) {
                            stage.hide();
                        } else {
                            end();
                            finished.run();
                        }
                    }

                    @Override
                    public void finished() {
                        end();
                        finished.run();
                    }
                },
                faults);
        Scene scene = new Scene(view, 1280, 800);
        Bindings.bindContent(scene.getStylesheets(), sheets);
        stage.setTitle(document.planned().title());
        stage.setScene(scene);
        stage.setFullScreenExitHint("");
        stage.setFullScreenExitKeyCombination(javafx.scene.input.KeyCombination.NO_MATCH);
        stage.setFullScreen(true);
        ticking = new Timeline(new KeyFrame(Duration.millis(TICK_MILLIS), e -> view.tick()));
        ticking.setCycleCount(Animation.INDEFINITE);
        ticking.play();
    }

    public void show() {
        stage.show();
        stage.toFront();
        view.requestFocus();
    }

    public RunDocument document() {
        return document;
    }

    public Stage stage() {
        return stage;
    }

    private void end() {
        ticking.stop();
        view.close();
        stage.close();
    }

    /** The program ends: the run can be gone on with. */
    public void leave() {
        end();
        document.leave();
    }
}
