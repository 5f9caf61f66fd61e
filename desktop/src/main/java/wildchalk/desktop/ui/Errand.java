package wildchalk.desktop.ui;

import java.io.IOException;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.beans.value.ChangeListener;
import javafx.concurrent.Task;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.ProgressBar;
import javafx.stage.Window;
import javafx.util.Duration;
import wildchalk.core.progress.Progress;

/**
 * Something that may take long, done beside the window. What is over within half a second shows nothing; after that there is a
 * bar, and a button that stops it.
 *
 * @param <T> what it gives
 */
public final class Errand<T> {

    private static final Duration PATIENCE = Duration.millis(500);

    /** The work itself; it asks the progress now and then, and ends with a {@link CancellationException} when it may not go on. */
    public interface Work<T> {
        T run(Progress progress) throws IOException;
    }

    private final Task<T> task;
    private Optional<Dialog<ButtonType>> dialog = Optional.empty();
    private final PauseTransition patience = new PauseTransition(PATIENCE);
    private final Window owner;
    /** Whoever closes the window waits for nothing of it any more. */
    private final ChangeListener<Boolean> leaving = (o, was, is) -> {
        if (!is) {
            leave();
        }
    };

    private boolean left;

    private Errand(Window owner, String what, Work<T> work) {
        this.owner = owner;
        task = new Task<>() {
            @Override
            protected T call() throws IOException {
                T made = work.run(fraction -> {
                    updateProgress(fraction, 1);
                    return !isCancelled();
                });
                if (isCancelled()) {
                    throw new CancellationException();
                }
                return made;
            }
        };
        patience.setOnFinished(e -> {
            if (task.isRunning()) {
                dialog = Optional.of(progress(owner, what));
                dialog.get().show();
            }
        });
    }

    private Dialog<ButtonType> progress(Window owner, String what) {
        ProgressBar bar = new ProgressBar();
        bar.setPrefWidth(360);
        bar.progressProperty().bind(task.progressProperty());
        Dialog<ButtonType> shown = Dialogs.dress(new Dialog<ButtonType>(), owner);
        shown.setHeaderText(what);
        shown.getDialogPane().setContent(bar);
        shown.getDialogPane()
                .getButtonTypes()
                .add(new ButtonType(Ui.text("errand.stop"), ButtonBar.ButtonData.CANCEL_CLOSE));
        shown.setOnHidden(e -> {
            if (task.isRunning()) {
                task.cancel(false);
            }
        });
        return shown;
    }

    /**
     * Runs it; one of the three answers comes on the FX thread.
     *
     * @param owner of the bar
     * @param what is being done, in words
     * @param done takes what was made
     * @param failed takes what went wrong
     * @param stopped when somebody has stopped it: nothing was made
     */
    public static <T> void run(
            Window owner, String what, Work<T> work, Consumer<T> done, Consumer<Throwable> failed, Runnable stopped) {
        Errand<T> errand = new Errand<>(owner, what, work);
        errand.task.setOnSucceeded(e -> errand.end(() -> done.accept(errand.task.getValue())));
        errand.task.setOnCancelled(e -> errand.end(stopped));
        errand.task.setOnFailed(e -> errand.end(() -> {
            Throwable why = errand.task.getException();
            if (why instanceof CancellationException) {
                stopped.run();
            } else {
                failed.accept(why);
            }
        }));
        Thread thread = new Thread(errand.task, "wildchalk-errand");
        thread.setDaemon(true);
        thread.start();
        errand.patience.play();
        owner.showingProperty().addListener(errand.leaving);
    }

    private void leave() {
        left = true;
        patience.stop();
        dialog.ifPresent(Dialog::close);
        task.cancel(false);
    }

    private void end(Runnable then) {
        patience.stop();
        owner.showingProperty().removeListener(leaving);
        dialog.ifPresent(Dialog::close);
        if (!left) {
            then.run();
        }
    }
}
