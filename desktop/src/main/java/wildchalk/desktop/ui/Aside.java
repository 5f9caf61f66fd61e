package wildchalk.desktop.ui;

import java.io.IOException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ExecutionException;
import javafx.application.Platform;

/**
 * Waits for something that reads or writes files without holding up the window: whoever asks goes on when it is done, the window
 * goes on meanwhile. For what is usually over at once and may not be stopped; what can be stopped is an {@link Errand}.
 */
public final class Aside {

    /** What is done; it knows nothing of the window. */
    public interface Work<R> {
        R run() throws IOException;
    }

    private Aside() {}

    /** @return what was made, once it is */
    public static <R> R call(Work<R> work) throws IOException {
        if (!Platform.isFxApplicationThread() || !Platform.canStartNestedEventLoop()) {
            return work.run();
        }
        Object loop = new Object();
        CompletableFuture<R> answer = new CompletableFuture<>();
        // no daemon: whoever leaves meanwhile does not cut it off
        new Thread(
                        () -> {
                            try {
                                answer.complete(work.run());
                            } catch (IOException | RuntimeException | Error why) {
                                answer.completeExceptionally(why);
                            }
                            Platform.runLater(() -> Platform.exitNestedEventLoop(loop, null));
                        },
                        "wildchalk-aside")
                .start();
        Platform.enterNestedEventLoop(loop);
        try {
            return answer.get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException("This was interrupted; do it again.", e);
        } catch (ExecutionException e) {
            if (e.getCause() instanceof IOException why) {
                throw why;
            } else if (e.getCause() instanceof RuntimeException why) {
                throw why;
            }
            throw new CompletionException(e.getCause());
        }
    }
}
